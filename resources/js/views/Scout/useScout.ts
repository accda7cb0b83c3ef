import { t } from '@/i18n'
import { api, take, type Diagnosis, type Schemas } from '@/api/client'
import { useGarden } from '@/stores/garden'
import { useLocalStorage } from '@vueuse/core'
import { onMounted, ref, shallowRef, watch } from 'vue'

export type Answer = 'yes' | 'no' | 'skip'
export type Weather = 'wet' | 'dry' | 'hot' | 'cool'
interface Draft {
  planting: string
  answers: Record<string, Answer>
  weather: Weather[]
  note: string
}

const blank = (): Draft => ({ planting: '', answers: {}, weather: [], note: '' })
const OPPOSITE: Record<Weather, Weather> = { wet: 'dry', dry: 'wet', hot: 'cool', cool: 'hot' }

/** What has been seen so far. It is kept on this device until it is written down: a phone may lock at any moment. */
export function useScout() {
  const store = useGarden()
  const draft = useLocalStorage<Draft>('nebbia.scout', blank(), { mergeDefaults: true })
  const signs = shallowRef<Schemas['Signs'] | null>(null)
  const diagnosis = shallowRef<Diagnosis | null>(null)
  const failure = ref('')
  let asked = 0

  const given = (answer: Answer) =>
    Object.entries(draft.value.answers)
      .filter(([, one]) => one === answer)
      .map(([sign]) => sign)
  const body = () => ({
    planting_id: draft.value.planting || null,
    present: given('yes'),
    absent: given('no'),
    skipped: given('skip'),
    weather: draft.value.weather,
  })

  async function ask(): Promise<void> {
    const turn = ++asked
    try {
      const answer = await take(api.POST('/api/gardens/{garden}/scout', { params: { path: { garden: store.id } }, body: body() }))
      if (turn !== asked) return
      diagnosis.value = answer
      failure.value = ''
    } catch (e) {
      if (turn === asked) failure.value = e instanceof Error ? e.message : t('scout.use-scout.causes-could-not')
    }
  }

  /** The same answer twice takes it back. */
  function answer(sign: string, given: Answer): void {
    const answers = { ...draft.value.answers }
    if (answers[sign] === given) Reflect.deleteProperty(answers, sign)
    else answers[sign] = given
    draft.value.answers = answers
  }

  function toggleWeather(word: Weather): void {
    const has = draft.value.weather.includes(word)
    draft.value.weather = has
      ? draft.value.weather.filter((one) => one !== word)
      : [...draft.value.weather.filter((one) => one !== OPPOSITE[word]), word]
  }

  function clear(): void {
    draft.value = { ...blank(), planting: draft.value.planting }
  }

  onMounted(async () => {
    signs.value = await take(api.GET('/api/signs'))
    // A draft may be older than the garden or the list of signs.
    const known = new Set(signs.value.signs.map((sign) => sign.id))
    draft.value.answers = Object.fromEntries(Object.entries(draft.value.answers).filter(([sign]) => known.has(sign)))
    if (!store.plantings.some((one) => one.id === draft.value.planting)) draft.value.planting = ''
    await ask()
  })
  watch(
    () => [draft.value.planting, draft.value.answers, draft.value.weather],
    () => {
      if (signs.value) void ask()
    },
  )

  return { draft, signs, diagnosis, failure, answer, toggleWeather, clear, given, body }
}
