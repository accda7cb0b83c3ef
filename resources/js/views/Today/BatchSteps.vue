<script setup lang="ts">
import { api, take, type Schemas } from '@/api/client'
import { useGarden } from '@/stores/garden'
import { useSaving } from '@/composables/useSaving'
import { ref, watch } from 'vue'

/** The steps of a batch in order, to be ticked off with a wet thumb. */
const props = defineProps<{ steps: Schemas['DayStep'][] }>()
const emit = defineEmits<{ changed: [] }>()
const store = useGarden()
const { attempt } = useSaving()
/** As it was tapped, until the server has it. */
const done = ref<Record<string, boolean>>({})
watch(
  () => props.steps,
  (steps) => {
    done.value = Object.fromEntries(steps.map((step) => [step.id, step.done]))
  },
  { immediate: true },
)

async function tick(step: Schemas['DayStep'], event: Event): Promise<void> {
  const now = (event.target as HTMLInputElement).checked
  done.value[step.id] = now
  const worked = await attempt(async () => {
    await take(api.POST('/api/gardens/{garden}/ticks', { params: { path: { garden: store.id } }, body: { step: step.id, done: now } }))
  })
  if (worked) emit('changed')
  else done.value[step.id] = step.done
}
</script>

<template>
  <ol>
    <li v-for="step in steps" :key="step.id" :class="{ done: done[step.id] }">
      <label>
        <input type="checkbox" :checked="done[step.id]" @change="tick(step, $event)" />
        <span><span class="what">{{ step.what }}</span><span v-if="step.how && !done[step.id]" class="soft small how">{{ step.how }}</span></span>
      </label>
    </li>
  </ol>
</template>

<style scoped>
ol { list-style: none; margin: 0; padding: 0; background: var(--paper); border-radius: var(--radius-l); overflow: hidden; }
li + li { border-top: 1px solid var(--line); }
label {
  display: flex; gap: var(--space-6); align-items: center; min-height: 46px; padding: var(--space-3) var(--space-6); cursor: pointer;
}
input { width: 24px; height: 24px; accent-color: var(--leaf); flex: none; }
.how { display: block; }
.done .what { text-decoration: line-through; color: var(--soft); }
</style>
