<script setup lang="ts">
import { inWords } from '@/parts/grounds'
import { t } from '@/i18n'
import CloseDialog from './CloseDialog.vue'
import CountChart from './CountChart.vue'
import CountDialog from './CountDialog.vue'
import StoryList from './StoryList.vue'
import TacticList from './TacticList.vue'
import TargetNote from './TargetNote.vue'
import ChoiceMark from '@/parts/ChoiceMark.vue'
import FindingList from '@/parts/FindingList.vue'
import LookJob from '@/parts/LookJob.vue'
import LoadingNote from '@/parts/LoadingNote.vue'
import PageHead from '@/parts/PageHead.vue'
import RemedyList from '@/parts/RemedyList.vue'
import { api, take, type Schemas, type Tactic, type TroublePage } from '@/api/client'
import { useGarden } from '@/stores/garden'
import { useLatest } from '@/composables/useLatest'
import { useSaving } from '@/composables/useSaving'
import { useStarter } from '@/composables/useStarter'
import { useTimes } from '@/composables/useTimes'
import { NButton } from 'naive-ui'
import { computed, ref, shallowRef, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'

/** A trouble's own page: its story, what to do about it, with what, and who else is at risk. */
const store = useGarden()
const times = useTimes()
const route = useRoute()
const router = useRouter()
const { busy, attempt, done } = useSaving()
const page = shallowRef<TroublePage | null>(null)
const latest = useLatest<TroublePage>()
const showCount = ref(false)
const showClose = ref(false)
const id = computed(() => (typeof route.params.trouble === 'string' ? route.params.trouble : ''))

async function load(): Promise<void> {
  if (route.name === 'trouble')
    page.value = await latest(
      take(api.GET('/api/gardens/{garden}/troubles/{trouble}', { params: { path: { garden: store.id, trouble: id.value } } })),
    )
}
watch(id, load, { immediate: true })
watch(() => store.undone, load)

/** Scorch and hunger are not counted, nor are weeds. */
const countable = computed(
  () => page.value?.target?.kind === 'pest' || page.value?.target?.kind === 'disease' || page.value?.target === null,
)
/** In the measure of what it is taken for now: counts made while it was taken for something else stay in the story only. */
const counted = computed(() => page.value?.counts.some((count) => count.measure === page.value?.plan.measure) ?? false)
const open = computed(() => page.value?.brief.status === 'open')
const path = () => ({ garden: store.id, trouble: id.value })
const title = computed(() => {
  const brief = page.value!.brief
  return brief.target
    ? t('trouble.trouble-view.on-2', { first: brief.name[0]!.toUpperCase(), rest: brief.name.slice(1), planting: brief.planting })
    : t('trouble.trouble-view.something', { planting: brief.planting })
})
const under = computed(() => {
  const brief = page.value!.brief
  return t('trouble.trouble-view.noticed', {
    zone: brief.zone,
    noticedOn: times.day(brief.noticed_on),
    closedOn: brief.closed_on ? t('trouble.trouble-view.closed', { closedOn: times.day(brief.closed_on) }) : '',
  })
})
const headline = computed(() =>
  open.value ? page.value!.brief.headline : (page.value!.brief.outcome ?? t('trouble.trouble-view.closed-2')),
)
/** The same card as on Today. */
const asked: Schemas['DayJob'] = {
  kind: 'look',
  id: '',
  state: 'any',
  when: '',
  why: null,
  next: null,
  look: null,
  chore: null,
  said: null,
  done: false,
  also: [],
}
const sameDay = computed(() => page.value?.neighbours.filter((one) => one.same_day) ?? [])
const lookAt = computed(() => page.value?.neighbours.filter((one) => !one.same_day) ?? [])

const did = (tactic: Tactic) =>
  attempt(async () => {
    done(
      await take(api.POST('/api/gardens/{garden}/troubles/{trouble}/tactics', { params: { path: path() }, body: { tactic: tactic.id } })),
    )
    await load()
  })
const reopen = () =>
  attempt(async () => {
    done(
      await take(
        api.PATCH('/api/gardens/{garden}/troubles/{trouble}', {
          params: { path: path() },
          body: { version: page.value!.brief.version, status: 'open' },
        }),
      ),
    )
    await load()
  })
const deleteCount = (count: string) =>
  attempt(async () => {
    done(await take(api.DELETE('/api/gardens/{garden}/counts/{count}', { params: { path: { garden: store.id, count } } })))
    await load()
  })
/** The first that has something to press: a recipe that is kept, or one to begin with. */
const best = computed(() => page.value?.remedies.find((remedy) => remedy.open && (remedy.recipes.length || remedy.starters.length)))
const startCourse = (recipe: string) =>
  router.push({ name: 'bench', params: { recipe }, query: { trouble: id.value, planting: page.value!.brief.planting_id } })
const starting = useStarter((recipe) => void startCourse(recipe))
function startBest(): void {
  const [kept, starter] = [best.value?.recipes[0], best.value?.starters[0]]
  if (kept) void startCourse(kept.id)
  else if (starter) void starting.begin(starter)
}
</script>

<template>
  <div class="trouble">
    <loading-note v-if="!page" :what="t('trouble.trouble-view.opening-page')" />
    <template v-else>
      <page-head :title="title" :under="under">
        <n-button v-if="open && countable && counted" type="primary" @click="showCount = true">
          {{
            t('trouble.trouble-view.count')
          }}
        </n-button>
        <n-button @click="router.push({ name: 'scout', params: { planting: page.brief.planting_id } })">
          {{
            t('trouble.trouble-view.look-again')
          }}
        </n-button>
        <n-button v-if="open" @click="showClose = true">{{ t('trouble.trouble-view.close-correct') }}</n-button>
        <n-button v-else :loading="busy" @click="reopen">{{ t('trouble.trouble-view.open-again') }}</n-button>
      </page-head>
      <section class="verdict" :class="open ? page.brief.choice : 'closed'" :aria-label="t('trouble.trouble-view.what-do')">
        <choice-mark v-if="open" :choice="page.brief.choice" :kind="page.brief.kind" />
        <p class="headline">{{ headline }}</p>
        <template v-if="open && page.decision">
          <p>{{ page.decision.findings[0]?.because }}</p>
          <p>{{ page.decision.findings[0]?.instead }}</p>
          <div v-if="countable && !counted" class="uncounted">
            <p>{{ page.plan.how }}</p>
            <n-button type="primary" @click="showCount = true">{{ t('trouble.trouble-view.count-now') }}</n-button>
          </div>
        </template>
        <p v-if="open && page.decision" class="small">
          {{
            t('trouble.trouble-view.look-again-2', {
              lookAgainOn:
                page.decision.look_again_on <= times.todayField()
                  ? 'today'
                  : t('trouble.trouble-view.on', { lookAgainOn: times.day(page.decision.look_again_on) }),
            })
          }}<template v-if="page.brief.level">{{ t('trouble.trouble-view.last-count', { level: page.brief.level }) }}</template><template v-if="page.decision.findings[0]">
            {{
              t('trouble.trouble-view.ground-certainty', {
                basis: inWords(page.decision.findings[0].basis),
                sure: inWords(page.decision.findings[0].sure),
              })
            }}
          </template>
        </p>
        <div v-if="open && best && page.brief.choice === 'spray-too'" class="actions">
          <n-button type="primary" :loading="starting.busy.value" @click="startBest">
            {{
              best.recipes.length || !best.starters[0]
                ? t('trouble.trouble-view.start-course')
                : t('trouble.trouble-view.start-course-with', { name: best.starters[0].name })
            }}
          </n-button>
        </div>
      </section>
      <ul v-if="page.look" class="look">
        <look-job :key="id" :job="asked" :look="page.look" @answered="load" />
      </ul>
      <div class="columns">
        <div class="main first">
          <section v-if="counted" aria-labelledby="t-counts">
            <h2 id="t-counts">
              {{ t('trouble.trouble-view.counts') }} <span class="unit soft">{{ page.plan.unit }}</span>
            </h2>
            <p v-if="page.trend" class="trend">{{ page.trend }}</p>
            <count-chart :page="page" />
          </section>
          <section v-if="page.decision && open && page.decision.findings.length > 1" aria-labelledby="t-why">
            <h2 id="t-why">{{ t('trouble.trouble-view.heed') }}</h2>
            <finding-list :findings="page.decision.findings.slice(1)" />
          </section>
        </div>
        <aside>
          <section v-if="page.tactics.length" aria-labelledby="t-tactics">
            <h2 id="t-tactics">{{ t('trouble.trouble-view.before-beside-spray') }}</h2>
            <tactic-list :tactics="page.tactics" :busy="busy" :open="open" @did="did" />
          </section>
          <section v-if="page.neighbours.length && open" aria-labelledby="t-neighbours">
            <h2 id="t-neighbours">{{ t('trouble.trouble-view.who-shares-risk') }}</h2>
            <template v-if="sameDay.length">
              <p>
                <strong>{{ t('trouble.trouble-view.treat-same-day') }}</strong>
              </p>
              <ul class="plain">
                <li v-for="one in sameDay" :key="one.id">
                  {{ one.name }}<span class="soft small">{{ ` · ${one.troubled ? t('trouble.trouble-view.has-too') : one.zone}` }}</span>
                </li>
              </ul>
            </template>
            <template v-if="lookAt.length">
              <p>
                <strong>{{ t('trouble.trouble-view.look-at') }}</strong>
              </p>
              <ul class="plain">
                <li v-for="one in lookAt" :key="one.id">
                  <router-link :to="{ name: 'scout', params: { planting: one.id } }">{{ one.name }}</router-link><span class="soft small">{{ ` · ${one.zone}` }}</span>
                </li>
              </ul>
            </template>
          </section>
          <target-note v-if="page.target" :target="page.target" />
        </aside>
        <div class="main then">
          <section v-if="page.remedies.length && open" aria-labelledby="t-remedies">
            <h2 id="t-remedies">{{ t('trouble.trouble-view.sprays-by-how') }}</h2>
            <p class="soft small">
              {{ t('trouble.trouble-view.choose-recipe-opens', { name: page.brief.name, planting: page.brief.planting }) }}
            </p>
            <p class="soft small">{{ t('trouble.trouble-view.products-label-local') }}</p>
            <remedy-list :remedies="page.remedies" @pick="startCourse" />
          </section>
          <section aria-labelledby="t-story">
            <h2 id="t-story">{{ t('trouble.trouble-view.what-happened') }}</h2>
            <story-list :page="page" @delete-count="deleteCount" @changed="load" />
          </section>
        </div>
      </div>
      <count-dialog v-model:shown="showCount" :page="page" @done="load" />
      <close-dialog v-model:shown="showClose" :brief="page.brief" @done="load" />
    </template>
  </div>
</template>

<style scoped>
.trouble {
  padding: var(--space-8) var(--space-9) var(--space-11); display: grid; gap: var(--space-7); grid-template-columns: minmax(0, 1fr);
}
.verdict {
  border-radius: var(--radius-l); padding: var(--space-6) var(--space-7); background: var(--mist); display: grid; gap: var(--space-2);
}
.verdict.leave { background: var(--leaf-wash); }
.verdict.spray-too { background: var(--brass-wash); }
.verdict.give-up { background: var(--madder-wash); }
.headline { font: 600 var(--text-xl)/1.3 var(--title); }
/* In one column the tactics stand before the sprays, as they should be done. */
.columns {
  display: grid; grid-template: 'first aside' auto 'then aside' 1fr / minmax(0, 1.7fr) minmax(0, 1fr); gap: var(--space-9)
  var(--space-10); align-items: start;
}
.first { grid-area: first; }
.first:empty { display: none; }
.then { grid-area: then; }
aside { grid-area: aside; }
.main, aside { display: grid; gap: var(--space-9); grid-template-columns: minmax(0, 1fr); }
section { display: grid; gap: var(--space-4); grid-template-columns: minmax(0, 1fr); }
.uncounted { display: flex; flex-wrap: wrap; gap: var(--space-4) var(--space-7); align-items: center; margin-top: var(--space-2); }
.unit { font: 400 var(--text-s) var(--plain); }
.actions { margin-top: var(--space-3); }

.look { list-style: none; margin: 0; padding: 0; }
.trend { font-weight: 600; }
.plain { margin: 0; padding-left: var(--space-7); }
.plain a { display: inline-block; min-height: 30px; }
@media (max-width: 900px) {
  .trouble { padding: var(--space-7) var(--space-7) var(--space-10); }
  .columns { grid-template: 'first' 'aside' 'then' / minmax(0, 1fr); }
}
</style>
