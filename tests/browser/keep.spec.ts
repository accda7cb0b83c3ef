import { expect, test } from './support/test'
import { Server } from './support/server'
import type { Page } from '@playwright/test'

// Each on a server of its own: what is exchanged here is everything.
test.use({ allowed: { errors: [/404 \(Not Found/, /422 \(Unproc/] } })

async function alone(page: Page, name: string, seed: boolean, work: (server: Server) => Promise<void>): Promise<void> {
  const server = await Server.make(name)
  server.prepare(seed)
  await server.start()
  try {
    await work(server)
  } finally {
    // Nothing is on its way any more.
    await page.goto('about:blank')
    await server.stop()
  }
}

const names = async (page: Page, server: Server) => {
  const gardens = (await (await page.request.get(`${server.url}/api/gardens`)).json()) as { id: string; name: string }[]
  const plot = (await (await page.request.get(`${server.url}/api/gardens/${gardens[0]!.id}/plot`)).json()) as {
    zones: { plantings: { planting: { name: string } }[] }[]
  }
  return { gardens: gardens.map((one) => one.name), plantings: plot.zones.flatMap((zone) => zone.plantings.map((one) => one.planting.name)) }
}

test('a backup is taken, a planting deleted, and all is brought back; and taken back again', async ({ page }) => {
  await alone(page, 'keep', true, async (server) => {
    await page.goto(`${server.url}/settings`)
    await expect(page.getByText('There is no backup yet.')).toBeVisible()
    await page.getByRole('button', { name: 'Take a backup now' }).click()
    await expect(page.getByText('The newest is of today.')).toBeVisible()
    await expect(page.getByText('by hand,')).toBeVisible()

    const garden = ((await (await page.request.get(`${server.url}/api/gardens`)).json()) as { id: string }[])[0]!.id
    const plot = (await (await page.request.get(`${server.url}/api/gardens/${garden}/plot`)).json()) as {
      zones: { plantings: { planting: { id: string; name: string } }[] }[]
    }
    const planting = plot.zones.flatMap((zone) => zone.plantings).find((one) => one.planting.name === 'Basil in the corner')!.planting.id
    expect((await page.request.delete(`${server.url}/api/gardens/${garden}/plantings/${planting}`)).status()).toBe(200)
    expect((await names(page, server)).plantings).not.toContain('Basil in the corner')

    await page.getByRole('button', { name: 'Bring back' }).first().click()
    const dialog = page.getByRole('dialog')
    await expect(dialog).toContainText('The garden Fontegrigia as of')
    await expect(dialog).toContainText('What is there now is kept as another backup')
    await dialog.getByRole('button', { name: 'Bring it back' }).click()
    await expect(dialog).toContainText('Brought back.')
    expect((await names(page, server)).plantings).toContain('Basil in the corner')
    await dialog.getByRole('button', { name: 'Take it back' }).click()
    await expect(dialog).toContainText('It is taken back.')
    expect((await names(page, server)).plantings).not.toContain('Basil in the corner')
    await dialog.getByRole('button', { name: 'Good', exact: true }).click()
    await expect(page.getByText('before one was brought back').first()).toBeVisible()
  })
})

test('a garden moves to another machine by a file, and is deleted for good where it was', async ({ page }) => {
  await alone(page, 'from', true, async (from) => {
    await page.goto(`${from.url}/settings`)
    const coming = page.waitForEvent('download')
    await page.getByRole('link', { name: 'Save Fontegrigia as a file' }).click()
    const file = await (await coming).path()
    const before = await names(page, from)

    await alone(page, 'to', false, async (to) => {
      await page.goto(to.url)
      await expect(page.getByRole('heading', { name: 'You have a garden already' })).toBeVisible()
      // What is no garden is said to be none.
      await page.getByLabel('Bring in a file').setInputFiles({ name: 'aunt.txt', mimeType: 'text/plain', buffer: Buffer.from('Dear aunt') })
      await expect(page.getByRole('alert')).toContainText('This is no garden of Nebbia')
      await page.getByLabel('Bring in a file').setInputFiles(file)
      const dialog = page.getByRole('dialog')
      await expect(dialog).toContainText('Fontegrigia would be brought in as a garden of its own')
      await dialog.getByRole('button', { name: 'Bring it in' }).click()
      await expect(dialog).toContainText('Fontegrigia is here, as a garden of its own')
      await dialog.getByRole('button', { name: 'Open it' }).click()
      await expect(page.getByRole('navigation', { name: 'Views' })).toContainText('Fontegrigia')
      expect(await names(page, to)).toEqual(before)
    })

    await page.goto(`${from.url}/settings`)
    await page.getByRole('button', { name: 'Delete this garden for good' }).click()
    const dialog = page.getByRole('dialog')
    await expect(dialog.getByRole('link', { name: 'Save it as a file first' })).toBeVisible()
    await dialog.getByLabel('Type its name').fill('Fonte')
    await dialog.getByRole('button', { name: 'Delete it for good' }).click()
    await expect(dialog).toContainText('Type the name of the garden, Fontegrigia')
    await dialog.getByLabel('Type its name').fill('fontegrigia')
    await dialog.getByRole('button', { name: 'Delete it for good' }).click()
    await expect(page.getByRole('heading', { name: 'You have a garden already' })).toBeVisible()
    expect(await (await page.request.get(`${from.url}/api/gardens`)).json()).toEqual([])
  })
})

test('a garden is brought in beside itself and taken back, and recipes go and come as a file', async ({ page }) => {
  await alone(page, 'beside', true, async (server) => {
    await page.goto(`${server.url}/settings`)
    const coming = page.waitForEvent('download')
    await page.getByRole('link', { name: 'Save Fontegrigia as a file' }).click()
    const file = await (await coming).path()
    await page.getByLabel('Bring in a file').setInputFiles(file)
    const dialog = page.getByRole('dialog')
    await dialog.getByLabel('Into Fontegrigia: what is newer counts').check()
    await expect(dialog).toContainText('Into Fontegrigia would come nothing new')
    await dialog.getByLabel('As a garden of its own').check()
    await expect(dialog).toContainText('Fontegrigia 2 would be brought in')
    await dialog.getByRole('button', { name: 'Bring it in' }).click()
    await expect(dialog).toContainText('so this one is called Fontegrigia 2')
    await dialog.getByRole('button', { name: 'Take it back' }).click()
    await expect(dialog).toContainText('It is taken back.')
    expect((await names(page, server)).gardens).toEqual(['Fontegrigia'])

    await page.goto(`${server.url}/bench`)
    await page.getByRole('button', { name: 'Recipes', exact: true }).click()
    const recipes = page.waitForEvent('download')
    await page.getByRole('link', { name: 'Save all as a file' }).click()
    const saved = await (await recipes).path()
    await page.getByLabel('Bring in recipes').setInputFiles(saved)
    await expect(page.getByText('No recipe is new, 9 were here already.')).toBeVisible()
  })
})
