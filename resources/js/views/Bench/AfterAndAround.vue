<script setup lang="ts">
import { t } from '@/i18n'
import type { Bench } from '@/api/client'
import AfterMixing from './AfterMixing.vue'
import CareNotes from './CareNotes.vue'
import JobLine from './JobLine.vue'

/** What each thing is in it for, what becomes of it once mixed, and who and what is about. */
defineProps<{ safety: NonNullable<Bench['safety']> }>()
</script>

<template>
  <div class="below">
    <section v-if="safety.jobs.length" class="jobs" aria-labelledby="jobs-title">
      <h3 id="jobs-title">{{ t('bench.bench-view.does-each-do') }}</h3>
      <ul>
        <job-line v-for="(job, n) in safety.jobs" :key="n" :job="job" />
      </ul>
    </section>
    <after-mixing :safety="safety" />
    <div>
      <care-notes :care="safety.care" />
      <p v-if="safety.known.length" class="small soft">
        {{ t('bench.bench-view.taken-into-account', { known: safety.known.join(', ') }) }}
      </p>
    </div>
  </div>
</template>

<style scoped>
.below {
  display: grid; grid-template-columns: repeat(auto-fit, minmax(min(320px, 100%), 1fr)); gap: var(--space-2) var(--space-9); align-items:
  start; padding-bottom: var(--space-8);
}
.jobs { padding: var(--space-5) 0; border-top: 1px solid var(--line); }
.jobs ul { list-style: none; margin: var(--space-3) 0 0; padding: 0; display: grid; gap: var(--space-3); }
</style>
