// Kills what is great in the middle of it, again and again: a server that is written to, a backup, a restore, an import, a migration.
// What was acknowledged is there, nothing is there by half, and the next start works. node bin/kills-kept.mjs [kills]
import { execFileSync, spawn } from 'node:child_process'
import { copyFileSync, existsSync, mkdirSync, readdirSync, rmSync } from 'node:fs'
import { createServer } from 'node:net'
import { resolve } from 'node:path'

const ROOT = resolve(import.meta.dirname, '..')
const KILLS = Number(process.argv[2] ?? 50)
const home = resolve(ROOT, 'test-results/kills-kept', String(process.pid))
mkdirSync(home, { recursive: true })
const env = (lane, more = {}) => ({
  ...process.env, APP_ENV: 'local', DB_DATABASE: resolve(lane, 'garden.sqlite'), PHOTOS: resolve(lane, 'photos'), NEBBIA_LOGS: home,
  LOG_CHANNEL: 'null', NEBBIA_DAILY_BACKUP: '0', NEBBIA_REQUESTS_A_MINUTE: '1000000', ...more,
})
const artisan = (lane, ...words) => execFileSync('php', ['artisan', ...words], { cwd: ROOT, env: env(lane), stdio: 'pipe' }).toString()
const php = (code) => execFileSync('php', ['-r', code]).toString()

/** What is in a file: whether it is whole, how many rows each table has, and a sum of all that is in them. */
const state = (file) => JSON.parse(php(`$db = new PDO('sqlite:${file}'); $db->setAttribute(PDO::ATTR_ERRMODE, PDO::ERRMODE_EXCEPTION);
$rows = []; $sum = hash_init('md5');
foreach ($db->query("select name from sqlite_master where type = 'table' and name not like 'sqlite_%' order by name")->fetchAll(PDO::FETCH_COLUMN) as $table) {
  $all = $db->query("select * from \\"$table\\" order by rowid")->fetchAll(PDO::FETCH_NUM); $rows[$table] = count($all); hash_update($sum, $table.serialize($all)); }
echo json_encode(['whole' => $db->query('pragma integrity_check')->fetchColumn(), 'astray' => count($db->query('pragma foreign_key_check')->fetchAll()),
'rows' => $rows, 'sum' => hash_final($sum), 'number' => $db->query('pragma user_version')->fetchColumn()]);`))

// One garden to begin with, and another state of it in a backup.
const made = resolve(home, 'made')
mkdirSync(made)
artisan(made, 'nebbia:up', '--demo')
artisan(made, 'nebbia:export', resolve(home, 'garden.zip'))
artisan(made, 'nebbia:backup', `--to=${resolve(home, 'backup.zip')}`)
const early = state(resolve(made, 'garden.sqlite'))
php(`(new PDO('sqlite:${resolve(made, 'garden.sqlite')}'))->exec("update gardens set name = 'Later'; delete from ticks; delete from looks");`)
const later = state(resolve(made, 'garden.sqlite'))
const older = resolve(home, 'older')
mkdirSync(older)
copyFileSync(resolve(made, 'garden.sqlite'), resolve(older, 'garden.sqlite'))
artisan(older, 'migrate:rollback', '--step=6', '--force')
const before = state(resolve(older, 'garden.sqlite'))

/** Runs a command and kills it, with all it has begun, after so many ms; whether it had ended by itself. */
const killed = (lane, after, ...words) => new Promise((done) => {
  const child = spawn('php', ['artisan', ...words], { cwd: ROOT, env: env(lane), stdio: 'ignore', detached: true })
  const timer = setTimeout(() => process.kill(-child.pid, 'SIGKILL'), after)
  child.on('close', (code) => { clearTimeout(timer); done(code === 0) })
})
const freePort = () => new Promise((done) => {
  const probe = createServer().listen(0, '127.0.0.1', () => { const { port } = probe.address(); probe.close(() => done(port)) })
})
const zips = (lane) => existsSync(resolve(lane, 'garden-backups')) ? readdirSync(resolve(lane, 'garden-backups')).filter((name) => name.endsWith('.zip')) : []
const areWhole = (lane) => zips(lane).every((name) => php(`$zip = new ZipArchive; echo $zip->open('${resolve(lane, 'garden-backups', name)}', ZipArchive::CHECKCONS) === true && $zip->locateName('manifest.json') !== false ? 'y' : 'n';`) === 'y')

