import { expect, test } from './support/test'
import { readdirSync, readFileSync } from 'node:fs'
import type { APIRequestContext, Page } from '@playwright/test'

test.use({ allowed: { errors: [/404 \(Not Found/] } })

// Every view in a language that nobody speaks: a third longer and with accents. Nothing may be cut off or spill over, and nothing that
// is said may be left in English; what rows of the data and the garden itself are called may be, until those have other languages.

/** Names out of the data and the demo garden, which stay as they are. */
const names: string[] = [
  ...readdirSync('core/data')
    .filter((file) => file.endsWith('.yaml'))
    .map((file) => `core/data/${file}`),
  'database/demo/fontegrigia.yaml',
].map((file) => readFileSync(file, 'utf8').toLowerCase())

/** Runs of English words, each of which must be found in the data to be let through. */
const RUN = /\b[a-z’'-]{2,}(?: [a-z’'-]{2,})+/gi

/** Dates are said by the browser, in the language of the garden. */
const DATE = /\b(?:Mon|Tue|Wed|Thu|Fri|Sat|Sun)[a-z]*|\b(?:Jan|Feb|Mar|Apr|May|Jun|Jul|Aug|Sep|Oct|Nov|Dec)[a-z]*/g

/** What somebody typed, which is said in whatever language it was typed in. */
const TYPED = new Set(['name', 'note', 'by', 'variety', 'material', 'dedicated_to', 'outcome', 'reason', 'recipe', 'planting', 'plants'])

function gather(here: unknown): void {
  if (Array.isArray(here)) here.forEach(gather)
  else if (typeof here === 'object' && here !== null) {
    for (const [key, value] of Object.entries(here)) {
      if (TYPED.has(key) && typeof value === 'string') names.push(value.toLowerCase())
      else gather(value)
    }
  }
}

async function views(request: APIRequestContext): Promise<string[]> {
  const json = async (path: string) => (await (await request.get(path)).json()) as never
  const id = ((await json('/api/gardens')) as { id: string }[])[0]!.id
  const of = async <T>(path: string) => (await json(`/api/gardens/${id}/${path}`)) as T
  const recipes = await of<{ id: string }[]>('recipes')
  const troubles = await of<{ id: string }[]>('troubles')
  const shelf = await of<{ preparations: { id: string }[] }>('preparations')
  const plot = await of<{ zones: { plantings: { planting: { id: string } }[] }[] }>('plot')
  const recipe = recipes[0]!.id
  for (const path of ['pantry', 'applications', 'courses', 'today']) gather(await of(path))
  gather([recipes, troubles, shelf, plot])

  return [
    '/',
    '/garden',
    '/scout',
    '/bench',
    `/bench/${recipe}`,
    `/mix/${recipe}`,
    `/label/${recipe}`,
    `/card/${recipe}`,
    '/pantry',
    '/making',
    `/making/${shelf.preparations[0]!.id}`,
    '/soap',
    '/other-uses',
    '/rounds',
    '/rounds/month',
    '/notebook',
    '/settings',
    '/why',
    '/compare',
    '/bottle',
    `/leaves/${plot.zones.flatMap((zone) => zone.plantings)[0]!.planting.id}`,
    `/trouble/${troubles[0]!.id}`,
    '/welcome',
    '/nowhere',
  ]
}

/** Texts that are seen, each of a node of its own. */
async function texts(page: Page): Promise<string[]> {
  return await page.evaluate(() => {
    const seen: string[] = []
    const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT)
    while (walker.nextNode()) {
      const parent = walker.currentNode.parentElement
      const text = walker.currentNode.textContent?.trim() ?? ''
      if (parent && text !== '' && !['SCRIPT', 'STYLE', 'OPTION', 'TEXTAREA'].includes(parent.tagName) && parent.checkVisibility())
        seen.push(text)
    }
    for (const one of document.querySelectorAll<HTMLElement>('[aria-label], [placeholder]'))
      seen.push(one.getAttribute('aria-label') ?? '', one.getAttribute('placeholder') ?? '')

    return seen
  })
}

const UNIT = /\b(?:mL|L|g|kg|cm)\b/g

function leftInEnglish(all: string[]): string[] {
  const isKnown = (run: string) => names.some((known) => known.includes(run.toLowerCase()))

  // What somebody wrote stands between quotation marks.
  return [...new Set(all)].filter((text) => !/^“.*”$/su.test(text)).filter((text) => (text.replace(DATE, '0').replace(UNIT, '0').match(RUN) ?? []).some((run) => !isKnown(run)))
}

/** What reaches past the right edge. */
const tooWide = (page: Page) =>
  page.evaluate(() =>
    document.documentElement.scrollWidth <= window.innerWidth
      ? []
      : [...document.querySelectorAll<HTMLElement>('body *')]
          .filter((one) => one.getBoundingClientRect().right > window.innerWidth + 1 && one.children.length === 0)
          .map((one) => `${one.tagName} ${one.className} ${one.textContent}`.slice(0, 80)),
  )

/** Texts that do not fit into what holds them. */
const cutOff = (page: Page) =>
  page.evaluate(() =>
    [...document.querySelectorAll<HTMLElement>('body *')]
      .filter((one) => {
        const hasText = [...one.childNodes].some((node) => node.nodeType === Node.TEXT_NODE && node.textContent!.trim() !== '')

        return (
          hasText &&
          ['hidden', 'clip'].includes(getComputedStyle(one).overflowX) &&
          one.clientWidth > 8 &&
          one.scrollWidth > one.clientWidth + 2 &&
          one.checkVisibility()
        )
      })
      .map((one) => one.textContent.trim().slice(0, 60)),
  )

test('every view in a language that is a third longer', async ({ page, request }) => {
  test.setTimeout(180_000)
  await page.addInitScript(() => localStorage.setItem('nebbia.language', 'pseudo'))
  const faults: Record<string, unknown> = {}
  for (const path of await views(request)) {
    await page.setViewportSize({ width: 1280, height: 800 })
    await page.goto(path)
    await page.waitForLoadState('networkidle')
    await expect(page.locator('#app *').first()).toBeVisible()
    const english = leftInEnglish(await texts(page))
    const beyond = [...(await tooWide(page)), ...(await cutOff(page))]
    await page.setViewportSize({ width: 390, height: 844 })
    beyond.push(...(await tooWide(page)), ...(await cutOff(page)))
    if (beyond.length > 0 || english.length > 0) faults[path.replace(/[0-9a-z]{26}/g, ':id')] = { beyond, english }
  }
  expect(faults).toEqual({})
})
