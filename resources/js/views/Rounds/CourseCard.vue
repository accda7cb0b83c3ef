<script setup lang="ts">
import { t } from '@/i18n'
import RoundActions from '@/parts/RoundActions.vue'
import { api, take, type Course, type Round } from '@/api/client'
import { useChanges } from '@/composables/useChanges'
import { useGarden } from '@/stores/garden'
import { useTimes } from '@/composables/useTimes'
import { NButton } from 'naive-ui'
import { computed } from 'vue'

const props = defineProps<{ course: Course }>()
const emit = defineEmits<{ changed: [] }>()

const store = useGarden()
const times = useTimes()
const changes = useChanges()
const next = computed(() => props.course.rounds.find((round) => round.status === 'planned'))
const open = (round: Round) => props.course.plantings.filter((one) => !round.done_planting_ids.includes(one.id))
const words: Record<string, string> = { done: 'done', planned: 'planned', skipped: 'skipped' }

async function end(): Promise<void> {
  try {
    const change = await take(
      api.DELETE('/api/gardens/{garden}/courses/{course}', { params: { path: { garden: store.id, course: props.course.id } } }),
    )
    changes.done(change)
    emit('changed')
  } catch (e) {
    changes.failed(e)
  }
}
</script>

<template>
  <article class="course">
    <header>
      <div>
        <h3>
          {{ course.recipe }}<template v-if="course.other">{{ t('rounds.course-card.turn', { other: course.other }) }}</template><template v-if="course.target">{{ t('rounds.course-card.against', { target: course.target }) }}</template>
        </h3>
        <p class="soft">
          {{ course.plantings.map((p) => `${p.number} × ${p.name}`).join(', ') || t('rounds.course-card.paths-surfaces') }}
        </p>
        <p class="soft small">
          {{ course.volume }}<template v-if="course.sprayer">{{ t('rounds.course-card.in-the', { sprayer: course.sprayer }) }}</template>{{
            t('rounds.course-card.every-days-times', {
              everyDays: course.every_days,
              times: course.times,
              away: course.purpose === 'prevention' ? t('rounds.course-card.keep-away') : '',
            })
          }}
        </p>
        <p v-if="next && course.ending.word !== 'open'" :class="['small', 'ending', course.ending.word]">{{ course.ending.said }}</p>
      </div>
      <n-button v-if="next" quaternary size="small" @click="end">{{ t('rounds.course-card.end-course') }}</n-button>
    </header>
    <ol>
      <li v-for="round in course.rounds" :key="round.id" :class="round.status">
        <div class="line">
          <span><strong>{{ t('rounds.course-card.round', { number: round.number }) }}</strong> · {{ times.day(round.due_on)
          }}<template v-if="round.due_hour !== null && round.status === 'planned'">, {{ times.hour(round.due_hour) }}</template><template v-if="course.other">: {{ round.is_other ? course.other : course.recipe }}</template></span>
          <span class="state">{{ round.status === 'planned' && round.due_on < times.todayField() ? 'overdue' : words[round.status]
          }}<template v-if="round.applied_at">, {{ times.instant(round.applied_at) }}</template></span>
          <span v-if="round.status === 'planned' && round.done_planting_ids.length" class="small">{{
            t('rounds.course-card.part-done-still', {
              name: open(round)
                .map((one) => one.name)
                .join(', '),
            })
          }}</span>
          <span v-if="round.reason" class="soft small">{{ round.reason }}</span>
        </div>
        <round-actions
          v-if="round.status === 'planned'"
          :round="round"
          :title="t('rounds.course-card.round-2', { recipe: course.recipe, number: round.number, times: course.times })"
          :volume="course.volume"
          :plantings="open(round)"
          :now="round.id === next?.id"
          @changed="emit('changed')"
        />
      </li>
    </ol>
  </article>
</template>

<style scoped>
.course { background: var(--paper); border: 1px solid var(--line); border-radius: var(--radius-l); padding: var(--space-6) var(--space-7); }
header { display: flex; justify-content: space-between; gap: var(--space-6); flex-wrap: wrap; }
ol { list-style: none; margin: var(--space-4) 0 0; padding: 0; }
li {
  display: flex; flex-wrap: wrap; justify-content: space-between; gap: var(--space-4) var(--space-7); align-items: center; padding:
  var(--space-4) 0; border-top: 1px solid var(--line);
}
.line { display: flex; flex-wrap: wrap; gap: var(--space-1) var(--space-6); align-items: baseline; }
.done .state { color: var(--leaf); font-weight: 600; }
.planned .state { color: var(--brass); font-weight: 600; }
.ending { margin-top: var(--space-2); }
.ending.over, .ending.nearly { color: var(--leaf); font-weight: 600; }
.ending.give-up { color: var(--madder); font-weight: 600; }
.skipped .state { color: var(--soft); font-weight: 600; }
</style>
