<script setup lang="ts">
import { t } from '@/i18n'
import FinishForm from './FinishForm.vue'
import JarTools from './JarTools.vue'
import MakingStepRow from './MakingStepRow.vue'
import JarPicture from '@/parts/JarPicture.vue'
import FindingList from '@/parts/FindingList.vue'
import LoadingNote from '@/parts/LoadingNote.vue'
import PageHead from '@/parts/PageHead.vue'
import StateMark from '@/parts/StateMark.vue'
import { api, ApiFailure, take, type PreparationStory, type Schemas } from '@/api/client'
import { useDraft } from '@/composables/useDraft'
import { useGarden } from '@/stores/garden'
import { useLatest } from '@/composables/useLatest'
import { useSaving } from '@/composables/useSaving'
import { useTimes } from '@/composables/useTimes'
import { useIntervalFn } from '@vueuse/core'
import { NButton } from 'naive-ui'
import { computed, ref, shallowRef, watch } from 'vue'
import { useRouter } from 'vue-router'

/** A preparation from its first step to its last drop. Clocks run on the server: they live through a reload, and on every device. */
const props = defineProps<{ id: string }>()
const store = useGarden()
const router = useRouter()
const times = useTimes()
const draft = useDraft()
const { errors, busy, attempt, done } = useSaving()
const story = shallowRef<PreparationStory | null>(null)
const latest = useLatest<PreparationStory>()
const missing = ref(false)
const path = () => ({ params: { path: { garden: store.id, preparation: props.id } } })
const now = ref(store.now())
useIntervalFn(() => {
  now.value = store.now()
}, 1000)

async function load(): Promise<void> {
  try {
    story.value = await latest(take(api.GET('/api/gardens/{garden}/preparations/{preparation}', path())))
    missing.value = false
  } catch (e) {
    if (!(e instanceof ApiFailure) || e.status !== 404) throw e
    missing.value = true
    story.value = null
  }
}
watch(
  () => store.undone,
  () => load(),
  { immediate: true },
)

const jar = computed(() => story.value?.preparation)
const isMade = computed(() => jar.value !== undefined && !['steeping', 'to-strain'].includes(jar.value.state))
const next = computed(() => story.value?.steps.find((step) => step.done_at === null)?.n ?? null)
const days = computed(() => [...new Set(story.value?.steps.map((step) => step.day) ?? [])])
const doneSteps = computed(() => story.value?.steps.filter((step) => step.done_at !== null).length ?? 0)
const under = computed(() => {
  if (!jar.value || !story.value) return undefined
  return t('making.making-story.begun', { kindName: jar.value.kind_name, startedAt: times.instant(jar.value.started_at) })
})

const tend = (what: Omit<Schemas['PreparationChange'], 'version'>) =>
  attempt(async () => {
    const saved = await take(
      api.PATCH('/api/gardens/{garden}/preparations/{preparation}', { ...path(), body: { version: jar.value!.version, ...what } }),
    )
    story.value = saved.story
    done(saved.change)
  })
const throwAway = () =>
  attempt(async () => {
    const change = await take(api.DELETE('/api/gardens/{garden}/preparations/{preparation}', path()))
    await router.push({ name: 'pantry', query: { show: 'made' } })
    done(change)
  })
/** A new recipe that takes from this jar, as it is usually thinned. */
function use(): void {
  const one = jar.value!
  draft.begin({
    format: 'nebbia.recipe/1',
    name: `${one.name}, ${one.into}`.slice(0, 80),
    use: one.is_feed ? 'drench' : 'foliar',
    units: store.garden?.units ?? 'us',
    base: { amount: store.garden?.units === 'us' ? '1 quart' : '1 L', basis: 'final', liquid: 'water' },
    ingredients: [{ ingredient: one.ingredient, amount: one.into, preparation: one.id }],
  })
  void router.push({ name: 'bench', params: { recipe: 'new' } })
}
</script>

