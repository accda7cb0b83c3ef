<script setup lang="ts">
import { t } from '@/i18n'
import type { Tactic } from '@/api/client'
import { NButton } from 'naive-ui'

/** What can be done that is not a spray, the best grounded first. */
defineProps<{ tactics: Tactic[]; busy: boolean; open: boolean }>()
const emit = defineEmits<{ did: [Tactic] }>()

const often = (days: number | null) =>
  days === null
    ? t('trouble.tactic-list.once')
    : days === 1
      ? t('trouble.tactic-list.every-day')
      : t('trouble.tactic-list.every-days', { days })
</script>

<template>
  <ul class="tactics">
    <li v-for="tactic in tactics" :key="tactic.id">
      <div class="words">
        <h3>
          {{ tactic.name }}<span v-if="tactic.tried" class="tried">{{ t('trouble.tactic-list.done-before') }}</span>
        </h3>
        <p>{{ tactic.how }}</p>
        <p class="soft small">
          {{
            t('trouble.tactic-list.about-min', {
              evidenceWord: tactic.evidence_word,
              everyDays: often(tactic.every_days),
              minutes: tactic.minutes,
            })
          }}
        </p>
        <p v-if="tactic.watch" class="small mind">{{ t('trouble.tactic-list.mind', { watch: tactic.watch }) }}</p>
      </div>
      <n-button
        v-if="open"
        size="small"
        :disabled="busy"
        :aria-label="t('trouble.tactic-list.did', { name: tactic.name })"
        @click="emit('did', tactic)"
      >
        {{ t('trouble.tactic-list.did-2') }}
      </n-button>
    </li>
  </ul>
</template>

<style scoped>
.tactics { list-style: none; margin: 0; padding: 0; }
li {
  display: flex; gap: var(--space-6); justify-content: space-between; align-items: start; padding: var(--space-5) 0; border-top: 1px solid
  var(--line);
}
.words { display: grid; gap: var(--space-1); min-width: 0; }
h3 { font: 600 var(--text-m)/1.35 var(--plain); }
.tried { font-weight: 400; font-size: var(--text-xs); color: var(--soft); margin-left: var(--space-5); }
.mind { color: var(--brass); }
</style>
