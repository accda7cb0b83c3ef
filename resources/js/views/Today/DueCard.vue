<script setup lang="ts">
import RoundActions from '@/parts/RoundActions.vue'
import SeverityMark from '@/parts/SeverityMark.vue'
import type { DueRound } from '@/api/client'
import { computed } from 'vue'

const props = defineProps<{ due: DueRound }>()
const emit = defineEmits<{ changed: [] }>()

const late = computed(() => (props.due.in_days < 0 ? (props.due.in_days === -1 ? 'since yesterday' : `for ${-props.due.in_days} days`) : ''))
const title = computed(() => `${props.due.recipe}, round ${props.due.round.number} of ${props.due.rounds}`)
const toBench = computed(() => ({
  name: 'bench', params: { recipe: props.due.recipe_id }, query: { sprayer: props.due.sprayer_id ?? undefined, planting: props.due.planting_id ?? undefined },
}))
</script>

<template>
  <article class="due" :class="{ late }">
    <div class="words">
      <h3>Mix {{ due.volume }} of {{ due.recipe }}<template v-if="due.target">, against {{ due.target }}</template></h3>
      <p>{{ due.plantings || 'No planting: paths and surfaces' }}</p>
      <p class="recipe"><strong>{{ due.mix.join(', then ') }}</strong><span v-if="due.sprayer" class="soft"> · {{ due.sprayer }}</span></p>
      <p v-if="due.jars.length">From the jar: {{ due.jars.join(', ') }}</p>
      <p class="judged"><severity-mark :severity="due.severity" /> <span>{{ due.headline }}</span></p>
      <p class="soft small">Round {{ due.round.number }} of {{ due.rounds }}<template v-if="late"> · <strong class="overdue">due {{ late }}</strong></template><template v-if="due.round.reason"> · {{ due.round.reason }}</template></p>
    </div>
    <div class="do">
      <round-actions :round="due.round" :title="title" :volume="due.volume" @changed="emit('changed')" />
      <router-link :to="toBench">Open on the bench</router-link>
    </div>
  </article>
</template>

<style scoped>
.due { background: var(--brass-wash); border-radius: 12px; padding: 16px 18px; display: grid; gap: 14px; }
.words { display: grid; gap: 5px; }
h3 { font-size: 19px; }
.recipe { overflow-wrap: anywhere; }
.judged { display: flex; gap: 10px; align-items: baseline; flex-wrap: wrap; }
.overdue { color: var(--madder); }
.do { display: flex; flex-wrap: wrap; gap: 10px 18px; align-items: center; }
</style>
