<script setup lang="ts">
import { t } from '@/i18n'
import BatchSteps from './BatchSteps.vue'
import LogDialog from '@/parts/LogDialog.vue'
import RoundActions from '@/parts/RoundActions.vue'
import SeverityMark from '@/parts/SeverityMark.vue'
import { api, take, type DueRound, type Schemas } from '@/api/client'
import { useSaving } from '@/composables/useSaving'
import { useTimes } from '@/composables/useTimes'
import { useGarden } from '@/stores/garden'
import { NButton } from 'naive-ui'
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'

/** What is mixed at once today, step by step, until it is logged. */
const props = defineProps<{ batch: Schemas['DayBatch']; job: Schemas['DayJob']; first: boolean; weather: string | null }>()
const emit = defineEmits<{ changed: [] }>()

const times = useTimes()
const showLog = ref(false)
const steps = computed(() => props.batch.steps)
const plantings = computed(() =>
  steps.value
    .filter((step) => step.kind === 'spray' && step.planting_id !== null)
    .map((step) => ({ id: step.planting_id!, name: step.plants ?? '' })),
)
const sprayed = computed(() =>
  steps.value.filter((step) => step.kind === 'spray' && step.done && step.planting_id !== null).map((step) => step.planting_id!),
)
const rinses = computed(() => steps.value.filter((step) => step.kind === 'rinse'))
const isPart = computed(() => sprayed.value.length > 0 && sprayed.value.length < plantings.value.length)
const title = (due: DueRound) => t('today.batch-card.round-2', { recipe: due.recipe, number: due.round.number, rounds: due.rounds })
const late = (due: DueRound) =>
  due.in_days < 0 ? (due.in_days === -1 ? t('today.batch-card.since-yesterday') : t('today.batch-card.days', { inDays: -due.in_days })) : ''
const isLate = computed(() => late(props.batch.rounds.reduce((one, other) => (other.in_days < one.in_days ? other : one))))
const hour = (due: DueRound) =>
  due.round.due_hour === null ? '' : t('today.batch-card.at-00', { dueHour: times.hour(due.round.due_hour) })
const targets = computed(() =>
  [...new Set(props.batch.rounds.map((due) => due.target).filter((one) => one !== null))].join(t('today.batch-card.and')),
)
const router = useRouter()
const store = useGarden()
const { busy, attempt, done } = useSaving()
/** As it was planned, all of it, just now. */
const allDone = () =>
  attempt(async () => {
    done(
      await take(
        api.POST('/api/gardens/{garden}/batches', {
          params: { path: { garden: store.id } },
          body: {
            rounds: props.batch.rounds.map((due) => ({ id: due.round.id, version: due.round.version })),
            applied_at: times.nowField().slice(0, 16),
          },
        }),
      ),
    )
    emit('changed')
  })
const toMix = () =>
  router.push({
    name: 'mix',
    params: { recipe: props.batch.recipe_id },
    query: {
      sprayer: props.batch.sprayer_id ?? undefined,
      planting: props.batch.planting_id ?? undefined,
      volume: props.batch.fills ? undefined : props.batch.volume,
    },
  })
const toBench = computed(() => ({
  name: 'bench',
  params: { recipe: props.batch.recipe_id },
  query: { sprayer: props.batch.sprayer_id ?? undefined, planting: props.batch.planting_id ?? undefined },
}))
</script>

