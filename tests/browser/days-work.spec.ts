import { expect, leading, test } from './support/test'
import type { Locator, Page } from '@playwright/test'

/** The work of a day, each job to its written look: how many taps and typed fields it takes is held, so that it does not creep up again. */
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
  /** Into the one box; what leads the list is taken. */
  async say(text: string): Promise<void> {
    await this.tap(this.page.getByRole('button', { name: /^Find/ }))
    await this.type(this.page.getByRole('combobox', { name: 'Find or say anything' }), text)
    await expect(leading(this.page)).toHaveClass(/action/)
    await this.tap(leading(this.page))
  }
}
const written = (page: Page) => expect(page.getByRole('button', { name: 'Undo' }).last()).toBeVisible()
const job = (page: Page, name: string) => page.getByRole('listitem').filter({ has: page.getByRole('link', { name }) })

test.beforeEach(async ({ servers }) => {
  await servers.demo.stop()
  servers.demo.prepare(true)
  await servers.demo.start()
})

for (const [name, viewport] of [['on a desk', { width: 1280, height: 800 }], ['on a phone', { width: 390, height: 844 }]] as const) {
  test.describe(name, () => {
    test.use({ viewport })

    test('path weeds: sprayed, written down, and looked at two days later', async ({ page }) => {
      const hand = new Hand(page)
      await page.goto('/')
      await hand.say('sprayed vinegar on the path')
      const dialog = page.getByRole('dialog')
      await expect(dialog.getByLabel(/^Something else/)).toHaveValue('path')
      await hand.tap(dialog.getByRole('button', { name: 'Log it' }))
      await written(page)
      expect([hand.taps, hand.typed]).toEqual([3, 1])
    })

    test('mildew on the zucchini: looked at in a word, with a count', async ({ page }) => {
      const hand = new Hand(page)
      await page.goto('/')
      const look = job(page, 'Look at Zucchini hill')
      await hand.tap(look.getByRole('button', { name: 'Spreading' }))
      await expect(look.getByRole('status')).toContainText('Spreading. Written down.')
      expect([hand.taps, hand.typed]).toEqual([1, 0])
      await hand.type(look.getByLabel(/^How many/), '12,5')
      await hand.tap(look.getByRole('button', { name: 'Add the count' }))
      await expect(look.getByRole('button', { name: 'Add the count' })).toHaveCount(0)
      expect([hand.taps, hand.typed]).toEqual([2, 1])
      await look.getByRole('link').first().click()
      await expect(page.getByRole('region', { name: 'What happened' })).toContainText('Spreading')
    })

    test('slugs on seedlings: from the box to what is wrong', async ({ page }) => {
      const hand = new Hand(page)
      await page.goto('/')
      await hand.say('how are the lettuces')
      await expect(page).toHaveURL(/\/(trouble|scout)\//)
      expect([hand.taps, hand.typed]).toEqual([2, 1])
    })

    test('gnats: what was poured on the pots is written down', async ({ page }) => {
      const hand = new Hand(page)
      await page.goto('/')
      await hand.say('drenched the pots with soap')
      await hand.tap(page.getByRole('dialog').getByRole('button', { name: 'Log it' }))
      await written(page)
      expect([hand.taps, hand.typed]).toEqual([3, 1])
    })

    test('tools: wiped with alcohol', async ({ page }) => {
      const hand = new Hand(page)
      await page.goto('/')
      await hand.say('wiped the pruners with alcohol')
      await hand.tap(page.getByRole('dialog').getByRole('button', { name: 'Log it' }))
      await written(page)
      expect([hand.taps, hand.typed]).toEqual([3, 1])
    })

    test('a weekly ferment feed: said once, done with one tap', async ({ page }) => {
      const hand = new Hand(page)
      await page.goto('/')
      await hand.say('feed the roses weekly with nettle ferment')
      await written(page)
      expect([hand.taps, hand.typed]).toEqual([2, 1])
      const chore = page.getByRole('listitem').filter({ hasText: 'nettle ferment: ' })
      await hand.tap(chore.getByRole('button', { name: /^Done: nettle ferment/ }))
      await expect(chore).toHaveCount(0)
      expect(hand.taps).toBe(3)
    })

    test('I sprayed this, after mixing: the planned round is closed with it', async ({ page }) => {
      const hand = new Hand(page)
      await page.goto('/')
      const due = page.getByRole('article').filter({ hasText: 'Gentle soap' })
      await hand.tap(due.getByRole('button', { name: 'Done', exact: true }))
      await written(page)
      await expect(due).toHaveCount(0)
      expect([hand.taps, hand.typed]).toEqual([1, 0])
      await page.getByRole('button', { name: 'Undo' }).last().click()
      await expect(due).toHaveCount(1)
    })

    test('an overdue round: done, moved, or left, each in one place', async ({ page }) => {
      const hand = new Hand(page)
      await page.goto('/')
      const late = page.getByRole('article').filter({ hasText: 'due since yesterday' })
      await expect(late).toHaveCount(1)
      await hand.tap(late.getByRole('button', { name: 'Not today' }))
      await expect(late).toHaveCount(0)
      expect([hand.taps, hand.typed]).toEqual([1, 0])
      await page.getByRole('button', { name: 'Undo' }).last().click()
      await expect(late.getByRole('button', { name: 'Move', exact: true })).toBeVisible()
      await expect(late.getByRole('button', { name: 'Leave this one' })).toBeVisible()
      await page.goto('/rounds')
      await page.getByRole('button', { name: 'As a list' }).click()
      await expect(page.getByRole('heading', { name: /overdue/ })).toHaveCount(1)
      await expect(page.getByRole('heading', { name: /overdue/ })).toContainText('13 May')
    })

    test('rain after a round: noted, and what it changes moved', async ({ page }) => {
      const hand = new Hand(page)
      await page.goto('/')
      await hand.say('it rained 12 mm')
      await written(page)
      await hand.tap(page.getByRole('button', { name: /^Move (it|all)/ }))
      await expect(page.getByRole('button', { name: /^Move (it|all)/ })).toHaveCount(0)
      expect([hand.taps, hand.typed]).toEqual([3, 1])
    })

    test('first aid is one tap away, and found from anywhere', async ({ page }) => {
      const hand = new Hand(page)
      await page.goto('/')
      await hand.tap(page.getByRole('button', { name: 'First aid' }))
      await expect(page.getByRole('dialog')).toContainText('In the eyes')
      expect([hand.taps, hand.typed]).toEqual([1, 0])
    })
  })
}

test('everything found goes where it says, of each kind, by the keyboard alone', async ({ page }) => {
  const goes: [string, string, () => Promise<unknown>][] = [
    ['planting', 'lemon', () => expect(page.getByRole('dialog')).toContainText('lemon')],
    ['recipe', 'evening soap', () => expect(page.getByLabel('Name of the recipe')).toHaveValue('Evening soap')],
    ['bottle', 'castile soap from', () => expect(page.getByRole('dialog').getByLabel('Called')).toHaveValue(/Castile soap from/)],
    ['jar', 'nettle bucket', () => expect(page.getByRole('heading', { level: 1 })).toContainText('Nettle')],
    ['trouble', 'powdery zucchini', () => expect(page.getByRole('heading', { level: 1 })).toContainText('Powdery mildew on Zucchini')],
    ['rule', 'soap the hour', () => expect(page).toHaveURL(/\/why\?rule=window\.soap/)],
    ['starter', 'soap dip', () => expect(page.getByLabel('Name of the recipe')).toHaveValue('Soap dip for a potted plant')],
    ['view', 'notebook', () => expect(page).toHaveURL(/\/notebook$/)],
    ['view', 'first aid', () => expect(page.getByRole('dialog')).toContainText('In the eyes')],
    ['view', 'it rained', () => expect(page.getByRole('dialog')).toContainText('in the gauge')],
  ]
  for (const [kind, typed, there] of goes) {
    await page.goto('/settings')
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible()
    await page.keyboard.press('/')
    const box = page.getByRole('combobox', { name: 'Find or say anything' })
    await expect(box).toBeFocused()
    await page.keyboard.type(typed)
    await expect(page.locator('#found-list')).toHaveAttribute('data-typed', typed)
    const wanted = page.locator(`[role=option].${kind}`).first()
    await expect(wanted).toBeVisible()
    // What was asked last is what is listed, before keys are pressed.
    await expect(page.locator('#found-0')).toHaveAttribute('aria-selected', 'true')
    for (let n = 0; n < 20 && (await wanted.getAttribute('aria-selected')) !== 'true'; n++) await page.keyboard.press('ArrowDown')
    await page.keyboard.press('Enter')
    await there()
  }
})
