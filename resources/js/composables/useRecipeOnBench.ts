import { api, ApiFailure, take } from '@/api/client'
import { useDraft } from './useDraft'
import { useGarden } from '@/stores/garden'
import { ref } from 'vue'

/** The recipe of an address, as it stands on the bench: with what is not saved yet. */
export function useRecipeOnBench() {
  const store = useGarden()
  const draft = useDraft()
  const missing = ref(false)

  async function open(id: string): Promise<void> {
    missing.value = false
    if (id === 'new') {
      draft.openNew(store.garden?.units ?? 'us')
      return
    }
    try {
      draft.open(await take(api.GET('/api/gardens/{garden}/recipes/{recipe}', { params: { path: { garden: store.id, recipe: id } } })))
    } catch (e) {
      if (!(e instanceof ApiFailure) || e.status !== 404) throw e
      missing.value = true
    }
  }

  return { ...draft, missing, openFrom: open }
}
