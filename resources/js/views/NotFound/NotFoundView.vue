<script setup lang="ts">
import { t } from '@/i18n'
</script>

<template>
  <section class="missing">
    <h1>{{ t('not-found.not-found-view.there-nothing-at') }}</h1>
    <p>{{ t('not-found.not-found-view.page-may-have') }}</p>
    <router-link :to="{ name: 'today' }">{{ t('not-found.not-found-view.today') }}</router-link>
  </section>
</template>

<style scoped>
.missing { padding: var(--space-12) var(--space-9); display: grid; gap: var(--space-6); justify-items: start; }
</style>
