import { api, ApiFailure, take, type Schemas } from '@/api/client'
import { t } from '@/i18n'
import { ref, shallowRef } from 'vue'

/** How often it is asked how far something has come, ms. */
const EVERY = 600

/** Where all is kept, its backups, and how far what is being done has come. */
export function useKeep() {
  const keep = shallowRef<Schemas['Keep'] | null>(null)
  const busy = ref(false)
  const going = shallowRef<Schemas['GoingOn'] | null>(null)
  const failed = ref('')

  async function load(): Promise<void> {
    keep.value = await take(api.GET('/api/keep'))
  }

  /** Does it, and shows how far it has come meanwhile; what is refused is said. */
  async function run<T>(work: () => Promise<T>): Promise<T | null> {
    if (busy.value) return null
    busy.value = true
    failed.value = ''
    const asking = setInterval(() => {
      take(api.GET('/api/keep')).then(
        (now) => (going.value = now.going_on),
        () => undefined,
      )
    }, EVERY)
    try {
      return await work()
    } catch (e) {
      failed.value = e instanceof ApiFailure ? (Object.values(e.fields)[0] ?? e.message) : t('composables.use-changes.something-went-wrong')
      return null
    } finally {
      clearInterval(asking)
      going.value = null
      busy.value = false
    }
  }

  const takeNow = () =>
    run(async () => {
      keep.value = await take(api.POST('/api/backups'))
    })

  /** Sends a file as it is; the answer says what it is and what would be done with it. */
  const send = (file: File) =>
    run(() =>
      take(
        api.PUT('/api/incoming', {
          body: file as unknown as string,
          bodySerializer: (body) => body,
          headers: { 'Content-Type': 'application/octet-stream' },
        }),
      ),
    )

  return { keep, busy, going, failed, load, run, takeNow, send }
}
