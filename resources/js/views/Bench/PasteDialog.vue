<script setup lang="ts">
import { t } from '@/i18n'
import AppField from '@/parts/AppField.vue'
import AppDialog from '@/parts/AppDialog.vue'
import { api, take, type Reading, type RecipeBody, type Schemas, type Span } from '@/api/client'
import { useGarden } from '@/stores/garden'
import { useReadAsTyped } from '@/composables/useReadAsTyped'
import { useAnswers } from './useAnswers'
import { useLocalStorage } from '@vueuse/core'
import { NButton } from 'naive-ui'
import { computed, useTemplateRef, watch } from 'vue'

/** A recipe as somebody wrote it: the text with what was understood marked in it, and the recipe that it comes to. */
const shown = defineModel<boolean>('shown', { required: true })
const emit = defineEmits<{ take: [body: RecipeBody, plants: string[]] }>()

const store = useGarden()
/** Kept on this device until it is taken. */
const text = useLocalStorage('nebbia.pasted', '')
const { reading, error, read, pieces } = useReadAsTyped<Reading, Span>(
  text,
  (asked) => take(api.POST('/api/gardens/{garden}/read', { params: { path: { garden: store.id } }, body: { text: asked } })),
  (answer) => answer.understood,
)
watch(shown, (now) => {
  if (now) void read()
})

const doubts = computed(() => reading.value?.doubts ?? [])
const { answer, forget, asLastTime } = useAnswers(text, doubts)
const area = useTemplateRef<HTMLTextAreaElement>('area')
/** What was read wrongly is put right where it stands: its words are chosen, to be written over. */
function choose(place: Span): void {
  const before = [...text.value].slice(0, place.start).join('').length
  area.value?.focus()
  area.value?.setSelectionRange(before, before + place.text.length)
}
const stocks = computed(() => reading.value?.recipe.preparations ?? [])
/** "100 g garlic in 1 L": what goes into the stock. */
function madeOf(stock: Record<string, unknown>): string {
  const { base, ingredients } = stock as Pick<Schemas['ReadRecipeBody'], 'ingredients'> & { base?: { amount: string | null } }
  const lines = ingredients.map((line) => `${line.amount ?? '?'} ${nameOf(line)}`).join(', ')
  return base?.amount ? t('bench.paste-dialog.in-volume', { lines, volume: base.amount }) : lines
}
const often = computed(() => reading.value?.understood.find((one) => one.kind === 'repeat')?.what ?? '')
const plants = computed(() =>
  (reading.value?.recipe.plants ?? []).map((id) => store.knowledge.plants.find((one) => one.id === id)?.name.toLowerCase() ?? id),
)
const nameOf = (line: Schemas['ReadRecipeBody']['ingredients'][number]) =>
  line.name ?? (line.ingredient ? names.value.get(line.ingredient)?.toLowerCase() : t('bench.paste-dialog.something-not-known'))

const names = computed(() => new Map(store.knowledge.ingredients.map((one) => [one.id, one.name])))
const uses: Record<string, string> = {
  foliar: t('bench.paste-dialog.sprayed-leaves'),
  drench: t('bench.paste-dialog.poured-roots'),
  weed: t('bench.paste-dialog.against-weeds'),
  dip: 'dipped',
  wipe: t('bench.paste-dialog.wiped'),
  disinfect: t('bench.paste-dialog.tools-pots'),
}
const hasSomething = computed(
  () => (reading.value?.recipe.ingredients.length ?? 0) > 0 || (reading.value?.recipe.base.amount ?? null) !== null,
)

function accept(): void {
  const recipe = reading.value?.recipe
  if (!recipe) return
  const body: RecipeBody = {
    format: 'nebbia.recipe/1',
    name: '',
    use: (recipe.use ?? 'foliar') as RecipeBody['use'],
    units: recipe.units as RecipeBody['units'],
    base: {
      amount: recipe.base.amount ?? '',
      basis: recipe.base.basis as RecipeBody['base']['basis'],
      liquid: recipe.base.liquid,
      ...(recipe.base.strength ? { strength: recipe.base.strength } : {}),
      ...(recipe.base.preparation ? { preparation: recipe.base.preparation } : {}),
    },
    ingredients: recipe.ingredients.map((line) => ({
      ingredient: line.ingredient ?? '',
      amount: line.amount ?? '',
      ...(line.strength ? { strength: line.strength } : {}),
      ...(line.name ? { name: line.name } : {}),
      ...(line.preparation ? { preparation: line.preparation } : {}),
    })),
    ...(stocks.value.length ? { preparations: stocks.value } : {}),
    ...(recipe.repeat
      ? { repeat: { every_days: recipe.repeat.every_days, ...(recipe.repeat.times ? { times: recipe.repeat.times } : {}) } }
      : {}),
    ...(recipe.targets ? { targets: recipe.targets } : {}),
  }
  const spokenOf = reading.value?.planting_ids ?? []
  shown.value = false
  text.value = ''
  emit('take', body, spokenOf)
}
</script>

