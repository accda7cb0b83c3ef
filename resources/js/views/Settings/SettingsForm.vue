<script setup lang="ts">
import { t } from '@/i18n'
import AppField from '@/parts/AppField.vue'
import FreeHours from './FreeHours.vue'
import type { Schemas } from '@/api/client'
import { useGarden } from '@/stores/garden'
import { computed } from 'vue'

/** The settings of a garden: asked for once at the first run, and changed here ever after. */
type Form = Omit<Schemas['Settings'], 'version'>
const store = useGarden()
const form = defineModel<Form>({ required: true })
withDefaults(
  defineProps<{
    errors: Record<string, string>
    /** Only what a garden cannot begin without. */
    brief?: boolean
  }>(),
  { brief: false },
)

/** As they stand there: other units count from when they are saved. */
const degrees = computed(() => store.garden?.unit_names.degrees ?? '°C')
const zones = Intl.supportedValuesOf('timeZone')

const spoons: Record<Form['units'], string> = {
  metric: t('settings.settings-form.tablespoon-15-ml'),
  us: t('settings.settings-form.us-spoons-cups'),
  imperial: t('settings.settings-form.tablespoon-15-ml-cup'),
  au: t('settings.settings-form.tablespoon-20-ml'),
}

const around = ['cats', 'dogs', 'children', 'pond', 'hives', 'hens', 'asthma', 'pregnancy', 'aspirin'] as const
/** Those that take more than a word. */
const AROUND: Partial<Record<(typeof around)[number], string>> = {
  pond: t('settings.settings-form.pond-stream'),
  hives: t('settings.settings-form.bee-hives'),
  asthma: t('settings.settings-form.asthma'),
  pregnancy: t('settings.settings-form.pregnancy'),
  aspirin: t('settings.settings-form.aspirin'),
}
</script>

