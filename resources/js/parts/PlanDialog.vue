<script setup lang="ts">
import { t } from '@/i18n'
import AppField from '@/parts/AppField.vue'
import PlantingTicks from './PlantingTicks.vue'
import SuggestedRounds from './SuggestedRounds.vue'
import SeverityMark from '@/parts/SeverityMark.vue'
import AppDialog from '@/parts/AppDialog.vue'
import { api, ApiFailure, take, type Course, type Recipe, type Schemas, type TroublePage } from '@/api/client'
import { useChanges } from '@/composables/useChanges'
import { useGarden } from '@/stores/garden'
import { showComplaint } from '@/composables/useSaving'
import { useOften } from '@/composables/useOften'
import { useOpenOnceKnown } from '@/composables/useOpenOnceKnown'
import { useTimes } from '@/composables/useTimes'
import { NButton } from 'naive-ui'
import { computed, reactive, ref, shallowRef, watch } from 'vue'
import { useRouter } from 'vue-router'

const shown = defineModel<boolean>('shown', { required: true })
const props = defineProps<{
  recipe: Recipe
  sprayerId: string | null
  plantingId: string | null
  volume: string
  trouble?: TroublePage | null
  products?: Record<number, string>
}>()

const store = useGarden()
const times = useTimes()
const changes = useChanges()
const router = useRouter()
const form = reactive({
  target: '',
  /** In words, as all who plan say it. */
  often: '',
  until: '',
  starts: '',
  plantings: [] as string[],
  sprayer: '',
  purpose: 'outbreak' as Course['purpose'],
  other: '',
})
const errors = ref<Record<string, string>>({})
const busy = ref(false)
/** What may take turns with this one. */
const recipes = shallowRef<Recipe[]>([])
const suggestion = shallowRef<Schemas['Suggestion'] | null>(null)
/** The rounds as they were suggested, until the form says otherwise. */
const rounds = ref<Schemas['ChosenRound'][]>([])
const asking = ref(false)
const { isOpen, once } = useOpenOnceKnown(shown)

/** What a suggestion is of. */
const question = computed(() => JSON.stringify([form.target, form.plantings, form.purpose, form.other, form.starts]))

async function suggest(): Promise<void> {
  asking.value = true
  errors.value = {}
  const asked = question.value
  try {
    const answer = await take(
      api.POST('/api/gardens/{garden}/rounds/suggest', {
        params: { path: { garden: store.id } },
        body: {
          recipe_id: props.recipe.id,
          planting_ids: form.plantings,
          target: form.target,
          starts_on: form.starts,
          purpose: form.purpose,
          other_recipe_id: form.other || null,
        },
      }),
    )
    // One that comes late is of what stood here before.
    if (question.value === asked) suggestion.value = answer
  } catch (e) {
    if (e instanceof ApiFailure && e.status === 422) {
      errors.value = e.fields
      void showComplaint()
    } else changes.failed(e)
  } finally {
    asking.value = false
  }
}
function takeSuggestion(): void {
  const one = suggestion.value
  if (!one || one.rounds.length === 0) return
  say(Math.max(1, Math.floor(one.interval_days)), one.rounds.length)
  form.starts = one.rounds[0]!.day
  void understand()
  rounds.value = one.rounds.map((round) => ({ day: round.day, hour: round.hour }))
}
const { meant, errors: unread, usual, understand, soon, say } = useOften(form)
/** What is typed by hand counts more than what was suggested. */
const byHand = () => {
  rounds.value = []
  void soon()
}
watch(
  () => [form.target, form.plantings, form.purpose, form.other],
  () => {
    suggestion.value = null
    rounds.value = []
  },
)

