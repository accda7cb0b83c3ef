import { expect } from '../test'
import { openTrouble } from './trouble'
import type { View } from './view'

/** Garden, scouting, settings, the first page. */
export const garden: View[] = [
  {
    name: 'Garden',
    open: async (page) => {
      await page.goto('/garden')
      await expect(page.getByRole('heading', { name: 'The gravel court' })).toBeVisible()
    },
    except: '.cards > :nth-child(n + 3)',
  },
  {
    name: 'Planting dialog',
    open: async (page) => {
      await page.goto('/garden')
      await page
        .getByRole('button', { name: /Head lettuces/ })
        .first()
        .click()
      await expect(page.getByRole('dialog')).toBeVisible()
    },
  },
  {
    name: 'Import dialog',
    open: async (page) => {
      await page.goto('/garden')
      await page.getByRole('button', { name: 'Import or export' }).click()
      await expect(page.getByRole('dialog')).toBeVisible()
    },
  },
  {
    name: 'Scout',
    open: async (page) => {
      await page.goto('/scout')
      await page.getByLabel('Planting', { exact: true }).selectOption({ label: 'Low roses in a row' })
      await page.getByRole('button', { name: 'Upper side of leaves' }).click()
      await page.getByRole('group', { name: 'Fine pale dots' }).getByRole('button', { name: 'Yes' }).click()
      await expect(page.getByText('spider mite').locator('visible=true').first()).toBeVisible()
    },
    except: '.signs > :nth-child(n + 7)',
  },
  {
    name: 'Keep dialog',
    open: async (page) => {
      await page.goto('/scout')
      await page.getByLabel('Planting', { exact: true }).selectOption({ label: 'Low roses in a row' })
      await page.getByRole('button', { name: 'No', exact: true }).first().click()
      await page.getByRole('button', { name: 'Write it down' }).click()
      await expect(page.getByRole('dialog')).toBeVisible()
    },
  },
  { name: 'Trouble', open: openTrouble },
  {
    name: 'Count dialog',
    open: async (page) => {
      await openTrouble(page)
      await page.getByRole('button', { name: 'Count', exact: true }).click()
      await expect(page.getByRole('dialog')).toBeVisible()
    },
  },
  {
    name: 'Settings',
    open: async (page) => {
      await page.goto('/settings')
      await expect(page.getByLabel('Name of the garden')).toBeVisible()
    },
  },
  {
    name: 'Backups',
    open: async (page) => {
      await page.goto('/settings')
      await page.getByRole('button', { name: 'Take a backup now' }).click()
      await page.getByRole('button', { name: 'Bring back' }).first().click()
      await expect(page.getByRole('dialog')).toContainText('What is there now is kept')
    },
  },
  {
    name: 'Delete for good',
    open: async (page) => {
      await page.goto('/settings')
      await page.getByText('Lists as tables for a spreadsheet').click()
      await page.getByRole('button', { name: 'Delete this garden for good' }).click()
      await expect(page.getByRole('dialog')).toBeVisible()
    },
  },
  {
    name: 'Leaves',
    open: async (page) => {
      await page.goto('/garden')
      await page.getByRole('link', { name: 'Leaves of Lemons by the door' }).click()
      await page.getByRole('button', { name: 'I have looked' }).click()
      await expect(page.getByText('nothing to see', { exact: false }).first()).toBeVisible()
    },
  },
  {
    name: 'Look dialog',
    open: async (page) => {
      await page.goto('/garden')
      await page.getByRole('link', { name: 'Leaves of Lemons by the door' }).click()
      await page.getByRole('button', { name: 'Write down a look' }).click()
      await expect(page.getByRole('dialog')).toBeVisible()
    },
  },
  {
    name: 'Why we say so',
    open: async (page) => {
      await page.goto('/why')
      await expect(page.getByRole('heading', { name: 'What leaves bear and what works' })).toBeVisible()
    },
    except: '.why ul > :nth-child(n + 3)',
  },
  {
    name: 'A garden to begin',
    open: async (page) => {
      await page.goto('/welcome?another=1')
      const open = (await page.evaluate(() => fetch('/api/gardens').then((answer) => answer.json()))) as { units: string }[]
      await page.getByLabel('Spoons, cups and volumes').selectOption(open[0]!.units)
      await page.getByLabel('What grows?').fill('3 roses, lime, zzz plantius')
      await expect(page.getByText('not known: kept by its name')).toBeVisible()
    },
  },
  {
    name: 'Several dialog',
    open: async (page) => {
      await page.goto('/garden')
      await page.getByRole('button', { name: 'Add several' }).click()
      await page.getByLabel('Type or paste what grows').fill('2 hostas, zzz plantius')
      await expect(page.getByRole('button', { name: 'Add 2 plantings' })).toBeVisible()
    },
  },
  {
    name: 'Not found',
    open: async (page) => {
      await page.goto('/no/such/place')
      await expect(page.getByText('There is nothing at this address')).toBeVisible()
    },
  },
]
