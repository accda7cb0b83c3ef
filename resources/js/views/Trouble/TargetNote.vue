<script setup lang="ts">
import type { Schemas } from '@/api/client'

/** What is known of a pest or disease. */
defineProps<{ target: Schemas['Target'] }>()
</script>

<template>
  <section class="note" aria-labelledby="target-note">
    <h2 id="target-note">About {{ target.name }}</h2>
    <dl>
      <dt>What it does</dt><dd>{{ target.does }}</dd>
      <dt>Where to look</dt><dd>{{ target.look }}</dd>
      <dt>What favours it</dt><dd>{{ target.favours }}</dd>
      <template v-if="target.reached"><dt>A contact spray reaches</dt><dd>{{ target.reached }}</dd></template>
      <template v-if="target.spared"><dt>It spares</dt><dd>{{ target.spared }}</dd></template>
      <template v-if="target.enemies.length"><dt>Natural enemies</dt><dd>{{ target.enemies.join(', ') }}</dd></template>
      <template v-if="target.cycle"><dt>Its pace</dt><dd>{{ target.cycle }}</dd></template>
      <template v-if="target.watch_until"><dt>Watching is better below</dt><dd>{{ target.watch_until }} <span class="soft small">({{ target.basis }}, {{ target.sure }} certainty)</span></dd></template>
    </dl>
  </section>
</template>

<style scoped>
.note { background: var(--paper); border: 1px solid var(--line); border-radius: 12px; padding: 14px 18px; }
dl { margin: 8px 0 0; display: grid; gap: 2px; }
dt { font-weight: 600; font-size: 15px; margin-top: 6px; }
dd { margin: 0; }
</style>
