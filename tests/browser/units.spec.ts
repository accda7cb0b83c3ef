import { expect, test } from './support/test'
import { views } from './support/views'
import type { Page } from '@playwright/test'

test.use({ allowed: { errors: [/404 \(Not Found/] } })

type Units = 'us' | 'imperial' | 'au' | 'metric'

/** Units that have no place on a screen of that household, each behind a number or standing alone in a label. */
const FOREIGN: Record<Units, RegExp> = {
  us: /\d[\d.,]* ?(?:mL|cL|L|kg|g|cm|mm|m|m²|°C|km\/h|mg\/L|g\/L|K|bar)(?![\w²³/°])|, (?:cm|mm|m²|mg\/L)$|\blit(?:re|er)s?\b|\bmet(?:re|er)s?\b|(?:centi|milli)met|°C/gm,
  imperial: /\d[\d.,]* ?(?:mL|cL|L|kg|g|cm|m|m²|km\/h|g\/L|°F)(?![\w²³/°])|, (?:cm|m²)$|\blit(?:re|er)s?\b|°F/gm,
  metric: /\d ?(?:fl oz|oz|gal|qt|lb|in(?! [a-z\d])|ft|sq ft|°F|mph|psi)(?![\w/])|°F/gm,
  au: /\d ?(?:fl oz|oz|gal|qt|lb|in(?! [a-z\d])|ft|sq ft|°F|mph|psi)(?![\w/])|°F/gm,
}
/** What everybody's tools show: grams below a quarter ounce, a syringe's millilitres, the marks of a tool. */
const isSmall = (found: string) => (/^[\d.]+ ?g$/.test(found) && parseFloat(found) < 7.1) || (/^[\d.]+ ?mL$/.test(found) && parseFloat(found) < 0.61)

async function inUnits(page: Page, units: Units): Promise<string[]> {
  const gardens = (await (await page.request.get('/api/gardens')).json()) as Record<string, unknown>[]
  const garden = gardens.find((one) => one.is_demo)!
  const { id, version, name, language, time_zone, latitude, longitude, hardness_mg_l, alkalinity_mg_l, theme } = garden as Record<string, string>
  const saved = await page.request.patch(`/api/gardens/${id}`, {
    data: { version, name, units, language, time_zone, latitude, longitude, hardness_mg_l, alkalinity_mg_l, theme },
  })
  expect(saved.status()).toBe(200)
  return writtenBy(page, id!)
}

/** What the household wrote itself keeps its own units: names, notes, recipes as they were typed. */
async function writtenBy(page: Page, garden: string): Promise<string[]> {
  const found = new Set<string>()
  const gather = (value: unknown, key = ''): void => {
    if (typeof value === 'string' && /\d|litre/.test(value) && /^(name|note|recipe|recipe_name|made|material|dedicated_to|amount|seen|what_seen|text|written|size|step|totals)$/.test(key)) found.add(value)
    else if (Array.isArray(value)) value.forEach((one) => gather(one, key))
    else if (value !== null && typeof value === 'object') Object.entries(value).forEach(([name, one]) => gather(one, name))
  }
  for (const path of ['', '/pantry', '/recipes', '/applications', '/courses', '/preparations', '/plot'])
    gather(await (await page.request.get(`/api/gardens/${garden}${path}`)).json())
  return [...found].sort((a, b) => b.length - a.length)
}

/** Everything that can be read or heard: texts, names for those who listen, hints in empty fields. */
const everything = (page: Page) =>
  page.evaluate(() => {
    const said = [...document.querySelectorAll('[aria-label], [title], [placeholder]')]
      .filter((one) => one.checkVisibility())
      .flatMap((one) => ['aria-label', 'title', 'placeholder'].map((name) => one.getAttribute(name) ?? ''))
    const titles = [...document.querySelectorAll('svg title')].map((one) => one.textContent ?? '')
    return [document.body.innerText, ...said, ...titles].join('\n')
  })

// Each walk sets the units itself, so that both workers share them.
test.describe.configure({ mode: 'parallel' })
// A garden that no other test has written in.
test.beforeEach(async ({ servers }) => {
  await servers.demo.stop()
  servers.demo.prepare(true)
  await servers.demo.start()
})
test.afterEach(async ({ page }) => {
  await inUnits(page, 'metric')
})

/** Where such a household lives: the first page guesses by it. */
const LIVES = { us: ['America/New_York', 'en-US'], imperial: ['Europe/London', 'en-GB'], metric: ['Europe/Rome', 'it-IT'], au: ['Australia/Perth', 'en-AU'] } as const

for (const units of ['us', 'imperial', 'metric', 'au'] as const) {
  test.describe(units, () => {
    test.use({ timezoneId: LIVES[units][0], locale: LIVES[units][1] })
  test(`no other unit is left on any screen of a garden that is ${units}`, async ({ page }) => {
    test.setTimeout(240_000)
    const written = await inUnits(page, units)
    const left: string[] = []
    await page.goto('/')
    for (const view of views) {
      // Each as on a device that has shown none of them before.
      await page.evaluate(() => localStorage.clear())
      await view.open(page)
      let text = await everything(page)
      for (const own of written) text = text.replaceAll(own, '…')
      for (const line of text.split('\n'))
        for (const [found] of line.matchAll(FOREIGN[units])) if (!isSmall(found)) left.push(`${view.name}: ${found} in "${line.slice(0, 160)}"`)
    }
    expect([...new Set(left)]).toEqual([])
  })
  })
}
