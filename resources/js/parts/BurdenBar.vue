<script setup lang="ts">
import type { Strength } from '@/api/client'
import { computed } from 'vue'

const props = defineProps<{ burden: number; range?: { low: number; high: number } | null; factor: number; strengths: Strength[] }>()

const SCALE = 1.5
const shares = computed(() => props.strengths.filter((s) => s.share !== null))
const isWide = computed(() => !!props.range && props.range.high - props.range.low > 0.01)
const words = computed(() => shares.value.map((s) => `${s.name} ${(s.share ?? 0).toFixed(2)}`).join(', '))
</script>

<template>
  <div class="burden">
    <div class="top">
      <span class="name">All together</span>
      <span><strong>{{ burden.toFixed(2) }}</strong> <span v-if="isWide" class="soft small">({{ range!.low.toFixed(2) }} to {{ range!.high.toFixed(2) }})</span> <span class="soft small">of 1 that it bears with ease</span></span>
    </div>
    <div class="bar" aria-hidden="true">
      <i v-for="(s, n) in shares" :key="s.substance" :class="`share${n % 4}`" :style="{ width: `${Math.min(100, ((s.share ?? 0) * factor * 100) / SCALE)}%` }" />
      <b :style="{ left: `${100 / SCALE}%` }" />
    </div>
    <p class="small soft">{{ words }}<template v-if="factor > 1.01">; soap or oil with alcohol counts {{ factor.toFixed(2) }} times</template></p>
  </div>
</template>

<style scoped>
.burden { padding: 6px 0 12px; }
.top { display: flex; justify-content: space-between; gap: 12px; flex-wrap: wrap; align-items: baseline; }
.name { font-weight: 600; }
.bar { position: relative; display: flex; height: 14px; margin: 5px 0 4px; background: var(--mist); border-radius: 4px; }
.bar i { height: 100%; }
.share0 { background: color-mix(in srgb, var(--leaf) 70%, var(--paper)); }
.share1 { background: var(--water); }
.share2 { background: color-mix(in srgb, var(--brass) 65%, var(--paper)); }
.share3 { background: var(--soft); }
.bar b { position: absolute; top: -5px; bottom: -5px; width: 3px; background: var(--madder); }
</style>
