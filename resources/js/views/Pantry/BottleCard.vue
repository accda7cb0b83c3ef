<script setup lang="ts">
import { t } from '@/i18n'
import SeverityMark from '@/parts/SeverityMark.vue'
import type { Product } from '@/api/client'
import { computed } from 'vue'

const props = defineProps<{ product: Product; currency: string }>()
defineEmits<{ open: [] }>()

/** The bottle's inside in drawing units. */
const TOP = 18
const BOTTOM = 78
const colours: Record<string, string> = {
  soap: 'soap',
  'soap-solid': 'soap',
  oil: 'oil',
  alcohol: 'alcohol',
  acid: 'acid',
  extract: 'extract',
  milk: 'milk',
  peroxide: 'water',
}
const part = computed(() =>
  props.product.size && props.product.left !== null ? Math.min(1, props.product.left / props.product.size) : null,
)
const level = computed(() => BOTTOM - (part.value ?? 0) * (BOTTOM - TOP))
const worst = computed(() => props.product.findings.find((finding) => finding.severity === 'caution') ?? props.product.findings[0])
const path = computed(() =>
  props.product.is_liquid
    ? 'M18 4 h12 v8 c0 6 8 8 8 16 v48 a5 5 0 0 1 -5 5 h-18 a5 5 0 0 1 -5 -5 v-48 c0 -8 8 -10 8 -16 z'
    : 'M10 12 h28 l2 66 a3 3 0 0 1 -3 3 h-26 a3 3 0 0 1 -3 -3 z',
)
</script>

<template>
  <button class="card" type="button" @click="$emit('open')">
    <svg viewBox="0 0 48 84" aria-hidden="true">
      <clipPath :id="`in-${product.id}`"><path :d="path" /></clipPath>
      <g :clip-path="`url(#in-${product.id})`">
        <rect
          v-if="part !== null"
          x="0"
          width="48"
          :y="level"
          height="84"
          :style="{ fill: `var(--liquid-${colours[product.group] ?? 'other'})` }"
        />
        <rect v-else x="0" y="0" width="48" height="84" class="unknown" />
      </g>
      <path :d="path" class="glass" />
      <text v-if="part === null" x="24" y="56" text-anchor="middle">?</text>
    </svg>
    <span class="words">
      <strong>{{ product.name }}</strong>
      <span class="soft small">{{ product.kind }}{{ product.strength ? `, ${product.strength}` : '' }}</span>
      <span class="left">
        <template v-if="product.left_words">{{ t('pantry.bottle-card.left', { leftWords: product.left_words })
        }}<template v-if="product.size_words">{{ t('pantry.bottle-card.of', { sizeWords: product.size_words }) }}</template></template>
        <template v-else>{{ t('pantry.bottle-card.how-much-left') }}</template>
      </span>
      <span v-if="product.price !== null" class="soft small">{{ product.price.toFixed(2) }} {{ currency }}</span>
      <span v-if="worst" class="worst"><severity-mark :severity="worst.severity" /> <span class="small">{{ worst.what }}</span></span>
    </span>
  </button>
</template>

<style scoped>
.card {
  display: grid; grid-template-columns: 56px minmax(0, 1fr); gap: var(--space-6); text-align: left; background: var(--paper); border: 1px
  solid var(--line); border-radius: var(--radius-l); padding: var(--space-6); cursor: pointer; align-items: start;
}
.card:hover { border-color: var(--leaf); }
svg { width: 56px; height: 98px; }
.glass { fill: none; stroke: var(--ink); stroke-width: 1.6; }
.unknown { fill: var(--mist); }
text { fill: var(--soft); font-size: var(--text-xl); }
.words { display: grid; gap: var(--space-1); }
strong { font-size: var(--text-l); overflow-wrap: anywhere; }
.worst { display: grid; gap: 0; margin-top: var(--space-2); justify-items: start; }
</style>
