<script setup lang="ts">
import { t } from '@/i18n'
import type { Round } from '@/api/client'

/** A round in its lane; a planned one can be carried. */
defineProps<{ round: Round; x: number; carried: boolean; label: string }>()
</script>

<template>
  <g
    :class="['round', round.status, { other: round.is_other, carried }]"
    :transform="`translate(${x} 0)`"
    :tabindex="round.status === 'planned' ? 0 : undefined"
    :role="round.status === 'planned' ? 'button' : 'img'"
    :aria-label="
      round.status === 'planned'
        ? t('rounds.round-mark.arrow-keys-move', { label })
        : t('rounds.round-mark.stands', { label, status: round.status })
    "
  >
    <circle class="reach" r="15" />
    <rect v-if="round.is_other" x="-8" y="-8" width="16" height="16" rx="2" transform="rotate(45)" class="body" />
    <circle v-else r="9" class="body" />
    <path v-if="round.status === 'done'" d="M-4 0.500l3 3 5-6" />
    <path v-if="round.status === 'skipped'" d="M-4-4l8 8M4-4l-8 8" />
    <path v-if="round.status === 'planned' && round.done_planting_ids.length" d="M-5 0h10" class="part" />
  </g>
</template>

<style scoped>
.reach { fill: transparent; }
.body { fill: var(--paper); stroke: var(--brass); stroke-width: 3; }
.done .body { fill: var(--leaf); stroke: var(--leaf); }
.skipped .body { fill: var(--mist); stroke: var(--soft); stroke-width: 2; }
.round path { fill: none; stroke: var(--paper); stroke-width: 2; }
.round.skipped path { stroke: var(--soft); }
.round .part { stroke: var(--leaf); stroke-width: 3; }
.planned { cursor: grab; touch-action: none; }
.planned:focus { outline: none; }
.planned:focus-visible .reach, .carried .reach { stroke: var(--brass); stroke-width: 2; fill: var(--brass-wash); }
.carried { cursor: grabbing; }
</style>
