<script setup lang="ts">
import { t } from '@/i18n'
import SettingsForm from './SettingsForm.vue'
import PageHead from '@/parts/PageHead.vue'
import { api, ApiFailure, take, type Schemas } from '@/api/client'
import { useChanges } from '@/stores/changes'
import { useGarden } from '@/stores/garden'
import { showComplaint } from '@/stores/saving'
import { NButton } from 'naive-ui'
import { ref, watch } from 'vue'

const store = useGarden()
const changes = useChanges()
const errors = ref<Record<string, string>>({})
type Form = Omit<Schemas['Settings'], 'version'>

function fromStore(): Form {
  const garden = store.garden!
  return {
    name: garden.name, units: garden.units, language: garden.language, time_zone: garden.time_zone, latitude: garden.latitude,
    longitude: garden.longitude, hardness_mg_l: garden.hardness_mg_l, alkalinity_mg_l: garden.alkalinity_mg_l, theme: garden.theme,
    currency: garden.currency, around: [...garden.around], free_hours: garden.free_hours.map((span) => ({ ...span, days: [...span.days] })),
  }
}
const form = ref<Form>(fromStore())
/** As it was stored when the form was filled from it. */
let stored: Form = fromStore()
// Where another hand has changed the garden meanwhile, what was typed here stays; the rest follows.
watch(() => store.garden?.version, () => {
  const now = fromStore()
  const same = (key: keyof Form) => JSON.stringify(form.value[key]) === JSON.stringify(stored[key])
  const typed = (Object.keys(now) as (keyof Form)[]).filter((key) => !same(key)).map((key) => [key, form.value[key]])
  form.value = { ...now, ...Object.fromEntries(typed) as Partial<Form> }
  stored = now
})

async function save(): Promise<void> {
  errors.value = {}
  try {
    const saved = await take(api.PATCH('/api/gardens/{garden}', { params: { path: { garden: store.id } }, body: { version: store.garden!.version, ...form.value } }))
    store.garden = saved.garden
    form.value = fromStore()
    stored = fromStore()
    changes.done(saved.change, store.refresh)
  } catch (e) {
    if (e instanceof ApiFailure && e.status === 422) {
      errors.value = e.fields
      void showComplaint()
    } else changes.failed(e)
    if (e instanceof ApiFailure && e.status === 409) await store.refresh()
  }
}
</script>

<template>
  <div class="settings">
    <page-head :title="t('settings.settings-view.settings')" :under="store.garden?.is_demo ? t('settings.settings-view.demo-garden-everything') : undefined" />
    <form class="form-grid" @submit.prevent="save">
      <settings-form v-model="form" :errors="errors" />
      <div class="actions"><n-button type="primary" attr-type="submit">{{ t('settings.settings-view.save-settings') }}</n-button></div>
    </form>
    <p><router-link :to="{ name: 'why' }">{{ t('settings.settings-view.why-we-say') }}</router-link>{{ t('settings.settings-view.every-rule-its') }}</p>
    <p class="soft">{{ t('settings.settings-view.homemade-sprays-may') }}</p>
    <p class="soft">{{ t('settings.settings-view.sprayers-measuring-spoons') }} <router-link :to="{ name: 'pantry' }">{{ t('settings.settings-view.pantry') }}</router-link>.</p>
  </div>
</template>

<style scoped>
.settings { padding: 22px 26px 48px; display: grid; gap: 22px; max-width: 860px; grid-template-columns: minmax(0, 1fr); }
@media (max-width: 760px) { .settings { padding: 16px 16px 32px; } }
</style>
