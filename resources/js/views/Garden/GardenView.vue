<script setup lang="ts">
import { t } from '@/i18n'
import ImportDialog from './ImportDialog.vue'
import SeveralDialog from './SeveralDialog.vue'
import PlantingDialog from './PlantingDialog.vue'
import PlotCard from './PlotCard.vue'
import ZoneDialog from './ZoneDialog.vue'
import EmptyNote from '@/parts/EmptyNote.vue'
import LoadingNote from '@/parts/LoadingNote.vue'
import PageHead from '@/parts/PageHead.vue'
import SprayedDialog from '@/parts/SprayedDialog.vue'
import { api, take, type Planting, type Plot, type PlotZone } from '@/api/client'
import { useGarden } from '@/stores/garden'
import { useLatest } from '@/composables/useLatest'
import { useSaving } from '@/composables/useSaving'
import { useTimes } from '@/composables/useTimes'
import { NButton } from 'naive-ui'
import { computed, onMounted, ref, shallowRef, watch } from 'vue'
import { useRoute } from 'vue-router'

/** Zones and plantings: who is troubled, what was done last. */
const store = useGarden()
const times = useTimes()
const { attempt, done } = useSaving()
const plot = shallowRef<Plot | null>(null)
const latest = useLatest<Plot>()
const planting = ref<Planting | null>(null)
const zone = ref<PlotZone | null>(null)
const intoZone = ref<string | null>(null)
const showPlanting = ref(false)
const showZone = ref(false)
const showImport = ref(false)
const showSeveral = ref(false)
const showSprayed = ref(false)
const sprayedIds = ref<string[]>([])

async function load(): Promise<void> {
  plot.value = await latest(take(api.GET('/api/gardens/{garden}/plot', { params: { path: { garden: store.id } } })))
}
const reload = async () => {
  await Promise.all([load(), store.refresh()])
}
const route = useRoute()
onMounted(async () => {
  await load()
  openNamed()
})
watch(() => store.undone, reload)
watch(() => route.query.planting, openNamed)

/** One that was looked for elsewhere is opened. */
function openNamed(): void {
  const named = all.value.find((one) => one.planting.id === route.query.planting)
  if (named) open(named.planting)
}

const all = computed(() => (plot.value?.zones ?? []).flatMap((one) => one.plantings))
const troubled = computed(() => all.value.filter((one) => one.troubles.length > 0).length)
const title = computed(() => {
  if (all.value.length === 0) return t('garden.garden-view.nothing-planted-yet')
  if (troubled.value === 0) return t('garden.garden-view.plantings-none-them', { all: all.value.length })
  return t('garden.garden-view.plantings-troubled', { troubled: troubled.value, all: all.value.length })
})

const bears = computed(() => all.value.find((card) => card.planting.id === planting.value?.id)?.bears ?? [])

function open(one: Planting | null, into: string | null = null): void {
  planting.value = one
  intoZone.value = into
  showPlanting.value = true
}
function sprayedOn(id: string): void {
  showPlanting.value = false
  sprayedIds.value = [id]
  showSprayed.value = true
}
function openZone(one: PlotZone | null): void {
  zone.value = one
  showZone.value = true
}
const bringBack = (one: Planting) =>
  attempt(async () => {
    const saved = await take(
      api.POST('/api/gardens/{garden}/plantings/{planting}/retire', {
        params: { path: { garden: store.id, planting: one.id } },
        body: { version: one.version, back: true },
      }),
    )
    done(saved.change, reload)
    await reload()
  })
</script>

