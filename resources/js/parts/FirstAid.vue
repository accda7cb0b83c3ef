<script setup lang="ts">
import { t } from '@/i18n'
import AppDialog from '@/parts/AppDialog.vue'
import { useGarden } from '@/stores/garden'
import { computed, ref } from 'vue'

/** What to do first where something went wrong, and whom to call: one tap away wherever sprays are handled. */
const store = useGarden()
const shown = ref(false)
const number = computed(() => store.garden?.poison_centre ?? '')
const dial = computed(() => `tel:${number.value.replace(/[^+\d]/g, '')}`)
const first = [
  { what: t('parts.first-aid.eyes'), do: t('parts.first-aid.eyes-do') },
  { what: t('parts.first-aid.skin'), do: t('parts.first-aid.skin-do') },
  { what: t('parts.first-aid.breath'), do: t('parts.first-aid.breath-do') },
  { what: t('parts.first-aid.swallowed'), do: t('parts.first-aid.swallowed-do') },
  { what: t('parts.first-aid.pet'), do: t('parts.first-aid.pet-do') },
]
defineExpose({
  open: () => {
    shown.value = true
  },
})
</script>

<template>
  <button type="button" class="aid" @click="shown = true">{{ t('parts.first-aid.first-aid') }}</button>
  <app-dialog v-model:shown="shown" :title="t('parts.first-aid.first-aid')" :width="680">
    <p class="call">
      <a v-if="number" class="number" :href="dial">{{ t('parts.first-aid.call') }} {{ number }}</a>
      <template v-else>
        {{ t('parts.first-aid.no-number') }}
        <router-link :to="{ name: 'settings' }" @click="shown = false">{{ t('parts.first-aid.to-settings') }}</router-link>
      </template>
    </p>
    <p><strong>{{ t('parts.first-aid.emergency') }}</strong></p>
    <dl>
      <div v-for="one in first" :key="one.what">
        <dt>{{ one.what }}</dt>
        <dd>{{ one.do }}</dd>
      </div>
    </dl>
    <p class="soft small">{{ t('parts.first-aid.tell') }}</p>
  </app-dialog>
</template>

<style scoped>
.aid {
  min-height: var(--finger); padding: var(--space-3) var(--space-6); border: 1px solid var(--madder); border-radius: var(--radius-m);
  background: var(--paper); color: var(--madder); font-weight: 600; cursor: pointer;
}
.number { font: 600 var(--text-2xl)/1.3 var(--title); color: var(--madder); }
dl { margin: 0; display: grid; gap: var(--space-5); }
dl > div { border-top: 1px solid var(--line); padding-top: var(--space-4); }
dt { font: 600 var(--text-l)/1.3 var(--title); }
dd { margin: 0; }
</style>
