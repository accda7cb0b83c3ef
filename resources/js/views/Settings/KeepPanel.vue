<script setup lang="ts">
import { t } from '@/i18n'
import BringDialog from './BringDialog.vue'
import BringFile from './BringFile.vue'
import { api, take, type Schemas } from '@/api/client'
import { useKeep } from './useKeep'
import { useTimes } from '@/composables/useTimes'
import { NButton } from 'naive-ui'
import { computed, onMounted, ref, shallowRef } from 'vue'

/** Where everything is, how old the newest backup is, and what brings one back. */
const FIRST = 4
const { keep, busy, going, failed, load, run, takeNow } = useKeep()
const times = useTimes()
const all = ref(false)
const chosen = shallowRef<{ kind: 'backup'; said: string[]; name: string } | null>(null)
const showBring = ref(false)
const shown = computed(() => (all.value ? keep.value?.backups : keep.value?.backups.slice(0, FIRST)) ?? [])
/** It has been read, or cannot be: what stands below it is shown then, and does not move away. */
const emit = defineEmits<{ known: [] }>()
onMounted(() => load().finally(() => emit('known')))

const look = (one: Schemas['Backup']) =>
  run(async () => {
    const holds = await take(api.POST('/api/backups/{name}/look', { params: { path: { name: one.name } } }))
    chosen.value = { kind: 'backup', said: holds.said, name: one.name }
    showBring.value = true
  })
</script>

<template>
  <section class="form-grid" aria-labelledby="set-keep">
    <h2 id="set-keep">{{ t('settings.keep-panel.title') }}</h2>
    <div v-if="keep" class="now">
      <p :class="{ late: keep.is_late }"><strong>{{ keep.last }}</strong> {{ t('settings.keep-panel.by-itself') }}</p>
      <div class="actions">
        <n-button type="primary" :loading="busy" @click="takeNow">{{ t('settings.keep-panel.take-now') }}</n-button>
        <bring-file @closed="load" />
      </div>
      <p v-if="going" role="status">
        {{ going.what }} <progress :value="going.share" max="1" :aria-label="going.what" />
      </p>
      <p v-if="failed" class="field-error" role="alert">{{ failed }}</p>
      <ul v-if="shown.length" class="backups">
        <li v-for="one in shown" :key="one.name">
          <span class="which">
            <strong>{{ times.instant(one.taken_at) }}</strong>
            <span class="soft small">{{ t('settings.keep-panel.what-it-is', { why: one.why, size: one.size }) }}</span>
          </span>
          <span class="do">
            <n-button size="small" :disabled="busy" @click="look(one)">{{ t('settings.keep-panel.bring-back') }}</n-button>
            <a class="small" :href="`/api/backups/${one.name}`" :download="one.name">{{ t('settings.keep-panel.save-copy') }}</a>
          </span>
        </li>
      </ul>
      <p v-if="keep.backups.length > FIRST && !all">
        <n-button quaternary size="small" @click="all = true">{{ t('settings.keep-panel.all', { number: keep.backups.length }) }}</n-button>
      </p>
      <p class="soft small place">
        {{ t('settings.keep-panel.where', { place: keep.place ?? '', size: keep.size }) }}
        {{ t('settings.keep-panel.where-backups', { place: keep.backup_place }) }}
      </p>
    </div>
    <bring-dialog v-if="chosen" :key="chosen.name" v-model:shown="showBring" :what="chosen" @closed="load" />
  </section>
</template>

<style scoped>
.now { display: grid; gap: var(--space-5); grid-template-columns: minmax(0, 1fr); }
.late { border-left: 4px solid var(--brass); padding-left: var(--space-5); }
.actions { display: flex; flex-wrap: wrap; gap: var(--space-4); }
.backups { list-style: none; margin: 0; padding: 0; }
.backups li {
  display: flex; flex-wrap: wrap; justify-content: space-between; align-items: center; gap: var(--space-3) var(--space-6);
  padding: var(--space-4) 0; border-top: 1px solid var(--line);
}
.which { display: grid; }
.do { display: flex; gap: var(--space-5); align-items: center; }
.place { overflow-wrap: anywhere; }
progress { width: 220px; max-width: 100%; accent-color: var(--leaf); vertical-align: middle; }
</style>
