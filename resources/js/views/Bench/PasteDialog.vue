<script setup lang="ts">
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
const uses: Record<string, string> = { foliar: 'sprayed on leaves', drench: 'poured on roots', weed: 'against weeds', dip: 'dipped', wipe: 'wiped on', disinfect: 'for tools and pots' }
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
  <app-dialog v-model:shown="shown" title="Paste a recipe" :width="980">
    <div class="sides">
      <div class="left">
        <label class="field"><span class="label">As it was written, in English, Italian or Portuguese</span>
          <textarea v-model="text" class="native" rows="5" placeholder="Half a teaspoon of washing-up liquid to a litre of lukewarm water, spray weekly." :aria-invalid="error ? 'true' : undefined" />
        </label>
        <p v-if="error" class="field-error">{{ error }}</p>
        <p v-if="reading" class="marked" aria-label="The text, with what was understood"><template v-for="(piece, n) in pieces" :key="n"><mark v-if="piece.place" :class="piece.place.kind" :title="piece.place.what">{{ piece.text }}</mark><template v-else>{{ piece.text }}</template></template></p>
        <p v-if="reading" class="soft small">Underlined is what the recipe rests on; a broken line is understood, but does not go in. Nothing was made of the rest.</p>
      </div>
      <div class="right" aria-live="polite">
        <template v-if="reading">
          <h3>Understood</h3>
          <ul class="recipe">
            <li><strong>{{ reading.recipe.base.amount ?? '?' }}</strong> {{ names.get(reading.recipe.base.liquid)?.toLowerCase() }}, {{ reading.recipe.base.basis === 'final' ? 'topped up to it' : 'poured in' }}</li>
            <li v-for="(line, n) in reading.recipe.ingredients" :key="n"><strong>{{ line.amount ?? '?' }}</strong> {{ line.ingredient ? names.get(line.ingredient)?.toLowerCase() : 'something not known here' }}<template v-if="line.strength">, {{ line.strength }}</template></li>
            <li>{{ reading.recipe.use ? uses[reading.recipe.use] : 'what for, it does not say' }}<template v-if="reading.recipe.repeat">, every {{ reading.recipe.repeat.every_days }} days<template v-if="reading.recipe.repeat.times">, {{ reading.recipe.repeat.times }} times</template></template></li>
          </ul>
          <template v-if="reading.doubts.length">
            <h3>Look again at</h3>
            <ul class="doubts"><li v-for="(doubt, n) in reading.doubts" :key="n">{{ doubt.what }}</li></ul>
          </template>
        </template>
        <p v-else class="soft">Paste or type a recipe beside this, and it is read as you go. What is missing or could mean two things is asked, never guessed.</p>
      </div>
    </div>
    <div class="actions">
      <n-button type="primary" :disabled="!hasSomething" @click="accept">Take it to the bench</n-button>
      <n-button @click="shown = false">Not now</n-button>
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
