import { t } from '@/i18n'
import type { Schemas } from '@/api/client'
import { useSessionStorage } from '@vueuse/core'
import { computed } from 'vue'

export type PlantState = NonNullable<Schemas['HereAndNow']['states']>[number]

export interface Now {
  temperature: string
  humidity: string
  wind: string
  rain_in: string
  part: string
  ph: string
  sun_soon: boolean
  bees_about: boolean
  states: PlantState[]
  water: 'tap' | 'rain' | 'distilled'
  washed: boolean
  rinsed: boolean
}

const blank: Now = {
  temperature: '',
  humidity: '',
  wind: '',
  rain_in: '',
  part: '',
  ph: '',
  sun_soon: false,
  bees_about: false,
  states: [],
  water: 'tap',
  washed: false,
  rinsed: false,
}

/** What is said of this hour, this plant and this sprayer; kept while the browser is open. */
export function useHereNow() {
  const now = useSessionStorage<Now>('nebbia.now', { ...blank, states: [] }, { mergeDefaults: true })

  const body = computed<Schemas['HereAndNow']>(() => ({
    ...now.value,
    part: now.value.part || null,
    rinsed: now.value.rinsed ? true : null,
  }))
  const said = computed(() =>
    [
      now.value.temperature && `${now.value.temperature}°`,
      now.value.humidity && t('bench.use-here-now.damp', { humidity: now.value.humidity }),
      now.value.wind && t('bench.use-here-now.wind', { wind: now.value.wind }),
      now.value.ph && t('bench.use-here-now.ph', { ph: now.value.ph }),
      now.value.part,
      now.value.rain_in && t('bench.use-here-now.rain-h', { rainIn: now.value.rain_in }),
      now.value.sun_soon && t('bench.use-here-now.sun-soon'),
      now.value.bees_about && t('bench.use-here-now.bees-about'),
      now.value.states.length > 0 && now.value.states.join(', '),
      now.value.water !== 'tap' && t('bench.use-here-now.water', { water: now.value.water }),
      now.value.washed && t('bench.use-here-now.rinsed-rained'),
      now.value.rinsed && t('bench.use-here-now.sprayer-rinsed'),
    ]
      .filter(Boolean)
      .join(' · '),
  )

  function clear(): void {
    now.value = { ...blank, states: [] }
  }

  return { now, body, said, clear }
}
