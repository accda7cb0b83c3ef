<script setup lang="ts">
import { t } from '@/i18n'
import SeverityMark from './SeverityMark.vue'
import { useTimes } from '@/composables/useTimes'
import type { RoundDay } from '@/composables/useRoundDays'

/** What it would mean for a round to be on a day. */
defineProps<{ day: string; meaning: RoundDay | undefined }>()
const times = useTimes()
const WORDS: Record<RoundDay['word'], string> = {
  fine: t('parts.day-meaning.good-hour'),
  poor: t('parts.day-meaning.poor-hour'),
  no: t('parts.day-meaning.no-hour'),
  unknown: t('parts.day-meaning.beyond-forecast'),
}
const clock = times.hour
</script>

<template>
  <div class="meaning" aria-live="polite">
    <p>
      <strong>{{ times.day(day) }}</strong><template v-if="meaning">
        <template v-if="meaning.hour !== null">, {{ clock(meaning.hour) }}</template>: {{ WORDS[meaning.word] }}<template v-if="meaning.why && meaning.word !== 'fine'"> ({{ meaning.why }})</template>
      </template>
      <template v-else>{{ t('parts.day-meaning.nothing-known-day') }}</template>
    </p>
    <ul v-if="meaning?.consequences.length">
      <li v-for="one in meaning.consequences" :key="one.said">
        <severity-mark :severity="one.severity" /> <span>{{ one.said }}</span>
      </li>
    </ul>
    <p v-else-if="meaning" class="soft">{{ t('parts.day-meaning.nothing-against') }}</p>
  </div>
</template>

<style scoped>
.meaning { display: grid; gap: var(--space-2); min-height: 78px; align-content: start; }
ul { list-style: none; margin: 0; padding: 0; display: grid; gap: var(--space-2); }
li { display: flex; gap: var(--space-5); align-items: baseline; }
</style>
