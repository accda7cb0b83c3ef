<script setup lang="ts">
import { t } from '@/i18n'
import type { Bench } from '@/api/client'

/** How the mix sits in the sprayer, how long it keeps, what it costs. */
defineProps<{ bench: Bench }>()
</script>

<template>
  <dl class="fit">
    <div v-if="bench.fit" :class="bench.fit.verdict">
      <dt>{{ t('bench.fit-note.sprayer') }}</dt>
      <dd>
        <template v-if="bench.fit.fills > 1">
          <strong>{{ t('bench.fit-note.fills', { fills: bench.fit.fills, each: bench.fit.each }) }}</strong>
          {{ t('bench.fit-note.amounts-here-one') }}
        </template>
        <template v-else>{{ bench.fit.said }}</template>
        <span v-if="bench.fit.if_full && bench.fit.fills === 1" class="soft small">{{
          t('bench.fit-note.full-already-pour', { thing: bench.base_name.toLowerCase(), ifFull: bench.fit.if_full })
        }}</span>
      </dd>
    </div>
    <div>
      <dt>{{ t('bench.fit-note.once-mixed') }}</dt>
      <dd>
        {{ bench.keeps
        }}<span v-if="bench.keeps_ground" class="soft small">{{ t('bench.fit-note.ground', { keepsGround: bench.keeps_ground }) }}</span>
      </dd>
    </div>
    <div v-if="bench.cost.amount > 0">
      <dt>{{ t('bench.fit-note.costs') }}</dt>
      <dd>
        {{ bench.cost.said }}<span v-if="!bench.cost.is_whole" class="soft small">{{ t('bench.fit-note.what-has-no') }}</span>
      </dd>
    </div>
  </dl>
</template>

<style scoped>
.fit { margin: 0; display: grid; gap: var(--space-1); border-top: 1px solid var(--line); padding-top: var(--space-4); }
.fit > div { display: grid; grid-template-columns: 118px minmax(0, 1fr); gap: var(--space-5); padding: var(--space-1) 0; }
dt { color: var(--soft); }
dd { margin: 0; }
dd .small { display: block; }
.takes-the-air dd, .overflows dd, .too-little dd { border-left: 3px solid var(--brass); padding-left: var(--space-5); }
</style>
