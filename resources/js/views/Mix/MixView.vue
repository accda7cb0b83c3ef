<script setup lang="ts">
import { t } from '@/i18n'
import LevelBar from './LevelBar.vue'
import RescueDialog from './RescueDialog.vue'
import FirstAid from '@/parts/FirstAid.vue'
import SprayedDialog from '@/parts/SprayedDialog.vue'
import StepTimer from './StepTimer.vue'
import LoadingNote from '@/parts/LoadingNote.vue'
import SeverityMark from '@/parts/SeverityMark.vue'
import { api, ApiFailure, take, type MixingPlan } from '@/api/client'
import { useGarden } from '@/stores/garden'
import { useRecipeOnBench } from '@/composables/useRecipeOnBench'
import { useEventListener, useLocalStorage, useSpeechSynthesis, useWakeLock } from '@vueuse/core'
import { NButton } from 'naive-ui'
import { computed, onBeforeUnmount, onMounted, ref, shallowRef, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'

/** Mixing, one step at a time: large, for wet hands, read aloud if wished, the screen kept awake where that can be. */
/** Cautions that are read at a glance; the rest is folded, so that no step needs scrolling. */
const SHOWN = 2
const store = useGarden()
const route = useRoute()
const router = useRouter()
const bench = useRecipeOnBench()
const { body, missing } = bench
const plan = shallowRef<MixingPlan | null>(null)
const failure = ref<string | null>(null)
const showRescue = ref(false)

const id = String(route.params.recipe)
const text = (value: unknown) => (typeof value === 'string' && value !== '' ? value : null)
const where = { sprayer_id: text(route.query.sprayer), planting_id: text(route.query.planting), volume: text(route.query.volume) }
/** Where one is survives a reload and a locked phone. */
const at = useLocalStorage(`nebbia.mixing.${id}`, 0)
const aloud = useLocalStorage('nebbia.aloud', false)

async function work(): Promise<void> {
  if (!body.value) return
  try {
    plan.value = await take(
      api.POST('/api/gardens/{garden}/bench/steps', { params: { path: { garden: store.id } }, body: { recipe: body.value, ...where } }),
    )
    failure.value = null
    if (at.value >= plan.value.steps.length) at.value = 0
  } catch (e) {
    if (!(e instanceof ApiFailure)) throw e
    failure.value = Object.values(e.fields)[0] ?? e.message
  }
}
onMounted(() => bench.openFrom(id).then(work))
watch(body, () => void work())

const showSprayed = ref(false)
/** A recipe that is kept; one that stands only on the bench cannot be logged. */
const recipeId = id === 'new' ? null : id
const steps = computed(() => plan.value?.steps ?? [])
const step = computed(() => steps.value[at.value] ?? null)
const isLast = computed(() => at.value === steps.value.length - 1)
const go = (to: number) => {
  at.value = Math.max(0, Math.min(steps.value.length - 1, to))
}
const leave = () =>
  router.push({
    name: 'bench',
    params: { recipe: id },
    query: { sprayer: where.sprayer_id ?? undefined, planting: where.planting_id ?? undefined },
  })
function done(): void {
  at.value = 0
  void leave()
}

const spoken = computed(() => (step.value ? [step.value.what, step.value.how, ...step.value.cautions].filter(Boolean).join(' ') : ''))
const speech = useSpeechSynthesis(spoken, { lang: 'en-GB' })
watch([spoken, aloud], () => {
  if (!speech.isSupported.value) return
  speech.stop()
  if (aloud.value && spoken.value) speech.speak()
})
const wake = useWakeLock()
watch(plan, (now) => {
  if (now && wake.isSupported.value && !wake.isActive.value) void wake.request('screen').catch(() => undefined)
})
onBeforeUnmount(() => {
  if (speech.isSupported.value) speech.stop()
  if (wake.isActive.value) void wake.release()
})
useEventListener('keydown', (event: KeyboardEvent) => {
  // A key that is pressed in a dialog is the dialog's.
  if (document.querySelector('[role=dialog]') || event.target instanceof HTMLInputElement || event.target instanceof HTMLSelectElement) return
  if (event.key === 'ArrowRight' || event.key === 'PageDown') go(at.value + 1)
  if (event.key === 'ArrowLeft' || event.key === 'PageUp') go(at.value - 1)
  if (event.key === 'Escape') void leave()
})
</script>

<template>
  <div class="mix" :class="step?.kind">
    <!-- Its name may take two lines, so that what stands below waits for it. -->
    <header v-if="plan || missing || failure">
      <div>
        <h1>{{ plan?.name || t('mix.mix-view.mixing') }}</h1>
        <p v-if="plan && !plan.stops.length" class="soft">
          {{ plan.makes }}<template v-if="plan.fills > 1">{{ t('mix.mix-view.fills-do-all', { fills: plan.fills }) }}</template>. {{ plan.keeps }}
        </p>
      </div>
      <div class="top">
        <first-aid />
        <button v-if="speech.isSupported.value" type="button" class="small-button" :aria-pressed="aloud" @click="aloud = !aloud">
          {{ t('mix.mix-view.read-aloud') }}
        </button>
        <button type="button" class="small-button" @click="leave">{{ t('mix.mix-view.back-bench') }}</button>
      </div>
    </header>
    <p v-if="missing || failure" class="field-error" role="alert">{{ failure ?? t('mix.mix-view.recipe-not-here') }}</p>
    <div v-else-if="plan && plan.stops.length" class="refused" role="alert">
      <severity-mark severity="stop" />
      <p class="what">{{ t('mix.mix-view.not-this') }}</p>
      <section v-for="stop in plan.stops" :key="stop.what + stop.because">
        <h2>{{ stop.what }}</h2>
        <p class="how">{{ stop.because }}</p>
        <p class="caution">{{ stop.instead }}</p>
      </section>
      <button type="button" class="big next" @click="leave">{{ t('mix.mix-view.back-bench') }}</button>
    </div>
    <loading-note v-else-if="!plan || !step" :what="t('mix.mix-view.setting-out-steps')" />
    <template v-else>
      <div class="step">
        <level-bar class="level" :plan="plan" :at="at" />
        <section aria-live="polite" :aria-label="t('mix.mix-view.step', { n: at + 1, steps: steps.length })">
          <p class="count">{{ t('mix.mix-view.step', { n: at + 1, steps: steps.length }) }}</p>
          <severity-mark v-if="step.kind === 'stop'" severity="stop" />
          <p class="what">{{ step.what }}</p>
          <p v-if="step.how" class="how">{{ step.how }}</p>
          <p v-for="caution in step.cautions.slice(0, SHOWN)" :key="caution" class="caution">{{ caution }}</p>
          <details v-if="step.cautions.length > SHOWN" :key="at" class="more">
            <summary>{{ t('mix.mix-view.more-mind', { SHOWN: step.cautions.length - SHOWN }) }}</summary>
            <p v-for="caution in step.cautions.slice(SHOWN)" :key="caution" class="caution">{{ caution }}</p>
          </details>
          <step-timer
            v-if="step.timer && step.timer_minutes"
            :key="`${id}.${at}`"
            :name="`${id}.${at}`"
            :label="step.timer"
            :minutes="step.timer_minutes"
          />
        </section>
      </div>
      <footer :class="{ ends: isLast && recipeId }">
        <button type="button" class="big" :disabled="at === 0" @click="go(at - 1)">{{ t('mix.mix-view.back') }}</button>
        <button type="button" class="oops" @click="showRescue = true">{{ t('mix.mix-view.something-went-wrong') }}</button>
        <button v-if="!isLast" type="button" class="big next" @click="go(at + 1)">{{ t('mix.mix-view.done-next') }}</button>
        <template v-else>
          <button type="button" class="big" :class="{ next: !recipeId }" @click="done">{{ t('mix.mix-view.all-done') }}</button>
          <button v-if="recipeId" type="button" class="big next" @click="showSprayed = true">
            {{ t('parts.sprayed-dialog.sprayed-this') }}
          </button>
        </template>
      </footer>
      <p class="visually-hidden">{{ wake.isActive.value ? t('mix.mix-view.screen-stays') : '' }}</p>
      <sprayed-dialog
        v-if="recipeId"
        v-model:shown="showSprayed"
        :recipe-id="recipeId"
        :planting-ids="where.planting_id ? [where.planting_id] : []"
        :sprayer-id="where.sprayer_id"
        :volume="plan.makes"
        @done="done"
      />
      <rescue-dialog v-if="body" v-model:shown="showRescue" :plan="plan" :at="at" :body="body" :where="where" @swapped="body = $event" />
    </template>
    <n-button v-if="missing || failure" @click="leave">{{ t('mix.mix-view.back-bench') }}</n-button>
  </div>
</template>

<style scoped>
.mix {
  min-height: 100vh; min-height: calc(100dvh - var(--demo-bar, 0px)); display: grid; grid-template-rows: auto minmax(0, 1fr) auto; gap: var(--space-6); padding:
  var(--space-7) var(--space-9) var(--space-8);
}
header { display: flex; flex-wrap: wrap; justify-content: space-between; gap: var(--space-4) var(--space-8); align-items: start; }
h1 { font-size: var(--text-2xl); }
.top { display: flex; flex-wrap: wrap; gap: var(--space-4); }
.small-button {
  min-height: var(--finger); padding: var(--space-3) var(--space-6); border: 1px solid var(--line); border-radius: var(--radius-m);
  background: var(--paper); cursor: pointer;
}
.small-button[aria-pressed='true'] { background: var(--leaf-wash); border: 2px solid var(--leaf); font-weight: 600; }
.step {
  display: grid; grid-template-columns: 130px minmax(0, 1fr); gap: var(--space-10); align-items: center; max-width: 1060px; margin: 0
  auto; width: 100%;
}
section { display: grid; gap: var(--space-6); align-content: center; }
.more summary { cursor: pointer; min-height: var(--finger); font-weight: 600; padding: var(--space-4) 0; }
.more { display: grid; }
.more .caution { margin-top: var(--space-4); }
.count { color: var(--soft); font-size: var(--text-l); }
.what { font: 600 clamp(26px, 4.4vw, 44px)/1.25 var(--title); overflow-wrap: anywhere; }
.how { font-size: clamp(19px, 2.2vw, 25px); line-height: 1.4; }
.caution {
  font-size: clamp(18px, 2vw, 22px); border-left: 6px solid var(--brass); background: var(--brass-wash); padding: var(--space-4)
  var(--space-6); border-radius: var(--radius-s);
}
.refused { display: grid; gap: var(--space-7); align-content: start; max-width: 860px; margin: 0 auto; width: 100%; justify-items: start; }
.refused .what { color: var(--madder); }
.refused .caution { border-color: var(--madder); background: var(--madder-wash); }
.refused .big { padding: 0 var(--space-9); }
.stop .what { color: var(--madder); }
.stop .caution { border-color: var(--madder); background: var(--madder-wash); }
footer { display: grid; grid-template-columns: 1fr auto 1.6fr; gap: var(--space-6); }
footer.ends { grid-template-columns: 1fr auto 1fr 1.6fr; }
.big {
  min-height: 72px; font-size: var(--text-2xl); font-weight: 600; border-radius: var(--radius-l); border: 2px solid var(--line);
  background: var(--paper); cursor: pointer;
}
.big:disabled { color: var(--soft); cursor: default; }
.next { background: var(--leaf); color: var(--on-leaf); border-color: var(--leaf); }
.oops {
  min-height: 72px; padding: 0 var(--space-7); border-radius: var(--radius-l); border: 2px solid var(--brass); background: var(--paper);
  cursor: pointer;
}
@media (max-width: 760px) {
  .top :deep(.aid), .top .small-button { padding-inline: var(--space-4); }
  .mix { padding: var(--space-6) var(--space-7) var(--space-6); gap: var(--space-5); }
  .step { grid-template-columns: 56px minmax(0, 1fr); gap: var(--space-7); }
  footer, footer.ends { grid-template-columns: 1fr 1.6fr; }
  .oops { grid-column: 1 / -1; grid-row: 1; min-height: 48px; }
  /* What is usual there stands below, the rest above it. */
  .ends .oops { grid-column: 1; min-height: 64px; padding: 0 var(--space-4); }
  .ends .big:nth-last-child(2) { grid-row: 1; min-height: 64px; }
}
</style>
