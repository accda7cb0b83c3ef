import { ApiFailure } from '@/api/client'
import { useLatest } from '@/composables/useLatest'
import { useReadAsTyped } from '@/composables/useReadAsTyped'
import { useWorkedOut } from '@/composables/useWorkedOut'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { ref } from 'vue'

/** An answer that is given when it is told to be. */
function later<T>() {
  let give: (value: T) => void = () => undefined
  let refuse: (reason: unknown) => void = () => undefined
  const answer = new Promise<T>((yes, no) => {
    give = yes
    refuse = no
  })
  return { answer, give: (value: T) => give(value), refuse: (reason: unknown) => refuse(reason) }
}

describe('the latest answer', () => {
  it('is given to everyone who waits, whichever comes first', async () => {
    const latest = useLatest<string>()
    const [old, young] = [later<string>(), later<string>()]
    const waiting = [latest(old.answer), latest(young.answer)]
    young.give('young')
    old.give('old')
    expect(await Promise.all(waiting)).toEqual(['young', 'young'])
  })

  it('counts even where an older question failed', async () => {
    const latest = useLatest<string>()
    const [old, young] = [later<string>(), later<string>()]
    const waiting = [latest(old.answer), latest(young.answer)]
    old.refuse(new Error('lost'))
    young.give('young')
    expect(await Promise.all(waiting)).toEqual(['young', 'young'])
  })
})

describe('what is worked out while it is typed', () => {
  it('puts the last answer aside when what stands there cannot be read, and takes it up again', async () => {
    let next: () => Promise<number> = () => Promise.resolve(1)
    const worked = useWorkedOut(() => next(), 0)
    await worked.workOut()
    expect([worked.answer.value, worked.isAside.value]).toEqual([1, false])
    next = () => Promise.reject(new ApiFailure('no', 422, { volume: 'What is a buckett?' }))
    await worked.workOut()
    expect([worked.answer.value, worked.isAside.value, worked.errors.value.volume]).toEqual([1, true, 'What is a buckett?'])
    next = () => Promise.resolve(2)
    await worked.workOut()
    expect([worked.answer.value, worked.isAside.value, worked.errors.value]).toEqual([2, false, {}])
  })

  it('drops the answer of another thing rather than showing it', async () => {
    let thing = 'a'
    let next: () => Promise<number> = () => Promise.resolve(1)
    const worked = useWorkedOut(
      () => next(),
      0,
      () => thing,
    )
    await worked.workOut()
    thing = 'b'
    next = () => Promise.reject(new ApiFailure('gone', 404))
    await worked.workOut()
    expect([worked.answer.value, worked.isAside.value, worked.failure.value]).toEqual([null, false, 'gone'])
  })

  it('an older answer that comes late changes nothing', async () => {
    const [old, young] = [later<number>(), later<number>()]
    const asked = [old.answer, young.answer]
    const worked = useWorkedOut(() => asked.shift() ?? null, 0)
    const first = worked.workOut()
    const second = worked.workOut()
    young.give(2)
    await second
    old.give(1)
    await first
    expect(worked.answer.value).toBe(2)
  })
})

describe('a text read as it is typed', () => {
  beforeEach(() => void vi.useFakeTimers())

  it('is cut at what was made of it, by letters and not by bytes, and nothing of it is lost', async () => {
    const text = ref('🌿 2 tbsp soap, ½ cup')
    const reading = useReadAsTyped(
      text,
      () =>
        Promise.resolve([
          { start: 2, end: 13 },
          { start: 15, end: 20 },
        ]),
      (places) => places,
    )
    await reading.read()
    expect(reading.pieces.value.map((piece) => piece.text)).toEqual(['🌿 ', '2 tbsp soap', ', ', '½ cup'])
    expect(reading.pieces.value.map((piece) => piece.place !== null)).toEqual([false, true, false, true])
  })

  it('passes over places that overlap or reach beyond the text', async () => {
    const text = ref('soap')
    const reading = useReadAsTyped(
      text,
      () =>
        Promise.resolve([
          { start: 0, end: 3 },
          { start: 2, end: 4 },
          { start: 3, end: 9 },
        ]),
      (places) => places,
    )
    await reading.read()
    expect(reading.pieces.value.map((piece) => piece.text).join('')).toBe('soap')
  })

  it('an answer to what no longer stands there is not shown', async () => {
    const text = ref('one')
    const slow = later<{ start: number; end: number }[]>()
    const reading = useReadAsTyped(
      text,
      () => slow.answer,
      (places) => places,
    )
    const asked = reading.read()
    text.value = 'two'
    slow.give([{ start: 0, end: 3 }])
    await asked
    expect(reading.reading.value).toBeNull()
  })

  it('what cannot be read is said; an empty text asks nothing', async () => {
    const text = ref('???')
    const reading = useReadAsTyped(
      text,
      () => Promise.reject(new ApiFailure('no', 422, { text: 'Nothing in it is a recipe.' })),
      () => [],
    )
    await reading.read()
    expect(reading.error.value).toBe('Nothing in it is a recipe.')
    text.value = ' '
    await reading.read()
    expect(reading.error.value).toBeNull()
  })
})
