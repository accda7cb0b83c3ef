<script setup lang="ts">
import AppDialog from '@/parts/AppDialog.vue'
import { api, ApiFailure, take, type MixingPlan, type RecipeBody, type Rescue } from '@/api/client'
import { useGarden } from '@/stores/garden'
import { NButton } from 'naive-ui'
import { computed, ref, shallowRef, watch } from 'vue'

/** At the step where it happened: too much or too little went in, only another bottle is there, too much was made. */
const shown = defineModel<boolean>('shown', { required: true })
const props = defineProps<{ plan: MixingPlan; at: number; body: RecipeBody; where: { sprayer_id: string | null; planting_id: string | null; volume: string | null } }>()
const emit = defineEmits<{ swapped: [body: RecipeBody] }>()

const store = useGarden()
const kind = ref<'amount' | 'bottle' | 'leftover'>('amount')
const which = ref('')
const put = ref('')
const rescue = shallowRef<Rescue | null>(null)
const error = ref<string | null>(null)
const changed = ref<string[]>([])
const typed = ref('')

/** What is in by now, this step included: it is where one notices. */
const doneSteps = computed(() => props.plan.steps.slice(0, props.at + 1))
const inLines = computed(() => [...new Set(doneSteps.value.filter((step) => step.kind !== 'crush').flatMap((step) => step.lines))])
const baseMl = computed(() => doneSteps.value.reduce((sum, step) => sum + step.base_ml, 0))
const here = computed(() => props.plan.steps[props.at]?.lines ?? [])
const bottles = computed(() => props.plan.lines.flatMap((line, n) => line.offers.filter((offer) => !offer.is_same).map((offer) => ({ n, line, offer }))))

watch(shown, (now) => {
  if (!now) return
  rescue.value = null
  error.value = null
  changed.value = []
  kind.value = 'amount'
  which.value = String(here.value[0] ?? 'base')
  put.value = ''
  typed.value = ''
})

async function ask(): Promise<void> {
  error.value = null
  try {
    rescue.value = await take(api.POST('/api/gardens/{garden}/bench/rescue', {
      params: { path: { garden: store.id } },
      body: { recipe: props.body, ...props.where, in: inLines.value, base_ml: baseMl.value, line: which.value === 'base' ? null : Number(which.value), put: put.value },
    }))
  } catch (e) {
    if (!(e instanceof ApiFailure) || e.status !== 422) throw e
    error.value = Object.values(e.fields)[0] ?? e.message
    rescue.value = null
  }
}
async function swap(line: number, bottle: { product_id?: string; ingredient?: string; strength?: string }, name: string): Promise<void> {
  error.value = null
  try {
    const answer = await take(api.POST('/api/gardens/{garden}/bench/swap', { params: { path: { garden: store.id } }, body: { recipe: props.body, line, ...bottle } }))
    changed.value = [`Worked out for ${name}: the steps are new.`, ...answer.findings.map((finding) => `${finding.what} ${finding.instead}`)]
    emit('swapped', { ...props.body, ...(answer.recipe as RecipeBody), name: props.body.name })
  } catch (e) {
    if (!(e instanceof ApiFailure) || e.status !== 422) throw e
    error.value = Object.values(e.fields)[0] ?? e.message
  }
}
</script>

