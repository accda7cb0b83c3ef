import { readdirSync, readFileSync } from 'node:fs'
import { expect, it } from 'vitest'

const tokens = readFileSync('resources/js/tokens.css', 'utf8')
const styles = [...readdirSync('resources/js', { recursive: true, encoding: 'utf8' }).filter((file) => file.endsWith('.vue')), 'styles.css']
  .map((file) => `resources/js/${file}`)
  .map((file) => {
    const text = readFileSync(file, 'utf8')
    return {
      file,
      css: file.endsWith('.vue') ? [...text.matchAll(/<style[^>]*>([\s\S]*?)<\/style>/g)].map((one) => one[1]).join('\n') : text,
    }
  })

it('a space, a radius or the size of letters is a token; a hairline may be a pixel', () => {
  const own = styles.flatMap(({ file, css }) =>
    [...css.matchAll(/(?<![\w-])((?:row-|column-)?gap|(?:padding|margin)(?:-\w+)*|border-radius|font-size|font): ([^;{}]+);/g)]
      .filter(([, , value]) => value !== undefined && !/clamp|calc/.test(value) && /(?<![\w.-])(?!1px)\d+px/.test(value))
      .map(([rule]) => `${file}: ${rule}`),
  )
  expect(own).toEqual([])
})

it('every token is there, and every one is used', () => {
  const made = new Set([...tokens.matchAll(/(--[\w-]+):/g)].map((one) => one[1]))
  const used = new Set(
    styles.flatMap(({ css }) =>
      [...css.matchAll(/var\((--(?:space|radius|text)-[\w]+|--finger|--tick|--mark|--under-bar|--title|--plain)\)/g)].map((one) => one[1]),
    ),
  )
  expect([...used].filter((name) => !made.has(name))).toEqual([])
  expect([...made].filter((name) => !used.has(name))).toEqual([])
})
