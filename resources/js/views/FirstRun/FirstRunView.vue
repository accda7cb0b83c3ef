<script setup lang="ts">
import { t } from '@/i18n'
import AppField from '@/parts/AppField.vue'
import PlantList from '@/parts/PlantList.vue'
import BringFile from '@/views/Settings/BringFile.vue'
import SettingsForm from '@/views/Settings/SettingsForm.vue'
import { api, ApiFailure, take, type Schemas } from '@/api/client'
import { householdUnits } from '@/i18n'
import { useGarden } from '@/stores/garden'
import { useGrowing } from '@/composables/useGrowing'
import { showComplaint } from '@/composables/useSaving'
import { NButton } from 'naive-ui'
import { computed, onBeforeUnmount, ref, watch } from 'vue'
import { useRouter } from 'vue-router'

/** The first run, of a minute: where, in or out, what grows, what is in the cupboard, which sprayer. Each can be left out. */
const store = useGarden()
const router = useRouter()
const errors = ref<Record<string, string>>({})
const failure = ref('')
const busy = ref<'demo' | 'empty' | null>(null)
const zone = Intl.DateTimeFormat().resolvedOptions().timeZone
const hasDemo = computed(() => store.gardens.some((one) => one.is_demo))
/** Time zones of the United States: their spoons and ounces are meant there, whatever language the device speaks. */
const US = [
  'America/(New_York|Detroit|Chicago|Menominee|Denver|Boise|Phoenix|Los_Angeles|Anchorage|Juneau|Sitka|Nome|Adak|Yakutat|Metlakatla)',
  'America/(Kentucky|Indiana|North_Dakota)/.*',
  'Pacific/Honolulu',
  'US/.*',
]
/** As is usual there; whoever measures otherwise says so. */
function guessed(): 'us' | 'au' | 'metric' {
  if (zone.startsWith('Australia/')) return 'au'
  return new RegExp(`^(${US.join('|')})$`).test(zone) || /^en-(US|LR)/.test(navigator.language) ? 'us' : 'metric'
}
const form = ref<Omit<Schemas['Settings'], 'version'>>({
  name: 'My garden',
  units: guessed(),
  language: 'en',
  time_zone: zone === 'UTC' ? 'Europe/London' : zone,
  latitude: null,
  longitude: null,
  hardness_mg_l: 150,
  alkalinity_mg_l: 120,
  theme: 'auto',
  around: [],
  indoors: false,
})
watch(
  () => form.value.units,
  (units) => {
    householdUnits.value = units
  },
  { immediate: true },
)
// Whoever goes back to a garden is answered in its units again.
onBeforeUnmount(() => {
  if (store.garden) householdUnits.value = store.garden.units
})
const growing = ref('')
const { plants, chosen } = useGrowing(growing)
const cupboard = ref<string[]>([])
const sprayer = ref('')

