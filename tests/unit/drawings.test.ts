import { DRAWINGS } from '@/parts/signs/drawings'
import { readFileSync } from 'node:fs'
import { expect, it } from 'vitest'

it('every sign is drawn, and nothing else', () => {
  const signs = [...readFileSync('core/data/signs.yaml', 'utf8').matchAll(/^- \{ id: ([a-z-]+),/gm)].map((one) => one[1])
  expect(Object.keys(DRAWINGS).sort()).toEqual(signs.sort())
  expect(signs.length).toBeGreaterThan(120)
})

it('a drawing stands in its square of 64, and no two signs of one place look the same', () => {
  const seen = new Map<string, string>()
  for (const [id, drawing] of Object.entries(DRAWINGS)) {
    expect(drawing.marks.length, id).toBeGreaterThan(0)
    const picture = JSON.stringify(drawing)
    expect(seen.get(picture) ?? id, `${id} looks like ${seen.get(picture)}`).toBe(id)
    seen.set(picture, id)
  }
})
