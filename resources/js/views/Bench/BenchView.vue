<script setup lang="ts">
import { t } from '@/i18n'
import AfterAndAround from './AfterAndAround.vue'
import BenchBanner from './BenchBanner.vue'
import BenchFoot from './BenchFoot.vue'
import BenchHead from './BenchHead.vue'
import BottlePanel from './BottlePanel.vue'
import FitNote from './FitNote.vue'
import HereNow from './HereNow.vue'
import NeedDialog from './NeedDialog.vue'
import PasteDialog from './PasteDialog.vue'
import PlanDialog from '@/parts/PlanDialog.vue'
import SprayedDialog from '@/parts/SprayedDialog.vue'
import RecipeFrame from './RecipeFrame.vue'
import RecipeLines from './RecipeLines.vue'
import RecipePicker from './RecipePicker.vue'
import StaleDialog from './StaleDialog.vue'
import SwapNote from './SwapNote.vue'
import TroubleStrip from './TroubleStrip.vue'
import VersionsDrawer from './VersionsDrawer.vue'
import LoadingNote from '@/parts/LoadingNote.vue'
import MixingSteps from '@/parts/MixingSteps.vue'
import VesselPicture from '@/parts/VesselPicture.vue'
import { api, ApiFailure, take, type RecipeBody, type RecipeVersion } from '@/api/client'
import { useGarden } from '@/stores/garden'
import { useLocalStorage } from '@vueuse/core'
import { NButton, useMessage } from 'naive-ui'
import { computed, h, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { useBench, type BenchChoice } from './useBench'
import { useDraft } from '@/composables/useDraft'
import { useHereNow } from './useHereNow'
import { useRecipeActions } from './useRecipeActions'
import { useSwap } from './useSwap'
import { useTrouble } from './useTrouble'

const store = useGarden()
const route = useRoute()
const router = useRouter()
const draft = useDraft()
const { recipe, body, note, changed } = draft
const { trouble } = useTrouble()
const actions = useRecipeActions(draft)
const cupboard = useSwap(body)
const message = useMessage()

const asText = (value: unknown) => (typeof value === 'string' ? value : '')
const lastSprayer = useLocalStorage<string | null>('nebbia.sprayer', null)
const known = (id: string | null) => (store.sprayers.some((s) => s.id === id) ? id : null)
/** Whoever has one sprayer means it. */
const only = store.sprayers.length === 1 && lastSprayer.value === null ? store.sprayers[0]!.id : null
const sprayerId = ref<string | null>(known(asText(route.query.sprayer)) ?? known(lastSprayer.value) ?? only)
const plantingId = ref<string | null>(asText(route.query.planting) || null)
const volume = ref('')
/** The line of the recipe that is open for editing. */
const openLine = ref<number | 'base' | null>(null)
const showPicker = ref(false)
const showVersions = ref(false)
const showPlan = ref(false)
const showSprayed = ref(false)
const showPaste = ref(route.query.paste !== undefined)
const showNeed = ref(false)
const missing = ref<string | null>(null)

const here = useHereNow()
const factor = ref(1)
const choice = computed<BenchChoice | null>(
  () =>
    body.value && {
      recipe: body.value,
      sprayerId: sprayerId.value,
      plantingId: plantingId.value,
      volume: volume.value,
      now: here.body.value,
      factor: factor.value,
    },
)
const { bench, isAside, errors: benchErrors, failure, isKnown, workOut } = useBench(choice, () => recipe.value?.id ?? 'new')
/** Saving speaks of `body.…`, the bench of `recipe.…`: the fields are the same. */
const errors = computed(() => {
  const all = { ...benchErrors.value }
  for (const [field, message] of Object.entries(actions.errors.value)) all[field.replace(/^body\./, 'recipe.')] ??= message
  return all
})

async function open(id: string): Promise<void> {
  missing.value = null
  if (id === 'new') {
    draft.openNew(store.garden?.units ?? 'us')
    // Whoever begins one has its first line to fill in.
    openLine.value = 0
    return
  }
  if (!id) {
    const recipes = await take(api.GET('/api/gardens/{garden}/recipes', { params: { path: { garden: store.id } } }))
    const first = recipes.find((r) => r.use === 'foliar') ?? recipes[0]
    await router.replace({ name: 'bench', params: { recipe: first?.id ?? 'new' }, query: route.query })
    return
  }
  if (recipe.value?.id === id) return
  try {
    const stored = await take(api.GET('/api/gardens/{garden}/recipes/{recipe}', { params: { path: { garden: store.id, recipe: id } } }))
    // One has gone on meanwhile: this one belongs to another address.
    if (asText(route.params.recipe) === id) draft.open(stored)
  } catch (e) {
    if (asText(route.params.recipe) !== id) return
    if (!(e instanceof ApiFailure) || e.status !== 404) throw e
    missing.value = t('bench.bench-view.recipe-not-here')
    body.value = null
  }
}
watch(
  () => asText(route.params.recipe),
  (id) => {
    if (route.name === 'bench') void open(id)
  },
  { immediate: true },
)
watch(sprayerId, (id) => {
  volume.value = ''
  lastSprayer.value = id
})
watch(
  () => recipe.value?.id,
  () => {
    openLine.value = null
    cupboard.forget()
    factor.value = 1
  },
)

/** A pasted recipe becomes a new one, for the plant it spoke of where one stands here; what had been begun before can be brought back. */
function takePasted(pasted: RecipeBody, plants: string[]): void {
  const spoken = plants.find((id) => store.plantings.some((one) => one.id === id))
  if (spoken) plantingId.value = spoken
  const before = draft.begin(pasted)
  if (route.params.recipe !== 'new') pick('new')
  if (!before) return
  const shown = message.info(
    () =>
      h('span', { class: 'undo-line' }, [
        t('bench.bench-view.recipe-had-begun'),
        h(
          NButton,
          {
            size: 'small',
            secondary: true,
            onClick: () => {
              draft.begin(before)
              shown.destroy()
            },
          },
          { default: () => t('bench.bench-view.bring-back') },
        ),
      ]),
    { duration: 12_000, keepAliveOnHover: true, closable: true },
  )
}
/** The volume is asked anew when the sprayer changes, so it is set after that. */
async function takeNeed(id: string, wanted: string): Promise<void> {
  sprayerId.value = id
  await Promise.resolve()
  volume.value = wanted
}
/** Mixing, the label and the comparison go by the address. */
const along = computed(() => ({
  params: { recipe: recipe.value?.id ?? 'new' },
  query: { sprayer: sprayerId.value ?? undefined, planting: plantingId.value ?? undefined, volume: volume.value || undefined },
}))

/** The slider's strength becomes the recipe's own; what it was is still in its versions. */
function writeStronger(stronger: RecipeBody): void {
  body.value = { ...body.value!, ingredients: stronger.ingredients }
  factor.value = 1
}

const pick = (id: string) => void router.push({ name: 'bench', params: { recipe: id }, query: route.query })
function bringBack(version: RecipeVersion): void {
  body.value = JSON.parse(JSON.stringify(version.body))
  note.value = version.note ?? ''
}
</script>

<template>
  <div class="bench">
    <p v-if="missing" class="field-error">
      {{ missing }} <n-button size="small" @click="showPicker = true">{{ t('bench.bench-view.recipes') }}</n-button>
    </p>
    <loading-note v-else-if="!body || !isKnown" :what="t('bench.bench-view.fetching-recipe')" />
    <template v-if="body && isKnown">
      <trouble-strip
        v-if="trouble"
        :page="trouble"
        :recipe="recipe?.id"
        @pick="pick"
        @leave="router.replace({ query: { ...route.query, trouble: undefined } })"
      />
      <bench-head
        v-model:name="body.name"
        v-model:sprayer-id="sprayerId"
        v-model:planting-id="plantingId"
        v-model:volume="volume"
        :errors="errors"
        :bench="bench"
        @recipes="showPicker = true"
        @create="pick('new')"
        @paste="showPaste = true"
        @need="showNeed = true"
      />
      <p v-if="failure" class="field-error" role="alert">{{ failure }}</p>
      <bench-banner v-if="bench" :bench="bench" :stale="isAside" :failed="failure !== null" />
      <swap-note
        :name="cupboard.name.value"
        :findings="cupboard.findings.value"
        :refused="cupboard.refused.value"
        :swapped="cupboard.before.value !== null"
        @back="cupboard.putBack"
        @keep="cupboard.forget"
      />
      <div class="columns">
        <section aria-labelledby="written">
          <h2 id="written">{{ t('bench.bench-view.as-written') }}</h2>
          <recipe-frame
            v-model="body"
            v-model:open="openLine"
            :bench="isAside ? null : bench"
            :errors="errors"
            @swap="cupboard.swap(null, $event)"
          />
          <recipe-lines
            v-model="body"
            v-model:open="openLine"
            :bench="isAside ? null : bench"
            :errors="errors"
            @swap="(line, offer) => cupboard.swap(line, offer)"
          />
          <label class="note">
            <span class="soft small">{{ t('bench.bench-view.note') }}</span>
            <textarea v-model="note" class="native" rows="2" />
          </label>
        </section>
        <section v-if="bench" class="middle" :class="{ aside: isAside }" :inert="isAside" :aria-label="t('bench.bench-view.vessel')">
          <vessel-picture :bench="bench" />
          <n-button class="on-phone" type="primary" size="large" @click="router.push({ name: 'mix', ...along })">
            {{
              t('bench.bench-view.mix')
            }}
          </n-button>
          <fit-note :bench="bench" />
          <mixing-steps :layers="bench.layers" />
        </section>
        <section v-if="bench" :class="{ aside: isAside }" :inert="isAside" aria-labelledby="in-bottle">
          <bottle-panel
            v-model:factor="factor"
            :bench="bench"
            :recipe-id="recipe?.id ?? null"
            :planting-id="plantingId"
            :changed="changed"
            @write="writeStronger"
            @put="workOut()"
          />
        </section>
      </div>
      <here-now v-model="here.now.value" :said="here.said.value" :errors="benchErrors" @clear="here.clear()" />
      <after-and-around v-if="bench?.safety" :safety="bench.safety" :class="{ aside: isAside }" :inert="isAside" />
      <bench-foot
        :recipe-id="recipe?.id ?? null"
        :makes="isAside ? null : (bench?.makes ?? null)"
        :changed="changed"
        :busy="actions.busy.value"
        :sprayer-id="sprayerId"
        :planting-id="plantingId"
        :along="along"
        @mix="router.push({ name: 'mix', ...along })"
        @save="actions.save()"
        @drop="draft.drop(body.units)"
        @sprayed="showSprayed = true"
        @plan="showPlan = true"
        @copy="actions.copy()"
        @versions="showVersions = true"
        @remove="actions.remove()"
      />
      <stale-dialog
        v-if="actions.theirs.value"
        v-model:shown="actions.showStale.value"
        :mine="body"
        :theirs="actions.theirs.value"
        @keep="actions.keepMine()"
        @take="actions.takeTheirs()"
      />
      <versions-drawer v-if="recipe" v-model:shown="showVersions" :recipe-id="recipe.id" @bring="bringBack" />
      <plan-dialog
        v-if="recipe"
        v-model:shown="showPlan"
        :recipe="recipe"
        :sprayer-id="sprayerId"
        :planting-id="plantingId"
        :volume="volume"
        :trouble="trouble"
        :products="cupboard.chosen.value"
      />
      <sprayed-dialog
        v-if="recipe"
        v-model:shown="showSprayed"
        :recipe-id="recipe.id"
        :planting-ids="plantingId ? [plantingId] : []"
        :sprayer-id="sprayerId"
        :volume="volume || (bench?.makes ?? '')"
        :target="trouble?.brief.target ?? null"
      />
      <need-dialog
        v-model:shown="showNeed"
        :planting-id="plantingId"
        :used-for="body.use"
        :wets="bench?.spreads ?? false"
        @take="takeNeed"
      />
    </template>
    <paste-dialog v-model:shown="showPaste" @take="takePasted" />
    <recipe-picker v-model:shown="showPicker" @pick="pick" />
  </div>
</template>

<style scoped>
.bench { padding: var(--space-8) var(--space-9) 0; display: grid; gap: var(--space-7); }
.columns { display: grid; grid-template-columns: minmax(300px, 1fr) 316px minmax(320px, 1.05fr); gap: var(--space-9); align-items: start; }
.middle { display: grid; gap: var(--space-5); }
.note { display: grid; margin-top: var(--space-6); }
.aside { opacity: 0.35; filter: grayscale(1); }
.on-phone { display: none; }
@media (max-width: 1120px) {
  .columns { grid-template-columns: minmax(0, 1fr) minmax(0, 1fr); }
  .columns > section:first-child { order: 2; grid-column: 1 / -1; }
}
@media (max-width: 760px) {
  .on-phone { display: flex; }
  .bench { padding: var(--space-6) var(--space-7) 0; }
  .columns { grid-template-columns: minmax(0, 1fr); }
}
</style>