async function start(what: 'demo' | 'empty', then?: { name: string; query?: Record<string, string> }): Promise<void> {
  if (busy.value !== null) return
  busy.value = what
  errors.value = {}
  failure.value = ''
  try {
    const own = async () => ({
      start: 'empty' as const,
      ...form.value,
      plantings: await chosen(),
      cupboard: cupboard.value,
      ...(sprayer.value.trim() ? { sprayers: [sprayer.value.trim()] } : {}),
    })
    const begun = await take(api.POST('/api/gardens', { body: what === 'demo' ? { start: what } : await own() }))
    // A page that showed another garden begins anew.
    if (store.garden) return store.choose(begun.id)
    store.loaded = false
    await store.open()
    await router.push(then ?? { name: what === 'demo' ? 'today' : 'garden' })
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
    <p v-if="store.garden">
      <router-link :to="{ name: 'today' }">{{ t('first-run.first-run-view.back-to', { name: store.garden.name }) }}</router-link>
    </p>
    <div class="quick">
      <section v-if="!hasDemo" class="choice">
        <h2>{{ t('first-run.first-run-view.look-around-first') }}</h2>
        <p class="soft">{{ t('first-run.first-run-view.fontegrigia-invented-hillside') }}</p>
        <n-button type="primary" :loading="busy === 'demo'" @click="start('demo')">
          {{
            t('first-run.first-run-view.open-demo-garden')
          }}
        </n-button>
      </section>
      <section v-if="!store.garden" class="choice">
        <h2>{{ t('first-run.first-run-view.leaf') }}</h2>
        <p class="soft">{{ t('first-run.first-run-view.leaf-said') }}</p>
        <div class="actions">
          <n-button :disabled="busy !== null" @click="start('empty', { name: 'scout' })">
            {{
              t('first-run.first-run-view.scout-now')
            }}
          </n-button>
          <n-button :disabled="busy !== null" @click="start('empty', { name: 'bench', query: { paste: '1' } })">
            {{
              t('first-run.first-run-view.paste-now')
            }}
          </n-button>
        </div>
      </section>
      <section v-if="!store.garden" class="choice">
        <h2>{{ t('first-run.first-run-view.have-one') }}</h2>
        <p class="soft">{{ t('first-run.first-run-view.have-one-said') }}</p>
        <bring-file />
      </section>
    </div>
    <section class="choice">
      <h2>{{ hasDemo ? t('first-run.first-run-view.begin-another') : t('first-run.first-run-view.begin-own') }}</h2>
      <p class="soft small">{{ t('first-run.first-run-view.skip') }}</p>
      <form class="form-grid" @submit.prevent="start('empty')">
        <settings-form v-model="form" :errors="errors" brief />
        <app-field
          id="first-plants"
          v-slot="field"
          :label="t('first-run.first-run-view.what-grows')"
          :error="errors.plantings ?? Object.entries(errors).find(([key]) => key.startsWith('plantings.'))?.[1]"
        >
          <textarea v-bind="field" v-model="growing" rows="2" :placeholder="t('first-run.first-run-view.what-grows-eg')" />
        </app-field>
        <plant-list v-if="plants.length" :plants="plants" />
        <fieldset class="ticks">
          <legend>{{ t('first-run.first-run-view.cupboard') }}</legend>
          <label v-for="one in store.knowledge.cupboard" :key="one.id"><input v-model="cupboard" type="checkbox" :value="one.id" /> {{ one.name }}</label>
        </fieldset>
        <app-field
          id="first-sprayer"
          v-slot="field"
          :label="t('first-run.first-run-view.sprayer')"
          :hint="t('first-run.first-run-view.sprayer-own')"
          :error="errors['sprayers.0']"
        >
          <input v-bind="field" v-model="sprayer" :placeholder="t('first-run.first-run-view.sprayer-hint')" />
        </app-field>
        <p class="soft small">{{ t('first-run.first-run-view.place-by-zone') }}</p>
        <p v-if="failure" class="field-error">{{ failure }}</p>
        <div class="actions">
          <n-button type="primary" attr-type="submit" :loading="busy === 'empty'">{{ t('first-run.first-run-view.begin-garden') }}</n-button>
        </div>
      </form>
    </section>
    <p class="soft small">{{ t('first-run.first-run-view.nothing-here-replaces') }}</p>
  </div>
</template>

<style scoped>
.welcome {
  max-width: 860px; margin: 0 auto; padding: var(--space-10) var(--space-8) var(--space-12); display: grid; gap: var(--space-8);
  grid-template-columns: minmax(0, 1fr);
}
header { display: grid; gap: var(--space-4); }
.brand { font: 600 var(--text-2xl) var(--title); color: var(--leaf); }
.quick { display: grid; gap: var(--space-8); grid-template-columns: repeat(auto-fit, minmax(min(300px, 100%), 1fr)); align-items: stretch; }
.choice {
  background: var(--paper); border: 1px solid var(--line); border-radius: var(--radius-l); padding: var(--space-8) var(--space-8);
  display: grid; gap: var(--space-6); justify-items: start; grid-template-columns: minmax(0, 1fr); align-content: start;
}
.choice form { width: 100%; }
.ticks {
  border: 1px solid var(--line); border-radius: var(--radius-l); padding: var(--space-2) var(--space-7) var(--space-4); display: grid;
  grid-template-columns: repeat(auto-fill, minmax(min(130px, 100%), 1fr)); gap: 0 var(--space-6); min-width: 0;
}
.ticks legend { font-weight: 600; padding: 0 var(--space-3); }
.ticks label { display: flex; gap: var(--space-5); align-items: center; min-height: var(--finger); }
.ticks input { width: var(--tick); height: var(--tick); accent-color: var(--leaf); }
</style>
