<script setup lang="ts">
import { t } from '@/i18n'
import AppDialog from '@/parts/AppDialog.vue'
import { api, ApiFailure, take, type Round } from '@/api/client'
import { useGarden } from '@/stores/garden'
import { useSaving } from '@/stores/saving'
import { useTimes } from '@/stores/times'
import { useLocalStorage } from '@vueuse/core'
import { NButton } from 'naive-ui'
import { computed, reactive, watch } from 'vue'

/** Writing down what was sprayed, all of it or a part. What is typed is kept on this device until it is logged. */
const shown = defineModel<boolean>('shown', { required: true })
const props = withDefaults(defineProps<{
  rounds: Round[]; title: string; volume: string
  /** That are still to be sprayed. */
  plantings?: { id: string; name: string }[]
  /** Of them those that were ticked off; all where none were. */
  sprayed?: string[]
  /** Some of them are delicate: asked whether they were rinsed. */
  rinse?: boolean | null
  /** As it goes into the log. */
  weather?: string | null
}>(), { plantings: () => [], sprayed: () => [], rinse: null, weather: null })
const emit = defineEmits<{ done: [] }>()

const store = useGarden()
const times = useTimes()
const { errors, busy, attempt, done } = useSaving()
const notes = useLocalStorage<Record<string, string>>('nebbia.log-notes', {})
const by = useLocalStorage('nebbia.log-by', '')
const form = reactive({ at: '', volume: '', left: '', note: '', plantings: [] as string[], rinsed: false })
const key = computed(() => props.rounds[0]?.id ?? '')
const isPart = computed(() => form.plantings.length > 0 && form.plantings.length < props.plantings.length)

watch(shown, (now) => {
  if (!now) return
  errors.value = {}
  Object.assign(form, { at: times.nowField(), volume: '', left: '', note: notes.value[key.value] ?? '', rinsed: props.rinse ?? false })
  form.plantings = props.sprayed.length ? [...props.sprayed] : props.plantings.map((one) => one.id)
}, { immediate: true })
watch(() => form.note, (note) => { notes.value = { ...notes.value, [key.value]: note } })

const log = () => attempt(async () => {
  try {
    done(await take(api.POST('/api/gardens/{garden}/batches', {
      params: { path: { garden: store.id } },
      body: {
        rounds: props.rounds.map((round) => ({ id: round.id, version: round.version })), planting_ids: props.plantings.length ? form.plantings : null, applied_at: form.at.slice(0, 16), volume: form.volume, left: form.left,
        rinsed: props.rinse === null ? null : form.rinsed, by: by.value, note: form.note,
      },
    })))
  } catch (e) {
    // Somebody was quicker: what is shown is read again.
    if (e instanceof ApiFailure && e.status === 409) emit('done')
    throw e
  }
  const rest = { ...notes.value }
  delete rest[key.value]
  notes.value = rest
  // Before it is closed: what is no longer there tells nobody.
  emit('done')
  shown.value = false
})
</script>

<template>
  <app-dialog v-model:shown="shown" :title="t('parts.log-dialog.log', { title })">
    <form class="form-grid" @submit.prevent="log">
      <fieldset v-if="plantings.length > 1" class="on">
        <legend>{{ t('parts.log-dialog.sprayed') }}</legend>
        <label v-for="planting in plantings" :key="planting.id"><input v-model="form.plantings" type="checkbox" :value="planting.id"> {{ planting.name }}</label>
        <p v-if="isPart" class="soft small">{{ t('parts.log-dialog.round-stays-planned') }}</p>
        <p v-if="errors.planting_ids" class="field-error">{{ errors.planting_ids }}</p>
      </fieldset>
      <div class="two">
        <div class="field">
          <label for="log-at">{{ t('parts.log-dialog.when') }}</label>
          <input id="log-at" v-model="form.at" class="native" type="datetime-local" :aria-invalid="errors.applied_at ? 'true' : undefined">
          <p v-if="errors.applied_at" class="field-error">{{ errors.applied_at }}</p>
        </div>
        <div class="field">
          <label for="log-by">{{ t('parts.log-dialog.who') }}</label>
          <input id="log-by" v-model="by" class="native" autocomplete="off">
        </div>
        <div class="field">
          <label for="log-volume">{{ t('parts.log-dialog.how-much-was') }}</label>
          <input id="log-volume" v-model="form.volume" class="native" :placeholder="isPart ? t('parts.log-dialog.its-share') : volume" autocomplete="off" :aria-invalid="errors.volume ? 'true' : undefined">
          <p v-if="errors.volume" class="field-error">{{ errors.volume }}</p>
        </div>
        <div class="field">
          <label for="log-left">{{ t('parts.log-dialog.left-over') }}</label>
          <input id="log-left" v-model="form.left" class="native" :placeholder="t('parts.log-dialog.nothing')" autocomplete="off" :aria-invalid="errors.left ? 'true' : undefined">
          <p v-if="errors.left" class="field-error">{{ errors.left }}</p>
        </div>
      </div>
      <label v-if="rinse !== null" class="rinsed"><input v-model="form.rinsed" type="checkbox">{{ t('parts.log-dialog.delicate-ones-were') }}</label>
      <div class="field">
        <label for="log-note">{{ t('parts.log-dialog.what-saw') }}</label>
        <textarea id="log-note" v-model="form.note" class="native" rows="3" :placeholder="t('parts.log-dialog.how-many-where')" />
      </div>
      <p v-if="weather" class="soft small">{{ t('parts.log-dialog.weather-hour-written', { weather }) }}</p>
      <p v-if="errors.status || errors.rounds" class="field-error">{{ errors.status ?? errors.rounds }}</p>
      <div class="actions">
        <n-button type="primary" attr-type="submit" :loading="busy">{{ isPart ? t('parts.log-dialog.log-part') : t('parts.log-dialog.log-2') }}</n-button>
        <n-button @click="shown = false">{{ t('parts.log-dialog.not-now') }}</n-button>
      </div>
    </form>
  </app-dialog>
</template>

<style scoped>
.on { border: 1px solid var(--line); border-radius: 8px; padding: 2px 14px 8px; min-width: 0; }
.on legend { font-weight: 600; font-size: 15px; padding: 0 6px; }
label:has(> input[type='checkbox']) { display: flex; gap: 10px; align-items: center; min-height: 44px; }
input[type='checkbox'] { width: 22px; height: 22px; accent-color: var(--leaf); flex: none; }
</style>
