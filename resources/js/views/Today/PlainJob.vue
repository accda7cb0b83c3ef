<script setup lang="ts">
import { t } from '@/i18n'
import JobRow from '@/parts/JobRow.vue'
import { api, ApiFailure, take, type Schemas } from '@/api/client'
import { useGarden } from '@/stores/garden'
import { useSaving } from '@/composables/useSaving'
import { NButton, useMessage } from 'naive-ui'

/** Feeding, watering and what else comes round; a patch to be looked at; a course that is over. */
defineProps<{ job: Schemas['DayJob']; patch?: Schemas['DuePatch'] | undefined; first?: boolean }>()
const emit = defineEmits<{ changed: [] }>()
const store = useGarden()
const { busy, attempt, done } = useSaving()
const message = useMessage()

const doChore = (job: Schemas['DayJob'], left: boolean) =>
  attempt(async () => {
    try {
      const saved = await take(
        api.POST('/api/gardens/{garden}/chores/{chore}/done', {
          params: { path: { garden: store.id, chore: job.id } },
          body: { version: job.chore!.version, left, also: job.also },
        }),
      )
      done(saved.change)
    } catch (e) {
      // Whoever was quicker has done it: there is no version to choose, only what stands now.
      if (!(e instanceof ApiFailure) || e.status !== 409) throw e
      message.info(t('today.plain-job.done-meanwhile'))
    }
    emit('changed')
  })
const tick = (job: Schemas['DayJob']) =>
  attempt(async () => {
    done(await take(api.POST('/api/gardens/{garden}/ticks', { params: { path: { garden: store.id } }, body: { step: job.id, done: !job.done } })))
    emit('changed')
  })
const end = (job: Schemas['DayJob']) =>
  attempt(async () => {
    done(await take(api.DELETE('/api/gardens/{garden}/courses/{course}', { params: { path: { garden: store.id, course: job.id } } })))
    emit('changed')
  })
</script>

<template>
  <job-row v-if="job.kind === 'patch' && patch" :when="job.when" :first="first">
    <p class="title">
      <router-link :to="{ name: 'leaves', params: { planting: patch.planting_id } }">{{ patch.planting }}</router-link>{{ t('today.look-list.test-patch') }}
    </p>
    <p class="soft small">
      {{ patch.recipe
      }}<template v-if="patch.fraction < 1">{{ t('today.look-list.at', { fraction: Math.round(patch.fraction * 100) }) }}</template>{{ t('today.look-list.how-did-leaves') }}
    </p>
    <template #do>
      <router-link class="go" :to="{ name: 'leaves', params: { planting: patch.planting_id } }">{{ t('today.plain-job.to-leaves') }}</router-link>
    </template>
  </job-row>
  <job-row v-else-if="job.chore" :when="job.when" :first="first">
    <p class="title">{{ job.said }}</p>
    <p class="soft small">{{ job.chore.often }}</p>
    <template #do>
      <n-button
        :type="first ? 'primary' : 'default'"
        :disabled="busy"
        :aria-label="t('today.plain-job.done-of', { what: job.said })"
        @click="doChore(job, false)"
      >
        {{ t('today.plain-job.done') }}
      </n-button>
      <n-button quaternary :disabled="busy" :aria-label="t('today.plain-job.leave-of', { what: job.said })" @click="doChore(job, true)">
        {{ t('today.plain-job.leave') }}
      </n-button>
    </template>
  </job-row>
  <job-row v-else-if="job.kind === 'water'" :when="job.when" :first="first && !job.done" :quiet="job.done">
    <p :class="['title', { gone: job.done }]">{{ job.said }}</p>
    <template #do>
      <n-button :disabled="busy" :aria-label="t('today.plain-job.done-of', { what: job.said })" @click="tick(job)">
        {{ job.done ? t('today.plain-job.not-done') : t('today.plain-job.done') }}
      </n-button>
    </template>
  </job-row>
  <job-row v-else-if="job.kind === 'ending'" :when="job.when" :first="first">
    <p class="title">{{ job.said }}</p>
    <template #do>
      <n-button type="primary" :disabled="busy" @click="end(job)">{{ t('today.plain-job.end') }}</n-button>
    </template>
  </job-row>
</template>

<style scoped>
.gone { text-decoration: line-through; color: var(--soft); }
.go { min-height: var(--finger); display: inline-flex; align-items: center; }
</style>
