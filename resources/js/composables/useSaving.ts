import { ApiFailure } from '@/api/client'
import { useChanges } from './useChanges'
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
  /** The row as it is stored, where it was changed elsewhere since it was read. */
  const stale = ref<{ version: number } | null>(null)
  const errors = ref<Record<string, string>>({})
  const busy = ref(false)

  async function attempt(work: () => Promise<void>): Promise<boolean> {
    // Pressed twice it is still one.
    if (busy.value) return false
    busy.value = true
    errors.value = {}
    stale.value = null
    try {
      await work()
      return true
    } catch (e) {
      if (e instanceof ApiFailure && e.status === 422) {
        errors.value = e.fields
        void showComplaint()
      } else {
        if (e instanceof ApiFailure && e.status === 409 && isRow(e.theirs)) stale.value = e.theirs
        changes.failed(e)
      }
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

  return { errors, busy, stale, attempt, done: changes.done, close }
}

function isRow(theirs: unknown): theirs is { version: number } {
  return typeof theirs === 'object' && theirs !== null && 'version' in theirs && typeof theirs.version === 'number'
}
