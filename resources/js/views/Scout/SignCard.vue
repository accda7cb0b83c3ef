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
.sign-card { display: grid; grid-template-columns: 64px minmax(0, 1fr); gap: 4px 12px; padding: 12px; background: var(--paper); border: 1px solid var(--line); border-radius: 12px; align-content: start; }
.sign-card.yes { border-color: var(--leaf); box-shadow: inset 0 0 0 1px var(--leaf); }
.answers { grid-column: 1 / -1; align-self: end; margin-top: 6px; }
h3 { font: 600 16px/1.35 'Atkinson Hyperlegible Next', system-ui, sans-serif; }
summary { cursor: pointer; font-size: 15px; color: var(--soft); min-height: 32px; padding-top: 4px; }
details p { margin-top: 4px; }
</style>
