<script setup lang="ts">
import { t } from '@/i18n'
import JobRow from '@/parts/JobRow.vue'
import { api, take, type Schemas } from '@/api/client'
import { useGarden } from '@/stores/garden'
import { useSaving } from '@/composables/useSaving'
import { NButton } from 'naive-ui'
import { computed } from 'vue'
import { useRouter } from 'vue-router'

type Task = Schemas['MakingTask']

/** What a jar wants done today: stir, strain, test, use up, throw away, start. */
const props = defineProps<{ job: Schemas['DayJob']; task: Task; first?: boolean }>()
const emit = defineEmits<{ changed: [] }>()
const store = useGarden()
const router = useRouter()
const { busy, attempt, done } = useSaving()
const path = () => ({ params: { path: { garden: store.id, preparation: props.task.preparation_id! } } })

const act = () =>
  attempt(async () => {
    if (props.task.kind === 'stir') {
      const saved = await take(
        api.PATCH('/api/gardens/{garden}/preparations/{preparation}', {
          ...path(),
          body: { version: props.task.version!, stirred: true },
        }),
      )
      done(saved.change)
    } else if (props.task.kind === 'throw') {
      done(await take(api.DELETE('/api/gardens/{garden}/preparations/{preparation}', path())))
    } else {
      await router.push(to.value)
      return
    }
    emit('changed')
  })
const to = computed(() =>
  props.task.preparation_id
    ? { name: 'making', params: { preparation: props.task.preparation_id } }
    : { name: 'making', params: { preparation: '' }, query: { kind: props.task.making_kind ?? undefined, want: props.task.want ?? undefined } },
)
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
  <job-row :when="job.when" :first="first">
    <p class="title"><router-link :to="to">{{ task.what }}</router-link></p>
    <p class="soft small">{{ task.because }}</p>
    <template #do>
      <n-button
        :type="first ? 'primary' : 'default'"
        :disabled="busy"
        :aria-label="`${WORDS[task.kind]}: ${task.what}`"
        @click="act"
      >
        {{ WORDS[task.kind] }}
      </n-button>
    </template>
  </job-row>
</template>
