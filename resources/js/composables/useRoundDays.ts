import { api, take, type Round, type Schemas } from '@/api/client'
import { useGarden } from '@/stores/garden'
import { useSaving } from './useSaving'
import { shallowRef } from 'vue'

export type RoundDay = Schemas['RoundDay']

/** What each of the coming days would mean for a round, asked for before it is moved; and moving it. */
export function useRoundDays() {
  const store = useGarden()
  const saving = useSaving()
  const days = shallowRef<RoundDay[]>([])
  let asked = ''

  async function load(round: Round): Promise<void> {
    asked = round.id
    days.value = []
    const found = await take(
      api.GET('/api/gardens/{garden}/rounds/{round}/days', { params: { path: { garden: store.id, round: round.id } } }),
    )
    if (asked === round.id) days.value = found
  }

  const on = (day: string) => days.value.find((one) => one.day === day)

  /** True where it worked. */
  const move = (round: Round, day: string, hour: number | null, reason: string) =>
    saving.attempt(async () => {
      const answer = await take(
        api.POST('/api/gardens/{garden}/rounds/{round}/move', {
          params: { path: { garden: store.id, round: round.id } },
          body: { version: round.version, due_on: day, due_hour: hour, reason },
        }),
      )
      saving.done(answer.change)
    })

  return { days, load, on, move, errors: saving.errors, busy: saving.busy }
}
