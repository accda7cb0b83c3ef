import { expect, leading } from '../test'
import type { View } from './view'

/** Today, rounds, the notebook. */
export const day: View[] = [
  {
    name: 'Today',
    open: async (page) => {
      await page.goto('/')
      await expect(page.getByText('Done last')).toBeVisible()
    },
  },
  {
    name: 'Rounds',
    open: async (page) => {
      await page.goto('/rounds')
      await expect(page.getByText('Under way')).toBeVisible()
    },
  },
  {
    name: 'Rounds as a list',
    open: async (page) => {
      await page.goto('/rounds')
      await page.getByRole('button', { name: 'As a list' }).click()
      await expect(page.locator('.list')).toBeVisible()
    },
  },
  {
    name: 'A round that is carried',
    open: async (page) => {
      await page.goto('/rounds')
      await page.locator('g.round.planned').first().press('ArrowRight')
      await expect(page.getByRole('button', { name: 'Leave it' })).toBeVisible()
    },
  },
  {
    name: 'A month of rounds',
    open: async (page) => {
      await page.goto('/rounds/month')
      await expect(page.getByRole('table')).toBeVisible()
    },
  },
  {
    name: 'Move dialog',
    open: async (page) => {
      await page.goto('/rounds')
      await page.getByRole('button', { name: 'Move', exact: true }).first().click()
      await expect(page.getByRole('group', { name: 'The next two weeks' })).toBeVisible()
    },
  },
  {
    name: 'Notebook',
    open: async (page) => {
      await page.goto('/notebook')
      await expect(page.getByRole('article').first()).toBeVisible()
    },
  },
  {
    name: 'Rain dialog',
    open: async (page) => {
      await page.goto('/')
      await page.getByRole('button', { name: 'It rained' }).click()
      await expect(page.getByRole('dialog')).toBeVisible()
    },
  },
  {
    name: "Dialog of a day's weather",
    open: async (page) => {
      await page.goto('/')
      await page.getByRole('button', { name: 'A day’s weather' }).click()
      await page.getByLabel(/Rain in all/).fill('3')
      await expect(page.getByLabel('It begins at')).toBeVisible()
    },
  },
  {
    name: 'Forecast dialog',
    open: async (page) => {
      await page.goto('/')
      await page.getByRole('button', { name: 'Import a forecast' }).click()
      await expect(page.getByRole('dialog')).toBeVisible()
    },
  },
  {
    name: 'Search box',
    open: async (page) => {
      await page.goto('/')
      await page.getByRole('button', { name: /^Find/ }).click()
      await page.getByRole('combobox').last().fill('sprayed soap on roses')
      await expect(leading(page)).toHaveClass(/action/)
    },
  },
  {
    name: 'What has changed, unfolded',
    open: async (page) => {
      await page.goto('/')
      await page.getByRole('button', { name: 'See', exact: true }).click()
      await expect(page.getByRole('region', { name: 'What has changed' }).getByRole('listitem').first()).toBeVisible()
    },
  },
  {
    name: 'Log dialog',
    open: async (page) => {
      await page.goto('/')
      await page.getByRole('button', { name: 'Log it' }).first().click()
      await expect(page.getByRole('dialog')).toBeVisible()
    },
  },
  {
    name: 'Plan dialog',
    open: async (page) => {
      await page.goto('/bench')
      await page.getByRole('button', { name: 'Plan the rounds' }).click()
      await expect(page.getByRole('dialog')).toBeVisible()
    },
  },
  {
    name: 'Plan dialog with what fits',
    open: async (page) => {
      await page.goto('/bench')
      await page.getByRole('button', { name: 'Plan the rounds' }).click()
      await page.getByLabel('Against', { exact: true }).selectOption({ label: 'aphid' })
      await page.getByRole('button', { name: 'How often, and when?' }).click()
      await expect(page.getByRole('button', { name: 'Take these days' })).toBeVisible()
    },
  },
  {
    name: 'Sprayed dialog',
    open: async (page) => {
      await page.goto('/')
      await page.getByRole('button', { name: 'I sprayed something' }).click()
      await expect(page.getByLabel('What', { exact: true })).toBeVisible()
    },
  },
  {
    name: 'First aid',
    open: async (page) => {
      await page.goto('/')
      await page.getByRole('button', { name: 'First aid' }).click()
      await expect(page.getByRole('dialog', { name: 'First aid' })).toBeVisible()
    },
  },
]
