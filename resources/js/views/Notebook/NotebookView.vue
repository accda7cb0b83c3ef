<script setup lang="ts">
import { t } from '@/i18n'
import NotebookEntry from './NotebookEntry.vue'
import EmptyNote from '@/parts/EmptyNote.vue'
import LoadingNote from '@/parts/LoadingNote.vue'
import PageHead from '@/parts/PageHead.vue'
import { api, take, type Application } from '@/api/client'
import { useGarden } from '@/stores/garden'
import { useTimes } from '@/composables/useTimes'
import { NButton } from 'naive-ui'
import { computed, onMounted, ref, shallowRef, watch } from 'vue'

const store = useGarden()
const times = useTimes()
const entries = shallowRef<Application[] | null>(null)
const older = ref<string | null>(null)
const total = ref(0)
const busy = ref(false)

async function load(before?: string): Promise<void> {
  busy.value = true
  try {
    const page = await take(
      api.GET('/api/gardens/{garden}/applications', { params: { path: { garden: store.id }, query: before ? { before } : {} } }),
    )
    entries.value = before ? [...(entries.value ?? []), ...page.entries] : page.entries
    older.value = page.older
    total.value = page.total
  } finally {
    busy.value = false
  }
}
onMounted(() => load())
watch(
  () => store.undone,
  () => load(),
)

const months = computed(() => {
  const groups = new Map<string, Application[]>()
  for (const entry of entries.value ?? []) {
    const month = times.said(entry.applied_at, { month: 'long', year: 'numeric' })
    groups.set(month, [...(groups.get(month) ?? []), entry])
  }
  return [...groups]
})
</script>

<template>
  <div class="notebook">
    <loading-note v-if="!entries" :what="t('notebook.notebook-view.opening-notebook')" />
    <template v-else>
      <page-head
        :title="t('notebook.notebook-view.what-was-sprayed')"
        :under="total ? t('notebook.notebook-view.newest-first-each', { total, entries: total === 1 ? 'entry' : 'entries' }) : undefined"
      />
      <empty-note v-if="entries.length === 0" :title="t('notebook.notebook-view.notebook-empty')">
        {{ t('notebook.notebook-view.fills-itself-log') }}
      </empty-note>
      <section v-for="[month, list] in months" :key="month" :aria-label="month">
        <h2>{{ month }}</h2>
        <notebook-entry v-for="entry in list" :key="entry.id" :entry="entry" />
      </section>
      <div v-if="older" class="actions">
        <n-button :loading="busy" @click="load(older ?? undefined)">{{ t('notebook.notebook-view.older-entries') }}</n-button>
      </div>
    </template>
  </div>
</template>

<style scoped>
.notebook {
  padding: var(--space-8) var(--space-9) var(--space-11); display: grid; gap: var(--space-8); max-width: 980px; grid-template-columns:
  minmax(0, 1fr);
}
section { display: grid; gap: var(--space-2); grid-template-columns: minmax(0, 1fr); }
@media (max-width: 760px) { .notebook { padding: var(--space-7) var(--space-7) var(--space-10); } }
</style>
