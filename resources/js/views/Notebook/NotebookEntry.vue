<script setup lang="ts">
import { t } from '@/i18n'
import FindingList from '@/parts/FindingList.vue'
import SeverityMark from '@/parts/SeverityMark.vue'
import type { Application } from '@/api/client'
import { useTimes } from '@/composables/useTimes'

defineProps<{ entry: Application }>()
const times = useTimes()
</script>

<template>
  <article class="entry">
    <p class="when soft">{{ times.instant(entry.applied_at) }}</p>
    <div class="what">
      <p>
        <strong>{{ entry.recipe }}</strong><template v-if="entry.target">{{ t('notebook.notebook-entry.against', { target: entry.target }) }}</template><template v-if="entry.round_number">
          {{
            t('notebook.notebook-entry.round', { roundNumber: entry.round_number, rounds: entry.rounds })
          }}
        </template>
      </p>
      <p class="soft">
        {{ entry.plantings.join(', ') || t('notebook.notebook-entry.paths-surfaces') }} · {{ entry.volume
        }}<template v-if="entry.sprayer">{{ t('notebook.notebook-entry.in-the', { sprayer: entry.sprayer }) }}</template><template v-if="entry.by"> · {{ entry.by }}</template>
      </p>
      <p v-if="entry.note" class="note">{{ entry.note }}</p>
      <details>
        <summary>{{ t('notebook.notebook-entry.what-was') }} <severity-mark :severity="entry.severity" /></summary>
        <ul>
          <li v-for="(line, n) in entry.lines" :key="n">
            {{ line.precise }} {{ line.name.toLowerCase() }}<span v-if="line.measure" class="soft"> ({{ line.measure }})</span>
          </li>
        </ul>
        <p v-if="entry.weather" class="small">{{ t('notebook.notebook-entry.weather', { weather: entry.weather }) }}</p>
        <p v-if="entry.batch" class="small">{{ t('notebook.notebook-entry.from-batch', { batch: entry.batch }) }}</p>
        <p v-if="entry.rinsed !== null" class="small">
          {{ entry.rinsed ? t('notebook.notebook-entry.delicate-ones-were') : t('notebook.notebook-entry.not-rinsed') }}
        </p>
        <p v-if="entry.taken.length" class="small">
          {{ t('notebook.notebook-entry.taken-from-pantry', { taken: entry.taken.join(', ') }) }}
        </p>
        <p v-if="entry.cost" class="small">{{ t('notebook.notebook-entry.cost', { cost: entry.cost }) }}</p>
        <p v-for="strength in entry.strengths" :key="strength.substance" class="small">
          {{ strength.name }}: {{ strength.said }}<span v-if="strength.said_range" class="soft"> ({{ strength.said_range }})</span>
        </p>
        <p v-if="entry.planting_ids[0]">
          <router-link :to="{ name: 'leaves', params: { planting: entry.planting_ids[0] }, query: { application: entry.id } }">{{
            t('notebook.notebook-entry.how-did-leaves')
          }}</router-link>
        </p>
        <finding-list :findings="entry.findings.filter((f) => f.severity !== 'fine')" />
      </details>
    </div>
  </article>
</template>

<style scoped>
.entry {
  display: grid; grid-template-columns: 190px minmax(0, 1fr); gap: var(--space-2) var(--space-7); padding: var(--space-6) 0; border-top:
  1px solid var(--line);
}
.note { margin-top: var(--space-2); padding-left: var(--space-6); border-left: 3px solid var(--water); }
summary { cursor: pointer; padding: var(--space-3) 0; color: var(--soft); }
summary .mark { margin-left: var(--space-5); }
ul { margin: var(--space-2) 0 var(--space-4); padding-left: var(--space-8); }
@media (max-width: 760px) { .entry { grid-template-columns: minmax(0, 1fr); } }
</style>
