<script setup lang="ts">
import { t } from '@/i18n'
import type { Bench } from '@/api/client'
import { computed } from 'vue'

const props = defineProps<{ bench: Bench }>()

/** The bottle's inside in drawing units: from the bottom up to the neck. */
const BOTTOM = 440
const HEIGHT = 400
const NECK_TOP = 26
/** Below this the bottle is wide enough for more than a word. */
const WIDE_FROM = 92
/** A layer thinner than this could not be seen. It is drawn so thick, and the label says how much it is. */
const THINNEST = 7
/** Height of a line of a label, and the characters that fit beside the bottle. */
const LINE = 18
const WIDEST = 14

const colours: Record<string, string> = {
  water: 'water',
  soap: 'soap',
  'soap-solid': 'soap',
  oil: 'oil',
  alcohol: 'alcohol',
  acid: 'acid',
  extract: 'extract',
  milk: 'milk',
}

/** A recipe without a sprayer is drawn in a bottle with some room above it. */
const ROOM = 1.12
const drawnCapacity = computed(() =>
  Math.max(props.bench.capacity_ml, props.bench.final_volume_ml.likely * (props.bench.usable_ml < props.bench.capacity_ml ? 1 : ROOM)),
)
const perMl = computed(() => HEIGHT / drawnCapacity.value)

const layers = computed(() => {
  let top = BOTTOM
  const poured = props.bench.layers.filter((layer) => layer.volume_ml > 0)
  const thin = poured.filter((layer) => layer.volume_ml * perMl.value < THINNEST)
  const thickened = thin.reduce((sum, layer) => sum + THINNEST - layer.volume_ml * perMl.value, 0)
  return poured.map((layer, n) => {
    // The first layer gives up what the thin ones are drawn too thick, so that the level stays true.
    const height = Math.max(THINNEST, layer.volume_ml * perMl.value - (n === 0 ? thickened : 0))
    top -= height
    return { layer, top, height, fill: `var(--liquid-${colours[layer.group] ?? 'other'})` }
  })
})

/** Names go onto a second line rather than off the edge. */
function wrapped(name: string): string[] {
  const lines: string[] = []
  for (const word of name.split(' ')) {
    const last = lines.at(-1)
    if (last !== undefined && last.length + word.length < WIDEST) lines[lines.length - 1] = `${last} ${word}`
    else lines.push(word)
  }
  return lines
}

const labels = computed(() => {
  const placed: { y: number; at: number; lines: string[]; amount: string }[] = []
  let room = BOTTOM + LINE
  for (const item of layers.value) {
    const lines = wrapped(item.layer.name)
    const middle = item.top + item.height / 2
    // The first line stands at y; those of the layer above must end before it.
    const y = Math.min(middle, room - lines.length * LINE - 6)
    room = y - LINE
    placed.push({ y, at: middle, lines, amount: item.layer.amount })
  }
  return placed
})

const dissolved = computed(() => props.bench.layers.filter((layer) => layer.volume_ml === 0))
const usableAt = computed(() => BOTTOM - props.bench.usable_ml * perMl.value)
const hasAir = computed(() => props.bench.capacity_ml - props.bench.usable_ml > props.bench.capacity_ml * 0.02)

const ticks = computed(() => props.bench.marks.map((mark) => ({ y: BOTTOM - mark.ml * perMl.value, label: mark.label })))

const described = computed(() =>
  t('parts.vessel-picture.vessel-filled-order', {
    amount: props.bench.layers.map((l) => `${l.name} ${l.amount}`).join(', '),
    usable: props.bench.usable,
  }),
)
</script>

<template>
  <figure class="vessel">
    <svg viewBox="14 0 316 470" role="img" :aria-label="described">
      <defs>
        <clipPath id="inside">
          <path d="M112 26 h56 v34 c0 26 32 30 32 66 v294 a22 22 0 0 1 -22 22 h-76 a22 22 0 0 1 -22 -22 v-294 c0 -36 32 -40 32 -66 z" />
        </clipPath>
      </defs>
      <g clip-path="url(#inside)">
        <rect x="70" :y="NECK_TOP" width="140" height="420" class="air" />
        <rect
          v-for="item in layers"
          :key="item.layer.name + item.layer.from_ml"
          class="liquid"
          x="70"
          width="140"
          :y="item.top"
          :height="item.height + 0.5"
          :style="{ fill: item.fill }"
        />
      </g>
      <path
        class="glass"
        d="M112 26 h56 v34 c0 26 32 30 32 66 v294 a22 22 0 0 1 -22 22 h-76 a22 22 0 0 1 -22 -22 v-294 c0 -36 32 -40 32 -66 z"
      />
      <g v-for="tick in ticks" :key="tick.y" class="tick">
        <line x1="64" x2="78" :y1="tick.y" :y2="tick.y" />
        <text x="58" :y="tick.y + 5" text-anchor="end">{{ tick.label }}</text>
      </g>
      <g v-if="hasAir">
        <line class="fill-line" x1="84" x2="196" :y1="usableAt" :y2="usableAt" />
        <template v-if="usableAt > WIDE_FROM">
          <text x="140" :y="usableAt - 22" text-anchor="middle">{{ t('parts.vessel-picture.air') }}</text>
          <text x="140" :y="usableAt - 6" text-anchor="middle">{{ t('parts.vessel-picture.pump') }}</text>
        </template>
        <text v-else x="140" :y="usableAt - 10" text-anchor="middle">{{ t('parts.vessel-picture.air-2') }}</text>
      </g>
      <g v-for="label in labels" :key="label.lines.join() + label.at" class="label">
        <path :d="`M202 ${label.at} L212 ${label.y - 2} h4`" />
        <text v-for="(line, n) in label.lines" :key="n" x="220" :y="label.y + n * LINE">{{ line }}</text>
        <text x="220" :y="label.y + label.lines.length * LINE" class="amount">{{ label.amount }}</text>
      </g>
    </svg>
    <figcaption v-if="dissolved.length" class="small soft">
      {{ t('parts.vessel-picture.also-adding-no', { thing: dissolved.map((l) => l.name.toLowerCase()).join(', ') }) }}
    </figcaption>
  </figure>
</template>

<style scoped>
.vessel { margin: 0; text-align: center; }
svg { width: 100%; max-width: 330px; max-height: 470px; overflow: visible; }
.air { fill: var(--paper); }
.liquid { transition: y 0.2s, height 0.2s; }
.glass { fill: none; stroke: var(--ink); stroke-width: 2.5; }
.tick line { stroke: var(--soft); stroke-width: 1.5; }
text { fill: var(--soft); font-size: var(--text-m); }
.fill-line { stroke: var(--ink); stroke-width: 1.5; stroke-dasharray: 5 4; }
.label path { fill: none; stroke: var(--soft); }
.label text { fill: var(--ink); text-anchor: start; }
.label .amount { fill: var(--soft); font-size: var(--text-s); }
</style>
