<script setup lang="ts">
import { inWords } from '@/parts/grounds'
import { t } from '@/i18n'
import SeverityMark from './SeverityMark.vue'
import type { Finding } from '@/api/client'

/** One judgement, opening to because, instead and ground. */
defineProps<{ finding: Finding; open: boolean; grounds: boolean }>()
</script>

<template>
  <li :class="finding.severity">
    <severity-mark :severity="finding.severity" />
    <details :open="open">
      <summary>{{ finding.what }}</summary>
      <p>{{ finding.because }}</p>
      <p v-if="finding.severity !== 'fine'" class="instead">{{ finding.instead }}</p>
      <p class="soft small">
        {{ t('parts.finding-item.ground-certainty', { basis: inWords(finding.basis), sure: inWords(finding.sure) })
        }}<template v-if="grounds && finding.ground">
          ·
          <router-link :to="{ name: 'why', query: { rule: finding.ground } }">{{
            t('parts.finding-item.why-we-say')
          }}</router-link>
        </template>
      </p>
    </details>
  </li>
</template>

<style scoped>
li {
  display: grid; grid-template-columns: 128px minmax(0, 1fr); gap: var(--space-4); padding: var(--space-5) 0; align-items: start;
  border-top: 1px solid var(--line);
}
summary { cursor: pointer; list-style-position: outside; overflow-wrap: anywhere; }
summary::marker { color: var(--soft); }
details { margin-left: var(--space-6); }
details p { margin-top: var(--space-3); }
.instead { border-left: 3px solid var(--brass); padding-left: var(--space-5); }
</style>
