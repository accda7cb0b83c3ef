<script setup lang="ts">
import { t } from '@/i18n'
import type { Bench, RecipeBody } from '@/api/client'
import { NButton } from 'naive-ui'
import { computed } from 'vue'

/** Makes all that is added weaker or stronger, and shows where it begins to work, needs care, and burns. */
const factor = defineModel<number>({ required: true })
const props = defineProps<{ bench: Bench }>()
const emit = defineEmits<{ write: [RecipeBody] }>()

/** The steps of the scale: figures that can still be measured. */
const STEPS = [0.1, 0.12, 0.15, 0.2, 0.25, 0.3, 0.4, 0.5, 0.6, 0.7, 0.75, 0.8, 0.9, 1, 1.1, 1.2, 1.25, 1.3, 1.4, 1.5, 1.75, 2, 2.5, 3, 4, 5]
const LAST = STEPS.length - 1
const MOST = STEPS[LAST]!

/** Where on the scale it stands, percent. */
function place(times: number): number {
  const next = STEPS.findIndex((step) => step >= times)
  if (next <= 0) return next === 0 ? 0 : 100
  const from = STEPS[next - 1]!
  return (100 * (next - 1 + (times - from) / (STEPS[next]! - from))) / LAST
}

const tipping = computed(() => props.bench.safety?.tipping ?? null)
/** What is shown is worked out for the slider's strength; the marks stand by the recipe as it is written. */
const at = (times: number | null) => (times === null ? null : times * factor.value)
const works = computed(() => at(tipping.value?.works ?? null))
const careful = computed(() => at(tipping.value?.careful ?? null))
const stop = computed(() => at(tipping.value?.stop ?? null))
const slider = computed({
  get: () => STEPS.indexOf(factor.value),
  set: (step: number) => {
    factor.value = STEPS[step] ?? 1
  },
})
const times = (value: number) => (value >= 10 ? value.toFixed(0) : Number(value.toPrecision(2)).toString())
const by = (name: string | null) => (name && props.bench.strengths.length > 1 ? ` (${name})` : '')
const words = computed(() =>
  [
    works.value !== null && t('bench.strength-slider.works-from', { works: times(works.value) }),
    careful.value !== null &&
      t('bench.strength-slider.careful-from', { careful: times(careful.value), carefulBy: by(tipping.value?.careful_by ?? null) }),
    stop.value !== null && t('bench.strength-slider.burns-from', { stop: times(stop.value), stopBy: by(tipping.value?.stop_by ?? null) }),
  ]
    .filter(Boolean)
    .join(', '),
)
</script>

<template>
  <section v-if="tipping" class="slider" aria-labelledby="tipping-title">
    <div class="top">
      <h3 id="tipping-title">{{ t('bench.strength-slider.where-tips-over') }}</h3>
      <span><strong>{{
        factor === 1 ? t('bench.strength-slider.as-written') : t('bench.strength-slider.as-strong', { factor: times(factor) })
      }}</strong></span>
    </div>
    <div class="track">
      <i v-if="works !== null" class="works" :style="{ left: `${place(works)}%`, right: `${100 - place(careful ?? MOST)}%` }" />
      <i v-if="careful !== null" class="careful" :style="{ left: `${place(careful)}%`, right: `${100 - place(stop ?? MOST)}%` }" />
      <i v-if="stop !== null" class="burns" :style="{ left: `${place(stop)}%`, right: '0' }" />
      <input
        v-model.number="slider"
        type="range"
        min="0"
        :max="LAST"
        step="1"
        aria-labelledby="tipping-title"
        :aria-valuetext="
          factor === 1 ? t('bench.strength-slider.as-written') : t('bench.strength-slider.times-as-strong', { factor: times(factor) })
        "
      />
    </div>
    <p class="small soft">{{ t('bench.strength-slider.what-written', { words }) }}</p>
    <div v-if="factor !== 1" class="actions">
      <n-button
        size="small"
        type="primary"
        :disabled="!bench.safety?.strengthened"
        @click="emit('write', bench.safety!.strengthened as unknown as RecipeBody)"
      >
        {{ t('bench.strength-slider.write-so') }}
      </n-button>
      <n-button size="small" @click="factor = 1">{{ t('bench.strength-slider.back-as-written') }}</n-button>
    </div>
  </section>
</template>

<style scoped>
.slider { padding: var(--space-5) 0 var(--space-6); border-top: 1px solid var(--line); display: grid; gap: var(--space-3); }
.top { display: flex; justify-content: space-between; gap: var(--space-6); align-items: baseline; flex-wrap: wrap; }
.track { position: relative; height: 44px; display: grid; align-items: center; }
.track::before {
  content: ''; position: absolute; left: 0; right: 0; height: 14px; background: var(--mist); border-radius: var(--radius-s);
}
.track i { position: absolute; height: 14px; }
.works { background: color-mix(in srgb, var(--leaf) 32%, var(--paper)); }
.careful { background: color-mix(in srgb, var(--brass) 40%, var(--paper)); }
.burns { background: color-mix(in srgb, var(--madder) 45%, var(--paper)); border-radius: 0 var(--radius-s) var(--radius-s) 0; }
input {
  position: relative; width: calc(100% + 22px); margin: 0 calc(-1 * var(--space-5)); height: 44px; background: none; appearance: none;
  cursor: pointer;
}
input::-webkit-slider-runnable-track { background: none; height: 44px; }
input::-webkit-slider-thumb {
  appearance: none; width: 22px; height: 30px; margin-top: var(--space-3); border-radius: var(--radius-m); background: var(--paper);
  border: 3px solid var(--ink);
}
input::-moz-range-track { background: none; }
input::-moz-range-thumb {
  width: 16px; height: 24px; border-radius: var(--radius-m); background: var(--paper); border: 3px solid var(--ink);
}
</style>
