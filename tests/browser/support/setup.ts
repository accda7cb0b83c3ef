import { existsSync, readdirSync, rmSync } from 'node:fs'
import { resolve } from 'node:path'

const HOME = resolve(import.meta.dirname, '../../../test-results/server')

/** What a run that was killed has left in its folder goes; its servers have ended with it. */
export default function setup(): void {
  for (const name of existsSync(HOME) ? readdirSync(HOME) : []) {
    try {
      process.kill(Number(name), 0)
    } catch {
      rmSync(resolve(HOME, name), { recursive: true, force: true })
    }
  }
}
