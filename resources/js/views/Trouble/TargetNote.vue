<script setup lang="ts">
import { inWords } from '@/parts/grounds'
import { t } from '@/i18n'
import type { Schemas } from '@/api/client'

/** What is known of a pest or disease. */
defineProps<{ target: Schemas['Target'] }>()
</script>

<template>
  <section class="note" aria-labelledby="target-note">
    <h2 id="target-note">{{ t('trouble.target-note.about', { name: target.name }) }}</h2>
    <dl>
      <dt>{{ t('trouble.target-note.what-does') }}</dt>
      <dd>{{ target.does }}</dd>
      <dt>{{ t('trouble.target-note.where-look') }}</dt>
      <dd>{{ target.look }}</dd>
      <dt>{{ t('trouble.target-note.what-favours') }}</dt>
      <dd>{{ target.favours }}</dd>
      <template v-if="target.reached">
        <dt>{{ t('trouble.target-note.contact-spray-reaches') }}</dt>
        <dd>{{ target.reached }}</dd>
      </template>
      <template v-if="target.spared">
        <dt>{{ t('trouble.target-note.spares') }}</dt>
        <dd>{{ target.spared }}</dd>
      </template>
      <template v-if="target.enemies.length">
        <dt>{{ t('trouble.target-note.natural-enemies') }}</dt>
        <dd>{{ target.enemies.join(', ') }}</dd>
      </template>
      <template v-if="target.cycle">
        <dt>{{ t('trouble.target-note.its-pace') }}</dt>
        <dd>{{ target.cycle }}</dd>
      </template>
      <template v-if="target.watch_until">
        <dt>{{ t('trouble.target-note.watching-better-below') }}</dt>
        <dd>
          {{ target.watch_until }}
          <span class="soft small">{{
            t('trouble.target-note.certainty', { basis: inWords(target.basis), sure: inWords(target.sure) })
          }}</span>
        </dd>
      </template>
    </dl>
  </section>
</template>

<style scoped>
.note { background: var(--paper); border: 1px solid var(--line); border-radius: var(--radius-l); padding: var(--space-6) var(--space-7); }
dl { margin: var(--space-4) 0 0; display: grid; gap: var(--space-1); }
dt { font-weight: 600; font-size: var(--text-s); margin-top: var(--space-3); }
dd { margin: 0; }
</style>
