<script setup lang="ts">
import { t } from '@/i18n'
import AppField from '@/parts/AppField.vue'
import AppDialog from '@/parts/AppDialog.vue'
import { api, take } from '@/api/client'
import { useGarden } from '@/stores/garden'
import { useSaving } from '@/composables/useSaving'
import { NButton } from 'naive-ui'
import { ref, watch } from 'vue'

/** A forecast out of a file, in place of the made-up one. */
const shown = defineModel<boolean>('shown', { required: true })
const emit = defineEmits<{ changed: [] }>()
const store = useGarden()
const { errors, busy, attempt, done } = useSaving()
const csv = ref('')
const file = ref('')
watch(shown, (now) => {
  if (now) csv.value = file.value = ''
  errors.value = {}
})

async function choose(event: Event): Promise<void> {
  const chosen = (event.target as HTMLInputElement).files?.[0]
  csv.value = chosen ? await chosen.text() : ''
  file.value = chosen?.name ?? ''
  errors.value = {}
}
const read = () =>
  attempt(async () => {
    const change = await take(
      api.POST('/api/gardens/{garden}/weather', { params: { path: { garden: store.id } }, body: { csv: csv.value } }),
    )
    shown.value = false
    done(change)
    emit('changed')
  })
</script>

<template>
  <app-dialog v-model:shown="shown" :title="t('today.weather-dialog.import-forecast')">
    <p>
      {{ t('today.weather-dialog.hourly-weather-as') }} <code>{{ t('today.weather-dialog.time-temp-c') }}</code>
      {{ t('today.weather-dialog.any-order-times') }}
    </p>
    <form class="form-grid" @submit.prevent="read">
      <app-field id="w-file" v-slot="field" :label="t('today.weather-dialog.csv-file')">
        <input v-bind="field" type="file" accept=".csv,text/csv" @change="choose" />
        <p v-for="message in errors" :key="message" class="field-error" role="alert">
          {{ t('today.weather-dialog.nothing-was-stored', { message }) }}
        </p>
      </app-field>
      <div class="actions">
        <n-button type="primary" attr-type="submit" :disabled="!csv" :loading="busy">
          {{
            t('today.weather-dialog.read', { file: file || t('today.weather-dialog.file') })
          }}
        </n-button>
        <n-button @click="shown = false">{{ t('today.weather-dialog.not-now') }}</n-button>
      </div>
    </form>
  </app-dialog>
</template>
