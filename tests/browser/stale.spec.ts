import { expect, openRecipe, test } from './support/test'

test.use({ allowed: { errors: [/409 \(Conflict/] } })

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
