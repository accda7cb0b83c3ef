<script setup lang="ts">
import { t } from '@/i18n'
import FindingItem from './FindingItem.vue'
import type { Finding } from '@/api/client'
import { computed } from 'vue'

/** Findings, the gravest first; beside grave ones many small ones are folded away. */
const props = withDefaults(defineProps<{ findings: Finding[]; open?: boolean; grounds?: boolean; fold?: boolean }>(), { open: false, grounds: true, fold: false })

const AT_A_GLANCE = 5
const grave = computed(() => props.findings.filter((one) => one.severity === 'stop' || one.severity === 'caution'))
/** What is always seen: the grave ones, or where there are none what is worth knowing. */
const seen = computed(() => (grave.value.length ? grave.value : props.findings.filter((one) => one.severity === 'notice')))
const small = computed(() => props.findings.filter((one) => !seen.value.includes(one)))
const folds = computed(() => props.fold && seen.value.length > 0 && props.findings.length > AT_A_GLANCE && small.value.length > 1)
const notices = computed(() => small.value.filter((one) => one.severity === 'notice').length)
const words = computed(() => {
  const fine = small.value.length - notices.value
  return [notices.value && t('parts.finding-list.more-know', { notices: notices.value }), fine && t('parts.finding-list.fine', { fine })].filter(Boolean).join(', ')
})
</script>

<template>
  <div>
    <ul class="findings"><finding-item v-for="(finding, n) in folds ? seen : findings" :key="n" :finding="finding" :open="open" :grounds="grounds" /></ul>
    <details v-if="folds" class="rest">
      <summary>{{ words }}</summary>
      <ul class="findings"><finding-item v-for="(finding, n) in small" :key="n" :finding="finding" :open="open" :grounds="grounds" /></ul>
    </details>
  </div>
</template>

<style scoped>
.findings { list-style: none; margin: 0; padding: 0; }
.rest { border-top: 1px solid var(--line); }
.rest > summary { cursor: pointer; padding: 10px 0; font-weight: 600; min-height: 44px; }
</style>
