<script setup lang="ts">
import { t } from '@/i18n'
import JobList from './JobList.vue'
import LeftoverList from './LeftoverList.vue'
import WeatherRibbon from './WeatherRibbon.vue'
import FirstAid from '@/parts/FirstAid.vue'
import EmptyNote from '@/parts/EmptyNote.vue'
import DemoDay from '@/parts/DemoDay.vue'
import LoadingNote from '@/parts/LoadingNote.vue'
import ReplanNote from '@/parts/ReplanNote.vue'
import { useReplans } from '@/parts/replans'
import PageHead from '@/parts/PageHead.vue'
import SprayedDialog from '@/parts/SprayedDialog.vue'
import { api, take, type DueRound, type Schemas } from '@/api/client'
import { useGarden } from '@/stores/garden'
import { useFreshForecast } from '@/composables/useFreshForecast'
import { useLatest } from '@/composables/useLatest'
import { useTimes } from '@/composables/useTimes'
import { NButton } from 'naive-ui'
import { computed, nextTick, onMounted, ref, shallowRef, useTemplateRef, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'

const store = useGarden()
const times = useTimes()
const route = useRoute()
const router = useRouter()
const { replans, ask } = useReplans()
const today = shallowRef<Schemas['Today'] | null>(null)
const showSprayed = ref(false)
const latest = useLatest<Schemas['Today']>()
/** What was asked for from elsewhere is opened, once. */
const aid = useTemplateRef('aid')
const ribbon = useTemplateRef('ribbon')
watch(
  () => [route.query, today.value !== null && replans.value !== null] as const,
  async ([query, isRead]) => {
    if (!isRead || !(query.sprayed || query.rain || query.aid)) return
    await nextTick()
    if (query.sprayed) showSprayed.value = true
    if (query.rain) ribbon.value?.askRain()
    if (query.aid) aid.value?.open()
    await router.replace({ query: {} })
  },
  { immediate: true },
)

async function load(): Promise<void> {
  today.value = await latest(take(api.GET('/api/gardens/{garden}/today', { params: { path: { garden: store.id } } })))
  reads.value++
}
async function changed(): Promise<void> {
  await load()
  await ask()
}
/** The ribbon has been read, or cannot be. */
const isRibbonKnown = ref(false)
const freshen = useFreshForecast(async () => {
  await Promise.all([load(), ribbon.value?.load()])
})
onMounted(async () => {
  await Promise.all([load(), ask()])
  await freshen()
})
watch(() => store.undone, changed)

/** How often it was read: what was answered on the spot is shown anew then. */
const reads = ref(0)
const title = computed(() => {
  const jobs = (today.value?.jobs ?? []).filter((job) => !job.done)
  const next = today.value?.coming[0]
  if (jobs.length === 0 && next) return t('today.today-view.nothing-until', { dueOn: times.day(next.round.due_on) })
  return t('today.today-view.things-to-do', { number: jobs.length })
})
const under = computed(() => [times.day(today.value!.date), today.value!.weather].filter(Boolean).join(' · '))
/** Each course with its next round: what the hours can be shown for. */
const rounds = computed(() => {
  const next = [...(today.value?.due ?? []), ...(today.value?.coming ?? [])].filter((due) => due.target !== null)
  return next
    .filter((due, n) => next.findIndex((one) => one.round.course_id === due.round.course_id) === n)
    .map((due) => ({ id: due.round.id, name: t('today.today-view.remedy-against', { recipe: due.recipe, target: due.target }) }))
})
const when = (round: DueRound) =>
  round.in_days === 1 ? t('today.today-view.tomorrow') : t('today.today-view.days', { inDays: round.in_days })
</script>

<template>
  <div class="today">
    <loading-note v-if="!today || !replans" :what="t('today.today-view.looking-at-day')" />
    <template v-else>
      <page-head :title="title" :under="under">
        <n-button @click="showSprayed = true">{{ t('today.today-view.i-sprayed') }}</n-button>
        <first-aid ref="aid" />
        <demo-day brief class="on-phone" />
      </page-head>
      <replan-note @changed="load" />
      <p v-if="today.backup_late" class="backup">
        {{ today.backup_late }}
        <router-link :to="{ name: 'settings', hash: '#set-keep' }">{{ t('today.today-view.to-backups') }}</router-link>
      </p>
      <div class="columns">
        <div class="jobs">
          <job-list v-if="today.jobs.length" :key="reads" :today="today" @changed="changed" @answered="ask()" />
          <empty-note v-else :title="t('today.today-view.nothing-due-today')">
            {{ t('today.today-view.take-recipe-bench') }}
            <template #actions>
              <n-button type="primary" @click="router.push({ name: 'bench' })">{{ t('today.today-view.bench') }}</n-button>
            </template>
          </empty-note>
          <leftover-list v-if="today.leftovers.length" :leftovers="today.leftovers" @changed="load" />
        </div>
        <div class="side">
          <weather-ribbon
            ref="ribbon"
            :round-id="today.due[0]?.round.id ?? today.coming[0]?.round.id"
            :rounds="rounds"
            @changed="changed"
            @known="isRibbonKnown = true"
          />
          <section v-if="isRibbonKnown && today.coming.length" aria-labelledby="coming">
            <h2 id="coming">{{ t('today.today-view.coming') }}</h2>
            <ul class="coming">
              <li v-for="due in today.coming" :key="due.round.id">
                <span class="day"><strong>{{ times.day(due.round.due_on, 'short')
                }}<template v-if="due.round.due_hour !== null">, {{ times.hour(due.round.due_hour) }}</template></strong><span class="soft small">{{ when(due) }}</span></span>
                <span>
                  <router-link
                    :to="{
                      name: 'bench',
                      params: { recipe: due.recipe_id },
                      query: { sprayer: due.sprayer_id ?? undefined, planting: due.planting_id ?? undefined },
                    }"
                  >{{ due.recipe }}</router-link>
                  <span v-if="due.target">{{ t('today.today-view.against-after', { target: due.target }) }}</span>
                  <span class="soft small plantings">{{
                    t('today.today-view.round', { plantings: due.plantings, number: due.round.number, rounds: due.rounds })
                  }}</span>
                </span>
              </li>
            </ul>
          </section>
          <section v-if="isRibbonKnown" aria-labelledby="last">
            <h2 id="last">{{ t('today.today-view.done-last') }}</h2>
            <ul class="last">
              <li v-for="entry in today.last" :key="entry.id">
                <p>
                  <strong>{{ entry.recipe }}</strong><span v-if="entry.target">{{ t('today.today-view.against-after', { target: entry.target }) }}</span>
                </p>
                <p class="soft small">
                  {{ times.instant(entry.applied_at) }}<template v-if="entry.by"> · {{ entry.by }}</template>
                </p>
                <p v-if="entry.note" class="note">{{ entry.note }}</p>
              </li>
            </ul>
            <p v-if="today.last.length === 0" class="soft">{{ t('today.today-view.what-log-listed') }}</p>
            <router-link v-else :to="{ name: 'notebook' }">{{ t('today.today-view.all-notebook') }}</router-link>
          </section>
        </div>
      </div>
      <sprayed-dialog v-model:shown="showSprayed" @done="changed" />
    </template>
  </div>
