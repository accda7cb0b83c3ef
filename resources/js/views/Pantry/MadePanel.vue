<script setup lang="ts">
import { t } from '@/i18n'
import JarCard from './JarCard.vue'
import EmptyNote from '@/parts/EmptyNote.vue'
import LoadingNote from '@/parts/LoadingNote.vue'
import { api, take, type Preparation, type Schemas } from '@/api/client'
import { useGarden } from '@/stores/garden'
import { useSaving } from '@/composables/useSaving'
import { useTimes } from '@/composables/useTimes'
import { NButton } from 'naive-ui'
import { computed, shallowRef, watch } from 'vue'
import { useRouter } from 'vue-router'

/** The shelf of preparations, and what planned rounds want started. */
const store = useGarden()
const router = useRouter()
const times = useTimes()
const { attempt, done } = useSaving()
const shelf = shallowRef<Schemas['MadeAhead'] | null>(null)

async function load(): Promise<void> {
  shelf.value = await take(api.GET('/api/gardens/{garden}/preparations', { params: { path: { garden: store.id } } }))
}
watch(
  () => store.undone,
  () => load(),
  { immediate: true },
)

/** What wants something done stands first. */
const URGENT: Preparation['state'][] = ['to-strain', 'use-soon', 'untested', 'gone-off', 'refused', 'steeping', 'ready', 'empty']
const jars = computed(() => [...(shelf.value?.preparations ?? [])].sort((a, b) => URGENT.indexOf(a.state) - URGENT.indexOf(b.state)))

const throwAway = (jar: Preparation) =>
  attempt(async () => {
    const change = await take(
      api.DELETE('/api/gardens/{garden}/preparations/{preparation}', { params: { path: { garden: store.id, preparation: jar.id } } }),
    )
    done(change)
    await load()
  })
</script>

<template>
  <div class="made">
    <div class="actions">
      <n-button type="primary" @click="router.push({ name: 'making', params: { preparation: '' } })">
        {{
          t('pantry.made-panel.start-one')
        }}
      </n-button>
      <n-button @click="router.push({ name: 'soap' })">{{ t('pantry.made-panel.soap-bench') }}</n-button>
      <n-button @click="router.push({ name: 'other-uses' })">{{ t('pantry.made-panel.disinfecting-feeding-soil') }}</n-button>
    </div>
    <loading-note v-if="!shelf" :what="t('pantry.made-panel.looking-at-shelf')" />
    <template v-else>
      <section v-if="shelf.to_make.length" aria-labelledby="to-make">
        <h2 id="to-make">{{ t('pantry.made-panel.started-planned-rounds') }}</h2>
        <ul class="to-make">
          <li v-for="(one, n) in shelf.to_make" :key="n" :class="{ late: one.is_late }">
            <div>
              <p>
                <strong>{{ one.name }}, {{ one.wanted }}</strong>{{ ' ' }}
                <span v-if="one.is_late" class="overdue">{{ t('pantry.made-panel.late') }}</span>
              </p>
              <p>{{ t('pantry.made-panel.start', { startAt: times.instant(one.start_at), raw: one.raw.join(', ') }) }}</p>
              <p class="soft small">{{ t('pantry.made-panel.for', { for: one.for, because: one.because }) }}</p>
            </div>
            <n-button
              size="small"
              @click="router.push({ name: 'making', params: { preparation: '' }, query: { kind: one.kind, want: one.want } })"
            >
              {{ t('pantry.made-panel.start-2') }}
            </n-button>
          </li>
        </ul>
      </section>
      <p v-if="shelf.from_shelf.length" class="soft">
        {{ t('pantry.made-panel.planned-rounds-take', { fromShelf: shelf.from_shelf.join('; ') }) }}
      </p>
      <section aria-labelledby="jars">
        <h2 id="jars" class="visually-hidden">{{ t('pantry.made-panel.shelf') }}</h2>
        <div v-if="jars.length" class="jars"><jar-card v-for="jar in jars" :key="jar.id" :jar="jar" @throw-away="throwAway(jar)" /></div>
        <empty-note v-else :title="t('pantry.made-panel.nothing-made-ahead')">
          {{ t('pantry.made-panel.extracts-ferments-ash') }}
          <template #actions>
            <n-button type="primary" @click="router.push({ name: 'making', params: { preparation: '' } })">
              {{
                t('pantry.made-panel.start-one')
              }}
            </n-button>
          </template>
        </empty-note>
      </section>
    </template>
  </div>
</template>

<style scoped>
.made { display: grid; gap: var(--space-8); grid-template-columns: minmax(0, 1fr); }
.jars { display: grid; grid-template-columns: repeat(auto-fill, minmax(min(360px, 100%), 1fr)); gap: var(--space-6); }
ul { list-style: none; margin: var(--space-4) 0 0; padding: 0; display: grid; gap: var(--space-5); }
.to-make li {
  display: flex; flex-wrap: wrap; gap: var(--space-4) var(--space-8); justify-content: space-between; align-items: center; background:
  var(--leaf-wash); border-radius: var(--radius-l); padding: var(--space-6) var(--space-7);
}
.to-make li > div { flex: 1 1 320px; min-width: 0; }
.to-make .late { background: var(--brass-wash); }
.overdue { color: var(--madder); font-weight: 600; }
</style>
