import { t } from '@/i18n'
import { ApiFailure } from '@/api/client'
import { useDebounceFn } from '@vueuse/core'
import { computed, ref, shallowRef, type ShallowRef } from 'vue'

/**
 * Something the server works out while it is typed: asked for after a pause, an older question dropped for a newer one. The last good answer stays
 * while something cannot be read, but is said to be put aside: it is not of what stands there now. One of another thing goes.
 *
 * @param ask  puts the question; null where there is none to put
 * @param of  what the answer is of: a recipe's id, say
 * @param pauseMs  short enough to feel live, long enough not to ask for every key
 */
export function useWorkedOut<T>(ask: (signal: AbortSignal) => Promise<T> | null, pauseMs: number, of: () => string = () => '') {
  const answer: ShallowRef<T | null> = shallowRef(null)
  const errors = ref<Record<string, string>>({})
  const failure = ref<string | null>(null)
  /** The answer is of what was written before. */
  const isAside = ref(false)
  /** It has been answered once, be it with a complaint: what would come late pushes buttons away under the hand. */
  const isKnown = computed(() => answer.value !== null || failure.value !== null || Object.keys(errors.value).length > 0)
  let answered = ''
  let running: AbortController | null = null

  async function workOut(): Promise<void> {
    running?.abort()
    const mine = (running = new AbortController())
    try {
      const found = await ask(mine.signal)
      if (mine.signal.aborted || found === null) return
      answer.value = found
      answered = of()
      isAside.value = false
      errors.value = {}
      failure.value = null
    } catch (e) {
      if (mine.signal.aborted) return
      if (answered !== of()) answer.value = null
      isAside.value = answer.value !== null
      if (e instanceof ApiFailure && e.status === 422) {
        errors.value = e.fields
        failure.value = null
      } else {
        failure.value = e instanceof Error ? e.message : t('composables.use-worked-out.something-went-wrong')
      }
    }
  }

  return { answer, isAside, isKnown, errors, failure, workOut, soon: useDebounceFn(workOut, pauseMs) }
}
