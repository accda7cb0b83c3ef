import type { Schemas } from '@/api/client'
import { useLocalStorage } from '@vueuse/core'
import { ref, watch, type Ref } from 'vue'

type Doubt = Schemas['Span']
type Answer = NonNullable<Doubt['answers']>[number]

/** What one answered stays on this device for the next paste; what hangs on a single recipe is asked again. */
const LASTING = new Set(['unnamed-soap', 'unnamed-alcohol', 'missing-strength', 'which-spoon'])

export interface AsLastTime {
  key: string
  text: string
  label: string
}

/** Settles doubts in the text itself, so that the marks, the recipe and the next reading follow from what stands there. */
export function useAnswers(text: Ref<string>, doubts: Ref<Doubt[]>) {
  const remembered = useLocalStorage<Record<string, { label: string; text: string }>>('nebbia.answers', {})
  const asLastTime = ref<AsLastTime[]>([])
  const keyOf = (doubt: Doubt) => `${doubt.kind} ${doubt.text.toLowerCase()}`

  /** Offsets are code points. */
  function put(doubt: Doubt, answer: Answer): void {
    const letters = [...text.value]
    text.value = answer.append
      ? `${text.value.trimEnd()} ${answer.text}`
      : [...letters.slice(0, doubt.start), answer.text, ...letters.slice(doubt.end)].join('')
  }
  function answer(doubt: Doubt, chosen: Answer): void {
    if (LASTING.has(doubt.kind)) remembered.value = { ...remembered.value, [keyOf(doubt)]: { label: chosen.label, text: chosen.text } }
    put(doubt, chosen)
  }
  /** From now on it is asked again. */
  function forget(one: AsLastTime): void {
    remembered.value = Object.fromEntries(Object.entries(remembered.value).filter(([key]) => key !== one.key))
    asLastTime.value = asLastTime.value.filter((other) => other.key !== one.key)
  }
  // One at a time: each answer moves the places of the others.
  watch(doubts, (now) => {
    for (const doubt of now) {
      const key = keyOf(doubt)
      const before = remembered.value[key]
      const known = before && doubt.answers?.find((one) => one.text === before.text)
      if (before && known && !asLastTime.value.some((one) => one.key === key)) {
        asLastTime.value = [...asLastTime.value, { key, text: doubt.text, label: before.label }]
        put(doubt, known)
        return
      }
    }
  })
  watch(text, (now) => {
    if (now.trim() === '') asLastTime.value = []
  })

  return { answer, forget, asLastTime }
}
