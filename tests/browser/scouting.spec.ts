import { expect, planRounds, test } from './support/test'
import { deflateSync } from 'node:zlib'
import type { Page } from '@playwright/test'

test.use({ allowed: { errors: [/422 \(Unprocessable/] } })

/** Says yes or no to a sign by its name, at the place where one looks for it. */
async function say(page: Page, place: string, sign: string, answer: 'Yes' | 'No'): Promise<void> {
  await page.getByRole('button', { name: place }).click()
  await page.locator('.signs').getByRole('group', { name: sign }).getByRole('button', { name: answer, exact: true }).click()
}

/** A plain PNG of so many pixels, as a camera might give but larger than is kept. */
function png(width: number, height: number): Buffer {
  const table = Array.from({ length: 256 }, (_, n) => {
    let c = n
    for (let k = 0; k < 8; k++) c = c & 1 ? 0xedb88320 ^ (c >>> 1) : c >>> 1
    return c >>> 0
  })
  const crc = (data: Buffer) => {
    let c = 0xffffffff
    for (const byte of data) c = table[(c ^ byte) & 255]! ^ (c >>> 8)
    return (c ^ 0xffffffff) >>> 0
  }
  const chunk = (type: string, data: Buffer) => {
    const body = Buffer.concat([Buffer.from(type), data])
    const out = Buffer.alloc(body.length + 8)
    out.writeUInt32BE(data.length, 0)
    body.copy(out, 4)
    out.writeUInt32BE(crc(body), body.length + 4)
    return out
  }
  const head = Buffer.alloc(13)
  head.writeUInt32BE(width, 0)
  head.writeUInt32BE(height, 4)
  head.set([8, 2, 0, 0, 0], 8)
  const rows = Buffer.alloc((width * 3 + 1) * height, 90)
  for (let y = 0; y < height; y++) rows[y * (width * 3 + 1)] = 0
  return Buffer.concat([
    Buffer.from('89504e470d0a1a0a', 'hex'),
    chunk('IHDR', head),
    chunk('IDAT', deflateSync(rows)),
    chunk('IEND', Buffer.alloc(0)),
  ])
}

test('from a sign on a leaf to a planned course', async ({ page }) => {
  await page.goto('/scout')
  await page.getByLabel('Planting', { exact: true }).selectOption({ label: 'Climbing beans on the canes' })
  await say(page, 'Growing tips', 'Young leaves at the tips curled', 'Yes')
  const causes = page.getByRole('complementary')
  await expect(causes.getByRole('listitem').first()).toContainText('aphid')
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Perhaps aphid')
  // The question that leads is answered, and the causes rank anew.
  await expect(page.getByText('This look would tell most')).toBeVisible()
  await page.locator('.next').getByRole('button', { name: 'Yes' }).click()
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Most likely aphid')
  await causes.getByText('Why').first().click()
  await expect(causes.getByText('for, strongly').first()).toBeVisible()

  await page.getByRole('button', { name: 'Write it down' }).click()
  const dialog = page.getByRole('dialog')
  await expect(dialog.getByLabel('You take it for')).toHaveValue('aphid')
  await dialog.getByLabel('Note').fill('Third cane from the gate')
  await dialog.getByLabel('Photo').setInputFiles({ name: 'leaf.png', mimeType: 'image/png', buffer: png(2400, 1200) })
  await expect(dialog.getByAltText('The photo, made small')).toBeVisible()
  await dialog.getByRole('button', { name: 'It is a trouble' }).click()

  await expect(page.getByRole('heading', { level: 1 })).toContainText('Aphid on Climbing beans on the canes')
  await expect(page.getByText('“Third cane from the gate”')).toBeVisible()
  const photo = page.getByAltText(/^Photo of/)
  await photo.scrollIntoViewIfNeeded()
  await expect.poll(() => photo.evaluate((img: HTMLImageElement) => [img.naturalWidth, img.naturalHeight])).toEqual([1600, 800])
  await expect(page.getByText('Count before you spray.')).toBeVisible()

  // Sixteen plants: five of them are drawn, four leaves each.
  await page.getByRole('button', { name: 'Count now' }).click()
  const fields = dialog.locator('.stepper input')
  await expect(fields).toHaveCount(5)
  for (const [n, count] of ['180', '240', '210', '150'].entries()) await fields.nth(n).fill(count)
  for (let n = 0; n < 10; n++)
    await dialog
      .getByRole('button', { name: /^20 more on plant/ })
      .nth(4)
      .click()
  await expect(fields.nth(4)).toHaveValue('200')
  await dialog.getByLabel('Natural enemies').selectOption('some')
  await dialog.getByRole('button', { name: 'Keep the count' }).click()
  // 980 on twenty leaves.
  await expect(page.getByText('You counted 49 a leaf')).toBeVisible()
  await expect(page.getByText('Some natural enemies are about.')).toBeVisible()
  await expect(page.getByText('Treat on the same day')).toBeVisible()

  await page.getByRole('button', { name: 'Start a course' }).click()
  await expect(page.getByRole('heading', { name: 'Against aphid on Climbing beans on the canes' })).toBeVisible()
  await expect(page.getByLabel('For', { exact: true })).toHaveValue(/.+/)
  await page.getByRole('button', { name: /^Evening soap/ }).click()
  await expect(page.getByLabel('Name of the recipe')).toHaveValue('Evening soap')
  await page.getByRole('button', { name: 'Plan the rounds' }).click()
  await expect(dialog.getByLabel('Against')).toHaveValue('aphid')
  await expect(dialog.getByLabel('Climbing beans on the canes')).toBeChecked()
  await expect(dialog.getByLabel('Broad beans, late row')).toBeChecked()
  await expect(dialog.getByLabel('White grape')).not.toBeChecked()
  await expect(dialog.getByLabel('How often')).toHaveValue('every 5 days')
  await planRounds(page, /^Plan 3 rounds/)
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Aphid on Climbing beans')
  await page.getByRole('navigation').getByRole('link', { name: 'Rounds' }).click()
  await expect(page.getByText('Climbing beans on the canes').first()).toBeVisible()
})

test('what is no pest is told so, with what it wants instead', async ({ page }) => {
  await page.goto('/garden')
  await page.getByRole('link', { name: 'sun scorch' }).click()
  await expect(page.getByText('Spray nothing: sun scorch is no pest.')).toBeVisible()
  await expect(page.getByText('get it used to the sun')).toBeVisible()
  await expect(page.getByRole('heading', { name: /^Sprays/ })).toHaveCount(0)
  await page.getByRole('button', { name: 'Close or correct' }).click()
  await page.getByRole('dialog').getByLabel('How it ended').fill('New leaves are green')
  await page.getByRole('dialog').getByRole('button', { name: 'It is over' }).click()
  await expect(page.getByText('New leaves are green')).toBeVisible()
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(page.getByText('Spray nothing: sun scorch is no pest.')).toBeVisible()
})

test('every sign has a drawing of its own, and its words', async ({ page }) => {
  await page.goto('/scout')
  const seen = new Set<string>()
  const places = page.locator('.places button')
  await expect(places).toHaveCount(8)
  for (let n = 0; n < 8; n++) {
    await places.nth(n).click()
    for (const card of await page.locator('.sign-card').all()) {
      const drawing = await card.locator('svg').getAttribute('data-drawing')
      expect(drawing, (await card.textContent()) ?? '').not.toBe('missing')
      seen.add(String(drawing))
    }
  }
  expect(seen.size).toBeGreaterThanOrEqual(60)
})

test('the garden is kept: add, change, move, retire, and out and in as a table', async ({ page }) => {
  await page.goto('/garden')
  await page.getByRole('button', { name: 'Add a zone' }).click()
  const dialog = page.getByRole('dialog')
  await dialog.getByLabel('Name', { exact: true }).fill('The sill')
  await dialog.getByRole('button', { name: 'Add it' }).click()
  await expect(page.getByRole('heading', { name: 'The sill' })).toBeVisible()
  await page.getByRole('button', { name: 'Add a planting to The sill' }).click()
  await dialog.getByLabel('Plant', { exact: true }).fill('Saintpaulia')
  await dialog.getByLabel('How many').fill('2')
  await dialog.getByLabel('Height, cm').fill('12,5')
  await dialog.getByLabel('Indoors').check()
  await dialog.getByRole('button', { name: 'Add it' }).click()
  const card = page.getByRole('article').filter({ hasText: '2 × African violet' })
  await expect(card).toContainText('indoors, 12.5 cm')

  await card.getByRole('button', { name: '2 × African violet' }).click()
  await dialog.getByLabel('Zone').selectOption({ label: 'The pergola' })
  await dialog.getByLabel('Called').fill('Violets')
  await dialog.getByRole('button', { name: 'Save' }).click()
  await expect(page.getByRole('region', { name: 'The pergola' }).getByRole('button', { name: '2 × Violets' })).toBeVisible()
  await page.getByRole('button', { name: '2 × Violets' }).click()
  await dialog.getByRole('button', { name: 'Retire it …' }).click()
  await dialog.getByLabel('Why').fill('given away')
  await dialog.getByRole('button', { name: 'Retire it', exact: true }).click()
  await expect(page.getByRole('button', { name: '2 × Violets' })).toHaveCount(0)
  await page.getByText('Retired: 1').click()
  await expect(page.getByText('given away')).toBeVisible()
  await page.getByRole('button', { name: 'Undo' }).last().click()
  await expect(page.getByRole('button', { name: '2 × Violets' })).toBeVisible()

  await page.getByRole('button', { name: 'Import or export' }).click()
  const download = page.waitForEvent('download')
  await dialog.getByRole('link', { name: /Export/ }).click()
  const csv = await (await download).createReadStream().then(async (stream) => {
    let text = ''
    for await (const part of stream) text += String(part)
    return text
  })
  // As spreadsheets in Italy take it.
  expect(csv).toContain('african-violet;Violets;;2;growing;12,5;yes')
  await dialog
    .getByLabel('Read a CSV file')
    .setInputFiles({ name: 'more.csv', mimeType: 'text/csv', buffer: Buffer.from('plant;number;stage;zone\ntomatoe;2;young;The sill\n') })
  await dialog.getByRole('button', { name: 'Read more.csv' }).click()
  await expect(dialog.getByText('Line 2, plant')).toContainText('did you mean tomato?')
  await dialog
    .getByLabel('Read a CSV file')
    .setInputFiles({ name: 'more.csv', mimeType: 'text/csv', buffer: Buffer.from('plant;number;stage;zone\neggplant;2;young;The sill\n') })
  await dialog.getByRole('button', { name: 'Read more.csv' }).click()
  await expect(dialog.getByText('1 added, 0 changed.')).toBeVisible()
  await dialog.getByRole('button', { name: 'Close', exact: true }).last().click()
  await expect(page.getByRole('region', { name: 'The sill' }).getByRole('button', { name: '2 × Aubergine' })).toBeVisible()
})

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true })

  test('a look in the bed with one hand, kept when the phone locks', async ({ page }) => {
    await page.goto('/garden')
    await page.getByRole('link', { name: 'Look at Cucumbers on strings' }).tap()
    await expect(page.getByLabel('Planting', { exact: true })).toHaveValue(/.+/)
    await page.getByRole('button', { name: 'dry', exact: true }).tap()
    await page.getByRole('button', { name: 'Upper side of leaves' }).tap()
    await page.locator('.signs').getByRole('group', { name: 'A white powdery coat' }).getByRole('button', { name: 'Yes' }).tap()
    // Two causes are always in sight, above the thumb; the rest opens.
    const peek = page.locator('.peek')
    await expect(peek).toContainText('powdery mildew')
    await expect(peek).toBeInViewport()
    await page.reload()
    await expect(page.getByRole('heading', { level: 1 })).toContainText('Most likely powdery mildew')
    await peek.tap()
    await expect(page.getByText('Worked out from coarse likelihoods')).toBeVisible()
    await peek.tap()
    await page.getByRole('button', { name: 'Write it down' }).tap()
    await page.getByRole('dialog').getByRole('button', { name: 'Only note the look' }).tap()
    await expect(page).toHaveURL(/\/garden$/)
    // It is written down, so the draft is gone.
    await page.goto('/scout')
    await expect(page.getByRole('heading', { level: 1 })).toContainText('What do you see')
  })

  test('counting with a thumb survives a closed dialog', async ({ page }) => {
    await page.goto('/garden')
    await page.getByRole('link', { name: 'powdery mildew' }).first().tap()
    await page.getByRole('button', { name: 'Count now' }).tap()
    const dialog = page.getByRole('dialog')
    await dialog.getByRole('button', { name: '5 more on plant 1' }).tap()
    await dialog.getByRole('button', { name: '10 more on plant 2' }).tap()
    const small = await dialog
      .locator('.stepper button')
      .evaluateAll((all) => all.filter((e) => e.getBoundingClientRect().height < 44 || e.getBoundingClientRect().width < 44).length)
    expect(small).toBe(0)
    await dialog.getByRole('button', { name: 'Not now' }).tap()
    await page.reload()
    await page.getByRole('button', { name: 'Count now' }).tap()
    // What is no number, or over all, is neither dropped nor made to fit: the plant is named.
    const third = dialog.locator('.stepper input').nth(2)
    await third.fill('many')
    await dialog.getByRole('button', { name: 'Keep the count' }).tap()
    await expect(dialog.getByText('Plant 3 (“many”): Each count must be a number')).toBeVisible()
    await third.fill('150')
    await dialog.getByRole('button', { name: 'Keep the count' }).tap()
    await expect(dialog.getByText('Plant 3 (“150”): A share must be from 0 to 100 %.')).toBeVisible()
    await third.fill('1')
    await third.press('Backspace')
    await expect(third).toHaveValue('')
    await third.fill('0')
    await expect(dialog.locator('.stepper input').nth(1)).toHaveValue('10')
    await dialog.getByRole('button', { name: 'Keep the count' }).tap()
    await expect(page.getByText('5 % of the leaf').first()).toBeVisible()
    await page.getByRole('button', { name: 'Undo' }).tap()
    await expect(page.getByRole('button', { name: 'Count now' })).toBeVisible()
  })

  test('the views that have no room in the bar are behind More', async ({ page }) => {
    await page.goto('/')
    await page.getByRole('navigation').getByRole('button', { name: 'More' }).tap()
    await page.getByRole('navigation').getByRole('link', { name: 'Settings' }).tap()
    await expect(page.getByLabel('Name of the garden')).toBeVisible()
    await expect(page.getByRole('navigation').getByRole('link', { name: 'Settings' })).toBeHidden()
  })
})
