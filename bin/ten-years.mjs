// A garden of ten years, taken along and brought in within 128 MB and a minute each. node bin/ten-years.mjs
import { execFileSync } from 'node:child_process'
import { mkdirSync, rmSync, statSync } from 'node:fs'
import { resolve } from 'node:path'

const ROOT = resolve(import.meta.dirname, '..')
const home = resolve(ROOT, 'test-results/ten-years', String(process.pid))
mkdirSync(home, { recursive: true })
const run = (database, ...words) => {
  const began = Date.now()
  const said = execFileSync('php', words, {
    cwd: ROOT, env: { ...process.env, APP_ENV: 'local', DB_DATABASE: resolve(home, database), NEBBIA_LOGS: home, PHOTOS: resolve(home, 'photos') }, stdio: 'pipe',
  }).toString()
  return { said, seconds: (Date.now() - began) / 1000 }
}
run('a.sqlite', 'artisan', 'nebbia:up', '--demo')
run('a.sqlite', 'bin/grow.php')
const small = ['-d', 'memory_limit=128M', 'artisan']
const json = resolve(home, 'garden.json')
const zip = resolve(home, 'garden.zip')
const exported = run('a.sqlite', ...small, 'nebbia:export', json)
run('a.sqlite', ...small, 'nebbia:export', zip)
run('b.sqlite', 'artisan', 'nebbia:up')
const imported = run('b.sqlite', ...small, 'nebbia:import', zip)
const beside = run('b.sqlite', ...small, 'nebbia:import', json)
const back = resolve(home, 'back.json')
run('b.sqlite', ...small, 'nebbia:export', back, '--garden=Fontegrigia')
let isSame = true
try {
  execFileSync('bash', ['-c', 'diff <(grep -v \'^"exported_at"\' "$0") <(grep -v \'^"exported_at"\' "$1")', json, back], { stdio: 'ignore' })
} catch {
  isSame = false
}
const seconds = [exported, imported, beside].map((one) => one.seconds)
console.log(JSON.stringify({ what: 'ten years taken along', mb: Math.round(statSync(json).size / 1e6), seconds, isSame }))
rmSync(home, { recursive: true, force: true })
process.exit(isSame && Math.max(...seconds) < 60 ? 0 : 1)
