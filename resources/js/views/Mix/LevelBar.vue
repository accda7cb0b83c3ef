<script setup lang="ts">
import { t } from '@/i18n'
import type { MixingPlan } from '@/api/client'
import { computed } from 'vue'

/** The vessel as full as it should be after this step. */
const props = defineProps<{ plan: MixingPlan; at: number }>()
const TOP = 10
const HEIGHT = 280
const capacity = computed(() => Math.max(props.plan.capacity_ml, props.plan.final_ml))
const y = (ml: number) => TOP + HEIGHT - (ml / capacity.value) * HEIGHT
const level = computed(() => props.plan.steps[props.at]?.level_ml ?? 0)
const before = computed(() => props.plan.steps[props.at - 1]?.level_ml ?? 0)
const hasAir = computed(() => props.plan.usable_ml < props.plan.capacity_ml * 0.98)
</script>

<template>
  <svg
    viewBox="0 0 100 300"
    role="img"
    :aria-label="t('mix.level-bar.vessel-after-step', { capacity: Math.round((level / capacity) * 100) })"
  >
    <clipPath id="bar"><rect x="14" :y="TOP" width="72" :height="HEIGHT" rx="16" /></clipPath>
    <g clip-path="url(#bar)">
      <rect class="air" x="14" :y="TOP" width="72" :height="HEIGHT" />
      <rect class="now" x="14" width="72" :y="y(level)" :height="TOP + HEIGHT - y(level)" />
      <rect class="was" x="14" width="72" :y="y(before)" :height="TOP + HEIGHT - y(before)" />
    </g>
    <rect class="glass" x="14" :y="TOP" width="72" :height="HEIGHT" rx="16" />
    <line v-if="hasAir" class="line" x1="14" x2="86" :y1="y(plan.usable_ml)" :y2="y(plan.usable_ml)" />
  </svg>
</template>

<style scoped>
svg { width: 100%; max-height: 56vh; }
.air { fill: var(--paper); }
.now { fill: var(--water); }
.was { fill: var(--liquid-water); }
.glass { fill: none; stroke: var(--ink); stroke-width: 3; }
.line { stroke: var(--ink); stroke-width: 2; stroke-dasharray: 6 5; }
</style>
