<script setup lang="ts">
import { t } from '@/i18n'
import WeekDays from '@/parts/WeekDays.vue'
import type { Schemas } from '@/api/client'
import { useTimes } from '@/composables/useTimes'
import { NButton } from 'naive-ui'

/** When in the week there is time to spray: rounds are only put there. */
const spans = defineModel<Schemas['FreeHours'][]>({ required: true })
defineProps<{ errors: Record<string, string> }>()
const times = useTimes()
const hours = Array.from({ length: 25 }, (_, hour) => `${String(hour).padStart(2, '0')}:00`)
const add = () => {
  spans.value = [...spans.value, { days: [], from: '18:00', to: '21:00' }]
}
const take = (n: number) => {
  spans.value = spans.value.filter((_, at) => at !== n)
}
</script>

<template>
  <fieldset class="free">
    <legend>{{ t('settings.free-hours.when-usually-have') }}</legend>
    <p v-if="spans.length === 0" class="soft">{{ t('settings.free-hours.any-day-from') }}</p>
    <div v-for="(span, n) in spans" :key="n" class="span" role="group" :aria-label="t('settings.free-hours.time', { n: n + 1 })">
      <week-days v-model="span.days" :legend="span.days.length ? t('settings.free-hours.on') : t('settings.free-hours.every-day')" />
      <div class="hours">
        <label>{{ t('settings.free-hours.from') }}
          <select v-model="span.from" class="native" :aria-label="t('settings.free-hours.from-2')">
            <option v-for="hour in hours.slice(0, 24)" :key="hour" :value="hour">{{ times.hour(Number(hour.slice(0, 2))) }}</option>
          </select></label>
        <label>{{ t('settings.free-hours.to') }}
          <select v-model="span.to" class="native" :aria-label="t('settings.free-hours.until')">
            <option v-for="hour in hours.slice(1)" :key="hour" :value="hour">{{ times.hour(Number(hour.slice(0, 2))) }}</option>
          </select></label>
        <n-button quaternary size="small" :aria-label="t('settings.free-hours.remove-time', { n: n + 1 })" @click="take(n)">
          {{
            t('settings.free-hours.remove')
          }}
        </n-button>
      </div>
    </div>
    <template v-for="(message, field) in errors" :key="field">
      <p v-if="String(field).startsWith('free_hours')" class="field-error">{{ message }}</p>
    </template>
    <div class="actions">
      <n-button size="small" @click="add">{{ t('settings.free-hours.add-time') }}</n-button>
    </div>
  </fieldset>
</template>

<style scoped>
.free {
  border: 1px solid var(--line); border-radius: var(--radius-l); padding: var(--space-3) var(--space-7) var(--space-6); min-width: 0;
  display: grid; gap: var(--space-5);
}
.free > legend { font-weight: 600; padding: 0 var(--space-3); }
.span {
  display: flex; flex-wrap: wrap; gap: var(--space-2) var(--space-9); align-items: end; border-bottom: 1px solid var(--line);
  padding-bottom: var(--space-4);
}
.hours { display: flex; flex-wrap: wrap; gap: var(--space-4) var(--space-6); align-items: center; }
.hours select { width: auto; }
</style>
