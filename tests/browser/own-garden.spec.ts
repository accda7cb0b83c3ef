import { Server } from './support/server'
import { expect, test } from './support/test'
import type { Locator, Page } from '@playwright/test'

/** Journeys from nothing: how many taps and typed fields each takes is held, so that it does not creep up again. */
test.use({ garden: 'blank' })
test.beforeEach(async ({ servers }) => {
  await servers.blank.stop()
  servers.blank.prepare(false)
  await servers.blank.start()
})

class Hand {
  taps = 0
  typed = 0
  constructor(readonly page: Page) {}
  async tap(what: Locator): Promise<void> {
    await what.click()
    this.taps++
  }
  async type(what: Locator, text: string): Promise<void> {
    await what.fill(text)
    this.typed++
  }
  async choose(what: Locator, label: string): Promise<void> {
    await what.selectOption({ label })
    this.taps++
  }
}

const TWENTY = [
  '12 tomatoes', 'a lemon', 'hoya', '3 roses', '2 courgettes', 'basil x 4', 'lettuce (20)', 'monstera', 'pothos', 'snake plant', 'an apple tree',
  'two plum trees', 'strawberries - 9', 'lavender hedge', 'box', 'rosemary', 'sage', 'mint', 'a fig', 'zzz plantius',
]

