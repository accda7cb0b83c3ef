<script setup lang="ts">
import FindingList from '@/parts/FindingList.vue'
import SeverityMark from '@/parts/SeverityMark.vue'
import type { Application } from '@/api/client'
import { useTimes } from '@/stores/times'

defineProps<{ entry: Application }>()
const times = useTimes()
</script>

<template>
  <article class="entry">
    <p class="when soft">{{ times.instant(entry.applied_at) }}</p>
    <div class="what">
      <p><strong>{{ entry.recipe }}</strong><template v-if="entry.target"> against {{ entry.target }}</template><template v-if="entry.round_number">, round {{ entry.round_number }} of {{ entry.rounds }}</template></p>
      <p class="soft">{{ entry.plantings.join(', ') || 'Paths and surfaces' }} · {{ entry.volume }}<template v-if="entry.sprayer"> in the {{ entry.sprayer }}</template><template v-if="entry.by"> · {{ entry.by }}</template></p>
      <p v-if="entry.note" class="note">{{ entry.note }}</p>
      <details>
        <summary>What was in it <severity-mark :severity="entry.severity" /></summary>
        <ul>
          <li v-for="(line, n) in entry.lines" :key="n">{{ line.precise }} {{ line.name.toLowerCase() }}<span v-if="line.measure" class="soft"> ({{ line.measure }})</span></li>
        </ul>
        <p v-if="entry.weather" class="small">Weather: {{ entry.weather }}.</p>
        <p v-if="entry.batch" class="small">From a batch: {{ entry.batch }}.</p>
        <p v-if="entry.rinsed !== null" class="small">{{ entry.rinsed ? 'The delicate ones were rinsed afterwards.' : 'Not rinsed.' }}</p>
        <p v-if="entry.taken.length" class="small">Taken from the pantry: {{ entry.taken.join(', ') }}.</p>
        <p v-if="entry.cost" class="small">It cost {{ entry.cost }}.</p>
        <p v-for="strength in entry.strengths" :key="strength.substance" class="small">{{ strength.name }}: {{ strength.said }}<span v-if="strength.said_range" class="soft"> ({{ strength.said_range }})</span></p>
        <p v-if="entry.planting_ids[0]"><router-link :to="{ name: 'leaves', params: { planting: entry.planting_ids[0] }, query: { application: entry.id } }">How did the leaves take it?</router-link></p>
        <finding-list :findings="entry.findings.filter((f) => f.severity !== 'fine')" />
      </details>
    </div>
  </article>
</template>

<style scoped>
.entry { display: grid; grid-template-columns: 190px minmax(0, 1fr); gap: 4px 18px; padding: 12px 0; border-top: 1px solid var(--line); }
.note { margin-top: 4px; padding-left: 12px; border-left: 3px solid var(--water); }
summary { cursor: pointer; padding: 6px 0; color: var(--soft); }
summary .mark { margin-left: 10px; }
ul { margin: 4px 0 8px; padding-left: 20px; }
@media (max-width: 760px) { .entry { grid-template-columns: minmax(0, 1fr); } }
</style>
