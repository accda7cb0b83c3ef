import { api, take, type Schemas } from '@/api/client'
import { useLatest } from '@/composables/useLatest'
import { watchDebounced } from '@vueuse/core'
import { shallowRef, type Ref } from 'vue'

/** What a list of plants is read as, while it is typed. */
export function useGrowing(text: Ref<string>) {
  const plants = shallowRef<Schemas['Grown'][]>([])
  const latest = useLatest<Schemas['Grown'][]>()
  async function read(): Promise<void> {
    plants.value = await latest(
      text.value.trim() === ''
        ? Promise.resolve([])
        : take(api.POST('/api/plants/list', { body: { text: text.value } })).then((answer) => answer.plants),
    )
  }
  watchDebounced(text, read, { debounce: 150 })
  /** As they are sent back: whatever was typed last is read first. */
  async function chosen() {
    await read()
    return plants.value.map(({ number, name, variety, stage, plant, kind }) => ({ number, name, variety, stage, plant, kind }))
  }

  return { plants, chosen }
}
