<script setup lang="ts">
import { t } from '@/i18n'
import { NButton, NModal } from 'naive-ui'

/** A dialog with its name on top, the same everywhere. */
const shown = defineModel<boolean>('shown', { required: true })
withDefaults(defineProps<{ title: string; width?: number; keepOpen?: boolean }>(), { width: 560, keepOpen: false })
</script>

<template>
  <n-modal v-model:show="shown" :mask-closable="!keepOpen" :close-on-esc="!keepOpen">
    <!-- A div: the modal keeps the focus within the first one it finds, and throws it out of anything else. -->
    <div class="dialog" role="dialog" aria-modal="true" :aria-label="title" :style="{ width: `min(${width}px, 94vw)` }">
      <header>
        <h2>{{ title }}</h2>
        <n-button quaternary size="small" :aria-label="t('parts.app-dialog.close')" @click="shown = false">
          <svg viewBox="0 0 20 20" width="18" height="18" aria-hidden="true">
            <path d="M5 5l10 10M15 5L5 15" stroke="currentColor" stroke-width="2" stroke-linecap="round" />
          </svg>
        </n-button>
      </header>
      <slot />
    </div>
  </n-modal>
</template>

<style scoped>
.dialog {
  background: var(--paper); color: var(--ink); border-radius: var(--radius-l); padding: var(--space-8) var(--space-9) var(--space-9);
  display: grid; gap: var(--space-7); grid-template-columns: minmax(0, 1fr); max-height: 92vh; overflow: auto;
}
header { display: flex; justify-content: space-between; gap: var(--space-6); align-items: start; }
@media (max-width: 760px) { .dialog { padding: var(--space-7); } }
</style>
