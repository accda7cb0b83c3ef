<script setup lang="ts">
import CupboardLine from './CupboardLine.vue'
import type { Bench, Offer, RecipeBody } from '@/api/client'
import { useGarden } from '@/stores/garden'
import { computed } from 'vue'

/** The recipe's base, basis and use: what the lines are added to. */
const recipe = defineModel<RecipeBody>({ required: true })
const props = defineProps<{ bench: Bench | null; errors: Record<string, string> }>()
const emit = defineEmits<{ swap: [offer: Offer] }>()

const store = useGarden()
const liquids = computed(() => store.knowledge.ingredients.filter((i) => i.is_liquid))
const uses: { value: RecipeBody['use']; label: string }[] = [
  { value: 'foliar', label: 'sprayed on leaves' }, { value: 'drench', label: 'poured on roots' }, { value: 'weed', label: 'against weeds' },
  { value: 'dip', label: 'dipped' }, { value: 'wipe', label: 'wiped on' }, { value: 'disinfect', label: 'for tools and pots' },
]
const error = (field: string) => props.errors[`recipe.${field}`]

function setBaseStrength(text: string): void {
  if (text.trim() === '') delete recipe.value.base.strength
  else recipe.value.base.strength = text
}
</script>

<template>
  <div class="frame">
    <label class="typed">
      <span class="soft small">used</span>
      <select v-model="recipe.use" class="native" aria-label="Used">
        <option v-for="option in uses" :key="option.value" :value="option.value">{{ option.label }}</option>
      </select>
    </label>
    <div class="row">
      <label class="typed liquid">
        <span class="soft small">base</span>
        <select v-model="recipe.base.liquid" class="native" aria-label="Base liquid">
          <option v-for="liquid in liquids" :key="liquid.id" :value="liquid.id">{{ liquid.name }}</option>
        </select>
      </label>
      <div class="worked">
        <template v-if="bench">
          <strong>{{ bench.base_precise }}</strong>
          <span class="soft small">{{ bench.base_name.toLowerCase() }} to pour</span>
        </template>
      </div>
    </div>
    <div class="row">
      <label class="typed">
        <span class="soft small">as written</span>
        <input
          v-model="recipe.base.amount" class="native" autocomplete="off" aria-label="Amount of base"
          :aria-invalid="error('base.amount') ? 'true' : undefined" :aria-describedby="error('base.amount') ? 'error-base' : undefined"
        >
      </label>
      <label class="typed">
        <span class="soft small">which means</span>
        <select v-model="recipe.base.basis" class="native" aria-label="Basis">
          <option value="added">poured in</option>
          <option value="final">topped up to</option>
        </select>
      </label>
    </div>
    <label v-if="recipe.base.liquid !== 'water'" class="typed">
      <span class="soft small">strength of the base</span>
      <input class="native" autocomplete="off" :value="recipe.base.strength ?? ''" aria-label="Strength of base" @input="setBaseStrength(($event.target as HTMLInputElement).value)">
    </label>
    <cupboard-line v-if="recipe.base.liquid !== 'water'" :offers="bench?.base_offers ?? []" label="the base" @pick="emit('swap', $event)" />
    <p v-if="error('base.amount')" id="error-base" class="field-error">{{ error('base.amount') }}</p>
    <p v-if="error('base.liquid')" class="field-error">{{ error('base.liquid') }}</p>
    <p v-if="error('base.strength')" class="field-error">{{ error('base.strength') }}</p>
  </div>
</template>

<style scoped>
.frame { display: grid; gap: 6px; padding: 10px 0 12px; }
.row { display: grid; grid-template-columns: minmax(0, 1fr) minmax(0, 1fr); gap: 6px 10px; align-items: end; }
.worked { text-align: right; display: grid; line-height: 1.3; }
.worked strong { font-size: 19px; }
.typed { display: grid; gap: 1px; }
</style>
