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
