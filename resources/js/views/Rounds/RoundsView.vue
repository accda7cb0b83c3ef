<script setup lang="ts">
import { t } from '@/i18n'
import ChorePanel from './ChorePanel.vue'
import CourseCard from './CourseCard.vue'
import SeasonLanes from './SeasonLanes.vue'
import EmptyNote from '@/parts/EmptyNote.vue'
import LoadingNote from '@/parts/LoadingNote.vue'
import PageHead from '@/parts/PageHead.vue'
import ReplanNote from '@/parts/ReplanNote.vue'
import RoundList from './RoundList.vue'
import { useRounds } from './useRounds'
import type { Course } from '@/api/client'
import { useGarden } from '@/stores/garden'
import { useTimes } from '@/composables/useTimes'
import { useLocalStorage } from '@vueuse/core'
import { NButton } from 'naive-ui'
import { computed } from 'vue'
import { useRouter } from 'vue-router'

const store = useGarden()
const times = useTimes()
const router = useRouter()
const { courses, lanes, replans, load } = useRounds()
/** On a phone the list is what can be read; whoever wants the lanes says so once. */
const asList = useLocalStorage('nebbia.rounds-as-list', window.matchMedia('(max-width: 760px)').matches)

const nextDay = (course: Course) => course.rounds.find((round) => round.status === 'planned')?.due_on ?? ''
const running = computed(() =>
  (courses.value ?? []).filter((course) => nextDay(course) !== '').sort((a, b) => nextDay(a).localeCompare(nextDay(b))),
)
const over = computed(() => (courses.value ?? []).filter((course) => nextDay(course) === ''))
const title = computed(() => {
  const first = running.value[0]
  if (!first) return t('rounds.rounds-view.no-rounds-planned')
  const count = running.value.reduce((sum, course) => sum + course.rounds.filter((round) => round.status === 'planned').length, 0)
  return t('rounds.rounds-view.ahead-next', {
    count,
    rounds: count === 1 ? 'round' : 'rounds',
    first:
      nextDay(first) <= times.todayField() ? t('rounds.rounds-view.due') : t('rounds.rounds-view.on', { first: times.day(nextDay(first)) }),
  })
})
</script>

<template>
  <div class="rounds">
    <loading-note v-if="!courses || !lanes || !replans" :what="t('rounds.rounds-view.laying-out-rounds')" />
    <template v-else>
      <page-head :title="title">
        <router-link class="calendar" :to="{ name: 'month' }">{{ t('rounds.rounds-view.month-print') }}</router-link>
        <a class="calendar" :href="`/api/gardens/${store.id}/rounds.ics`">{{ t('rounds.rounds-view.calendar-file-address') }}</a>
        <n-button type="primary" @click="router.push({ name: 'bench' })">{{ t('rounds.rounds-view.plan-from-recipe') }}</n-button>
      </page-head>
      <replan-note @changed="load" />
      <div v-if="courses.length" class="shown" role="group" :aria-label="t('rounds.rounds-view.how-show-them')">
        <n-button size="small" :type="asList ? 'default' : 'primary'" :aria-pressed="!asList" @click="asList = false">
          {{
            t('rounds.rounds-view.as-lanes')
          }}
        </n-button>
        <n-button size="small" :type="asList ? 'primary' : 'default'" :aria-pressed="asList" @click="asList = true">
          {{
            t('rounds.rounds-view.as-list')
          }}
        </n-button>
      </div>
      <round-list v-if="courses.length && asList" :courses="running" :marks="lanes.marks" />
      <season-lanes
        v-else-if="courses.length"
        :courses="[...running, ...over]"
        :today="times.todayField()"
        :lanes="lanes"
        @changed="load"
      />
      <empty-note v-if="running.length === 0" :title="t('rounds.rounds-view.nothing-planned')">
        {{ t('rounds.rounds-view.choose-recipe-bench') }}
        <template #actions>
          <n-button type="primary" @click="router.push({ name: 'bench' })">{{ t('rounds.rounds-view.bench') }}</n-button>
        </template>
      </empty-note>
      <section v-if="running.length" aria-labelledby="running" class="cards">
        <h2 id="running">{{ t('rounds.rounds-view.under-way') }}</h2>
        <p class="soft">{{ t('rounds.rounds-view.course-ends-two') }}</p>
        <course-card v-for="course in running" :key="course.id" :course="course" @changed="load" />
      </section>
      <chore-panel />
      <details v-if="over.length">
        <summary>{{ t('rounds.rounds-view.over', { over: over.length, courses: over.length === 1 ? 'course' : 'courses' }) }}</summary>
        <div class="cards"><course-card v-for="course in over" :key="course.id" :course="course" @changed="load" /></div>
      </details>
    </template>
  </div>
</template>

<style scoped>
.rounds {
  padding: var(--space-8) var(--space-9) var(--space-11); display: grid; grid-template-columns: minmax(0, 1fr); gap: var(--space-8);
}
.shown { display: flex; gap: var(--space-4); }
.cards { display: grid; grid-template-columns: minmax(0, 1fr); gap: var(--space-6); }
summary { cursor: pointer; min-height: var(--finger); font-weight: 600; padding-top: var(--space-5); }
@media (max-width: 760px) { .rounds { padding: var(--space-7) var(--space-7) var(--space-10); } }
.calendar { min-height: var(--finger); display: inline-flex; align-items: center; }
</style>
