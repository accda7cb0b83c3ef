<script setup lang="ts">
import { t } from '@/i18n'
import AppField from '@/parts/AppField.vue'
import AppDialog from '@/parts/AppDialog.vue'
import LogDialog from './LogDialog.vue'
import MoveDialog from './MoveDialog.vue'
import { api, take, type Round } from '@/api/client'
import { useGarden } from '@/stores/garden'
import { useSaving } from '@/composables/useSaving'
import { useTimes } from '@/composables/useTimes'
import { NButton } from 'naive-ui'
import { computed, ref } from 'vue'

/** What can be done with a planned round: log it, put it off, move it, skip it. */
const props = withDefaults(
  defineProps<{
    round: Round
    title: string
    volume: string
    now?: boolean
    /** That still want it. */
    plantings?: { id: string; name: string }[]
    withoutLog?: boolean
    /** The next good hour, in words: where putting it off moves it to. */
    next?: string | null
  }>(),
  { now: true, plantings: () => [], withoutLog: false, next: null },
)
const emit = defineEmits<{ changed: [] }>()

const store = useGarden()
const { errors, busy, attempt, done } = useSaving()
const times = useTimes()
const isDue = computed(() => props.round.due_on <= times.todayField())
const showLog = ref(false)
const showMove = ref(false)
const showSkip = ref(false)
const reason = ref('')
const path = () => ({ params: { path: { garden: store.id, round: props.round.id } } })

async function later(): Promise<void> {
  await attempt(async () =>
    done(
      (
        await take(
          api.POST('/api/gardens/{garden}/rounds/{round}/later', {
            ...path(),
            body: { version: props.round.version, reason: t('parts.round-actions.not-day') },
          }),
        )
      ).change,
    ),
  )
  emit('changed')
}
function askSkip(): void {
  showSkip.value = true
  reason.value = ''
  errors.value = {}
}
async function skip(): Promise<void> {
  await attempt(async () =>
    done(
      (
        await take(
          api.POST('/api/gardens/{garden}/rounds/{round}/skip', {
            ...path(),
            body: { version: props.round.version, reason: reason.value },
          }),
        )
      ).change,
    ),
  )
  if (Object.keys(errors.value).length === 0) {
    showSkip.value = false
    emit('changed')
  }
}
</script>

<template>
  <div class="actions">
    <n-button v-if="!withoutLog" :type="now ? 'warning' : 'default'" @click="showLog = true">{{ t('parts.round-actions.log') }}</n-button>
    <n-button v-if="now && isDue" :disabled="busy" :title="t('parts.round-actions.moves-best-next')" @click="later">
      {{
        t('parts.round-actions.not-today')
      }}
    </n-button>
    <n-button @click="showMove = true">{{ t('parts.round-actions.move') }}</n-button>
    <n-button quaternary @click="askSkip">{{ t('parts.round-actions.skip') }}</n-button>
    <log-dialog
      v-if="showLog"
      v-model:shown="showLog"
      :rounds="[round]"
      :title="title"
      :volume="volume"
      :plantings="plantings"
      @done="emit('changed')"
    />
    <move-dialog v-if="showMove" v-model:shown="showMove" :round="round" :title="title" @changed="emit('changed')" />
    <app-dialog v-model:shown="showSkip" :title="t('parts.round-actions.skip-2', { title })" :width="460">
      <form class="form-grid" @submit.prevent="skip">
        <app-field :id="`skip-${round.id}`" v-slot="field" :label="t('parts.round-actions.why')">
          <input v-bind="field" v-model="reason" :placeholder="t('parts.round-actions.rain-wind-bloom')" />
        </app-field>
        <p v-for="message in errors" :key="message" class="field-error">{{ message }}</p>
        <div class="actions">
          <n-button type="primary" attr-type="submit" :loading="busy">{{ t('parts.round-actions.skip-round') }}</n-button>
          <n-button @click="showSkip = false">{{ t('parts.round-actions.not-now') }}</n-button>
        </div>
      </form>
    </app-dialog>
  </div>
</template>
