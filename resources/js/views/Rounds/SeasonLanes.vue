<script setup lang="ts">
import { t } from '@/i18n'
import RoundMark from './RoundMark.vue'
import DayMeaning from '@/parts/DayMeaning.vue'
import type { Course, Round, Schemas } from '@/api/client'
import { useTimes } from '@/composables/useTimes'
import { NButton } from 'naive-ui'
import { computed, onMounted, useTemplateRef } from 'vue'
import { dayNumber, dayText, laneName, LANES, rainBars, scaleOf } from './lanes'
import { useMoving } from './useMoving'

/**
 * Courses as lanes over nine weeks: rain, windows, steeps, rounds, looks. A planned round is carried to another day with the
 * mouse, a finger or the arrow keys.
 */
const props = defineProps<{ courses: Course[]; today: string; lanes: Schemas['Lanes'] }>()
const emit = defineEmits<{ changed: [] }>()
const times = useTimes()
const picture = useTemplateRef('picture')
const moving = useMoving(() => emit('changed'))

const scroll = useTemplateRef('scroll')
/** Where it does not fit it opens at today, with a little of what was before. */
onMounted(() => {
  const box = scroll.value
  if (box) box.scrollLeft = Math.max(0, (scale.value.x(props.today) / LANES.width) * box.scrollWidth - box.clientWidth * 0.2)
})
const scale = computed(() => scaleOf(props.today))
const shown = computed(() =>
  props.courses.filter((course) => course.rounds.some((round) => scale.value.inside(round.due_on))).slice(0, LANES.mostLanes),
)
const height = computed(() => LANES.head + shown.value.length * LANES.row + 12)
const weeks = computed(() => {
  const marks: { x: number; label: string }[] = []
  for (let day = scale.value.from; day <= scale.value.to; day++) {
    const date = new Date(day * 86_400_000)
    if (date.getUTCDay() === times.weekStarts() % 7)
      marks.push({
        x: scale.value.x(dayText(day)),
        label: times.dayShort(dayText(day)),
      })
  }
  return marks
})
const wet = computed(() => rainBars(props.lanes.weather, scale.value.inside))
const windows = (course: Course) =>
  (props.lanes.windows.find((one) => one.course_id === course.id)?.days ?? []).filter((day) => day.word === 'fine' || day.word === 'poor')
const marks = (course: Course) => props.lanes.marks.filter((one) => one.course_id === course.id && scale.value.inside(one.day))
const rounds = (course: Course) => course.rounds.filter((round) => scale.value.inside(round.due_on))
const dayOf = (round: Round) => (moving.round.value?.id === round.id ? moving.day.value : round.due_on)
const said = computed(() =>
  shown.value
    .map((course) => `${laneName(course)}: ${course.rounds.map((round) => `${round.due_on} ${round.status}`).join(', ')}`)
    .join('. '),
)

/** Where the pointer is, in drawing units. */
function dayUnder(event: PointerEvent): string {
  const box = picture.value!.getBoundingClientRect()
  return scale.value.dayAt(((event.clientX - box.left) / box.width) * LANES.width)
}
function grab(event: PointerEvent, round: Round): void {
  event.preventDefault()
  ;(event.currentTarget as Element).setPointerCapture(event.pointerId)
  void moving.take(round)
}
function drag(event: PointerEvent, round: Round): void {
  if (moving.round.value?.id === round.id && event.buttons > 0) moving.put(dayUnder(event))
}
function key(event: KeyboardEvent, round: Round): void {
  const step = { ArrowLeft: -1, ArrowRight: 1, PageUp: -7, PageDown: 7 }[event.key]
  if (step !== undefined) {
    event.preventDefault()
    void moving.take(round)
    moving.put(dayText(dayNumber(moving.day.value) + step))
  } else if (event.key === 'Enter' || event.key === ' ') {
    event.preventDefault()
    void moving.drop()
  } else if (event.key === 'Escape') {
    moving.letGo()
  }
}
/** What a round is carried by; only one that is planned can be. */
const carrying = (round: Round) =>
  round.status !== 'planned'
    ? {}
    : {
        pointerdown: (event: PointerEvent) => grab(event, round),
        pointermove: (event: PointerEvent) => drag(event, round),
        pointerup: () => {
          if (moving.round.value?.id === round.id) void moving.drop()
        },
        pointercancel: () => moving.letGo(),
        keydown: (event: KeyboardEvent) => key(event, round),
      }
</script>