<template>
  <div class="making">
    <p v-if="missing" class="field-error">
      {{ t('making.making-story.preparation-not-here') }}
      <router-link :to="{ name: 'pantry', query: { show: 'made' } }">{{ t('making.making-story.shelf') }}</router-link>
    </p>
    <loading-note v-else-if="!story || !jar" :what="t('making.making-story.taking-off-shelf')" />
    <template v-else>
      <page-head :title="jar.name" :under="under">
        <router-link :to="{ name: 'pantry', query: { show: 'made' } }">{{ t('making.making-story.shelf') }}</router-link>
      </page-head>
      <section class="stands" :aria-label="t('making.making-story.how-stands')">
        <jar-picture :state="jar.state" :fill="jar.fill" :progress="jar.progress" />
        <div class="words">
          <p class="big">
            <state-mark :state="jar.state" :said="jar.said" /><template v-if="jar.time_left">, {{ jar.time_left }}</template>
          </p>
          <p v-if="jar.left">
            <strong>{{ jar.left }}</strong> {{ t('making.making-story.left')
            }}<template v-if="jar.use_by && jar.state !== 'untested'">
              {{
                t('making.making-story.good-until', { useBy: times.instant(jar.use_by) })
              }}
            </template>
          </p>
          <p v-else-if="jar.strain_at">
            {{ t('making.making-story.stands-until', { strainAt: times.instant(jar.strain_at) })
            }}<template v-if="story.expected">{{ t('making.making-story.about-should-come', { expected: story.expected }) }}</template>.
          </p>
          <p v-if="jar.makeup.length">{{ jar.makeup.join('; ') }}</p>
          <ul v-if="jar.spoils.length" class="soft small spoils">
            <li v-for="sign in jar.spoils" :key="sign">{{ sign }}</li>
          </ul>
          <div v-if="jar.stir_at" class="actions stir">
            <n-button type="primary" size="small" :loading="busy" @click="tend({ stirred: true })">
              {{
                t('making.making-story.stirred-just-now')
              }}
            </n-button>
            <span class="soft">{{ Date.parse(jar.stir_at) <= now ? t('making.making-story.stir-due-since') : t('making.making-story.next') }}
              {{ times.instant(jar.stir_at) }}</span>
          </div>
          <finding-list v-if="story.findings.length" :findings="story.findings" :grounds="false" open />
          <p v-if="jar.note" class="note">{{ jar.note }}</p>
        </div>
      </section>
      <jar-tools v-if="isMade" :story="story" :errors="errors" :busy="busy" @tend="tend" @throw-away="throwAway" @use="use" />
      <finish-form v-else-if="jar.state === 'to-strain'" :story="story" :errors="errors" :busy="busy" @tend="tend" />
      <component :is="isMade ? 'details' : 'section'" class="steps-of">
        <component :is="isMade ? 'summary' : 'h2'">
          {{ t('making.making-story.how-made', { is: isMade ? 'was' : 'is' })
          }}<span v-if="!isMade" class="soft count">{{
            t('making.making-story.steps-done', { doneSteps, steps: story.steps.length })
          }}</span>
        </component>
        <div v-for="day in days" :key="day" class="day">
          <h3 v-if="days.length > 1">{{ t('making.making-story.day', { day }) }}</h3>
          <ol>
            <making-step-row
              v-for="step in story.steps.filter((one) => one.day === day)"
              :key="step.n"
              :step="step"
              :now="now"
              :is-next="step.n === next && !isMade"
              :busy="busy"
              @done="tend({ done: { [step.n]: $event } })"
              @timer="tend({ timer: step.n })"
            />
          </ol>
        </div>
      </component>
      <finish-form v-if="!isMade && jar.state !== 'to-strain'" :story="story" :errors="errors" :busy="busy" @tend="tend" />
      <div v-if="!isMade" class="actions">
        <n-button @click="throwAway">{{ t('making.making-story.give-up-throw') }}</n-button>
      </div>
    </template>
  </div>
</template>

<style scoped>
.making {
  padding: var(--space-8) var(--space-9) var(--space-11); display: grid; gap: var(--space-8); grid-template-columns: minmax(0, 1fr);
  max-width: 1000px;
}
.stands { display: grid; grid-template-columns: 84px minmax(0, 1fr); gap: var(--space-8); align-items: start; }
.words { display: grid; gap: var(--space-3); }
.big { font-size: var(--text-xl); }
.spoils { margin: 0; padding-left: var(--space-8); }
.stir { align-items: center; }
.note { border-left: 3px solid var(--line); padding-left: var(--space-5); }
.count { font: 400 var(--text-m)/1.5 var(--plain); }
summary { cursor: pointer; font-weight: 600; min-height: var(--finger); padding: var(--space-4) 0; }
.day { display: grid; gap: var(--space-4); margin-top: var(--space-5); }
ol { list-style: none; margin: 0; padding: 0; display: grid; gap: var(--space-4); }
@media (max-width: 760px) { .making { padding: var(--space-7) var(--space-7) var(--space-10); } }
</style>
