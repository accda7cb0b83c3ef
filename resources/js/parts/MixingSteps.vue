<script setup lang="ts">
import { t } from '@/i18n'
import type { Layer } from '@/api/client'

defineProps<{ layers: Layer[] }>()
</script>

<template>
  <div>
    <h3>{{ t('parts.mixing-steps.order') }}</h3>
    <ol>
      <li v-for="layer in layers" :key="layer.name + layer.from_ml">
        <strong>{{ layer.name }}, {{ layer.amount }}.</strong>{{ ' ' }}
        <template v-if="layer.measure && layer.group !== 'water'">{{ layer.measure }}. </template>{{ layer.how }}
      </li>
      <li>{{ t('parts.mixing-steps.close-label-what') }}</li>
    </ol>
  </div>
</template>

<style scoped>
ol { margin: var(--space-3) 0 0; padding-left: var(--space-8); display: grid; gap: var(--space-3); }
</style>
