import { ApiFailure } from '@/api/client'
import { useChanges } from './changes'
import { ref, type Ref } from 'vue'

/** Runs a write: complaints about fields stay beside the form, anything else is said; true where it worked. */
export function useSaving() {
  const changes = useChanges()
  const errors = ref<Record<string, string>>({})
  const busy = ref(false)

  async function attempt(work: () => Promise<void>): Promise<boolean> {
    busy.value = true
    errors.value = {}
    try {
      await work()
      return true
    } catch (e) {
      if (e instanceof ApiFailure && e.status === 422) errors.value = e.fields
      else changes.failed(e)
      return false
    } finally {
      busy.value = false
    }
  }

  /** Closes a dialog once the view behind it shows what was saved: opened again at once, it must not begin from what stood there before. */
  async function close(shown: Ref<boolean>, reload: () => Promise<unknown>): Promise<void> {
    try {
      await reload()
    } finally {
      shown.value = false
    }
  }

  return { errors, busy, attempt, done: changes.done, close }
}
