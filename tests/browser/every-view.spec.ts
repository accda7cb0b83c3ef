import AxeBuilder from '@axe-core/playwright'
import { expect, openRecipe, test } from './support/test'
import type { Page } from '@playwright/test'

test.use({ allowed: { errors: [/404 \(Not Found/, /net::ERR_(CONNECTION_|EMPTY_RESPONSE|SOCKET_NOT)/] } })

async function openTrouble(page: Page): Promise<void> {
  await page.goto('/garden')
  await page.getByRole('link', { name: 'aphid' }).first().click()
  await expect(page.locator('.chart svg')).toBeVisible()
}

/** Only a dialog itself is looked at: the view behind it has a line of its own. Of many equal cards the first few will do. */
const views: { name: string; open: (page: Page) => Promise<void>; except?: string }[] = [
  { name: 'Today', open: async (page) => { await page.goto('/'); await expect(page.getByText('Done last')).toBeVisible() } },
  { name: 'Garden', open: async (page) => { await page.goto('/garden'); await expect(page.getByRole('heading', { name: 'The gravel court' })).toBeVisible() }, except: '.cards > :nth-child(n + 3)' },
  { name: 'Planting dialog', open: async (page) => { await page.goto('/garden'); await page.getByRole('button', { name: /Head lettuces/ }).first().click(); await expect(page.getByRole('dialog')).toBeVisible() } },
  { name: 'Import dialog', open: async (page) => { await page.goto('/garden'); await page.getByRole('button', { name: 'Import or export' }).click(); await expect(page.getByRole('dialog')).toBeVisible() } },
  { name: 'Scout', open: async (page) => {
    await page.goto('/scout')
    await page.getByLabel('Planting', { exact: true }).selectOption({ label: 'Low roses in a row' })
    await page.getByRole('button', { name: 'Upper side of leaves' }).click()
    await page.getByRole('group', { name: 'Fine pale dots' }).getByRole('button', { name: 'Yes' }).click()
    await expect(page.getByText('spider mite').first()).toBeVisible()
  }, except: '.signs > :nth-child(n + 7)' },
  { name: 'Keep dialog', open: async (page) => {
    await page.goto('/scout')
    await page.getByLabel('Planting', { exact: true }).selectOption({ label: 'Low roses in a row' })
    await page.getByRole('button', { name: 'No', exact: true }).first().click()
    await page.getByRole('button', { name: 'Write it down' }).click()
    await expect(page.getByRole('dialog')).toBeVisible()
  } },
  { name: 'Trouble', open: openTrouble },
  { name: 'Count dialog', open: async (page) => { await openTrouble(page); await page.getByRole('button', { name: 'Count', exact: true }).click(); await expect(page.getByRole('dialog')).toBeVisible() } },
  { name: 'Bench against a trouble', open: async (page) => {
    await openTrouble(page)
    await page.getByRole('button', { name: 'Start a course' }).click()
    await page.getByRole('button', { name: 'What helps, and why' }).click()
    await expect(page.getByText('Peroxide on leaves')).toBeVisible()
  } },
  { name: 'Bench', open: async (page) => {
    await page.goto('/bench')
    await openRecipe(page, 'crush', 'Garlic and pepper')
    await page.getByRole('button', { name: 'Pump bottle, 2 L' }).click()
    await expect(page.locator('.vessel')).toBeVisible()
    await expect(page.locator('.n-drawer')).toHaveCount(0)
  } },
  { name: 'Rounds', open: async (page) => { await page.goto('/rounds'); await expect(page.getByText('Under way')).toBeVisible() } },
  { name: 'Rounds as a list', open: async (page) => { await page.goto('/rounds'); await page.getByRole('button', { name: 'As a list' }).click(); await expect(page.locator('.list')).toBeVisible() } },
  { name: 'A round that is carried', open: async (page) => { await page.goto('/rounds'); await page.locator('g.round.planned').first().press('ArrowRight'); await expect(page.getByRole('button', { name: 'Leave it' })).toBeVisible() } },
  { name: 'A month of rounds', open: async (page) => { await page.goto('/rounds/month'); await expect(page.getByRole('table')).toBeVisible() } },
  { name: 'Move dialog', open: async (page) => { await page.goto('/rounds'); await page.getByRole('button', { name: 'Move', exact: true }).first().click(); await expect(page.getByRole('group', { name: 'The next two weeks' })).toBeVisible() } },
  { name: 'Notebook', open: async (page) => { await page.goto('/notebook'); await expect(page.getByRole('article').first()).toBeVisible() } },
  { name: 'Settings', open: async (page) => { await page.goto('/settings'); await expect(page.getByLabel('Name of the garden')).toBeVisible() } },
  { name: 'Pantry shelf', open: async (page) => { await page.goto('/pantry'); await expect(page.getByRole('button', { name: /Neem oil/ })).toBeVisible() }, except: '.shelf > :nth-child(n + 5)' },
  { name: 'Bottle dialog', open: async (page) => { await page.goto('/pantry'); await page.getByRole('button', { name: /Rubbing alcohol/ }).click(); await expect(page.getByRole('dialog')).toBeVisible() } },
  { name: 'Label reader', open: async (page) => { await page.goto('/bottle'); await page.getByRole('button', { name: 'Show me one' }).click(); await expect(page.getByRole('heading', { name: 'A true soap' })).toBeVisible() } },
  { name: 'Leaves', open: async (page) => { await page.goto('/garden'); await page.getByRole('link', { name: 'Leaves of Lemons by the door' }).click(); await page.getByRole('button', { name: 'I have looked' }).click(); await expect(page.getByText('nothing to see', { exact: false }).first()).toBeVisible() } },
  { name: 'Look dialog', open: async (page) => { await page.goto('/garden'); await page.getByRole('link', { name: 'Leaves of Lemons by the door' }).click(); await page.getByRole('button', { name: 'Write down a look' }).click(); await expect(page.getByRole('dialog')).toBeVisible() } },
  { name: 'Why we say so', open: async (page) => { await page.goto('/why'); await expect(page.getByRole('heading', { name: 'What leaves bear and what works' })).toBeVisible() }, except: '.why ul > :nth-child(n + 3)' },
  { name: 'Made ahead', open: async (page) => { await page.goto('/pantry?show=made'); await expect(page.getByRole('link', { name: 'Nettle bucket behind the wall', exact: true })).toBeVisible() } },
  { name: 'What can be made', open: async (page) => { await page.goto('/making'); await expect(page.getByRole('link', { name: /Ash water/ })).toBeVisible() }, except: '.kinds > :nth-child(n + 3)' },
  { name: 'A new making', open: async (page) => { await page.goto('/making?kind=garlic-extract'); await expect(page.getByRole('button', { name: 'Start it now' })).toBeVisible() } },
  { name: 'A making under way', open: async (page) => { await page.goto('/pantry?show=made'); await page.getByRole('link', { name: 'Nettle bucket behind the wall', exact: true }).click(); await expect(page.getByRole('button', { name: 'Put it on the shelf' })).toBeVisible() } },
  { name: 'A soap to be tested', open: async (page) => { await page.goto('/pantry?show=made'); await page.getByRole('link', { name: 'Sunflower soap', exact: true }).click(); await expect(page.getByLabel('Was it clear?')).toBeVisible() } },
  { name: 'Soap bench', open: async (page) => { await page.goto('/soap'); await expect(page.getByRole('button', { name: 'Begin it' })).toBeEnabled() } },
  { name: 'Other uses', open: async (page) => { await page.goto('/other-uses'); await expect(page.getByRole('heading', { name: /Strong peroxide/ })).toBeVisible() } },
  { name: 'Sprayers', open: async (page) => { await page.goto('/pantry?show=sprayers'); await expect(page.getByText('Held last').first()).toBeVisible() } },
  { name: 'Measures', open: async (page) => { await page.goto('/pantry?show=measures'); await expect(page.getByText('A squeeze of dish detergent is')).toBeVisible() } },
  { name: 'Measure dialog', open: async (page) => { await page.goto('/pantry?show=measures'); await page.getByRole('button', { name: 'Measure one' }).click(); await expect(page.getByRole('dialog')).toBeVisible() } },
  { name: 'To buy', open: async (page) => { await page.goto('/pantry?show=shopping'); await expect(page.getByText('What the rounds cost')).toBeVisible() } },
  { name: 'Paste dialog', open: async (page) => {
    await page.goto('/bench')
    await page.getByRole('button', { name: 'Paste a recipe' }).click()
    await page.getByLabel('As it was written').fill('2 tbsp of soap in 1 L of water, spray weekly')
    await expect(page.getByText('It does not say which soap')).toBeVisible()
  } },
  { name: 'Need dialog', open: async (page) => {
    await page.goto('/bench')
    await page.getByRole('button', { name: 'How much do I need?' }).click()
    await page.getByRole('checkbox', { name: /Low roses/ }).check()
    await expect(page.getByText('From your sprayers')).toBeVisible()
  } },
  { name: 'Comparison', open: async (page) => {
    await page.goto('/compare')
    await page.getByRole('button', { name: 'Evening soap' }).click()
    await page.getByRole('button', { name: 'Neem at dusk' }).click()
    await expect(page.getByRole('heading', { name: /neem oil/ })).toBeVisible()
  } },
  { name: 'Mixing', open: async (page) => {
    await page.goto('/bench')
    await openRecipe(page, 'crush', 'Garlic and pepper')
    await page.getByRole('button', { name: 'Mix it' }).first().click()
    await expect(page.getByText('Step 1 of')).toBeVisible()
  } },
  { name: 'Rescue dialog', open: async (page) => {
    await page.goto('/bench')
    await openRecipe(page, 'evening', 'Evening soap')
    await page.getByRole('button', { name: 'Mix it' }).first().click()
    await page.getByRole('button', { name: 'Something went wrong' }).click()
    await expect(page.getByRole('dialog')).toBeVisible()
  } },
  { name: 'Bottle label', open: async (page) => {
    await page.goto('/bench')
    await openRecipe(page, 'neem', 'Neem at dusk')
    await page.getByRole('button', { name: 'Bottle label' }).click()
    await expect(page.getByText('Use by')).toBeVisible()
  } },
  { name: 'Recipe card', open: async (page) => {
    await page.goto('/bench')
    await openRecipe(page, 'evening', 'Evening soap')
    await page.getByRole('button', { name: 'Card to print' }).click()
    await expect(page.getByRole('table')).toBeVisible()
  } },
  { name: 'Rain dialog', open: async (page) => { await page.goto('/'); await page.getByRole('button', { name: 'It rained' }).click(); await expect(page.getByRole('dialog')).toBeVisible() } },
  { name: 'Dialog of a day\'s weather', open: async (page) => { await page.goto('/'); await page.getByRole('button', { name: 'A day’s weather' }).click(); await page.getByLabel(/Rain in all/).fill('3'); await expect(page.getByLabel('It begins at')).toBeVisible() } },
  { name: 'Forecast dialog', open: async (page) => { await page.goto('/'); await page.getByRole('button', { name: 'Import a forecast' }).click(); await expect(page.getByRole('dialog')).toBeVisible() } },
  { name: 'Log dialog', open: async (page) => { await page.goto('/'); await page.getByRole('button', { name: 'Log it' }).first().click(); await expect(page.getByRole('dialog')).toBeVisible() } },
  { name: 'Plan dialog', open: async (page) => { await page.goto('/bench'); await page.getByRole('button', { name: 'Plan the rounds' }).click(); await expect(page.getByRole('dialog')).toBeVisible() } },
  { name: 'Plan dialog with what fits', open: async (page) => { await page.goto('/bench'); await page.getByRole('button', { name: 'Plan the rounds' }).click(); await page.getByLabel('Against', { exact: true }).selectOption({ label: 'aphid' }); await page.getByRole('button', { name: 'How often, and when?' }).click(); await expect(page.getByRole('button', { name: 'Take these days' })).toBeVisible() } },
  { name: 'Recipes drawer', open: async (page) => { await page.goto('/bench'); await page.getByRole('button', { name: 'Recipes', exact: true }).click(); await expect(page.getByRole('dialog')).toBeVisible() } },
  { name: 'Not found', open: async (page) => { await page.goto('/no/such/place'); await expect(page.getByText('There is nothing at this address')).toBeVisible() } },
]

/** What moves has come to rest and is drawn; not waited for longer than any of it may take. */
async function settled(page: Page): Promise<void> {
  await page.evaluate(async () => {
    const atMost = <T>(ms: number, one: Promise<T>) => Promise.race([one, new Promise((done) => setTimeout(done, ms))])
    const drawn = () => atMost(100, new Promise((done) => requestAnimationFrame(() => requestAnimationFrame(done))))
    await drawn()
    await atMost(600, Promise.allSettled(document.getAnimations().map((one) => one.finished)))
    await drawn()
  })
}

async function serious(page: Page, except?: string, rules?: string[]): Promise<string[]> {
  await settled(page)
  // In one frame all runs within the page itself; the other way a second page is opened for each look.
  const axe = new AxeBuilder({ page }).setLegacyMode(true)
  if (await page.getByRole('dialog').count()) axe.include('[role=dialog]')
  if (except) axe.exclude(except)
  const { violations } = await (rules ? axe.withRules(rules) : axe).analyze()
  return violations.filter((v) => v.impact === 'serious' || v.impact === 'critical').map((v) => `${v.id}: ${v.nodes.map((node) => node.target.join(' ')).join(' | ')}`)
}

/** What reaches beyond the page's right edge and cannot be scrolled to within its own box. */
async function spills(page: Page): Promise<{ wide: number; outside: string[] }> {
  await page.setViewportSize({ width: 390, height: 844 })
  await settled(page)
  return page.evaluate(() => {
    const wide = document.documentElement.scrollWidth - document.documentElement.clientWidth
    const scrolls = (element: Element): boolean => {
      for (let e = element.parentElement; e; e = e.parentElement) {
        const { overflowX } = getComputedStyle(e)
        if (overflowX === 'auto' || overflowX === 'scroll' || overflowX === 'hidden' || overflowX === 'clip') return true
      }
      return false
    }
    const outside = [...document.querySelectorAll('main *, [role=dialog] *')]
      .filter((e) => e.getBoundingClientRect().right > innerWidth + 1 && e.getBoundingClientRect().width > 0 && !scrolls(e) && !e.closest('.visually-hidden'))
      .map((e) => `${e.tagName}.${e.className}`)
    return { wide, outside }
  })
}

// A view changes nothing in the garden, so these need not take turns: both workers share them.
test.describe.configure({ mode: 'parallel' })

// Opened once and looked at three times: opening is what takes long.
for (const view of views) {
  test(`${view.name}: axe finds nothing serious in light or dark, and nothing spills over at 390 px`, async ({ page }) => {
    await view.open(page)
    expect(await serious(page, view.except), 'light').toEqual([])
    await page.emulateMedia({ colorScheme: 'dark' })
    await expect(page.locator('html')).toHaveAttribute('data-theme', 'dark')
    // Only colours differ in the dark.
    expect(await serious(page, view.except, ['color-contrast']), 'dark').toEqual([])
    expect(await spills(page)).toEqual({ wide: 0, outside: [] })
  })
}

test('the keyboard reaches everything', async ({ page }) => {
  await page.goto('/')
  // The keys are pressed faster than a slow machine answers: there must be something to reach first.
  await expect(page.getByRole('button', { name: 'Log it' }).first()).toBeVisible()
  await expect(page.getByRole('slider', { name: 'Hour' })).toBeVisible()
  await page.keyboard.press('Tab')
  await expect(page.getByRole('link', { name: 'To the content' })).toBeFocused()
  await page.keyboard.press('Enter')
  await page.keyboard.press('Tab')
  await expect(page.getByLabel('The round it is for')).toBeFocused()
  await page.keyboard.press('Tab')
  await expect(page.getByRole('slider', { name: 'Hour' })).toBeFocused()
  await page.keyboard.press('Tab')
  await expect(page.getByRole('button', { name: 'It rained' })).toBeFocused()
  for (let n = 0; n < 60 && !await page.getByRole('button', { name: 'Log it' }).first().evaluate((e) => e === document.activeElement); n++) await page.keyboard.press('Tab')
  await expect(page.getByRole('button', { name: 'Log it' }).first()).toBeFocused()
  await page.keyboard.press('Enter')
  await expect(page.getByRole('dialog')).toBeVisible()
  // Keys go where one has clicked, and are not thrown out of the field by the dialog.
  const seen = page.getByRole('dialog').getByLabel('What you saw')
  await seen.click()
  await page.keyboard.type('Nonex')
  await page.keyboard.press('Backspace')
  await expect(seen).toHaveValue('None')
  await seen.fill('')
  await page.keyboard.press('Escape')
  await expect(page.getByRole('dialog')).toBeHidden()

  // On the bench every control can be reached by tabbing on.
  await page.goto('/bench')
  await expect(page.locator('.vessel')).toBeVisible()
  const names = new Set<string>()
  for (let n = 0; n < 60; n++) {
    await page.keyboard.press('Tab')
    names.add(await page.evaluate(() => {
      const e = document.activeElement
      return e?.getAttribute('aria-label') ?? (e instanceof HTMLInputElement && e.id ? document.querySelector(`label[for=${e.id}]`)?.textContent : null) ?? e?.textContent ?? ''
    }))
  }
  for (const name of ['Recipes', 'Pump bottle, 2 L', 'Make', 'Amount of base', 'Amount of ingredient 1', 'Add an ingredient', 'Plan the rounds', 'Delete']) {
    expect([...names].map((n) => n.trim())).toContain(name)
  }
})

test('an address that is not there is a real 404', async ({ page }) => {
  const response = await page.goto('/no/such/place')
  expect(response?.status()).toBe(404)
  await page.getByRole('link', { name: 'To Today' }).click()
  await expect(page.getByText('Done last')).toBeVisible()
})

test('a view that cannot be loaded says so, and works again when the server is back', async ({ page, servers }) => {
  await page.goto('/')
  await expect(page.getByText('Done last')).toBeVisible()
  await servers.demo.stop()
  await page.getByRole('navigation').getByRole('link', { name: 'Notebook' }).click()
  await expect(page.getByRole('alert')).toContainText('This did not work')
  await servers.demo.start()
  await page.getByRole('button', { name: 'Try again' }).click()
  await expect(page.getByRole('heading', { level: 1 })).not.toContainText('This did not work')
  await expect(page.getByRole('article').first()).toBeVisible()
})

test('settings are changed, units follow, and the change is undone', async ({ page }) => {
  await page.goto('/settings')
  await page.getByLabel('Spoons, cups and volumes').selectOption('us')
  await page.getByLabel('Light or dark').selectOption('dark')
  await page.getByRole('button', { name: 'Save the settings' }).click()
  await expect(page.locator('html')).toHaveAttribute('data-theme', 'dark')
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(page.locator('html')).toHaveAttribute('data-theme', 'light')
  await expect(page.getByLabel('Spoons, cups and volumes')).toHaveValue('metric')
})
