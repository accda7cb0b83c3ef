<script setup lang="ts">
import { t } from '@/i18n'
import AnswerButtons from './AnswerButtons.vue'
import SignPicture from '@/parts/signs/SignPicture.vue'
import type { SignChoice } from '@/api/client'
import type { Answer } from './useScout'

defineProps<{ sign: SignChoice; given: Answer | undefined }>()
const emit = defineEmits<{ answer: [Answer] }>()
</script>

<template>
  <article class="sign-card" :class="given">
    <sign-picture :sign="sign.id" />
    <div class="words">
      <h3>{{ sign.name }}</h3>
      <details>
        <summary>{{ t('scout.sign-card.how-tell') }}</summary>
        <p class="small">{{ sign.look }}</p>
        <p v-if="sign.unlike" class="small soft">{{ sign.unlike }}</p>
      </details>
    </div>
    <answer-buttons :about="sign.name" :given="given" @answer="emit('answer', $event)" />
  </article>
</template>

<style scoped>
.sign-card {
  display: grid; grid-template-columns: 64px minmax(0, 1fr); gap: var(--space-2) var(--space-6); padding: var(--space-6); background:
  var(--paper); border: 1px solid var(--line); border-radius: var(--radius-l); align-content: start;
}
.sign-card.yes { border-color: var(--leaf); box-shadow: inset 0 0 0 1px var(--leaf); }
.answers { grid-column: 1 / -1; align-self: end; margin-top: var(--space-3); }
h3 { font: 600 var(--text-m)/1.35 var(--plain); }
summary { cursor: pointer; font-size: var(--text-s); color: var(--soft); min-height: 32px; padding-top: var(--space-2); }
details p { margin-top: var(--space-2); }
</style>
