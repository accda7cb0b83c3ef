<script setup lang="ts">
import type { Bench } from '@/api/client'

/** How the mix sits in the sprayer, how long it keeps, what it costs. */
defineProps<{ bench: Bench }>()
</script>

<template>
  <dl class="fit">
    <div v-if="bench.fit" :class="bench.fit.verdict">
      <dt>In the sprayer</dt>
      <dd>
        <template v-if="bench.fit.fills > 1"><strong>{{ bench.fit.fills }} fills of {{ bench.fit.each }}.</strong> The amounts here are for one of them.</template>
        <template v-else>{{ bench.fit.said }}</template>
        <span v-if="bench.fit.if_full && bench.fit.fills === 1" class="soft small">Full of {{ bench.base_name.toLowerCase() }} already? Pour out {{ bench.fit.if_full }} first.</span>
      </dd>
    </div>
    <div><dt>Once mixed</dt><dd>{{ bench.keeps }}<span v-if="bench.keeps_ground" class="soft small">Ground: {{ bench.keeps_ground }}</span></dd></div>
    <div v-if="bench.cost.amount > 0"><dt>It costs</dt><dd>{{ bench.cost.said }}<span v-if="!bench.cost.is_whole" class="soft small">and what has no price in the pantry</span></dd></div>
  </dl>
</template>

<style scoped>
.fit { margin: 0; display: grid; gap: 2px; border-top: 1px solid var(--line); padding-top: 8px; }
.fit > div { display: grid; grid-template-columns: 118px minmax(0, 1fr); gap: 10px; padding: 2px 0; }
dt { color: var(--soft); }
dd { margin: 0; }
dd .small { display: block; }
.takes-the-air dd, .overflows dd, .too-little dd { border-left: 3px solid var(--brass); padding-left: 10px; }
</style>
