<script setup lang="ts">
import { t } from '@/i18n'
import LevelBar from './LevelBar.vue'
import RescueDialog from './RescueDialog.vue'
import StepTimer from './StepTimer.vue'
import LoadingNote from '@/parts/LoadingNote.vue'
import SeverityMark from '@/parts/SeverityMark.vue'
import { api, ApiFailure, take, type MixingPlan } from '@/api/client'
import { useGarden } from '@/stores/garden'
import { useRecipeOnBench } from '@/stores/recipeOnBench'
import { useEventListener, useLocalStorage, useSpeechSynthesis, useWakeLock } from '@vueuse/core'
import { NButton } from 'naive-ui'
import { computed, onBeforeUnmount, ref, shallowRef, watch } from 'vue'
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
    plan.value = await take(api.POST('/api/gardens/{garden}/bench/steps', { params: { path: { garden: store.id } }, body: { recipe: body.value, ...where } }))
    failure.value = null
    if (at.value >= plan.value.steps.length) at.value = 0
  } catch (e) {
    if (!(e instanceof ApiFailure)) throw e
    failure.value = Object.values(e.fields)[0] ?? e.message
  }
}
void bench.openFrom(id).then(work)
watch(body, () => void work())

const steps = computed(() => plan.value?.steps ?? [])
const step = computed(() => steps.value[at.value] ?? null)
const isLast = computed(() => at.value === steps.value.length - 1)
const go = (to: number) => { at.value = Math.max(0, Math.min(steps.value.length - 1, to)) }
const leave = () => router.push({ name: 'bench', params: { recipe: id }, query: { sprayer: where.sprayer_id ?? undefined, planting: where.planting_id ?? undefined } })
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
watch(plan, (now) => { if (now && wake.isSupported.value && !wake.isActive.value) void wake.request('screen').catch(() => undefined) })
onBeforeUnmount(() => {
  if (speech.isSupported.value) speech.stop()
  if (wake.isActive.value) void wake.release()
})
useEventListener('keydown', (event: KeyboardEvent) => {
  if (showRescue.value || event.target instanceof HTMLInputElement || event.target instanceof HTMLSelectElement) return
  if (event.key === 'ArrowRight' || event.key === 'PageDown') go(at.value + 1)
  if (event.key === 'ArrowLeft' || event.key === 'PageUp') go(at.value - 1)
  if (event.key === 'Escape') void leave()
})
</script>

<template>
  <div class="mix" :class="step?.kind">
    <header>
      <div>
        <h1>{{ plan?.name || t('mix.mix-view.mixing') }}</h1>
        <p v-if="plan" class="soft">{{ plan.makes }}<template v-if="plan.fills > 1">{{ t('mix.mix-view.fills-do-all', { fills: plan.fills }) }}</template>. {{ plan.keeps }}</p>
      </div>
      <div class="top">
        <button v-if="speech.isSupported.value" type="button" class="small-button" :aria-pressed="aloud" @click="aloud = !aloud">{{ t('mix.mix-view.read-aloud') }}</button>
        <button type="button" class="small-button" @click="leave">{{ t('mix.mix-view.back-bench') }}</button>
      </div>
    </header>
    <p v-if="missing || failure" class="field-error" role="alert">{{ failure ?? t('mix.mix-view.recipe-not-here') }}</p>
    <loading-note v-else-if="!plan || !step" :what="t('mix.mix-view.setting-out-steps')" />
    <template v-else>
      <main class="step">
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
          <step-timer v-if="step.timer && step.timer_minutes" :key="`${id}.${at}`" :name="`${id}.${at}`" :label="step.timer" :minutes="step.timer_minutes" />
        </section>
      </main>
      <footer>
        <button type="button" class="big" :disabled="at === 0" @click="go(at - 1)">{{ t('mix.mix-view.back') }}</button>
        <button type="button" class="oops" @click="showRescue = true">{{ t('mix.mix-view.something-went-wrong') }}</button>
        <button v-if="!isLast" type="button" class="big next" @click="go(at + 1)">{{ t('mix.mix-view.done-next') }}</button>
        <button v-else type="button" class="big next" @click="done">{{ t('mix.mix-view.all-done') }}</button>
      </footer>
      <p class="visually-hidden">{{ wake.isActive.value ? t('mix.mix-view.screen-stays') : '' }}</p>
      <rescue-dialog v-if="body" v-model:shown="showRescue" :plan="plan" :at="at" :body="body" :where="where" @swapped="body = $event" />
    </template>
    <n-button v-if="missing || failure" @click="leave">{{ t('mix.mix-view.back-bench') }}</n-button>
  </div>
</template>

<style scoped>
.mix { min-height: 100vh; min-height: 100dvh; display: grid; grid-template-rows: auto minmax(0, 1fr) auto; gap: 14px; padding: 16px 26px 20px; }
header { display: flex; flex-wrap: wrap; justify-content: space-between; gap: 8px 20px; align-items: start; }
h1 { font-size: 24px; }
.top { display: flex; gap: 8px; }
.small-button { min-height: 44px; padding: 6px 14px; border: 1px solid var(--line); border-radius: 8px; background: var(--paper); cursor: pointer; }
.small-button[aria-pressed='true'] { background: var(--leaf-wash); border: 2px solid var(--leaf); font-weight: 600; }
.step { display: grid; grid-template-columns: 130px minmax(0, 1fr); gap: 30px; align-items: center; max-width: 1060px; margin: 0 auto; width: 100%; }
section { display: grid; gap: 14px; align-content: center; }
.more summary { cursor: pointer; min-height: 44px; font-weight: 600; padding: 8px 0; }
.more { display: grid; }
.more .caution { margin-top: 8px; }
.count { color: var(--soft); font-size: 18px; }
.what { font: 600 clamp(26px, 4.4vw, 44px)/1.25 var(--title); overflow-wrap: anywhere; }
.how { font-size: clamp(19px, 2.2vw, 25px); line-height: 1.4; }
.caution { font-size: clamp(18px, 2vw, 22px); border-left: 6px solid var(--brass); background: var(--brass-wash); padding: 8px 14px; border-radius: 6px; }
.stop .what { color: var(--madder); }
.stop .caution { border-color: var(--madder); background: var(--madder-wash); }
footer { display: grid; grid-template-columns: 1fr auto 1.6fr; gap: 12px; }
.big { min-height: 72px; font-size: 22px; font-weight: 600; border-radius: 14px; border: 2px solid var(--line); background: var(--paper); cursor: pointer; }
.big:disabled { color: var(--soft); cursor: default; }
.next { background: var(--leaf); color: var(--on-leaf); border-color: var(--leaf); }
.oops { min-height: 72px; padding: 0 18px; border-radius: 14px; border: 2px solid var(--brass); background: var(--paper); cursor: pointer; }
@media (max-width: 760px) {
  .mix { padding: 12px 16px 14px; gap: 10px; }
  .step { grid-template-columns: 56px minmax(0, 1fr); gap: 16px; }
  footer { grid-template-columns: 1fr 1.6fr; }
  .oops { grid-column: 1 / -1; grid-row: 1; min-height: 48px; }
}
</style>
