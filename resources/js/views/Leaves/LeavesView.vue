<script setup lang="ts">
import { t } from '@/i18n'
import LookCard from './LookCard.vue'
import LookDialog from './LookDialog.vue'
import NeverPanel from './NeverPanel.vue'
import EmptyNote from '@/parts/EmptyNote.vue'
import LoadingNote from '@/parts/LoadingNote.vue'
import PageHead from '@/parts/PageHead.vue'
import { api, ApiFailure, take, type Schemas } from '@/api/client'
import { useGarden } from '@/stores/garden'
import { useLatest } from '@/composables/useLatest'
import { NButton } from 'naive-ui'
import { computed, ref, shallowRef, watch } from 'vue'
import { useRoute } from 'vue-router'

/** The story of a planting's leaves: test patches, what burnt it, and what that has taught. */
const store = useGarden()
const route = useRoute()
const looks = shallowRef<Schemas['Looks'] | null>(null)
const latest = useLatest<Schemas['Looks']>()
const missing = ref(false)
const writing = ref(false)
const planting = computed(() => (typeof route.params.planting === 'string' ? route.params.planting : ''))
const application = computed(() => (typeof route.query.application === 'string' ? route.query.application : null))

async function load(): Promise<void> {
  try {
    looks.value = await latest(
      take(
        api.GET('/api/gardens/{garden}/plantings/{planting}/looks', { params: { path: { garden: store.id, planting: planting.value } } }),
      ),
    )
    if (application.value && looks.value.rounds.some((one) => one.id === application.value)) writing.value = true
  } catch (e) {
    if (!(e instanceof ApiFailure) || e.status !== 404) throw e
    missing.value = true
  }
}
watch([planting, () => store.undone], () => load(), { immediate: true })
const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1)
</script>

<template>
  <div class="leaves">
    <p v-if="missing">
      {{ t('leaves.leaves-view.planting-not-here') }}
      <router-link :to="{ name: 'garden' }">{{ t('leaves.leaves-view.garden') }}</router-link>
    </p>
    <loading-note v-else-if="!looks" :what="t('leaves.leaves-view.looking-at-leaves')" />
    <template v-else>
      <page-head
        :title="looks.planting.name"
        :under="t('leaves.leaves-view.story-its-leaves', { kind: capital(looks.planting.kind), stage: looks.planting.stage })"
      >
        <n-button type="primary" @click="writing = true">{{ t('leaves.leaves-view.write-down-look') }}</n-button>
      </page-head>
      <section v-if="looks.learned.length" class="learned" aria-labelledby="learned">
        <h2 id="learned">{{ t('leaves.leaves-view.what-they-have') }}</h2>
        <ul>
          <li v-for="one in looks.learned" :key="one.name">
            <strong>{{ capital(one.name) }}</strong>{{ t('leaves.leaves-view.care-begins-at') }} <strong>{{ one.said }}</strong>
            {{ t('leaves.leaves-view.here-by-our', { saidRange: one.said_range, saidPrior: one.said_prior }) }}
            <span class="soft">{{ one.looks === 1 ? t('leaves.leaves-view.one-look') : t('leaves.leaves-view.looks', { looks: one.looks }) }}.</span>
          </li>
        </ul>
        <p class="small">
          <router-link :to="{ name: 'why', query: { rule: 'evidence' } }">{{ t('leaves.leaves-view.how-looks-move') }}</router-link>
        </p>
      </section>
      <never-panel v-if="looks.nevers.length" :looks="looks" @kept="looks = $event" @gone="load" />
      <empty-note v-if="looks.looks.length === 0" :title="t('leaves.leaves-view.nothing-was-tried')">
        {{ t('leaves.leaves-view.put-weak-mix') }}
        <template #actions>
          <router-link :to="{ name: 'bench', query: { planting: looks.planting.id } }">{{
            t('leaves.leaves-view.bench')
          }}</router-link>
        </template>
      </empty-note>
      <ol v-else class="story">
        <li v-for="look in looks.looks" :key="look.id"><look-card :look="look" @changed="looks = $event" /></li>
      </ol>
      <never-panel v-if="looks.nevers.length === 0" :looks="looks" @kept="looks = $event" @gone="load" />
      <look-dialog v-model:shown="writing" :looks="looks" :application="application" @kept="looks = $event" />
    </template>
  </div>
</template>

<style scoped>
.leaves {
  padding: var(--space-8) var(--space-9) var(--space-11); display: grid; gap: var(--space-7); grid-template-columns: minmax(0, 860px);
}
.learned {
  background: var(--leaf-wash); border-radius: var(--radius-l); padding: var(--space-6) var(--space-7); display: grid; gap:
  var(--space-3);
}
.learned ul { margin: 0; padding-left: var(--space-7); }
.story {
  list-style: none; margin: 0; padding: 0 0 0 var(--space-7); border-left: 3px solid var(--line); display: grid; gap: var(--space-6);
}
@media (max-width: 760px) { .leaves { padding: var(--space-7) var(--space-7) var(--space-10); grid-template-columns: minmax(0, 1fr); } }
</style>
