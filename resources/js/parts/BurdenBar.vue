<script setup lang="ts">
import { t } from '@/i18n'
import type { Strength } from '@/api/client'
import { computed } from 'vue'

const props = defineProps<{ said: string; parts: string; factor: number; strengths: Strength[] }>()

const SCALE = 1.5
const shares = computed(() => props.strengths.filter((s) => s.share !== null))
</script>

<template>
  <div class="burden">
    <div class="top">
      <span class="name">{{ t('parts.burden-bar.all-together') }}</span>
      <span><strong>{{ said }}</strong> <span class="soft small">{{ t('parts.burden-bar.what-bears-ease') }}</span></span>
    </div>
    <div class="bar" aria-hidden="true">
      <i
        v-for="(s, n) in shares"
        :key="s.substance"
        :class="`share${n % 4}`"
        :style="{ width: `${Math.min(100, ((s.share ?? 0) * factor * 100) / SCALE)}%` }"
      />
      <b :style="{ left: `${100 / SCALE}%` }" />
    </div>
    <p class="small soft">{{ parts }}</p>
  </div>
</template>

<style scoped>
.burden { padding: var(--space-3) 0 var(--space-6); }
.top { display: flex; justify-content: space-between; gap: var(--space-6); flex-wrap: wrap; align-items: baseline; }
.name { font-weight: 600; }
.bar {
  position: relative; display: flex; height: 14px; margin: var(--space-2) 0 var(--space-2); background: var(--mist); border-radius:
  var(--radius-s);
}
.bar i { height: 100%; }
.share0 { background: color-mix(in srgb, var(--leaf) 70%, var(--paper)); }
.share1 { background: var(--water); }
.share2 { background: color-mix(in srgb, var(--brass) 65%, var(--paper)); }
.share3 { background: var(--soft); }
.bar b { position: absolute; top: -5px; bottom: -5px; width: 3px; background: var(--madder); }
</style>
