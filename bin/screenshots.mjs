// Takes the pictures of docs/screenshots from a fresh demo garden. Run after a view has changed: node bin/screenshots.mjs
import { execFileSync, spawn } from 'node:child_process'
import { mkdirSync, rmSync, writeFileSync } from 'node:fs'
import { resolve } from 'node:path'
import { chromium } from '@playwright/test'

const ROOT = resolve(import.meta.dirname, '..')
const OUT = resolve(ROOT, 'docs/screenshots')
const home = resolve(ROOT, 'test-results/shots')
rmSync(home, { recursive: true, force: true })
mkdirSync(home, { recursive: true })

async function serve(name, port, seed) {
  writeFileSync(resolve(home, `${name}.sqlite`), '')
  // Always the same morning, so that the pictures are the same on any date.
  const env = { ...process.env, DB_DATABASE: resolve(home, `${name}.sqlite`), PHP_CLI_SERVER_WORKERS: '2', NEBBIA_NOW: '2026-05-14T07:30:00+02:00', NEBBIA_DAILY_BACKUP: '0' }
  execFileSync('php', ['artisan', 'migrate', '--force', '--quiet', ...(seed ? ['--seed'] : [])], { cwd: ROOT, env })
  const child = spawn('php', ['-d', 'opcache.enable=1', '-d', 'expose_php=0', '-d', 'upload_max_filesize=5M', '-d', 'post_max_size=6M', '-S', `127.0.0.1:${port}`, resolve(ROOT, 'bin/router.php')], {
    cwd: resolve(ROOT, 'public'), env, stdio: 'ignore', detached: true,
  })
  for (let tries = 0; tries < 100; tries++) {
    try { if ((await fetch(`http://127.0.0.1:${port}/api/empty`)).ok) break } catch { await new Promise((done) => setTimeout(done, 100)) }
  }
  return child
}

const servers = [await serve('demo', 8196, true)]
const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run', '--disable-background-networking', '--disable-component-update', '--disable-sync'] })
const wide = { width: 1280, height: 800 }
const phone = { width: 390, height: 844 }

async function shot(name, path, { viewport = wide, scheme = 'light', port = 8196, act, from = 0 } = {}) {
  const page = await browser.newPage({ viewport, colorScheme: scheme })
  await page.goto(`http://127.0.0.1:${port}${path}`)
  await page.waitForLoadState('networkidle')
  if (act) await act(page)
  await page.waitForTimeout(600)
  await page.evaluate(() => window.scrollTo(0, 0))
  if (from) await page.evaluate((top) => window.scrollTo(0, top), from)
  await page.screenshot({ path: resolve(OUT, `${name}.png`), animations: 'disabled' })
  await page.close()
}
const onBench = (recipe, sprayer, planting) => async (page) => {
  await page.getByRole('button', { name: 'Recipes', exact: true }).click()
  await page.getByRole('dialog').getByText(recipe, { exact: true }).click()
  await page.getByLabel('into', { exact: true }).selectOption({ label: sprayer })
  if (planting) await page.getByLabel('For', { exact: true }).selectOption({ label: planting })
  await page.waitForTimeout(500)
}

try {
  await shot('today', '/')
  await shot('today-phone', '/', { viewport: phone })
  await shot('garden', '/garden')
  const look = async (page) => {
    await page.getByLabel('Planting', { exact: true }).selectOption({ label: 'Low roses in a row' })
    await page.getByRole('button', { name: 'Upper side of leaves' }).click()
    await page.locator('.signs').getByRole('group', { name: 'Fine pale dots' }).getByRole('button', { name: 'Yes' }).click()
    await page.waitForTimeout(500)
  }
  await shot('scout', '/scout', { act: look })
  const trouble = (name) => async (page) => {
    await page.getByRole('link', { name }).first().click()
    await page.waitForLoadState('networkidle')
    await page.waitForTimeout(500)
  }
  await shot('trouble', '/garden', { act: trouble('aphid') })
  await shot('bench', '/bench', { act: onBench('Garlic and pepper', 'Pump bottle, 2 L', 'Winter cabbages') })
  await shot('bench-phone', '/bench', { viewport: phone, act: onBench('Evening soap', 'Hand bottle, 750 mL', 'Broad beans, early row') })
  await shot('paste', '/bench', { act: async (page) => {
    await page.getByRole('button', { name: 'Paste a recipe' }).click()
    await page.getByLabel('As it was written').fill('Crush 6 cloves of garlic and 2 chillies, steep overnight in 1 L of water, strain, add a squirt of dish soap. Spray the aphids every 5 days.')
    await page.waitForTimeout(900)
  } })
  await shot('mix-phone', '/bench', { viewport: phone, act: async (page) => {
    await onBench('Potassium bicarbonate', 'Pump bottle, 2 L')(page)
    await page.getByRole('button', { name: 'Mix it' }).first().click()
    await page.getByRole('button', { name: 'Done, next' }).click()
    await page.waitForTimeout(400)
  } })
  await shot('first-run', '/welcome?another=1', { act: async (page) => {
    await page.getByLabel('What grows?').fill('12 tomatoes, a lemon, Hoya kerrii, lime, zzz plantius')
    await page.waitForTimeout(600)
  } })
  await shot('pantry', '/pantry')
  await shot('made-ahead', '/pantry?show=made')
  await shot('soap', '/soap', { act: async (page) => {
    await page.getByLabel('Purity on the label, %').fill('90')
    await page.getByLabel('Oil to leave over, %').fill('5')
    await page.waitForTimeout(500)
  } })
  await shot('label-reader', '/bottle', { act: async (page) => {
    await page.getByLabel('The list of contents').fill('Ingredienti: Aqua, Sodium Laureth Sulfate, Cocamidopropyl Betaine, Sodium Chloride, Citric Acid, Parfum, Limonene, Methylisothiazolinone. 5-15 % tensioattivi anionici, <5 % sapone')
    await page.waitForTimeout(700)
  } })
  await shot('leaves', '/garden', { act: async (page) => {
    await page.getByRole('link', { name: 'Leaves of Lemons by the door' }).click()
    await page.getByRole('button', { name: 'I have looked' }).click()
    await page.waitForTimeout(400)
  } })
  await shot('why', '/why', { act: async (page) => { await page.getByLabel('Look for').fill('soap'); await page.waitForTimeout(300) } })
  await shot('rounds', '/rounds', { from: 440, act: async (page) => {
    const mark = page.getByRole('button', { name: /^Oil and soap for scale, soft scale, round 3/ })
    for (let n = 0; n < 2; n++) await mark.press('ArrowRight')
    await page.waitForTimeout(500)
  } })
  await shot('notebook', '/notebook', { act: (page) => page.getByText('What was in it').first().click() })
  await shot('settings', '/settings')
} finally {
  await browser.close()
  for (const server of servers) process.kill(-server.pid, 'SIGTERM')
}