</template>

<style scoped>
.backup { border-left: 4px solid var(--brass); padding-left: var(--space-5); margin: 0; }
.on-phone { display: none; }
@media (max-width: 760px) { .on-phone { display: flex; } }
.today { padding: var(--space-8) var(--space-9) var(--space-11); display: grid; gap: var(--space-8); }
.columns { display: grid; grid-template-columns: minmax(0, 1.85fr) minmax(0, 1fr); gap: var(--space-8); align-items: start; }
.jobs, .side { display: grid; gap: var(--space-8); grid-template-columns: minmax(0, 1fr); }
.side > section { display: grid; gap: var(--space-4); grid-template-columns: minmax(0, 1fr); }
ul { list-style: none; margin: 0; padding: 0; }
.coming li {
  display: grid; grid-template-columns: 100px minmax(0, 1fr); gap: var(--space-6); padding: var(--space-6) 0; border-top: 1px solid
  var(--line);
}
.day, .coming li > span:last-child { display: block; }
.day span, .plantings { display: block; }
.last li { padding: var(--space-5) 0; border-top: 1px solid var(--line); }
.note { margin-top: var(--space-2); }
@media (max-width: 900px) {
  .today { padding: var(--space-7) var(--space-7) var(--space-10); }
  .columns { grid-template-columns: minmax(0, 1fr); }
}
</style>
