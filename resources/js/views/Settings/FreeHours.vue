<script setup lang="ts">
import WeekDays from '@/parts/WeekDays.vue'
import type { Schemas } from '@/api/client'
import { NButton } from 'naive-ui'

/** When in the week there is time to spray: rounds are only put there. */
const spans = defineModel<Schemas['FreeHours'][]>({ required: true })
defineProps<{ errors: Record<string, string> }>()
const hours = Array.from({ length: 25 }, (_, hour) => `${String(hour).padStart(2, '0')}:00`)
const add = () => { spans.value = [...spans.value, { days: [], from: '18:00', to: '21:00' }] }
const take = (n: number) => { spans.value = spans.value.filter((_, at) => at !== n) }
</script>

<template>
  <fieldset class="free">
    <legend>When you usually have time</legend>
    <p v-if="spans.length === 0" class="soft">Any day from 5 in the morning to 10 at night.</p>
    <div v-for="(span, n) in spans" :key="n" class="span" role="group" :aria-label="`Time ${n + 1}`">
      <week-days v-model="span.days" :legend="span.days.length ? 'On' : 'On every day'" />
      <div class="hours">
        <label>from <select v-model="span.from" class="native" aria-label="From"><option v-for="hour in hours.slice(0, 24)" :key="hour">{{ hour }}</option></select></label>
        <label>to <select v-model="span.to" class="native" aria-label="Until"><option v-for="hour in hours.slice(1)" :key="hour">{{ hour }}</option></select></label>
        <n-button quaternary size="small" :aria-label="`Remove time ${n + 1}`" @click="take(n)">Remove</n-button>
      </div>
    </div>
    <template v-for="(message, field) in errors" :key="field">
      <p v-if="String(field).startsWith('free_hours')" class="field-error">{{ message }}</p>
    </template>
    <div class="actions"><n-button size="small" @click="add">Add a time</n-button></div>
  </fieldset>
</template>

<style scoped>
.free { border: 1px solid var(--line); border-radius: 10px; padding: 6px 16px 12px; min-width: 0; display: grid; gap: 10px; }
.free > legend { font-weight: 600; padding: 0 6px; }
.span { display: flex; flex-wrap: wrap; gap: 4px 28px; align-items: end; border-bottom: 1px solid var(--line); padding-bottom: 8px; }
.hours { display: flex; flex-wrap: wrap; gap: 8px 14px; align-items: center; }
.hours select { width: auto; }
</style>