<template>
  <app-dialog v-model:shown="shown" :title="t('bench.paste-dialog.paste-recipe')" :width="980">
    <div class="sides">
      <div class="left">
        <app-field v-slot="field" :label="t('bench.paste-dialog.as-was-written')" :error="error">
          <textarea v-bind="field" ref="area" v-model="text" rows="5" :placeholder="t('bench.paste-dialog.half-teaspoon-washing')" />
        </app-field>
        <p v-if="reading" class="marked" :aria-label="t('bench.paste-dialog.text-what-was')">
          <template v-for="(piece, n) in pieces" :key="n">
            <mark
              v-if="piece.place"
              :class="piece.place.kind"
              :title="piece.place.what"
              role="button"
              tabindex="0"
              @click="choose(piece.place)"
              @keydown.enter="choose(piece.place)"
            >{{ piece.text }}</mark>
            <template v-else>{{ piece.text }}</template>
          </template>
        </p>
        <p v-if="reading" class="soft small">{{ t('bench.paste-dialog.underlined-what-recipe') }}</p>
      </div>
      <div class="right" aria-live="polite">
        <template v-if="reading">
          <h3>{{ t('bench.paste-dialog.understood') }}</h3>
          <ul class="recipe">
            <li v-for="stock in stocks" :key="String(stock.id)" class="stock">
              {{ t('bench.paste-dialog.first-a-stock', { what: madeOf(stock) }) }}
            </li>
            <li>
              <strong>{{ reading.recipe.base.amount ?? '?' }}</strong> {{ names.get(reading.recipe.base.liquid)?.toLowerCase() }},
              {{ reading.recipe.base.basis === 'final' ? t('bench.paste-dialog.topped-up') : t('bench.paste-dialog.poured') }}
            </li>
            <li v-for="(line, n) in reading.recipe.ingredients" :key="n">
              <strong>{{ line.amount ?? '?' }}</strong>
              {{ nameOf(line) }}<template v-if="line.strength">, {{ line.strength }}</template>
            </li>
            <li>
              {{ reading.recipe.use ? uses[reading.recipe.use] : t('bench.paste-dialog.what-does-not')
              }}<template v-if="reading.recipe.repeat">
                {{ t('bench.paste-dialog.how-often', { often: often.toLowerCase() })
                }}<template v-if="reading.recipe.repeat.times">
                  {{
                    t('bench.paste-dialog.times', { times: reading.recipe.repeat.times })
                  }}
                </template>
              </template>
            </li>
          </ul>
          <p v-if="plants.length" class="soft">{{ t('bench.paste-dialog.for-plants', { plants: plants.join(', ') }) }}</p>
          <template v-if="doubts.length">
            <h3>{{ t('bench.paste-dialog.look-again-at') }}</h3>
            <ul class="doubts">
              <li v-for="(doubt, n) in doubts" :key="n">
                {{ doubt.what }}
                <div v-if="doubt.answers?.length" class="answers">
                  <n-button v-for="one in doubt.answers" :key="one.text" size="small" @click="answer(doubt, one)">{{ one.label }}</n-button>
                </div>
              </li>
            </ul>
          </template>
          <ul v-if="asLastTime.length" class="last-time small">
            <li v-for="one in asLastTime" :key="one.key">
              {{ t('bench.paste-dialog.as-last-time', { text: one.text, label: one.label }) }}
              <n-button size="tiny" @click="forget(one)">{{ t('bench.paste-dialog.ask-again') }}</n-button>
            </li>
          </ul>
        </template>
        <p v-else class="soft">{{ t('bench.paste-dialog.paste-type-recipe') }}</p>
      </div>
    </div>
    <div class="actions">
      <n-button type="primary" :disabled="!hasSomething" @click="accept">{{ t('bench.paste-dialog.take-bench') }}</n-button>
      <n-button @click="shown = false">{{ t('bench.paste-dialog.not-now') }}</n-button>
    </div>
  </app-dialog>
</template>

<style scoped>
.sides {
  display: grid; gap: var(--space-8) var(--space-9); grid-template-columns: repeat(auto-fit, minmax(min(320px, 100%), 1fr)); align-items:
  start;
}
.left, .right { display: grid; gap: var(--space-5); grid-template-columns: minmax(0, 1fr); }
.marked {
  font-size: var(--text-l); line-height: 1.75; white-space: pre-wrap; overflow-wrap: anywhere; background: var(--page); border-radius:
  var(--radius-m); padding: var(--space-5) var(--space-6);
}
mark {
  background: var(--leaf-wash); color: var(--ink); border-bottom: 2px solid var(--leaf); border-radius: var(--radius-s); padding: 1px
  var(--space-1);
}
mark.amount, mark.strength, mark.base, mark.volume { background: var(--brass-wash); border-bottom-color: var(--brass); }
/* Understood, but no part of the recipe: a broken line, so that nobody takes it for an ingredient. */
mark.stock, mark.thinned, mark.left-out { background: none; border-bottom: 2px dashed var(--soft); }
mark.use, mark.repeat, mark.times, mark.time, mark.target, mark.plant { background: var(--water-wash); border-bottom-color: var(--water); }
.recipe { list-style: none; margin: 0; padding: 0; }
.recipe li { border-top: 1px solid var(--line); padding: var(--space-3) 0; }
.recipe strong { font-size: var(--text-l); }
.recipe .stock { color: var(--soft); }
mark { cursor: text; }
.last-time { list-style: none; margin: 0; padding: 0; display: grid; gap: var(--space-3); color: var(--soft); }
.answers { display: flex; flex-wrap: wrap; gap: var(--space-3); margin-top: var(--space-3); }
.last-time li { display: flex; flex-wrap: wrap; gap: var(--space-4); align-items: center; }
.doubts { margin: 0; padding: 0; list-style: none; display: grid; gap: var(--space-3); }
.doubts li { border-left: 3px solid var(--brass); padding-left: var(--space-5); }
</style>
