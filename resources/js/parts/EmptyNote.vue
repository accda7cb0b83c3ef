<script setup lang="ts">
defineProps<{ title: string }>()
</script>

<template>
  <div class="empty">
    <h3>{{ title }}</h3>
    <p class="soft"><slot /></p>
    <div class="actions"><slot name="actions" /></div>
  </div>
</template>

<style scoped>
.empty {
  border: 1.5px dashed var(--line); border-radius: var(--radius-l); padding: var(--space-9) var(--space-9); display: grid; gap:
  var(--space-4); justify-items: start;
}
</style>
