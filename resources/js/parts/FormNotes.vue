<script setup lang="ts">
import { t } from '@/i18n'
import type { Notes } from '@/composables/useForm'
import { NButton } from 'naive-ui'

/** What a form has to say of itself: it goes on from what was typed before, or what it changes was changed elsewhere. */
defineProps<{ of: Notes }>()
</script>

<template>
  <div v-if="of.stale" class="form-note" role="alert">
    <p>{{ t('parts.form-notes.changed-elsewhere') }}</p>
    <div class="actions">
      <n-button size="small" @click="of.overwrite()">{{ t('parts.form-notes.mine-counts') }}</n-button>
      <n-button size="small" @click="of.takeStored()">{{ t('parts.form-notes.take-theirs') }}</n-button>
    </div>
  </div>
  <div v-else-if="of.resumed" class="form-note" role="status">
    <p>{{ t('parts.form-notes.typed-before') }}</p>
    <n-button size="small" @click="of.afresh()">{{ t('parts.form-notes.begin-afresh') }}</n-button>
  </div>
</template>

<style scoped>
.form-note {
  display: flex; flex-wrap: wrap; gap: var(--space-4) var(--space-7); align-items: center; justify-content: space-between; background:
  var(--brass-wash); border-radius: var(--radius-l); padding: var(--space-5) var(--space-7);
}
</style>
