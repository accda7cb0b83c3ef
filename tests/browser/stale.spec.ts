import { expect, openRecipe, test } from './support/test'

test.use({ allowed: { errors: [/409 \(Conflict/, /422 \(Unproc/] } })

test('a stale edit from a second tab is refused with both versions shown', async ({ context }) => {
  const one = await context.newPage()
  const two = await context.newPage()
  await one.goto('/bench')
  await openRecipe(one, 'milk', 'Milk for the zucchini')
  await two.goto(one.url())
  await expect(two.getByLabel('Amount of ingredient 1')).toHaveValue('15 %')

  await one.getByLabel('Amount of ingredient 1').fill('20 %')
  await one.getByRole('button', { name: 'Save', exact: true }).click()
  await expect(one.getByRole('button', { name: 'Save', exact: true })).toBeDisabled()

  await two.getByLabel('Amount of ingredient 1').fill('30 %')
  await two.getByRole('button', { name: 'Save', exact: true }).click()
  const dialog = two.getByRole('dialog')
  await expect(dialog).toContainText('Changed elsewhere since you opened it')
  await expect(dialog).toContainText('30 % milk')
  await expect(dialog).toContainText('20 % milk')
  await dialog.getByRole('button', { name: 'Take the stored one' }).click()
  await expect(two.getByLabel('Amount of ingredient 1')).toHaveValue('20 %')

  // And the other way: mine over it, the other kept among the versions.
  await one.getByLabel('Amount of ingredient 1').fill('12 %')
  await one.getByRole('button', { name: 'Save', exact: true }).click()
  await expect(one.getByRole('button', { name: 'Save', exact: true })).toBeDisabled()
  await two.getByLabel('Amount of ingredient 1').fill('15 %')
  await two.getByRole('button', { name: 'Save', exact: true }).click()
  await two.getByRole('dialog').getByRole('button', { name: 'Save mine over it' }).click()
  await expect(two.getByRole('button', { name: 'Save', exact: true })).toBeDisabled()
  await two.getByRole('button', { name: 'Versions' }).click()
  await expect(two.getByText('12 % milk')).toBeVisible()
})

test('settings are read as they are typed, and stay typed when another hand was quicker', async ({ context }) => {
  const one = await context.newPage()
  const two = await context.newPage()
  await one.goto('/settings')
  await two.goto('/settings')
  await two.getByLabel('Latitude').fill('38,722 N')
  await two.getByLabel('Longitude').fill('Lisbon')
  await two.getByLabel('Water hardness, mg/L').fill('soft')
  await two.getByRole('button', { name: 'Save the settings' }).click()
  await expect(two.getByText('The longitude must be a number')).toBeVisible()
  await expect(two.getByText('The water hardness must be a number')).toBeVisible()
  await expect(two.getByLabel('Longitude')).toHaveValue('Lisbon')

  await one.getByLabel('Name of the garden').fill('The walled court')
  await one.getByRole('button', { name: 'Save the settings' }).click()
  await expect(one.getByRole('button', { name: 'Undo' })).toBeVisible()

  await two.getByLabel('Longitude').fill('9,139° W')
  await two.getByLabel('Water hardness, mg/L').fill('112,5')
  await two.getByRole('button', { name: 'Save the settings' }).click()
  await expect(two.getByLabel('Name of the garden')).toHaveValue('The walled court')
  await expect(two.getByLabel('Longitude')).toHaveValue('9,139° W')
  await two.getByRole('button', { name: 'Save the settings' }).click()
  await expect(two.getByLabel('Longitude')).toHaveValue('-9.139')
  await expect(two.getByLabel('Latitude')).toHaveValue('38.722')
  await expect(two.getByLabel('Water hardness, mg/L')).toHaveValue('112.5')
  await two.getByRole('button', { name: 'Undo' }).click()
  await expect(two.getByLabel('Water hardness, mg/L')).toHaveValue('150')
})

test('answers that overtake each other on a slow line leave what was asked for last', async ({ page }) => {
  const slow = async (what: string | RegExp) => page.route(what, async (route) => {
    await new Promise((done) => setTimeout(done, 1500))
    await route.continue()
  })
  await page.goto('/bench')
  await slow(/recipes\?search=milk/)
  await page.getByRole('button', { name: 'Recipes', exact: true }).click()
  const search = page.getByPlaceholder(/Search/)
  await search.fill('milk')
  const late = page.waitForResponse(/search=milk/)
  await page.waitForRequest(/search=milk/)
  await search.fill('evening')
  await expect(page.getByRole('button', { name: /Evening soap/ })).toBeVisible()
  await late
  await expect(page.getByRole('button', { name: /Evening soap/ })).toBeVisible()
  await expect(page.getByRole('button', { name: /Milk for/ })).toHaveCount(0)

  // Of two recipes that are opened one after the other, the second stays on the bench.
  const all = await (await page.request.get(`/api/gardens/${(await (await page.request.get('/api/gardens')).json() as { id: string }[])[0]!.id}/recipes`)).json() as { id: string; name: string }[]
  const milk = all.find((one) => one.name.startsWith('Milk for'))!
  await slow(new RegExp(`recipes/${milk.id}$`))
  await search.fill('')
  const first = page.waitForResponse(new RegExp(`recipes/${milk.id}$`))
  await page.getByRole('button', { name: /Milk for/ }).click()
  await page.getByRole('button', { name: 'Recipes', exact: true }).click()
  await page.getByRole('button', { name: /Evening soap/ }).click()
  await expect(page.getByPlaceholder('Name the recipe')).toHaveValue('Evening soap')
  await first
  await page.waitForTimeout(200)
  await expect(page.getByPlaceholder('Name the recipe')).toHaveValue('Evening soap')
})
