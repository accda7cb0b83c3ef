<script setup lang="ts">
import { t } from '@/i18n'
import { api, take, type Schemas } from '@/api/client'
import { useChanges } from '@/composables/useChanges'
import { useGarden } from '@/stores/garden'
import { computed, ref, watch } from 'vue'

/** The steps of a batch in order, to be ticked off with a wet thumb; what to mind is said of the one that is next. */
const props = defineProps<{ steps: Schemas['DayStep'][] }>()
const emit = defineEmits<{ changed: [] }>()
const store = useGarden()
const changes = useChanges()
/** As it was tapped, until the server has it. */
const done = ref<Record<string, boolean>>({})
/** Taps that the server has not answered: whoever is quick ticks the next before it has. */
const waiting = ref(0)
watch(
  () => props.steps,
  (steps) => {
    if (waiting.value === 0) done.value = Object.fromEntries(steps.map((step) => [step.id, step.done]))
  },
  { immediate: true },
)
const next = computed(() => props.steps.find((step) => !done.value[step.id]))

let before = Promise.resolve()
function tick(step: Schemas['DayStep'], event: Event): void {
  const now = (event.target as HTMLInputElement).checked
  done.value[step.id] = now
  waiting.value++
  before = before.then(async () => {
    try {
      await take(api.POST('/api/gardens/{garden}/ticks', { params: { path: { garden: store.id } }, body: { step: step.id, done: now } }))
    } catch (e) {
      done.value[step.id] = !now
      changes.failed(e)
    }
    waiting.value--
    if (waiting.value === 0) emit('changed')
  })
}
</script>

<template>
  <div class="steps">
    <ol>
      <li v-for="step in steps" :key="step.id" :class="{ done: done[step.id], next: step === next }">
        <label>
          <input type="checkbox" :checked="done[step.id]" @change="tick(step, $event)" />
          <span class="what">{{ step.what }}</span>
        </label>
      </li>
    </ol>
    <p v-if="next?.how" class="small how">
      <strong>{{ t('today.batch-steps.next', { what: next.what }) }}</strong> {{ next.how }}
    </p>
  </div>
</template>

<style scoped>
.steps { display: grid; gap: var(--space-4); }
ol { list-style: none; margin: 0; padding: 0; display: flex; flex-wrap: wrap; gap: var(--space-4); }
label {
  display: flex; gap: var(--space-5); align-items: center; min-height: var(--finger); padding: var(--space-2) var(--space-6); cursor: pointer;
  background: var(--paper); border-radius: var(--radius-m); border: 1.5px solid transparent;
}
.next label { border-color: var(--brass); }
input { width: 22px; height: 22px; accent-color: var(--leaf); flex: none; margin: 0; }
.done .what { text-decoration: line-through; color: var(--soft); }
.how { max-width: 70ch; }
@media (max-width: 760px) { ol { display: grid; } }
</style>
