<script setup lang="ts">
import { t } from '@/i18n'
import JobRow from './JobRow.vue'
import NeverButtons from './NeverButtons.vue'
import PhotoButton from '@/parts/PhotoButton.vue'
import { api, take, type Schemas } from '@/api/client'
import { useGarden } from '@/stores/garden'
import { useSaving } from '@/composables/useSaving'
import { NButton } from 'naive-ui'
import { computed, ref, shallowRef } from 'vue'

/** "How is it now?", answered with one tap; a count and a photo may follow. */
const props = defineProps<{ job: Schemas['DayJob']; look: Schemas['LookDue']; first?: boolean }>()
const emit = defineEmits<{ answered: [] }>()
const store = useGarden()
const { errors, busy, attempt, done } = useSaving()
const kept = shallowRef<(Schemas['SavedGlance'] & { said: string }) | null>(null)
const count = ref('')
const counted = ref(false)
const to = computed(() =>
  props.look.trouble_id
    ? { name: 'trouble', params: { trouble: props.look.trouble_id } }
    : props.look.planting_id
      ? { name: 'leaves', params: { planting: props.look.planting_id } }
      : { name: 'notebook' },
)

const answer = (choice: Schemas['GlanceChoice']) =>
  attempt(async () => {
    const saved = await take(
      api.POST('/api/gardens/{garden}/glances', {
        params: { path: { garden: store.id } },
        body: {
          word: choice.word,
          planting_id: props.look.planting_id,
          trouble_id: props.look.trouble_id,
          application_id: props.look.application_id,
        },
      }),
    )
    kept.value = { ...saved, said: choice.said }
    done(saved.change)
    emit('answered')
  })
const addCount = () =>
  attempt(async () => {
    done(
      await take(
        api.POST('/api/gardens/{garden}/troubles/{trouble}/counts', {
          params: { path: { garden: store.id, trouble: props.look.trouble_id! } },
          body: { counts: [count.value as unknown as number] },
        }),
      ),
    )
    counted.value = true
  })
</script>

<template>
  <job-row :when="kept && job.when ? t('today.look-job.looked') : job.when" :first="first && !kept" :quiet="kept !== null" :below="kept === null">
    <p class="title"><router-link :to="to">{{ look.question }}</router-link></p>
    <p v-if="!kept" class="soft small">{{ look.because }}</p>
    <template v-else>
      <p role="status"><strong>{{ kept.said }}.</strong> {{ t('today.look-job.written-down') }}</p>
      <p v-if="kept.burnt_planting_id">
        <router-link :to="{ name: 'leaves', params: { planting: kept.burnt_planting_id } }">{{ t('today.look-job.how-badly') }}</router-link>
      </p>
      <never-buttons v-if="kept.burnt_planting_id" :planting="kept.burnt_planting_id" :had="kept.had" />
      <form v-if="look.trouble_id && look.unit && !counted" class="more" @submit.prevent="addCount">
        <label>
          <span class="small">{{ t('today.look-job.count', { unit: look.unit }) }}</span>
          <input v-model="count" inputmode="decimal" autocomplete="off" />
        </label>
        <n-button size="small" attr-type="submit" :disabled="!count.trim()" :loading="busy">{{ t('today.look-job.add-count') }}</n-button>
        <p v-for="message in errors" :key="message" class="field-error">{{ message }}</p>
      </form>
      <photo-button of="glance" :of-id="kept.id" />
    </template>
    <template #do>
      <div v-if="!kept" class="answers" role="group" :aria-label="look.question">
        <n-button v-for="choice in look.words" :key="choice.word" :disabled="busy" @click="answer(choice)">{{ choice.said }}</n-button>
      </div>
    </template>
  </job-row>
</template>

<style scoped>
.title a { color: inherit; text-decoration: none; }
.title a:hover { text-decoration: underline; }
.answers { display: flex; flex-wrap: wrap; gap: var(--space-3); }
.more { display: flex; flex-wrap: wrap; gap: var(--space-4); align-items: end; }
.more label { display: grid; gap: var(--space-1); }
.more input { width: 110px; }
@media (max-width: 760px) {
  .answers { display: grid; grid-template-columns: repeat(2, 1fr); width: 100%; }
}
</style>
