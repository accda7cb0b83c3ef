<script setup lang="ts">
import { t } from '@/i18n'
import type { MakingStep } from '@/api/client'
import { useTimes } from '@/composables/useTimes'
import { NButton } from 'naive-ui'
import { computed } from 'vue'

/** One step: done or not, with its timer. The first that is not done is spread out. */
const props = defineProps<{ step: MakingStep; now: number; isNext: boolean; busy: boolean }>()
defineEmits<{ done: [isDone: boolean]; timer: [] }>()

const times = useTimes()
const left = computed(() => (props.step.timer_ends_at ? Math.round((Date.parse(props.step.timer_ends_at) - props.now) / 1000) : null))
const two = (n: number) => String(n).padStart(2, '0')
const shown = computed(() => {
  const seconds = Math.max(0, left.value ?? 0)
  if (seconds >= 86_400) return `${Math.floor(seconds / 86_400)} d ${Math.floor((seconds % 86_400) / 3600)} h`
  return seconds >= 3600
    ? t('making.making-step-row.h-min', { seconds: Math.floor(seconds / 3600), seconds2: two(Math.floor((seconds % 3600) / 60)) })
    : `${Math.floor(seconds / 60)}:${two(seconds % 60)}`
})
</script>

<template>
  <li :class="{ done: step.done_at !== null, next: isNext }">
    <label class="tick">
      <input
        type="checkbox"
        :checked="step.done_at !== null"
        :disabled="busy"
        @change="$emit('done', ($event.target as HTMLInputElement).checked)"
      />
      <span class="what">{{ step.what }}</span>
    </label>
    <div v-if="step.done_at === null && (step.how || step.cautions.length || step.minutes)" class="more">
      <p v-if="step.how">{{ step.how }}</p>
      <p v-for="caution in step.cautions" :key="caution" class="caution">{{ caution }}</p>
      <div v-if="step.minutes" class="timer" :class="{ over: left !== null && left <= 0 }" role="timer">
        <template v-if="left === null">
          <n-button :type="isNext ? 'primary' : 'default'" :disabled="busy" @click="$emit('timer')">
            {{
              t('making.making-step-row.start-clock')
            }}
          </n-button>
        </template>
        <template v-else>
          <strong>{{ left <= 0 ? t('making.making-step-row.time-up') : shown }}</strong>
          <span class="soft">{{ left <= 0 ? 'since' : 'until' }} {{ times.instant(step.timer_ends_at!) }}</span>
          <n-button size="small" :disabled="busy" @click="$emit('timer')">{{ t('making.making-step-row.start-again') }}</n-button>
        </template>
      </div>
    </div>
    <p v-else-if="step.done_at !== null" class="soft small at">
      {{ t('making.making-step-row.done', { doneAt: times.instant(step.done_at) }) }}
    </p>
  </li>
</template>

<style scoped>
li {
  padding: var(--space-5) var(--space-7); border-radius: var(--radius-l); border: 1px solid var(--line); background: var(--paper);
  display: grid; gap: var(--space-3);
}
.next { border: 2px solid var(--leaf); padding: var(--space-6) var(--space-7); }
.next .what { font: 600 var(--text-xl)/1.3 var(--title); }
.done { background: none; border-style: dashed; }
.done .what { color: var(--soft); }
.tick {
  display: grid; grid-template-columns: 26px minmax(0, 1fr); gap: var(--space-5); align-items: start; cursor: pointer; min-height: 28px;
}
.tick input { width: var(--tick); height: var(--tick); margin: var(--space-1) 0 0; accent-color: var(--leaf); }
.more, .at { margin-left: var(--space-10); }
.more { display: grid; gap: var(--space-3); }
.caution {
  border-left: 4px solid var(--brass); background: var(--brass-wash); padding: var(--space-3) var(--space-6); border-radius:
  var(--radius-s);
}
.timer { display: flex; flex-wrap: wrap; gap: var(--space-3) var(--space-7); align-items: center; }
.timer strong { font-size: var(--text-2xl); }
.over strong { color: var(--brass); }
@media (max-width: 760px) { .more, .at { margin-left: 0; } }
</style>
