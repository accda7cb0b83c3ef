<script setup lang="ts">
import { t } from '@/i18n'
import FindingItem from './FindingItem.vue'
import type { Finding } from '@/api/client'
import { computed } from 'vue'

/** Findings, the gravest first; where there are many, what is not so grave is folded away. */
const props = withDefaults(defineProps<{ findings: Finding[]; open?: boolean; grounds?: boolean; fold?: boolean }>(), {
  open: false,
  grounds: true,
  fold: false,
})

/** Beside what stops it, so many are read before one gives up. */
const AT_A_GLANCE = 3
const stops = computed(() => props.findings.filter((one) => one.severity === 'stop'))
/** What is always seen: every stop, and the gravest of the others; what is fine only where there is nothing else. */
const seen = computed(() => {
  const others = props.findings.filter((one) => one.severity === 'caution' || one.severity === 'notice')
  return [...stops.value, ...others.slice(0, AT_A_GLANCE)]
})
const small = computed(() => props.findings.filter((one) => !seen.value.includes(one)))
const isMuch = computed(() => small.value.length > 1 || small.value.some((one) => one.severity !== 'fine'))
const folds = computed(() => props.fold && seen.value.length > 0 && isMuch.value)
const cautions = computed(() => small.value.filter((one) => one.severity === 'caution').length)
const notices = computed(() => small.value.filter((one) => one.severity === 'notice').length)
const words = computed(() => {
  const fine = small.value.length - notices.value - cautions.value
  return [
    cautions.value && t('parts.finding-list.more-mind', { cautions: cautions.value }),
    notices.value && t('parts.finding-list.more-know', { notices: notices.value }),
    fine && t('parts.finding-list.fine', { fine }),
  ]
    .filter(Boolean)
    .join(', ')
})
</script>

<template>
  <div>
    <ul class="findings">
      <finding-item v-for="(finding, n) in folds ? seen : findings" :key="n" :finding="finding" :open="open" :grounds="grounds" />
    </ul>
    <details v-if="folds" class="rest">
      <summary>{{ words }}</summary>
      <ul class="findings">
        <finding-item v-for="(finding, n) in small" :key="n" :finding="finding" :open="open" :grounds="grounds" />
      </ul>
    </details>
  </div>
</template>

<style scoped>
.findings { list-style: none; margin: 0; padding: 0; }
.rest { border-top: 1px solid var(--line); }
.rest > summary { cursor: pointer; padding: var(--space-5) 0; font-weight: 600; min-height: var(--finger); }
</style>
