import { expect, test } from './support/test'
import { createServer, type Server } from 'node:http'
import type { AddressInfo } from 'node:net'

// Another website in the same browser: whatever it tries, it reads nothing and changes nothing.
test.use({
  allowed: { errors: [/CORS|Failed to load resource|Refused|frame|ERR_BLOCKED|blocked/i] },
  launchOptions: {
    executablePath: '/usr/bin/chromium',
    args: [
      '--no-sandbox',
      '--disable-gpu',
      '--disable-quic',
      '--no-first-run',
      '--disable-background-networking',
      '--disable-component-update',
      '--disable-sync',
      '--host-resolver-rules=MAP stranger.example 127.0.0.1',
    ],
  },
})

let site: Server
let port = 0
test.beforeAll(async () => {
  site = createServer((_request, response) => {
    response.setHeader('Content-Type', 'text/html')
    response.end('<!DOCTYPE html><title>A website</title><body></body>')
  })
  await new Promise<void>((done) => site.listen(0, '127.0.0.1', done))
  port = (site.address() as AddressInfo).port
})
test.afterAll(() => {
  site.close()
})

for (const host of ['localhost', '127.0.0.1']) {
  test(`a website at ${host} reads and changes nothing`, async ({ page, servers, request }) => {
    const own = servers.demo.url
    const gardens = (await (await request.get(`${own}/api/gardens`)).json()) as { id: string }[]
    const garden = `${own}/api/gardens/${gardens[0]!.id}`
    const recipes = (await (await request.get(`${garden}/recipes`)).json()) as { id: string; name: string }[]
    const before = JSON.stringify(recipes)

    await page.goto(`http://${host}:${port}/`)
    const tried = await page.evaluate(
      async ({ garden, recipe }) => {
        const said: Record<string, string> = {}
        const attempt = async (name: string, url: string, init?: RequestInit) => {
          try {
            const answer = await fetch(url, init)
            const text = answer.type === 'opaque' ? '' : await answer.text()
            said[name] = text === '' ? `${answer.type}` : `READ ${text.slice(0, 60)}`
          } catch {
            said[name] = 'refused'
          }
        }
        await attempt('read', `${garden}/recipes`)
        await attempt('read without asking', `${garden}/recipes`, { mode: 'no-cors' })
        await attempt('write', `${garden}/recipes/${recipe}`, { method: 'DELETE' })
        await attempt('write as JSON', `${garden}/recipes/${recipe}/copy`, {
          method: 'POST',
          headers: { 'Content-Type': 'application/json' },
          body: '{}',
        })
        await attempt('write as text', `${garden}/recipes/${recipe}/copy`, { method: 'POST', mode: 'no-cors', body: '{"a":1}' })
        await attempt('write as a form', `${garden}/recipes/${recipe}/copy`, {
          method: 'POST',
          mode: 'no-cors',
          body: new URLSearchParams({ a: '1' }),
        })
        const image = new Image()
        said.image = await new Promise((done) => {
          image.onload = () => done('LOADED')
          image.onerror = () => done('refused')
          image.src = `${garden}/plot`
        })
        const script = document.createElement('script')
        said.script = await new Promise((done) => {
          script.onload = () => done('LOADED')
          script.onerror = () => done('refused')
          script.src = `${garden}/recipes`
          document.body.append(script)
        })
        return said
      },
      { garden, recipe: recipes[0]!.id },
    )
    for (const [way, came] of Object.entries(tried)) expect.soft(['refused', 'opaque'], `${way}: ${came}`).toContain(came)

    // A form that is sent off, into a frame and as the whole page.
    await page.evaluate(
      ({ garden, recipe }) => {
        document.body.innerHTML = `<iframe name="hidden"></iframe><form method="post" action="${garden}/recipes/${recipe}/copy" target="hidden"><input name="_method" value="DELETE"></form>`
        document.forms[0]!.submit()
      },
      { garden, recipe: recipes[0]!.id },
    )
    await page.waitForTimeout(400)

    // The application in a frame: nothing of it is drawn.
    await page.evaluate((url) => {
      document.body.innerHTML = `<iframe src="${url}/" width="900" height="700"></iframe>`
    }, own)
    await page.waitForTimeout(600)
    const framed = page.frames()[1]
    expect(
      (await framed
        ?.locator('nav')
        .count()
        .catch(() => 0)) ?? 0,
    ).toBe(0)

    expect(JSON.stringify(await (await request.get(`${garden}/recipes`)).json())).toBe(before)
  })
}

test('a name that was made to lead here gets no answer', async ({ page, servers }) => {
  const answer = await page.goto(`http://stranger.example:${servers.demo.port}/`)
  expect(answer?.status()).toBe(421)
  const data = await page.evaluate(async () => (await fetch('/api/gardens')).status)
  expect(data).toBe(421)
})

test('the page runs under a policy without inline script', async ({ page, servers }) => {
  const answer = await page.goto(servers.demo.url)
  expect(answer?.headers()['content-security-policy']).toContain("script-src 'self'")
  expect(answer?.headers()['x-powered-by']).toBeUndefined()
  await page.evaluate(() => {
    const script = document.createElement('script')
    script.textContent = 'window.inlineRan = true'
    document.body.append(script)
  })
  expect(await page.evaluate(() => (window as unknown as { inlineRan?: boolean }).inlineRan)).toBeUndefined()
})
