import { ApiFailure } from '@/api/client'
import { useChanges } from './changes'
import { nextTick, ref, type Ref } from 'vue'

/** The first complaint comes into sight: a long form on a phone would hide it, and nothing would seem to happen. */
export async function showComplaint(): Promise<void> {
  await nextTick()
  const within = [...document.querySelectorAll('[role=dialog]')].pop() ?? document
  const field = within.querySelector<HTMLElement>('[aria-invalid=true]')
  if (field) field.focus()
  else within.querySelector('.field-error')?.scrollIntoView({ block: 'center' })
}

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
      if (e instanceof ApiFailure && e.status === 422) {
        errors.value = e.fields
        void showComplaint()
      } else changes.failed(e)
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
