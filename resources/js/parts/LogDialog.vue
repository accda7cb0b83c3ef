<script setup lang="ts">
import { t } from '@/i18n'
import AppField from '@/parts/AppField.vue'
import FormNotes from '@/parts/FormNotes.vue'
import AppDialog from '@/parts/AppDialog.vue'
import { api, ApiFailure, take, type Round } from '@/api/client'
import { useGarden } from '@/stores/garden'
import { useForm } from '@/composables/useForm'
import { useTimes } from '@/composables/useTimes'
import { useLocalStorage } from '@vueuse/core'
import { NButton } from 'naive-ui'
import { computed } from 'vue'

/** Writing down what was sprayed, all of it or a part. What is typed is kept on this device until it is logged. */
const shown = defineModel<boolean>('shown', { required: true })
const props = withDefaults(
  defineProps<{
    rounds: Round[]
    title: string
    volume: string
    /** That are still to be sprayed. */
    plantings?: { id: string; name: string }[]
    /** Of them those that were ticked off; all where none were. */
    sprayed?: string[]
    /** Some of them are delicate: asked whether they were rinsed. */
    rinse?: boolean | null
    /** As it goes into the log. */
    weather?: string | null
  }>(),
  { plantings: () => [], sprayed: () => [], rinse: null, weather: null },
)
const emit = defineEmits<{ done: [] }>()

const store = useGarden()
const times = useTimes()
/** What was ticked off while spraying counts, whatever was typed the last time. */
const ticked = () => (props.sprayed.length ? [...props.sprayed] : props.plantings.map((one) => one.id))
const { values: form, errors, busy, notes, attempt, done } = useForm(shown, {
  reload: () => emit('done'),
  kept: () => `log.${props.rounds.map((round) => round.id).join('.')}`,
  blank: () => ({ at: times.nowField(), volume: '', left: '', note: '', plantings: ticked(), rinsed: props.rinse ?? false }),
  opened: (values) => {
    values.plantings = ticked()
  },
})
const by = useLocalStorage('nebbia.log-by', '')
const isPart = computed(() => form.plantings.length > 0 && form.plantings.length < props.plantings.length)

const log = () =>
  attempt(async () => {
    try {
      done(
        await take(
          api.POST('/api/gardens/{garden}/batches', {
            params: { path: { garden: store.id } },
            body: {
              rounds: props.rounds.map((round) => ({ id: round.id, version: round.version })),
              planting_ids: props.plantings.length ? form.plantings : null,
              applied_at: form.at.slice(0, 16),
              volume: form.volume,
              left: form.left,
              rinsed: props.rinse === null ? null : form.rinsed,
              by: by.value,
              note: form.note,
            },
          }),
        ),
      )
    } catch (e) {
      // Somebody was quicker: what is shown is read again.
      if (e instanceof ApiFailure && e.status === 409) emit('done')
      throw e
    }
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
        <label v-for="planting in plantings" :key="planting.id"><input v-model="form.plantings" type="checkbox" :value="planting.id" /> {{ planting.name }}</label>
        <p v-if="isPart" class="soft small">{{ t('parts.log-dialog.round-stays-planned') }}</p>
        <p v-if="errors.planting_ids" class="field-error">{{ errors.planting_ids }}</p>
      </fieldset>
      <div class="two">
        <app-field id="log-at" v-slot="field" :label="t('parts.log-dialog.when')" :error="errors.applied_at">
          <input v-bind="field" v-model="form.at" type="datetime-local" />
        </app-field>
        <app-field id="log-by" v-slot="field" :label="t('parts.log-dialog.who')">
          <input v-bind="field" v-model="by" />
        </app-field>
        <app-field id="log-volume" v-slot="field" :label="t('parts.log-dialog.how-much-was')" :error="errors.volume">
          <input v-bind="field" v-model="form.volume" :placeholder="isPart ? t('parts.log-dialog.its-share') : volume" />
        </app-field>
        <app-field id="log-left" v-slot="field" :label="t('parts.log-dialog.left-over')" :error="errors.left">
          <input v-bind="field" v-model="form.left" :placeholder="t('parts.log-dialog.nothing')" />
        </app-field>
      </div>
      <label v-if="rinse !== null" class="rinsed"><input v-model="form.rinsed" type="checkbox" />{{ t('parts.log-dialog.delicate-ones-were') }}</label>
      <app-field id="log-note" v-slot="field" :label="t('parts.log-dialog.what-saw')">
        <textarea v-bind="field" v-model="form.note" rows="3" :placeholder="t('parts.log-dialog.how-many-where')" />
      </app-field>
      <p v-if="weather" class="soft small">{{ t('parts.log-dialog.weather-hour-written', { weather }) }}</p>
      <p v-if="errors.status || errors.rounds" class="field-error">{{ errors.status ?? errors.rounds }}</p>
      <form-notes :of="notes" />
      <div class="actions">
        <n-button type="primary" attr-type="submit" :loading="busy">
          {{
            isPart ? t('parts.log-dialog.log-part') : t('parts.log-dialog.log-2')
          }}
        </n-button>
        <n-button @click="shown = false">{{ t('parts.log-dialog.not-now') }}</n-button>
      </div>
    </form>
  </app-dialog>
</template>

<style scoped>
.on { border: 1px solid var(--line); border-radius: var(--radius-m); padding: var(--space-1) var(--space-6) var(--space-4); min-width: 0; }
.on legend { font-weight: 600; font-size: var(--text-s); padding: 0 var(--space-3); }
label:has(> input[type='checkbox']) { display: flex; gap: var(--space-5); align-items: center; min-height: var(--finger); }
input[type='checkbox'] { width: var(--tick); height: var(--tick); accent-color: var(--leaf); flex: none; }
</style>
