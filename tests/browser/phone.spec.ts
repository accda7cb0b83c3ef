import { expect, openRecipe, test } from './support/test'

test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, allowed: { errors: [/422 \(Unprocessable/] } })

test('a round is logged on a phone, with wet hands and a decimal comma', async ({ page }) => {
  await page.goto('/')
  const due = page.getByRole('article').filter({ hasText: 'Oil and soap for scale' })
  await expect(due).toContainText('then')
  await due.getByRole('button', { name: 'Log it' }).tap()
  const dialog = page.getByRole('dialog')
  await dialog.getByLabel('How much was used').fill('1,2 buckets of')
  await dialog.getByRole('button', { name: 'Log it' }).tap()
  await expect(dialog.getByText('is not a unit known here')).toBeVisible()
  await dialog.getByLabel('How much was used').fill('1,2 L')
  await dialog.getByLabel('What you saw').fill('Two live ones on ten leaves')
  // What was typed is still there after the dialog was closed by mistake.
  await dialog.getByRole('button', { name: 'Not now' }).tap()
  await due.getByRole('button', { name: 'Log it' }).tap()
  await expect(dialog.getByLabel('What you saw')).toHaveValue('Two live ones on ten leaves')
  await dialog.getByLabel('How much was used').fill('1,2 L')
  await dialog.getByRole('button', { name: 'Log it' }).tap()
  await expect(page.getByText('Two live ones on ten leaves')).toBeVisible()
  await expect(due).toHaveCount(0)
  await page.getByRole('button', { name: 'Undo' }).tap()
  await expect(due).toHaveCount(1)
  await expect(page.getByText('Two live ones on ten leaves')).toHaveCount(0)
})

test('the day is ticked off on a phone, and a part of a round is logged from it', async ({ page }) => {
  await page.goto('/')
  const due = page.getByRole('article').filter({ hasText: 'Gentle soap' })
  const mix = due.getByRole('checkbox', { name: /^Mix 675 mL/ })
  const lettuce = due.getByRole('checkbox', { name: /Head lettuces/ })
  await mix.tap()
  await lettuce.tap()
  await expect(due.getByRole('button', { name: 'I did part of it' })).toBeVisible()
  // The list is on the server: another device has it too.
  await page.reload()
  await expect(mix).toBeChecked()
  await expect(due.getByRole('checkbox', { name: /Red radicchio/ })).not.toBeChecked()
  await due.getByRole('button', { name: 'I did part of it' }).tap()
  const dialog = page.getByRole('dialog')
  await expect(dialog.getByRole('checkbox', { name: /Red radicchio/ })).not.toBeChecked()
  await expect(dialog.getByText('The weather of that hour is written down with it')).toBeVisible()
  await dialog.getByLabel('Left over').fill('0,2 L')
  await dialog.getByRole('button', { name: 'Log this part' }).tap()
  await expect(due.getByRole('checkbox', { name: /Head lettuces/ })).toHaveCount(0)
  await expect(due.getByRole('heading')).toContainText('Mix 365 mL')
  await expect(page.getByRole('region', { name: 'Left over' })).toContainText('200 mL of Gentle soap')
  await page.getByRole('button', { name: 'Undo' }).last().tap()
  await expect(due.getByRole('heading')).toContainText('Mix 675 mL')
  await expect(page.getByRole('region', { name: 'Left over' })).toHaveCount(0)
  await mix.tap()
  await lettuce.tap()
  await expect(mix).not.toBeChecked()
})

test('what is touched is large enough to touch', async ({ page }) => {
  await page.goto('/bench')
  await openRecipe(page, 'evening', 'Evening soap')
  await expect(page.locator('.n-drawer')).toHaveCount(0)
  const small = await page.evaluate(() =>
    [...document.querySelectorAll('main button, main input, main select, nav a')]
      .filter((e) => e.getBoundingClientRect().width > 0 && !e.closest('.n-base-selection') && !e.closest('.visually-hidden'))
      // A box is touched by its whole label.
      .filter((e) => (e.closest('label') ?? e).getBoundingClientRect().height < 43.5)
      .map((e) => `${e.tagName} ${e.getAttribute('aria-label') ?? e.textContent}`),
  )
  expect(small).toEqual([])
})

test('nothing is set smaller than 14 px', async ({ page }) => {
  for (const path of [
    '/',
    '/garden',
    '/scout',
    '/bench',
    '/rounds',
    '/rounds/month',
    '/pantry',
    '/pantry?show=shopping',
    '/pantry?show=made',
    '/making',
    '/making?kind=ash-water',
    '/soap',
    '/other-uses',
    '/compare',
    '/notebook',
    '/settings',
  ]) {
    await page.goto(path)
    await page.waitForLoadState('networkidle')
    const tiny = await page.evaluate(() =>
      [...document.querySelectorAll('body *')]
        .filter(
          (e) =>
            !(e instanceof SVGElement) && [...e.childNodes].some((node) => node.nodeType === Node.TEXT_NODE && node.textContent?.trim()),
        )
        .filter((e) => e.getBoundingClientRect().width > 1 && Number.parseFloat(getComputedStyle(e).fontSize) < 14)
        .map((e) => `${e.tagName}.${e.className}`),
    )
    expect(tiny, path).toEqual([])
  }
})

test('on a phone a complaint about a field that was scrolled away comes into sight', async ({ page }) => {
  await page.goto('/garden')
  await page.getByRole('button', { name: 'Add a planting' }).first().click()
  await page.getByLabel('Plant', { exact: true }).fill('geranium')
  await page.getByRole('button', { name: 'Add it' }).click()
  await expect(page.getByText('Several plants are called')).toBeInViewport()
  await expect(page.getByLabel('Plant', { exact: true })).toBeFocused()
})
