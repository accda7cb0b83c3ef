<script setup lang="ts">
import { ApiFailure } from '@/api/client'
import { NButton } from 'naive-ui'

defineProps<{ failure: Error }>()

function again(): void {
  window.location.reload()
}
</script>

<template>
  <section class="error" role="alert">
    <h1>This did not work</h1>
    <p>{{ failure instanceof ApiFailure ? failure.message : 'Something in this view broke. What you had not saved is kept on this device.' }}</p>
    <div class="actions">
      <n-button type="primary" @click="again">Try again</n-button>
      <router-link :to="{ name: 'today' }">To Today</router-link>
    </div>
  </section>
</template>

<style scoped>
.error { max-width: 560px; padding: 64px 28px; display: grid; gap: 18px; }
.actions { align-items: center; }
</style>
