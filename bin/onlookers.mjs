// Views are looked at while backups are taken and brought back: each is answered, whatever goes on. node bin/onlookers.mjs [times]
import { execFileSync, spawn } from 'node:child_process'
import { mkdirSync, rmSync } from 'node:fs'
import { createServer } from 'node:net'
import { resolve } from 'node:path'

const ROOT = resolve(import.meta.dirname, '..')
const TIMES = Number(process.argv[2] ?? 20)
const home = resolve(ROOT, 'test-results/onlookers', String(process.pid))
mkdirSync(home, { recursive: true })
const port = await new Promise((done) => {
  const probe = createServer().listen(0, '127.0.0.1', () => {
    const { port: free } = probe.address()
    probe.close(() => done(free))
  })
})
const env = {
  ...process.env, APP_ENV: 'local', DB_DATABASE: resolve(home, 'garden.sqlite'), NEBBIA_LOGS: home, LOG_CHANNEL: 'single', PHOTOS: resolve(home, 'photos'),
  NEBBIA_DAILY_BACKUP: '0', PHP_CLI_SERVER_WORKERS: '5', NEBBIA_REQUESTS_A_MINUTE: '1000000',
}
execFileSync('php', ['artisan', 'nebbia:up', '--demo'], { cwd: ROOT, env, stdio: 'pipe' })
const server = spawn(resolve(ROOT, 'bin/while-parent'), ['php', '-S', `127.0.0.1:${port}`, resolve(ROOT, 'bin/router.php')], { cwd: resolve(ROOT, 'public'), env, stdio: 'ignore' })
const at = `http://127.0.0.1:${port}/api`
for (let tries = 0; tries < 100 && !(await fetch(`${at}/empty`).then((one) => one.ok, () => false)); tries++) await new Promise((done) => setTimeout(done, 100))

const write = { method: 'POST', headers: { 'Content-Type': 'application/json', Accept: 'application/json' } }
const garden = (await (await fetch(`${at}/gardens`)).json())[0].id
const views = ['keep', 'keep', 'keep', 'gardens', `gardens/${garden}/plot`, `gardens/${garden}/today`]
const bad = new Map()
let looked = 0
let goesOn = true
const note = async (what, answer) => {
  if (answer.ok) return
  const said = `${what} ${answer.status} ${(await answer.text()).replace(/\d{6}/, 'N').slice(0, 160)}`
  bad.set(said, (bad.get(said) ?? 0) + 1)
}
const onlookers = [0, 1, 2].map(async (hand) => {
  for (let n = hand; goesOn; n++) {
    const view = views[n % views.length]
    await note(view.replace(garden, '{}'), await fetch(`${at}/${view}`))
    looked++
  }
})
for (let n = 0; n < TIMES; n++) {
  const taken = await fetch(`${at}/backups`, write)
  await note('take', taken.clone())
  const name = (await taken.json()).backups[0].name
  await note('restore', await fetch(`${at}/backups/${name}/restore`, write))
}
goesOn = false
await Promise.all(onlookers)
server.kill('SIGTERM')
console.log(JSON.stringify({ what: 'views while backups are taken and brought back', times: TIMES, looked, failed: [...bad.values()].reduce((sum, one) => sum + one, 0) }))
for (const [said, times] of bad) console.log(`${times} times: ${said}`)
if (bad.size === 0) rmSync(home, { recursive: true, force: true })
process.exit(bad.size === 0 && looked > TIMES ? 0 : 1)
