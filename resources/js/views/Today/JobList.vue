<script setup lang="ts">
import { t } from '@/i18n'
import BatchCard from './BatchCard.vue'
import LookJob from '@/parts/LookJob.vue'
import PlainJob from './PlainJob.vue'
import TaskJob from './TaskJob.vue'
import type { Schemas } from '@/api/client'
import { computed } from 'vue'

/** What there is to do, one card a thing, in the order in which it is to be done; what has to wait stands below. */
const props = defineProps<{ today: Schemas['Today'] }>()
const emit = defineEmits<{ changed: []; answered: [] }>()
const isWaiting = (job: Schemas['DayJob']) => job.kind === 'spray' && job.state === 'wait'
const now = computed(() => props.today.jobs.filter((job) => !isWaiting(job)))
const waiting = computed(() => props.today.jobs.filter(isWaiting))
const groups = computed(() =>
  [
    { id: 'now', title: '', jobs: now.value },
    { id: 'wait', title: t('today.job-list.when-it-will-do'), jobs: waiting.value },
  ].filter((group) => group.jobs.length > 0),
)
const batch = (job: Schemas['DayJob']) => (job.kind === 'spray' ? props.today.batches.find((one) => one.id === job.id) : undefined)
const task = (job: Schemas['DayJob']) => (job.kind === 'task' ? props.today.tasks[Number(job.id)] : undefined)
const patch = (job: Schemas['DayJob']) => (job.kind === 'patch' ? props.today.patches[Number(job.id)] : undefined)
</script>

<template>
  <section v-for="group in groups" :key="group.id" :aria-label="group.title || t('today.today-view.day-order')" class="group">
    <h2 v-if="group.title">{{ group.title }}</h2>
    <ul>
      <template v-for="(job, n) in group.jobs" :key="`${job.kind}:${job.id}`">
        <batch-card
          v-if="batch(job)"
          :batch="batch(job)!"
          :job="job"
          :first="n === 0 && group.id === 'now'"
          :weather="today.weather"
          @changed="emit('changed')"
        />
        <look-job v-else-if="job.look" :job="job" :look="job.look" :first="n === 0" @answered="emit('answered')" />
        <task-job v-else-if="task(job)" :job="job" :task="task(job)!" :first="n === 0" @changed="emit('changed')" />
        <plain-job v-else :job="job" :patch="patch(job)" :first="n === 0" @changed="emit('changed')" />
      </template>
    </ul>
  </section>
  <section v-if="today.waiting.length" :aria-label="t('today.job-list.not-today')" class="group">
    <h2>{{ t('today.job-list.not-today') }}</h2>
    <p v-for="one in today.waiting" :key="one.due.round.id" class="soft">
      <strong>{{ one.due.recipe }}</strong>, {{ one.due.plantings }}. {{ one.because }}
    </p>
  </section>
</template>

<style scoped>
.group { display: grid; gap: var(--space-5); grid-template-columns: minmax(0, 1fr); }
ul { list-style: none; margin: 0; padding: 0; display: grid; gap: var(--space-5); grid-template-columns: minmax(0, 1fr); }
</style>
