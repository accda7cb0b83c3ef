<script setup lang="ts">
import { t } from '@/i18n'
import type { Course, Schemas } from '@/api/client'
import { useTimes } from '@/composables/useTimes'
import { computed } from 'vue'

/** All that is to come in one plain list, by days. */
const props = defineProps<{ courses: Course[]; marks: Schemas['CourseMark'][] }>()
const times = useTimes()
const today = computed(() => times.todayField())
interface Entry {
  day: string
  at: string
  what: string
  more: string
  kind: 'round' | 'start' | 'look'
}
const clock = (hour: number | null) => (hour === null ? '' : times.hour(hour))
const days = computed(() => {
  const entries: Entry[] = []
  for (const course of props.courses) {
    for (const round of course.rounds.filter((one) => one.status === 'planned')) {
      entries.push({
        day: round.due_on,
        at: clock(round.due_hour),
        kind: 'round',
        what: `${round.is_other ? course.other : course.recipe}${course.target ? t('rounds.round-list.against', { target: course.target }) : ''}`,
        more: t('rounds.round-list.round', {
          volume: course.volume,
          sprayer: course.sprayer ? `, ${course.sprayer}` : '',
          surfaces:
            course.plantings
              .filter((one) => !round.done_planting_ids.includes(one.id))
              .map((one) => `${one.number} × ${one.name}`)
              .join(', ') || t('rounds.round-list.paths-surfaces'),
          number: round.number,
          times: course.times,
        }),
      })
    }
  }
  for (const mark of props.marks)
    entries.push({
      day: mark.day,
      at: '',
      kind: mark.kind,
      what: mark.what,
      more: props.courses.find((one) => one.id === mark.course_id)?.recipe ?? '',
    })
  entries.sort((a, b) => a.day.localeCompare(b.day) || a.at.localeCompare(b.at))
  const found: { day: string; entries: Entry[] }[] = []
  for (const entry of entries) {
    if (found.at(-1)?.day === entry.day) found.at(-1)!.entries.push(entry)
    else found.push({ day: entry.day, entries: [entry] })
  }
  return found
})
const WORDS: Record<Entry['kind'], string> = { round: t('rounds.round-list.spray'), start: '▽', look: '◇' }
</script>

<template>
  <ol class="list">
    <li v-for="one in days" :key="one.day">
      <h3>
        {{ times.day(one.day) }}
        <span v-if="one.day <= today" class="when" :class="{ late: one.day < today }">{{
          one.day < today ? t('rounds.round-list.overdue') : t('rounds.round-list.today')
        }}</span>
      </h3>
      <ul>
        <li v-for="(entry, n) in one.entries" :key="n" :class="entry.kind">
          <span class="kind">{{ entry.at || WORDS[entry.kind] }}</span>
          <span><strong v-if="entry.kind === 'round'">{{ entry.what }}</strong><template v-else>{{ entry.what }}</template> <span class="soft small">{{ entry.more }}</span></span>
        </li>
      </ul>
    </li>
  </ol>
</template>

<style scoped>
.list, .list ul { list-style: none; margin: 0; padding: 0; }
.list > li {
  display: grid; grid-template-columns: 200px minmax(0, 1fr); gap: var(--space-2) var(--space-8); padding: var(--space-5) 0; border-top:
  1px solid var(--line);
}
h3 { font-size: var(--text-m); }
.when { font-family: var(--plain); font-size: var(--text-s); font-weight: 600; color: var(--brass); margin-left: var(--space-3); }
.late { color: var(--madder); }
.list ul { display: grid; gap: var(--space-3); }
.list ul li { display: grid; grid-template-columns: 64px minmax(0, 1fr); gap: var(--space-5); align-items: baseline; }
.kind { color: var(--soft); font-size: var(--text-s); }
.round .kind { color: var(--brass); font-weight: 600; }
@media (max-width: 760px) { .list > li { grid-template-columns: minmax(0, 1fr); } }
</style>
