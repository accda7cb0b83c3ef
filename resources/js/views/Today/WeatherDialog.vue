<script setup lang="ts">
import AppDialog from '@/parts/AppDialog.vue'
import { api, take } from '@/api/client'
import { useGarden } from '@/stores/garden'
import { useSaving } from '@/stores/saving'
import { NButton } from 'naive-ui'
import { ref, watch } from 'vue'

/** A forecast out of a file, in place of the made-up one. */
const shown = defineModel<boolean>('shown', { required: true })
const emit = defineEmits<{ changed: [] }>()
const store = useGarden()
const { errors, busy, attempt, done } = useSaving()
const csv = ref('')
const file = ref('')
watch(shown, (now) => { if (now) csv.value = file.value = ''; errors.value = {} })

async function choose(event: Event): Promise<void> {
  const chosen = (event.target as HTMLInputElement).files?.[0]
  csv.value = chosen ? await chosen.text() : ''
  file.value = chosen?.name ?? ''
  errors.value = {}
}
const read = () => attempt(async () => {
  const change = await take(api.POST('/api/gardens/{garden}/weather', { params: { path: { garden: store.id } }, body: { csv: csv.value } }))
  shown.value = false
  done(change)
  emit('changed')
})
</script>

<template>
  <app-dialog v-model:shown="shown" title="Import a forecast">
    <p>Hourly weather as CSV, with the columns <code>time,temp_c,rain_mm,wind_ms,humidity,cloud</code> in any order; times with their offset, like 2026-05-02T18:00+02:00, wind in m/s.</p>
    <form class="form-grid" @submit.prevent="read">
      <div class="field">
        <label for="w-file">CSV file</label>
        <input id="w-file" class="native" type="file" accept=".csv,text/csv" @change="choose">
        <p v-for="message in errors" :key="message" class="field-error" role="alert">{{ message }} Nothing was stored.</p>
      </div>
      <div class="actions">
        <n-button type="primary" attr-type="submit" :disabled="!csv" :loading="busy">Read {{ file || 'the file' }}</n-button>
        <n-button @click="shown = false">Not now</n-button>
      </div>
    </form>
  </app-dialog>
</template>
