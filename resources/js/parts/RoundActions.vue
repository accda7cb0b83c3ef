<script setup lang="ts">
import AppDialog from '@/parts/AppDialog.vue'
import LogDialog from './LogDialog.vue'
import { api, ApiFailure, take, type Round } from '@/api/client'
import { useChanges } from '@/stores/changes'
import { useGarden } from '@/stores/garden'
import { NButton } from 'naive-ui'
import { ref } from 'vue'

/** What can be done with a planned round: log it, move it, skip it. */
const props = withDefaults(defineProps<{ round: Round; title: string; volume: string; now?: boolean }>(), { now: true })
const emit = defineEmits<{ changed: [] }>()

const store = useGarden()
const changes = useChanges()
const showLog = ref(false)
const asking = ref<'move' | 'skip' | null>(null)
const day = ref('')
const reason = ref('')
const errors = ref<Record<string, string>>({})

function ask(what: 'move' | 'skip'): void {
  asking.value = what
  day.value = props.round.due_on
  reason.value = ''
  errors.value = {}
}

async function confirm(): Promise<void> {
  const path = { params: { path: { garden: store.id, round: props.round.id } } }
  try {
    const answer = asking.value === 'move'
      ? await take(api.POST('/api/gardens/{garden}/rounds/{round}/move', { ...path, body: { version: props.round.version, due_on: day.value, reason: reason.value } }))
      : await take(api.POST('/api/gardens/{garden}/rounds/{round}/skip', { ...path, body: { version: props.round.version, reason: reason.value } }))
    asking.value = null
    changes.done(answer.change)
    emit('changed')
  } catch (e) {
    if (e instanceof ApiFailure && e.status === 422) errors.value = e.fields
    else {
      changes.failed(e)
      asking.value = null
      emit('changed')
    }
  }
}
</script>

<template>
  <div class="actions">
    <n-button :type="now ? 'warning' : 'default'" @click="showLog = true">Log it</n-button>
    <n-button @click="ask('move')">Move</n-button>
    <n-button quaternary @click="ask('skip')">Skip</n-button>
    <log-dialog v-if="showLog" v-model:shown="showLog" :round="round" :title="title" :volume="volume" @done="emit('changed')" />
    <app-dialog :shown="asking !== null" :title="asking === 'move' ? `Move: ${title}` : `Skip: ${title}`" :width="460" @update:shown="asking = null">
      <form class="form-grid" @submit.prevent="confirm">
        <div v-if="asking === 'move'" class="field">
          <label :for="`day-${round.id}`">To</label>
          <input :id="`day-${round.id}`" v-model="day" class="native" type="date" :aria-invalid="errors.due_on ? 'true' : undefined">
          <p v-if="errors.due_on" class="field-error">{{ errors.due_on }}</p>
        </div>
        <div class="field">
          <label :for="`reason-${round.id}`">Why</label>
          <input :id="`reason-${round.id}`" v-model="reason" class="native" autocomplete="off" placeholder="rain, wind, in bloom …">
        </div>
        <p v-if="errors.status" class="field-error">{{ errors.status }}</p>
        <div class="actions">
          <n-button type="primary" attr-type="submit">{{ asking === 'move' ? 'Move the round' : 'Skip the round' }}</n-button>
          <n-button @click="asking = null">Not now</n-button>
        </div>
      </form>
    </app-dialog>
  </div>
</template>