const KINDS = {
  async backup(lane, file, after) {
    await killed(lane, after, 'nebbia:backup')
    return state(file).sum === later.sum && areWhole(lane)
  },
  async restore(lane, file, after) {
    const ended = await killed(lane, after, 'nebbia:restore', resolve(home, 'backup.zip'))
    const now = state(file)
    // What was there is in a backup once it is exchanged.
    return (now.sum === later.sum && !ended) || (now.sum === early.sum && zips(lane).some((name) => name.includes('before-restore')) && areWhole(lane))
  },
  async import(lane, file, after) {
    const ended = await killed(lane, after, 'nebbia:import', resolve(home, 'garden.zip'))
    const { rows } = state(file)
    return (rows.gardens === 1 && state(file).sum === later.sum && !ended) || (rows.gardens === 2 && rows.applications === 2 * early.rows.applications && rows.plantings === 2 * early.rows.plantings && rows.changes === 2 * early.rows.changes)
  },
  async migration(lane, file, after) {
    copyFileSync(resolve(older, 'garden.sqlite'), file)
    await killed(lane, after, 'nebbia:up')
    const half = state(file)
    artisan(lane, 'nebbia:up')
    const now = state(file)
    return half.whole === 'ok' && half.rows.applications === before.rows.applications && now.number === later.number && now.rows.applications === before.rows.applications && now.rows.recipes === before.rows.recipes
  },
  async server(lane, file, after) {
    const port = await freePort()
    const server = spawn('php', ['-S', `127.0.0.1:${port}`, resolve(ROOT, 'bin/router.php')], {
      cwd: resolve(ROOT, 'public'), env: env(lane, { PHP_CLI_SERVER_WORKERS: '3' }), stdio: 'ignore', detached: true,
    })
    const base = `http://127.0.0.1:${port}/api`
    let garden = null
    for (let tries = 0; tries < 100 && !garden; tries++) {
      garden = await fetch(`${base}/gardens`).then((r) => r.json()).then((all) => all[0].id, () => new Promise((done) => setTimeout(done, 50)))
    }
    const acknowledged = []
    let over = false
    const hand = async (n) => {
      for (let k = 0; !over; k++) {
        const answer = await fetch(`${base}/gardens/${garden}/zones`, { method: 'POST', headers: { 'Content-Type': 'application/json' }, body: JSON.stringify({ name: `Z ${n} ${k}` }) }).then((r) => (r.status === 201 ? r.json() : null), () => null)
        if (answer) acknowledged.push(answer.id ?? answer.zone?.id)
      }
    }
    const hands = [hand(0), hand(1), hand(2)]
    await new Promise((done) => setTimeout(done, after))
    process.kill(-server.pid, 'SIGKILL')
    over = true
    await Promise.all(hands)
    const there = new Set(JSON.parse(php(`echo json_encode((new PDO('sqlite:${file}'))->query('select id from zones')->fetchAll(PDO::FETCH_COLUMN));`)))
    const { rows } = state(file)
    return acknowledged.every((id) => there.has(id)) && rows.changes - later.rows.changes === rows.zones - later.rows.zones
  },
}

let failed = 0
const counts = {}
// Two at a time, each in a folder of its own; each is killed at another moment.
await Promise.all([0, 1].map(async (which) => {
  for (let n = which; n < KILLS; n += 2) {
    const kind = Object.keys(KINDS)[Math.floor(n / 2) % Object.keys(KINDS).length]
    const lane = resolve(home, `lane-${which}`)
    rmSync(lane, { recursive: true, force: true })
    mkdirSync(lane)
    const file = resolve(lane, 'garden.sqlite')
    copyFileSync(resolve(made, 'garden.sqlite'), file)
    const after = 60 + ((n * 7919) % 640)
    let holds = false
    try {
      holds = await KINDS[kind](lane, file, after)
      const now = state(file)
      holds = holds && now.whole === 'ok' && now.astray === 0
      artisan(lane, 'nebbia:up')
      // What was left by it is cleared away by the next.
      artisan(lane, 'nebbia:backup')
      holds = holds && readdirSync(resolve(lane, 'garden-backups')).every((name) => !name.startsWith('.work-'))
    } catch (e) {
      holds = false
      console.log(String(e.stderr ?? e).slice(0, 400))
    }
    counts[kind] = (counts[kind] ?? 0) + 1
    if (!holds) {
      failed++
      console.log(JSON.stringify({ n, kind, after, failed: true }))
    }
  }
}))
console.log(JSON.stringify({ what: 'killed while keeping', kills: KILLS, ...counts, failed }))
rmSync(home, { recursive: true, force: true })
process.exit(failed === 0 ? 0 : 1)