<template>
  <div v-if="shown.length" class="lanes">
    <div ref="scroll" class="scroll">
      <svg
        ref="picture"
        :viewBox="`0 0 ${LANES.width} ${height}`"
        role="group"
        :aria-label="t('rounds.season-lanes.rounds-next-six', { said })"
      >
        <g v-for="week in weeks" :key="week.x" class="week">
          <line :x1="week.x" :x2="week.x" :y1="LANES.head - 6" :y2="height" />
          <text :x="week.x" y="16" text-anchor="middle">{{ week.label }}</text>
        </g>
        <text v-if="wet.length" x="0" :y="LANES.rainFoot - 4" class="name">{{ t('rounds.season-lanes.rain') }}</text>
        <rect
          v-for="one in wet"
          :key="one.day.day"
          :x="scale.x(one.day.day) - scale.width * 0.38"
          :y="LANES.rainFoot - one.height"
          :width="scale.width * 0.76"
          :height="one.height"
          :class="['rain', { foretold: one.day.is_foretold }]"
        >
          <title>
            {{
              t('rounds.season-lanes.mm', { day: times.day(one.day.day, 'short'), rain: one.day.rain, foretold: one.day.is_foretold ? ', foretold' : '' })
            }}
          </title>
        </rect>
        <line class="now" :x1="scale.x(props.today)" :x2="scale.x(props.today)" :y1="LANES.head - 8" :y2="height" />
        <g v-for="(course, n) in shown" :key="course.id" :transform="`translate(0 ${LANES.head + n * LANES.row + LANES.row / 2})`">
          <text x="0" y="5" class="name">{{ laneName(course) }}</text>
          <rect
            v-for="day in windows(course)"
            :key="day.day"
            :x="scale.x(day.day) - scale.width / 2"
            :y="day.word === 'fine' ? 13 : 15"
            :width="scale.width - 1"
            :height="day.word === 'fine' ? 6 : 2"
            :class="['window', day.word]"
          >
            <title>
              {{ times.day(day.day, 'short') }}:
              {{ day.word === 'fine' ? t('rounds.season-lanes.good-hour') : t('rounds.season-lanes.poor-hour') }}
            </title>
          </rect>
          <line
            v-if="rounds(course).length > 1"
            class="lane"
            :x1="Math.min(...rounds(course).map((round) => scale.x(dayOf(round))))"
            :x2="Math.max(...rounds(course).map((round) => scale.x(dayOf(round))))"
            y1="0"
            y2="0"
          />
          <g
            v-for="mark in marks(course)"
            :key="mark.kind + mark.day"
            :transform="`translate(${scale.x(mark.day)} 0)`"
            :class="['mark', mark.kind]"
          >
            <path v-if="mark.kind === 'start'" d="M-5-12h10M-4-12v8a4 4 0 0 0 8 0v-8" />
            <ellipse v-else rx="5" ry="3.2" />
            <title>{{ times.day(mark.day, 'short') }}: {{ mark.what }}</title>
          </g>
          <round-mark
            v-for="round in rounds(course)"
            :key="round.id"
            :round="round"
            :x="scale.x(dayOf(round))"
            :carried="moving.round.value?.id === round.id"
            :label="t('rounds.season-lanes.round', { course: laneName(course), number: round.number, dayOf: times.day(dayOf(round)) })"
            v-on="carrying(round)"
          />
        </g>
      </svg>
    </div>
    <div v-if="moving.round.value" class="carried">
      <day-meaning :day="moving.day.value" :meaning="moving.meaning.value" />
      <div class="actions">
        <n-button size="small" type="primary" :disabled="!moving.isAway.value" @click="moving.drop()">
          {{
            t('rounds.season-lanes.move-here')
          }}
        </n-button>
        <n-button size="small" @click="moving.letGo()">{{ t('rounds.season-lanes.leave') }}</n-button>
      </div>
    </div>
    <p class="small soft legend">
      <span class="dot done" />{{ t('rounds.season-lanes.done') }} <span class="dot planned" />{{ t('rounds.season-lanes.planned') }}
      <span class="dot other" />{{ t('rounds.season-lanes.other-remedy') }} <span class="dot skipped" />{{
        t('rounds.season-lanes.skipped')
      }}
      <svg viewBox="-8 -14 16 18" class="small-mark start" aria-hidden="true"><path d="M-5-12h10M-4-12v8a4 4 0 0 0 8 0v-8" /></svg>
      {{ t('rounds.season-lanes.start-steep') }}
      <svg viewBox="-8 -6 16 12" class="small-mark look" aria-hidden="true"><ellipse rx="5" ry="3.2" /></svg>
      {{ t('rounds.season-lanes.look-thick-line') }}
    </p>
  </div>
</template>

<style scoped>
.lanes {
  background: var(--paper); border: 1px solid var(--line); border-radius: var(--radius-l); padding: var(--space-6) var(--space-7);
  display: grid; gap: var(--space-4); grid-template-columns: minmax(0, 1fr);
}
.scroll { overflow-x: auto; }
.scroll > svg { width: 100%; min-width: 760px; display: block; }
text { fill: var(--soft); font-size: var(--text-xs); }
.name { fill: var(--ink); font-size: var(--text-s); }
.week line { stroke: var(--line); }
.lane { stroke: var(--soft); stroke-width: 1.5; }
.now { stroke: var(--brass); stroke-width: 2; }
.rain { fill: var(--water); }
.rain.foretold { fill: none; stroke: var(--water); stroke-width: 1.6; }
.window.fine { fill: var(--leaf); }
.window.poor { fill: var(--brass); }
.mark path { fill: none; stroke: var(--brass); stroke-width: 2; }
.mark ellipse { fill: var(--paper); stroke: var(--water); stroke-width: 2; }
.carried {
  border-left: 6px solid var(--brass); background: var(--brass-wash); border-radius: var(--radius-l); padding: var(--space-5)
  var(--space-7); display: flex; flex-wrap: wrap; gap: var(--space-4) var(--space-9); justify-content: space-between; align-items: center;
}
.carried > :first-child { flex: 1 1 320px; }
.dot {
  display: inline-block; width: 13px; height: 13px; border-radius: 50%; border: 2.5px solid var(--brass); vertical-align: -2px;
  margin-left: var(--space-5);
}
.dot:first-child { margin-left: 0; }
.dot.done { background: var(--leaf); border-color: var(--leaf); }
.dot.other { border-radius: var(--radius-s); transform: rotate(45deg) scale(0.85); }
.dot.skipped { background: var(--mist); border-color: var(--soft); }
.small-mark { width: 16px; height: 16px; vertical-align: -3px; margin-left: var(--space-5); }
.small-mark path { fill: none; stroke: var(--brass); stroke-width: 2; }
.small-mark ellipse { fill: var(--paper); stroke: var(--water); stroke-width: 2; }
</style>