<template>
  <li class="due" :class="{ first, wait: job.state === 'wait' }">
    <article>
      <p class="when">
        {{ job.when }}<template v-if="isLate"> · <strong class="overdue">{{ t('today.batch-card.due', { due: isLate }) }}</strong></template>
      </p>
      <div class="words">
        <h3>
          {{ t('today.batch-card.mix', { volume: batch.volume, recipe: batch.recipe })
          }}<template v-if="targets">{{ t('today.batch-card.against', { targets }) }}</template>
        </h3>
        <p v-if="job.why" class="why">{{ job.why }}</p>
        <p class="recipe">
          <strong>{{ batch.mix.join(t('today.batch-card.then')) }}</strong><span v-if="batch.fills">{{ t('today.batch-card.each', { fills: batch.fills }) }}</span><span v-if="batch.sprayer" class="soft"> · {{ batch.sprayer }}</span>
        </p>
        <p v-if="batch.jars.length">{{ t('today.batch-card.from-jar', { jars: batch.jars.join(', ') }) }}</p>
        <p class="judged">
          <severity-mark :severity="batch.severity" /> <span>{{ batch.headline }}</span>
        </p>
        <p v-if="batch.made_at" class="small">
          <strong>{{ t('today.batch-card.mixed', { madeAt: times.instant(batch.made_at) }) }}</strong><template v-if="batch.use_by">{{ t('today.batch-card.use-by', { useBy: times.instant(batch.use_by) }) }}</template>
        </p>
      </div>
      <div class="do">
        <n-button v-if="!batch.instead && !batch.made_at && !isPart" :type="first ? 'primary' : 'default'" @click="toMix">{{ t('today.batch-card.mix-it') }}</n-button>
        <n-button
          v-if="!batch.instead && !isPart"
          :type="first && batch.made_at ? 'primary' : 'default'"
          :loading="busy"
          :title="t('today.batch-card.done-title')"
          @click="allDone"
        >
          {{ t('today.batch-card.done') }}
        </n-button>
        <n-button :type="isPart ? 'primary' : 'default'" @click="showLog = true">
          {{
            isPart ? t('today.batch-card.i-did-part') : t('today.batch-card.log')
          }}
        </n-button>
        <router-link :to="toBench">{{ t('today.batch-card.open-bench') }}</router-link>
      </div>
      <p v-if="batch.instead" class="instead" role="alert">{{ batch.instead }}</p>
      <batch-steps v-else :steps="steps" @changed="emit('changed')" />
      <p v-if="batch.over || (batch.keeps && !batch.made_at)" class="soft small">
        {{ [batch.over, batch.made_at ? null : batch.keeps].filter(Boolean).join(' ') }}
      </p>
      <ul class="rounds">
        <li v-for="due in batch.rounds" :key="due.round.id">
          <p class="soft small">
            <template v-if="batch.rounds.length > 1">{{ due.plantings }} · </template>{{ t('today.batch-card.round', { number: due.round.number, rounds: due.rounds, due: hour(due) })
            }}<template v-if="due.round.reason"> · {{ due.round.reason }}</template>
          </p>
          <round-actions :round="due.round" :title="title(due)" :volume="due.volume" :next="job.next" without-log @changed="emit('changed')" />
        </li>
      </ul>
    </article>
    <log-dialog
      v-if="showLog"
      v-model:shown="showLog"
      :rounds="batch.rounds.map((due) => due.round)"
      :title="batch.rounds.length === 1 ? title(batch.rounds[0]!) : batch.recipe"
      :volume="batch.volume"
      :plantings="plantings"
      :sprayed="sprayed"
      :rinse="rinses.length ? rinses.every((step) => step.done) : null"
      :weather="weather"
      @done="emit('changed')"
    />
  </li>
</template>

<style scoped>
article {
  background: var(--paper); border: 1px solid var(--line); border-radius: var(--radius-l); padding: var(--space-6) var(--space-7);
  display: grid; gap: var(--space-5); grid-template-columns: minmax(0, 1fr);
}
.first article { background: var(--brass-wash); border-color: transparent; padding: var(--space-7); }
.wait article { background: var(--page); }
.when { font-weight: 600; color: var(--soft); }
.first .when { color: var(--brass); }
.words { display: grid; gap: var(--space-2); }
h3 { font-size: var(--text-l); }
.first h3 { font-size: var(--text-xl); }
.recipe { overflow-wrap: anywhere; }
.judged { display: flex; gap: var(--space-5); align-items: baseline; flex-wrap: wrap; }
.instead {
  border-left: 6px solid var(--madder); background: var(--madder-wash); border-radius: var(--radius-s); padding: var(--space-4) var(--space-6);
}
.overdue { color: var(--madder); }
.do { display: flex; flex-wrap: wrap; gap: var(--space-5); align-items: center; }
.rounds { list-style: none; margin: 0; padding: 0; display: grid; gap: var(--space-4); }
.rounds li {
  display: flex; flex-wrap: wrap; gap: var(--space-2) var(--space-7); align-items: center; justify-content: space-between; border-top: 1px
  solid var(--line); padding-top: var(--space-4);
}
@media (max-width: 760px) {
  .first .do > :first-child { flex: 1 1 100%; }
}
</style>
