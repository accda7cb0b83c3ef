<script setup lang="ts">
import { t } from '@/i18n'
import CupboardLine from './CupboardLine.vue'
import JarLine from './JarLine.vue'
import type { Bench, Offer, RecipeBody } from '@/api/client'
import { useGarden } from '@/stores/garden'
import { NButton, NSelect } from 'naive-ui'
import { computed, watch } from 'vue'

const recipe = defineModel<RecipeBody>({ required: true })
/** Which is open: only one at a time. */
const open = defineModel<number | 'base' | null>('open', { required: true })
const props = defineProps<{ bench: Bench | null; errors: Record<string, string> }>()
const emit = defineEmits<{ swap: [line: number, offer: Offer] }>()

const store = useGarden()
const options = computed(() =>
  store.knowledge.ingredients.map((i) => ({ value: i.id, label: i.name, also: `${i.name} ${i.also}`.toLowerCase() })),
)
const usual = computed(() => new Map(store.knowledge.ingredients.map((i) => [i.id, i.strength])))

/** What nothing is known of, by the name it is given. */
const OTHER = 'other'

const error = (field: string) => props.errors[`recipe.${field}`]
/** Ingredients may share a name with several words; all of them must be found. */
const matches = (pattern: string, option: object) => {
  const also = 'also' in option && typeof option.also === 'string' ? option.also : ''
  return pattern
    .toLowerCase()
    .split(/\s+/)
    .every((word) => also.includes(word))
}

function worked(n: number) {
  const line = props.bench?.lines[n]
  return line && (line.ingredient === recipe.value.ingredients[n]?.ingredient || line.ingredient === 'other-solid') ? line : undefined
}
function setStrength(n: number, text: string): void {
  const line = recipe.value.ingredients[n]
  if (!line) return
  if (text.trim() === '') delete line.strength
  else line.strength = text
}
function setJar(n: number, id: string): void {
  const line = recipe.value.ingredients[n]
  if (!line) return
  if (id === '') delete line.preparation
  else {
    // A jar brings its own strength.
    delete line.strength
    line.preparation = id
  }
}
/** Whether the recipe itself says how that is made. */
const carries = (id: string | null | undefined) => (recipe.value.preparations ?? []).some((one) => one.id === id)
/** A jar belongs to its ingredient. */
function setIngredient(n: number, id: string): void {
  const line = recipe.value.ingredients[n]
  if (!line) return
  line.ingredient = id
  delete line.preparation
  delete line.name
  delete line.form
  delete line.density
}
function setForm(n: number, form: string): void {
  const line = recipe.value.ingredients[n]
  if (!line) return
  if (form === 'liquid' || form === 'solid') line.form = form
  else delete line.form
}
function add(): void {
  recipe.value.ingredients.push({ ingredient: 'baking-soda', amount: '1 tsp' })
  open.value = recipe.value.ingredients.length - 1
}
function remove(n: number): void {
  recipe.value.ingredients.splice(n, 1)
  open.value = null
}
const nameOf = (n: number) => {
  const line = recipe.value.ingredients[n]!
  return line.name ?? worked(n)?.name ?? store.knowledge.ingredients.find((one) => one.id === line.ingredient)?.name ?? line.ingredient
}
/** What is wrong with a line is said where it can be put right. */
const isWrong = (n: number) => Object.keys(props.errors).some((field) => field.startsWith(`recipe.ingredients.${n}.`))
watch(
  () => recipe.value.ingredients.findIndex((_, n) => isWrong(n)),
  (wrong) => {
    if (wrong >= 0) open.value = wrong
  },
)
const jobOf = (n: number) => props.bench?.safety?.jobs.find((job) => job.line === n)?.job
</script>