watch(shown, async (now) => {
  if (!now) return
  errors.value = {}
  suggestion.value = null
  rounds.value = []
  const against = props.trouble
  const aimed = against?.target?.id ?? props.recipe.body.targets?.[0]
  form.target = store.knowledge.targets.some((target) => target.id === aimed) ? (aimed ?? '') : ''
  usual.value = against?.target?.times ?? props.recipe.body.repeat?.times ?? 3
  say(against?.target?.every_days ?? props.recipe.body.repeat?.every_days ?? 7, usual.value)
  form.starts = times.todayField()
  // All that share the trouble on the same day, so that it does not come back from next door.
  form.plantings = against
    ? [against.planting.id, ...against.neighbours.filter((one) => one.same_day).map((one) => one.id)]
    : props.plantingId
      ? [props.plantingId]
      : []
  form.sprayer = props.sprayerId ?? ''
  form.purpose = 'outbreak'
  form.other = ''
  const path = { params: { path: { garden: store.id } } }
  const [all] = await once(Promise.all([take(api.GET('/api/gardens/{garden}/recipes', path)), understand()]))
  recipes.value = all.filter((one) => one.id !== props.recipe.id && one.use === props.recipe.use)
})


/** What is wrong elsewhere than with the choice of plantings, which says it beside itself. */
const others = computed(() =>
  Object.entries(errors.value)
    .filter(([field]) => field !== 'planting_ids' && field !== 'all_the_same')
    .map(([, message]) => message),
)

/** @param  allTheSame  what does not go together has been said */
async function plan(allTheSame = false): Promise<void> {
  if (busy.value) return
  busy.value = true
  errors.value = {}
  // The last key may not have been answered yet.
  if (!(await understand()) || !meant.value) {
    busy.value = false
    void showComplaint()
    return
  }
  const days = rounds.value.length ? rounds.value : meant.value.is_by_calendar ? meant.value.days.map((day) => ({ day, hour: null })) : null
  try {
    const planned = await take(
      api.POST('/api/gardens/{garden}/courses', {
        params: { path: { garden: store.id } },
        body: {
          recipe_id: props.recipe.id,
          sprayer_id: form.sprayer || null,
          planting_ids: form.plantings,
          target: form.target || null,
          trouble_id: props.trouble?.brief.id ?? null,
          volume: props.volume || null,
          products: Object.entries(props.products ?? {}).map(([line, product]) => ({ line: Number(line), product_id: product })),
          every_days: meant.value.every_days,
          times: meant.value.times,
          until: meant.value.until ?? undefined,
          starts_on: form.starts,
          purpose: form.purpose,
          other_recipe_id: form.other || null,
          rounds: days,
          all_the_same: allTheSame,
        },
      }),
    )
    shown.value = false
    changes.done(planned.change, () => void router.push({ name: 'bench', params: { recipe: props.recipe.id } }))
    await router.push(props.trouble ? { name: 'trouble', params: { trouble: props.trouble.brief.id } } : { name: 'rounds' })
  } catch (e) {
    if (e instanceof ApiFailure && e.status === 422) {
      errors.value = e.fields
      void showComplaint()
    } else changes.failed(e)
  } finally {
    busy.value = false
  }
}
</script>

