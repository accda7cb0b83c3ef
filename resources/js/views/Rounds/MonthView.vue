<script setup lang="ts">
import { t } from '@/i18n'
import MonthSheet from './MonthSheet.vue'
import LoadingNote from '@/parts/LoadingNote.vue'
import { useRounds } from './useRounds'
import { useTimes } from '@/composables/useTimes'
import { NButton } from 'naive-ui'
import { computed } from 'vue'
import { useRoute, useRouter } from 'vue-router'

const route = useRoute()
const router = useRouter()
const times = useTimes()
const { courses, lanes } = useRounds()
const month = computed(() =>
  /^\d{4}-(0[1-9]|1[0-2])$/.test(String(route.query.month)) ? String(route.query.month) : times.todayField().slice(0, 7),
)
function go(by: number): void {
  const [year, at] = month.value.split('-').map(Number) as [number, number]
  const next = new Date(Date.UTC(year, at - 1 + by, 1)).toISOString().slice(0, 7)
  void router.replace({ name: 'month', query: { month: next } })
}
const print = () => window.print()
</script>

<template>
  <div class="month-view">
    <loading-note v-if="!courses || !lanes" :what="t('rounds.month-view.laying-out-month')" />
    <template v-else>
      <h1 class="on-paper">{{ t('rounds.month-view.month-rounds') }}</h1>
      <div class="actions noprint">
        <router-link :to="{ name: 'rounds' }">{{ t('rounds.month-view.back-rounds') }}</router-link>
        <n-button @click="go(-1)">{{ t('rounds.month-view.month-before') }}</n-button>
        <n-button @click="go(1)">{{ t('rounds.month-view.month-after') }}</n-button>
        <n-button type="primary" @click="print">{{ t('rounds.month-view.print') }}</n-button>
      </div>
      <div class="sheet"><month-sheet :month="month" :courses="courses" :marks="lanes.marks" /></div>
      <p class="small soft">{{ t('rounds.month-view.spray-done-start') }}</p>
    </template>
  </div>
</template>

<style scoped>
.month-view {
  padding: var(--space-8) var(--space-9) var(--space-11); display: grid; gap: var(--space-6); grid-template-columns: minmax(0, 1fr);
}
.actions { align-items: center; }
.sheet { overflow-x: auto; }
.sheet > * { min-width: 760px; }
@media (max-width: 760px) { .month-view { padding: var(--space-7) var(--space-7) var(--space-10); } }
@media print { .noprint { display: none; } .month-view { padding: 0; } .sheet > * { min-width: 0; } }
</style>
