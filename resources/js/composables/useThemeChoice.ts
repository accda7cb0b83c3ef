import { useGarden } from '@/stores/garden'
import { usePreferredDark } from '@vueuse/core'
import { computed, watchEffect } from 'vue'

/** Light or dark: the garden's setting, or what the device prefers. Keeps the document's data-theme in step. */
export function useThemeChoice() {
  const store = useGarden()
  const prefersDark = usePreferredDark()
  const isDark = computed(() => {
    const choice = store.garden?.theme ?? 'auto'
    return choice === 'auto' ? prefersDark.value : choice === 'dark'
  })
  watchEffect(() => {
    document.documentElement.dataset.theme = isDark.value ? 'dark' : 'light'
  })
  return { isDark }
}
