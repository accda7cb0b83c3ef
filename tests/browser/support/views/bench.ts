import { expect, openRecipe } from '../test'
import { openTrouble } from './trouble'
import type { View } from './view'

/** The bench, and what follows from it. */
export const bench: View[] = [
  {
    name: 'Bench against a trouble',
    open: async (page) => {
      await openTrouble(page)
      await page.getByRole('button', { name: 'Start a course' }).click()
      await page.getByRole('button', { name: 'What helps, and why' }).click()
      await expect(page.getByText('Peroxide on leaves')).toBeVisible()
    },
  },
  {
    name: 'Bench',
    open: async (page) => {
      await page.goto('/bench')
      await openRecipe(page, 'crush', 'Garlic and pepper')
      await page.getByLabel('into', { exact: true }).selectOption({ label: 'Pump bottle, 2 L' })
      await expect(page.locator('.vessel')).toBeVisible()
      await expect(page.locator('.n-drawer')).toHaveCount(0)
    },
  },
  {
    name: 'Paste dialog',
    open: async (page) => {
      await page.goto('/bench')
      await page.getByRole('button', { name: 'Paste a recipe' }).click()
      await page.getByLabel('As it was written').fill('2 tbsp of soap in 1 L of water, spray weekly')
      await expect(page.getByText('It does not say which soap')).toBeVisible()
    },
  },
  {
    name: 'Need dialog',
    open: async (page) => {
      await page.goto('/bench')
      await page.getByRole('button', { name: 'How much do I need?' }).click()
      await page.getByRole('checkbox', { name: /Low roses/ }).check()
      await expect(page.getByText('From your sprayers')).toBeVisible()
    },
  },
  {
    name: 'Comparison',
    open: async (page) => {
      await page.goto('/compare')
      await page.getByRole('button', { name: 'Evening soap' }).click()
      await page.getByRole('button', { name: 'Neem at dusk' }).click()
      await expect(page.getByRole('heading', { name: /neem oil/ })).toBeVisible()
    },
  },
  {
    name: 'Mixing',
    open: async (page) => {
      await page.goto('/bench')
      await openRecipe(page, 'crush', 'Garlic and pepper')
      await page.getByRole('button', { name: 'Mix it' }).first().click()
      await expect(page.getByText('Step 1 of')).toBeVisible()
    },
  },
  {
    name: 'Rescue dialog',
    open: async (page) => {
      await page.goto('/bench')
      await openRecipe(page, 'evening', 'Evening soap')
      await page.getByRole('button', { name: 'Mix it' }).first().click()
      await page.getByRole('button', { name: 'Something went wrong' }).click()
      await expect(page.getByRole('dialog')).toBeVisible()
    },
  },
  {
    name: 'Bottle label',
    open: async (page) => {
      await page.goto('/bench')
      await openRecipe(page, 'neem', 'Neem at dusk')
      await page.getByRole('button', { name: 'More with it' }).click()
      await page.getByRole('button', { name: 'Bottle label' }).click()
      await expect(page.getByText('Use by')).toBeVisible()
    },
  },
  {
    name: 'Recipe card',
    open: async (page) => {
      await page.goto('/bench')
      await openRecipe(page, 'evening', 'Evening soap')
      await page.getByRole('button', { name: 'More with it' }).click()
      await page.getByRole('button', { name: 'Card to print' }).click()
      await expect(page.getByRole('table')).toBeVisible()
    },
  },
  {
    name: 'Recipes drawer',
    open: async (page) => {
      await page.goto('/bench')
      await page.getByRole('button', { name: 'Recipes', exact: true }).click()
      await expect(page.getByRole('dialog')).toBeVisible()
    },
  },
]
