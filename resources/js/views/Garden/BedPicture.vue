<script setup lang="ts">
import type { PlotPlanting } from '@/api/client'
import { computed } from 'vue'

/** A planting as it stands: so many plants, so high, in flower or not, troubled or not. Up to ten are drawn. */
const props = defineProps<{ card: PlotPlanting }>()

const MOST = 10
const SMALLEST: Record<string, number> = { seedling: 8, cutting: 8, young: 13, dormant: 15 }
const drawn = computed(() => Math.min(props.card.planting.number, MOST))
/** Logarithmic, so that lettuce and a tree both fit: 5 cm is 8, 5 m is 38. */
const height = computed(() => {
  const cm = props.card.planting.height_cm
  return cm ? Math.max(8, Math.min(38, 8 + 15 * Math.log10(cm / 5))) : (SMALLEST[props.card.planting.stage] ?? 21)
})
const blooms = computed(() => props.card.planting.in_flower || props.card.planting.stage === 'flowering')
const fruits = computed(() => props.card.planting.stage === 'fruiting')
const plants = computed(() =>
  Array.from({ length: drawn.value }, (_, n) => {
    const x = 12 + n * 18
    // No two stand quite alike, and yet every time the same.
    const h = height.value * (0.9 + 0.2 * (((n * 7) % 5) / 4))
    const top = 42 - h
    const leaf = (y: number, w: number) =>
      `M${x} ${y}q${-w} ${-w * 0.2} ${-w} ${-w * 0.9}q${w * 0.9} 0 ${w} ${w * 0.9}zM${x} ${y}q${w} ${-w * 0.2} ${w} ${-w * 0.9}q${-w * 0.9} 0 ${-w} ${w * 0.9}z`
    const leaves =
      h > 26
        ? leaf(42 - h * 0.25, 7) + leaf(42 - h * 0.55, 6) + leaf(top + 3, 5)
        : h > 14
          ? leaf(42 - h * 0.35, 6.5) + leaf(top + 3, 5)
          : leaf(top + 3, 5)
    return { x, top, leaves }
  }),
)
</script>

<template>
  <svg
    class="bed"
    :class="{ troubled: card.troubles.length, indoors: card.planting.indoors }"
    viewBox="0 0 228 46"
    preserveAspectRatio="xMinYMax meet"
    aria-hidden="true"
  >
    <path class="ground" d="M2 42.5H226" />
    <g v-for="plant in plants" :key="plant.x">
      <path class="stalk" :d="`M${plant.x} 42V${plant.top}`" />
      <path class="leaves" :d="plant.leaves" />
      <circle v-if="blooms" class="bloom" :cx="plant.x" :cy="plant.top" r="3" />
      <circle v-if="fruits" class="fruit" :cx="plant.x + 3" :cy="plant.top + 9" r="3" />
    </g>
    <text v-if="card.planting.number > MOST" x="226" y="36" text-anchor="end">+{{ card.planting.number - MOST }}</text>
  </svg>
</template>

<style scoped>
.bed { width: 100%; height: 46px; display: block; }
.ground { stroke: var(--soft); stroke-width: 2; stroke-linecap: round; }
.indoors .ground { stroke-dasharray: 6 5; }
.stalk { stroke: var(--leaf); stroke-width: 1.6; fill: none; }
.leaves { fill: var(--leaf); opacity: 0.75; }
.troubled .stalk { stroke: var(--brass); }
.troubled .leaves { fill: var(--brass); }
.bloom { fill: var(--madder); opacity: 0.8; }
.fruit { fill: var(--madder); }
text { font: 600 var(--text-s) var(--plain); fill: var(--soft); }
</style>
