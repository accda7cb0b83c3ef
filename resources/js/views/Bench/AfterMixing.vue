<script setup lang="ts">
import { t } from '@/i18n'
import type { Schemas } from '@/api/client'
import { computed } from 'vue'

/** What went in beside what is there once it has reacted. */
const props = defineProps<{ safety: Schemas['Safety'] }>()

const most = computed(() => Math.max(1e-9, ...props.safety.left.map((one) => Math.max(one.before, one.after.likely))))
const wide = (value: number) => `${(100 * value) / most.value}%`
const nothing = computed(() => props.safety.left.length === 0 && props.safety.made.length === 0)
</script>

<template>
  <section v-if="!nothing || safety.ph || safety.why_no_ph" class="after" aria-labelledby="after-title">
    <div class="top">
      <h3 id="after-title">{{ t('bench.after-mixing.after-mixing') }}</h3>
      <span v-if="safety.ph">{{ t('bench.after-mixing.ph') }} <strong>{{ safety.ph.said }}</strong>{{ ' ' }}
        <router-link class="small" :to="{ name: 'why', query: { rule: 'ph' } }">{{ t('bench.after-mixing.estimate') }}</router-link></span>
    </div>
    <ul v-if="safety.left.length" class="left">
      <li v-for="one in safety.left" :key="one.name">
        <span class="name">{{ one.name }}</span> <span>{{ one.said }}</span>
        <div class="bars" aria-hidden="true">
          <i class="before" :style="{ width: wide(one.before) }" /><i class="now" :style="{ width: wide(one.after.likely) }" />
        </div>
      </li>
    </ul>
    <p v-if="safety.made.length">
      {{ t('bench.after-mixing.what-made') }}
      <template v-for="(one, n) in safety.made" :key="one.name">{{ n ? ', ' : '' }}{{ one.name }} {{ one.said }}</template>.
      <router-link class="small" :to="{ name: 'why', query: { rule: 'reactions' } }">{{
        t('bench.after-mixing.how-worked-out')
      }}</router-link>
    </p>
    <p v-if="safety.why_no_ph" class="small soft">{{ t('bench.after-mixing.no-ph', { whyNoPh: safety.why_no_ph }) }}</p>
  </section>
</template>

<style scoped>
.after { padding: var(--space-5) 0 var(--space-6); border-top: 1px solid var(--line); display: grid; gap: var(--space-4); }
.top { display: flex; justify-content: space-between; gap: var(--space-2) var(--space-6); align-items: baseline; flex-wrap: wrap; }
.left { list-style: none; margin: 0; padding: 0; display: grid; gap: var(--space-4); }
.left li { display: grid; grid-template-columns: 1fr auto; gap: var(--space-1) var(--space-6); }
.name::first-letter { text-transform: uppercase; }
.bars { grid-column: 1 / -1; position: relative; height: 12px; background: var(--mist); border-radius: var(--radius-s); }
.bars i { position: absolute; left: 0; top: 0; bottom: 0; border-radius: var(--radius-s); }
.before { background: repeating-linear-gradient(135deg, var(--line) 0 4px, transparent 4px 8px); border: 1px solid var(--line); }
.now { background: var(--water); }
</style>
