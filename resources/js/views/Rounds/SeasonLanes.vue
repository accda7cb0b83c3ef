<script setup lang="ts">
import type { Course, Schemas } from '@/api/client'
import { computed } from 'vue'

const props = defineProps<{ courses: Course[]; today: string; weather?: Schemas['WeatherDay'][] }>()

/** Drawing units. */
const LEFT = 290
const WIDTH = 1000
const ROW = 34
const HEAD = 58
/** Rain stands between the weeks and the lanes: so many units for 20 mm. */
const RAIN_FOOT = 52
const RAIN_HIGH = 28
const MOST_RAIN = 20
const MOST_LANES = 9
const DAYS_BEFORE = 21
const DAYS_AFTER = 42
const LONGEST_NAME = 38

const dayNumber = (date: string) => Math.round(Date.parse(`${date}T00:00:00Z`) / 86_400_000)
const today = computed(() => dayNumber(props.today))
const from = computed(() => today.value - DAYS_BEFORE)
const to = computed(() => today.value + DAYS_AFTER)
const x = (date: string) => LEFT + ((dayNumber(date) - from.value) / (to.value - from.value)) * (WIDTH - LEFT - 20)
const inside = (date: string) => dayNumber(date) >= from.value && dayNumber(date) <= to.value

const lanes = computed(() => props.courses.filter((course) => course.rounds.some((round) => inside(round.due_on))).slice(0, MOST_LANES))
const height = computed(() => HEAD + lanes.value.length * ROW + 12)
const weeks = computed(() => {
  const marks: { x: number; label: string }[] = []
  for (let day = from.value; day <= to.value; day++) {
    const date = new Date(day * 86_400_000)
    if (date.getUTCDay() === 1) {
      const iso = date.toISOString().slice(0, 10)
      marks.push({ x: x(iso), label: new Intl.DateTimeFormat('en-GB', { timeZone: 'UTC', day: 'numeric', month: 'short' }).format(date) })
    }
  }
  return marks
})
const wet = computed(() => (props.weather ?? []).filter((day) => day.rain_mm >= 0.5 && inside(day.day)).map((day) => ({ day, height: Math.max(2, Math.min(1, day.rain_mm / MOST_RAIN) * RAIN_HIGH) })))
const dayWidth = computed(() => (WIDTH - LEFT - 20) / (to.value - from.value))
const said = computed(() => lanes.value.map((course) => `${course.recipe}: ${course.rounds.map((round) => `${round.due_on} ${round.status}`).join(', ')}`).join('. '))
function named(course: Course): string {
  const name = course.target ? `${course.recipe}, ${course.target}` : course.recipe
  return name.length > LONGEST_NAME ? `${name.slice(0, LONGEST_NAME - 1)}…` : name
}
const rounds = (course: Course) => course.rounds.filter((round) => inside(round.due_on))
</script>

<template>
  <div v-if="lanes.length" class="lanes" tabindex="0" role="group" aria-label="The rounds of the next six weeks">
    <svg :viewBox="`0 0 ${WIDTH} ${height}`" role="img" :aria-label="said">
      <g v-for="week in weeks" :key="week.x" class="week">
        <line :x1="week.x" :x2="week.x" :y1="HEAD - 6" :y2="height" />
        <text :x="week.x" y="16" text-anchor="middle">{{ week.label }}</text>
      </g>
      <text v-if="wet.length" x="0" :y="RAIN_FOOT - 4" class="name">rain</text>
      <g v-for="one in wet" :key="one.day.day">
        <rect :x="x(one.day.day) - dayWidth * 0.38" :y="RAIN_FOOT - one.height" :width="dayWidth * 0.76" :height="one.height" :class="['rain', { foretold: one.day.is_foretold }]"><title>{{ one.day.day }}: {{ one.day.rain_mm }} mm{{ one.day.is_foretold ? ', foretold' : '' }}</title></rect>
      </g>
      <g v-for="(course, n) in lanes" :key="course.id" :transform="`translate(0 ${HEAD + n * ROW + ROW / 2})`">
        <text x="0" y="5" class="name">{{ named(course) }}</text>
        <line v-if="rounds(course).length > 1" class="lane" :x1="x(rounds(course)[0]!.due_on)" :x2="x(rounds(course).at(-1)!.due_on)" y1="0" y2="0" />
        <g v-for="round in rounds(course)" :key="round.id" :class="['round', round.status]" :transform="`translate(${x(round.due_on)} 0)`">
          <circle r="9" />
          <path v-if="round.status === 'done'" d="M-4 0.500l3 3 5-6" />
          <path v-if="round.status === 'skipped'" d="M-4-4l8 8M4-4l-8 8" />
        </g>
      </g>
      <line class="now" :x1="x(props.today)" :x2="x(props.today)" :y1="HEAD - 8" :y2="height" />
    </svg>
    <p class="small soft legend"><span class="dot done" /> done <span class="dot planned" /> planned <span class="dot skipped" /> skipped; the brass line is today</p>
  </div>
</template>

<style scoped>
.lanes { background: var(--paper); border: 1px solid var(--line); border-radius: 12px; padding: 12px 16px; overflow-x: auto; }
svg { width: 100%; min-width: 760px; display: block; }
text { fill: var(--soft); font-size: 14px; }
.name { fill: var(--ink); font-size: 15px; }
.week line { stroke: var(--line); }
.lane { stroke: var(--soft); stroke-width: 1.5; }
.round circle { fill: var(--paper); stroke: var(--brass); stroke-width: 3; }
.round.done circle { fill: var(--leaf); stroke: var(--leaf); }
.round.skipped circle { fill: var(--mist); stroke: var(--soft); stroke-width: 2; }
.round path { fill: none; stroke: var(--paper); stroke-width: 2; }
.round.skipped path { stroke: var(--soft); }
.now { stroke: var(--brass); stroke-width: 2; }
.legend { margin-top: 6px; }
.dot { display: inline-block; width: 13px; height: 13px; border-radius: 50%; border: 2.5px solid var(--brass); vertical-align: -2px; margin-left: 10px; }
.dot:first-child { margin-left: 0; }
.dot.done { background: var(--leaf); border-color: var(--leaf); }
.dot.skipped { background: var(--mist); border-color: var(--soft); }
.rain { fill: var(--water); }
.rain.foretold { fill: none; stroke: var(--water); stroke-width: 1.6; }
</style>
