<script setup lang="ts">
import { t } from '@/i18n'
import type { Offer } from '@/api/client'
import { computed } from 'vue'

/** Which bottle of the cupboard a line is poured from, and the others that could be. */
const props = defineProps<{ offers: Offer[]; label: string }>()
const emit = defineEmits<{ pick: [offer: Offer] }>()

const same = computed(() => props.offers.find((offer) => offer.is_same))
function pick(id: string): void {
  const offer = props.offers.find((one) => one.product_id === id)
  if (offer) emit('pick', offer)
}
</script>

<template>
  <label v-if="offers.length" class="cupboard">
    <span class="soft small">{{ t('bench.cupboard-line.from') }}</span>
    <select
      class="native"
      :aria-label="t('bench.cupboard-line.bottle', { label })"
      :value="same?.product_id ?? ''"
      @change="pick(($event.target as HTMLSelectElement).value)"
    >
      <option v-if="!same" value="">{{ t('bench.cupboard-line.bottle-as-written') }}</option>
      <option v-for="offer in offers" :key="offer.product_id" :value="offer.product_id">{{ offer.name }}, {{ offer.strength }}</option>
    </select>
  </label>
</template>

<style scoped>
.cupboard { display: grid; grid-template-columns: auto minmax(0, 1fr); gap: var(--space-4); align-items: center; }
.native { padding: var(--space-2) var(--space-5); background: none; border-color: var(--line); }
</style>
