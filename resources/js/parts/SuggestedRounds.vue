<script setup lang="ts">
import { t } from '@/i18n'
import SeverityMark from './SeverityMark.vue'
import { useTimes } from '@/composables/useTimes'
import type { Schemas } from '@/api/client'
import { NButton } from 'naive-ui'
import { onMounted, useTemplateRef } from 'vue'

/** How often and when, as it was worked out, to be taken. */
defineProps<{ suggestion: Schemas['Suggestion']; isTaken: boolean; alternates: boolean }>()
const emit = defineEmits<{ take: [] }>()
const times = useTimes()
const root = useTemplateRef<HTMLElement>('root')
/** It comes below what was pressed, where it may be out of sight. */
onMounted(() => root.value?.scrollIntoView({ block: 'nearest' }))
</script>

<template>
  <div ref="root" aria-live="polite" class="answer">
    <p>
      {{ suggestion.because }} <span class="soft small">{{ suggestion.basis }}</span>
    </p>
    <p v-for="one in suggestion.useless" :key="one" class="useless"><severity-mark severity="notice" /> {{ one }}</p>
    <ol>
      <li v-for="round in suggestion.rounds" :key="round.from">
        <strong>{{ times.instant(round.from) }}</strong><template v-if="alternates">, {{ round.recipe }}</template>{{ ' ' }}
        <span v-if="round.is_late" class="field-error">{{ t('parts.suggested-rounds.late') }}</span> {{ round.because }}
      </li>
    </ol>
    <p v-if="suggestion.rounds.length === 0" class="field-error">{{ t('parts.suggested-rounds.no-hour-was') }}</p>
    <p class="soft small">{{ t('parts.suggested-rounds.weather-from', { source: suggestion.source }) }}</p>
    <n-button v-if="suggestion.rounds.length" :type="isTaken ? 'default' : 'primary'" size="small" @click="emit('take')">
      {{
        isTaken ? t('parts.suggested-rounds.taken') : t('parts.suggested-rounds.take-these-days')
      }}
    </n-button>
  </div>
</template>

<style scoped>
.answer {
  display: grid; gap: var(--space-4); justify-items: start; background: var(--leaf-wash); border-radius: var(--radius-l); padding:
  var(--space-6) var(--space-7);
}
.useless { display: grid; grid-template-columns: auto 1fr; gap: var(--space-4); font-weight: 600; }
ol { margin: 0; padding-left: var(--space-8); display: grid; gap: var(--space-2); }
</style>
