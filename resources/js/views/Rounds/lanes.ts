import type { Course, Schemas } from '@/api/client'

/** Drawing units of the lanes. */
export const LANES = {
  left: 290,
  width: 1000,
  row: 42,
  head: 58,
  rainFoot: 52,
  rainHigh: 28,
  mostRain: 20,
  mostLanes: 9,
  before: 21,
  after: 42,
  longestName: 36,
} as const

export const dayNumber = (date: string): number => Math.round(Date.parse(`${date}T00:00:00Z`) / 86_400_000)
export const dayText = (number: number): string => new Date(number * 86_400_000).toISOString().slice(0, 10)

/** Where days stand between three weeks ago and six weeks ahead. */
export function scaleOf(today: string) {
  const from = dayNumber(today) - LANES.before
  const to = dayNumber(today) + LANES.after
  const width = (LANES.width - LANES.left - 20) / (to - from)
  return {
    from,
    to,
    width,
    x: (date: string): number => LANES.left + (dayNumber(date) - from) * width,
    inside: (date: string): boolean => dayNumber(date) >= from && dayNumber(date) <= to,
    /** The day at a place, as the lanes are drawn. */
    dayAt: (x: number): string => dayText(Math.max(from, Math.min(to, Math.round((x - LANES.left) / width) + from))),
  }
}

export function laneName(course: Course): string {
  const remedy = course.other ? `${course.recipe} / ${course.other}` : course.recipe
  const name = course.target ? `${remedy}, ${course.target}` : remedy
  return name.length > LANES.longestName ? `${name.slice(0, LANES.longestName - 1)}…` : name
}

/** The rain of the days, as high as it is drawn. */
export function rainBars(weather: Schemas['WeatherDay'][], inside: (date: string) => boolean) {
  return weather
    .filter((day) => day.rain_mm >= 0.5 && inside(day.day))
    .map((day) => ({ day, height: Math.max(2, Math.min(1, day.rain_mm / LANES.mostRain) * LANES.rainHigh) }))
}
