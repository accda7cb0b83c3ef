<script setup lang="ts">
import { computed } from 'vue'
import { DRAWINGS, type Base } from './drawings'

const props = defineProps<{ sign: string }>()
const drawing = computed(() => DRAWINGS[props.sign])

const LEAF = 'M32 58C10 48 10 22 32 6C54 22 54 48 32 58Z'
const VEINS = 'M32 58V10M32 44L20 36M32 44L44 36M32 32L19 24M32 32L45 24M32 22L24 16M32 22L40 16'
/** What is looked at: areas, then lines. */
const bases: Record<Base, { areas: string; lines: string }> = {
  leaf: { areas: LEAF, lines: VEINS },
  under: { areas: LEAF, lines: VEINS },
  tip: {
    areas:
      'M32 20C22 20 16 14 14 8C24 8 31 12 32 20ZM32 20C42 20 48 14 50 8C40 8 33 12 32 20ZM32 38C20 40 12 34 10 28C22 26 30 30 32 38ZM32 38C44 40 52 34 54 28C42 26 34 30 32 38Z',
    lines: 'M32 60V12',
  },
  stem: { areas: 'M27 4h10v56H27zM37 28C46 28 54 22 58 14C46 14 38 18 37 28ZM27 40C18 40 10 34 6 26C18 26 26 30 27 40Z', lines: '' },
  soil: { areas: '', lines: 'M4 44h56M10 50h3M22 56h3M36 50h3M48 56h3M56 49h2' },
  pot: { areas: '', lines: 'M14 32h36l-5 26H19zM11 32h42' },
  flower: {
    areas:
      'M32 6a9 11 0 0 1 0 22a9 11 0 0 1 0 -22zM32 36a9 11 0 0 1 0 22a9 11 0 0 1 0 -22zM6 32a11 9 0 0 1 22 0a11 9 0 0 1 -22 0zM36 32a11 9 0 0 1 22 0a11 9 0 0 1 -22 0z',
    lines: 'M27 32a5 5 0 1 0 10 0a5 5 0 1 0 -10 0',
  },
  fruit: { areas: 'M32 16C50 12 56 30 50 46C44 60 20 60 14 46C8 30 14 12 32 16Z', lines: 'M32 16V6M32 14q-8 -4 -12 0M32 14q8 -4 12 0' },
  plant: {
    areas:
      'M32 50C22 52 14 48 10 42C20 38 30 42 32 50ZM32 50C42 52 50 48 54 42C44 38 34 42 32 50ZM32 34C24 36 18 32 15 27C23 24 31 27 32 34ZM32 34C40 36 46 32 49 27C41 24 33 27 32 34ZM32 22C26 20 25 13 28 8C33 11 34 17 32 22Z',
    lines: 'M32 58V14',
  },
  seedling: { areas: 'M32 26C24 28 18 22 17 16C26 14 32 18 32 26ZM32 26C40 28 46 22 47 16C38 14 32 18 32 26Z', lines: 'M32 50V24M6 50h52' },
  night: { areas: '', lines: 'M4 54h56' },
}
const WILTED = {
  areas:
    'M32 26C22 26 14 36 14 48C24 46 31 38 32 26ZM32 26C42 26 50 36 50 48C40 46 33 38 32 26ZM34 16C42 18 45 28 42 36C36 32 33 24 34 16Z',
  lines: 'M32 60V26q0 -10 4 -12',
}
const SMALL = {
  areas:
    'M30 54C24 55 19 52 17 48C23 46 29 48 30 54ZM30 54C36 55 41 52 43 48C37 46 31 48 30 54ZM30 46C27 44 27 40 29 37C32 40 32 43 30 46Z',
  lines: 'M30 60V42',
}
const base = computed(() => {
  if (drawing.value?.lean === 'wilted') return WILTED
  if (drawing.value?.lean === 'small') return SMALL
  return bases[drawing.value?.base ?? 'leaf']
})
</script>

<template>
  <svg class="sign" :class="drawing?.base" viewBox="0 0 64 64" aria-hidden="true" :data-drawing="drawing ? sign : 'missing'">
    <template v-if="drawing?.base === 'night'">
      <rect x="1" y="1" width="62" height="62" rx="10" class="dark" />
      <path d="M52 16a9 9 0 1 1 -10 -9a7 7 0 0 0 10 9z" class="moon" />
    </template>
    <path v-if="base.areas" :d="base.areas" class="area" />
    <path v-if="base.lines" :d="base.lines" class="lines" />
    <path
      v-for="(mark, n) in drawing?.marks"
      :key="n"
      :d="mark.d"
      :class="[mark.fill ? 'fill' : 'line', mark.tone]"
      :stroke-width="mark.width ?? 2"
    />
  </svg>
</template>

<style scoped>
.sign { width: 64px; height: 64px; flex: none; }
path { stroke-linecap: round; stroke-linejoin: round; }
.area { fill: var(--leaf-wash); stroke: var(--leaf); stroke-width: 1.6; }
.under .area { fill: var(--mist); }
.flower .area, .fruit .area { fill: var(--brass-wash); stroke: var(--brass); }
.stem .area { stroke-width: 1.4; }
.lines { fill: none; stroke: var(--leaf); stroke-width: 1.3; opacity: 0.75; }
.soil .lines, .pot .lines { stroke: var(--soft); stroke-width: 2; opacity: 1; }
.dark { fill: #25343b; }
.moon { fill: #e8e2c6; }
.night .lines { stroke: #9fb0a6; }
.line { fill: none; stroke: var(--tone); }
.fill { fill: var(--tone); stroke: none; }
.ink { --tone: var(--ink); }
.soft { --tone: var(--soft); }
.leaf { --tone: var(--leaf); }
.brass { --tone: #b07a22; }
.madder { --tone: #b8434c; }
.water { --tone: #5f93a6; }
.paper { --tone: var(--paper); }
.sun { --tone: #e0bd4a; }
.night .soft { --tone: #93a39b; }
</style>
