<script setup lang="ts">
import { t } from '@/i18n'
import type { Schemas } from '@/api/client'

/** What can be made ahead. */
defineProps<{ kinds: Schemas['PreparationKind'][] }>()

const to = (kind: Schemas['PreparationKind']) =>
  kind.is_soap ? { name: 'soap' } : { name: 'making', params: { preparation: '' }, query: { kind: kind.id } }
</script>

<template>
  <ul class="kinds">
    <li v-for="kind in kinds" :key="kind.id">
      <router-link :to="to(kind)">
        <strong>{{ kind.name }}</strong>
        <span>{{ kind.note }}</span>
        <span class="soft small">{{ kind.takes ? t('making.kind-picker.stands', { takes: kind.takes }) : t('making.kind-picker.ready-at-once')
        }}<template v-if="kind.keeps">{{ t('making.kind-picker.keeps', { keeps: kind.keeps }) }}</template><template v-if="kind.into !== 'neat'">{{ t('making.kind-picker.used-at', { into: kind.into }) }}</template></span>
      </router-link>
    </li>
  </ul>
</template>

<style scoped>
.kinds {
  list-style: none; margin: 0; padding: 0; display: grid; grid-template-columns: repeat(auto-fill, minmax(min(290px, 100%), 1fr)); gap:
  var(--space-5);
}
a {
  display: grid; gap: var(--space-1); height: 100%; align-content: start; padding: var(--space-6) var(--space-7); border: 1px solid
  var(--line); border-radius: var(--radius-l); background: var(--paper); color: var(--ink); text-decoration: none;
}
a:hover { border-color: var(--leaf); }
strong { font: 600 var(--text-l)/1.3 var(--title); }
</style>
