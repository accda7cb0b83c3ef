<script setup lang="ts">
import { t } from '@/i18n'
import WeekDays from '@/parts/WeekDays.vue'
import type { Schemas } from '@/api/client'
import { useTimes } from '@/composables/useTimes'
import { reactive, watch } from 'vue'

/** When in the week a planting is watered and fed. */
const care = defineModel<Schemas['PlantCare'] | null>({ required: true })
const times = useTimes()
const hours = Array.from({ length: 24 }, (_, hour) => `${String(hour).padStart(2, '0')}:00`)
const blank = (): Schemas['PlantCare'] => ({ water_days: [], water_at: '07:00', from_above: false, feed_days: [] })
const form = reactive({ ...blank(), ...care.value })
watch(
  form,
  () => {
    care.value = form.water_days.length || form.feed_days.length ? { ...form } : null
  },
  { deep: true },
)
</script>

<template>
  <details class="care" :open="care !== null">
    <summary>{{ t('garden.plant-care.watering-feeding') }}</summary>
    <p class="soft small">{{ t('garden.plant-care.rounds-keep-clear') }}</p>
    <week-days v-model="form.water_days" :legend="t('garden.plant-care.watered')" />
    <div v-if="form.water_days.length" class="how">
      <label>{{ t('garden.plant-care.at') }}
        <select v-model="form.water_at" class="native" :aria-label="t('garden.plant-care.watered-at')">
          <option v-for="hour in hours" :key="hour" :value="hour">{{ times.hour(Number(hour.slice(0, 2))) }}</option>
        </select></label>
      <label><input v-model="form.from_above" type="checkbox" />{{ t('garden.plant-care.over-leaves') }}</label>
    </div>
    <week-days v-model="form.feed_days" :legend="t('garden.plant-care.fed')" />
  </details>
</template>

<style scoped>
.care { border: 1px solid var(--line); border-radius: var(--radius-l); padding: var(--space-2) var(--space-7); }
summary { cursor: pointer; min-height: 40px; font-weight: 600; padding-top: var(--space-4); }
.how { display: flex; flex-wrap: wrap; gap: var(--space-2) var(--space-9); align-items: center; }
.how label { display: inline-flex; gap: var(--space-5); align-items: center; min-height: var(--finger); }
.how select { width: auto; }
.how input { width: 20px; height: 20px; accent-color: var(--leaf); }
</style>
