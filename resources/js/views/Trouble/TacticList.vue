<script setup lang="ts">
import type { Tactic } from '@/api/client'
import { NButton } from 'naive-ui'

/** What can be done that is not a spray, the best grounded first. */
defineProps<{ tactics: Tactic[]; busy: boolean; open: boolean }>()
const emit = defineEmits<{ did: [Tactic] }>()

const often = (days: number | null) => (days === null ? 'once' : days === 1 ? 'every day' : `every ${days} days`)
</script>

<template>
  <ul class="tactics">
    <li v-for="tactic in tactics" :key="tactic.id">
      <div class="words">
        <h3>{{ tactic.name }}<span v-if="tactic.tried" class="tried">done before</span></h3>
        <p>{{ tactic.how }}</p>
        <p class="soft small">{{ tactic.evidence_word }} · {{ often(tactic.every_days) }} · about {{ tactic.minutes }} min</p>
        <p v-if="tactic.watch" class="small mind">Mind: {{ tactic.watch }}</p>
      </div>
      <n-button v-if="open" size="small" :disabled="busy" :aria-label="`Did it: ${tactic.name}`" @click="emit('did', tactic)">Did it</n-button>
    </li>
  </ul>
</template>

<style scoped>
.tactics { list-style: none; margin: 0; padding: 0; }
li { display: flex; gap: 14px; justify-content: space-between; align-items: start; padding: 11px 0; border-top: 1px solid var(--line); }
.words { display: grid; gap: 2px; min-width: 0; }
h3 { font: 600 16px/1.35 'Atkinson Hyperlegible Next', system-ui, sans-serif; }
.tried { font-weight: 400; font-size: 14px; color: var(--soft); margin-left: 10px; }
.mind { color: var(--brass); }
</style>
