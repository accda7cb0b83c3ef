import { t } from '@/i18n'
import { api, take, ApiFailure, type Change } from '@/api/client'
import { useGarden } from '@/stores/garden'
import { NButton, useMessage } from 'naive-ui'
import { h } from 'vue'

const SHOWN_MS = 12_000

/** Says what was just done, with a button that takes it back; views that show it reload when store.undone grows. */
export function useChanges() {
  const store = useGarden()
  const message = useMessage()

  function done(change: Change, afterUndo?: () => void | Promise<void>): void {
    const shown = message.success(
      () =>
        h('span', { class: 'undo-line' }, [
          change.label,
          h(NButton, { size: 'small', secondary: true, onClick: () => void undo() }, { default: () => t('composables.use-changes.undo') }),
        ]),
      { duration: SHOWN_MS, keepAliveOnHover: true, closable: true },
    )

    async function undo(): Promise<void> {
      shown.destroy()
      try {
        await take(api.POST('/api/gardens/{garden}/changes/{change}/undo', { params: { path: { garden: store.id, change: change.id } } }))
        message.info(t('composables.use-changes.undone', { label: change.label }))
        await afterUndo?.()
        store.undone++
      } catch (e) {
        failed(e)
      }
    }
  }

  function failed(e: unknown): void {
    message.error(e instanceof ApiFailure ? e.message : t('composables.use-changes.something-went-wrong'), {
      duration: SHOWN_MS,
      closable: true,
    })
  }

  return { done, failed }
}
