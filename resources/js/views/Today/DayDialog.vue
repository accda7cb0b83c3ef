<script setup lang="ts">
import { t } from '@/i18n'
import AppField from '@/parts/AppField.vue'
import FormNotes from '@/parts/FormNotes.vue'
import AppDialog from '@/parts/AppDialog.vue'
import { api, take, type Schemas } from '@/api/client'
import { useGarden } from '@/stores/garden'
import { useForm } from '@/composables/useForm'
import { useTimes } from '@/composables/useTimes'
import { NButton } from 'naive-ui'
import { computed } from 'vue'

/** A day's weather by hand: read off the station, or as it was heard. */
const shown = defineModel<boolean>('shown', { required: true })
const emit = defineEmits<{ changed: [] }>()
const store = useGarden()
const times = useTimes()
const { values: form, errors, busy, notes, attempt, done } = useForm(shown, {
  reload: () => emit('changed'),
  kept: () => 'day',
  blank: () => ({
    day: times.todayField(),
    low: '',
    high: '',
    rain: '',
    rain_from: 12,
    rain_hours: 2,
    wind: '',
    sky: 'half' as Schemas['TypedDay']['sky'],
  }),
})
const units = computed(() =>
  store.garden?.units === 'us'
    ? { degrees: '°F', speed: 'mph', rain: 'in', rainHint: '0.2 in' }
    : { degrees: '°C', speed: store.garden?.units === 'imperial' ? 'mph' : 'km/h', rain: 'mm', rainHint: '4.5' },
)
const rain = computed(() => (form.rain.trim() && units.value.rain === 'in' && !/[a-z"]/i.test(form.rain) ? `${form.rain} in` : form.rain))

const save = () =>
  attempt(async () => {
    const change = await take(
      api.POST('/api/gardens/{garden}/weather/day', { params: { path: { garden: store.id } }, body: { ...form, rain: rain.value } }),
    )
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
        <app-field id="day-day" v-slot="field" :label="t('today.day-dialog.day')" :error="errors.day">
          <input v-bind="field" v-model="form.day" type="date" />
        </app-field>
        <app-field id="day-sky" v-slot="field" :label="t('today.day-dialog.sky')">
          <select v-bind="field" v-model="form.sky">
            <option value="clear">{{ t('today.day-dialog.clear') }}</option>
            <option value="half">{{ t('today.day-dialog.half-half') }}</option>
            <option value="overcast">{{ t('today.day-dialog.overcast') }}</option>
          </select>
        </app-field>
        <app-field id="day-low" v-slot="field" :label="t('today.day-dialog.lowest', { degrees: units.degrees })" :error="errors.low">
          <input v-bind="field" v-model="form.low" inputmode="decimal" />
        </app-field>
        <app-field id="day-high" v-slot="field" :label="t('today.day-dialog.highest', { degrees: units.degrees })" :error="errors.high">
          <input v-bind="field" v-model="form.high" inputmode="decimal" />
        </app-field>
        <app-field id="day-rain" v-slot="field" :label="t('today.day-dialog.rain-all', { rain: units.rain })" :error="errors.rain">
          <input
            v-bind="field"
            v-model="form.rain"
            inputmode="decimal"
            :placeholder="t('today.day-dialog.none', { rainHint: units.rainHint })"
          />
        </app-field>
        <app-field id="day-wind" v-slot="field" :label="t('today.day-dialog.wind', { speed: units.speed })" :error="errors.wind">
          <input v-bind="field" v-model="form.wind" inputmode="decimal" :placeholder="t('today.day-dialog.little')" />
        </app-field>
        <template v-if="form.rain.trim()">
          <app-field id="day-from" v-slot="field" :label="t('today.day-dialog.begins-at')">
            <select v-bind="field" v-model="form.rain_from">
              <option v-for="n in 24" :key="n" :value="n - 1">{{ times.hour(n - 1) }}</option>
            </select>
          </app-field>
          <app-field id="day-hours" v-slot="field" :label="t('today.day-dialog.how-many-hours')" :error="errors.rain_hours">
            <input v-bind="field" v-model.number="form.rain_hours" type="number" min="1" max="24" />
          </app-field>
        </template>
      </div>
      <form-notes :of="notes" />
      <div class="actions">
        <n-button type="primary" attr-type="submit" :loading="busy">{{ t('today.day-dialog.write-down') }}</n-button>
        <n-button @click="shown = false">{{ t('today.day-dialog.not-now') }}</n-button>
      </div>
    </form>
  </app-dialog>
</template>
