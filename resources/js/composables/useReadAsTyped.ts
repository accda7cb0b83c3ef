import { ApiFailure } from '@/api/client'
import { useDebounceFn } from '@vueuse/core'
import { computed, ref, shallowRef, watch, type Ref } from 'vue'

const PAUSE_MS = 200

interface Placed {
  start: number
  end: number
}

/** Has a text read while it is typed, and cuts it at the places that something was made of; offsets are code points. */
export function useReadAsTyped<T, P extends Placed>(text: Ref<string>, ask: (text: string) => Promise<T>, places: (answer: T) => P[]) {
  const reading = shallowRef<T | null>(null)
  const error = ref<string | null>(null)

  async function read(): Promise<void> {
    const asked = text.value
    if (asked.trim() === '') {
      reading.value = null
      error.value = null
      return
    }
    try {
      const answer = await ask(asked)
      if (asked !== text.value) return
      reading.value = answer
      error.value = null
    } catch (e) {
      if (!(e instanceof ApiFailure)) throw e
      error.value = e.fields.text ?? e.message
    }
  }
  const soon = useDebounceFn(read, PAUSE_MS)
  watch(text, () => void soon())

  const pieces = computed(() => {
    const letters = [...text.value]
    const found: { text: string; place: P | null }[] = []
    let at = 0
    for (const place of reading.value === null ? [] : places(reading.value as T)) {
      if (place.start < at || place.end > letters.length) continue
      if (place.start > at) found.push({ text: letters.slice(at, place.start).join(''), place: null })
      found.push({ text: letters.slice(place.start, place.end).join(''), place })
      at = place.end
    }
    if (at < letters.length) found.push({ text: letters.slice(at).join(''), place: null })
    return found
  })

  return { reading, error, read, pieces }
}
