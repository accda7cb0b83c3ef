import { api, ApiFailure, take, type Bench, type RecipeBody, type Schemas } from '@/api/client'
import { useGarden } from '@/stores/garden'
import { useDebounceFn } from '@vueuse/core'
import { ref, shallowRef, watch, type Ref } from 'vue'

/** Short enough to feel live, long enough not to ask for every key. */
const PAUSE_MS = 40

export interface BenchChoice {
  recipe: RecipeBody
  sprayerId: string | null
  plantingId: string | null
  volume: string
  now: Schemas['HereAndNow']
  factor: number
}

/** Keeps the bench worked out while the choice changes. The last good answer stays while something cannot be read. */
export function useBench(choice: Ref<BenchChoice | null>) {
  const store = useGarden()
  const bench = shallowRef<Bench | null>(null)
  const errors = ref<Record<string, string>>({})
  const failure = ref<string | null>(null)
  let running: AbortController | null = null

  async function workOut(): Promise<void> {
    const asked = choice.value
    running?.abort()
    if (!asked) return
    const mine = (running = new AbortController())
    try {
      const answer = await take(api.POST('/api/gardens/{garden}/bench', {
        params: { path: { garden: store.id } },
        body: { recipe: asked.recipe, sprayer_id: asked.sprayerId, planting_id: asked.plantingId, volume: asked.volume, now: asked.now, factor: asked.factor },
        signal: mine.signal,
      }))
      if (mine.signal.aborted) return
      bench.value = answer
      errors.value = {}
      failure.value = null
    } catch (e) {
      if (mine.signal.aborted) return
      if (e instanceof ApiFailure && e.status === 422) {
        errors.value = e.fields
        failure.value = null
      } else {
        failure.value = e instanceof Error ? e.message : 'Something went wrong.'
      }
    }
  }

  const soon = useDebounceFn(workOut, PAUSE_MS)
  watch(choice, () => void soon(), { deep: true })

  return { bench, errors, failure, workOut }
}
