<script setup lang="ts">
/** One thing to do: when, what, and its button. The first stands out. */
defineProps<{ when: string; first?: boolean; quiet?: boolean; below?: boolean }>()
</script>

<template>
  <li class="job" :class="{ first, quiet, below, bare: !when }">
    <p v-if="when" class="when">{{ when }}</p>
    <div class="words"><slot /></div>
    <div class="do"><slot name="do" /></div>
  </li>
</template>

<style scoped>
.job {
  display: grid; grid-template-columns: 92px minmax(0, 1fr) auto; gap: var(--space-3) var(--space-7); align-items: center;
  background: var(--paper); border: 1px solid var(--line); border-radius: var(--radius-l); padding: var(--space-5) var(--space-7);
}
.job.first { background: var(--brass-wash); border-color: transparent; padding: var(--space-7); }
.when { font-weight: 600; color: var(--soft); }
.first .when { color: var(--brass); }
.words { display: grid; gap: var(--space-1); min-width: 0; overflow-wrap: anywhere; }
.first .words :deep(.title) { font: 600 var(--text-xl)/1.25 var(--title); }
/* Answers are many: they stand below the question. */
.below { grid-template-columns: 92px minmax(0, 1fr); }
.below .when { align-self: start; }
.below .do { grid-column: 2; justify-content: flex-start; }
.job.bare { grid-template-columns: minmax(0, 1fr); }
.bare .do { grid-column: 1; }
.quiet .when { font-weight: 400; }
.do { display: flex; flex-wrap: wrap; gap: var(--space-4); justify-content: flex-end; }
.do:empty { display: none; }
@media (max-width: 760px) {
    .job, .job.below { grid-template-columns: minmax(0, 1fr); padding: var(--space-6) var(--space-7); }
  .do, .below .do { grid-column: 1; justify-content: stretch; }
  .first .do :deep(> *) { flex: 1 1 100%; }
}
</style>
