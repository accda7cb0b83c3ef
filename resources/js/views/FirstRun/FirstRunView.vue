<script setup lang="ts">
import { t } from '@/i18n'
import SettingsForm from '@/views/Settings/SettingsForm.vue'
import { api, ApiFailure, take, type Schemas } from '@/api/client'
import { useGarden } from '@/stores/garden'
import { showComplaint } from '@/stores/saving'
import { NButton } from 'naive-ui'
import { ref } from 'vue'
import { useRouter } from 'vue-router'

const store = useGarden()
const router = useRouter()
const errors = ref<Record<string, string>>({})
const failure = ref('')
const busy = ref<'demo' | 'empty' | null>(null)
const zone = Intl.DateTimeFormat().resolvedOptions().timeZone
const form = ref<Omit<Schemas['Settings'], 'version'>>({
  name: 'My garden', units: /^en-US|^en-LR/.test(navigator.language) ? 'us' : 'metric', language: 'en', time_zone: zone === 'UTC' ? 'Europe/London' : zone,
  latitude: null, longitude: null, hardness_mg_l: 150, alkalinity_mg_l: 120, theme: 'auto', around: [],
})

async function start(what: 'demo' | 'empty'): Promise<void> {
  busy.value = what
  errors.value = {}
  failure.value = ''
  try {
    await take(api.POST('/api/gardens', { body: what === 'demo' ? { start: what } : { start: what, ...form.value } }))
    store.loaded = false
    await store.open()
    await router.push({ name: what === 'demo' ? 'today' : 'settings' })
  } catch (e) {
    if (e instanceof ApiFailure && e.status === 422) {
      errors.value = e.fields
      void showComplaint()
    } else failure.value = e instanceof Error ? e.message : t('first-run.first-run-view.something-went-wrong')
  } finally {
    busy.value = null
  }
}
</script>

<template>
  <div class="welcome">
    <header>
      <p class="brand">{{ t('first-run.first-run-view.nebbia') }}</p>
      <h1>{{ t('first-run.first-run-view.homemade-sprays-measured') }}</h1>
      <p>{{ t('first-run.first-run-view.fits-recipe-sprayer') }}</p>
    </header>
    <section class="choice">
      <h2>{{ t('first-run.first-run-view.look-around-first') }}</h2>
      <p class="soft">{{ t('first-run.first-run-view.fontegrigia-invented-hillside') }}</p>
      <n-button type="primary" :loading="busy === 'demo'" @click="start('demo')">{{ t('first-run.first-run-view.open-demo-garden') }}</n-button>
    </section>
    <section class="choice">
      <h2>{{ t('first-run.first-run-view.begin-own') }}</h2>
      <form class="form-grid" @submit.prevent="start('empty')">
        <settings-form v-model="form" :errors="errors" />
        <p v-if="failure" class="field-error">{{ failure }}</p>
        <div class="actions"><n-button attr-type="submit" :loading="busy === 'empty'">{{ t('first-run.first-run-view.begin-empty-garden') }}</n-button></div>
      </form>
    </section>
    <p class="soft small">{{ t('first-run.first-run-view.nothing-here-replaces') }}</p>
  </div>
</template>

<style scoped>
.welcome { max-width: 780px; margin: 0 auto; padding: 36px 20px 60px; display: grid; gap: 22px; grid-template-columns: minmax(0, 1fr); }
header { display: grid; gap: 8px; }
.brand { font: 600 24px var(--title); color: var(--leaf); }
.choice { background: var(--paper); border: 1px solid var(--line); border-radius: 12px; padding: 20px 22px; display: grid; gap: 12px; justify-items: start; grid-template-columns: minmax(0, 1fr); }
.choice form { width: 100%; }
</style>
