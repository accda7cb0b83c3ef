import { expect, test as base, type Page } from '@playwright/test'

interface Watched {
  /** Errors that the test expects, as pieces of their text: a refused save is a failed request on purpose. */
  allowed: { errors: RegExp[] }
  watched: void
}

/** Every test fails on an error in the console or on the page that it does not expect. */
export const test = base.extend<Watched>({
  allowed: [{ errors: [] }, { option: true }],
  watched: [async ({ context, allowed }, use) => {
    const errors: string[] = []
    const watch = (page: Page) => {
      page.on('console', (message) => {
        if (message.type() === 'error' || message.type() === 'warning') errors.push(message.text())
      })
      page.on('pageerror', (error) => errors.push(error.message))
    }
    context.on('page', watch)
    await use()
    expect(errors.filter((error) => !allowed.errors.some((pattern) => pattern.test(error)))).toEqual([])
  }, { auto: true }],
})

export { expect }

/** Opens a recipe by searching for it. */
export async function openRecipe(page: Page, words: string, name: string): Promise<void> {
  await page.getByRole('button', { name: 'Recipes', exact: true }).click()
  await page.getByLabel('Search recipes').fill(words)
  await page.getByRole('dialog').getByRole('button', { name }).click()
  await expect(page.getByLabel('Name of the recipe')).toHaveValue(name)
}
