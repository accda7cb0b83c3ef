// Kills a writer in the middle of its work, again and again: what was acknowledged is there, nothing is there by half, the file is whole.
// node bin/kills.mjs [kills]
import { execFileSync, spawn } from 'node:child_process'
import { copyFileSync, mkdirSync, rmSync, writeFileSync } from 'node:fs'
import { resolve } from 'node:path'

const ROOT = resolve(import.meta.dirname, '..')
const KILLS = Number(process.argv[2] ?? 20)
const home = resolve(ROOT, 'test-results/kills', String(process.pid))
mkdirSync(home, { recursive: true })
const made = resolve(home, 'made.sqlite')
writeFileSync(made, '')
const env = (database) => ({ ...process.env, DB_DATABASE: database, NEBBIA_LOGS: home })
execFileSync('php', ['artisan', 'migrate', '--seed', '--force', '--quiet'], { cwd: ROOT, env: env(made) })
execFileSync('php', ['-r', `(new PDO('sqlite:${made}'))->exec('PRAGMA wal_checkpoint(TRUNCATE)');`])

const ask = (database) => JSON.parse(execFileSync('php', ['-r', `$db = new PDO('sqlite:${database}');
echo json_encode(['whole' => $db->query('PRAGMA integrity_check')->fetchColumn(), 'zones' => $db->query("select id from zones")->fetchAll(PDO::FETCH_COLUMN),
'alone' => (int) $db->query("select count(*) from zones where name like 'Zone %' and id not in (select zone_id from plantings)")->fetchColumn(),
'changes' => (int) $db->query("select count(*) from changes where label = 'Zone added'")->fetchColumn(), 'mine' => (int) $db->query("select count(*) from zones where name like 'Zone %'")->fetchColumn()]);`]).toString())

async function kill(database, n) {
  const writer = spawn('php', ['bin/kill-writer.php'], { cwd: ROOT, env: env(database), stdio: ['ignore', 'pipe', 'ignore'] })
  let said = ''
  let armed = false
  await new Promise((done) => {
    writer.on('close', done)
    writer.stdout.on('data', (text) => {
      said += text
      if (!armed) {
        armed = true
        setTimeout(() => writer.kill('SIGKILL'), (n * 7919) % 60)
      }
    })
  })
  return said.split('\n').slice(0, -1)
}

let failed = 0
let acknowledged = 0
// Two at a time, each on a file of its own.
await Promise.all([0, 1].map(async (lane) => {
  const database = resolve(home, `lane-${lane}.sqlite`)
  copyFileSync(made, database)
  const all = []
  for (let n = lane; n < KILLS; n += 2) {
    all.push(...await kill(database, n))
    const now = ask(database)
    const there = new Set(now.zones)
    if (now.whole !== 'ok' || now.alone > 0 || now.changes !== now.mine || all.some((id) => !there.has(id))) {
      failed++
      console.log(JSON.stringify({ n, whole: now.whole, alone: now.alone, changes: now.changes, mine: now.mine, lost: all.filter((id) => !there.has(id)).length }))
    }
  }
  acknowledged += all.length
}))
console.log(JSON.stringify({ what: 'killed while writing', kills: KILLS, acknowledged, failed }))
rmSync(home, { recursive: true, force: true })
process.exit(failed === 0 && acknowledged >= KILLS ? 0 : 1)
