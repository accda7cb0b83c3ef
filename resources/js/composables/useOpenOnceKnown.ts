import { computed, ref, type Ref } from 'vue'

/**
 * A dialog that opens once what it shows is there, or cannot be had: it stands in the middle of the screen, so that all of it would move away under
 * the hand when something came late.
 */
export function useOpenOnceKnown(shown: Ref<boolean>) {
  const isKnown = ref(false)
  const isOpen = computed({
    get: () => shown.value && isKnown.value,
    set: (open) => {
      shown.value = open
    },
  })

  /** Opens when it is answered, also where that fails; what failed is thrown on. */
  async function once<T>(asked: Promise<T>): Promise<T> {
    isKnown.value = false
    try {
      return await asked
    } finally {
      isKnown.value = true
    }
  }

  return { isOpen, once }
}
