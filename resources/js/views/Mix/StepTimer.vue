<script setup lang="ts">
import { t } from '@/i18n'
import { useIntervalFn, useLocalStorage } from '@vueuse/core'
import { computed, ref } from 'vue'

/** Counts down; when it began is kept on this device, so that it goes on through a reload. */
const props = defineProps<{ name: string; label: string; minutes: number }>()

const startedAt = useLocalStorage<number | null>(`nebbia.timer.${props.name}`, null, {
  serializer: { read: (text) => Number(text) || null, write: String },
})
const now = ref(Date.now())
useIntervalFn(() => {
  now.value = Date.now()
}, 1000)

const left = computed(() =>
  startedAt.value === null ? props.minutes * 60 : Math.max(0, Math.round(props.minutes * 60 - (now.value - startedAt.value) / 1000)),
)
const isOver = computed(() => startedAt.value !== null && left.value === 0)
const shown = computed(() => {
  const two = (n: number) => String(n).padStart(2, '0')
  const hours = Math.floor(left.value / 3600)
  const minutes = Math.floor((left.value % 3600) / 60)
  return hours ? t('mix.step-timer.h-min', { hours, minutes: two(minutes) }) : `${minutes}:${two(left.value % 60)}`
})
function start(): void {
  now.value = Date.now()
  startedAt.value = now.value
}
</script>

<template>
  <div class="timer" :class="{ over: isOver }" role="timer">
    <span class="label">{{ label }}</span>
    <strong>{{ isOver ? t('mix.step-timer.time-up') : shown }}</strong>
    <button v-if="startedAt === null" type="button" @click="start">{{ t('mix.step-timer.start') }}</button>
    <button v-else type="button" @click="startedAt = null">{{ isOver ? t('mix.step-timer.all-right') : t('mix.step-timer.stop') }}</button>
  </div>
</template>

<style scoped>
.timer {
  display: flex; flex-wrap: wrap; gap: var(--space-4) var(--space-8); align-items: center; border: 2px solid var(--line); border-radius:
  var(--radius-l); padding: var(--space-6) var(--space-7); background: var(--paper); justify-self: start;
}
.over { border-color: var(--brass); background: var(--brass-wash); }
.label { color: var(--soft); font-size: var(--text-l); }
strong { font-size: var(--text-3xl); font-variant-numeric: tabular-nums; }
button {
  min-height: 56px; min-width: 110px; font-size: var(--text-xl); border-radius: var(--radius-l); border: 2px solid var(--leaf);
  background: var(--leaf-wash); cursor: pointer;
}
</style>
