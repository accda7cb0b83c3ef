import { expect, test } from './support/test'
import { readFileSync } from 'node:fs'
import { resolve } from 'node:path'

// Each endpoint once, over the wire: what is asked answers, what is sent wrong is refused in words, and nothing is a fault of the server.

interface Operation {
  operationId: string
  parameters?: { name: string; in: string; required?: boolean }[]
}
const document = JSON.parse(readFileSync(resolve(import.meta.dirname, '../../docs/openapi.json'), 'utf8')) as {
  paths: Record<string, Record<string, Operation>>
}

// What is taken away here is put back, also when the test fails, for the tests that follow in this worker.
test.afterAll(async ({ servers }) => {
  await servers.demo.stop()
  servers.demo.prepare(true)
  await servers.demo.start()
})

test('every endpoint answers', async ({ request, servers }) => {
  const base = servers.demo.url
  const get = async (path: string) => (await request.get(`${base}${path}`)).json() as Promise<never>
  const garden = ((await get('/api/gardens')) as { id: string }[])[0]!.id
  const g = `/api/gardens/${garden}`
  const plot = (await get(`${g}/plot`)) as { zones: { id: string; plantings: { planting: { id: string } }[] }[] }
  const pantry = (await get(`${g}/pantry`)) as {
    products: { id: string }[]
    tools: { id: string }[]
    own_measures: { id: string }[]
    sprayers: { sprayer: { id: string } }[]
  }
  const course = ((await get(`${g}/courses`)) as { id: string; rounds: { id: string; status: string }[] }[])[0]!
  const trouble = ((await get(`${g}/troubles`)) as { id: string }[])[0]!.id
  const page = (await get(`${g}/troubles/${trouble}`)) as { scoutings: { id: string }[] }
  const ids: Record<string, string> = {
    garden,
    planting: plot.zones[0]!.plantings[0]!.planting.id,
    zone: plot.zones[0]!.id,
    product: pantry.products[0]!.id,
    tool: pantry.tools[0]!.id,
    sprayer: pantry.sprayers[0]!.sprayer.id,
    recipe: ((await get(`${g}/recipes`)) as { id: string }[])[0]!.id,
    course: course.id,
    round: course.rounds[0]!.id,
    trouble,
    scouting: page.scoutings[0]?.id ?? 'none',
    list: 'plantings.csv',
    preparation: ((await get(`${g}/preparations`)) as { preparations: { id: string }[] }).preparations[0]!.id,
  }
  let answered = 0
  const all = Object.entries(document.paths).flatMap(([path, operations]) =>
    Object.entries(operations).map(([method, operation]) => ({ path, method, operation })),
  )
  // What is asked first: what is written after it takes things away.
  for (const asks of [true, false]) {
    for (const { path, method, operation } of all.filter((one) => (one.method === 'get') === asks)) {
      const url = base + path.replace(/\{(\w+)\}/g, (_all, name: string) => ids[name] ?? 'none')
      const query = operation.parameters?.some((one) => one.in === 'query' && one.required) ? '?lat=45.9&lon=9.3' : ''
      const answer =
        method === 'get'
          ? await request.get(url + query)
          : await request.fetch(url, {
              method,
              headers: { 'Content-Type': 'application/json' },
              data: method === 'delete' ? undefined : '{}',
            })
      expect.soft(answer.status(), `${method} ${path}`).toBeLessThan(500)
      if (method === 'get' && !['{scouting}', '{change}', '{photo}', '{name}'].some((one) => path.includes(one)))
        expect.soft(answer.status(), `${method} ${path}`).toBe(200)
      expect.soft(answer.headers()['x-content-type-options'], path).toBe('nosniff')
      answered++
    }
  }
  expect(answered).toBeGreaterThan(90)
})