<template>
  <app-dialog v-model:shown="shown" title="Something went wrong" :width="680">
    <div class="kinds" role="group" aria-label="What happened">
      <button type="button" :aria-pressed="kind === 'amount'" @click="kind = 'amount'">The wrong amount went in</button>
      <button type="button" :aria-pressed="kind === 'bottle'" @click="kind = 'bottle'">I only have another bottle</button>
      <button type="button" :aria-pressed="kind === 'leftover'" @click="kind = 'leftover'">I made too much</button>
    </div>
    <form v-if="kind === 'amount'" class="form-grid" @submit.prevent="ask">
      <div class="two">
        <div class="field">
          <label for="r-which">Of what</label>
          <select id="r-which" v-model="which" class="native">
            <option value="base">the base liquid</option>
            <option v-for="(line, n) in plan.lines" :key="n" :value="String(n)">{{ line.name }}, planned {{ line.precise }}</option>
          </select>
        </div>
        <div class="field">
          <label for="r-put">This much went in, in all</label>
          <input id="r-put" v-model="put" class="native" autocomplete="off" placeholder="1 tbsp" :aria-invalid="error ? 'true' : undefined">
          <p v-if="error" class="field-error">{{ error }}</p>
        </div>
      </div>
      <div class="actions"><n-button type="primary" attr-type="submit" :disabled="!put.trim()">What can be done?</n-button></div>
      <div v-if="rescue" class="form-grid" aria-live="polite">
        <p><strong>{{ rescue.said }}</strong></p>
        <article v-for="way in rescue.ways" :key="way.kind">
          <h3>{{ way.title }}: {{ way.makes }}</h3>
          <ol><li v-for="line in way.steps" :key="line">{{ line }}</li></ol>
        </article>
        <p class="soft small">{{ rescue.disposal }}</p>
      </div>
    </form>
    <div v-else-if="kind === 'bottle'" class="form-grid">
      <p v-if="bottles.length === 0" class="soft">No other bottle in the pantry does the work of what is in this recipe.</p>
      <ul v-else>
        <li v-for="{ n, line, offer } in bottles" :key="`${n}.${offer.product_id}`"><span>{{ line.name }}: <strong>{{ offer.name }}</strong>, {{ offer.strength }}</span><n-button @click="swap(n, { product_id: offer.product_id }, offer.name)">Take it</n-button></li>
      </ul>
      <form class="two" @submit.prevent="swap(Number(which), { ingredient: plan.lines[Number(which)]?.ingredient, strength: typed }, `${plan.lines[Number(which)]?.name} of ${typed}`)">
        <div class="field">
          <label for="r-line">Or the same, of another strength</label>
          <select id="r-line" v-model="which" class="native"><option v-for="(line, n) in plan.lines" :key="n" :value="String(n)">{{ line.name }}{{ line.strength ? `, ${line.strength}` : '' }}</option></select>
        </div>
        <div class="field">
          <label for="r-strength">Mine says</label>
          <input id="r-strength" v-model="typed" class="native" autocomplete="off" placeholder="91 %" :aria-invalid="error ? 'true' : undefined">
        </div>
        <div class="actions"><n-button attr-type="submit" :disabled="!typed.trim() || which === 'base'">Work it out for mine</n-button></div>
      </form>
      <p v-if="error" class="field-error">{{ error }}</p>
      <div v-if="changed.length" aria-live="polite"><p v-for="line in changed" :key="line">{{ line }}</p></div>
    </div>
    <div v-else class="form-grid">
      <p>{{ plan.keeps }} Keep it labelled, out of reach of children and animals, and look at it again before you use it.</p>
      <p>What is left after that: never into a drain, a ditch or a pond. Let a little on bare ground away from water dry up, or follow the label and your local rules.</p>
    </div>
  </app-dialog>
</template>

<style scoped>
.kinds { display: flex; flex-wrap: wrap; gap: 8px; }
.kinds button { min-height: 48px; padding: 6px 14px; border: 1px solid var(--line); border-radius: 8px; background: var(--paper); cursor: pointer; }
.kinds button[aria-pressed='true'] { background: var(--leaf-wash); border: 2px solid var(--leaf); font-weight: 600; }
article { border: 1px solid var(--line); border-radius: 10px; padding: 12px 16px; }
ol { margin: 6px 0 0; padding-left: 22px; font-size: 18px; }
ul { list-style: none; margin: 0; padding: 0; }
li { display: flex; flex-wrap: wrap; justify-content: space-between; gap: 8px; align-items: center; padding: 6px 0; }
ol li { display: list-item; }
</style>
