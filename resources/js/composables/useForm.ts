import { useGarden } from '@/stores/garden'
import { useSaving } from './useSaving'
import type { Change } from '@/api/client'
import { computed, reactive, ref, watch, type Ref } from 'vue'

export interface FormOptions<T extends object> {
  /** Where what is typed is kept on this device until it is saved, within this garden: "zone.new". */
  kept: () => string
  /** What an empty form holds. */
  blank: () => T
  /** What stands there already, over the blank. */
  from?: () => Partial<T>
  /** The version of the row that is changed; 0 for a new one. */
  version?: () => number
  /** Reads anew what stands behind the dialog, after it was saved or found changed. */
  reload?: () => unknown
  /** Done besides, each time it is opened. */
  opened?: (values: T) => void
}

/** What a form has to say of itself, as FormNotes.vue shows it. */
export interface Notes {
  /** What was typed before stands in it again. */
  resumed: boolean
  /** The row was changed elsewhere since it was read. */
  stale: boolean
  /** Begins again from what stands there. */
  afresh: () => void
  /** What was typed counts, over what was saved elsewhere. */
  overwrite: () => void
  /** What was saved elsewhere counts: what was typed goes, and the view shows what is stored. */
  takeStored: () => Promise<void>
}

interface Kept {
  version: number
  values: unknown
}

/**
 * A form in a dialog: its values, what is wrong with them by field, whether it is being saved, whether the row was changed elsewhere meanwhile, and
 * what was typed and not saved the last time, which comes back when it is opened again.
 */
export function useForm<T extends object>(shown: Ref<boolean>, options: FormOptions<T>) {
  const store = useGarden()
  const saving = useSaving()
  const values = reactive(options.blank()) as T
  const version = ref(0)
  const resumed = ref(false)
  let begun = ''

  const place = () => `nebbia.form.${store.id}.${options.kept()}`

  /** As it stands there, without what was typed. */
  function afresh(): void {
    localStorage.removeItem(place())
    Object.assign(values, options.blank(), options.from?.() ?? {})
    begun = JSON.stringify(values)
    version.value = options.version?.() ?? 0
    resumed.value = false
    saving.errors.value = {}
    saving.stale.value = null
  }

  function open(): void {
    const kept = read(place())
    saving.stale.value = null
    afresh()
    if (kept !== null) {
      Object.assign(values, kept.values)
      version.value = kept.version
      resumed.value = true
    }
    options.opened?.(values)
  }

  /** What was found out only after it was opened is put in, and is no change of the gardener's. */
  function settle(put: () => void): void {
    const untouched = JSON.stringify(values) === begun
    put()
    if (untouched) begun = JSON.stringify(values)
  }

  /** What was typed counts, over what was saved elsewhere meanwhile. */
  function overwrite(): void {
    version.value = saving.stale.value?.version ?? version.value
    saving.stale.value = null
  }

  async function takeStored(): Promise<void> {
    localStorage.removeItem(place())
    saving.stale.value = null
    // What the dialog was opened with is old: the view is read anew, and the dialog begins from that when it is opened again.
    await saving.close(shown, () => Promise.resolve(options.reload?.()))
  }

  /** Says what was done, and closes once the view behind shows it. */
  async function finish(change: Change): Promise<void> {
    saving.done(change)
    await saving.close(shown, () => Promise.resolve(options.reload?.()))
  }

  /** True where it was saved, after which nothing is kept of it. */
  async function attempt(work: () => Promise<void>): Promise<boolean> {
    const at = place()
    return saving.attempt(async () => {
      await work()
      begun = JSON.stringify(values)
      localStorage.removeItem(at)
    })
  }

  watch(
    shown,
    (now) => {
      if (now) open()
    },
    { immediate: true },
  )
  watch(
    values,
    () => {
      if (!shown.value) return
      const text = JSON.stringify(values)
      if (text === begun) localStorage.removeItem(place())
      else localStorage.setItem(place(), JSON.stringify({ version: version.value, values: JSON.parse(text) } satisfies Kept))
    },
    { deep: true },
  )

  const notes: Notes = reactive({ resumed, stale: computed(() => saving.stale.value !== null), afresh, overwrite, takeStored })

  return { values, version, notes, errors: saving.errors, busy: saving.busy, settle, attempt, done: saving.done, finish }
}

function read(place: string): Kept | null {
  try {
    const text = localStorage.getItem(place)
    return text ? (JSON.parse(text) as Kept) : null
  } catch {
    return null
  }
}
