<script setup lang="ts">
import { t } from '@/i18n'
import AppField from '@/parts/AppField.vue'
import { useGarden } from '@/stores/garden'
import { NButton } from 'naive-ui'
import { computed, ref, watch } from 'vue'
import type { Now, PlantState } from './useHereNow'

/** The hour, the plant and the sprayer as they are just now, typed in by hand. */
const now = defineModel<Now>({ required: true })
const props = defineProps<{ said: string; errors: Record<string, string> }>()
defineEmits<{ clear: [] }>()

const store = useGarden()
const degrees = computed(() => (store.garden?.units === 'us' ? '°F' : '°C'))
const speed = computed(() => (['us', 'imperial'].includes(store.garden?.units ?? '') ? 'mph' : 'km/h'))
const fields = computed(() => [
  { key: 'temperature' as const, label: t('bench.here-now.air', { degrees: degrees.value }) },
  { key: 'humidity' as const, label: t('bench.here-now.damp-percent') },
  { key: 'wind' as const, label: t('bench.here-now.wind', { speed: speed.value }) },
  { key: 'rain_in' as const, label: t('bench.here-now.rain-h') },
  { key: 'ph' as const, label: t('bench.here-now.ph-measured') },
])
const parts = ['dawn', 'morning', 'midday', 'afternoon', 'dusk', 'night']
const states: { id: PlantState; label: string }[] = [
  { id: 'drought', label: t('bench.here-now.thirsty-wilted') },
  { id: 'new', label: t('bench.here-now.moved-week') },
  { id: 'soft-growth', label: t('bench.here-now.soft-new-growth') },
  { id: 'bud-swell', label: t('bench.here-now.buds-swelling') },
  { id: 'hardened', label: t('bench.here-now.hardened-leaves') },
  { id: 'in-flower', label: t('bench.here-now.open-flowers') },
  { id: 'sick', label: t('bench.here-now.sick-leaves') },
]
/** A complaint opens it; only its owner closes it. */
const opened = ref(false)
watch(
  () => Object.keys(props.errors).some((field) => field.startsWith('now.')),
  (wrong) => {
    opened.value = opened.value || wrong
  },
)
</script>

<template>
  <details class="now" :open="opened" @toggle="opened = ($event.target as HTMLDetailsElement).open">
    <summary>
      <strong>{{ t('bench.here-now.here-now') }}</strong> <span class="soft">{{ said || t('bench.here-now.hour-plant-water') }}</span>
    </summary>
    <div class="grid">
      <app-field
        v-for="one in fields"
        :id="`now-${one.key}`"
        :key="one.key"
        v-slot="field"
        :label="one.label"
        :error="errors[`now.${one.key}`]"
      >
        <input v-bind="field" v-model="now[one.key]" inputmode="decimal" />
      </app-field>
      <app-field id="now-part" v-slot="field" :label="t('bench.here-now.time-day')">
        <select v-bind="field" v-model="now.part">
          <option value="">{{ t('bench.here-now.not-said') }}</option>
          <option v-for="part in parts" :key="part">{{ part }}</option>
        </select>
      </app-field>
      <app-field id="now-water" v-slot="field" :label="t('bench.here-now.water')">
        <select v-bind="field" v-model="now.water">
          <option value="tap">{{ t('bench.here-now.from-tap') }}</option>
          <option value="rain">{{ t('bench.here-now.rain') }}</option>
          <option value="distilled">{{ t('bench.here-now.distilled') }}</option>
        </select>
      </app-field>
    </div>
    <div class="checks">
      <label><input v-model="now.sun_soon" type="checkbox" />{{ t('bench.here-now.full-sun-within') }}</label>
      <label><input v-model="now.bees_about" type="checkbox" />{{ t('bench.here-now.bees-at-open') }}</label>
      <label v-for="state in states" :key="state.id"><input v-model="now.states" type="checkbox" :value="state.id" /> {{ state.label }}</label>
      <label><input v-model="now.washed" type="checkbox" />{{ t('bench.here-now.rain-rinse-since') }}</label>
      <label><input v-model="now.rinsed" type="checkbox" />{{ t('bench.here-now.sprayer-has-been') }}</label>
    </div>
    <p v-if="said">
      <n-button size="small" @click="$emit('clear')">{{ t('bench.here-now.forget-all') }}</n-button>
    </p>
  </details>
</template>

<style scoped>
.now { border: 1px solid var(--line); border-radius: var(--radius-l); padding: var(--space-1) var(--space-7); background: var(--paper); }
summary { cursor: pointer; min-height: 40px; display: list-item; padding: var(--space-4) 0; }
.grid {
  display: grid; grid-template-columns: repeat(auto-fill, minmax(130px, 1fr)); gap: var(--space-5) var(--space-6); padding: var(--space-3)
  0; align-items: start;
}
.checks {
  display: grid; grid-template-columns: repeat(auto-fill, minmax(230px, 1fr)); gap: 0 var(--space-8); padding-bottom: var(--space-3);
}
.checks label { display: flex; gap: var(--space-5); align-items: center; min-height: var(--finger); }
.checks input { width: var(--tick); height: var(--tick); accent-color: var(--leaf); flex: none; }
.now > p { padding-bottom: var(--space-5); }
</style>
