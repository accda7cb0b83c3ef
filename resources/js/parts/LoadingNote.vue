<script setup lang="ts">
import { t } from '@/i18n'
withDefaults(defineProps<{ what?: string }>(), { what: t('parts.loading-note.one-moment') })
</script>

<template>
  <div class="loading" role="status">
    <span class="fog" aria-hidden="true"><i /><i /><i /></span>
    <span>{{ what }}…</span>
  </div>
</template>

<style scoped>
.loading { display: grid; justify-items: center; gap: var(--space-6); padding: var(--space-12) var(--space-9); color: var(--soft); }
.fog { display: grid; gap: var(--space-3); width: 120px; }
.fog i {
  height: 5px; border-radius: var(--radius-s); background: var(--water); opacity: 0.5; animation: drift 2.4s ease-in-out infinite
  alternate;
}
.fog i:nth-child(2) { width: 70%; animation-delay: -0.8s; }
.fog i:nth-child(3) { width: 85%; animation-delay: -1.6s; }
@keyframes drift { from { transform: translateX(-12px); } to { transform: translateX(12px); } }
</style>
