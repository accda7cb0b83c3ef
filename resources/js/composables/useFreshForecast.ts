import { api } from '@/api/client'
import { useGarden } from '@/stores/garden'

/** Hours after which the household's own address is asked again. */
const EVERY = 3 * 3_600_000

/** Where the household has set an address for its forecast, that is asked when the day is opened; without one nothing is called. */
export function useFreshForecast(came: () => unknown): () => Promise<void> {
  const store = useGarden()

  return async () => {
    if (!store.garden?.forecast_url) return
    const place = `nebbia.forecast.${store.id}`
    if (Date.now() - Number(localStorage.getItem(place) ?? 0) < EVERY) return
    localStorage.setItem(place, String(Date.now()))
    // What was known before stays where nothing answers; the settings say what is wrong.
    const { response } = await api.POST('/api/gardens/{garden}/weather/fetch', { params: { path: { garden: store.id } } })
    if (response.ok) await came()
  }
}
