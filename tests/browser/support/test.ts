import { Server } from './server'
import { expect, test as base, type Page } from '@playwright/test'

interface Watched {
  /** Errors that the test expects, as pieces of their text: a refused save is a failed request on purpose. */
  allowed: { errors: RegExp[] }
  watched: void
  fresh: void
  /** Which of the worker's two servers the page is opened from. */
  garden: 'demo' | 'blank'
}

interface Servers {
  demo: Server
  blank: Server
}

/** The file whose tests this worker ran last: which files share a worker is a matter of chance, and none may lean on another. */
let file: string | null = null

/** Every test fails on an error in the console or on the page that it does not expect. */
export const test = base.extend<Watched, { servers: Servers }>({
  // Each worker has servers, databases and ports of its own, so that two may run side by side.
  servers: [async ({}, use) => {
    const servers = { demo: await Server.make('demo'), blank: await Server.make('blank') }
    servers.demo.prepare(true)
    servers.blank.prepare(false)
    await servers.demo.start()
    await servers.blank.start()
    await use(servers)
    await servers.demo.stop()
    await servers.blank.stop()
    Server.clear()
  }, { scope: 'worker', timeout: 60_000 }],
  fresh: [async ({ servers }, use, info) => {
    if (file !== null && file !== info.file) {
      for (const server of [servers.demo, servers.blank]) {
        await server.stop()
        server.prepare(server === servers.demo)
        await server.start()
      }
    }
    file = info.file
    await use()
  }, { auto: true, timeout: 60_000 }],
  garden: ['demo', { option: true }],
  baseURL: async ({ servers, garden }, use) => use(servers[garden].url),
  allowed: [{ errors: [] }, { option: true }],
  watched: [async ({ context, allowed }, use) => {
    const errors: string[] = []
    const watch = (page: Page) => {
      page.on('console', (message) => {
        if (message.type() === 'error' || message.type() === 'warning') errors.push(`${message.text()} (${message.location().url})`)
      })
      page.on('pageerror', (error) => errors.push(error.message))
    }
    context.on('page', watch)
    await use()
    expect(errors.filter((error) => !allowed.errors.some((pattern) => pattern.test(error)))).toEqual([])
  }, { auto: true }],
})

export { expect }

/** What leads the list of the one box. Views behind it have lists to choose from too, whose options come whenever they are loaded. */
export const leading = (page: Page) => page.getByRole('listbox', { name: 'Found' }).getByRole('option').first()

/** Opens a recipe by searching for it. */
export async function openRecipe(page: Page, words: string, name: string): Promise<void> {
  await page.getByRole('button', { name: 'Recipes', exact: true }).click()
  // The list is another one once the search is answered: what is clicked before that may move away under the pointer.
  const answered = page.waitForResponse((response) => new URL(response.url()).searchParams.get('search') === words)
  await page.getByLabel('Search recipes').fill(words)
  await answered
  await page.getByRole('dialog').getByText(name, { exact: true }).click()
  await expect(page.getByLabel('Name of the recipe')).toHaveValue(name)
  // A drawer that closes gives the focus back to its button; keys pressed before that go there.
  await expect(page.locator('.n-drawer')).toHaveCount(0)
}

/** Opens a line of the recipe for editing, counted from 1; "base" for what it goes into. */
export async function openLine(page: Page, line: number | 'base'): Promise<void> {
  const read = page.getByRole('button', { name: line === 'base' ? /^Change the base/ : new RegExp(`^Change ingredient ${line}:`) })
  if ((await read.getAttribute('aria-expanded')) !== 'true') await read.click()
  await expect(read).toHaveAttribute('aria-expanded', 'true')
}

/** Goes from the bench into mixing, and waits for its first step: a key pressed earlier belongs to the bench. */
export async function mix(page: Page): Promise<void> {
  await page.getByRole('button', { name: 'Mix it' }).first().click()
  await expect(page.getByText('Step 1 of')).toBeVisible()
}

/** One step on in mixing, by key or by button; the next is looked at only once it is there. */
export async function forward(page: Page, step: () => Promise<void>): Promise<void> {
  const count = page.getByText(/^Step \d+ of \d+$/)
  const number = Number(/\d+/.exec(await count.innerText())?.[0])
  await step()
  await expect(count).toHaveText(new RegExp(`^Step ${number + 1} of`))
}

/** Goes on in mixing until something is told, which must be before the last step. */
export async function forwardTo(page: Page, text: string, step: () => Promise<void>): Promise<void> {
  const told = page.getByText(text)
  const count = await page.getByText(/^Step \d+ of \d+$/).innerText()
  for (let n = Number(/of (\d+)/.exec(count)?.[1]); n > 1 && !(await told.isVisible()); n--) await forward(page, step)
  await expect(told).toBeVisible()
}

/** Plans what the open dialog asks for; where something does not go together with it, all the same: others may have planned on these plants. */
export async function planRounds(page: Page, button: RegExp | string): Promise<void> {
  const dialog = page.getByRole('dialog')
  await dialog.getByRole('button', { name: button }).click()
  const anyway = dialog.getByRole('button', { name: 'Plan it all the same' })
  await expect(async () => {
    if (await anyway.isVisible()) await anyway.click()
    await expect(dialog).toHaveCount(0, { timeout: 1000 })
  }).toPass()
}
