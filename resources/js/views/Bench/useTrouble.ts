import { api, ApiFailure, take, type TroublePage } from '@/api/client'
import { useGarden } from '@/stores/garden'
import { useLatest } from '@/composables/useLatest'
import { shallowRef, watch } from 'vue'
import { useRoute } from 'vue-router'

/** The trouble named in the address, with which one came to the bench. */
export function useTrouble() {
  const store = useGarden()
  const route = useRoute()
  const trouble = shallowRef<TroublePage | null>(null)
  const latest = useLatest<TroublePage | null>()

  watch(
    () => route.query.trouble,
    async (id) => {
      try {
        trouble.value = await latest(
          typeof id !== 'string'
            ? Promise.resolve(null)
            : take(api.GET('/api/gardens/{garden}/troubles/{trouble}', { params: { path: { garden: store.id, trouble: id } } })),
        )
      } catch (e) {
        // An old address: the bench works without it.
        if (!(e instanceof ApiFailure) || e.status !== 404) throw e
        trouble.value = null
      }
    },
    { immediate: true },
  )

  return { trouble }
}