for (const [name, viewport] of [['on a desk', { width: 1280, height: 800 }], ['on a phone', { width: 390, height: 844 }]] as const) {
  test.describe(name, () => {
    test.use({ viewport })

    test.describe('in Chicago, in January', () => {
      test.use({ timezoneId: 'America/Chicago', locale: 'en-US' })
      let winter: Server
      test.beforeAll(async () => {
        winter = await Server.make('winter', { NEBBIA_NOW: '2027-01-09T11:30:00-06:00' })
      })
      test.beforeEach(async () => {
        winter.prepare(false)
        await winter.start()
      })
      test.afterEach(() => winter.stop())

      test('mites on a windowsill: from an empty page to rounds that are planned', async ({ page }) => {
        const hand = new Hand(page)
        await page.goto(winter.url)
        await hand.type(page.getByLabel('What grows?'), '3 monsteras')
        await hand.tap(page.getByLabel('indoors: a windowsill, a room'))
        await hand.tap(page.getByRole('checkbox', { name: 'Vegetable oil' }))
        await hand.tap(page.getByRole('checkbox', { name: 'Liquid castile soap' }))
        await hand.tap(page.getByRole('button', { name: 'Begin the garden' }))
        await expect(page.getByRole('article').filter({ hasText: '3 × Monstera' })).toContainText('indoors')
        await hand.tap(page.getByRole('navigation').getByRole('link', { name: 'Scout' }))
        await hand.choose(page.getByLabel('Planting', { exact: true }), 'Monstera')
        await hand.tap(page.getByRole('button', { name: 'Underside of leaves' }))
        await hand.tap(page.getByRole('group', { name: 'A fine web between leaf and stem' }).getByRole('button', { name: 'Yes' }))
        await hand.tap(page.getByRole('button', { name: 'Write it down' }))
        const dialog = page.getByRole('dialog')
        await dialog.getByLabel('You take it for').selectOption('spider-mite')
        hand.taps++
        await hand.tap(dialog.getByRole('button', { name: 'It is a trouble: follow it' }))
        await hand.tap(page.getByRole('button', { name: 'Count now' }))
        const counts = dialog.locator('.stepper input')
        await expect(counts).toHaveCount(3)
        for (const [n, count] of ['400', '500', '450'].entries()) await hand.type(counts.nth(n), count)
        await hand.tap(dialog.getByRole('button', { name: 'Keep the count' }))
        // Of what is advised the one that can be made from the cupboard leads; it takes oil, which is in every kitchen.
        await hand.tap(page.getByRole('button', { name: /^Start a course: Mild oil and soap/ }))
        await expect(page.getByLabel('Name of the recipe')).toHaveValue('Mild oil and soap')
        await hand.tap(page.getByRole('button', { name: 'Plan the rounds' }))
        await hand.tap(page.getByRole('button', { name: 'How often, and when?' }))
        await expect(page.getByRole('button', { name: 'Take these days' })).toBeVisible()
        // 19.5 °C on the mean, as rooms are.
        await expect(page.getByRole('dialog')).toContainText('At 68 °F')
        await expect(page.getByRole('dialog')).toContainText(/\bJan\b/)
        await expect(page.getByRole('dialog')).not.toContainText(/frost|wind|°C/)
        expect([hand.taps, hand.typed]).toEqual([16, 4])
      })
    })

    test.describe('in Rome', () => {
      test.use({ timezoneId: 'Europe/Rome', locale: 'it-IT' })
      test('scale on a balcony lemon: a recipe that suits, and the spray is logged', async ({ page }) => {
        const hand = new Hand(page)
        await page.goto('/')
        await expect(page.getByLabel('Spoons, cups and volumes')).toHaveValue('metric')
        await hand.type(page.getByLabel('What grows?'), 'un limone')
        await expect(page.getByText('1 × Lemon')).toBeVisible()
        await hand.tap(page.getByRole('button', { name: 'Begin the garden' }))
        await hand.tap(page.getByRole('navigation').getByRole('link', { name: 'Bench' }))
        await hand.tap(page.getByRole('button', { name: 'Recipes', exact: true }))
        await hand.tap(page.getByRole('dialog').getByRole('button', { name: /Mild oil and soap/ }))
        await hand.choose(page.getByLabel('For', { exact: true }), 'Lemon')
        await hand.tap(page.getByRole('button', { name: 'I sprayed this' }))
        await hand.tap(page.getByRole('dialog').getByRole('button', { name: 'Log it' }))
        await page.goto('/notebook')
        await expect(page.getByRole('article').first()).toContainText('1 × Lemon')
        expect([hand.taps, hand.typed]).toEqual([7, 1])
      })
    })

    test('a pasted list of twenty is read, and stands in the garden', async ({ page }) => {
      const hand = new Hand(page)
      await page.goto('/')
      await hand.type(page.getByLabel('What grows?'), TWENTY.join('\n'))
      await expect(page.getByText('not known: kept by its name')).toBeVisible()
      await hand.tap(page.getByRole('button', { name: 'Begin the garden' }))
      await expect(page.getByRole('heading', { level: 1 })).toContainText('20 plantings')
      expect([hand.taps, hand.typed]).toEqual([1, 1])
      // More of them later, and all taken back at once.
      await page.getByRole('button', { name: 'Add several' }).click()
      await page.getByLabel('Type or paste what grows').fill('2 hostas, 3 ferns')
      await page.getByRole('button', { name: 'Add 2 plantings' }).click()
      await expect(page.getByRole('heading', { level: 1 })).toContainText('22 plantings')
      await page.getByRole('button', { name: 'Undo' }).click()
      await expect(page.getByRole('heading', { level: 1 })).toContainText('20 plantings')
    })

    test('a sick leaf in the hand: looked at and written down with nothing entered before', async ({ page }) => {
      const hand = new Hand(page)
      await page.goto('/')
      await hand.tap(page.getByRole('button', { name: 'Look what it is' }))
      await hand.tap(page.getByRole('button', { name: 'Underside of leaves' }))
      await hand.tap(page.getByRole('button', { name: /rarer signs/ }))
      await hand.tap(page.getByRole('group', { name: 'A fine web between leaf and stem' }).getByRole('button', { name: 'Yes' }))
      await hand.tap(page.getByRole('button', { name: 'Write it down' }))
      await hand.tap(page.getByRole('dialog').getByRole('button', { name: 'It is a trouble: follow it' }))
      await expect(page.getByRole('heading', { level: 1 })).toContainText('on A plant')
      expect([hand.taps, hand.typed]).toEqual([6, 0])
    })

    test('a spray is logged with nothing entered before', async ({ page }) => {
      const hand = new Hand(page)
      await page.goto('/')
      await hand.tap(page.getByRole('button', { name: 'Begin the garden' }))
      await hand.tap(page.getByRole('navigation').getByRole('link', { name: 'Today' }))
      await hand.tap(page.getByRole('button', { name: 'I sprayed something' }))
      await hand.choose(page.getByLabel('What', { exact: true }), 'Mild soap')
      // Enter pressed twice by wet fingers is one spray.
      await page
        .getByRole('dialog')
        .locator('form')
        .evaluate((form: HTMLFormElement) => {
          form.requestSubmit()
          form.requestSubmit()
        })
      hand.taps++
      await expect(page.getByRole('strong').filter({ hasText: 'Mild soap' }).or(page.locator('strong', { hasText: 'Mild soap' })).first()).toBeVisible()
      await page.goto('/notebook')
      await expect(page.getByRole('article')).toHaveCount(1)
      expect([hand.taps, hand.typed]).toEqual([5, 0])
    })

    test.describe('in London', () => {
    test.use({ timezoneId: 'Europe/London', locale: 'en-GB' })
    test('two gardens side by side, each in its own units', async ({ page }) => {
      const hand = new Hand(page)
      await page.goto('/')
      await hand.type(page.getByLabel('What grows?'), 'roses')
      await hand.tap(page.getByRole('button', { name: 'Begin the garden' }))
      await expect(page.getByRole('button', { name: '1 × Rose' })).toBeVisible()
      await page.goto('/welcome?another=1')
      await hand.type(page.getByLabel('Name of the garden'), 'Abroad')
      await page.getByLabel('Spoons, cups and volumes').selectOption('us')
      hand.taps++
      await hand.tap(page.getByRole('button', { name: 'Begin the garden' }))
await expect(page).toHaveURL(/\/$/)
            await page.goto('/settings')
      await expect(page.getByLabel('Water hardness, ppm')).toBeVisible()
      await page.locator('select[aria-label="The garden that is open"]:visible').first().selectOption({ label: 'My garden' })
      hand.taps++
      await expect(page.getByText('1 × Rose').or(page.getByText('Nothing to do')).first()).toBeVisible()
      await page.goto('/settings')
      await expect(page.getByLabel('Water hardness, mg/L')).toBeVisible()
      expect([hand.taps, hand.typed]).toEqual([4, 2])
    })
    })
  })
}

test('the demo is marked on every view, put away, and made anew', async ({ page }) => {
  await page.goto('/')
  await page.getByRole('button', { name: 'Open the demo garden' }).click()
  const mark = page.getByText('Demo garden: everything in it is made up.')
  await expect(mark).toBeVisible()
  for (const path of ['/', '/garden', '/scout', '/bench', '/rounds', '/pantry', '/notebook', '/settings', '/why']) {
    await page.goto(path)
    await expect(mark).toBeVisible()
  }
  await page.goto('/settings')
  await page.getByRole('button', { name: 'Put it away' }).click()
  await expect(page).toHaveURL(/\/welcome/)
  await page.getByRole('button', { name: 'Open the demo garden' }).click()
  await expect(mark).toBeVisible()
  await page.goto('/settings')
  await page.getByRole('button', { name: 'Make it anew' }).click()
  await expect(page).toHaveURL(/\/$/)
  await expect(mark).toBeVisible()
})
