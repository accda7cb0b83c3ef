<script setup lang="ts">
import { t } from '@/i18n'
import { api, take, type Schemas } from '@/api/client'
import { useGarden } from '@/stores/garden'
import { useSaving } from '@/composables/useSaving'
import { useTimes } from '@/composables/useTimes'
import { NButton } from 'naive-ui'
import { computed } from 'vue'

type Task = Schemas['MakingTask']

/** What jars and rounds want done today: stir, strain, test, use up, throw away, start. */
const props = defineProps<{ title: string; tasks: Task[] }>()
const id = computed(() => props.title.toLowerCase().replace(/ /g, '-'))
const emit = defineEmits<{ changed: [] }>()

const store = useGarden()
const times = useTimes()
const { busy, attempt, done } = useSaving()
const path = (task: Task) => ({ params: { path: { garden: store.id, preparation: task.preparation_id! } } })

const stirred = (task: Task) =>
  attempt(async () => {
    const saved = await take(
      api.PATCH('/api/gardens/{garden}/preparations/{preparation}', { ...path(task), body: { version: task.version!, stirred: true } }),
    )
    done(saved.change)
    emit('changed')
  })
const throwAway = (task: Task) =>
  attempt(async () => {
    done(await take(api.DELETE('/api/gardens/{garden}/preparations/{preparation}', path(task))))
    emit('changed')
  })
const to = (task: Task) =>
  task.preparation_id
    ? { name: 'making', params: { preparation: task.preparation_id } }
    : { name: 'making', params: { preparation: '' }, query: { kind: task.making_kind ?? undefined, want: task.want ?? undefined } }
const WORDS: Record<Task['kind'], string> = {
  stir: t('today.task-list.stirred'),
  strain: t('today.task-list.strain'),
  test: t('today.task-list.test'),
  throw: t('today.task-list.thrown-away'),
  use: t('today.task-list.open'),
  start: t('today.task-list.start'),
}
</script>

<template>
  <section class="ruled with-do" :aria-labelledby="id">
    <h2 :id="id">{{ title }}</h2>
    <ul>
      <li v-for="(task, n) in tasks" :key="n" :class="task.kind">
        <div>
          <p>
            <router-link :to="to(task)">{{ task.what }}</router-link>
          </p>
          <p class="soft small">
            {{ task.because
            }}<template v-if="task.at && task.kind === 'start'">{{ t('today.task-list.by', { task: times.instant(task.at) }) }}</template>
          </p>
        </div>
        <n-button
          v-if="task.kind === 'stir'"
          size="small"
          :disabled="busy"
          :aria-label="`${WORDS.stir}: ${task.what}`"
          @click="stirred(task)"
        >
          {{ WORDS.stir }}
        </n-button>
        <n-button
          v-else-if="task.kind === 'throw'"
          size="small"
          :disabled="busy"
          :aria-label="`${WORDS.throw}: ${task.what}`"
          @click="throwAway(task)"
        >
          {{ WORDS.throw }}
        </n-button>
        <router-link v-else class="go" :to="to(task)" :aria-label="`${WORDS[task.kind]}: ${task.what}`">{{ WORDS[task.kind] }}</router-link>
      </li>
    </ul>
  </section>
</template>

<style scoped>
.go { white-space: nowrap; min-height: 34px; display: inline-flex; align-items: center; }
</style>
