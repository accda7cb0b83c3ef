<script setup lang="ts">
import { t } from '@/i18n'
import SeverityMark from '@/parts/SeverityMark.vue'
import type { ComparedSubstance } from '@/api/client'
import { computed } from 'vue'

/** One substance on a scale that grows by factors, since practice differs tenfold. */
const props = defineProps<{ substance: ComparedSubstance; against: string; letters: string }>()

const all = computed(() => {
  const s = props.substance
  const known = [
    s.works_from,
    s.works_to,
    s.careful,
    s.stop,
    s.mild,
    s.strong,
    ...s.strengths.flatMap((one) => [one.strength.low, one.strength.high]),
  ]
  return known.filter((value): value is number => value !== null && value > 0)
})
const from = computed(() => Math.min(...all.value) / 1.4)
const to = computed(() => Math.max(...all.value) * 1.4)
const place = (value: number) =>
  Math.max(0, Math.min(100, (Math.log(Math.max(value, from.value) / from.value) / Math.log(to.value / from.value)) * 100))

const bands = computed(() => {
  const s = props.substance
  const found: { kind: string; left: number; width: number }[] = []
  const add = (kind: string, a: number | null, b: number | null) => {
    if (a === null) return
    const left = place(a)
    found.push({ kind, left, width: Math.max(0, place(b ?? to.value) - left) })
  }
  if (s.works_from !== null)
    add('works', s.works_from, s.careful !== null && s.works_to !== null ? Math.min(s.works_to, s.careful) : s.works_to)
  if (s.careful !== null && s.careful > 0) add('careful', s.careful, s.stop)
  if (s.stop !== null && s.stop > 0) add('burns', s.stop, null)
  return found
})
const schools = computed(() =>
  (
    [
      ['mild', props.substance.mild],
      ['middle', props.substance.middle],
      ['strong', props.substance.strong],
    ] as const
  ).filter((one): one is [(typeof one)[0], number] => one[1] !== null),
)
</script>

<template>
  <section :aria-label="substance.name">
    <h2>{{ substance.name }}</h2>
    <div class="scale" aria-hidden="true">
      <i v-for="band in bands" :key="band.kind" :class="band.kind" :style="{ left: `${band.left}%`, width: `${band.width}%` }" />
      <span v-for="[name, value] in schools" :key="name" class="school" :style="{ left: `${place(value)}%` }"><em>{{ name }}</em></span>
    </div>
    <ul>
      <li v-for="one in substance.strengths" :key="one.recipe">
        <b>{{ letters[one.recipe] }}</b>
        <div class="track" aria-hidden="true">
          <i
            class="range"
            :style="{ left: `${place(one.strength.low)}%`, width: `${Math.max(0.8, place(one.strength.high) - place(one.strength.low))}%` }"
          />
          <i class="likely" :style="{ left: `${place(one.strength.likely)}%` }" />
        </div>
        <span class="said"><strong>{{ one.said }}</strong><span v-if="one.standing" class="soft"> {{ one.standing }}</span>{{ ' ' }}
          <severity-mark v-if="one.severity !== 'unjudged'" :severity="one.severity" /></span>
      </li>
    </ul>
    <p class="soft small key">
      <span v-if="substance.said_works !== null" class="works">{{
        t('compare.compare-scale.works-from', { saidWorks: substance.said_works })
      }}</span>
      <span v-if="substance.said_careful !== null" class="careful">{{
        t('compare.compare-scale.careful-from', { against, saidCareful: substance.said_careful })
      }}</span>
      <span v-if="substance.said_stop !== null" class="burns">{{
        t('compare.compare-scale.burns-from', { saidStop: substance.said_stop })
      }}</span>
    </p>
  </section>
</template>

<style scoped>
section {
  background: var(--paper); border: 1px solid var(--line); border-radius: var(--radius-l); padding: var(--space-6) var(--space-7);
  display: grid; gap: var(--space-4); --gutter: 36px; --said: 270px;
}
h2::first-letter { text-transform: uppercase; }
.scale { position: relative; height: 44px; margin: 0 var(--said) 0 var(--gutter); background: var(--mist); border-radius: var(--radius-s); }
.scale i { position: absolute; top: 0; height: 22px; }
.works { --c: color-mix(in srgb, var(--leaf) 32%, var(--paper)); }
.careful { --c: color-mix(in srgb, var(--brass) 40%, var(--paper)); }
.burns { --c: color-mix(in srgb, var(--madder) 45%, var(--paper)); }
.scale i { background: var(--c); }
.school { position: absolute; top: 0; bottom: 0; border-left: 2px solid var(--ink); }
.school em { position: absolute; top: 23px; left: 4px; font-size: var(--text-xs); font-style: normal; color: var(--soft); }
ul { list-style: none; margin: 0; padding: 0; }
li {
  display: grid; grid-template-columns: calc(var(--gutter) - 10px) minmax(0, 1fr) calc(var(--said) - 10px); gap: var(--space-5);
  align-items: center; min-height: 40px; border-top: 1px solid var(--line);
}
b {
  display: inline-grid; place-items: center; width: 26px; height: 26px; border-radius: 50%; background: var(--ink); color: var(--paper);
  font-size: var(--text-s);
}
.track { position: relative; height: 22px; }
.range {
  position: absolute; top: 5px; height: 12px; background: color-mix(in srgb, var(--ink) 26%, var(--paper)); border-radius:
  var(--radius-s);
}
.likely {
  position: absolute; top: 0; height: 22px; width: 4px; margin-left: calc(-1 * var(--space-1)); background: var(--ink); border-radius:
  var(--radius-s);
}
.said { display: flex; flex-wrap: wrap; gap: var(--space-1) var(--space-5); align-items: center; }
.key { display: flex; flex-wrap: wrap; gap: var(--space-2) var(--space-7); }
.key span::before {
  content: ''; display: inline-block; width: 14px; height: 14px; border-radius: var(--radius-s); background: var(--c); margin-right:
  var(--space-3); vertical-align: -2px;
}
@media (max-width: 760px) {
  section { --said: 0px; padding: var(--space-6) var(--space-6); }
  li { grid-template-columns: 26px minmax(0, 1fr); padding: var(--space-3) 0; }
  .said { grid-column: 2; }
}
</style>
