<script setup lang="ts">
import type { Schemas } from '@/api/client'

/** Days of the week, each to be ticked. */
type Day = Schemas['FreeHours']['days'][number]
const days = defineModel<Day[]>({ required: true })
defineProps<{ legend: string }>()
const WEEK: { id: Day; short: string; name: string }[] = [
  { id: 'mon', short: 'Mo', name: 'Monday' }, { id: 'tue', short: 'Tu', name: 'Tuesday' }, { id: 'wed', short: 'We', name: 'Wednesday' }, { id: 'thu', short: 'Th', name: 'Thursday' },
  { id: 'fri', short: 'Fr', name: 'Friday' }, { id: 'sat', short: 'Sa', name: 'Saturday' }, { id: 'sun', short: 'Su', name: 'Sunday' },
]
</script>

<template>
  <fieldset>
    <legend>{{ legend }}</legend>
    <label v-for="day in WEEK" :key="day.id"><input v-model="days" type="checkbox" :value="day.id" :aria-label="day.name"> {{ day.short }}</label>
  </fieldset>
</template>

<style scoped>
fieldset { border: 0; margin: 0; padding: 0; display: flex; flex-wrap: wrap; gap: 0 14px; min-width: 0; }
legend { padding: 0; font-weight: 600; font-size: 15px; }
label { display: inline-flex; gap: 6px; align-items: center; min-height: 44px; }
input { width: 20px; height: 20px; accent-color: var(--leaf); }
</style>
