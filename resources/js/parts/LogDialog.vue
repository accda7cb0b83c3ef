<script setup lang="ts">
import AppDialog from '@/parts/AppDialog.vue'
import { api, ApiFailure, take, type Round } from '@/api/client'
import { useChanges } from '@/stores/changes'
import { useGarden } from '@/stores/garden'
import { useTimes } from '@/stores/times'
import { useLocalStorage } from '@vueuse/core'
import { NButton } from 'naive-ui'
import { reactive, ref, watch } from 'vue'

/** Writing down that a round was done. What is typed is kept on this device until it is logged. */
const shown = defineModel<boolean>('shown', { required: true })
const props = defineProps<{ round: Round; title: string; volume: string }>()
const emit = defineEmits<{ done: [] }>()

const store = useGarden()
const times = useTimes()
const changes = useChanges()
const notes = useLocalStorage<Record<string, string>>('nebbia.log-notes', {})
const by = useLocalStorage('nebbia.log-by', '')
const form = reactive({ at: '', volume: '', note: '' })
const errors = ref<Record<string, string>>({})
const busy = ref(false)

watch(shown, (now) => {
  if (!now) return
  errors.value = {}
  form.at = times.nowField()
  form.volume = ''
  form.note = notes.value[props.round.id] ?? ''
}, { immediate: true })
watch(() => form.note, (note) => { notes.value = { ...notes.value, [props.round.id]: note } })

async function log(): Promise<void> {
  busy.value = true
  errors.value = {}
  try {
    const logged = await take(api.POST('/api/gardens/{garden}/rounds/{round}/log', {
      params: { path: { garden: store.id, round: props.round.id } },
      body: { version: props.round.version, applied_at: form.at.slice(0, 16), volume: form.volume, by: by.value, note: form.note },
    }))
    const rest = { ...notes.value }
    delete rest[props.round.id]
    notes.value = rest
    shown.value = false
    changes.done(logged.change)
    emit('done')
  } catch (e) {
    if (e instanceof ApiFailure && e.status === 422) errors.value = e.fields
    else changes.failed(e)
    if (e instanceof ApiFailure && e.status === 409) emit('done')
  } finally {
    busy.value = false
  }
}
</script>

<template>
  <app-dialog v-model:shown="shown" :title="`Log: ${title}`">
    <form class="form-grid" @submit.prevent="log">
      <div class="two">
        <div class="field">
          <label for="log-at">When</label>
          <input id="log-at" v-model="form.at" class="native" type="datetime-local" :aria-invalid="errors.applied_at ? 'true' : undefined">
          <p v-if="errors.applied_at" class="field-error">{{ errors.applied_at }}</p>
        </div>
        <div class="field">
          <label for="log-volume">How much was used</label>
          <input id="log-volume" v-model="form.volume" class="native" :placeholder="volume" autocomplete="off" :aria-invalid="errors.volume ? 'true' : undefined">
          <p v-if="errors.volume" class="field-error">{{ errors.volume }}</p>
        </div>
      </div>
      <div class="field">
        <label for="log-by">Who</label>
        <input id="log-by" v-model="by" class="native" autocomplete="off">
      </div>
      <div class="field">
        <label for="log-note">What you saw</label>
        <textarea id="log-note" v-model="form.note" class="native" rows="3" placeholder="How many, where, anything burnt?" />
      </div>
      <p v-if="errors.status" class="field-error">{{ errors.status }}</p>
      <div class="actions">
        <n-button type="primary" attr-type="submit" :loading="busy">Log it</n-button>
        <n-button @click="shown = false">Not now</n-button>
      </div>
    </form>
  </app-dialog>
</template>
