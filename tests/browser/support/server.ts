import { execFileSync, spawn, type ChildProcess } from 'node:child_process'
import { copyFileSync, existsSync, mkdirSync, rmSync, writeFileSync } from 'node:fs'
import { createServer, type AddressInfo } from 'node:net'
import { resolve } from 'node:path'

const ROOT = resolve(import.meta.dirname, '../../..')
const HOME = resolve(ROOT, 'test-results/server', String(process.pid))

/** A port that nobody listens at. */
function freePort(): Promise<number> {
  return new Promise((done, fail) => {
    const probe = createServer()
      .once('error', fail)
      .listen(0, '127.0.0.1', () => {
        const { port } = probe.address() as AddressInfo
        probe.close(() => done(port))
      })
  })
}

/** A server of the application with a database of its own, for as long as this process lives. */
export class Server {
  private process: ChildProcess | null = null

  private constructor(
    readonly port: number,
    readonly name: string,
    private readonly more: NodeJS.ProcessEnv,
  ) {}

  static async make(name: string, more: NodeJS.ProcessEnv = {}): Promise<Server> {
    return new Server(await freePort(), name, more)
  }

  get url(): string {
    return `http://127.0.0.1:${this.port}`
  }

  get database(): string {
    return resolve(HOME, `${this.name}.sqlite`)
  }

  private get env(): NodeJS.ProcessEnv {
    return {
      ...process.env,
      APP_ENV: 'local',
      LOG_CHANNEL: 'single',
      DB_DATABASE: this.database,
      DB_SYNCHRONOUS: 'normal',
      NEBBIA_LOGS: resolve(HOME, `${this.name}-logs`),
      PHOTOS: resolve(HOME, `${this.name}-photos`),
      PHP_CLI_SERVER_WORKERS: '3',
      NEBBIA_REQUESTS_A_MINUTE: '100000',
      NEBBIA_DAILY_BACKUP: '0',
      ...this.more,
    }
  }

  /** A new database, with the demo garden or with nothing; made once a process and copied after that. */
  prepare(seed: boolean): void {
    mkdirSync(HOME, { recursive: true })
    for (const end of ['', '-wal', '-shm']) rmSync(`${this.database}${end}`, { force: true })
    const made = resolve(HOME, `made-${String(seed)}.sqlite`)
    if (!existsSync(made)) {
      writeFileSync(made, '')
      execFileSync('php', ['artisan', 'migrate', '--force', ...(seed ? ['--seed'] : [])], {
        cwd: ROOT,
        env: { ...this.env, DB_DATABASE: made },
        stdio: 'pipe',
      })
      execFileSync('php', ['-r', `(new PDO('sqlite:${made}'))->exec('PRAGMA wal_checkpoint(TRUNCATE)');`], { stdio: 'pipe' })
    }
    copyFileSync(made, this.database)
  }

  async start(): Promise<void> {
    this.spawn()
    for (let tries = 0; tries < 200; tries++) {
      if (await this.answers()) return
      // What was there before may hold the port a moment longer: then this one has ended at once, and is started again.
      if (this.process?.exitCode !== null) this.spawn()
      await new Promise((done) => setTimeout(done, 100))
    }
    throw new Error(`The server on port ${this.port} does not answer.`)
  }

  private spawn(): void {
    this.process = spawn(
      resolve(ROOT, 'bin/while-parent'),
      [
        'php',
        '-d',
        'opcache.enable=1',
        '-d',
        'expose_php=0',
        '-d',
        'upload_max_filesize=5M',
        '-d',
        'post_max_size=6M',
        '-S',
        `127.0.0.1:${this.port}`,
        resolve(ROOT, 'bin/router.php'),
      ],
      { cwd: resolve(ROOT, 'public'), env: this.env, stdio: 'ignore' },
    )
  }

  async stop(): Promise<void> {
    this.process?.kill('SIGTERM')
    this.process = null
    for (let tries = 0; tries < 100 && (await this.answers()); tries++) await new Promise((done) => setTimeout(done, 50))
  }

  private async answers(): Promise<boolean> {
    try {
      return (await fetch(`${this.url}/api/empty`)).ok
    } catch {
      return false
    }
  }

  static clear(): void {
    rmSync(HOME, { recursive: true, force: true })
  }
}
