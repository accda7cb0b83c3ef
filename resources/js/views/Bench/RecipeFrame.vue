<script setup lang="ts">
import { t } from '@/i18n'
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
  { value: 'foliar', label: t('bench.recipe-frame.sprayed-leaves') },
  { value: 'drench', label: t('bench.recipe-frame.poured-roots') },
  { value: 'weed', label: t('bench.recipe-frame.against-weeds') },
  { value: 'dip', label: t('bench.recipe-frame.dipped') },
  { value: 'wipe', label: t('bench.recipe-frame.wiped') },
  { value: 'disinfect', label: t('bench.recipe-frame.tools-pots') },
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
      <div class="worked">
        <template v-if="bench">
          <strong>{{ bench.base_precise }}</strong>
          <span class="soft small">{{ t('bench.recipe-frame.pour', { thing: bench.base_name.toLowerCase() }) }}</span>
        </template>
      </div>
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
</template>

<style scoped>
.frame { display: grid; gap: var(--space-3); padding: var(--space-5) 0 var(--space-6); }
.row { display: grid; grid-template-columns: minmax(0, 1fr) minmax(0, 1fr); gap: var(--space-3) var(--space-5); align-items: end; }
.worked { text-align: right; display: grid; line-height: 1.3; }
.worked strong { font-size: var(--text-l); }
.typed { display: grid; gap: 1px; }
</style>
