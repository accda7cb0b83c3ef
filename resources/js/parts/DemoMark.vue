<script setup lang="ts">
import { t } from '@/i18n'
import { useGarden } from '@/stores/garden'

/** `brief` is one line and no link: while mixing nothing may lead away. */
defineProps<{ brief?: boolean }>()
/** Above every view of the demo garden, so that nobody takes it for their own. */
const store = useGarden()
</script>

<template>
  <p v-if="store.garden?.is_demo" class="mark" :class="{ brief }">
    {{ brief ? t('parts.demo-mark.demo-garden') : t('parts.demo-mark.demo-made-up') }}
    <router-link v-if="!brief" :to="{ name: 'welcome', query: { another: 1 } }">{{ t('parts.demo-mark.begin-own') }}</router-link>
  </p>
</template>

<style scoped>
.mark {
  margin: 0; padding: var(--space-2) var(--space-9); background: var(--mist); color: var(--soft); font-size: var(--text-s);
  border-bottom: 1px solid var(--line); display: flex; flex-wrap: wrap; gap: 0 var(--space-5);
}
/* As high as the views that fill the screen leave room for. */
.brief { height: var(--demo-bar); padding-block: 0; align-items: center; flex-wrap: nowrap; white-space: nowrap; overflow: hidden; }
@media (max-width: 760px) { .mark { padding: var(--space-2) var(--space-7); } }
@media print { .mark { display: none; } }
</style>
