<script setup lang="ts">
/** How much of the leaf is hurt, 0 to 10, with words for what that looks like. */
const score = defineModel<number>({ required: true })
defineProps<{ id: string; error?: string }>()

const words = ['nothing to see', 'a trace, up to a tenth', 'up to a fifth', 'up to three tenths', 'up to four tenths', 'up to half', 'over half', 'up to seven tenths', 'up to eight tenths', 'up to nine tenths', 'dead']
</script>

<template>
  <div class="field">
    <label :for="id">How much of the leaf is hurt?</label>
    <div class="row">
      <svg viewBox="0 0 60 60" aria-hidden="true">
        <path class="leaf" d="M30 56C10 44 8 20 30 4c22 16 20 40 0 52z" />
        <path class="hurt" d="M30 56C10 44 8 20 30 4c22 16 20 40 0 52z" :style="{ clipPath: `inset(0 0 ${100 - score * 10}% 0)` }" />
        <path class="rib" d="M30 10v46" />
      </svg>
      <input :id="id" v-model.number="score" type="range" min="0" max="10" step="1" :aria-valuetext="`${score} of 10, ${words[score]}`">
      <output :for="id"><strong>{{ score }}</strong> of 10: {{ words[score] }}</output>
    </div>
    <p v-if="error" class="field-error">{{ error }}</p>
  </div>
</template>

<style scoped>
.row { display: flex; flex-wrap: wrap; align-items: center; gap: 8px 16px; }
svg { width: 54px; height: 54px; }
.leaf { fill: color-mix(in srgb, var(--leaf) 55%, var(--paper)); }
.hurt { fill: color-mix(in srgb, var(--brass) 70%, var(--paper)); }
.rib { stroke: var(--paper); stroke-width: 2; fill: none; }
input { flex: 1 1 200px; min-height: 44px; accent-color: var(--leaf); }
output { min-width: 190px; }
</style>
