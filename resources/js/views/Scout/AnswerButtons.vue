<script setup lang="ts">
import { t } from '@/i18n'
import type { Answer } from './useScout'

/** Yes, no or didn't look, large enough for a thumb. */
defineProps<{ about: string; given: Answer | undefined }>()
const emit = defineEmits<{ answer: [Answer] }>()

const choices: { id: Answer; label: string }[] = [
  { id: 'yes', label: t('scout.answer-buttons.yes') },
  { id: 'no', label: t('scout.answer-buttons.no') },
  { id: 'skip', label: t('scout.answer-buttons.didnt-look') },
]
</script>

<template>
  <div class="answers" role="group" :aria-label="about">
    <button
      v-for="choice in choices"
      :key="choice.id"
      type="button"
      :class="[choice.id, { given: given === choice.id }]"
      :aria-pressed="given === choice.id"
      @click="emit('answer', choice.id)"
    >
      {{ choice.label }}
    </button>
  </div>
</template>

<style scoped>
.answers { display: flex; }
button {
  flex: 1 1 auto; min-height: var(--finger); min-width: 56px; padding: var(--space-3) var(--space-6); border: 1px solid var(--soft);
  background: var(--paper); cursor: pointer; font-weight: 600; font-size: var(--text-s); white-space: nowrap;
}
button + button { border-left: 0; }
button:first-child { border-radius: var(--radius-m) 0 0 var(--radius-m); }
button:last-child { border-radius: 0 var(--radius-m) var(--radius-m) 0; font-weight: 400; }
.yes.given { background: var(--leaf); color: var(--on-leaf); border-color: var(--leaf); }
.no.given { background: var(--ink); color: var(--page); border-color: var(--ink); }
.skip.given { background: var(--mist); }
</style>
