import { expect, test } from './support/test'
import type { Page } from '@playwright/test'

// What comes late must not push away what a hand already reaches for: a press that begins on a button and ends beside it is lost.
test.use({ allowed: { errors: [] } })
test.describe.configure({ mode: 'parallel' })

/** By how much each answer comes later than the one before, so that whatever waits for none of them is shown in between. */
const LATER_MS = 150
/** Less than this is no other place for a finger. */
const STEADY_PX = 6

/** Notes whatever can be pressed and is moved while nobody has touched anything. */
async function watchMoves(page: Page): Promise<void> {
  await page.addInitScript((steady) => {
    const moved: string[] = []
    Object.assign(window, { moved })
    const place = new WeakMap<Element, { top: number; left: number }>()
    const look = () => {
      for (const one of document.querySelectorAll('button, a[href], input, select, textarea, summary')) {
        const box = one.getBoundingClientRect()
        if (box.width === 0 || box.height === 0 || !one.checkVisibility({ opacityProperty: true }) || one.closest('[inert]')) {
          place.delete(one)
          continue
        }
        const now = { top: box.top + scrollY, left: box.left + scrollX }
        const before = place.get(one)
        if (before && (Math.abs(before.top - now.top) > steady || Math.abs(before.left - now.left) > steady))
          moved.push(
            `${(one.getAttribute('aria-label') || one.textContent || one.id).trim().replace(/\s+/g, ' ').slice(0, 40)}: ${Math.round(now.left - before.left)}, ${Math.round(now.top - before.top)}`,
          )
        place.set(one, now)
      }
      requestAnimationFrame(look)
    }
    requestAnimationFrame(look)
  }, STEADY_PX)
}

/** Each answer of the server a little later than the one before it. */
async function oneAfterAnother(page: Page): Promise<void> {
  let asked = 0
  await page.route('**/api/**', async (route) => {
    const wait = LATER_MS * ++asked
    await new Promise((done) => setTimeout(done, wait))
    await route.continue().catch(() => undefined)
  })
}

const addresses: Record<string, (ids: { recipe: string; planting: string; trouble: string }) => string> = {
  Today: () => '/',
  Garden: () => '/garden',
  Scouting: () => '/scout',
  'Scouting a plant': ({ planting }) => `/scout/${planting}`,
  'A trouble': ({ trouble }) => `/trouble/${trouble}`,
  Bench: () => '/bench',
  'Bench of a recipe': ({ recipe, planting }) => `/bench/${recipe}?planting=${planting}`,
  'A new recipe': () => '/bench/new',
  Mixing: ({ recipe }) => `/mix/${recipe}`,
  'Bottle label': ({ recipe }) => `/label/${recipe}`,
  Leaves: ({ planting }) => `/leaves/${planting}`,
  'Label reader': () => '/bottle',
  'Why we say so': () => '/why',
  Comparison: () => '/compare',
  Pantry: () => '/pantry',
  Making: () => '/making',
  'Soap bench': () => '/soap',
  'Other uses': () => '/other-uses',
  'Recipe card': ({ recipe }) => `/card/${recipe}`,
  Rounds: () => '/rounds',
  'Month of rounds': () => '/rounds/month',
  Notebook: () => '/notebook',
  Settings: () => '/settings',
}

for (const [name, address] of Object.entries(addresses)) {
  test(`${name}: nothing to press moves away while its parts come in`, async ({ page }) => {
    const gardens = (await (await page.request.get('/api/gardens')).json()) as { id: string; is_demo: boolean }[]
    const garden = gardens.find((one) => one.is_demo)!.id
    const get = async <T>(path: string) => (await (await page.request.get(`/api/gardens/${garden}${path}`)).json()) as T
    const [recipe] = await get<{ id: string }[]>('/recipes')
    const [trouble] = await get<{ id: string; planting_id: string }[]>('/troubles')
    const to = address({ recipe: recipe!.id, planting: trouble!.planting_id, trouble: trouble!.id })
    await watchMoves(page)
    await oneAfterAnother(page)
    for (const viewport of [{ width: 1280, height: 800 }, { width: 390, height: 844 }]) {
      await page.setViewportSize(viewport)
      await page.goto(to)
      await page.waitForLoadState('networkidle')
      await expect(page.locator('#main')).toBeVisible()
      // Once more what comes of the last answer.
      await page.waitForLoadState('networkidle')
      expect([...new Set(await page.evaluate(() => (window as unknown as { moved: string[] }).moved))], String(viewport.width)).toEqual([])
    }
  })
}
