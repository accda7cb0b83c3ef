import { api, take, type Schemas } from '@/api/client'
import { useDebounceFn } from '@vueuse/core'
import { shallowRef, watch, type Ref } from 'vue'

const PAUSE_MS = 200

/** What the name of a plant means, while it is typed; null where nothing is typed. */
export function useMetPlant(name: Ref<string>) {
  const met = shallowRef<Schemas['MetPlant'] | null>(null)

  async function ask(): Promise<void> {
    const asked = name.value.trim()
    if (asked === '') {
      met.value = null
      return
    }
    const answer = await take(api.GET('/api/plants/meet', { params: { query: { name: asked } } }))
    if (asked === name.value.trim()) met.value = answer
  }
  const soon = useDebounceFn(ask, PAUSE_MS)
  watch(name, () => void soon())

  return { met, ask }
}
