<script setup lang="ts">
defineProps<{ title: string; under?: string }>()
</script>

<template>
  <header class="head">
    <div class="words">
      <h1>{{ title }}</h1>
      <p v-if="under" class="soft">{{ under }}</p>
    </div>
    <div class="side"><slot /></div>
  </header>
</template>

<style scoped>
.head { display: flex; flex-wrap: wrap; justify-content: space-between; align-items: flex-start; gap: var(--space-6) var(--space-8); }
.words { min-width: 0; flex: 1 1 320px; }
.side { display: flex; flex-wrap: wrap; gap: var(--space-5); }
</style>
