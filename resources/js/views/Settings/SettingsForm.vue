<script setup lang="ts">
import { t } from '@/i18n'
import FreeHours from './FreeHours.vue'
import type { Schemas } from '@/api/client'

/** The settings of a garden: asked for once at the first run, and changed here ever after. */
type Form = Omit<Schemas['Settings'], 'version'>
const form = defineModel<Form>({ required: true })
defineProps<{ errors: Record<string, string> }>()

const zones = Intl.supportedValuesOf('timeZone')

const spoons: Record<Form['units'], string> = {
  metric: t('settings.settings-form.tablespoon-15-ml'), us: t('settings.settings-form.us-spoons-cups'),
  imperial: t('settings.settings-form.tablespoon-15-ml-cup'), au: t('settings.settings-form.tablespoon-20-ml'),
}

const around = ['cats', 'dogs', 'children', 'pond', 'hives', 'hens'] as const
</script>

<template>
  <div class="form-grid">
    <div class="field">
      <label for="set-name">{{ t('settings.settings-form.name-garden') }}</label>
      <input id="set-name" v-model="form.name" class="native" autocomplete="off" :aria-invalid="errors.name ? 'true' : undefined">
      <p v-if="errors.name" class="field-error">{{ errors.name }}</p>
    </div>
    <div class="two">
      <div class="field">
        <label for="set-units">{{ t('settings.settings-form.spoons-cups-volumes') }}</label>
        <select id="set-units" v-model="form.units" class="native">
          <option value="metric">{{ t('settings.settings-form.metric') }}</option>
          <option value="us">{{ t('settings.settings-form.us') }}</option>
          <option value="imperial">{{ t('settings.settings-form.imperial') }}</option>
          <option value="au">{{ t('settings.settings-form.australian') }}</option>
        </select>
        <p class="soft small">{{ spoons[form.units] }}</p>
      </div>
      <div class="field">
        <label for="set-language">{{ t('settings.settings-form.language') }}</label>
        <select id="set-language" v-model="form.language" class="native"><option value="en">{{ t('settings.settings-form.english') }}</option></select>
      </div>
      <div class="field">
        <label for="set-zone">{{ t('settings.settings-form.time-zone') }}</label>
        <select id="set-zone" v-model="form.time_zone" class="native"><option v-for="zone in zones" :key="zone">{{ zone }}</option></select>
        <p v-if="errors.time_zone" class="field-error">{{ errors.time_zone }}</p>
      </div>
      <div class="field">
        <label for="set-theme">{{ t('settings.settings-form.light-dark') }}</label>
        <select id="set-theme" v-model="form.theme" class="native">
          <option value="auto">{{ t('settings.settings-form.as-device-has') }}</option>
          <option value="light">{{ t('settings.settings-form.light') }}</option>
          <option value="dark">{{ t('settings.settings-form.dark') }}</option>
        </select>
      </div>
      <div v-if="form.currency !== undefined" class="field">
        <label for="set-money">{{ t('settings.settings-form.sign-money') }}</label>
        <input id="set-money" v-model="form.currency" class="native" maxlength="4" autocomplete="off">
        <p v-if="errors.currency" class="field-error">{{ errors.currency }}</p>
      </div>
      <div class="field">
        <label for="set-lat">{{ t('settings.settings-form.latitude') }}</label>
        <input id="set-lat" v-model="form.latitude" class="native" inputmode="text" placeholder="45.9" autocomplete="off" :aria-invalid="errors.latitude ? 'true' : undefined">
        <p v-if="errors.latitude" class="field-error">{{ errors.latitude }}</p>
      </div>
      <div class="field">
        <label for="set-lon">{{ t('settings.settings-form.longitude') }}</label>
        <input id="set-lon" v-model="form.longitude" class="native" inputmode="text" placeholder="9.3" autocomplete="off" :aria-invalid="errors.longitude ? 'true' : undefined">
        <p v-if="errors.longitude" class="field-error">{{ errors.longitude }}</p>
      </div>
      <div class="field">
        <label for="set-hard">{{ t('settings.settings-form.water-hardness-mg') }}</label>
        <input id="set-hard" v-model="form.hardness_mg_l" class="native" inputmode="decimal" autocomplete="off" :aria-invalid="errors.hardness_mg_l ? 'true' : undefined">
        <p class="soft small">{{ t('settings.settings-form.as-caco-tap') }}</p>
        <p v-if="errors.hardness_mg_l" class="field-error">{{ errors.hardness_mg_l }}</p>
      </div>
      <div class="field">
        <label for="set-alk">{{ t('settings.settings-form.alkalinity-mg-l') }}</label>
        <input id="set-alk" v-model="form.alkalinity_mg_l" class="native" inputmode="decimal" autocomplete="off" :aria-invalid="errors.alkalinity_mg_l ? 'true' : undefined">
        <p class="soft small">{{ t('settings.settings-form.as-caco-tap-water') }}</p>
        <p v-if="errors.alkalinity_mg_l" class="field-error">{{ errors.alkalinity_mg_l }}</p>
      </div>
    </div>
    <free-hours v-if="form.free_hours !== undefined" v-model="form.free_hours" :errors="errors" />
    <fieldset v-if="form.around !== undefined" class="around">
      <legend>{{ t('settings.settings-form.who-what-about') }}</legend>
      <label v-for="one in around" :key="one"><input v-model="form.around" type="checkbox" :value="one"> {{ one === 'pond' ? t('settings.settings-form.pond-stream') : one === 'hives' ? t('settings.settings-form.bee-hives') : one }}</label>
    </fieldset>
  </div>
</template>

<style scoped>
.around { border: 1px solid var(--line); border-radius: 10px; padding: 4px 16px 8px; display: flex; flex-wrap: wrap; gap: 0 24px; }
.around legend { font-weight: 600; padding: 0 6px; }
.around label { display: flex; gap: 10px; align-items: center; min-height: 44px; }
.around input { width: 22px; height: 22px; accent-color: var(--leaf); }
</style>
