import { api, take, type SoapBench, type SoapPlan } from '@/api/client'
import { useGarden } from '@/stores/garden'
import { useWorkedOut } from '@/composables/useWorkedOut'
import { useLocalStorage } from '@vueuse/core'
import { computed, watch } from 'vue'

export interface SoapDraft {
  oils: { oil: string; amount: string }[]
  alkali: 'KOH' | 'NaOH' | 'blend'
  potash: string
  purity: string
  superfat: string
  mass: string
  storage: string
  vessel: string
  name: string
}

const PAUSE_MS = 50
const START: SoapDraft = {
  oils: [{ oil: 'sunflower', amount: '500 g' }],
  alkali: 'KOH',
  potash: '70',
  purity: '',
  superfat: '4',
  mass: '',
  storage: '20',
  vessel: '',
  name: '',
}

/** A soap worked out while it is written; what is not begun is kept on this device. */
export function useSoap() {
  const store = useGarden()
  const draft = useLocalStorage<SoapDraft>('nebbia.soap', START, { mergeDefaults: true })

  const plan = computed<SoapPlan>(() => {
    const one = draft.value
    const oils: Record<string, string> = {}
    for (const row of one.oils) oils[row.oil] = row.amount
    return {
      oils,
      alkali: one.alkali === 'blend' ? `KOH:${one.potash.trim()},NaOH` : one.alkali,
      purity: one.purity.trim() || null,
      superfat: one.superfat.trim() || null,
      alkali_mass: one.mass.trim() || null,
      storage: one.storage.trim() || null,
      vessel: one.vessel.trim() || null,
    }
  })

  const {
    answer: soap,
    errors,
    failure,
    workOut,
    soon,
  } = useWorkedOut<SoapBench>(
    (signal) =>
      take(
        api.POST('/api/gardens/{garden}/soap', {
          params: { path: { garden: store.id } },
          body: { soap: plan.value },
          signal,
        }),
      ),
    PAUSE_MS,
  )
  watch(plan, () => void soon(), { deep: true })
  void workOut()

  return {
    draft,
    plan,
    soap,
    errors,
    failure,
    again: () => {
      draft.value = JSON.parse(JSON.stringify(START)) as SoapDraft
    },
  }
}
