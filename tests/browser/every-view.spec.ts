import AxeBuilder from '@axe-core/playwright'
import { expect, test } from './support/test'
import { views } from './support/views'
import type { Page } from '@playwright/test'

test.use({ allowed: { errors: [/404 \(Not Found/, /net::ERR_(CONNECTION_|EMPTY_RESPONSE|SOCKET_NOT)/] } })


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
  return violations
    .filter((v) => v.impact === 'serious' || v.impact === 'critical')
    .map((v) => `${v.id}: ${v.nodes.map((node) => node.target.join(' ')).join(' | ')}`)
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
      .filter(
        (e) =>
          e.getBoundingClientRect().right > innerWidth + 1 &&
          e.getBoundingClientRect().width > 0 &&
          !scrolls(e) &&
          !e.closest('.visually-hidden'),
      )
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
  await expect(page.getByRole('button', { name: 'See', exact: true })).toBeVisible()
  await page.keyboard.press('Tab')
  await expect(page.getByRole('link', { name: 'To the content' })).toBeFocused()
  await page.keyboard.press('Enter')
  await page.keyboard.press('Tab')
  await expect(page.getByRole('link', { name: 'Begin your own' })).toBeFocused()
  await page.keyboard.press('Tab')
  await expect(page.getByRole('button', { name: 'I sprayed something' })).toBeFocused()
  await page.keyboard.press('Tab')
  await expect(page.getByRole('button', { name: 'First aid' })).toBeFocused()
  await page.keyboard.press('Tab')
  await expect(page.getByRole('button', { name: 'See', exact: true })).toBeFocused()
  for (
    let n = 0;
    n < 60 &&
    !(await page
      .getByRole('button', { name: 'Log it' })
      .first()
      .evaluate((e) => e === document.activeElement));
    n++
  )
    await page.keyboard.press('Tab')
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
    names.add(
      await page.evaluate(() => {
        const e = document.activeElement
        return (
          e?.getAttribute('aria-label') ??
          ((e instanceof HTMLInputElement || e instanceof HTMLSelectElement) && e.id ? document.querySelector(`label[for=${e.id}]`)?.textContent : null) ??
          e?.textContent ??
          ''
        )
      }),
    )
  }
  for (const name of [
    'Recipes',
    'into',
    'make',
    'Change the base: Water',
    'Change ingredient 1: Liquid castile soap',
    'Add an ingredient',
    'Plan the rounds',
    'More with it',
  ]) {
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
