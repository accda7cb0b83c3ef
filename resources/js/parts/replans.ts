import { api, ApiFailure, take, type Schemas } from '@/api/client'
import { useGarden } from '@/stores/garden'
import { computed, shallowRef } from 'vue'

/** Of one garden: another one begun on this page has its own. */
const known = shallowRef<{ garden: string; replans: Schemas['Replan'][] } | null>(null)
let newest = 0

/**
 * What has changed, null until it was asked once. It stands above what a view is for: a view shows nothing before it is known, so that
 * nothing moves under a hand, and what was known before stands there at once.
 */
export function useReplans() {
  const store = useGarden()
  const replans = computed(() => (known.value?.garden === store.id ? known.value.replans : null))

  async function ask(): Promise<void> {
    const [garden, mine] = [store.id, ++newest]
    try {
      const answer = await take(api.GET('/api/gardens/{garden}/replans', { params: { path: { garden } } }))
      // An answer that was overtaken gives way to the newer one.
      if (mine === newest) known.value = { garden, replans: answer }
    } catch (e) {
      if (replans.value === null) known.value = { garden, replans: [] }
      // The view stands without it; what cannot be reached is said by the view itself.
      if (!(e instanceof ApiFailure)) throw e
    }
  }

  return { replans, ask }
}
