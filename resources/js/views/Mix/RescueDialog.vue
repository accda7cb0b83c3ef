<script setup lang="ts">
import { t } from '@/i18n'
import AppField from '@/parts/AppField.vue'
import AppDialog from '@/parts/AppDialog.vue'
import { api, ApiFailure, take, type MixingPlan, type RecipeBody, type Rescue } from '@/api/client'
import { useGarden } from '@/stores/garden'
import { NButton } from 'naive-ui'
import { computed, ref, shallowRef, watch } from 'vue'

/** At the step where it happened: too much or too little went in, only another bottle is there, too much was made. */
const shown = defineModel<boolean>('shown', { required: true })
const props = defineProps<{
  plan: MixingPlan
  at: number
  body: RecipeBody
  where: { sprayer_id: string | null; planting_id: string | null; volume: string | null }
}>()
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
const bottles = computed(() =>
  props.plan.lines.flatMap((line, n) => line.offers.filter((offer) => !offer.is_same).map((offer) => ({ n, line, offer }))),
)

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
    rescue.value = await take(
      api.POST('/api/gardens/{garden}/bench/rescue', {
        params: { path: { garden: store.id } },
        body: {
          recipe: props.body,
          ...props.where,
          in: inLines.value,
          base_ml: baseMl.value,
          line: which.value === 'base' ? null : Number(which.value),
          put: put.value,
        },
      }),
    )
  } catch (e) {
    if (!(e instanceof ApiFailure) || e.status !== 422) throw e
    error.value = Object.values(e.fields)[0] ?? e.message
    rescue.value = null
  }
}
async function swap(line: number, bottle: { product_id?: string; ingredient?: string; strength?: string }, name: string): Promise<void> {
  error.value = null
  try {
    const answer = await take(
      api.POST('/api/gardens/{garden}/bench/swap', {
        params: { path: { garden: store.id } },
        body: { recipe: props.body, line, ...bottle },
      }),
    )
    changed.value = [
      t('mix.rescue-dialog.worked-out-steps', { name }),
      ...answer.findings.map((finding) => `${finding.what} ${finding.instead}`),
    ]
    emit('swapped', { ...props.body, ...answer.recipe, name: props.body.name })
  } catch (e) {
    if (!(e instanceof ApiFailure) || e.status !== 422) throw e
    error.value = Object.values(e.fields)[0] ?? e.message
  }
}
</script>

<template>
  <app-dialog v-model:shown="shown" :title="t('mix.rescue-dialog.something-went-wrong')" :width="680">
    <div class="kinds" role="group" :aria-label="t('mix.rescue-dialog.what-happened')">
      <button type="button" :aria-pressed="kind === 'amount'" @click="kind = 'amount'">
        {{ t('mix.rescue-dialog.wrong-amount-went') }}
      </button>
      <button type="button" :aria-pressed="kind === 'bottle'" @click="kind = 'bottle'">{{ t('mix.rescue-dialog.i-only-have') }}</button>
      <button type="button" :aria-pressed="kind === 'leftover'" @click="kind = 'leftover'">{{ t('mix.rescue-dialog.i-made-too') }}</button>
    </div>
    <form v-if="kind === 'amount'" class="form-grid" @submit.prevent="ask">
      <div class="two">
        <app-field id="r-which" v-slot="field" :label="t('mix.rescue-dialog.what')">
          <select v-bind="field" v-model="which">
            <option value="base">{{ t('mix.rescue-dialog.base-liquid') }}</option>
            <option v-for="(line, n) in plan.lines" :key="n" :value="String(n)">
              {{ t('mix.rescue-dialog.planned', { name: line.name, precise: line.precise }) }}
            </option>
          </select>
        </app-field>
        <app-field id="r-put" v-slot="field" :label="t('mix.rescue-dialog.much-went-all')" :error="error">
          <input v-bind="field" v-model="put" :placeholder="t('mix.rescue-dialog.1-tbsp')" />
        </app-field>
      </div>
      <div class="actions">
        <n-button type="primary" attr-type="submit" :disabled="!put.trim()">{{ t('mix.rescue-dialog.what-can-done') }}</n-button>
      </div>
      <div v-if="rescue" class="form-grid" aria-live="polite">
        <p>
          <strong>{{ rescue.said }}</strong>
        </p>
        <article v-for="way in rescue.ways" :key="way.kind">
          <h3>{{ way.title }}: {{ way.makes }}</h3>
          <ol>
            <li v-for="line in way.steps" :key="line">{{ line }}</li>
          </ol>
        </article>
        <p class="soft small">{{ rescue.disposal }}</p>
      </div>
    </form>
    <div v-else-if="kind === 'bottle'" class="form-grid">
      <p v-if="bottles.length === 0" class="soft">{{ t('mix.rescue-dialog.no-other-bottle') }}</p>
      <ul v-else>
        <li v-for="{ n, line, offer } in bottles" :key="`${n}.${offer.product_id}`">
          <span>{{ line.name }}: <strong>{{ offer.name }}</strong>, {{ offer.strength }}</span><n-button @click="swap(n, { product_id: offer.product_id }, offer.name)">{{ t('mix.rescue-dialog.take') }}</n-button>
        </li>
      </ul>
      <form
        class="two"
        @submit.prevent="
          swap(
            Number(which),
            { ingredient: plan.lines[Number(which)]?.ingredient, strength: typed },
            t('mix.rescue-dialog.of', { name: plan.lines[Number(which)]?.name, typed }),
          )
        "
      >
        <app-field id="r-line" v-slot="field" :label="t('mix.rescue-dialog.same-another-strength')">
          <select v-bind="field" v-model="which">
            <option v-for="(line, n) in plan.lines" :key="n" :value="String(n)">
              {{ line.name }}{{ line.strength ? `, ${line.strength}` : '' }}
            </option>
          </select>
        </app-field>
        <app-field id="r-strength" v-slot="field" :label="t('mix.rescue-dialog.mine-says')">
          <input v-bind="field" v-model="typed" placeholder="91 %" />
        </app-field>
        <div class="actions">
          <n-button attr-type="submit" :disabled="!typed.trim() || which === 'base'">{{ t('mix.rescue-dialog.work-out-mine') }}</n-button>
        </div>
      </form>
      <p v-if="error" class="field-error">{{ error }}</p>
      <div v-if="changed.length" aria-live="polite">
        <p v-for="line in changed" :key="line">{{ line }}</p>
      </div>
    </div>
    <div v-else class="form-grid">
      <p>{{ t('mix.rescue-dialog.keep-labelled-out', { keeps: plan.keeps }) }}</p>
      <p>{{ t('mix.rescue-dialog.what-left-after') }}</p>
    </div>
  </app-dialog>
</template>

<style scoped>
.kinds { display: flex; flex-wrap: wrap; gap: var(--space-4); }
.kinds button {
  min-height: 48px; padding: var(--space-3) var(--space-6); border: 1px solid var(--line); border-radius: var(--radius-m); background:
  var(--paper); cursor: pointer;
}
.kinds button[aria-pressed='true'] { background: var(--leaf-wash); border: 2px solid var(--leaf); font-weight: 600; }
article { border: 1px solid var(--line); border-radius: var(--radius-l); padding: var(--space-6) var(--space-7); }
ol { margin: var(--space-3) 0 0; padding-left: var(--space-8); font-size: var(--text-l); }
ul { list-style: none; margin: 0; padding: 0; }
li { display: flex; flex-wrap: wrap; justify-content: space-between; gap: var(--space-4); align-items: center; padding: var(--space-3) 0; }
ol li { display: list-item; }
</style>
