<script setup lang="ts">
import { t } from '@/i18n'
import AppField from '@/parts/AppField.vue'
import AppDialog from '@/parts/AppDialog.vue'
import { api, take } from '@/api/client'
import { useGarden } from '@/stores/garden'
import { useSaving } from '@/composables/useSaving'
import { NButton } from 'naive-ui'
import { computed, ref, watch } from 'vue'

/** Plantings as a table, out and in again. All lines are read, or none. */
const shown = defineModel<boolean>('shown', { required: true })
const emit = defineEmits<{ changed: [] }>()

const SHOWN = 8
const store = useGarden()
const { errors, busy, attempt, done } = useSaving()
const csv = ref('')
const file = ref('')
const said = ref('')
watch(shown, (now) => {
  if (now) errors.value = {}
  csv.value = file.value = said.value = ''
})
const wrong = computed(() => Object.values(errors.value))

async function choose(event: Event): Promise<void> {
  const chosen = (event.target as HTMLInputElement).files?.[0]
  csv.value = chosen ? await chosen.text() : ''
  file.value = chosen?.name ?? ''
  errors.value = {}
}
const read = () =>
  attempt(async () => {
    const result = await take(
      api.POST('/api/gardens/{garden}/plantings/import', { params: { path: { garden: store.id } }, body: { csv: csv.value } }),
    )
    said.value = t('garden.import-dialog.added-changed', { added: result.added, changed: result.changed })
    done(result.change)
    emit('changed')
  })
</script>

<template>
  <app-dialog v-model:shown="shown" :title="t('garden.import-dialog.plantings-as-table')">
    <p>{{ t('garden.import-dialog.file-opens-any') }}</p>
    <div class="actions">
      <a class="export" :href="`/api/gardens/${store.id}/plantings.csv`" download="plantings.csv">{{
        t('garden.import-dialog.export-plantings-csv')
      }}</a>
    </div>
    <form class="form-grid" @submit.prevent="read">
      <app-field id="i-file" v-slot="field" :label="t('garden.import-dialog.read-csv-file')">
        <input v-bind="field" type="file" accept=".csv,text/csv" @change="choose" />
      </app-field>
      <div v-if="wrong.length" role="alert">
        <p class="field-error">
          {{
            t('garden.import-dialog.nothing-was-stored', {
              are: wrong.length === 1 ? t('garden.import-dialog.one-thing') : t('garden.import-dialog.things', { wrong: wrong.length }),
            })
          }}
        </p>
        <ul>
          <li v-for="message in wrong.slice(0, SHOWN)" :key="message">{{ message }}</li>
        </ul>
        <p v-if="wrong.length > SHOWN" class="soft small">{{ t('garden.import-dialog.more', { SHOWN: wrong.length - SHOWN }) }}</p>
      </div>
      <p v-if="said" role="status">{{ said }}</p>
      <div class="actions">
        <n-button type="primary" attr-type="submit" :disabled="!csv" :loading="busy">
          {{
            t('garden.import-dialog.read', { file: file || t('garden.import-dialog.file') })
          }}
        </n-button>
        <n-button @click="shown = false">{{ t('garden.import-dialog.close') }}</n-button>
      </div>
    </form>
  </app-dialog>
</template>

<style scoped>
.export { min-height: var(--finger); display: inline-flex; align-items: center; font-weight: 600; }
ul { margin: var(--space-3) 0 0; padding-left: var(--space-8); }
</style>
