<script setup lang="ts">
import { t } from '@/i18n'
import type { Severity } from '@/api/client'

defineProps<{ severity: Severity; wordless?: boolean }>()

const words: Record<Severity, string> = {
  fine: t('parts.severity-mark.good'),
  notice: t('parts.severity-mark.know'),
  caution: t('parts.severity-mark.careful'),
  stop: t('parts.severity-mark.stop'),
}
</script>

<template>
  <span class="mark" :class="severity">
    <svg
      viewBox="0 0 20 20"
      :aria-hidden="!wordless"
      :role="wordless ? 'img' : undefined"
      :aria-label="wordless ? words[severity] : undefined"
    >
      <path v-if="severity === 'fine'" d="M4 10.5l4 4 8-9" class="stroke" />
      <circle v-else-if="severity === 'notice'" cx="10" cy="10" r="5.5" />
      <path v-else-if="severity === 'caution'" d="M10 2.5l8.5 15h-17z" />
      <path v-else d="M6.5 2h7L18 6.5v7L13.500 18h-7L2 13.500v-7z" />
      <path v-if="severity === 'caution'" d="M10 7.500v5M10 14.300v.9" class="cut" />
      <path v-if="severity === 'stop'" d="M6.500 10h7" class="cut" />
    </svg>
    <span v-if="!wordless">{{ words[severity] }}</span>
  </span>
</template>

<style scoped>
.mark { display: inline-flex; align-items: baseline; gap: var(--space-3); font-weight: 600; white-space: nowrap; }
svg { width: 17px; height: 17px; fill: currentColor; flex: none; transform: translateY(2.5px); }
.stroke { fill: none; stroke: currentColor; stroke-width: 2.6; stroke-linecap: round; stroke-linejoin: round; }
.cut { stroke: var(--paper); stroke-width: 2; stroke-linecap: round; }
.fine { color: var(--leaf); }
.notice { color: var(--soft); }
.caution { color: var(--brass); }
.stop { color: var(--madder); }
</style>
