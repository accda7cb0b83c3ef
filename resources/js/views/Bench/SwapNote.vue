<script setup lang="ts">
import FindingList from '@/parts/FindingList.vue'
import type { Finding } from '@/api/client'
import { NButton } from 'naive-ui'

defineProps<{ name: string; findings: Finding[]; refused: string | null; swapped: boolean }>()
defineEmits<{ back: []; keep: [] }>()
</script>

<template>
  <section v-if="refused || swapped" class="swap" aria-live="polite" aria-label="Another bottle">
    <p v-if="refused"><strong>That bottle will not do.</strong> {{ refused }}</p>
    <template v-else>
      <p><strong>Worked out for {{ name }}.</strong> What else changes:</p>
      <finding-list v-if="findings.length" :findings="findings" open />
      <p v-else class="soft">Nothing.</p>
    </template>
    <div class="actions">
      <n-button v-if="swapped" size="small" @click="$emit('back')">Put the old bottle back</n-button>
      <n-button size="small" @click="$emit('keep')">{{ refused ? 'All right' : 'Leave it so' }}</n-button>
    </div>
  </section>
</template>

<style scoped>
.swap { background: var(--brass-wash); border-radius: 10px; padding: 12px 16px; display: grid; gap: 8px; }
</style>
