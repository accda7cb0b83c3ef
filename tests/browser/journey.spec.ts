import { expect, openLine, openRecipe, planRounds, test } from './support/test'

test.use({ allowed: { errors: [/422 \(Unprocessable/, /net::ERR_(CONNECTION_|EMPTY_RESPONSE|SOCKET_NOT)/] } })

test('from a recipe to a logged spray, and all of it there after a restart', async ({ page, servers }) => {
  await page.goto('/')
  await expect(page.getByRole('heading', { level: 1 })).toContainText('things to do')

  // A recipe, found again by searching, fitted to a sprayer.
  await page.getByRole('navigation').getByRole('link', { name: 'Bench' }).click()
  await openRecipe(page, 'soap aphid', 'Evening soap')
  await page.getByLabel('into', { exact: true }).selectOption({ label: 'Pump bottle, 2 L' })
  // 30 mL in 1030 mL, for 1700 mL: 50 mL, of 33 % soap 0.961 %.
  await expect(page.getByRole('group', { name: 'Ingredient 1' })).toContainText('50 mL')
  await expect(page.getByText('0.96 %').first()).toBeVisible()

  // Whether a plant bears it.
  await page.getByLabel('For', { exact: true }).selectOption({ label: 'Fuchsias in the shade' })
  await expect(page.locator('.banner')).toContainText('strong for fuchsia')
  await page.getByLabel('For', { exact: true }).selectOption({ label: 'Broad beans, early row' })
  await expect(page.locator('.banner')).toContainText('Fine for broad bean')

  // Everything is live: the volume, the basis, the amount in any words.
  await page.getByLabel('make', { exact: true }).fill('0,5 L')
  await expect(page.getByText('Makes 500 mL')).toBeVisible()
  await page.getByLabel('make', { exact: true }).fill('')
  await openLine(page, 'base')
  await page.getByLabel('Basis').selectOption('final')
  // 30 mL of 33 % in 1000 mL: 0.99 %
  await expect(page.getByText('0.99 %').first()).toBeVisible()
  await openLine(page, 1)
  await page.getByLabel('Amount of ingredient 1').fill('1 1/2 tbsp')
  // 22.5 mL · 0.33 in 1000 mL
  await expect(page.getByText('0.74 %').first()).toBeVisible()

  // What cannot be read is said at the field, and the last answer stays.
  await openLine(page, 1)
  await page.getByLabel('Amount of ingredient 1').fill('2 blorps')
  await expect(page.getByText('"blorps" is not a unit known here')).toBeVisible()
  await expect(page.getByLabel('Amount of ingredient 1')).toHaveAttribute('aria-invalid', 'true')
  await expect(page.getByText('0.74 %').first()).toBeVisible()
  await openLine(page, 1)
  await page.getByLabel('Amount of ingredient 1').fill('2 tbsp')
  // 5 L are three fills of a bottle that takes 1.7 L.
  await page.getByLabel('make', { exact: true }).fill('5 L')
  await expect(page.getByText('3 fills of 1.67 L')).toBeVisible()
  await page.getByLabel('make', { exact: true }).fill('')
  await page.getByRole('button', { name: 'Drop my changes' }).click()

  // Three rounds.
  await page.getByRole('button', { name: 'Plan the rounds' }).click()
  const plan = page.getByRole('dialog')
  await expect(plan.getByRole('checkbox', { name: 'Broad beans, early row' })).toBeChecked()
  await plan.getByLabel('How often').fill('every 5 days')
  await plan.getByLabel('How many, or until').fill('3')
  await planRounds(page, 'Plan 3 rounds')
  await expect(page).toHaveURL(/\/rounds$/)
  const course = page
    .getByRole('article')
    .filter({ hasText: 'Evening soap against aphid' })
    .filter({ hasText: 'Broad beans, early row' })
    .first()
  await expect(course.getByRole('listitem')).toHaveCount(3)

  // The first is logged; it stands in the notebook with what was in it.
  await course.getByRole('button', { name: 'Log it' }).first().click()
  const log = page.getByRole('dialog')
  await log.getByLabel('What you saw').fill('Ants running, forty on one tip')
  await log.getByLabel('Who').fill('Ottavia')
  await log.getByLabel('How much was used').fill('1,6 L')
  await log.getByRole('button', { name: 'Log it' }).click()
  await expect(course.getByText('done,')).toBeVisible()
  await page.getByRole('navigation').getByRole('link', { name: 'Notebook' }).click()
  const entry = page.getByRole('article').first()
  await expect(entry).toContainText('Evening soap against aphid, round 1 of 3')
  await expect(entry).toContainText('Ants running, forty on one tip')
  await expect(entry).toContainText('1.6 L')

  // A restart of the server loses nothing.
  await servers.demo.stop()
  await servers.demo.start()
  await page.reload()
  await expect(page.getByRole('article').first()).toContainText('Ants running, forty on one tip')
  await page.getByRole('navigation').getByRole('link', { name: 'Rounds' }).click()
  const after = page
    .getByRole('article')
    .filter({ hasText: 'Evening soap against aphid' })
    .filter({ hasText: 'Broad beans, early row' })
    .first()
  await expect(after.getByText('done,')).toBeVisible()
})

test('a round is moved and skipped with its reason, and either can be undone', async ({ page }) => {
  await page.goto('/rounds')
  const course = page.getByRole('article').filter({ hasText: 'Clipped bay' })
  const first = course.getByRole('listitem').first()
  const before = await first.locator('.line').innerText()
  await first.getByRole('button', { name: 'Move' }).click()
  await page.getByRole('dialog').getByLabel('To', { exact: true }).fill('2031-03-05')
  await page.getByRole('dialog').getByLabel('Why').fill('rain all week')
  await page.getByRole('button', { name: 'Move the round', exact: true }).click()
  await expect(first).toContainText('Wednesday 5 March')
  await expect(first).toContainText('rain all week')
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(first.locator('.line')).toHaveText(before.replace(/\n/g, ''), { useInnerText: false })

  await first.getByRole('button', { name: 'Leave this one' }).click()
  await page.getByRole('dialog').getByLabel('Why').fill('in bloom')
  await page.getByRole('button', { name: 'Skip the round' }).click()
  await expect(first).toContainText('skipped')
  await page.getByRole('button', { name: 'Undo' }).first().click()
  await expect(first).toContainText('planned')
})

test('a recipe is made, saved, copied, its versions kept, printed and deleted', async ({ page }) => {
  await page.goto('/bench/new')
  await page.getByLabel('Name of the recipe').fill('Bean tips')
  await openLine(page, 'base')
  await page.getByLabel('Amount of base').fill('1 quart')
  await openLine(page, 1)
  await page.getByLabel('Amount of ingredient 1').fill('1:50')
  await openLine(page, 1)
  await page.getByLabel('Strength of ingredient 1').fill('30 %')
  // One part of 30 % to fifty: 30 / 51 = 0.588 %
  await expect(page.getByText('0.59 %').first()).toBeVisible()
  await page.getByRole('button', { name: 'Save the recipe' }).click()
  await expect(page).toHaveURL(/\/bench\/01/)

  await page.getByRole('button', { name: 'Add an ingredient' }).click()
  await expect(page.getByRole('group', { name: 'Ingredient 2' })).toContainText('g')
  await page.getByRole('button', { name: 'Save', exact: true }).click()
  await expect(page.getByRole('button', { name: 'Save', exact: true })).toBeDisabled()
  await page.getByRole('button', { name: 'More with it' }).click()
  await page.getByRole('button', { name: 'Versions' }).click()
  await expect(page.getByText('Version 2,')).toBeVisible()
  await page.getByRole('article').filter({ hasText: 'Version 1,' }).getByRole('button', { name: 'Bring back' }).click()
  await expect(page.getByRole('group', { name: 'Ingredient 2' })).toHaveCount(0)
  await page.getByRole('button', { name: 'Save', exact: true }).click()
  await expect(page.getByRole('button', { name: 'Save', exact: true })).toBeDisabled()

  await page.getByRole('button', { name: 'More with it' }).click()
  await page.getByRole('button', { name: 'Card to print' }).click()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Bean tips')
  await page.emulateMedia({ media: 'print' })
  await expect(page.getByRole('button', { name: 'Print' })).toBeHidden()
  await expect(page.getByRole('table')).toContainText('Liquid castile soap')
  await page.emulateMedia({ media: 'screen' })
  await page.getByRole('button', { name: 'Back to the bench' }).click()

  await page.getByRole('button', { name: 'More with it' }).click()
  await page.getByRole('button', { name: 'Copy' }).click()
  await expect(page.getByLabel('Name of the recipe')).toHaveValue('Bean tips, copy')
  await page.getByRole('button', { name: 'More with it' }).click()
  await page.getByRole('button', { name: 'Delete' }).click()
  await expect(page.getByLabel('Name of the recipe')).not.toHaveValue('Bean tips, copy')
  await page.getByText('“Bean tips, copy” deleted').getByRole('button', { name: 'Undo' }).click()
  await expect(page.getByLabel('Name of the recipe')).toHaveValue('Bean tips, copy')
})

test('what is not saved is kept, and a recipe without a name is not saved', async ({ page }) => {
  await page.goto('/bench')
  await openRecipe(page, 'neem', 'Neem at dusk')
  await openLine(page, 1)
  await page.getByLabel('Amount of ingredient 1').fill('0.9 %')
  await expect(page.getByText('Not saved yet')).toBeVisible()
  await page.reload()
  await expect(page.getByLabel('Amount of ingredient 1')).toHaveValue('0.9 %')
  await page.getByLabel('Name of the recipe').fill('')
  await page.getByRole('button', { name: 'Save', exact: true }).click()
  await expect(page.getByText('The recipe has no name').first()).toBeVisible()
  await page.getByRole('button', { name: 'Drop my changes' }).click()
  await expect(page.getByLabel('Name of the recipe')).toHaveValue('Neem at dusk')
  await expect(page.getByLabel('Amount of ingredient 1')).toHaveValue('0.75 %')
})
