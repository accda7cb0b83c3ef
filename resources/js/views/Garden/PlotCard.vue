<script setup lang="ts">
import { t } from '@/i18n'
import BedPicture from './BedPicture.vue'
import ChoiceMark from '@/parts/ChoiceMark.vue'
import type { PlotPlanting } from '@/api/client'
import { useTimes } from '@/composables/useTimes'
import { computed } from 'vue'

const props = defineProps<{ card: PlotPlanting }>()
const emit = defineEmits<{ open: [] }>()

const times = useTimes()
const one = computed(() => props.card.planting)
const facts = computed(() =>
  [
    one.value.stage,
    one.value.in_flower && one.value.stage !== 'flowering' ? t('garden.plot-card.flower') : '',
    one.value.indoors ? 'indoors' : '',
    one.value.height_said ?? '',
  ]
    .filter(Boolean)
    .join(', '),
)
const harvest = computed(() => {
  const days = props.card.days_to_harvest
  if (days === null) return ''
  return days < 0
    ? t('garden.plot-card.harvest')
    : days === 0
      ? t('garden.plot-card.harvest-today')
      : days === 1
        ? t('garden.plot-card.harvest-tomorrow')
        : t('garden.plot-card.harvest-days', { days })
})
</script>

<template>
  <article class="card" :class="{ troubled: card.troubles.length }">
    <bed-picture :card="card" />
    <h3>
      <button type="button" @click="emit('open')">{{ one.number }} × {{ one.name }}</button>
    </h3>
    <p class="small soft">
      {{ one.kind }}<template v-if="one.variety">, {{ one.variety }}</template> · {{ facts }}
    </p>
    <p v-if="card.is_new" class="small new">{{ t('garden.plot-card.new-keep-apart', { short: times.day(one.new_until!, 'short') }) }}</p>
    <ul v-if="card.troubles.length">
      <li v-for="trouble in card.troubles" :key="trouble.id">
        <p>
          <router-link :to="{ name: 'trouble', params: { trouble: trouble.id } }">{{ trouble.name }}</router-link>{{ ' ' }}
          <span v-if="trouble.level" class="small">{{ trouble.level }}</span>
        </p>
        <choice-mark :choice="trouble.choice" :kind="trouble.kind" />
      </li>
    </ul>
    <div class="last">
      <p class="small soft">
        <template v-if="card.treated_on">{{ card.treated_with }}, {{ times.day(card.treated_on, 'short') }}</template>
        <template v-else>{{ t('garden.plot-card.not-sprayed-yet') }}</template>
        <template v-if="harvest"> · {{ harvest }}</template>
      </p>
      <div class="ways">
        <router-link
          :to="{ name: 'leaves', params: { planting: one.id } }"
          :aria-label="t('garden.plot-card.leaves', { name: one.name })"
        >{{ t('garden.plot-card.leaves-2') }}</router-link>
        <router-link
          :to="{ name: 'scout', params: { planting: one.id } }"
          :aria-label="t('garden.plot-card.look-at', { name: one.name })"
        >{{ t('garden.plot-card.look') }}</router-link>
      </div>
    </div>
  </article>
</template>

<style scoped>
.card {
  background: var(--paper); border: 1px solid var(--line); border-radius: var(--radius-l); padding: var(--space-4) var(--space-6)
  var(--space-2); display: flex; flex-direction: column; gap: var(--space-2); min-width: 0;
}
.card.troubled { border-left: 5px solid var(--brass); }
h3 { font: 600 var(--text-l)/1.3 var(--plain); }
h3 button {
  border: 0; background: none; padding: var(--space-2) 0; text-align: left; font: inherit; cursor: pointer; min-height: var(--finger);
  width: 100%; overflow-wrap: anywhere;
}
h3 button:hover { text-decoration: underline; }
.new { color: var(--brass); font-weight: 600; }
ul {
  list-style: none; margin: 0; padding: var(--space-4) var(--space-5); background: var(--brass-wash); border-radius: var(--radius-m);
  display: grid; gap: var(--space-3);
}
li a { font-weight: 600; color: inherit; }
.last { margin-top: auto; }
.ways { display: flex; gap: var(--space-6); margin-left: calc(-1 * var(--space-2)); }
.last a {
  min-height: var(--finger); padding: 0 var(--space-2); display: inline-flex; align-items: center; font-weight: 600; text-decoration:
  none;
}
.last a:hover { text-decoration: underline; }
</style>
