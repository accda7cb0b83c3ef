<script setup lang="ts">
import { t } from '@/i18n'
import type { Schemas } from '@/api/client'
import { useTimes } from '@/composables/useTimes'
import { computed } from 'vue'

/** Days of the week, each to be ticked. */
type Day = Schemas['FreeHours']['days'][number]
const days = defineModel<Day[]>({ required: true })
defineProps<{ legend: string }>()
const WEEK: { id: Day; short: string; name: string }[] = [
  { id: 'mon', short: t('parts.week-days.mo'), name: t('parts.week-days.monday') },
  { id: 'tue', short: t('parts.week-days.tu'), name: t('parts.week-days.tuesday') },
  { id: 'wed', short: t('parts.week-days.we'), name: t('parts.week-days.wednesday') },
  { id: 'thu', short: t('parts.week-days.th'), name: t('parts.week-days.thursday') },
  { id: 'fri', short: t('parts.week-days.fr'), name: t('parts.week-days.friday') },
  { id: 'sat', short: t('parts.week-days.sa'), name: t('parts.week-days.saturday') },
  { id: 'sun', short: t('parts.week-days.su'), name: t('parts.week-days.sunday') },
]
const times = useTimes()
/** As the week begins where the garden lies. */
const week = computed(() => Array.from({ length: 7 }, (_, n) => WEEK[(n + times.weekStarts() - 1) % 7]!))
</script>

<template>
  <fieldset>
    <legend>{{ legend }}</legend>
    <label v-for="day in week" :key="day.id"><input v-model="days" type="checkbox" :value="day.id" :aria-label="day.name" /> {{ day.short }}</label>
  </fieldset>
</template>

<style scoped>
fieldset { border: 0; margin: 0; padding: 0; display: flex; flex-wrap: wrap; gap: 0 var(--space-6); min-width: 0; }
legend { padding: 0; font-weight: 600; font-size: var(--text-s); }
label { display: inline-flex; gap: var(--space-3); align-items: center; min-height: var(--finger); }
input { width: 20px; height: 20px; accent-color: var(--leaf); }
</style>
