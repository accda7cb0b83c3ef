<script setup lang="ts">
import { t } from '@/i18n'
import { useGarden } from '@/stores/garden'

/** Which garden is open, and the way to another. */
defineProps<{ /** The choice alone, where there is one. */ alone?: boolean }>()
const store = useGarden()
</script>

<template>
  <div class="switch">
    <select
      v-if="store.gardens.length > 1"
      class="native"
      :value="store.id"
      :aria-label="t('parts.garden-switch.garden-open')"
      @change="store.choose(($event.target as HTMLSelectElement).value)"
    >
      <option v-for="one in store.gardens" :key="one.id" :value="one.id">{{ one.name }}</option>
    </select>
    <span v-else-if="!alone" class="garden">{{ store.garden?.name }}</span>
    <router-link v-if="!alone" class="another" :to="{ name: 'welcome', query: { another: 1 } }">{{ t('parts.garden-switch.another-garden') }}</router-link>
  </div>
</template>

<style scoped>
.switch { display: grid; gap: var(--space-2); justify-items: start; }
select { min-height: var(--finger); width: 100%; max-width: 240px; }
.garden { color: var(--soft); font-size: var(--text-s); overflow-wrap: anywhere; }
.another { font-size: var(--text-s); }
</style>
