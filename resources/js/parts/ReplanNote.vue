<script setup lang="ts">
import { t } from '@/i18n'
import { api, take, type Schemas } from '@/api/client'
import { useGarden } from '@/stores/garden'
import { useSaving } from '@/composables/useSaving'
import { useTimes } from '@/composables/useTimes'
import { NButton } from 'naive-ui'
import { computed, ref } from 'vue'
import { useReplans } from './replans'

/** What rain and forecast have changed: which rounds are better on another day, and why. Nothing is moved unasked. */
const emit = defineEmits<{ changed: [] }>()
const store = useGarden()
const times = useTimes()
const { busy, attempt, done } = useSaving()
const { replans, ask } = useReplans()
/** One line, until somebody wants to see it. */
const open = ref(false)
const moving = computed(() => (replans.value ?? []).filter((one) => one.moves.length > 0))
const rounds = computed(() => moving.value.reduce((sum, one) => sum + one.moves.length, 0))

/** Moves for the same reason are said together. */
function grouped(moves: Schemas['ReplanMove'][]): Schemas['ReplanMove'][][] {
  const groups: Schemas['ReplanMove'][][] = []
  for (const each of moves) {
    if (groups.at(-1)?.[0]?.because === each.because) groups.at(-1)!.push(each)
    else groups.push([each])
  }
  return groups
}
const move = (one: Schemas['Replan']) =>
  attempt(async () => {
    done(
      await take(
        api.POST('/api/gardens/{garden}/courses/{course}/replan', { params: { path: { garden: store.id, course: one.course_id } } }),
      ),
    )
    await ask()
    emit('changed')
  })
/** One after the other: each is a change of its own, that can be taken back. */
const moveAll = () =>
  attempt(async () => {
    for (const one of moving.value) {
      done(
        await take(
          api.POST('/api/gardens/{garden}/courses/{course}/replan', { params: { path: { garden: store.id, course: one.course_id } } }),
        ),
      )
    }
    await ask()
    emit('changed')
  })
</script>

<template>
  <section v-if="replans?.length" class="replans" aria-labelledby="replans-title">
    <div class="line">
      <h2 id="replans-title">{{ t('parts.replan-note.what-has-changed') }}</h2>
      <p>{{ t('parts.replan-note.in-a-line', { courses: replans.length, rounds }) }}</p>
      <n-button size="small" :aria-expanded="open" @click="open = !open">{{ open ? t('parts.replan-note.fold') : t('parts.replan-note.see') }}</n-button>
      <n-button v-if="rounds" class="all" size="small" :disabled="busy" @click="moveAll">{{ t('parts.replan-note.move-all', { rounds }) }}</n-button>
    </div>
    <ul v-if="open">
      <li v-for="one in replans" :key="one.course_id">
        <div>
          <p>
            <strong>{{ one.name }}</strong>
          </p>
          <p v-if="one.news">{{ one.news }}</p>
          <p v-for="group in grouped(one.moves)" :key="group[0]!.round_id">
            {{ group.length > 1 ? t('parts.replan-note.rounds') : t('parts.replan-note.round') }}
            <template v-for="(each, n) in group" :key="each.round_id">
              {{ n ? '; ' : '' }}{{ each.number }}: {{ times.day(each.from, 'short') }} →
              <strong>{{ times.day(each.to, 'short') }}, {{ times.hour(each.hour) }}</strong>
            </template><template v-if="group[0]!.because !== one.news">. {{ group[0]!.because }}</template>
          </p>
        </div>
        <n-button
          v-if="one.moves.length"
          size="small"
          :disabled="busy"
          :aria-label="t('parts.replan-note.move-rounds', { name: one.name })"
          @click="move(one)"
        >
          {{ one.moves.length === 1 ? t('parts.replan-note.move') : t('parts.replan-note.move-them') }}
        </n-button>
      </li>
    </ul>
  </section>
</template>

<style scoped>
.replans {
  display: grid; gap: var(--space-4); border-left: 6px solid var(--water); background: var(--water-wash); border-radius: var(--radius-l);
  padding: var(--space-4) var(--space-7);
}
.line { display: flex; flex-wrap: wrap; gap: var(--space-3) var(--space-6); align-items: center; }
.line h2 { font: 600 var(--text-m) var(--plain); }
.line p { flex: 1 1 160px; }
@media (max-width: 760px) { .line h2 { display: none; } }
ul { list-style: none; margin: 0; padding: 0; display: grid; gap: var(--space-5); }
li { display: flex; flex-wrap: wrap; gap: var(--space-3) var(--space-8); justify-content: space-between; align-items: center; }
li > div { flex: 1 1 320px; min-width: 0; }
</style>
