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
.empty { border: 1.5px dashed var(--line); border-radius: 12px; padding: 26px 24px; display: grid; gap: 8px; justify-items: start; }
</style>
