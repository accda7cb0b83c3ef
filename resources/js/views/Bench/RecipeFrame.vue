<script setup lang="ts">
import { t } from '@/i18n'
import CupboardLine from './CupboardLine.vue'
import type { Bench, Offer, RecipeBody } from '@/api/client'
import { useGarden } from '@/stores/garden'
import { computed, watch } from 'vue'

/** The recipe's base, basis and use: what the lines are added to. */
const recipe = defineModel<RecipeBody>({ required: true })
/** Which line of the recipe is open: only one at a time. */
const open = defineModel<number | 'base' | null>('open', { required: true })
const props = defineProps<{ bench: Bench | null; errors: Record<string, string> }>()
const emit = defineEmits<{ swap: [offer: Offer] }>()

const store = useGarden()
const liquids = computed(() => store.knowledge.ingredients.filter((i) => i.is_liquid))
const uses: { value: RecipeBody['use']; label: string }[] = [
  { value: 'foliar', label: t('bench.recipe-frame.sprayed-leaves') },
  { value: 'drench', label: t('bench.recipe-frame.poured-roots') },
  { value: 'weed', label: t('bench.recipe-frame.against-weeds') },
  { value: 'dip', label: t('bench.recipe-frame.dipped') },
  { value: 'wipe', label: t('bench.recipe-frame.wiped') },
  { value: 'disinfect', label: t('bench.recipe-frame.tools-pots') },
]
const error = (field: string) => props.errors[`recipe.${field}`]

const usedAs = computed(() => uses.find((one) => one.value === recipe.value.use)?.label ?? '')
const liquidName = computed(() => store.knowledge.ingredients.find((one) => one.id === recipe.value.base.liquid)?.name ?? '')
watch(
  () => Object.keys(props.errors).some((field) => field.startsWith('recipe.base.')),
  (wrong) => {
    if (wrong) open.value = 'base'
  },
)

function setBaseStrength(text: string): void {
  if (text.trim() === '') delete recipe.value.base.strength
  else recipe.value.base.strength = text
}
</script>

<template>
  <div class="frame" :class="{ open: open === 'base' }" role="group" :aria-label="t('bench.recipe-frame.base-liquid')">
    <button
      type="button"
      class="read"
      :aria-expanded="open === 'base'"
      :aria-label="t('bench.recipe-frame.change', { name: liquidName })"
      @click="open = open === 'base' ? null : 'base'"
    >
      <span>{{ bench?.base_name ?? liquidName }}</span>
      <strong>{{ bench?.base_precise ?? recipe.base.amount }}</strong>
      <span class="soft small">{{ usedAs }}</span>
      <span class="soft small right">{{ recipe.base.basis === 'final' ? t('bench.recipe-frame.topped-up') : t('bench.recipe-frame.poured') }}</span>
    </button>
    <div v-show="open === 'base'" class="edit">
      <label class="typed">
        <span class="soft small">{{ t('bench.recipe-frame.used') }}</span>
        <select v-model="recipe.use" class="native" :aria-label="t('bench.recipe-frame.used-2')">
          <option v-for="option in uses" :key="option.value" :value="option.value">{{ option.label }}</option>
        </select>
      </label>
      <div class="row">
        <label class="typed liquid">
          <span class="soft small">{{ t('bench.recipe-frame.base') }}</span>
          <select v-model="recipe.base.liquid" class="native" :aria-label="t('bench.recipe-frame.base-liquid')">
            <option v-for="liquid in liquids" :key="liquid.id" :value="liquid.id">{{ liquid.name }}</option>
          </select>
        </label>
      </div>
      <div class="row">
        <label class="typed">
          <span class="soft small">{{ t('bench.recipe-frame.as-written') }}</span>
          <input
            v-model="recipe.base.amount"
            class="native"
            autocomplete="off"
            :aria-label="t('bench.recipe-frame.amount-base')"
            :aria-invalid="error('base.amount') ? 'true' : undefined"
            :aria-describedby="error('base.amount') ? 'error-base' : undefined"
          />
        </label>
        <label class="typed">
          <span class="soft small">{{ t('bench.recipe-frame.which-means') }}</span>
          <select v-model="recipe.base.basis" class="native" :aria-label="t('bench.recipe-frame.basis')">
            <option value="added">{{ t('bench.recipe-frame.poured') }}</option>
            <option value="final">{{ t('bench.recipe-frame.topped-up') }}</option>
          </select>
        </label>
      </div>
      <label v-if="recipe.base.liquid !== 'water'" class="typed">
        <span class="soft small">{{ t('bench.recipe-frame.strength-base') }}</span>
        <input
          class="native"
          autocomplete="off"
          :value="recipe.base.strength ?? ''"
          :aria-label="t('bench.recipe-frame.strength-base-2')"
          @input="setBaseStrength(($event.target as HTMLInputElement).value)"
        />
      </label>
      <cupboard-line
        v-if="recipe.base.liquid !== 'water'"
        :offers="bench?.base_offers ?? []"
        :label="t('bench.recipe-frame.base-2')"
        @pick="emit('swap', $event)"
      />
      <p v-if="error('base.amount')" id="error-base" class="field-error">{{ error('base.amount') }}</p>
      <p v-if="error('base.liquid')" class="field-error">{{ error('base.liquid') }}</p>
      <p v-if="error('base.strength')" class="field-error">{{ error('base.strength') }}</p>
    </div>
  </div>
</template>

<style scoped>
.frame { display: grid; }
.frame.open { border: 2px solid var(--leaf); border-radius: var(--radius-m); background: var(--paper); }
.read {
  display: grid; grid-template-columns: minmax(48%, 1fr) auto; gap: 0 var(--space-6); align-items: baseline; min-height: var(--finger); padding:
  var(--space-5) var(--space-4); border: 0; background: none; cursor: pointer; text-align: left; font: inherit; color: inherit; width: 100%;
}
.read:hover { background: var(--mist); }
.read .right, .read strong { text-align: right; }
.edit { display: grid; gap: var(--space-3); padding: 0 var(--space-5) var(--space-6); }
.row { display: grid; grid-template-columns: minmax(0, 1fr) minmax(0, 1fr); gap: var(--space-3) var(--space-5); align-items: end; }
.liquid { grid-column: 1 / -1; }
.typed { display: grid; gap: 1px; }
</style>
