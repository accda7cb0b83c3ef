<script setup lang="ts">
import { t } from '@/i18n'
import type { TroublePage } from '@/api/client'
import { useGarden } from '@/stores/garden'
import { useTimes } from '@/composables/useTimes'
import { useElementSize } from '@vueuse/core'
import { scaleLinear, scaleTime } from 'd3-scale'
import { computed, useTemplateRef } from 'vue'

/** The counts with their intervals, the level for watching, and what was done. */
const props = defineProps<{ page: TroublePage }>()
const store = useGarden()
const times = useTimes()

const HEIGHT = 250
/** Room for the marks above, the days below, the figures at the left. */
const ROOM = { top: 34, right: 18, bottom: 30, left: 46 }
const CAP = 6
const DAY_MS = 86_400_000
/** A day below the chart takes so much room. */
const LABEL_PX = 84

const frame = useTemplateRef<HTMLElement>('frame')
const { width } = useElementSize(frame, { width: 600, height: HEIGHT })

const counts = computed(() =>
  props.page.counts
    .filter((count) => count.measure === props.page.plan.measure)
    .map((count) => ({ ...count, stamp: Date.parse(count.at) })),
)
const done = computed(() =>
  props.page.done.map((one, n) => ({
    ...one,
    stamp: Date.parse(one.at),
    label: one.kind === 'spray' ? t('trouble.count-chart.spray', { n: n + 1 }) : `${n + 1}`,
  })),
)
const spoken = computed(() =>
  counts.value
    .map((count) => `${times.instant(count.at)}: ${count.level}`)
    .concat(props.page.done.map((one) => `${times.instant(one.at)}: ${one.what}`))
    .join('. '),
)

const x = computed(() => {
  const stamps = [...counts.value, ...done.value].map((one) => one.stamp)
  const last = props.page.brief.status === 'open' ? Math.max(...stamps, store.now()) : Math.max(...stamps)
  return scaleTime()
    .domain([Math.min(...stamps) - DAY_MS, last + DAY_MS / 2])
    .range([ROOM.left, Math.max(width.value, ROOM.left + ROOM.right + CAP) - ROOM.right])
})
const y = computed(() => {
  const top = Math.max(...counts.value.map((count) => count.mean.high), props.page.watch_level ?? 0)
  return scaleLinear()
    .domain([0, top > 0 ? top * 1.08 : 1])
    .range([HEIGHT - ROOM.bottom, ROOM.top])
})
/** Never nearer than a day: two labels would say the same. */
const days = computed(() => {
  const [from, to] = x.value.domain().map(Number)
  const fit = Math.max(1, Math.min(Math.floor((width.value - ROOM.left) / LABEL_PX), Math.floor((to! - from!) / DAY_MS)))
  return x.value
    .ticks(fit)
    .filter((_, n, all) => all.length <= fit + 1 || n % 2 === 0)
    .map((date) => ({ at: x.value(date), label: times.dayOf(date.getTime()) }))
})
const levels = computed(() => y.value.ticks(4).map((value) => ({ at: y.value(value), label: y.value.tickFormat(4)(value) })))
const points = computed(() =>
  counts.value.map((count) => ({
    id: count.id,
    x: x.value(count.stamp),
    low: y.value(count.mean.low),
    high: y.value(count.mean.high),
    likely: y.value(count.mean.likely),
  })),
)
const course = computed(() => points.value.map((point) => `${point.x.toFixed(1)},${point.likely.toFixed(1)}`).join(' '))
const whisker = (point: { x: number; low: number; high: number }) =>
  `M${point.x} ${point.low}V${point.high}M${point.x - CAP} ${point.low}h${2 * CAP}M${point.x - CAP} ${point.high}h${2 * CAP}`
</script>

<template>
  <figure>
    <div ref="frame" class="chart" role="img" :aria-label="t('trouble.count-chart.counts-over-time', { spoken })">
      <svg :viewBox="`0 0 ${width} ${HEIGHT}`" :width="width" :height="HEIGHT" aria-hidden="true">
        <g class="levels">
          <g v-for="level in levels" :key="level.label">
            <path :d="`M${ROOM.left} ${level.at}H${width - ROOM.right}`" />
            <text :x="ROOM.left - 8" :y="level.at + 5" text-anchor="end">{{ level.label }}</text>
          </g>
        </g>
        <text v-for="day in days" :key="day.at" :x="day.at" :y="HEIGHT - 8" text-anchor="middle">{{ day.label }}</text>
        <g v-if="page.watch_level !== null" class="watch">
          <path :d="`M${ROOM.left} ${y(page.watch_level)}H${width - ROOM.right}`" />
          <text :x="width - ROOM.right" :y="y(page.watch_level) - 6" text-anchor="end">{{ t('trouble.count-chart.watch-below') }}</text>
        </g>
        <g v-for="one in done" :key="one.id" :class="['done', one.kind]">
          <path :d="`M${x(one.stamp)} ${ROOM.top}V${HEIGHT - ROOM.bottom}`" />
          <text :x="x(one.stamp)" :y="ROOM.top - 10" text-anchor="middle">{{ one.label }}</text>
        </g>
        <path v-for="point in points" :key="point.id" class="whisker" :d="whisker(point)" />
        <polyline class="course" :points="course" />
        <circle v-for="point in points" :key="point.id" :cx="point.x" :cy="point.likely" r="4.5" />
      </svg>
    </div>
    <figcaption v-if="page.done.length" class="soft small">
      <span v-for="(one, n) in page.done" :key="one.id">{{ n + 1 }} {{ one.what }}</span>
    </figcaption>
  </figure>
</template>

<style scoped>
figure { margin: 0; min-width: 0; }
.chart { height: 250px; width: 100%; overflow: hidden; }
svg { display: block; }
text { font: 400 var(--text-xs) var(--plain); fill: var(--soft); }
path { fill: none; }
.levels path { stroke: var(--line); }
.watch path { stroke: var(--brass); stroke-width: 1.6; stroke-dasharray: 6 4; }
.watch text { fill: var(--brass); }
.done path { stroke: var(--water); stroke-width: 2; stroke-dasharray: 2 4; }
.done text { fill: var(--ink); }
.done.spray path { stroke: var(--leaf); stroke-dasharray: none; }
.whisker { stroke: var(--leaf); stroke-width: 2; }
.course { fill: none; stroke: var(--ink); stroke-width: 2.5; stroke-linejoin: round; }
circle { fill: var(--paper); stroke: var(--leaf); stroke-width: 2; }
figcaption { display: flex; flex-wrap: wrap; gap: var(--space-1) var(--space-7); }
</style>
