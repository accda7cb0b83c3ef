<script setup lang="ts">
import { t } from '@/i18n'
import SeverityMark from '@/parts/SeverityMark.vue'
import type { Bench } from '@/api/client'

/** `failed`: it could be read, but nothing answered. */
defineProps<{ bench: Bench; stale: boolean; failed: boolean }>()
</script>

<template>
  <section v-if="stale" class="banner" aria-live="polite">
    <div>
      <p class="what">{{ t('bench.bench-banner.cannot-worked-out') }}</p>
      <p class="instead">{{ failed ? t('bench.bench-banner.until-answered') : t('bench.bench-banner.what-stands-below') }}</p>
    </div>
  </section>
  <section v-else class="banner" :class="bench.severity" aria-live="polite">
    <severity-mark :severity="bench.severity" />
    <div>
      <p class="what">{{ bench.headline }}</p>
      <p v-if="bench.instead" class="instead">{{ bench.instead }}</p>
    </div>
  </section>
</template>

<style scoped>
.banner {
  display: flex; gap: var(--space-7); align-items: flex-start; padding: var(--space-6) var(--space-7); border-radius: var(--radius-l);
  border-left: 7px solid var(--soft); background: var(--mist);
}
.banner :deep(.mark) { padding-top: var(--space-2); }
.what { font: 600 var(--text-xl)/1.3 var(--title); }
.instead { margin-top: var(--space-1); }
.fine { border-color: var(--leaf); background: var(--leaf-wash); }
.notice { border-color: var(--leaf); background: var(--leaf-wash); }
.caution { border-color: var(--brass); background: var(--brass-wash); }
.stop { border-color: var(--madder); background: var(--madder-wash); }
@media (max-width: 760px) { .banner { flex-direction: column; gap: var(--space-2); } .what { font-size: var(--text-l); } }
</style>
