import { api, take, type Making, type PreparationBody } from '@/api/client'
import { useGarden } from '@/stores/garden'
import { useWorkedOut } from '@/composables/useWorkedOut'
import { reactive, watch } from 'vue'

interface Draft {
  want: string
  body: PreparationBody | null
  name: string
  sprayer: string
}

const PAUSE_MS = 60
const key = (kind: string) => `nebbia.making.${useGarden().id}.${kind}`
const EMPTY: Draft = { want: '', body: null, name: '', sprayer: '' }

/** A making worked out while it is written; what is not begun yet is kept on this device, by kind. */
export function useMaking(kind: string, want: string) {
  const store = useGarden()
  const draft = reactive<Draft>({ ...EMPTY, ...read(kind) })
  if (want && draft.want !== want) Object.assign(draft, { want, body: null })
  const {
    answer: making,
    isKnown,
    errors,
    failure,
    workOut,
    soon,
  } = useWorkedOut<Making>(
    (signal) =>
      take(
        api.POST('/api/gardens/{garden}/makings', {
          params: { path: { garden: store.id } },
          body: {
            kind,
            want: draft.body ? null : draft.want || null,
            ...(draft.body ? { body: draft.body } : {}),
            sprayer_id: draft.sprayer || null,
          },
          signal,
        }),
      ),
    PAUSE_MS,
  )
  watch(
    draft,
    () => {
      localStorage.setItem(key(kind), JSON.stringify(draft))
      void soon()
    },
    { deep: true },
  )
  void workOut()

  /** What is shown in the fields: as it was changed, or the usual. */
  function edit(change: (body: PreparationBody) => void): void {
    const body = JSON.parse(JSON.stringify(draft.body ?? making.value?.body ?? null)) as PreparationBody | null
    if (!body) return
    change(body)
    draft.body = body
  }
  function forget(): void {
    localStorage.removeItem(key(kind))
  }

  return { draft, making, isKnown, errors, failure, edit, forget }
}

function read(kind: string): Partial<Draft> {
  try {
    return JSON.parse(localStorage.getItem(key(kind)) ?? '{}') as Partial<Draft>
  } catch {
    return {}
  }
}
