<script setup lang="ts">
import { t } from '@/i18n'
import AppDialog from '@/parts/AppDialog.vue'
import { api, take, type Schemas } from '@/api/client'
import { useGarden } from '@/stores/garden'
import { useSaving } from '@/stores/saving'
import { useTimes } from '@/stores/times'
import { NButton } from 'naive-ui'
import { computed, reactive, watch } from 'vue'

/** A day's weather by hand: read off the station, or as it was heard. */
const shown = defineModel<boolean>('shown', { required: true })
const emit = defineEmits<{ changed: [] }>()
const store = useGarden()
const times = useTimes()
const { errors, busy, attempt, done } = useSaving()
const form = reactive({ day: '', low: '', high: '', rain: '', rain_from: 12, rain_hours: 2, wind: '', sky: 'half' as Schemas['TypedDay']['sky'] })
watch(shown, (now) => { if (now) Object.assign(form, { day: times.todayField(), low: '', high: '', rain: '', rain_from: 12, rain_hours: 2, wind: '', sky: 'half' }); errors.value = {} })
const units = computed(() => (store.garden?.units === 'us' ? { degrees: '°F', speed: 'mph', rain: 'in', rainHint: '0.2 in' } : { degrees: '°C', speed: store.garden?.units === 'imperial' ? 'mph' : 'km/h', rain: 'mm', rainHint: '4.5' }))
const rain = computed(() => (form.rain.trim() && units.value.rain === 'in' && !/[a-z"]/i.test(form.rain) ? `${form.rain} in` : form.rain))

const save = () => attempt(async () => {
  const change = await take(api.POST('/api/gardens/{garden}/weather/day', { params: { path: { garden: store.id } }, body: { ...form, rain: rain.value } }))
  shown.value = false
  done(change)
  emit('changed')
})
</script>

<template>
  <app-dialog v-model:shown="shown" :title="t('today.day-dialog.days-weather')">
    <p class="soft">{{ t('today.day-dialog.what-station-showed') }}</p>
    <form class="form-grid" @submit.prevent="save">
      <div class="two">
        <div class="field">
          <label for="day-day">{{ t('today.day-dialog.day') }}</label>
          <input id="day-day" v-model="form.day" class="native" type="date" :aria-invalid="errors.day ? 'true' : undefined">
          <p v-if="errors.day" class="field-error">{{ errors.day }}</p>
        </div>
        <div class="field">
          <label for="day-sky">{{ t('today.day-dialog.sky') }}</label>
          <select id="day-sky" v-model="form.sky" class="native"><option value="clear">{{ t('today.day-dialog.clear') }}</option><option value="half">{{ t('today.day-dialog.half-half') }}</option><option value="overcast">{{ t('today.day-dialog.overcast') }}</option></select>
        </div>
        <div class="field">
          <label for="day-low">{{ t('today.day-dialog.lowest', { degrees: units.degrees }) }}</label>
          <input id="day-low" v-model="form.low" class="native" inputmode="decimal" autocomplete="off" :aria-invalid="errors.low ? 'true' : undefined">
          <p v-if="errors.low" class="field-error">{{ errors.low }}</p>
        </div>
        <div class="field">
          <label for="day-high">{{ t('today.day-dialog.highest', { degrees: units.degrees }) }}</label>
          <input id="day-high" v-model="form.high" class="native" inputmode="decimal" autocomplete="off" :aria-invalid="errors.high ? 'true' : undefined">
          <p v-if="errors.high" class="field-error">{{ errors.high }}</p>
        </div>
        <div class="field">
          <label for="day-rain">{{ t('today.day-dialog.rain-all', { rain: units.rain }) }}</label>
          <input id="day-rain" v-model="form.rain" class="native" inputmode="decimal" autocomplete="off" :placeholder="t('today.day-dialog.none', { rainHint: units.rainHint })" :aria-invalid="errors.rain ? 'true' : undefined">
          <p v-if="errors.rain" class="field-error">{{ errors.rain }}</p>
        </div>
        <div class="field">
          <label for="day-wind">{{ t('today.day-dialog.wind', { speed: units.speed }) }}</label>
          <input id="day-wind" v-model="form.wind" class="native" inputmode="decimal" autocomplete="off" :placeholder="t('today.day-dialog.little')" :aria-invalid="errors.wind ? 'true' : undefined">
          <p v-if="errors.wind" class="field-error">{{ errors.wind }}</p>
        </div>
        <template v-if="form.rain.trim()">
          <div class="field">
            <label for="day-from">{{ t('today.day-dialog.begins-at') }}</label>
            <select id="day-from" v-model="form.rain_from" class="native"><option v-for="n in 24" :key="n" :value="n - 1">{{ String(n - 1).padStart(2, '0') }}:00</option></select>
          </div>
          <div class="field">
            <label for="day-hours">{{ t('today.day-dialog.how-many-hours') }}</label>
            <input id="day-hours" v-model.number="form.rain_hours" class="native" type="number" min="1" max="24" :aria-invalid="errors.rain_hours ? 'true' : undefined">
            <p v-if="errors.rain_hours" class="field-error">{{ errors.rain_hours }}</p>
          </div>
        </template>
      </div>
      <div class="actions">
        <n-button type="primary" attr-type="submit" :loading="busy">{{ t('today.day-dialog.write-down') }}</n-button>
        <n-button @click="shown = false">{{ t('today.day-dialog.not-now') }}</n-button>
      </div>
    </form>
  </app-dialog>
</template>
