import { expect } from '../test'
import type { View } from './view'

/** The pantry, and what is made ahead. */
export const shelf: View[] = [
  {
    name: 'Pantry shelf',
    open: async (page) => {
      await page.goto('/pantry')
      await expect(page.getByRole('button', { name: /Neem oil/ })).toBeVisible()
    },
    except: '.shelf > :nth-child(n + 5)',
  },
  {
    name: 'Bottle dialog',
    open: async (page) => {
      await page.goto('/pantry')
      await page.getByRole('button', { name: /Rubbing alcohol/ }).click()
      await expect(page.getByRole('dialog')).toBeVisible()
    },
  },
  {
    name: 'Label reader',
    open: async (page) => {
      await page.goto('/bottle')
      await page.getByRole('button', { name: 'Show me one' }).click()
      await expect(page.getByRole('heading', { name: 'A true soap' })).toBeVisible()
    },
  },
  {
    name: 'Made ahead',
    open: async (page) => {
      await page.goto('/pantry?show=made')
      await expect(page.getByRole('link', { name: 'Nettle bucket behind the wall', exact: true })).toBeVisible()
    },
  },
  {
    name: 'What can be made',
    open: async (page) => {
      await page.goto('/making')
      await expect(page.getByRole('link', { name: /Ash water/ })).toBeVisible()
    },
    except: '.kinds > :nth-child(n + 3)',
  },
  {
    name: 'A new making',
    open: async (page) => {
      await page.goto('/making?kind=garlic-extract')
      await expect(page.getByRole('button', { name: 'Start it now' })).toBeVisible()
    },
  },
  {
    name: 'A making under way',
    open: async (page) => {
      await page.goto('/pantry?show=made')
      await page.getByRole('link', { name: 'Nettle bucket behind the wall', exact: true }).click()
      await expect(page.getByRole('button', { name: 'Put it on the shelf' })).toBeVisible()
    },
  },
  {
    name: 'A soap to be tested',
    open: async (page) => {
      await page.goto('/pantry?show=made')
      await page.getByRole('link', { name: 'Sunflower soap', exact: true }).click()
      await expect(page.getByLabel('Was it clear?')).toBeVisible()
    },
  },
  {
    name: 'Soap bench',
    open: async (page) => {
      await page.goto('/soap')
      await expect(page.getByRole('button', { name: 'Begin it' })).toBeEnabled()
    },
  },
  {
    name: 'Other uses',
    open: async (page) => {
      await page.goto('/other-uses')
      await expect(page.getByRole('heading', { name: /Strong peroxide/ })).toBeVisible()
    },
  },
  {
    name: 'Sprayers',
    open: async (page) => {
      await page.goto('/pantry?show=sprayers')
      await expect(page.getByText('Held last').first()).toBeVisible()
    },
  },
  {
    name: 'Measures',
    open: async (page) => {
      await page.goto('/pantry?show=measures')
      await expect(page.getByText('A squeeze of dish detergent is')).toBeVisible()
    },
  },
  {
    name: 'Measure dialog',
    open: async (page) => {
      await page.goto('/pantry?show=measures')
      await page.getByRole('button', { name: 'Measure one' }).click()
      await expect(page.getByRole('dialog')).toBeVisible()
    },
  },
  {
    name: 'To buy',
    open: async (page) => {
      await page.goto('/pantry?show=shopping')
      await expect(page.getByText('What the rounds cost')).toBeVisible()
    },
  },
]
