<script setup lang="ts">
import { t } from '@/i18n'
import AppDialog from '@/parts/AppDialog.vue'
import AppField from '@/parts/AppField.vue'
import { api, take } from '@/api/client'
import { useGarden } from '@/stores/garden'
import { useSaving } from '@/composables/useSaving'
import { NButton } from 'naive-ui'
import { computed, ref } from 'vue'

/** The garden as a file that can be taken anywhere, its lists as tables, and its end. */
const lists = [
  { id: 'plantings', name: t('settings.take-along.list-plantings') },
  { id: 'sprays', name: t('settings.take-along.list-sprays') },
  { id: 'rounds', name: t('settings.take-along.list-rounds') },
  { id: 'recipes', name: t('settings.take-along.list-recipes') },
  { id: 'troubles', name: t('settings.take-along.list-troubles') },
  { id: 'counts', name: t('settings.take-along.list-counts') },
  { id: 'measures-taken', name: t('settings.take-along.list-measures-taken') },
  { id: 'looks', name: t('settings.take-along.list-looks') },
  { id: 'leaves', name: t('settings.take-along.list-leaves') },
  { id: 'never-again', name: t('settings.take-along.list-never-again') },
  { id: 'bottles', name: t('settings.take-along.list-bottles') },
  { id: 'jars', name: t('settings.take-along.list-jars') },
  { id: 'jobs', name: t('settings.take-along.list-jobs') },
  { id: 'sprayers', name: t('settings.take-along.list-sprayers') },
  { id: 'measuring-tools', name: t('settings.take-along.list-measuring-tools') },
  { id: 'own-measures', name: t('settings.take-along.list-own-measures') },
  { id: 'weather', name: t('settings.take-along.list-weather') },
]
const store = useGarden()
const { errors, busy, attempt } = useSaving()
const showForget = ref(false)
const typed = ref('')
const file = computed(() => `/api/gardens/${store.id}/garden.zip`)

const forget = () =>
  attempt(async () => {
    await take(api.DELETE('/api/gardens/{garden}', { params: { path: { garden: store.id } }, body: { name: typed.value } }))
    store.choose(store.gardens.find((one) => one.id !== store.id)?.id ?? '')
  })
</script>

<template>
  <section class="form-grid" aria-labelledby="set-along">
    <h2 id="set-along">{{ t('settings.take-along.title') }}</h2>
    <p class="soft">{{ t('settings.take-along.what-it-is') }}</p>
    <p><a class="save" :href="file" download>{{ t('settings.take-along.save', { name: store.garden?.name ?? '' }) }}</a></p>
    <details>
      <summary>{{ t('settings.take-along.lists') }}</summary>
      <ul class="lists">
        <li v-for="list in lists" :key="list.id">
          <a :href="`/api/gardens/${store.id}/lists/${list.id}.csv`" :download="`${list.id}.csv`">{{ list.name }}</a>
        </li>
      </ul>
    </details>
    <div><n-button @click="showForget = true">{{ t('settings.take-along.forget') }}</n-button></div>
    <app-dialog v-model:shown="showForget" :title="t('settings.take-along.forget-title', { name: store.garden?.name ?? '' })">
      <p>{{ t('settings.take-along.forget-what') }}</p>
      <p><a :href="file" download>{{ t('settings.take-along.save-first') }}</a></p>
      <form class="form-grid" @submit.prevent="forget">
        <app-field v-slot="field" :label="t('settings.take-along.type-name')" :error="errors.name">
          <input v-bind="field" v-model="typed" />
        </app-field>
        <div class="do">
          <n-button type="error" attr-type="submit" :loading="busy" :disabled="!typed.trim()">{{ t('settings.take-along.forget-now') }}</n-button>
          <n-button @click="showForget = false">{{ t('settings.take-along.not-now') }}</n-button>
        </div>
      </form>
    </app-dialog>
  </section>
</template>

<style scoped>
.save { display: inline-flex; align-items: center; min-height: 44px; font-weight: 600; }
.do { display: flex; flex-wrap: wrap; gap: var(--space-4); }
summary { cursor: pointer; min-height: 32px; }
.lists { columns: 3 180px; margin: var(--space-3) 0 0; padding-left: var(--space-7); }
.lists li { padding: var(--space-2) 0; }
</style>
