<script setup lang="ts">
import { t } from '@/i18n'
import SeverityMark from './SeverityMark.vue'
import type { Strength } from '@/api/client'
import { computed, ref } from 'vue'

const props = defineProps<{ strength: Strength }>()

/** Where the bands meet, percent of the width. The scale is stretched so that each band can be read. */
const WORKS_AT = 24
const CAREFUL_AT = 55
const STOP_AT = 80
/** What the right edge stands for, times the stop. */
const BEYOND = 1.6

const stops = computed<[number, number][] | null>(() => {
  const { careful, stop, works_from: works } = props.strength
  if (careful === null || careful <= 0) return null
  const points: [number, number][] = [[0, 0]]
  if (works !== null && works < careful) points.push([works, WORKS_AT])
  points.push([careful, CAREFUL_AT])
  if (stop !== null) points.push([stop, STOP_AT])
  points.push([(stop ?? careful * 2) * BEYOND, 100])
  return points
})

function place(value: number): number {
  const points = stops.value ?? [
    [0, 0],
    [1, 100],
  ]
  for (let n = 1; n < points.length; n++) {
    const [from, at] = points[n - 1]!
    const [to, end] = points[n]!
    if (value <= to) return at + ((value - from) / (to - from)) * (end - at)
  }
  return 100
}

/** Whether the exact figure is looked at. */
const exact = ref(false)
const worksAt = computed(() => (props.strength.works_from !== null ? WORKS_AT : 0))
const box = computed(() => {
  const low = place(props.strength.strength.low)
  const high = place(props.strength.strength.high)
  return { left: `${Math.max(0, low - 0.6)}%`, width: `${Math.max(1.2, high - low + 1.2)}%` }
})
const needle = computed(() => `${place(props.strength.strength.likely)}%`)
</script>

<template>
  <div class="gauge">
    <div class="top">
      <span class="name">{{ strength.name }}</span>
      <severity-mark v-if="strength.severity !== 'unjudged'" :severity="strength.severity" />
      <button
        type="button"
        class="value"
        :aria-expanded="exact"
        :title="exact ? undefined : t('parts.strength-gauge.show-exact-figure')"
        @click="exact = !exact"
      >
        <strong>{{ exact ? strength.said_exactly : strength.said }}</strong>{{ ' ' }}
        <span v-if="strength.said_range && !exact" class="soft small">{{ strength.said_range }}</span>
      </button>
    </div>
    <div v-if="stops" class="bar" aria-hidden="true">
      <i class="weak" :style="{ width: `${worksAt}%` }" />
      <i class="works" :style="{ left: `${worksAt}%`, width: `${CAREFUL_AT - worksAt}%` }" />
      <i class="careful" :style="{ left: `${CAREFUL_AT}%`, width: `${(strength.stop === null ? 100 : STOP_AT) - CAREFUL_AT}%` }" />
      <i v-if="strength.stop !== null" class="burns" :style="{ left: `${STOP_AT}%`, width: `${100 - STOP_AT}%` }" />
      <b class="box" :style="box" />
      <b class="needle" :style="{ left: needle }" />
    </div>
    <div class="under small soft">
      <span v-if="stops">{{ strength.said_bounds }}</span>
      <span v-else-if="strength.severity === 'unjudged'">{{ t('parts.strength-gauge.not-held-against') }}</span>
    </div>
  </div>
</template>

<style scoped>
.gauge { padding: var(--space-3) 0 var(--space-5); }
.top { display: flex; gap: var(--space-2) var(--space-6); align-items: baseline; flex-wrap: wrap; }
.name { font-weight: 600; }
.name::first-letter { text-transform: uppercase; }
.value {
  text-align: right; margin-left: auto; min-height: 30px; padding: var(--space-1) var(--space-2); border: 0; background: none; color:
  inherit; font: inherit; cursor: pointer; text-decoration: underline dotted var(--line) 2px; text-underline-offset: 4px;
}
.bar { position: relative; height: 18px; margin: var(--space-2) 0 var(--space-2); border-radius: var(--radius-s); background: var(--mist); }
.bar i { position: absolute; top: 0; bottom: 0; left: 0; }
.weak { background: var(--mist); border-radius: var(--radius-s) 0 0 var(--radius-s); }
.works { background: color-mix(in srgb, var(--leaf) 32%, var(--paper)); }
.careful { background: color-mix(in srgb, var(--brass) 40%, var(--paper)); }
.burns { background: color-mix(in srgb, var(--madder) 45%, var(--paper)); border-radius: 0 var(--radius-s) var(--radius-s) 0; }
.box {
  position: absolute; top: -4px; bottom: -4px; border: 2px solid var(--ink); border-radius: var(--radius-s); transition: left 0.15s, width
  0.15s;
}
.needle { position: absolute; top: -4px; bottom: -4px; width: 3px; margin-left: -1.5px; background: var(--ink); transition: left 0.15s; }
.under { display: flex; flex-wrap: wrap; gap: var(--space-1) var(--space-6); align-items: center; }
@media (max-width: 760px) { .value { min-height: var(--finger); } }
</style>