<template>
  <div class="lines">
    <div
      v-for="(line, n) in recipe.ingredients"
      :key="n"
      class="line"
      :class="{ open: open === n }"
      role="group"
      :aria-label="t('bench.recipe-lines.ingredient', { n: n + 1 })"
    >
      <button
        type="button"
        class="read"
        :aria-expanded="open === n"
        :aria-label="t('bench.recipe-lines.change', { n: n + 1, name: nameOf(n) })"
        @click="open = open === n ? null : n"
      >
        <span class="name">{{ nameOf(n) }}</span>
        <strong>{{ worked(n)?.precise ?? line.amount }}</strong>
        <span class="soft small">{{ jobOf(n) }}</span>
        <span class="soft small right">{{ worked(n)?.measure }}</span>
      </button>
      <p v-if="open !== n && worked(n)?.stock" class="wide small stock">{{ worked(n)?.stock }}</p>
      <p v-else-if="open !== n && worked(n)?.measure_is_near === false" class="wide small stock">
        {{ t('bench.recipe-lines.tools-measure-only', { measureWorstPercent: Math.round(worked(n)?.measure_worst_percent ?? 0) }) }}
      </p>
      <div v-show="open === n" class="edit">
        <div class="first">
          <n-select
            :value="line.ingredient"
            class="which"
            filterable
            :filter="matches"
            :options="options"
            :input-props="{ 'aria-label': t('bench.recipe-lines.ingredient', { n: n + 1 }) }"
            @update:value="(id: string) => setIngredient(n, id)"
          />
        </div>
        <template v-if="line.ingredient === OTHER">
          <label class="typed">
            <span class="soft small">{{ t('bench.recipe-lines.what-called') }}</span>
            <input
              v-model="line.name"
              class="native"
              autocomplete="off"
              :placeholder="t('bench.recipe-lines.like-beer')"
              :aria-label="t('bench.recipe-lines.name-ingredient', { n: n + 1 })"
              :aria-invalid="error(`ingredients.${n}.name`) ? 'true' : undefined"
            />
          </label>
          <label class="typed">
            <span class="soft small">{{ t('bench.recipe-lines.form') }}</span>
            <select
              class="native"
              :value="line.form ?? ''"
              :aria-label="t('bench.recipe-lines.form-ingredient', { n: n + 1 })"
              @change="setForm(n, ($event.target as HTMLSelectElement).value)"
            >
              <option value="">{{ t('bench.recipe-lines.as-it-sounds') }}</option>
              <option value="liquid">{{ t('bench.recipe-lines.liquid') }}</option>
              <option value="solid">{{ t('bench.recipe-lines.solid') }}</option>
            </select>
          </label>
        </template>
        <p v-if="worked(n)?.both_ways" class="wide soft small">{{ worked(n)?.both_ways }}</p>
        <label class="typed">
          <span class="soft small">{{ t('bench.recipe-lines.as-written') }}</span>
          <input
            v-model="line.amount"
            class="native"
            autocomplete="off"
            :aria-label="t('bench.recipe-lines.amount-ingredient', { n: n + 1 })"
            :aria-invalid="error(`ingredients.${n}.amount`) ? 'true' : undefined"
            :aria-describedby="error(`ingredients.${n}.amount`) ? `error-amount-${n}` : undefined"
          />
        </label>
        <label class="typed">
          <span class="soft small">{{ t('bench.recipe-lines.strength') }}</span>
          <input
            class="native"
            autocomplete="off"
            :value="line.strength ?? ''"
            :placeholder="usual.get(line.ingredient)"
            :aria-label="t('bench.recipe-lines.strength-ingredient', { n: n + 1 })"
            :aria-invalid="error(`ingredients.${n}.strength`) ? 'true' : undefined"
            @input="setStrength(n, ($event.target as HTMLInputElement).value)"
          />
        </label>
        <n-button
          class="out"
          quaternary
          size="small"
          :aria-label="t('bench.recipe-lines.take-out-ingredient', { n: n + 1 })"
          @click="remove(n)"
        >
          <svg viewBox="0 0 20 20" width="18" height="18" aria-hidden="true">
            <path d="M5 5l10 10M15 5L5 15" stroke="currentColor" stroke-width="2" stroke-linecap="round" />
          </svg>
        </n-button>
        <jar-line
          v-if="worked(n)"
          class="wide"
          :line="worked(n)!"
          :label="t('bench.recipe-lines.ingredient-2', { n: n + 1 })"
          :error="error(`ingredients.${n}.preparation`)"
          :carried="carries(worked(n)?.preparation)"
          @pick="setJar(n, $event)"
        />
        <cupboard-line
          v-if="!worked(n)?.preparation"
          class="wide"
          :offers="worked(n)?.offers ?? []"
          :label="t('bench.recipe-lines.ingredient-2', { n: n + 1 })"
          @pick="emit('swap', n, $event)"
        />
        <p v-if="worked(n)?.stock" class="wide small stock">{{ worked(n)?.stock }}</p>
        <p v-else-if="worked(n)?.measure_is_near === false" class="wide small stock">
          {{ t('bench.recipe-lines.tools-measure-only', { measureWorstPercent: Math.round(worked(n)?.measure_worst_percent ?? 0) }) }}
        </p>
        <p v-if="error(`ingredients.${n}.name`)" class="field-error">{{ error(`ingredients.${n}.name`) }}</p>
        <p v-if="error(`ingredients.${n}.ingredient`)" class="field-error">{{ error(`ingredients.${n}.ingredient`) }}</p>
        <p v-if="error(`ingredients.${n}.amount`)" :id="`error-amount-${n}`" class="field-error">{{ error(`ingredients.${n}.amount`) }}</p>
        <p v-if="error(`ingredients.${n}.strength`)" class="field-error">{{ error(`ingredients.${n}.strength`) }}</p>
      </div>
    </div>
    <n-button dashed block @click="add">{{ t('bench.recipe-lines.add-ingredient') }}</n-button>
  </div>
</template>

<style scoped>
.line { border-top: 1px solid var(--line); display: grid; }
.line.open { border: 2px solid var(--leaf); border-radius: var(--radius-m); background: var(--paper); }
.read {
  display: grid; grid-template-columns: minmax(48%, 1fr) auto; gap: 0 var(--space-6); align-items: baseline; min-height: var(--finger); padding:
  var(--space-5) var(--space-4); border: 0; background: none; cursor: pointer; text-align: left; font: inherit; color: inherit; width: 100%;
}
.read:hover { background: var(--mist); }
.read .right, .read strong { text-align: right; }
.read .name { overflow-wrap: anywhere; }
.edit {
  display: grid; grid-template-columns: minmax(0, 1fr) minmax(0, 1fr) 40px; gap: var(--space-3) var(--space-5); padding: 0 var(--space-5)
  var(--space-6); align-items: end;
}
.first { grid-column: 1 / 4; }
.which { min-width: 0; }
.typed { display: grid; gap: 1px; }
.out { padding: 0; width: 40px; height: 44px; }
.field-error, .wide { grid-column: 1 / 4; }
.line > .stock { margin: 0 var(--space-4) var(--space-4); }
.stock { border-left: 3px solid var(--brass); padding-left: var(--space-5); }
</style>
