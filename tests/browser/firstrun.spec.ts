import { execFileSync } from 'node:child_process'
import { expect, test } from './support/test'

test.use({ garden: 'blank', allowed: { errors: [/422 \(Unprocessable/] }, timezoneId: 'America/New_York', locale: 'en-US' })

test.beforeEach(async ({ servers }) => {
  await servers.blank.stop()
  servers.blank.prepare(false)
  await servers.blank.start()
})

test('the demo garden is opened at the first run, and a spray is logged in it', async ({ page }) => {
  await page.goto('/')
  await page.getByRole('button', { name: 'Open the demo garden' }).click()
  await expect(page.getByRole('heading', { level: 1 })).toContainText('13 things to do')
  await page.getByRole('button', { name: 'Log it' }).first().click()
  await page.getByRole('dialog').getByLabel('What you saw').fill('First one in the book')
  await page.getByRole('dialog').getByRole('button', { name: 'Log it' }).click()
  await expect(page.getByRole('heading', { level: 1 })).toContainText('12 things to do')
  await page.getByRole('link', { name: 'All of the notebook' }).click()
  await expect(page.getByRole('article').first()).toContainText('First one in the book')
  // The first run is over: its page leads on.
  await page.goto('/welcome')
  await expect(page).toHaveURL(/\/$/)
})

test('an empty garden can be begun, and its empty views say what to do', async ({ page }) => {
  await page.goto('/')
  await expect(page).toHaveURL(/\/welcome$/)
  await expect(page.getByRole('button', { name: 'Open the demo garden' })).toBeVisible()
  await page.getByLabel('Name of the garden').fill('')
  await page.getByRole('button', { name: 'Begin the garden' }).click()
  await expect(page.getByText('The garden has no name')).toBeVisible()
  await page.getByLabel('Name of the garden').fill('Back yard')
  await expect(page.getByLabel('Spoons, cups and volumes')).toHaveValue('us')
  // Neither place nor water is asked for: the time zone has a place.
  await expect(page.getByLabel('Latitude')).toHaveCount(0)
  await page.getByRole('button', { name: 'Begin the garden' }).click()
  await expect(page).toHaveURL(/\/garden$/)
  await page.getByRole('navigation').getByRole('link', { name: 'Settings' }).click()
  await expect(page.getByLabel('Latitude')).toHaveValue('40.7')
  await expect(page.getByLabel('Sign of your money')).toHaveValue('$')

  // Empty views say what to do.
  await page.getByRole('navigation').getByRole('link', { name: 'Today' }).click()
  await expect(page.getByText('Nothing is due today')).toBeVisible()
  await page.getByRole('navigation').getByRole('link', { name: 'Notebook' }).click()
  await expect(page.getByText('The notebook is empty')).toBeVisible()

  // A planting by another name, then the bench in US measures.
  await page.getByRole('navigation').getByRole('link', { name: 'Garden' }).click()
  await page.getByRole('button', { name: 'Add the first planting' }).click()
  const dialog = page.getByRole('dialog')
  await dialog.getByLabel('Plant', { exact: true }).fill('lime')
  await dialog.getByRole('button', { name: 'Add it' }).click()
  await expect(dialog.getByText('Several plants are called "lime"')).toBeVisible()
  await dialog.getByLabel('Plant', { exact: true }).fill('courgettes')
  await dialog.getByRole('button', { name: 'Add it' }).click()
  await expect(page.getByRole('button', { name: '1 × Zucchini' })).toBeVisible()
  await page.getByRole('navigation').getByRole('link', { name: 'Bench' }).click()
  await page.getByLabel('into', { exact: true }).selectOption({ label: 'Pump bottle, 2 qt' })
  await page.getByLabel('For', { exact: true }).selectOption({ label: 'Zucchini' })
  // 85 of a hundred parts of half a gallon, 64 fl oz: 54.4.
  await expect(page.getByText('Makes 54 fl oz')).toBeVisible()
})

test('two gardens live side by side, and a switch leads from one to the other', async ({ page }) => {
  await page.goto('/')
  await page.getByRole('button', { name: 'Open the demo garden' }).click()
  await expect(page.getByText('14 May in the demo')).toBeVisible()
  await page.getByRole('link', { name: 'Begin another' }).click()
  await expect(page.getByRole('button', { name: 'Open the demo garden' })).toHaveCount(0)
  await page.getByLabel('Name of the garden').fill('Windowsill')
  await page.getByRole('button', { name: 'Begin the garden' }).click()
  const open = page.locator('select[aria-label="The garden that is open"]:visible')
  await expect(open).toHaveValue(/.+/)
  await expect(open.locator('option:checked')).toHaveText('Windowsill')
  await expect(page.getByText('14 May in the demo')).toHaveCount(0)
  // It is still the one that is open after a reload.
  await page.reload()
  await expect(open.locator('option:checked')).toHaveText('Windowsill')
  await open.selectOption({ label: 'Fontegrigia' })
  await expect(page.getByText('14 May in the demo')).toBeVisible()
})

test('in the demo a day is let pass, and taken back', async ({ page }) => {
  await page.goto('/')
  await page.getByRole('button', { name: 'Open the demo garden' }).click()
  await expect(page.getByText(/^Thursday 14 May/)).toBeVisible()
  await expect(page.getByText('14 May in the demo')).toBeVisible()
  await page.getByRole('button', { name: 'Let a day pass' }).first().click()
  await expect(page.getByText(/^Friday 15 May/)).toBeVisible()
  await expect(page.getByText('15 May in the demo')).toBeVisible()
  // What is written down then is of that day.
  await page.getByRole('button', { name: 'Log it' }).first().click()
  await expect(page.getByRole('dialog').getByLabel('When')).toHaveValue(/^2026-05-15T/)
  await page.keyboard.press('Escape')
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(page.getByText(/^Thursday 14 May/)).toBeVisible()
})

test('a row that cannot be read is named, and the rest is shown', async ({ page, servers }) => {
  await page.goto('/')
  await page.getByRole('button', { name: 'Open the demo garden' }).click()
  await expect(page.getByText('14 May in the demo')).toBeVisible()
  execFileSync('php', [
    '-r',
    `(new PDO('sqlite:${servers.blank.database}'))->exec("update plantings set care = 'broken' where name = 'White rambler'");`,
  ])
  await page.goto('/garden')
  await expect(page.getByRole('status').filter({ hasText: 'Cannot be read' })).toContainText('White rambler (planting)')
  await expect(page.getByText('White rambler (cannot be read)').first()).toBeVisible()
  await expect(page.getByText('Red climber').first()).toBeVisible()
})
