<script setup lang="ts">
import { t } from '@/i18n'
import type { Tactic } from '@/api/client'
import { NButton } from 'naive-ui'

/** What can be done that is not a spray, the best grounded first. */
defineProps<{ tactics: Tactic[]; busy: boolean; open: boolean }>()
const emit = defineEmits<{ did: [Tactic] }>()

const often = (days: number | null) => (days === null ? t('trouble.tactic-list.once') : days === 1 ? t('trouble.tactic-list.every-day') : t('trouble.tactic-list.every-days', { days }))
</script>

<template>
  <ul class="tactics">
    <li v-for="tactic in tactics" :key="tactic.id">
      <div class="words">
        <h3>{{ tactic.name }}<span v-if="tactic.tried" class="tried">{{ t('trouble.tactic-list.done-before') }}</span></h3>
        <p>{{ tactic.how }}</p>
        <p class="soft small">{{ t('trouble.tactic-list.about-min', { evidenceWord: tactic.evidence_word, everyDays: often(tactic.every_days), minutes: tactic.minutes }) }}</p>
        <p v-if="tactic.watch" class="small mind">{{ t('trouble.tactic-list.mind', { watch: tactic.watch }) }}</p>
      </div>
      <n-button v-if="open" size="small" :disabled="busy" :aria-label="t('trouble.tactic-list.did', { name: tactic.name })" @click="emit('did', tactic)">{{ t('trouble.tactic-list.did-2') }}</n-button>
    </li>
  </ul>
</template>

<style scoped>
.tactics { list-style: none; margin: 0; padding: 0; }
li { display: flex; gap: 14px; justify-content: space-between; align-items: start; padding: 11px 0; border-top: 1px solid var(--line); }
.words { display: grid; gap: 2px; min-width: 0; }
h3 { font: 600 16px/1.35 'Atkinson Hyperlegible Next', system-ui, sans-serif; }
.tried { font-weight: 400; font-size: 14px; color: var(--soft); margin-left: 10px; }
.mind { color: var(--brass); }
</style>
