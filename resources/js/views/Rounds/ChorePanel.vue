<script setup lang="ts">
import { t } from '@/i18n'
import AppField from '@/parts/AppField.vue'
import PlantingTicks from '@/parts/PlantingTicks.vue'
import { api, take, type Schemas } from '@/api/client'
import { useGarden } from '@/stores/garden'
import { useSaving } from '@/composables/useSaving'
import { useTimes } from '@/composables/useTimes'
import { NButton } from 'naive-ui'
import { computed, reactive, shallowRef, watch } from 'vue'

/** Jobs of the calendar beside the sprays: feeding, watering, what else comes round. */
const FEW = 3
const store = useGarden()
const times = useTimes()
const { errors, busy, attempt, done } = useSaving()
const chores = shallowRef<Schemas['Chore'][]>([])
const form = reactive({ kind: 'feed' as Schemas['NewChore']['kind'], what: '', plantings: [] as string[], often: '', above: false })
/** What it is for: by name where there are few. */
const on = computed(() => {
  const names = store.plantings.filter((one) => form.plantings.includes(one.id)).map((one) => one.name)
  if (names.length === 0) return t('rounds.chore-panel.all')
  return names.length > FEW ? t('rounds.chore-panel.plantings', { number: names.length }) : names.join(', ')
})
const path = () => ({ garden: store.id })

async function load(): Promise<void> {
  chores.value = await take(api.GET('/api/gardens/{garden}/chores', { params: { path: path() } }))
}
watch(
  () => store.undone,
  () => load(),
  { immediate: true },
)
const add = () =>
  attempt(async () => {
    const saved = await take(
      api.POST('/api/gardens/{garden}/chores', {
        params: { path: path() },
        body: { kind: form.kind, what: form.what, planting_ids: form.plantings, often: form.often, from_above: form.above },
      }),
    )
    Object.assign(form, { what: '', often: '', plantings: [] })
    done(saved.change)
    await load()
  })
const remove = (chore: Schemas['Chore']) =>
  attempt(async () => {
    done(await take(api.DELETE('/api/gardens/{garden}/chores/{chore}', { params: { path: { ...path(), chore: chore.id } } })))
    await load()
  })
</script>

<template>
  <section class="chores" aria-labelledby="chores">
    <h2 id="chores">{{ t('rounds.chore-panel.title') }}</h2>
    <p class="soft">{{ t('rounds.chore-panel.why') }}</p>
    <ul v-if="chores.length">
      <li v-for="chore in chores" :key="chore.id">
        <p>
          <strong>{{ chore.said }}</strong>, {{ chore.often }}
          <span class="soft small">{{
            chore.next_on ? t('rounds.chore-panel.next', { day: times.day(chore.next_on, 'short') }) : t('rounds.chore-panel.over')
          }}</span>
        </p>
        <n-button
          quaternary
          size="small"
          :disabled="busy"
          :aria-label="t('rounds.chore-panel.delete-of', { what: chore.said })"
          @click="remove(chore)"
        >
          {{ t('rounds.chore-panel.delete') }}
        </n-button>
      </li>
    </ul>
    <form @submit.prevent="add">
      <app-field id="chore-kind" v-slot="field" :label="t('rounds.chore-panel.kind')" :error="errors.kind">
        <select v-bind="field" v-model="form.kind">
          <option value="feed">{{ t('rounds.chore-panel.feed') }}</option>
          <option value="water">{{ t('rounds.chore-panel.water') }}</option>
          <option value="other">{{ t('rounds.chore-panel.other') }}</option>
        </select>
      </app-field>
      <app-field id="chore-what" v-slot="field" :label="t('rounds.chore-panel.what')" :error="errors.what">
        <input v-bind="field" v-model="form.what" :placeholder="t('rounds.chore-panel.what-hint')" />
      </app-field>
      <app-field id="chore-often" v-slot="field" :label="t('rounds.chore-panel.often')" :error="errors.often ?? errors.until">
        <input v-bind="field" v-model="form.often" :placeholder="t('rounds.chore-panel.often-hint')" />
      </app-field>
      <details class="on">
        <summary>{{ t('rounds.chore-panel.on', { on }) }}</summary>
        <planting-ticks v-model="form.plantings" />
        <p v-if="errors.planting_ids" class="field-error">{{ errors.planting_ids }}</p>
      </details>
      <label v-if="form.kind === 'water'" class="above"><input v-model="form.above" type="checkbox" /> {{ t('rounds.chore-panel.above') }}</label>
      <n-button attr-type="submit" :loading="busy" :disabled="!form.often.trim()">{{ t('rounds.chore-panel.add') }}</n-button>
    </form>
  </section>
</template>

<style scoped>
.chores { display: grid; gap: var(--space-5); grid-template-columns: minmax(0, 1fr); }
ul { list-style: none; margin: 0; padding: 0; }
li { display: flex; gap: var(--space-6); align-items: center; justify-content: space-between; border-top: 1px solid var(--line); padding: var(--space-4) 0; }
form { display: grid; grid-template-columns: repeat(auto-fit, minmax(min(180px, 100%), 1fr)); gap: var(--space-5) var(--space-6); align-items: end; }
.on { grid-column: 1 / -1; border: 1px solid var(--line); border-radius: var(--radius-m); padding: 0 var(--space-6); }
.on[open] { padding-bottom: var(--space-6); }
.on summary { line-height: var(--finger); cursor: pointer; }
.above { display: flex; gap: var(--space-4); align-items: center; min-height: var(--finger); }
.above input { width: var(--tick); height: var(--tick); accent-color: var(--leaf); }
</style>
