import { api, take, type Schemas } from '@/api/client'
import { useChanges } from '@/composables/useChanges'
import { useGarden } from '@/stores/garden'
import { ref } from 'vue'

/** Keeps a recipe to begin with, and goes on with it. */
export function useStarter(then: (recipe: string) => void) {
  const store = useGarden()
  const changes = useChanges()
  const busy = ref(false)

  async function begin(starter: Schemas['Starter']): Promise<void> {
    busy.value = true
    try {
      const saved = await take(
        api.POST('/api/gardens/{garden}/recipes', { params: { path: { garden: store.id } }, body: { body: starter.body } }),
      )
      changes.done(saved.change)
      then(saved.recipe.id)
    } catch (e) {
      changes.failed(e)
    } finally {
      busy.value = false
    }
  }

  return { busy, begin }
}
