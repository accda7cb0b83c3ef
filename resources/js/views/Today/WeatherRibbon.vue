<script setup lang="ts">
import { t } from '@/i18n'
import DayDialog from './DayDialog.vue'
import RainDialog from './RainDialog.vue'
import WeatherDialog from './WeatherDialog.vue'
import { api, ApiFailure, take, type Schemas } from '@/api/client'
import { useGarden } from '@/stores/garden'
import { useTimes } from '@/composables/useTimes'
import { useLatest } from '@/composables/useLatest'
import { NButton } from 'naive-ui'
import { computed, ref, shallowRef, watch } from 'vue'

/** The next three days, each hour sprayable or not and why, for the round that is due first or another one. */
const props = withDefaults(defineProps<{ roundId?: string | undefined; rounds?: { id: string; name: string }[] }>(), {
  roundId: undefined,
  rounds: () => [],
})
const store = useGarden()
const times = useTimes()
const ribbon = shallowRef<Schemas['Ribbon'] | null>(null)
const latest = useLatest<Schemas['Ribbon']>()
/** `known`: it has been read, or cannot be; what stands below it is shown then, and does not move away. */
const emit = defineEmits<{ changed: []; known: [] }>()
const chosen = ref(props.roundId)
const at = ref(0)
const showRain = ref(false)
const showDay = ref(false)
const showImport = ref(false)

async function load(): Promise<void> {
  try {
    ribbon.value = await latest(
      take(
        api.GET('/api/gardens/{garden}/ribbon', {
          params: { path: { garden: store.id }, query: chosen.value ? { round: chosen.value } : {} },
        }),
      ),
    )
    at.value = ribbon.value.best_hour ?? 0
  } catch (e) {
    // The day is of use without its weather; what cannot be reached is said by the view itself.
    if (!(e instanceof ApiFailure)) throw e
  } finally {
    emit('known')
  }
}
async function noted(): Promise<void> {
  await load()
  emit('changed')
}
watch(
  () => props.roundId,
  (id) => {
    chosen.value = id
  },
)
watch(
  () => [chosen.value, store.undone],
  () => load(),
  { immediate: true },
)

defineExpose({
  load,
  askRain: () => {
    showRain.value = true
  },
})

const HEIGHT = 76
/** How each word is drawn below the weather: a tall bar, two lines, one line at the foot. */
const BARS: Record<Schemas['RibbonHour']['word'], [number, number][]> = {
  fine: [[2, 18]],
  poor: [
    [6, 4],
    [14, 4],
  ],
  no: [[17, 3]],
  unknown: [[10, 2]],
}
const hours = computed(() => ribbon.value?.hours ?? [])
const hour = computed(() => hours.value[at.value])
/** Nothing is foretold: only the sun and what is usual are known. */
const isBlind = computed(() => !ribbon.value?.indoors && hours.value.length > 0 && hours.value.every((one) => !one.is_foretold))
const range = computed(() => {
  const all = hours.value.map((one) => one.celsius)
  return { low: Math.min(...all) - 2, high: Math.max(...all) + 2 }
})
const y = (celsius: number) => HEIGHT - 6 - ((celsius - range.value.low) / Math.max(1, range.value.high - range.value.low)) * (HEIGHT - 14)
const line = computed(() => hours.value.map((one, n) => `${n + 0.5},${y(one.celsius).toFixed(1)}`).join(' '))
const clock = (iso: string, style: 'day' | 'hour') =>
  times.said(iso, style === 'day' ? { weekday: 'long' } : { weekday: 'short', hour: '2-digit', minute: '2-digit' })
/** Each calendar day, as wide as it has hours here. */
const days = computed(() => {
  const found: { name: string; hours: number }[] = []
  for (const one of hours.value) {
    const name = clock(one.at, 'day')
    if (found.at(-1)?.name === name) found.at(-1)!.hours++
    else found.push({ name, hours: 1 })
  }
  return found
})
const WORDS: Record<Schemas['RibbonHour']['word'], string> = {
  fine: t('today.weather-ribbon.good-hour'),
  poor: 'poor',
  no: 'no',
  unknown: t('today.weather-ribbon.not-foretold'),
}
const said = computed(() =>
  hour.value ? `${clock(hour.value.at, 'hour')}: ${WORDS[hour.value.word]}${hour.value.why ? `, ${hour.value.why}` : ''}` : '',
)
</script>

