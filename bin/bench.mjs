// Measures what the issue asks for and writes docs/BENCHMARKS.md: core mixes per second, the bench endpoint against an empty
// route in the same run, how long the screen takes to answer a change, every view's data, and the size of the first load.
import { execFileSync, spawn } from 'node:child_process'
import { existsSync, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { cpus } from 'node:os'
import { resolve } from 'node:path'
import { gzipSync } from 'node:zlib'
import { chromium } from '@playwright/test'

const ROOT = resolve(import.meta.dirname, '..')
const PORT = 8197
const REQUESTS = 200
const home = resolve(ROOT, 'test-results/bench')
rmSync(home, { recursive: true, force: true })
mkdirSync(home, { recursive: true })
writeFileSync(resolve(home, 'bench.sqlite'), '')
const env = { ...process.env, DB_DATABASE: resolve(home, 'bench.sqlite'), PHP_CLI_SERVER_WORKERS: '2', NEBBIA_REQUESTS_A_MINUTE: '1000000', NEBBIA_DAILY_BACKUP: '0' }
execFileSync('php', ['artisan', 'migrate', '--seed', '--force', '--quiet'], { cwd: ROOT, env })

// A garden of ten years beside it, and what it costs to be certain of each write.
writeFileSync(resolve(home, 'grown.sqlite'), '')
const grownEnv = { ...env, DB_DATABASE: resolve(home, 'grown.sqlite') }
execFileSync('php', ['artisan', 'migrate', '--seed', '--force', '--quiet'], { cwd: ROOT, env: grownEnv })
const WRITES = 300
const certain = {}
for (const synchronous of ['normal', 'full']) {
  const started = performance.now()
  execFileSync('php', ['bin/kill-writer.php', '0'], { cwd: ROOT, env: { ...grownEnv, DB_SYNCHRONOUS: synchronous } })
  const boot = performance.now() - started
  const began = performance.now()
  execFileSync('php', ['bin/kill-writer.php', String(WRITES)], { cwd: ROOT, env: { ...grownEnv, DB_SYNCHRONOUS: synchronous } })
  certain[synchronous] = (performance.now() - began - boot) / WRITES
}
execFileSync('php', ['artisan', 'migrate:fresh', '--seed', '--force', '--quiet'], { cwd: ROOT, env: grownEnv })
execFileSync('php', ['bin/grow.php'], { cwd: ROOT, env: grownEnv })

const core = JSON.parse(execFileSync('php', ['bin/bench-core.php'], { cwd: ROOT }).toString())

const server = spawn('php', ['-d', 'opcache.enable=1', '-d', 'expose_php=0', '-d', 'upload_max_filesize=5M', '-d', 'post_max_size=6M', '-S', `127.0.0.1:${PORT}`, resolve(ROOT, 'bin/router.php')], {
  cwd: resolve(ROOT, 'public'), env, stdio: 'ignore', detached: true,
})
const grownServer = spawn('php', ['-d', 'opcache.enable=1', '-d', 'expose_php=0', '-S', `127.0.0.1:${PORT + 1}`, resolve(ROOT, 'bin/router.php')], {
  cwd: resolve(ROOT, 'public'), env: grownEnv, stdio: 'ignore', detached: true,
})
const base = `http://127.0.0.1:${PORT}`
const grown = `http://127.0.0.1:${PORT + 1}`
try {
  for (let tries = 0; tries < 100; tries++) {
    try { if ((await fetch(`${grown}/api/empty`)).ok) break } catch { await new Promise((done) => setTimeout(done, 100)) }
  }
  for (let tries = 0; tries < 100; tries++) {
    try { if ((await fetch(`${base}/api/empty`)).ok) break } catch { await new Promise((done) => setTimeout(done, 100)) }
  }
  const json = async (path) => (await fetch(base + path)).json()
  const garden = (await json('/api/gardens'))[0].id
  const opened = await json(`/api/gardens/${garden}`)
  const recipe = (await json(`/api/gardens/${garden}/recipes?search=scale`))[0].body
  const body = JSON.stringify({ recipe, sprayer_id: opened.sprayers[1].id, planting_id: opened.plantings[0].id })
  const headers = { 'Content-Type': 'application/json', Accept: 'application/json' }
  const time = async (request) => {
    const start = performance.now()
    const answer = await request()
    await answer.arrayBuffer()
    if (!answer.ok) throw new Error(`${answer.status}`)
    return performance.now() - start
  }
  const median = (list) => [...list].sort((a, b) => a - b)[list.length >> 1]
  const bench = []
  const empty = []
  // Turn and turn about, so that both meet the same weather on the machine.
  for (let n = 0; n < REQUESTS; n++) {
    bench.push(await time(() => fetch(`${base}/api/gardens/${garden}/bench`, { method: 'POST', headers, body })))
    empty.push(await time(() => fetch(`${base}/api/empty`)))
  }
  const views = {}
  const round = (await json(`/api/gardens/${garden}/today`)).coming[0].round.id
  const trouble = (await json(`/api/gardens/${garden}/troubles`)).find((one) => one.target === 'aphid').id
  const old = {}
  const grownGarden = (await (await fetch(`${grown}/api/gardens`)).json())[0].id
  const grownTrouble = (await (await fetch(`${grown}/api/gardens/${grownGarden}/troubles`)).json()).find((one) => one.target === 'aphid').id
  const grownRound = (await (await fetch(`${grown}/api/gardens/${grownGarden}/today`)).json()).coming[0].round.id
  for (const path of ['', '/today', '/plot', '/troubles', `/troubles/${trouble}`, '/recipes', '/courses', '/applications', '/pantry', '/shopping', '/preparations', '/other-uses', '/ribbon', '/replans', '/lanes', `/rounds/${round}/days`]) {
    const times = []
    const oldTimes = []
    for (let n = 0; n < 30; n++) {
      times.push(await time(() => fetch(`${base}/api/gardens/${garden}${path}`)))
      oldTimes.push(await time(() => fetch(`${grown}/api/gardens/${grownGarden}${path.replace(trouble, grownTrouble).replace(round, grownRound)}`)))
    }
    const name = path === '' ? 'garden' : path.slice(1).replace(`s/${trouble}`, '\'s own page').replace(`rounds/${round}/days`, 'what each day would mean for a round')
    views[name] = median(times)
    old[name] = median(oldTimes)
  }

  const scout = []
  const look = JSON.stringify({ planting_id: opened.plantings[0].id, present: ['pale-stippling', 'sticky-film', 'stunted'], absent: ['fine-webbing', 'ants-running'] })
  for (let n = 0; n < 50; n++) scout.push(await time(() => fetch(`${base}/api/gardens/${garden}/scout`, { method: 'POST', headers, body: look })))

  const pasted = []
  const mixing = []
  const paragraph = JSON.stringify({ text: 'Half a teaspoon of washing-up liquid to a litre of lukewarm water, spray weekly.' })
  for (let n = 0; n < 30; n++) {
    pasted.push(await time(() => fetch(`${base}/api/gardens/${garden}/read`, { method: 'POST', headers, body: paragraph })))
    mixing.push(await time(() => fetch(`${base}/api/gardens/${garden}/bench/steps`, { method: 'POST', headers, body })))
  }

  const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run', '--disable-background-networking', '--disable-component-update', '--disable-sync'] })
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } })
  const scripts = new Set()
  page.on('response', (response) => { if (response.url().endsWith('.js')) scripts.add(new URL(response.url()).pathname) })
  await page.goto(`${base}/`)
  await page.waitForLoadState('networkidle')
  const compressed = [...scripts].reduce((sum, path) => sum + gzipSync(readFileSync(resolve(ROOT, `public${path}`))).length, 0)
  // From asking for the ribbon to seeing it, each time anew.
  const ribbons = []
  for (let n = 0; n < 12; n++) {
    await page.getByRole('navigation').getByRole('link', { name: 'Rounds' }).click()
    await page.getByRole('heading', { level: 1 }).filter({ hasText: 'ahead' }).waitFor()
    await page.waitForLoadState('networkidle')
    ribbons.push(await page.evaluate(async () => {
      performance.clearResourceTimings()
      document.querySelector('nav a[href="/"]').click()
      while (!document.querySelector('.ribbon .band svg')) await new Promise((done) => requestAnimationFrame(done))
      const asked = performance.getEntriesByType('resource').find((one) => one.name.includes('/ribbon'))
      return performance.now() - asked.startTime
    }))
  }
  await page.goto(`${base}/bench`)
  await page.locator('.vessel').waitFor()
  const answers = []
  for (let n = 1; n <= 20; n++) {
    answers.push(await page.evaluate(async (ml) => {
      const input = document.querySelector('[aria-label="Amount of ingredient 1"]')
      const shown = document.querySelector('.line .read strong')
      const before = shown.textContent
      const start = performance.now()
      input.value = `${ml} mL`
      input.dispatchEvent(new Event('input', { bubbles: true }))
      while (shown.textContent === before && performance.now() - start < 3000) await new Promise((done) => requestAnimationFrame(done))
      return performance.now() - start
    }, 10 + n))
  }
  await browser.close()

  const ms = (value) => `${value.toFixed(1)} ms`
  const rows = [
    ['mixes per second in core, one core (four lines, scaled, strengths and findings)', Math.round(core.mix).toLocaleString('en'), '2,000'],
    ['mixes per second without judging them', Math.round(core.mix_alone).toLocaleString('en'), ''],
    ['a full judgement in core (six things, the hour, a past, own looks)', ms(core.judgement_ms), 'under 2 ms'],
    ['a label of nine names read in core', ms(core.label_ms), ''],
    ['the same, reading the recipe anew each time', Math.round(core.read_and_mix).toLocaleString('en'), ''],
    ['the same, with own tools and mixing steps instead of findings', Math.round(core.steps).toLocaleString('en'), ''],
    ['a paragraph read in core', ms(core.paragraph_ms), 'under 10 ms'],
    ['a diagnosis in core, six answers, all targets and signs', ms(core.diagnosis_ms), 'under 20 ms'],
    ['30 courses over 60 days of hourly forecast planned in core', ms(core.plan_30_ms), 'under 150 ms'],
    ['10 of them', ms(core.plan_10_ms), 'no better than a third'],
    ['what that comes to, of the most that it could', `${(100 * core.plan_bound).toFixed(1)} %`, 'over 95 %'],
    ['scout endpoint, median', ms(median(scout)), 'under 150 ms'],
    ['bench endpoint, median', ms(median(bench)), ''],
    ['paste endpoint (a paragraph read), median', ms(median(pasted)), 'under 150 ms'],
    ['mixing steps endpoint, median', ms(median(mixing)), 'under 150 ms'],
    ['empty route of the application, median, in the same run', ms(median(empty)), ''],
    ['bench endpoint against the empty route', (median(bench) / median(empty)).toFixed(2), 'under 1.5'],
    ['the ribbon of 72 hours, asked for until it is on the screen, median', ms(median(ribbons)), 'under 150 ms'],
    ['a change on the bench until the screen answers, median', ms(median(answers)), 'under 150 ms'],
    ['the same, slowest of 20', ms(Math.max(...answers)), 'under 150 ms'],
    ...Object.entries(views).map(([name, value]) => [`data of ${name}, median, two seasons of notes`, ms(value), 'under 300 ms']),
    ...Object.entries(old).map(([name, value]) => [`data of ${name}, median, ten years of notes (against two seasons)`, `${ms(value)} (${(value / views[name]).toFixed(2)} times)`, 'under 1.5 times']),
    ['a write that is certain to be on the disk (synchronous full), against normal', `${ms(certain.full)} against ${ms(certain.normal)}`, ''],
    ['script of the first load (Today), compressed', `${(compressed / 1000).toFixed(0)} kB`, 'under 350 kB'],
  ]
  const table = ['| what | measured | aim |', '|---|---:|---:|', ...rows.map((row) => `| ${row.join(' | ')} |`)].join('\n')
  console.log(`\n${table}\n`)
  writeFileSync(resolve(ROOT, 'docs/BENCHMARKS.md'), `# Benchmarks

Measured by \`make bench\` on ${new Date().toISOString().slice(0, 10)}, ${cpus().length} cores (${cpus()[0].model.trim()}), ${process.version}, PHP ${execFileSync('php', ['-r', 'echo PHP_VERSION;']).toString()}.
Figures of one machine on one day: compare them within a run, not between machines.

${table}

## Faults put into core

One at a time, by \`make mutate\`, with the tests of the room, of the judgement and the sweeps; what survives is mostly a bound that no number can stand on, a default that is never taken, or a
guard that only spares work.

${existsSync(resolve(ROOT, 'docs/mutations.md')) ? readFileSync(resolve(ROOT, 'docs/mutations.md'), 'utf8') : 'Not measured yet.'}`)
} finally {
  process.kill(-server.pid, 'SIGTERM')
  process.kill(-grownServer.pid, 'SIGTERM')
}
