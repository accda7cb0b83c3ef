<script setup lang="ts">
import { t } from '@/i18n'
import AppField from '@/parts/AppField.vue'
/** How much of the leaf is hurt, 0 to 10, with words for what that looks like. */
const score = defineModel<number>({ required: true })
defineProps<{ id: string; error?: string }>()

const words = [
  t('leaves.score-input.nothing-see'),
  t('leaves.score-input.trace-up-tenth'),
  t('leaves.score-input.up-fifth'),
  t('leaves.score-input.up-three-tenths'),
  t('leaves.score-input.up-four-tenths'),
  t('leaves.score-input.up-half'),
  t('leaves.score-input.over-half'),
  t('leaves.score-input.up-seven-tenths'),
  t('leaves.score-input.up-eight-tenths'),
  t('leaves.score-input.up-nine-tenths'),
  'dead',
]
</script>

<template>
  <app-field :id="id" v-slot="field" :label="t('leaves.score-input.how-much-leaf')" :error="error">
    <div class="row">
      <svg viewBox="0 0 60 60" aria-hidden="true">
        <path class="leaf" d="M30 56C10 44 8 20 30 4c22 16 20 40 0 52z" />
        <path class="hurt" d="M30 56C10 44 8 20 30 4c22 16 20 40 0 52z" :style="{ clipPath: `inset(0 0 ${100 - score * 10}% 0)` }" />
        <path class="rib" d="M30 10v46" />
      </svg>
      <input
        v-bind="field"
        v-model.number="score"
        type="range"
        min="0"
        max="10"
        step="1"
        :aria-valuetext="t('leaves.score-input.10', { score, score2: words[score] })"
      />
      <output :for="id"><strong>{{ score }}</strong> {{ t('leaves.score-input.10-2', { score: words[score] }) }}</output>
    </div>
  </app-field>
</template>

<style scoped>
.row { display: flex; flex-wrap: wrap; align-items: center; gap: var(--space-4) var(--space-7); }
svg { width: 54px; height: 54px; }
.leaf { fill: color-mix(in srgb, var(--leaf) 55%, var(--paper)); }
.hurt { fill: color-mix(in srgb, var(--brass) 70%, var(--paper)); }
.rib { stroke: var(--paper); stroke-width: 2; fill: none; }
input { flex: 1 1 200px; width: auto; border: 0; padding: 0; background: none; min-height: var(--finger); accent-color: var(--leaf); }
output { min-width: 190px; }
</style>
