<script setup lang="ts">
import type { Schemas } from '@/api/client'
import { computed, useId } from 'vue'

/** A jar as it stands on the shelf: how full, and by its lid and its marks how far. */
const props = defineProps<{ state: Schemas['Preparation']['state']; fill: number | null; progress: number | null }>()

/** The jar's inside in drawing units. */
const TOP = 26
const BOTTOM = 104
const id = useId()
const level = computed(() => BOTTOM - (props.fill ?? 0.9) * (BOTTOM - TOP))
const stands = computed(() => props.state === 'steeping' || props.state === 'to-strain')
/** A mark beside the jar goes down as the time runs out, or up as it gets ready. */
const mark = computed(() =>
  props.progress === null ? null : stands.value ? BOTTOM - props.progress * (BOTTOM - TOP) : TOP + props.progress * (BOTTOM - TOP),
)
const GLASS = 'M14 20 h44 v6 c8 3 10 8 10 14 v60 a8 8 0 0 1 -8 8 h-48 a8 8 0 0 1 -8 -8 v-60 c0 -6 2 -11 10 -14 z'
</script>

<template>
  <svg viewBox="0 0 84 112" aria-hidden="true" :class="state">
    <defs>
      <clipPath :id="`in-${id}`"><path :d="GLASS" /></clipPath>
      <pattern :id="`off-${id}`" width="8" height="8" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
        <line x1="0" y1="0" x2="0" y2="8" class="hatch" />
      </pattern>
    </defs>
    <g :clip-path="`url(#in-${id})`">
      <rect x="0" width="72" :y="level" height="112" class="liquid" />
      <rect v-if="state === 'gone-off' || state === 'refused'" x="0" width="72" :y="level" height="112" :fill="`url(#off-${id})`" />
      <template v-if="stands">
        <path d="M20 92 q6 -8 12 0 t12 0 t12 0" class="plant" />
        <path d="M16 80 q7 -9 14 0 t14 0 t12 0" class="plant" />
        <circle cx="26" cy="64" r="2.6" class="bubble" />
        <circle cx="44" cy="52" r="3.4" class="bubble" />
        <circle cx="34" cy="42" r="2" class="bubble" />
      </template>
    </g>
    <path :d="GLASS" class="glass" />
    <path v-if="stands" d="M10 20 q4 -10 26 -10 t26 10 l-4 5 h-44 z" class="cloth" />
    <rect v-else x="11" y="9" width="50" height="11" rx="3" class="lid" />
    <text v-if="state === 'untested'" x="36" y="76" text-anchor="middle">?</text>
    <template v-if="mark !== null">
      <line x1="77" :y1="TOP" x2="77" :y2="BOTTOM" class="scale" />
      <path :d="`M84 ${mark - 5} v10 l-9 -5 z`" class="mark" />
    </template>
  </svg>
</template>

<style scoped>
svg { width: 84px; height: 112px; flex: none; }
.glass { fill: none; stroke: var(--ink); stroke-width: 1.8; }
.liquid { fill: var(--liquid-extract); }
.gone-off .liquid, .refused .liquid { fill: var(--mist); }
.untested .liquid { fill: var(--liquid-soap); }
.hatch { stroke: var(--madder); stroke-width: 2.4; }
.lid { fill: var(--soft); stroke: var(--ink); stroke-width: 1.2; }
.cloth { fill: var(--paper); stroke: var(--ink); stroke-width: 1.4; stroke-linejoin: round; }
.plant { fill: none; stroke: var(--leaf); stroke-width: 2.4; }
.bubble { fill: none; stroke: var(--leaf); stroke-width: 1.4; }
.scale { stroke: var(--line); stroke-width: 3; stroke-linecap: round; }
.mark { fill: var(--leaf); }
.use-soon .mark { fill: var(--brass); }
.gone-off .mark { fill: var(--madder); }
text { font: 600 var(--text-4xl) var(--title); fill: var(--ink); }
</style>
