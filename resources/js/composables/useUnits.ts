import { useGarden } from '@/stores/garden'
import { computed } from 'vue'

/** What bare numbers are taken for in this household; the unit goes along with them, so that nobody guesses. */
export function useUnits() {
  const store = useGarden()
  const names = computed(() => store.garden!.unit_names)
  /** As typed, with the unit behind it where there is none; null where nothing is typed. */
  const withUnit = (typed: string, unit: string): string | null => {
    const text = typed.trim()
    return text === '' ? null : /[\d.,½¼¾⅓⅔⅛⅜⅝⅞]$/.test(text) ? `${text} ${unit}` : text
  }

  return { names, withUnit }
}