<template>
  <div class="garden-view">
    <loading-note v-if="!plot" :what="t('garden.garden-view.walking-round-garden')" />
    <template v-else>
      <page-head :title="title">
        <n-button type="primary" @click="open(null)">{{ t('garden.garden-view.add-planting') }}</n-button>
        <n-button @click="showSeveral = true">{{ t('garden.garden-view.add-several') }}</n-button>
        <n-button @click="openZone(null)">{{ t('garden.garden-view.add-zone') }}</n-button>
        <n-button @click="showImport = true">{{ t('garden.garden-view.import-export') }}</n-button>
      </page-head>
      <empty-note v-if="all.length === 0" :title="t('garden.garden-view.tell-what-grows')">
        {{ t('garden.garden-view.its-plantings-nebbia') }}
        <template #actions>
          <n-button type="primary" @click="open(null)">{{ t('garden.garden-view.add-first-planting') }}</n-button>
          <n-button @click="showImport = true">{{ t('garden.garden-view.read-them-from') }}</n-button>
        </template>
      </empty-note>
      <section v-for="one in plot.zones" :key="one.id" :aria-labelledby="`zone-${one.id}`">
        <header>
          <h2 :id="`zone-${one.id}`">{{ one.name }}</h2>
          <p v-if="one.note" class="soft small">{{ one.note }}</p>
          <span class="do">
            <n-button
              quaternary
              size="small"
              :aria-label="t('garden.garden-view.add-planting-2', { name: one.name })"
              @click="open(null, one.id)"
            >{{ t('garden.garden-view.add-here') }}</n-button>
            <n-button
              quaternary
              size="small"
              :aria-label="t('garden.garden-view.change-zone', { name: one.name })"
              @click="openZone(one)"
            >{{ t('garden.garden-view.change') }}</n-button>
          </span>
        </header>
        <p v-if="one.plantings.length === 0" class="soft">{{ t('garden.garden-view.nothing-stands-here') }}</p>
        <div class="cards">
          <plot-card v-for="card in one.plantings" :key="card.planting.id" :card="card" @open="open(card.planting)" />
        </div>
      </section>
      <details v-if="plot.retired.length">
        <summary>{{ t('garden.garden-view.retired', { retired: plot.retired.length }) }}</summary>
        <ul>
          <li v-for="one in plot.retired" :key="one.id">
            <span>{{ one.name }}
              <span class="soft small">{{ t('garden.garden-view.since', { zone: one.zone, short: times.day(one.retired_on!, 'short') })
              }}<template v-if="one.retired_why"> · {{ one.retired_why }}</template></span></span>
            <n-button
              quaternary
              size="small"
              :aria-label="t('garden.garden-view.bring-back', { name: one.name })"
              @click="bringBack(one)"
            >
              {{ t('garden.garden-view.bring-back-2') }}
            </n-button>
          </li>
        </ul>
      </details>
    </template>
    <planting-dialog
      v-model:shown="showPlanting"
      :planting="planting"
      :zone-id="intoZone"
      :bears="bears"
      :reload="reload"
      @sprayed="sprayedOn"
    />
    <sprayed-dialog v-model:shown="showSprayed" :planting-ids="sprayedIds" @done="load" />
    <several-dialog v-model:shown="showSeveral" :reload="reload" />
    <zone-dialog v-model:shown="showZone" :zone="zone" :reload="reload" />
    <import-dialog v-model:shown="showImport" @changed="reload" />
  </div>
</template>

<style scoped>
.garden-view {
  padding: var(--space-8) var(--space-9) var(--space-11); display: grid; gap: var(--space-8); grid-template-columns: minmax(0, 1fr);
}
section { display: grid; gap: var(--space-5); grid-template-columns: minmax(0, 1fr); }
section header {
  display: flex; flex-wrap: wrap; gap: var(--space-2) var(--space-6); align-items: baseline; border-bottom: 1px solid var(--line);
  padding-bottom: var(--space-2);
}
.do { margin-left: auto; display: flex; }
.cards {
  display: grid; grid-template-columns: repeat(auto-fill, minmax(min(250px, 100%), 1fr)); gap: var(--space-6); align-items: stretch;
}
summary { cursor: pointer; font-weight: 600; min-height: var(--finger); padding-top: var(--space-5); }
ul { list-style: none; margin: 0; padding: 0; }
li {
  display: flex; justify-content: space-between; align-items: center; gap: var(--space-6); border-top: 1px solid var(--line); min-height:
  var(--finger);
}
@media (max-width: 760px) { .garden-view { padding: var(--space-7) var(--space-7) var(--space-10); } }
</style>
