import { expect, openRecipe, test } from './support/test'

test.use({ allowed: { errors: [/422 \(Unprocessable/] } })

test('a due round opens on the bench, with its sprayer and plant', async ({ page }) => {
  await page.goto('/')
  await page.getByRole('article').filter({ hasText: 'Oil and soap for scale' }).getByRole('link', { name: 'Open on the bench' }).click()
  await expect(page.getByLabel('Name of the recipe')).toHaveValue('Oil and soap for scale')
  await expect(page.getByRole('button', { name: 'Pump bottle, 2 L' })).toHaveAttribute('aria-pressed', 'true')
  await expect(page.locator('.banner')).toContainText('Fine for lemon')
  // Soap goes in before the oil it has to carry.
  const steps = page.getByRole('heading', { name: 'In this order' }).locator('..').getByRole('listitem')
  await expect(steps.nth(0)).toContainText('Water')
  await expect(steps.nth(1)).toContainText(/liquid castile soap/i)
  await expect(steps.nth(2)).toContainText(/vegetable oil/i)
})

test('a course is ended and brought back; what was done stays', async ({ page }) => {
  await page.goto('/rounds')
  const course = page.getByRole('article').filter({ hasText: 'Fuchsias in the shade' }).first()
  await expect(course.getByRole('listitem')).toHaveCount(4)
  await course.getByRole('button', { name: 'End the course' }).click()
  await expect(page.getByText('Course ended')).toBeVisible()
  await expect(page.locator('.cards').first()).not.toContainText('Fuchsias in the shade')
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(page.locator('.cards').first()).toContainText('Fuchsias in the shade')
})

test('rounds are refused at the field', async ({ page }) => {
  await page.goto('/bench')
  await openRecipe(page, 'evening', 'Evening soap')
  await page.getByLabel('For', { exact: true }).selectOption({ label: 'an ordinary plant' })
  await page.getByRole('button', { name: 'Plan the rounds' }).click()
  const plan = page.getByRole('dialog')
  await plan.getByRole('button', { name: /^Plan \d+ rounds/ }).click()
  await expect(plan.getByText('No planting is chosen')).toBeVisible()
  await plan.getByRole('button', { name: 'Not now' }).click()
  await expect(plan).toHaveCount(0)
})

test('a danger leads, whatever else is right', async ({ page }) => {
  await page.goto('/bench/new')
  await page.getByLabel('Name of the recipe').fill('Not this')
  await page.getByRole('textbox', { name: 'Ingredient 1' }).or(page.getByLabel('Ingredient 1').locator('input')).first().fill('bleach')
  await page.keyboard.press('Enter')
  await page.getByRole('button', { name: 'Add an ingredient' }).click()
  await expect(page.locator('.banner')).toContainText('Never mix bleach')
  await expect(page.locator('.banner')).toContainText('Stop')
  await page.getByRole('button', { name: 'Drop my changes' }).or(page.getByRole('button', { name: 'Recipes', exact: true })).first().click()
})

test('the ribbon says hour by hour whether it can be sprayed, and why not', async ({ page }) => {
  await page.goto('/')
  const ribbon = page.getByRole('region', { name: /When to spray/ })
  await expect(ribbon).toContainText('The best hour in the next three days')
  await expect(ribbon).toContainText('made-up weather')
  const hour = ribbon.getByRole('slider', { name: 'Hour' })
  const seen = new Set<string>()
  await hour.press('Home')
  for (let n = 0; n < 71; n++) {
    seen.add((await hour.getAttribute('aria-valuetext')) ?? '')
    await hour.press('ArrowRight')
  }
  // Every hour says something else, and night after night some are out.
  expect(seen.size).toBe(71)
  expect([...seen].some((text) => /: (poor|no), .+/.test(text))).toBe(true)
})

test('rounds are suggested by the life cycle, taken, and planned on their days', async ({ page }) => {
  await page.goto('/bench')
  await openRecipe(page, 'evening', 'Evening soap')
  await page.getByRole('button', { name: 'Plan the rounds' }).click()
  const dialog = page.getByRole('dialog')
  await dialog.getByLabel('Against').selectOption({ label: 'nothing in particular' })
  await expect(dialog.getByRole('button', { name: 'How often, and when?' })).toBeDisabled()
  await dialog.getByLabel('Against').selectOption({ label: 'aphid' })
  await dialog.getByRole('checkbox', { name: 'Broad beans, late row' }).check()
  await dialog.getByRole('button', { name: 'How often, and when?' }).click()
  await expect(dialog.getByRole('button', { name: 'Take these days' })).toBeVisible()
  const found = await dialog.locator('.answer li').count()
  expect(found).toBeGreaterThan(1)
  await dialog.getByRole('button', { name: 'Take these days' }).click()
  await expect(dialog.getByLabel('Rounds')).toHaveValue(String(found))
  await dialog.getByRole('button', { name: `Plan ${found} rounds` }).click()
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible()
  await expect(page).toHaveURL(/rounds/)
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(page.getByText('Undone: Rounds planned')).toBeVisible()
})
