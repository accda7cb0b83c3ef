<script setup lang="ts">
import { t } from '@/i18n'
import AnswerButtons from './AnswerButtons.vue'
import SignPicture from '@/parts/signs/SignPicture.vue'
import type { NextLook } from '@/api/client'
import type { Answer } from './useScout'

/** The one question that would tell most. */
defineProps<{ next: NextLook; begun: boolean }>()
const emit = defineEmits<{ answer: [Answer] }>()
</script>

<template>
  <section class="next" aria-labelledby="next-look">
    <sign-picture :sign="next.sign" />
    <div class="words">
      <p id="next-look" class="lead">{{ begun ? t('scout.next-look.look-would-tell') : t('scout.next-look.good-first-look') }}</p>
      <h2>{{ next.name }}?</h2>
      <p>{{ next.look }}</p>
      <p v-if="next.unlike" class="soft small">{{ next.unlike }}</p>
    </div>
    <answer-buttons :about="next.name" :given="undefined" @answer="emit('answer', $event)" />
  </section>
</template>

<style scoped>
.next {
  display: grid; grid-template-columns: 64px minmax(0, 1fr); gap: var(--space-5) var(--space-7); background: var(--brass-wash);
  border-radius: var(--radius-l); padding: var(--space-7) var(--space-7);
}
.words { display: grid; gap: var(--space-2); }
.lead { color: var(--brass); font-weight: 600; font-size: var(--text-s); }
.answers { grid-column: 2; max-width: 420px; }
@media (max-width: 760px) {
  .next { padding: var(--space-6); }
  .answers { grid-column: 1 / -1; max-width: none; }
}
</style>
