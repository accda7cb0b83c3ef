<script setup lang="ts">
import { t } from '@/i18n'
import type { Schemas } from '@/api/client'

/** What a list of plants was read as: how many of what, and what is not known of it. */
defineProps<{ plants: Schemas['Grown'][] }>()
const note = (one: Schemas['Grown']) =>
  one.how === 'unknown'
    ? t('first-run.first-run-view.unknown')
    : one.how === 'several'
      ? t('first-run.first-run-view.several', { which: one.which.join(', ') })
      : one.how === 'slip'
        ? t('first-run.first-run-view.slip', { which: one.which[0] })
        : ''
</script>

<template>
  <ul class="plants" aria-live="polite">
    <li v-for="(one, n) in plants" :key="n" :class="{ open: one.how !== 'known' && one.how !== 'kin' }">
      <strong>{{ one.number }} × {{ one.name }}</strong><template v-if="one.variety">{{ t('parts.plant-list.variety', { variety: one.variety }) }}</template>
      <span v-if="note(one)" class="soft small">{{ note(one) }}</span>
    </li>
  </ul>
</template>

<style scoped>
.plants { list-style: none; margin: 0; padding: 0; display: flex; flex-wrap: wrap; gap: var(--space-3) var(--space-4); max-width: 100%; }
li {
  background: var(--leaf-wash); border-radius: var(--radius-m); padding: var(--space-2) var(--space-5); display: flex; flex-wrap: wrap;
  gap: 0 var(--space-4); align-items: baseline; overflow-wrap: anywhere;
}
li.open { background: none; box-shadow: inset 0 0 0 1px var(--brass); }
</style>
