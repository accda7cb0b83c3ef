import { expect, test } from './support/test'

// A messy recipe in each language, from paste to the mixing steps.
test.use({ allowed: { errors: [/422 \(Unprocessable/] } })

const RECIPES = [
  {
    said: 'Blend 100 g garlic in 1 litre of water, leave overnight and strain. Use one part of this to nine of water with a spoon of soap. Spray the broad beans against aphids twice a week.',
    answers: ['1 tsp', 'Liquid castile soap', '33 %'],
    understood: ['First a stock: 100 g garlic in 1 L', 'garlic extract', 'twice a week', 'For: broad bean'],
    strength: '1 %',
  },
  {
    said: 'Per gli afidi sulle rose: due litri e mezzo d’acqua, un cucchiaio e mezzo di sapone molle, 5 ml di olio di neem. Spruzzare ogni 7 giorni.',
    answers: [],
    understood: ['2.5 L', 'home-made potash soap', 'neem oil', 'every 7 days', 'For: rose'],
    strength: '0.2 %',
  },
  {
    said: 'Ferva 100 g de cavalinha em 1 litro de água, coe e dilua em 5 litros de água. Pulverizar as abobrinhas, oídio, de 7 em 7 dias.',
    answers: [],
    understood: ['First a stock: 100 g fresh horsetail in 1 L', '723 mL', 'every 7 days', 'For: zucchini'],
    strength: '1.5 %',
  },
]

for (const { said, answers, understood, strength } of RECIPES) {
  test(`"${said.slice(0, 30)}…" goes from paste to the steps`, async ({ page }) => {
    await page.goto('/bench')
    await page.getByRole('button', { name: 'Paste a recipe' }).click()
    const dialog = page.getByRole('dialog')
    await dialog.getByLabel(/As it was written/).fill(said)
    for (const words of understood) await expect(dialog.getByText(words).first()).toBeVisible()
    for (const answer of answers) {
      const chip = dialog.locator('.answers').getByRole('button', { name: answer, exact: true })
      await chip.click()
      await expect(chip).toHaveCount(0)
    }
    await dialog.getByRole('button', { name: 'Take it to the bench' }).click()
    await expect(dialog).toHaveCount(0)
    await expect(page.getByText(strength, { exact: false }).first()).toBeVisible()
    await expect(page.getByText('a jar that is gone')).toHaveCount(0)
    await page.getByRole('button', { name: 'Mix it' }).click()
    await expect(page.getByRole('button', { name: 'Done, next' })).toBeVisible()
    await expect(page).toHaveURL(/mix/)
  })
}

test('what was answered once is answered the next time, until one wants to be asked again; a mark is put right where it stands', async ({ page }) => {
  await page.goto('/bench')
  await page.getByRole('button', { name: 'Paste a recipe' }).click()
  const dialog = page.getByRole('dialog')
  const field = dialog.getByLabel(/As it was written/)
  await field.fill('1 tsp soap in a litre of water. Spray.')
  await dialog.getByRole('button', { name: 'Dish detergent', exact: true }).click()
  await expect(field).toHaveValue('1 tsp dish detergent in a litre of water. Spray.')
  await field.fill('2 tbsp soap per gallon. Spray.')
  await expect(field).toHaveValue('2 tbsp dish detergent per gallon. Spray.')
  await expect(dialog.getByText('As last time, “soap”: Dish detergent.')).toBeVisible()
  await dialog.getByRole('button', { name: 'Ask me again' }).first().click()
  await field.fill('3 tbsp soap per gallon. Spray.')
  await expect(dialog.getByRole('button', { name: 'Bar soap', exact: true })).toBeVisible()
  await dialog.locator('mark.amount').first().click()
  await page.keyboard.type('1 tsp')
  await expect(field).toHaveValue('1 tsp soap per gallon. Spray.')
})