<template>
  <section v-if="ribbon" class="ribbon" aria-labelledby="ribbon-title">
    <div class="head">
      <h2 id="ribbon-title">
        {{
          ribbon.for && rounds.length < 2
            ? t('today.weather-ribbon.when-spray', { for: ribbon.for })
            : t('today.weather-ribbon.when-spray-2')
        }}
      </h2>
      <select v-if="rounds.length > 1" v-model="chosen" class="native" :aria-label="t('today.weather-ribbon.round')">
        <option v-for="one in rounds" :key="one.id" :value="one.id">{{ one.name }}</option>
      </select>
    </div>
    <p v-if="ribbon.missing" class="soft">{{ ribbon.missing }}</p>
    <template v-else>
      <p class="best">
        <template v-if="isBlind">
          {{ t('today.weather-ribbon.no-forecast') }}
          <template v-if="ribbon.by_clock">{{ t('today.weather-ribbon.by-clock') }} <strong>{{ ribbon.by_clock }}</strong></template>
        </template><template v-else-if="ribbon.best">
          {{ t('today.weather-ribbon.best-hour-next') }} <strong>{{ ribbon.best }}</strong>{{
            hours[ribbon.best_hour ?? 0]?.word === 'poor' ? t('today.weather-ribbon.poor-one') : ''
          }}
        </template><template v-else>{{ t('today.weather-ribbon.no-hour-next') }}</template>
      </p>
      <div class="band">
        <svg :viewBox="`0 0 ${hours.length} ${HEIGHT + 22}`" preserveAspectRatio="none" aria-hidden="true">
          <template v-for="(one, n) in hours" :key="one.at">
            <rect v-if="!one.is_day" :x="n" y="0" width="1.02" :height="HEIGHT" class="night" />
            <rect
              v-if="one.rain_mm > 0"
              :x="n + 0.1"
              :y="HEIGHT - Math.min(1, one.rain_mm / 5) * 46 - 4"
              width="0.8"
              :height="Math.min(1, one.rain_mm / 5) * 46 + 4"
              class="rain"
            />
            <rect v-for="bar in BARS[one.word]" :key="bar[0]" :x="n" :y="HEIGHT + bar[0]" width="1.02" :height="bar[1]" :class="one.word" />
          </template>
          <polyline :points="line" class="warmth" :class="{ usual: isBlind }" vector-effect="non-scaling-stroke" />
          <rect :x="at" y="0" width="1" :height="HEIGHT + 22" class="here" vector-effect="non-scaling-stroke" />
        </svg>
        <input
          v-model.number="at"
          type="range"
          min="0"
          :max="hours.length - 1"
          :aria-label="t('today.weather-ribbon.hour')"
          :aria-valuetext="said"
        />
      </div>
      <div class="days" aria-hidden="true">
        <span v-for="(day, n) in days" :key="n" :style="{ flexGrow: day.hours }">{{ day.hours > 8 ? day.name : '' }}</span>
      </div>
      <p v-if="hour" class="hour" aria-live="polite">
        <strong>{{ said }}</strong><span v-if="!hour.is_foretold" class="soft">{{
          ribbon.indoors
            ? t('today.weather-ribbon.in-room', { temperature: hour.temperature })
            : t('today.weather-ribbon.usually', { temperature: hour.temperature })
        }}</span><span v-else class="soft">{{
          t('today.weather-ribbon.wind-humid', {
            temperature: hour.temperature,
            wind: hour.wind,
            humidity: hour.humidity,
            rain: hour.rain_mm > 0 ? t('today.weather-ribbon.mm-rain', { rain: hour.rain }) : '',
          })
        }}</span>
      </p>
      <p class="soft small">
        {{
          ribbon.indoors ? t('today.weather-ribbon.bars-indoors') : t('today.weather-ribbon.tall-bar-good', { source: ribbon.source })
        }}
      </p>
      <div class="actions">
        <n-button size="small" @click="showRain = true">{{ t('today.weather-ribbon.rained') }}</n-button>
        <n-button size="small" @click="showDay = true">{{ t('today.weather-ribbon.days-weather') }}</n-button>
        <n-button size="small" :type="isBlind ? 'primary' : 'default'" @click="showImport = true">{{ t('today.weather-ribbon.import-forecast') }}</n-button>
      </div>
    </template>
    <day-dialog v-model:shown="showDay" @changed="noted" />
    <rain-dialog v-model:shown="showRain" @changed="noted" />
    <weather-dialog v-model:shown="showImport" @changed="noted" />
  </section>
</template>

<style scoped>
.ribbon {
  display: grid; gap: var(--space-4); grid-template-columns: minmax(0, 1fr); background: var(--paper); border: 1px solid var(--line);
  border-radius: var(--radius-l); padding: var(--space-6) var(--space-7);
}
.head { display: flex; flex-wrap: wrap; gap: var(--space-3) var(--space-7); align-items: center; justify-content: space-between; }
.head select { width: auto; max-width: 100%; }
.best strong { font-size: var(--text-l); }
.band { position: relative; height: 108px; }
svg { width: 100%; height: 100%; display: block; border-radius: var(--radius-s); background: var(--page); }
.night { fill: var(--mist); }
.rain { fill: var(--water); }
.warmth { fill: none; stroke: var(--brass); stroke-width: 2; }
.usual { stroke-dasharray: 3 5; }
.fine { fill: var(--leaf); }
.poor { fill: var(--brass); }
.no { fill: var(--madder); }
.unknown { fill: var(--line); }
.here { fill: none; stroke: var(--ink); stroke-width: 2; }
input { position: absolute; inset: 0; width: 100%; height: 100%; margin: 0; opacity: 0; cursor: pointer; }
input:focus-visible + *, .band:focus-within svg { outline: 3px solid var(--brass); outline-offset: 2px; }
.days { display: flex; font-size: var(--text-s); color: var(--soft); }
.days span { flex: 1 1 0; border-left: 1px solid var(--line); padding-left: var(--space-3); overflow: hidden; white-space: nowrap; }
</style>
