import { useGarden } from './garden'

/** Days and instants in words, in the garden's own time zone. */
export function useTimes() {
  const store = useGarden()
  const zone = () => store.garden?.time_zone ?? 'UTC'

  /** A calendar day such as 2026-05-02: it has no zone, so none is applied. */
  function day(date: string, style: 'long' | 'short' = 'long'): string {
    return new Intl.DateTimeFormat('en-GB', {
      timeZone: 'UTC',
      weekday: style === 'long' ? 'long' : 'short',
      day: 'numeric',
      month: style === 'long' ? 'long' : 'short',
    }).format(new Date(`${date}T00:00:00Z`))
  }

  /** The day of an instant, short: 2 May. */
  function dayOf(instant: number): string {
    return new Intl.DateTimeFormat('en-GB', { timeZone: zone(), day: 'numeric', month: 'short' }).format(new Date(instant))
  }

  /** The same with the month in full: 14 May. */
  function dayLong(instant: number): string {
    return new Intl.DateTimeFormat('en-GB', { timeZone: zone(), day: 'numeric', month: 'long' }).format(new Date(instant))
  }

  function instant(iso: string): string {
    return new Intl.DateTimeFormat('en-GB', {
      timeZone: zone(), weekday: 'short', day: 'numeric', month: 'short', year: 'numeric', hour: '2-digit', minute: '2-digit',
    }).format(new Date(iso))
  }

  /** Now, as the fields for a day and a time want it: 2026-05-02T19:30. */
  function nowField(): string {
    const parts = new Intl.DateTimeFormat('sv-SE', {
      timeZone: zone(), year: 'numeric', month: '2-digit', day: '2-digit', hour: '2-digit', minute: '2-digit',
    }).format(new Date(store.now()))
    return parts.replace(' ', 'T')
  }

  const todayField = () => nowField().slice(0, 10)

  return { day, dayOf, dayLong, instant, nowField, todayField }
}
