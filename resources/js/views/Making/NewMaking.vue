<script setup lang="ts">
import { t } from '@/i18n'
import KindPicker from './KindPicker.vue'
import MakingForm from './MakingForm.vue'
import LoadingNote from '@/parts/LoadingNote.vue'
import PageHead from '@/parts/PageHead.vue'
import { api, take, type Schemas } from '@/api/client'
import { useGarden } from '@/stores/garden'
import { computed, onMounted, shallowRef } from 'vue'
import { useRoute } from 'vue-router'

/** First what is made, then how much of it. */
const store = useGarden()
const route = useRoute()
const shelf = shallowRef<Schemas['MadeAhead'] | null>(null)
const text = (value: unknown) => (typeof value === 'string' ? value : '')
const kind = computed(() => shelf.value?.kinds.find((one) => one.id === text(route.query.kind) && !one.is_soap))

onMounted(async () => {
  shelf.value = await take(api.GET('/api/gardens/{garden}/preparations', { params: { path: { garden: store.id } } }))
})
</script>

<template>
  <div class="making">
    <page-head
      :title="kind ? kind.name : t('making.new-making.what-do-want')"
      :under="kind ? kind.note : t('making.new-making.then-stands-pantry')"
    >
      <router-link v-if="kind" :to="{ name: 'making', params: { preparation: '' } }">{{
        t('making.new-making.make-something-else')
      }}</router-link>
      <router-link v-else :to="{ name: 'pantry', query: { show: 'made' } }">{{ t('making.new-making.shelf') }}</router-link>
    </page-head>
    <loading-note v-if="!shelf" :what="t('making.new-making.fetching-what-can')" />
    <making-form v-else-if="kind" :key="kind.id" :kind="kind" :want="text(route.query.want)" :jars="shelf.preparations" />
    <kind-picker v-else :kinds="shelf.kinds" />
  </div>
</template>

<style scoped>
.making {
  padding: var(--space-8) var(--space-9) var(--space-11); display: grid; gap: var(--space-7); grid-template-columns: minmax(0, 1fr);
}
@media (max-width: 760px) { .making { padding: var(--space-7) var(--space-7) var(--space-10); } }
</style>
