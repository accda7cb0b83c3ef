import { ApiFailure } from '@/api/client'
import { useForm } from '@/composables/useForm'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { nextTick, ref, type Ref } from 'vue'

vi.mock('naive-ui', () => ({
  NButton: {},
  useMessage: () => ({ success: () => ({ destroy: () => undefined }), info: () => undefined, error: () => undefined }),
}))

const row = () => ({ name: 'Bean rows', note: 'sunny', version: 3 })
const formOf = (shown: Ref<boolean>, stored: { name: string; note: string; version: number } | null, at = 'zone.1') =>
  useForm(shown, {
    kept: () => at,
    blank: () => ({ name: '', note: '' }),
    from: () => (stored ? { name: stored.name, note: stored.note } : {}),
    version: () => stored?.version ?? 0,
  })

beforeEach(() => {
  localStorage.clear()
  vi.stubGlobal('document', { querySelectorAll: () => [], querySelector: () => null })
  setActivePinia(createPinia())
})

describe('a form', () => {
  it('opens with what is stored, over the blank, and keeps nothing of what was not touched', async () => {
    const shown = ref(false)
    const form = formOf(shown, row())
    shown.value = true
    await nextTick()
    expect(form.values).toEqual({ name: 'Bean rows', note: 'sunny' })
    expect(form.version.value).toBe(3)
    expect(form.notes.resumed).toBe(false)
    expect(localStorage).toHaveLength(0)
  })

  it('gives back what was typed and not saved, after a reload too, with the version it was begun from', async () => {
    const shown = ref(true)
    formOf(shown, row()).values.note = 'half shade'
    await nextTick()
    // As after a reload: nothing but what the device kept; by now the row was changed elsewhere.
    const again = formOf(ref(true), { ...row(), note: 'deep shade', version: 4 })
    expect(again.values.note).toBe('half shade')
    expect(again.notes.resumed).toBe(true)
    expect(again.version.value).toBe(3)
    again.notes.afresh()
    expect(again.values.note).toBe('deep shade')
    expect(again.version.value).toBe(4)
    expect(localStorage).toHaveLength(0)
  })

  it('keeps the drafts of two rows apart', async () => {
    const first = formOf(ref(true), row(), 'zone.1')
    first.values.name = 'Peas'
    await nextTick()
    expect(formOf(ref(true), row(), 'zone.2').values.name).toBe('Bean rows')
  })

  it('forgets a draft when it is typed back to what is stored, and when it is saved', async () => {
    const form = formOf(ref(true), row())
    form.values.name = 'Peas'
    await nextTick()
    expect(localStorage).toHaveLength(1)
    form.values.name = 'Bean rows'
    await nextTick()
    expect(localStorage).toHaveLength(0)
    form.values.name = 'Peas'
    await nextTick()
    expect(await form.attempt(() => Promise.resolve())).toBe(true)
    expect(localStorage).toHaveLength(0)
  })

  it('puts complaints beside their fields and keeps what was typed', async () => {
    const form = formOf(ref(true), row())
    form.values.name = ''
    await nextTick()
    expect(await form.attempt(() => Promise.reject(new ApiFailure('no', 422, { name: 'Give it a name.' })))).toBe(false)
    expect(form.errors.value).toEqual({ name: 'Give it a name.' })
    expect(form.busy.value).toBe(false)
    expect(localStorage).toHaveLength(1)
    form.notes.afresh()
    expect(form.errors.value).toEqual({})
  })

  it('says that the row was changed elsewhere; mine counts over it with its version', async () => {
    const form = formOf(ref(true), row())
    form.values.note = 'half shade'
    await form.attempt(() => Promise.reject(new ApiFailure('Changed elsewhere', 409, {}, { version: 7 })))
    expect(form.notes.stale).toBe(true)
    form.notes.overwrite()
    expect([form.version.value, form.notes.stale, form.values.note]).toEqual([7, false, 'half shade'])
  })

  it('theirs is taken by reading it anew: what the dialog was opened with never goes under the new version', async () => {
    const shown = ref(true)
    let stored = row()
    let reads = 0
    const form = useForm(shown, {
      kept: () => 'zone.1', blank: () => ({ name: '', note: '' }), from: () => ({ name: stored.name, note: stored.note }), version: () => stored.version,
      reload: () => { reads++; stored = { name: 'Bean rows', note: 'deep shade', version: 7 } },
    })
    form.values.note = 'half shade'
    await nextTick()
    await form.attempt(() => Promise.reject(new ApiFailure('Changed elsewhere', 409, {}, { version: 7 })))
    await form.notes.takeStored()
    expect([reads, shown.value, localStorage.length, form.notes.stale]).toEqual([1, false, 0, false])
    shown.value = true
    await nextTick()
    expect([form.values.note, form.version.value, form.notes.resumed]).toEqual(['deep shade', 7, false])
  })

  it('what is found out after opening is no change of the gardener, unless something was typed before', async () => {
    const form = formOf(ref(true), null)
    form.settle(() => {
      form.values.name = 'first of the list'
    })
    await nextTick()
    expect(localStorage).toHaveLength(0)
    form.values.note = 'typed'
    form.settle(() => {
      form.values.name = 'another'
    })
    await nextTick()
    expect(localStorage).toHaveLength(1)
  })

  it('does not fall over a draft that is spoilt', () => {
    localStorage.setItem('nebbia.form..zone.1', '{half')
    expect(formOf(ref(true), row()).values.name).toBe('Bean rows')
  })
})
