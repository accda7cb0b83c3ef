<script setup lang="ts">
import { t } from '@/i18n'
import type { SoapBench } from '@/api/client'
import { computed } from 'vue'

/** Oil against alkali: the beam tilts to what is left over, and the strip shows how sure that is. */
const props = defineProps<{ soap: SoapBench }>()

/** The strip runs from so much free alkali to so much free oil, in percent of the oil. */
const LOW = -12
const HIGH = 14
const WIDTH = 560
const LEFT = 20
const clamp = (n: number) => Math.max(LOW, Math.min(HIGH, n))
const x = (percent: number) => LEFT + ((clamp(percent) - LOW) / (HIGH - LOW)) * WIDTH
/** Degrees; the side with more left over hangs lower. */
const tilt = computed(() => Math.max(-13, Math.min(13, props.soap.superfat.likely * 1.4)))
const said = computed(() => props.soap.said_left)
const verdicts = {
  refused: t('soap.soap-balance.do-not-make'),
  possible: t('soap.soap-balance.perhaps-free-alkali'),
  sound: t('soap.soap-balance.as-planned'),
  rich: t('soap.soap-balance.too-much-oil'),
}
const zones = [
  { from: LOW, to: 0, name: t('soap.soap-balance.zone-free-alkali'), kind: 'bad' },
  { from: 0, to: 3, name: t('soap.soap-balance.zone-test'), kind: 'near' },
  { from: 3, to: 5, name: t('soap.soap-balance.zone-plan'), kind: 'good' },
  { from: 5, to: 8, name: t('soap.soap-balance.zone-mild'), kind: 'good' },
  { from: 8, to: HIGH, name: t('soap.soap-balance.zone-oil-parts'), kind: 'near' },
]
</script>

<template>
  <figure class="balance" :class="soap.verdict">
    <svg viewBox="0 0 600 228" role="img" :aria-label="`${verdicts[soap.verdict]}: ${said}`">
      <defs>
        <pattern id="soap-bad" width="9" height="9" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <rect width="9" height="9" class="wash" />
          <line x1="0" y1="0" x2="0" y2="9" class="hatch" />
        </pattern>
      </defs>
      <path d="M300 42 l-14 96 h28 z" class="post" />
      <g :transform="`rotate(${tilt} 300 42)`">
        <line x1="120" y1="42" x2="480" y2="42" class="beam" />
        <circle cx="300" cy="42" r="7" class="pivot" />
        <g :transform="`rotate(${-tilt} 120 42)`">
          <path d="M120 42 l-46 56 M120 42 l46 56" class="string" />
          <path d="M66 98 h108 q-8 26 -54 26 t-54 -26 z" class="pan alkali" />
          <text x="120" y="117" text-anchor="middle" class="pan-word">{{ t('soap.soap-balance.alkali') }}</text>
        </g>
        <g :transform="`rotate(${-tilt} 480 42)`">
          <path d="M480 42 l-46 56 M480 42 l46 56" class="string" />
          <path d="M426 98 h108 q-8 26 -54 26 t-54 -26 z" class="pan oil" />
          <text x="480" y="117" text-anchor="middle" class="pan-word">{{ t('soap.soap-balance.oil') }}</text>
        </g>
      </g>
      <g v-for="zone in zones" :key="zone.name">
        <rect
          :x="x(zone.from)"
          y="178"
          :width="x(zone.to) - x(zone.from)"
          height="22"
          :class="zone.kind"
          :fill="zone.kind === 'bad' ? 'url(#soap-bad)' : undefined"
        />
        <text :x="(x(zone.from) + x(zone.to)) / 2" y="220" text-anchor="middle" class="zone">{{ zone.name }}</text>
      </g>
      <line :x1="x(0)" y1="168" :x2="x(0)" y2="206" class="zero" />
      <line :x1="x(soap.superfat.low)" y1="189" :x2="x(soap.superfat.high)" y2="189" class="span" />
      <path :d="`M${x(soap.superfat.likely)} 176 l-9 -15 h18 z`" class="pointer" />
    </svg>
    <figcaption>
      {{ verdicts[soap.verdict] }}<span>{{ said }}</span>
    </figcaption>
  </figure>
</template>

<style scoped>
.balance {
  margin: 0; display: grid; gap: var(--space-2); background: var(--paper); border: 2px solid var(--line); border-radius: var(--radius-l);
  padding: var(--space-5) var(--space-6) var(--space-6);
}
.refused { border-color: var(--madder); background: var(--madder-wash); }
.possible, .rich { border-color: var(--brass); }
.sound { border-color: var(--leaf); }
svg { width: 100%; height: auto; }
.post { fill: var(--mist); stroke: var(--ink); stroke-width: 1.6; }
.beam { stroke: var(--ink); stroke-width: 6; stroke-linecap: round; }
.pivot { fill: var(--ink); }
.string { fill: none; stroke: var(--ink); stroke-width: 1.6; }
.pan { stroke: var(--ink); stroke-width: 1.8; }
.alkali { fill: var(--water-wash); }
.oil { fill: var(--liquid-oil); }
.pan-word { font-size: var(--text-m); fill: var(--ink); }
.good { fill: var(--leaf-wash); stroke: var(--leaf); }
.near { fill: var(--brass-wash); stroke: var(--brass); }
.bad { stroke: var(--madder); }
.wash { fill: var(--madder-wash); }
.hatch { stroke: var(--madder); stroke-width: 2.4; }
.zone { font-size: var(--text-s); fill: var(--soft); }
.zero { stroke: var(--ink); stroke-width: 3; }
.span { stroke: var(--ink); stroke-width: 8; stroke-linecap: round; opacity: .8; }
.pointer { fill: var(--ink); }
figcaption { font: 600 var(--text-xl)/1.3 var(--title); text-align: center; display: grid; }
figcaption span { font-size: var(--text-l); color: var(--ink); }
@media (max-width: 760px) { .zone, .pan-word { font-size: var(--text-xl); } }
.refused figcaption { color: var(--madder); }
</style>
