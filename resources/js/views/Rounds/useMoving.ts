import { t } from '@/i18n'
import { ApiFailure, type Round } from '@/api/client'
import { useRoundDays } from '@/composables/useRoundDays'
import { computed, shallowRef } from 'vue'

/** A round that is being carried to another day: what that means is known before it is let go. */
export function useMoving(moved: () => void) {
  const { days, load, on, move, busy } = useRoundDays()
  const round = shallowRef<Round | null>(null)
  const day = shallowRef('')

  async function take(one: Round): Promise<void> {
    if (round.value?.id === one.id) return
    round.value = one
    day.value = one.due_on
    try {
      await load(one)
    } catch (e) {
      // It can be moved without knowing what that means.
      if (!(e instanceof ApiFailure)) throw e
    }
  }
  const put = (where: string) => {
    if (round.value) day.value = where
  }
  const letGo = () => {
    round.value = null
  }

  async function drop(): Promise<void> {
    const one = round.value
    if (!one || busy.value) return
    if (day.value !== one.due_on) {
      await move(one, day.value, on(day.value)?.hour ?? null, t('rounds.use-moving.moved-by-hand'))
      moved()
    }
    letGo()
  }

  return {
    round,
    day,
    days,
    meaning: computed(() => on(day.value)),
    isAway: computed(() => round.value !== null && day.value !== round.value.due_on),
    take,
    put,
    letGo,
    drop,
  }
}
