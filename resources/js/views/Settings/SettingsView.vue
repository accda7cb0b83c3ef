<script setup lang="ts">
import { t } from '@/i18n'
import KeepPanel from './KeepPanel.vue'
import SettingsForm from './SettingsForm.vue'
import TakeAlong from './TakeAlong.vue'
import AppField from '@/parts/AppField.vue'
import PageHead from '@/parts/PageHead.vue'
import { api, ApiFailure, take, type Schemas } from '@/api/client'
import { useChanges } from '@/composables/useChanges'
import { useGarden } from '@/stores/garden'
import { useTimes } from '@/composables/useTimes'
import { useUnits } from '@/composables/useUnits'
import { showComplaint } from '@/composables/useSaving'
import { NButton } from 'naive-ui'
import { ref, watch } from 'vue'

const store = useGarden()
const changes = useChanges()
const errors = ref<Record<string, string>>({})
type Form = Omit<Schemas['Settings'], 'version'>

function fromStore(): Form {
  const garden = store.garden!
  return {
    name: garden.name,
    units: garden.units,
    language: garden.language,
    time_zone: garden.time_zone,
    latitude: garden.latitude,
    longitude: garden.longitude,
    hardness_mg_l: garden.hardness_mg_l,
    alkalinity_mg_l: garden.alkalinity_mg_l,
    theme: garden.theme,
    currency: garden.currency,
    around: [...garden.around],
    free_hours: garden.free_hours.map((span) => ({ ...span, days: [...span.days] })),
    indoors: garden.indoors,
    room_day_c: garden.room_day ?? '',
    room_night_c: garden.room_night ?? '',
    room_humidity: garden.room_humidity,
    forecast_url: garden.forecast_url ?? '',
    poison_centre: garden.poison_centre ?? '',
  }
}
const form = ref<Form>(fromStore())
const mapping = ref(store.garden!.forecast_mapping)
const fetched = ref('')
const isKeepKnown = ref(false)
const { withUnit } = useUnits()
const times = useTimes()
/** Warmth goes with the degrees it is in. */
const sent = () => {
  // The degrees that they were shown in, whatever units are being chosen.
  const degrees = store.garden!.unit_names.degrees
  const warmth = (typed: unknown) => withUnit(typeof typed === 'string' || typeof typed === 'number' ? String(typed) : '', degrees)
  return {
    ...form.value,
    room_day_c: warmth(form.value.room_day_c),
    room_night_c: warmth(form.value.room_night_c),
    room_humidity: form.value.room_humidity === '' ? null : form.value.room_humidity,
    forecast_url: form.value.forecast_url?.trim() ? form.value.forecast_url.trim() : null,
    forecast_mapping: mapping.value.trim() || null,
    poison_centre: form.value.poison_centre?.trim() ? form.value.poison_centre.trim() : null,
  }
}
/** As it was stored when the form was filled from it. */
let stored: Form = fromStore()
// Where another hand has changed the garden meanwhile, what was typed here stays; the rest follows.
watch(
  () => store.garden?.version,
  () => {
    const now = fromStore()
    const same = (key: keyof Form) => JSON.stringify(form.value[key]) === JSON.stringify(stored[key])
    const typed = (Object.keys(now) as (keyof Form)[]).filter((key) => !same(key)).map((key) => [key, form.value[key]])
    form.value = { ...now, ...(Object.fromEntries(typed) as Partial<Form>) }
    stored = now
  },
)

async function save(): Promise<boolean> {
  errors.value = {}
  try {
    const saved = await take(
      api.PATCH('/api/gardens/{garden}', {
        params: { path: { garden: store.id } },
        body: { version: store.garden!.version, ...sent() },
      }),
    )
    store.garden = saved.garden
    form.value = fromStore()
    stored = fromStore()
    mapping.value = saved.garden.forecast_mapping
    changes.done(saved.change, store.refresh)
    return true
  } catch (e) {
    if (e instanceof ApiFailure && e.status === 422) {
      errors.value = e.fields
      void showComplaint()
    } else changes.failed(e)
    if (e instanceof ApiFailure && e.status === 409) await store.refresh()
    return false
  }
}

