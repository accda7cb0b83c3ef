import { t } from '@/i18n'
import { api, ApiFailure, take, type Schemas } from '@/api/client'
import { useGarden } from '@/stores/garden'
import { useDebounceFn } from '@vueuse/core'
import { ref, shallowRef } from 'vue'
import { useChanges } from './useChanges'
import { useLatest } from './useLatest'

/** How often and until when, in words: what they come to, asked for while they are typed. */
export function useOften(form: { often: string; until: string; starts: string }) {
  const store = useGarden()
  const changes = useChanges()
  const latest = useLatest<Schemas['Often']>()
  const meant = shallowRef<Schemas['Often'] | null>(null)
  /** Of the two fields. */
  const errors = ref<Record<string, string>>({})
  /** Rounds where no end is said. */
  const usual = ref(3)

  async function understand(): Promise<boolean> {
    try {
      meant.value = await latest(
        take(
          api.POST('/api/gardens/{garden}/often', {
            params: { path: { garden: store.id } },
            body: { often: form.often, until: form.until, starts_on: form.starts, usual: usual.value },
          }),
        ),
      )
      errors.value = {}
      return true
    } catch (e) {
      meant.value = null
      if (e instanceof ApiFailure && e.status === 422) errors.value = e.fields
      else changes.failed(e)
      return false
    }
  }

  /** Every so many days, so often, in the words of the fields. */
  function say(days: number, number: number): void {
    form.often = t('parts.plan-dialog.every-n', { days })
    form.until = t('parts.plan-dialog.n-times', { number })
  }

  return { say, meant, errors, usual, understand, soon: useDebounceFn(understand, 250) }
}
