import { api, take, type Garden, type Knowledge, type Planting, type Schemas, type Sprayer } from '@/api/client'
import { defineStore } from 'pinia'
import { computed, ref, shallowRef } from 'vue'

/** The garden that is open, with what stands in it. */
export const useGarden = defineStore('garden', () => {
  const garden = ref<Garden | null>(null)
  const zones = shallowRef<Schemas['Choice'][]>([])
  const plantings = shallowRef<Planting[]>([])
  const sprayers = shallowRef<Sprayer[]>([])
  const knowledge = ref<Knowledge>({ ingredients: [], plants: [], targets: [], soap_oils: [] })
  const loaded = ref(false)
  /** Grows when something was undone, which may have changed what any view shows. */
  const undone = ref(0)

  /** Milliseconds that the garden's own time is ahead of this device's clock. */
  const ahead = ref(0)
  const now = () => Date.now() + ahead.value

  const id = computed(() => garden.value?.id ?? '')

  /** Opens the first garden of this machine; false where there is none yet. */
  async function open(): Promise<boolean> {
    if (loaded.value && garden.value) return true
    const [gardens, known] = await Promise.all([take(api.GET('/api/gardens')), take(api.GET('/api/knowledge'))])
    knowledge.value = known
    loaded.value = true
    const first = gardens[0]
    if (!first) return false
    garden.value = first
    await refresh()
    return true
  }

  async function refresh(): Promise<void> {
    const opened = await take(api.GET('/api/gardens/{garden}', { params: { path: { garden: id.value } } }))
    garden.value = opened.garden
    ahead.value = Date.parse(opened.garden.now) - Date.now()
    zones.value = opened.zones
    plantings.value = opened.plantings
    sprayers.value = opened.sprayers
  }

  return { garden, zones, plantings, sprayers, knowledge, loaded, undone, id, now, open, refresh }
})
