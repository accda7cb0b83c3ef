import { useGarden } from '@/stores/garden'

/** Days and instants in words, in the garden's own time zone, as they are written where it lies. */
export function useTimes() {
  const store = useGarden()
  const zone = () => store.garden?.time_zone ?? 'UTC'
  const locale = () => store.garden?.locale ?? 'en-GB'
  const said = (instant: number | string, options: Intl.DateTimeFormatOptions) =>
    new Intl.DateTimeFormat(locale(), { timeZone: zone(), ...options }).format(new Date(instant))
  /** A calendar day such as 2026-05-02: it has no zone, so none is applied. */
  const dated = (date: string, options: Intl.DateTimeFormatOptions) => said(`${date}T00:00:00Z`, { timeZone: 'UTC', ...options })

  const day = (date: string, style: 'long' | 'short' = 'long') => dated(date, { weekday: style, day: 'numeric', month: style })

  /** 2 May. */
  const dayShort = (date: string) => dated(date, { day: 'numeric', month: 'short' })

  /** May 2026, of a day or a month of it. */
  const month = (date: string) => dated(`${date.slice(0, 7)}-01`, { month: 'long', year: 'numeric' })

  /** The day of an instant, short: 2 May. */
  const dayOf = (instant: number) => said(instant, { day: 'numeric', month: 'short' })

  /** The same with the month in full: 14 May. */
  const dayLong = (instant: number) => said(instant, { day: 'numeric', month: 'long' })

  const instant = (iso: string) =>
    said(iso, { weekday: 'short', day: 'numeric', month: 'short', year: 'numeric', hour: '2-digit', minute: '2-digit' })

  /** A full hour of the clock: 19:00, or 7 PM. */
  const hour = (of: number) =>
    locale() === 'en-US' ? `${of % 12 || 12} ${of % 24 < 12 ? 'AM' : 'PM'}` : `${String(of).padStart(2, '0')}:00`

  /** 1 for Monday to 7 for Sunday. */
  const weekStarts = () => store.garden?.week_starts ?? 1

  /** Now, as the fields for a day and a time want it: 2026-05-02T19:30. */
  function nowField(): string {
    const parts = new Intl.DateTimeFormat('sv-SE', {
      timeZone: zone(), year: 'numeric', month: '2-digit', day: '2-digit', hour: '2-digit', minute: '2-digit',
    }).format(new Date(store.now()))
    return parts.replace(' ', 'T')
  }

  const todayField = () => nowField().slice(0, 10)

  return { day, dayShort, month, dayOf, dayLong, instant, hour, weekStarts, nowField, todayField, said, locale }
}
