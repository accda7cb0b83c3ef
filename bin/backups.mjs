// Backups while eight hands write: each, brought back on another file, is one moment of the original. node bin/backups.mjs [backups]
import { execFile, execFileSync, spawn } from 'node:child_process'
import { mkdirSync, readdirSync, rmSync } from 'node:fs'
import { resolve } from 'node:path'
import { promisify } from 'node:util'

const ROOT = resolve(import.meta.dirname, '..')
const BACKUPS = Number(process.argv[2] ?? 40)
const home = resolve(ROOT, 'test-results/backups', String(process.pid))
mkdirSync(resolve(home, 'other'), { recursive: true })
const file = resolve(home, 'garden.sqlite')
const other = resolve(home, 'other/garden.sqlite')
const env = (database) => ({ ...process.env, APP_ENV: 'local', DB_DATABASE: database, NEBBIA_LOGS: home, LOG_CHANNEL: 'null', PHOTOS: resolve(home, 'photos'), NEBBIA_DAILY_BACKUP: '0' })
const run = promisify(execFile)
const artisan = (database, ...words) => run('php', ['artisan', ...words], { cwd: ROOT, env: env(database) })

await artisan(file, 'nebbia:up', '--demo')
// What each hand has had acknowledged, in its order.
const hands = Array.from({ length: 8 }, () => {
  const said = []
  const child = spawn('php', ['bin/kill-writer.php', '1000000'], { cwd: ROOT, env: env(file), stdio: ['ignore', 'pipe', 'ignore'] })
  let rest = ''
  child.stdout.on('data', (text) => {
    const lines = (rest + text).split('\n')
    rest = lines.pop()
    said.push(...lines)
  })
  return { said, child }
})
await new Promise((done) => setTimeout(done, 1000))

let failed = 0
let most = 0
for (let n = 0; n < BACKUPS; n++) {
  const before = hands.map((hand) => hand.said.length)
  await artisan(file, 'nebbia:backup', `--to=${resolve(home, 'one.zip')}`)
  for (const name of readdirSync(resolve(home, 'garden-backups'))) if (name.endsWith('.zip')) rmSync(resolve(home, 'garden-backups', name))
  const after = hands.map((hand) => [...hand.said])
  await artisan(other, 'nebbia:restore', resolve(home, 'one.zip'))
  const now = JSON.parse(execFileSync('php', ['-r', `$db = new PDO('sqlite:${other}'); $one = fn ($sql) => $db->query($sql)->fetchColumn();
echo json_encode(['whole' => $one('pragma integrity_check'), 'astray' => count($db->query('pragma foreign_key_check')->fetchAll()), 'ids' => $db->query("select id from zones where name like 'Zone %'")->fetchAll(PDO::FETCH_COLUMN),
'alone' => (int) $one("select count(*) from zones where name like 'Zone %' and id not in (select zone_id from plantings)"), 'changes' => (int) $one("select count(*) from changes where label = 'Zone added'")]);`], { maxBuffer: 1e9 }).toString())
  const there = new Set(now.ids)
  // Of each hand the first so many, at least those of before, and none with a hole.
  const isMoment = after.every((said, hand) => {
    const has = said.filter((id) => there.has(id)).length
    return has >= before[hand] && said.slice(0, has).every((id) => there.has(id))
  })
  most = Math.max(most, now.ids.length)
  if (now.whole !== 'ok' || now.astray > 0 || now.alone > 0 || now.changes !== now.ids.length || !isMoment) {
    failed++
    console.log(JSON.stringify({ n, whole: now.whole, astray: now.astray, alone: now.alone, changes: now.changes, ids: now.ids.length, isMoment }))
  }
}
for (const hand of hands) hand.child.kill('SIGKILL')
const written = hands.reduce((sum, hand) => sum + hand.said.length, 0)
console.log(JSON.stringify({ what: 'backups under eight hands', backups: BACKUPS, written, most, failed }))
rmSync(home, { recursive: true, force: true })
process.exit(failed === 0 && written > BACKUPS ? 0 : 1)
