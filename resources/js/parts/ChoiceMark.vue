<script setup lang="ts">
import { t } from '@/i18n'
import type { TroubleBrief } from '@/api/client'
import { computed } from 'vue'

/** What is to be done about a trouble, by word and shape. */
const props = defineProps<{ choice: TroubleBrief['choice']; kind: TroubleBrief['kind'] }>()

const words: Record<TroubleBrief['choice'], string> = {
  leave: t('parts.choice-mark.leave-look-again'),
  'tactics-first': t('parts.choice-mark.tactics-first'),
  'spray-too': t('parts.choice-mark.spray-too'),
  'give-up': t('parts.choice-mark.give-up'),
  unknown: t('parts.choice-mark.find-out-first'),
}
const word = computed(() =>
  props.kind === 'look-alike' && props.choice !== 'give-up' ? t('parts.choice-mark.no-spray-but') : words[props.choice],
)
</script>

<template>
  <span class="choice" :class="choice">
    <svg viewBox="0 0 20 20" aria-hidden="true">
      <path v-if="choice === 'leave'" d="M2 10q8 -9 16 0q-8 9 -16 0zM10 7.500a2.5 2.5 0 1 0 0.01 0" />
      <path v-else-if="choice === 'tactics-first'" d="M5 18V9M9 18V4M13 18V6M5 9q0-3 2-1M13 6q2-3 4 0v7q0 5-5 5H5" />
      <path v-else-if="choice === 'spray-too'" d="M6 18V9h7v9zM8 9V5h6M16 4l2-1M16 6h3M16 8l2 1" />
      <path v-else-if="choice === 'give-up'" d="M4 5h12M8 5V3h4v2M6 5l1 13h6l1-13" />
      <path v-else d="M7 7a3 3 0 1 1 4 3q-1 .6-1 2.500M10 16v.3" />
    </svg>
    {{ word }}
  </span>
</template>

<style scoped>
.choice { display: inline-flex; gap: var(--space-3); align-items: center; font-weight: 600; font-size: var(--text-s); white-space: nowrap; }
svg {
  width: 18px; height: 18px; fill: none; stroke: currentColor; stroke-width: 1.7; stroke-linecap: round; stroke-linejoin: round; flex:
  none;
}
.leave { color: var(--leaf); }
.tactics-first, .unknown { color: var(--ink); }
.spray-too { color: var(--brass); }
.give-up { color: var(--madder); }
</style>
