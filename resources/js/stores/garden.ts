import { api, take, type Garden, type Knowledge, type Planting, type Schemas, type Sprayer } from '@/api/client'
import { householdUnits } from '@/i18n'
import { defineStore } from 'pinia'
import { computed, ref, shallowRef } from 'vue'

/** Where this device keeps which garden was open last. */
const LAST = 'nebbia.garden'

/** The garden that is open, with what stands in it. */
export const useGarden = defineStore('garden', () => {
  const garden = ref<Garden | null>(null)
  /** All gardens of this machine, the oldest first. */
  const gardens = shallowRef<Garden[]>([])
  const zones = shallowRef<Schemas['Choice'][]>([])
  const plantings = shallowRef<Planting[]>([])
  const sprayers = shallowRef<Sprayer[]>([])
  /** The plantings as they stand together. */
  const byZone = computed(() =>
    [...new Set(plantings.value.map((one) => one.zone))].map((zone) => ({ zone, plantings: plantings.value.filter((one) => one.zone === zone) })),
  )
  const knowledge = ref<Knowledge>({ ingredients: [], plants: [], targets: [], soap_oils: [], kinds: [], cupboard: [] })
  const loaded = ref(false)
  /** Grows when something was undone, which may have changed what any view shows. */
  const undone = ref(0)

  /** Milliseconds that the garden's own time is ahead of this device's clock. */
  const ahead = ref(0)
  const now = () => Date.now() + ahead.value

  const id = computed(() => garden.value?.id ?? '')

  /** Opens the garden that was open last on this device, or the first; false where there is none yet. */
  async function open(): Promise<boolean> {
    if (loaded.value && garden.value) return true
    const [all, known] = await Promise.all([take(api.GET('/api/gardens')), take(api.GET('/api/knowledge'))])
    knowledge.value = known
    loaded.value = true
    gardens.value = all
    const last = localStorage.getItem(LAST)
    const first = all.find((one) => one.id === last) ?? all[0]
    if (!first) return false
    garden.value = first
    await refresh()
    return true
  }

  async function refresh(): Promise<void> {
    const opened = await take(api.GET('/api/gardens/{garden}', { params: { path: { garden: id.value } } }))
    garden.value = opened.garden
    householdUnits.value = opened.garden.units
    ahead.value = Date.parse(opened.garden.now) - Date.now()
    zones.value = opened.zones
    plantings.value = opened.plantings
    sprayers.value = opened.sprayers
  }

  /** Opens another one. Everything that is shown is of a garden, so the page begins anew. */
  function choose(other: string): void {
    localStorage.setItem(LAST, other)
    location.assign('/')
  }

  return { garden, gardens, choose, zones, plantings, byZone, sprayers, knowledge, loaded, undone, id, now, open, refresh }
})
