<script setup lang="ts">
import { t } from '@/i18n'
import AppDialog from '@/parts/AppDialog.vue'
import { api, take, type Reading, type RecipeBody, type Span } from '@/api/client'
import { useGarden } from '@/stores/garden'
import { useReadAsTyped } from '@/stores/readAsTyped'
import { useLocalStorage } from '@vueuse/core'
import { NButton } from 'naive-ui'
import { computed, watch } from 'vue'

/** A recipe as somebody wrote it: the text with what was understood marked in it, and the recipe that it comes to. */
const shown = defineModel<boolean>('shown', { required: true })
const emit = defineEmits<{ take: [body: RecipeBody] }>()

const store = useGarden()
/** Kept on this device until it is taken. */
const text = useLocalStorage('nebbia.pasted', '')
const { reading, error, read, pieces } = useReadAsTyped<Reading, Span>(
  text, (asked) => take(api.POST('/api/gardens/{garden}/read', { params: { path: { garden: store.id } }, body: { text: asked } })), (answer) => answer.understood,
)
watch(shown, (now) => { if (now) void read() })

const names = computed(() => new Map(store.knowledge.ingredients.map((one) => [one.id, one.name])))
const uses: Record<string, string> = { foliar: t('bench.paste-dialog.sprayed-leaves'), drench: t('bench.paste-dialog.poured-roots'), weed: t('bench.paste-dialog.against-weeds'), dip: 'dipped', wipe: t('bench.paste-dialog.wiped'), disinfect: t('bench.paste-dialog.tools-pots') }
const hasSomething = computed(() => (reading.value?.recipe.ingredients.length ?? 0) > 0 || (reading.value?.recipe.base.amount ?? null) !== null)

function accept(): void {
  const recipe = reading.value?.recipe
  if (!recipe) return
  const body: RecipeBody = {
    format: 'nebbia.recipe/1', name: '', use: (recipe.use ?? 'foliar') as RecipeBody['use'], units: recipe.units as RecipeBody['units'],
    base: { amount: recipe.base.amount ?? '', basis: recipe.base.basis as RecipeBody['base']['basis'], liquid: recipe.base.liquid, ...(recipe.base.strength ? { strength: recipe.base.strength } : {}) },
    ingredients: recipe.ingredients.map((line) => ({ ingredient: line.ingredient ?? '', amount: line.amount ?? '', ...(line.strength ? { strength: line.strength } : {}) })),
    ...(recipe.repeat ? { repeat: { every_days: recipe.repeat.every_days, ...(recipe.repeat.times ? { times: recipe.repeat.times } : {}) } } : {}),
    ...(recipe.targets ? { targets: recipe.targets } : {}),
  }
  shown.value = false
  text.value = ''
  emit('take', body)
}
</script>

<template>
  <app-dialog v-model:shown="shown" :title="t('bench.paste-dialog.paste-recipe')" :width="980">
    <div class="sides">
      <div class="left">
        <label class="field"><span class="label">{{ t('bench.paste-dialog.as-was-written') }}</span>
          <textarea v-model="text" class="native" rows="5" :placeholder="t('bench.paste-dialog.half-teaspoon-washing')" :aria-invalid="error ? 'true' : undefined" />
        </label>
        <p v-if="error" class="field-error">{{ error }}</p>
        <p v-if="reading" class="marked" :aria-label="t('bench.paste-dialog.text-what-was')"><template v-for="(piece, n) in pieces" :key="n"><mark v-if="piece.place" :class="piece.place.kind" :title="piece.place.what">{{ piece.text }}</mark><template v-else>{{ piece.text }}</template></template></p>
        <p v-if="reading" class="soft small">{{ t('bench.paste-dialog.underlined-what-recipe') }}</p>
      </div>
      <div class="right" aria-live="polite">
        <template v-if="reading">
          <h3>{{ t('bench.paste-dialog.understood') }}</h3>
          <ul class="recipe">
            <li><strong>{{ reading.recipe.base.amount ?? '?' }}</strong> {{ names.get(reading.recipe.base.liquid)?.toLowerCase() }}, {{ reading.recipe.base.basis === 'final' ? t('bench.paste-dialog.topped-up') : t('bench.paste-dialog.poured') }}</li>
            <li v-for="(line, n) in reading.recipe.ingredients" :key="n"><strong>{{ line.amount ?? '?' }}</strong> {{ line.ingredient ? names.get(line.ingredient)?.toLowerCase() : t('bench.paste-dialog.something-not-known') }}<template v-if="line.strength">, {{ line.strength }}</template></li>
            <li>{{ reading.recipe.use ? uses[reading.recipe.use] : t('bench.paste-dialog.what-does-not') }}<template v-if="reading.recipe.repeat">{{ t('bench.paste-dialog.every-days', { everyDays: reading.recipe.repeat.every_days }) }}<template v-if="reading.recipe.repeat.times">{{ t('bench.paste-dialog.times', { times: reading.recipe.repeat.times }) }}</template></template></li>
          </ul>
          <template v-if="reading.doubts.length">
            <h3>{{ t('bench.paste-dialog.look-again-at') }}</h3>
            <ul class="doubts"><li v-for="(doubt, n) in reading.doubts" :key="n">{{ doubt.what }}</li></ul>
          </template>
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
.sides { display: grid; gap: 20px 28px; grid-template-columns: repeat(auto-fit, minmax(min(320px, 100%), 1fr)); align-items: start; }
.left, .right { display: grid; gap: 10px; grid-template-columns: minmax(0, 1fr); }
.marked { font-size: 17px; line-height: 1.75; white-space: pre-wrap; overflow-wrap: anywhere; background: var(--page); border-radius: 8px; padding: 10px 14px; }
mark { background: var(--leaf-wash); color: var(--ink); border-bottom: 2px solid var(--leaf); border-radius: 3px; padding: 1px 2px; }
mark.amount, mark.strength, mark.base, mark.volume { background: var(--brass-wash); border-bottom-color: var(--brass); }
/* Understood, but no part of the recipe: a broken line, so that nobody takes it for an ingredient. */
mark.stock, mark.thinned, mark.left-out { background: none; border-bottom: 2px dashed var(--soft); }
mark.use, mark.repeat, mark.times, mark.time, mark.target { background: var(--water-wash); border-bottom-color: var(--water); }
.recipe { list-style: none; margin: 0; padding: 0; }
.recipe li { border-top: 1px solid var(--line); padding: 6px 0; }
.recipe strong { font-size: 18px; }
.doubts { margin: 0; padding: 0; list-style: none; display: grid; gap: 6px; }
.doubts li { border-left: 3px solid var(--brass); padding-left: 10px; }
</style>
