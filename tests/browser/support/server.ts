import { execFileSync, spawn } from 'node:child_process'
import { existsSync, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { resolve } from 'node:path'

const ROOT = resolve(import.meta.dirname, '../../..')
const HOME = resolve(ROOT, 'test-results/server')
const ROUTER = resolve(ROOT, 'bin/router.php')

/** A server of the application with a database of its own; it outlives the process that started it. */
export class Server {
  constructor(readonly port: number, readonly name: string) {}

  get url(): string {
    return `http://127.0.0.1:${this.port}`
  }

  private get pidFile(): string {
    return resolve(HOME, `${this.name}.pid`)
  }

  private get env(): NodeJS.ProcessEnv {
    return { ...process.env, APP_ENV: 'local', LOG_CHANNEL: 'single', DB_DATABASE: resolve(HOME, `${this.name}.sqlite`), PHOTOS: resolve(HOME, `${this.name}-photos`), PHP_CLI_SERVER_WORKERS: '3' }
  }

  /** A new database, with the demo garden or with nothing. */
  prepare(seed: boolean): void {
    mkdirSync(HOME, { recursive: true })
    for (const end of ['', '-wal', '-shm']) rmSync(resolve(HOME, `${this.name}.sqlite${end}`), { force: true })
    writeFileSync(resolve(HOME, `${this.name}.sqlite`), '')
    execFileSync('php', ['artisan', 'migrate', '--force', ...(seed ? ['--seed'] : [])], { cwd: ROOT, env: this.env, stdio: 'pipe' })
  }

  async start(): Promise<void> {
    const child = spawn('php', ['-d', 'opcache.enable=1', '-d', 'expose_php=0', '-d', 'upload_max_filesize=5M', '-d', 'post_max_size=6M', '-S', `127.0.0.1:${this.port}`, ROUTER], {
      cwd: resolve(ROOT, 'public'), env: this.env, stdio: 'ignore', detached: true,
    })
    child.unref()
    writeFileSync(this.pidFile, String(child.pid))
    for (let tries = 0; tries < 100; tries++) {
      try {
        if ((await fetch(`${this.url}/api/empty`)).ok) return
      } catch {
        // Not listening yet.
      }
      await new Promise((done) => setTimeout(done, 100))
    }
    throw new Error(`The server on port ${this.port} does not answer.`)
  }

  async stop(): Promise<void> {
    if (!existsSync(this.pidFile)) return
    try {
      // The whole group: the built-in server forks its workers.
      process.kill(-Number(readFileSync(this.pidFile, 'utf8')), 'SIGTERM')
    } catch {
      // Gone already.
    }
    rmSync(this.pidFile, { force: true })
    for (let tries = 0; tries < 50; tries++) {
      try {
        await fetch(`${this.url}/api/empty`)
      } catch {
        return
      }
      await new Promise((done) => setTimeout(done, 100))
    }
  }
}

export const demo = new Server(8199, 'demo')
export const blank = new Server(8198, 'blank')
