import { expect, test } from './support/test'

test('what a plant did not bear is said once, stops it on the bench, and is taken back', async ({ page }) => {
  await page.goto('/garden')
  const { id, garden } = await page.evaluate(async () => {
    const mine = ((await (await fetch('/api/gardens')).json()) as { id: string }[])[0]!.id
    const plot = (await (await fetch(`/api/gardens/${mine}/plot`)).json()) as {
      zones: { plantings: { planting: { id: string; name: string } }[] }[]
    }
    const all = plot.zones.flatMap((zone) => zone.plantings.map((one) => one.planting))
    return { garden: mine, id: all.find((one) => one.name === 'Low roses in a row')!.id }
  })
  const recipes = (await (await page.request.get(`/api/gardens/${garden}/recipes`)).json()) as { id: string; name: string }[]
  const neem = recipes.find((one) => one.name === 'Neem at dusk')!.id
  await page.goto(`/leaves/${id}`)
  const panel = page.getByRole('region', { name: 'Never on this plant again' })
  await panel.getByRole('button', { name: 'Something else' }).click()
  await panel.getByLabel('Never', { exact: true }).fill('neem')
  await panel.getByLabel('Why (if you like)').fill('All buds fell.')
  await panel.getByLabel('On no rose here').check()
  await panel.getByRole('button', { name: 'Write it down' }).click()
  await expect(panel).toContainText('Never neem oil on any rose here, since 14 May 2026: All buds fell.')

  await page.goto(`/bench/${neem}?planting=${id}`)
  await expect(page.locator('main')).toContainText('Never neem oil on this plant again')
  await page.goto(`/leaves/${id}`)
  await panel.getByRole('button', { name: 'Take it back' }).click()
  await expect(panel).not.toContainText('since 14 May')
  await page.goto(`/bench/${neem}?planting=${id}`)
  await expect(page.getByLabel('Name of the recipe')).toHaveValue('Neem at dusk')
  await expect(page.locator('main')).not.toContainText('again: that was said here')
})
