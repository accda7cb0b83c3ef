<script setup lang="ts">
import { t } from '@/i18n'
import { ApiFailure } from '@/api/client'
import { NButton } from 'naive-ui'

defineProps<{ failure: Error }>()

function again(): void {
  window.location.reload()
}
</script>

<template>
  <section class="error" role="alert">
    <h1>{{ t('parts.error-screen.did-not-work') }}</h1>
    <p>{{ failure instanceof ApiFailure ? failure.message : t('parts.error-screen.something-view-broke') }}</p>
    <div class="actions">
      <n-button type="primary" @click="again">{{ t('parts.error-screen.try-again') }}</n-button>
      <router-link :to="{ name: 'today' }">{{ t('parts.error-screen.today') }}</router-link>
    </div>
  </section>
</template>

<style scoped>
.error { max-width: 560px; padding: var(--space-12) var(--space-9); display: grid; gap: var(--space-7); }
.actions { align-items: center; }
</style>
