<script setup lang="ts">
import { t } from '@/i18n'
import type { Course, Schemas } from '@/api/client'
import { useTimes } from '@/composables/useTimes'
import { computed } from 'vue'

/** A month on one sheet, to be printed and hung in the shed. */
const props = defineProps<{ month: string; courses: Course[]; marks: Schemas['CourseMark'][] }>()
const times = useTimes()
const fromMonday = [
  t('rounds.month-sheet.monday'),
  t('rounds.month-sheet.tuesday'),
  t('rounds.month-sheet.wednesday'),
  t('rounds.month-sheet.thursday'),
  t('rounds.month-sheet.friday'),
  t('rounds.month-sheet.saturday'),
  t('rounds.month-sheet.sunday'),
]
/** As the week begins where the garden lies. */
const dayNames = computed(() => Array.from({ length: 7 }, (_, n) => fromMonday[(n + times.weekStarts() - 1) % 7]!))
const title = computed(() =>
  times.month(props.month),
)
const clock = (hour: number | null) => (hour === null ? '' : `${times.hour(hour)} `)

function on(day: string): { text: string; kind: string }[] {
  const found: { text: string; kind: string }[] = []
  for (const course of props.courses) {
    for (const round of course.rounds) {
      if (round.due_on === day && round.status !== 'skipped')
        found.push({
          kind: round.status,
          text: `${clock(round.due_hour)}${round.is_other ? course.other : course.recipe}: ${course.plantings.map((one) => one.name).join(', ') || 'paths'}`,
        })
    }
  }
  for (const mark of props.marks)
    if (mark.day === day)
      found.push({
        kind: mark.kind,
        text:
          mark.kind === 'look'
            ? t('rounds.month-sheet.look', { recipe: props.courses.find((one) => one.id === mark.course_id)?.recipe ?? '' })
            : mark.what,
      })
  return found
}
const weeks = computed(() => {
  const first = new Date(`${props.month}-01T00:00:00Z`)
  const start = new Date(first.getTime() - ((first.getUTCDay() - times.weekStarts() + 14) % 7) * 86_400_000)
  const rows: { day: string; number: number; inMonth: boolean; entries: { text: string; kind: string }[] }[][] = []
  for (let at = start; rows.length < 6 && (rows.length === 0 || at.toISOString().slice(0, 7) === props.month);) {
    rows.push(
      Array.from({ length: 7 }, (_, n) => {
        const day = new Date(at.getTime() + n * 86_400_000).toISOString().slice(0, 10)
        return { day, number: Number(day.slice(8)), inMonth: day.slice(0, 7) === props.month, entries: on(day) }
      }),
    )
    at = new Date(at.getTime() + 7 * 86_400_000)
  }
  return rows
})
</script>

<template>
  <table class="month">
    <caption>
      {{
        title
      }}
    </caption>
    <thead>
      <tr>
        <th v-for="name in dayNames" :key="name" scope="col">{{ name }}</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="week in weeks" :key="week[0]!.day">
        <td v-for="day in week" :key="day.day" :class="{ away: !day.inMonth }">
          <span class="number">{{ day.number }}</span>
          <p v-for="entry in day.entries" :key="entry.text" :class="entry.kind">
            {{ entry.kind === 'planned' ? '☐' : entry.kind === 'done' ? '☑' : entry.kind === 'start' ? '▽' : '◇' }} {{ entry.text }}
          </p>
        </td>
      </tr>
    </tbody>
  </table>
</template>

<style scoped>
.month { border-collapse: collapse; width: 100%; table-layout: fixed; background: var(--paper); }
caption { font-family: Literata, Georgia, serif; font-size: var(--text-2xl); text-align: left; padding-bottom: var(--space-5); }
th { font-weight: 600; font-size: var(--text-s); text-align: left; padding: var(--space-2) var(--space-4); border: 1px solid var(--line); }
td {
  border: 1px solid var(--line); vertical-align: top; height: 92px; padding: var(--space-2) var(--space-4); overflow-wrap: anywhere;
  font-size: var(--text-xs);
}
.away { background: var(--mist); color: var(--soft); }
.number { font-weight: 600; }
.done { color: var(--leaf); }
</style>
