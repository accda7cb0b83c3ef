<script setup lang="ts">
import type { Schemas } from '@/api/client'

/** What an ingredient is there for, and whether it does it. */
defineProps<{ job: Schemas['Job'] }>()

const marks: Record<Schemas['Job']['pull'], string> = {
  pulls: '●',
  helps: '●',
  over: '●',
  weak: '◐',
  unknown: '◌',
  idle: '○',
  against: '✕',
}
</script>

<template>
  <li :class="job.pull">
    <span class="mark" aria-hidden="true">{{ marks[job.pull] }}</span>
    <span><strong>{{ job.ingredient }}</strong>: {{ job.job }}. <span class="said">{{ job.said }}</span></span>
  </li>
</template>

<style scoped>
li { display: grid; grid-template-columns: 22px minmax(0, 1fr); }
.mark { color: var(--leaf); }
.weak .mark, .idle .mark, .unknown .mark, .against .mark { color: var(--brass); }
.idle .said, .against .said, .weak .said { font-weight: 600; }
</style>
