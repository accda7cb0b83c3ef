import { expect, test } from './support/test'

// Requests are cut off here on purpose.
test.use({ allowed: { errors: [/ERR_FAILED/, /cannot be reached/] } })

/** What a view shows where the server is there and its data is not: never a wait without end. */
for (const path of [
  '/', '/garden', '/bench', '/rounds', '/rounds/month', '/pantry', '/pantry?show=made', '/notebook', '/making', '/other-uses', '/compare',
]) {
  test(`${path} says that it did not work, and works once it does`, async ({ page }) => {

    const ofGarden = (url: URL) => /\/api\/gardens\/[^/]+\/.+/.test(url.pathname)
    await page.route(ofGarden, (route) => route.abort())
    await page.goto(path)
    await expect(page.getByRole('heading', { name: 'This did not work' })).toBeVisible()
    await expect(page.locator('main')).toContainText('cannot be reached')
    await page.unroute(ofGarden)
    await page.getByRole('button', { name: 'Try again' }).click()
    await expect(page.getByRole('heading', { name: 'This did not work' })).toBeHidden()
  })
}
