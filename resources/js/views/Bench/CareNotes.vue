<script setup lang="ts">
import { t } from '@/i18n'
import type { Schemas } from '@/api/client'
import { computed } from 'vue'

/** People, animals, water and soil: what to mind, by the moment at which it matters. */
const props = defineProps<{ care: Schemas['Care'][] }>()

const moments = [
  { id: 'handle', name: 'While mixing' },
  { id: 'spray', name: 'While spraying' },
  { id: 'after', name: 'Afterwards' },
] as const
const law = computed(() => props.care.find((note) => note.who === 'law'))
const by = (moment: string) => props.care.filter((note) => note.moment === moment && note.who !== 'law')
</script>

<template>
  <details class="care">
    <summary>
      <strong>{{ t('bench.care-notes.people-animals-water') }}</strong>{{ ' ' }}
      <span class="soft">{{ t('bench.care-notes.what-mind-while') }}</span>
    </summary>
    <template v-for="moment in moments" :key="moment.id">
      <template v-if="by(moment.id).length">
        <h4>{{ moment.name }}</h4>
        <ul>
          <li v-for="note in by(moment.id)" :key="note.id">{{ note.said }}</li>
        </ul>
      </template>
    </template>
    <p v-if="law" class="small soft">{{ law.said }}</p>
  </details>
</template>

<style scoped>
.care { border-top: 1px solid var(--line); padding: var(--space-3) 0; }
summary { cursor: pointer; padding: var(--space-4) 0; }
h4 { margin: var(--space-4) 0 var(--space-1); font: 600 var(--text-m)/1.4 var(--plain); }
ul { margin: 0; padding-left: var(--space-8); display: grid; gap: var(--space-2); }
p { margin-top: var(--space-5); }
</style>