<template>
  <app-dialog v-model:shown="isOpen" :title="t('parts.plan-dialog.plan-rounds', { name: recipe.name })" :width="640">
    <form class="form-grid" @submit.prevent="plan()">
      <div class="two">
        <app-field id="plan-target" v-slot="field" :label="t('parts.plan-dialog.against')">
          <select v-bind="field" v-model="form.target">
            <option value="">{{ t('parts.plan-dialog.nothing-particular') }}</option>
            <option v-for="target in store.knowledge.targets" :key="target.id" :value="target.id">{{ target.name }}</option>
          </select>
        </app-field>
        <app-field id="plan-sprayer" v-slot="field" :label="t('parts.plan-dialog.sprayer')">
          <select v-bind="field" v-model="form.sprayer">
            <option value="">{{ t('parts.plan-dialog.as-recipe-written') }}</option>
            <option v-for="sprayer in store.sprayers" :key="sprayer.id" :value="sprayer.id">{{ sprayer.name }}</option>
          </select>
        </app-field>
        <app-field id="plan-purpose" v-slot="field" :label="t('parts.plan-dialog.to')">
          <select v-bind="field" v-model="form.purpose">
            <option value="outbreak">{{ t('parts.plan-dialog.end-outbreak') }}</option>
            <option value="prevention">{{ t('parts.plan-dialog.keep-away') }}</option>
          </select>
        </app-field>
        <app-field
          id="plan-other"
          v-slot="field"
          :label="t('parts.plan-dialog.turn')"
          :hint="form.other ? t('parts.plan-dialog.every-second-round', { name: recipes.find((one) => one.id === form.other)?.name }) : ''"
        >
          <select v-bind="field" v-model="form.other">
            <option value="">{{ t('parts.plan-dialog.nothing-always') }}</option>
            <option v-for="one in recipes" :key="one.id" :value="one.id">{{ one.name }}</option>
          </select>
        </app-field>
      </div>
      <fieldset>
        <legend>{{ t('parts.plan-dialog.on') }}</legend>
        <planting-ticks v-model="form.plantings" />
        <p v-if="errors.planting_ids" class="field-error">{{ errors.planting_ids }}</p>
      </fieldset>
      <div class="three">
        <app-field id="plan-every" v-slot="field" :label="t('parts.plan-dialog.how-often')" :error="unread.often">
          <input v-bind="field" v-model="form.often" :placeholder="t('parts.plan-dialog.twice-a-week')" @input="byHand" />
        </app-field>
        <app-field id="plan-times" v-slot="field" :label="t('parts.plan-dialog.until')" :error="unread.until">
          <input v-bind="field" v-model="form.until" :placeholder="t('parts.plan-dialog.until-gone')" @input="byHand" />
        </app-field>
        <app-field id="plan-starts" v-slot="field" :label="t('parts.plan-dialog.first')">
          <input v-bind="field" v-model="form.starts" type="date" @input="byHand" />
        </app-field>
      </div>
      <p class="soft small meant" role="status">{{ rounds.length ? '' : meant?.said }}</p>
      <div class="suggest">
        <n-button :loading="asking" :disabled="!form.target" @click="suggest">{{ t('parts.plan-dialog.how-often-when') }}</n-button>
        <p v-if="!form.target" class="soft small">{{ t('parts.plan-dialog.choose-what-against') }}</p>
        <suggested-rounds
          v-if="suggestion"
          :suggestion="suggestion"
          :is-taken="rounds.length > 0"
          :alternates="form.other !== ''"
          @take="takeSuggestion"
        />
      </div>
      <p v-for="message in others" :key="message" class="field-error">{{ message }}</p>
      <div v-if="errors.all_the_same" class="minded" role="alert">
        <severity-mark severity="caution" />
        <ul>
          <li v-for="one in errors.all_the_same.split('\n')" :key="one">{{ one }}</li>
        </ul>
        <span />
        <n-button :loading="busy" @click="plan(true)">{{ t('parts.plan-dialog.all-the-same') }}</n-button>
      </div>
      <div class="actions">
        <n-button type="primary" attr-type="submit" :loading="busy">
          {{
            t('parts.plan-dialog.plan-rounds-2', { times: rounds.length || meant?.times || 0 })
          }}
        </n-button>
        <n-button @click="shown = false">{{ t('parts.plan-dialog.not-now') }}</n-button>
      </div>
    </form>
  </app-dialog>
</template>

<style scoped>
fieldset {
  border: 1px solid var(--line); border-radius: var(--radius-m); padding: var(--space-4) var(--space-6) var(--space-6); min-width: 0;
}
/* What does not go together is a caution: it is read, and may be passed over. */
.minded {
  display: grid; grid-template-columns: auto 1fr; gap: var(--space-4); justify-items: start; align-items: start;
  border: 1px solid var(--line); border-radius: var(--radius-m); padding: var(--space-6) var(--space-7);
}
.minded ul { margin: 0; padding: 0; list-style: none; display: grid; gap: var(--space-4); }
legend { font-weight: 600; font-size: var(--text-s); padding: 0 var(--space-3); }
.three { display: grid; grid-template-columns: repeat(auto-fit, minmax(140px, 1fr)); gap: var(--space-6); }
/* The place is there before it is said. */
.meant { min-height: 1lh; margin: 0; }
.suggest { display: grid; gap: var(--space-4); justify-items: start; }
</style>
