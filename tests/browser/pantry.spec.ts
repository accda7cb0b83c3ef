import { expect, forward, forwardTo, mix, openRecipe, test } from './support/test'

test.use({ allowed: { errors: [/422 \(Unprocessable/] } })

test('a sprayer is calibrated once, and the strainer step speaks of its finest passage', async ({ page }) => {
  await page.goto('/pantry?show=sprayers')
  await page.getByRole('button', { name: 'Change Pump bottle, 2 L' }).click()
  const dialog = page.getByRole('dialog')
  await dialog.getByLabel('Finest passage, mm').fill('fine')
  await dialog.getByRole('button', { name: 'Save' }).click()
  await expect(dialog.getByText('must be a size, like 0.4 mm')).toBeVisible()
  await dialog.getByLabel('Finest passage, mm').fill('0,25')
  await dialog.getByLabel('A minute of spraying came to').fill('300 mL')
  await dialog.getByRole('button', { name: 'Save' }).click()
  const card = page.getByRole('article').filter({ hasText: 'Pump bottle, 2 L' })
  await expect(card).toContainText('0.25 mm')
  await expect(card).toContainText('300 mL')
  await page.goto('/bench')
  await openRecipe(page, 'crush', 'Garlic and pepper')
  await page.getByRole('button', { name: 'Pump bottle, 2 L' }).click()
  await mix(page)
  await forwardTo(page, 'finer than the 0.25 mm', () => page.keyboard.press('ArrowRight'))
})

test('a bottle is changed on the shelf: its warning goes when its strength is written', async ({ page }) => {
  await page.goto('/pantry')
  const card = page.getByRole('button', { name: /Home soap of last winter/ })
  await expect(card).toContainText('How strong is')
  await card.click()
  const dialog = page.getByRole('dialog')
  await expect(dialog.getByText('what a leaf bears depends on it')).toBeVisible()
  await dialog.getByLabel('Strength on the label').fill('10 volumes')
  await dialog.getByRole('button', { name: 'Save' }).click()
  await expect(dialog.getByText('hydrogen peroxide only')).toBeVisible()
  await dialog.getByLabel('Strength on the label').fill('22 %')
  await dialog.getByRole('button', { name: 'Save' }).click()
  await expect(card).not.toContainText('How strong is')
  await expect(card).toContainText('22 %')
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(card).toContainText('How strong is')
})

test('a sprayer is added and taken out again, and the bench knows it', async ({ page }) => {
  await page.goto('/pantry?show=sprayers')
  await page.getByRole('button', { name: 'Add a sprayer' }).click()
  const dialog = page.getByRole('dialog')
  await dialog.getByLabel('Called').fill('Little mister')
  await dialog.getByLabel('Holds, filled to the brim').fill('300 g')
  await dialog.getByRole('button', { name: 'Add the sprayer' }).click()
  await expect(dialog.getByText('A volume is needed here')).toBeVisible()
  await dialog.getByLabel('Holds, filled to the brim').fill('300 mL')
  await dialog.getByRole('button', { name: 'Add the sprayer' }).click()
  await expect(page.getByRole('heading', { name: 'Little mister' })).toBeVisible()
  await page.getByRole('navigation').getByRole('link', { name: 'Bench' }).click()
  // The pantry stands there until the bench is loaded, with a button to change it.
  await page.getByRole('button', { name: 'Little mister', exact: true }).click()
  await expect(page.getByText('Makes 255 mL')).toBeVisible()
  await page.goto('/pantry?show=sprayers')
  await page.getByRole('button', { name: 'Change Little mister' }).click()
  await dialog.getByRole('button', { name: 'Take it out' }).click()
  await expect(page.getByRole('heading', { name: 'Little mister' })).toHaveCount(0)
})

test('a base from the cupboard is thinned to the strength that is asked for', async ({ page }) => {
  await page.goto('/bench')
  await openRecipe(page, 'vinegar', 'Vinegar for the court')
  const bottle = page.getByLabel('Bottle for the base')
  await expect(bottle.locator('option:checked')).toHaveText('Cleaning vinegar, 10 %')
  await page.getByLabel('Strength of base').fill('5 %')
  await expect(bottle.locator('option:checked')).not.toHaveText('Cleaning vinegar, 10 %')
  await bottle.selectOption({ label: 'Cleaning vinegar, 10 %' })
  // 5 L of 5 % are 2.5 L of 10 % and 2.5 L of water.
  await expect(page.getByLabel('Amount of base')).toHaveValue('2500 mL')
  await expect(page.getByLabel('Amount of ingredient 1')).toHaveValue('2500 mL')
  await page.getByRole('button', { name: 'Put the old bottle back' }).click()
  await expect(page.getByLabel('Amount of base')).toHaveValue('5 L')
  await page.getByRole('button', { name: 'Drop my changes' }).click()
})

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true })

  test('mixing needs no scrolling at any step, and its buttons are for wet hands', async ({ page }) => {
    await page.goto('/bench')
    await openRecipe(page, 'crush', 'Garlic and pepper')
    await mix(page)
    for (let n = 0; n < 16; n++) {
      expect(await page.evaluate(() => document.documentElement.scrollHeight - innerHeight), `step ${n + 1}`).toBeLessThanOrEqual(0)
      const next = page.getByRole('button', { name: /Done, next|All done/ })
      expect((await next.boundingBox())?.height).toBeGreaterThanOrEqual(64)
      if (await page.getByRole('button', { name: 'All done' }).isVisible()) break
      await forward(page, () => next.tap())
    }
    await expect(page.getByRole('button', { name: 'All done' })).toBeVisible()
  })

  test('the pantry is behind More, and a bottle is put on the shelf with one hand', async ({ page }) => {
    await page.goto('/')
    await expect(page.getByText('Done last')).toBeVisible()
    await page.getByRole('button', { name: 'More' }).tap()
    await page.getByRole('navigation').getByRole('link', { name: 'Pantry' }).tap()
    await page.getByRole('button', { name: 'Add a bottle' }).tap()
    const dialog = page.getByRole('dialog')
    await dialog.getByLabel('What is in it').fill('Citric acid')
    await dialog.getByLabel('Holds, when full').fill('500 g')
    await dialog.getByRole('button', { name: 'Put it on the shelf' }).tap()
    await expect(page.getByRole('button', { name: /Citric acid/ })).toContainText('500 g left of 500 g')
  })
})
