import { api, take, type Course, type Schemas } from '@/api/client'
import { useGarden } from '@/stores/garden'
import { useLatest } from '@/composables/useLatest'
import { useReplans } from '@/parts/replans'
import { onMounted, shallowRef, watch } from 'vue'

/** All courses, and what stands beside them in the lanes; read again when something was undone. */
export function useRounds() {
  const store = useGarden()
  const courses = shallowRef<Course[] | null>(null)
  const lanes = shallowRef<Schemas['Lanes'] | null>(null)
  const { replans, ask } = useReplans()
  const latest = useLatest<[Course[], Schemas['Lanes']]>()

  async function load(): Promise<void> {
    const path = { params: { path: { garden: store.id } } }
    const [found, beside] = await latest(
      Promise.all([take(api.GET('/api/gardens/{garden}/courses', path)), take(api.GET('/api/gardens/{garden}/lanes', path))]),
    )
    courses.value = found
    lanes.value = beside
  }
  const both = () => Promise.all([load(), ask()])
  onMounted(both)
  watch(() => store.undone, both)

  return { courses, lanes, replans, load }
}