async function fetchNow(): Promise<void> {
  fetched.value = ''
  if (!(await save())) return
  try {
    const came = await take(api.POST('/api/gardens/{garden}/weather/fetch', { params: { path: { garden: store.id } } }))
    fetched.value = t('settings.settings-view.fetched', { hours: came.hours, until: times.instant(came.until) })
  } catch (e) {
    if (e instanceof ApiFailure && e.status === 422) {
      errors.value = e.fields
      void showComplaint()
    } else changes.failed(e)
  }
}
async function demoAnew(): Promise<void> {
  const begun = await take(api.POST('/api/gardens', { body: { start: 'demo' } }))
  store.choose(begun.id)
}
async function demoAway(): Promise<void> {
  await take(api.POST('/api/gardens/{garden}/away', { params: { path: { garden: store.id } } }))
  const other = store.gardens.find((one) => one.id !== store.id)
  store.choose(other?.id ?? '')
}
</script>

<template>
  <div class="settings">
    <page-head
      :title="t('settings.settings-view.settings')"
      :under="store.garden?.is_demo ? t('settings.settings-view.demo-garden-everything') : undefined"
    />
    <p class="on-phone">
      <router-link :to="{ name: 'welcome', query: { another: 1 } }">{{ t('parts.garden-switch.another-garden') }}</router-link>
    </p>
    <form class="form-grid" @submit.prevent="save">
      <settings-form v-model="form" :errors="errors" />
      <fieldset v-if="!store.garden?.is_demo" class="forecast">
        <legend>{{ t('settings.settings-form.forecast') }}</legend>
        <p class="soft small">{{ t('settings.settings-form.forecast-about') }}</p>
        <app-field id="set-forecast" v-slot="field" :label="t('settings.settings-form.address')" :error="errors.forecast_url ?? errors.weather">
          <input v-bind="field" v-model="form.forecast_url" inputmode="url" :placeholder="t('settings.settings-form.address-eg')" />
        </app-field>
        <app-field
          id="set-mapping"
          v-slot="field"
          :label="t('settings.settings-form.mapping')"
          :hint="t('settings.settings-form.mapping-hint')"
          :error="errors.forecast_mapping"
        >
          <textarea v-bind="field" v-model="mapping" rows="4" :placeholder="t('settings.settings-form.mapping-eg')" />
        </app-field>
        <div class="actions">
          <n-button @click="fetchNow">{{ t('settings.settings-view.fetch-now') }}</n-button>
          <span v-if="fetched" role="status">{{ fetched }}</span>
        </div>
      </fieldset>
      <div class="actions">
        <n-button type="primary" attr-type="submit">{{ t('settings.settings-view.save-settings') }}</n-button>
      </div>
    </form>
    <section v-if="store.garden?.is_demo" class="form-grid" aria-labelledby="set-demo">
      <h2 id="set-demo">{{ t('settings.settings-view.demo') }}</h2>
      <p class="soft">{{ t('settings.settings-view.demo-away-said') }}</p>
      <div class="actions">
        <n-button @click="demoAnew">{{ t('settings.settings-view.demo-anew') }}</n-button>
        <n-button @click="demoAway">{{ t('settings.settings-view.demo-away') }}</n-button>
      </div>
    </section>
    <keep-panel @known="isKeepKnown = true" />
    <template v-if="isKeepKnown">
      <take-along />
      <p>
        <router-link :to="{ name: 'why' }">{{ t('settings.settings-view.why-we-say') }}</router-link>{{ t('settings.settings-view.every-rule-its') }}
      </p>
      <p class="soft">{{ t('settings.settings-view.homemade-sprays-may') }}</p>
      <p class="soft">
        {{ t('settings.settings-view.sprayers-measuring-spoons') }}
        <router-link :to="{ name: 'pantry' }">{{ t('settings.settings-view.pantry') }}</router-link>.
      </p>
    </template>
  </div>
</template>

<style scoped>
fieldset { border: 1px solid var(--line); border-radius: var(--radius-l); padding: var(--space-4) var(--space-7) var(--space-6); }
.forecast { display: grid; gap: var(--space-5); grid-template-columns: minmax(0, 1fr); }
.forecast legend { font-weight: 600; padding: 0 var(--space-3); }
/* Beside it the bar has the way to another garden. */
.on-phone { display: none; }
@media (max-width: 760px) { .on-phone { display: grid; } }
.settings {
  padding: var(--space-8) var(--space-9) var(--space-11); display: grid; gap: var(--space-8); max-width: 860px; grid-template-columns:
  minmax(0, 1fr);
}
@media (max-width: 760px) { .settings { padding: var(--space-7) var(--space-7) var(--space-10); } }
</style>