<template>
  <div class="form-grid">
    <app-field id="set-name" v-slot="field" :label="t('settings.settings-form.name-garden')" :error="errors.name">
      <input v-bind="field" v-model="form.name" />
    </app-field>
    <div class="two">
      <app-field id="set-units" v-slot="field" :label="t('settings.settings-form.spoons-cups-volumes')" :hint="spoons[form.units]">
        <select v-bind="field" v-model="form.units">
          <option value="metric">{{ t('settings.settings-form.metric') }}</option>
          <option value="us">{{ t('settings.settings-form.us') }}</option>
          <option value="imperial">{{ t('settings.settings-form.imperial') }}</option>
          <option value="au">{{ t('settings.settings-form.australian') }}</option>
        </select>
      </app-field>
      <app-field v-if="!brief" id="set-language" v-slot="field" :label="t('settings.settings-form.language')">
        <select v-bind="field" v-model="form.language">
          <option value="en">{{ t('settings.settings-form.english') }}</option>
        </select>
      </app-field>
      <app-field id="set-zone" v-slot="field" :label="t('settings.settings-form.time-zone')" :error="errors.time_zone">
        <select v-bind="field" v-model="form.time_zone">
          <option v-for="zone in zones" :key="zone">{{ zone }}</option>
        </select>
      </app-field>
      <app-field v-if="!brief" id="set-theme" v-slot="field" :label="t('settings.settings-form.light-dark')">
        <select v-bind="field" v-model="form.theme">
          <option value="auto">{{ t('settings.settings-form.as-device-has') }}</option>
          <option value="light">{{ t('settings.settings-form.light') }}</option>
          <option value="dark">{{ t('settings.settings-form.dark') }}</option>
        </select>
      </app-field>
      <app-field
        v-if="form.currency !== undefined"
        id="set-money"
        v-slot="field"
        :label="t('settings.settings-form.sign-money')"
        :error="errors.currency"
      >
        <input v-bind="field" v-model="form.currency" maxlength="4" />
      </app-field>
      <app-field
        v-if="!brief && form.poison_centre !== undefined"
        id="set-poison"
        v-slot="field"
        :label="t('settings.settings-form.poison-centre')"
        :error="errors.poison_centre"
      >
        <input v-bind="field" v-model="form.poison_centre" inputmode="tel" />
      </app-field>
      <app-field v-if="!brief" id="set-lat" v-slot="field" :label="t('settings.settings-form.latitude')" :error="errors.latitude">
        <input v-bind="field" v-model="form.latitude" inputmode="text" placeholder="45.9" />
      </app-field>
      <app-field v-if="!brief" id="set-lon" v-slot="field" :label="t('settings.settings-form.longitude')" :error="errors.longitude">
        <input v-bind="field" v-model="form.longitude" inputmode="text" placeholder="9.3" />
      </app-field>
      <app-field
        v-if="!brief"
        id="set-hard"
        v-slot="field"
        :label="t('settings.settings-form.water-hardness-mg', { unit: form.units === 'us' ? 'ppm' : 'mg/L' })"
        :error="errors.hardness_mg_l"
        :hint="t('settings.settings-form.as-caco-tap')"
      >
        <input v-bind="field" v-model="form.hardness_mg_l" inputmode="decimal" />
      </app-field>
      <app-field
        v-if="!brief"
        id="set-alk"
        v-slot="field"
        :label="t('settings.settings-form.alkalinity-mg-l', { unit: form.units === 'us' ? 'ppm' : 'mg/L' })"
        :error="errors.alkalinity_mg_l"
        :hint="t('settings.settings-form.as-caco-tap-water')"
      >
        <input v-bind="field" v-model="form.alkalinity_mg_l" inputmode="decimal" />
      </app-field>
    </div>
    <fieldset v-if="form.indoors !== undefined" class="around">
      <legend>{{ t('settings.settings-form.where-stands') }}</legend>
      <label><input v-model="form.indoors" type="radio" :value="false" /> {{ t('settings.settings-form.outdoors') }}</label>
      <label><input v-model="form.indoors" type="radio" :value="true" /> {{ t('settings.settings-form.indoors') }}</label>
    </fieldset>
    <fieldset v-if="form.room_day_c !== undefined && !brief" class="room">
      <legend>{{ t('settings.settings-form.room') }}</legend>
      <app-field id="set-room-day" v-slot="field" :label="t('settings.settings-form.room-day', { unit: degrees })" :error="errors.room_day_c">
        <input v-bind="field" v-model="form.room_day_c" inputmode="decimal" :placeholder="t('settings.settings-form.as-usual')" />
      </app-field>
      <app-field
        id="set-room-night"
        v-slot="field"
        :label="t('settings.settings-form.room-night', { unit: degrees })"
        :error="errors.room_night_c"
      >
        <input v-bind="field" v-model="form.room_night_c" inputmode="decimal" :placeholder="t('settings.settings-form.as-usual')" />
      </app-field>
      <app-field id="set-room-humidity" v-slot="field" :label="t('settings.settings-form.room-humidity')" :error="errors.room_humidity">
        <input v-bind="field" v-model="form.room_humidity" inputmode="decimal" :placeholder="t('settings.settings-form.as-usual')" />
      </app-field>
    </fieldset>
    <free-hours v-if="form.free_hours !== undefined" v-model="form.free_hours" :errors="errors" />
    <fieldset v-if="form.around !== undefined" class="around">
      <legend>{{ t('settings.settings-form.who-what-about') }}</legend>
      <label v-for="one in around" :key="one"><input v-model="form.around" type="checkbox" :value="one" />
        {{
          AROUND[one] ?? one
        }}</label>
    </fieldset>
  </div>
</template>

<style scoped>
.around {
  border: 1px solid var(--line); border-radius: var(--radius-l); padding: var(--space-2) var(--space-7) var(--space-4); display: flex;
  flex-wrap: wrap; gap: 0 var(--space-9);
}
.room {
  border: 1px solid var(--line); border-radius: var(--radius-l); padding: var(--space-4) var(--space-7) var(--space-6); display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(180px, 100%), 1fr)); gap: var(--space-5);
}
.room legend { font-weight: 600; padding: 0 var(--space-3); }
.around legend { font-weight: 600; padding: 0 var(--space-3); }
.around label { display: flex; gap: var(--space-5); align-items: center; min-height: var(--finger); }
.around input { width: var(--tick); height: var(--tick); accent-color: var(--leaf); }
</style>
