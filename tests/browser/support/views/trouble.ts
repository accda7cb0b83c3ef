import { expect } from '../test'
import type { Page } from '@playwright/test'

export async function openTrouble(page: Page): Promise<void> {
  await page.goto('/garden')
  await page.getByRole('link', { name: 'aphid' }).first().click()
  await expect(page.locator('.chart svg')).toBeVisible()
}
