import { api, ApiFailure, take, type Recipe } from '@/api/client'
import { useChanges } from '@/composables/useChanges'
import { useGarden } from '@/stores/garden'
import { ref } from 'vue'
import { useRouter } from 'vue-router'
import type { useDraft } from '@/composables/useDraft'

/** Saving, copying and deleting the recipe on the bench; each can be undone, and a stale save shows both versions. */
export function useRecipeActions(draft: ReturnType<typeof useDraft>) {
  const store = useGarden()
  const router = useRouter()
  const changes = useChanges()
  const theirs = ref<Recipe | null>(null)
  const showStale = ref(false)
  const errors = ref<Record<string, string>>({})
  const busy = ref(false)

  const at = (recipe: string) => ({ params: { path: { garden: store.id, recipe } } })

  async function reload(id: string): Promise<void> {
    draft.settle(await take(api.GET('/api/gardens/{garden}/recipes/{recipe}', at(id))))
  }

  async function save(version = draft.version.value): Promise<void> {
    const body = draft.body.value
    if (!body) return
    busy.value = true
    errors.value = {}
    try {
      const wanted = { body, note: draft.note.value }
      const stored = draft.recipe.value
      if (stored) {
        const saved = await take(api.PUT('/api/gardens/{garden}/recipes/{recipe}', { ...at(stored.id), body: { ...wanted, version } }))
        draft.settle(saved.recipe)
        changes.done(saved.change, () => reload(stored.id))
      } else {
        const saved = await take(api.POST('/api/gardens/{garden}/recipes', { params: { path: { garden: store.id } }, body: wanted }))
        draft.settle(saved.recipe)
        changes.done(saved.change, () => void router.push({ name: 'bench', params: { recipe: '' } }))
        await router.replace({ name: 'bench', params: { recipe: saved.recipe.id } })
      }
    } catch (e) {
      if (e instanceof ApiFailure && e.status === 409 && e.theirs) {
        theirs.value = e.theirs as Recipe
        showStale.value = true
      } else if (e instanceof ApiFailure && e.status === 422) {
        errors.value = e.fields
        changes.failed(e)
      } else changes.failed(e)
    } finally {
      busy.value = false
    }
  }

  async function keepMine(): Promise<void> {
    showStale.value = false
    if (theirs.value) await save(theirs.value.version)
  }

  function takeTheirs(): void {
    showStale.value = false
    if (theirs.value) draft.settle(theirs.value)
  }

  async function copy(): Promise<void> {
    const stored = draft.recipe.value
    if (!stored) return
    try {
      const saved = await take(api.POST('/api/gardens/{garden}/recipes/{recipe}/copy', at(stored.id)))
      changes.done(saved.change, () => void router.push({ name: 'bench', params: { recipe: stored.id } }))
      await router.push({ name: 'bench', params: { recipe: saved.recipe.id } })
    } catch (e) {
      changes.failed(e)
    }
  }

  async function remove(): Promise<void> {
    const stored = draft.recipe.value
    if (!stored) return
    try {
      const change = await take(api.DELETE('/api/gardens/{garden}/recipes/{recipe}', at(stored.id)))
      changes.done(change, () => void router.push({ name: 'bench', params: { recipe: stored.id } }))
      await router.push({ name: 'bench', params: { recipe: '' } })
    } catch (e) {
      changes.failed(e)
    }
  }

  return { save, copy, remove, keepMine, takeTheirs, theirs, showStale, errors, busy }
}
