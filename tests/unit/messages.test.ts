import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { IntlMessageFormat } from 'intl-messageformat'
import { describe, expect, it } from 'vitest'

type Tree = { [key: string]: string | Tree }

function flat(tree: Tree, head = ''): Map<string, string> {
  const all = new Map<string, string>()
  for (const [key, value] of Object.entries(tree)) {
    if (typeof value === 'string') all.set(head + key, value)
    else for (const [inner, text] of flat(value, `${head}${key}.`)) all.set(inner, text)
  }

  return all
}

function filesIn(folder: string): string[] {
  return readdirSync(folder, { withFileTypes: true }).flatMap((one) =>
    one.isDirectory() ? filesIn(join(folder, one.name)) : [join(folder, one.name)],
  )
}

const languages = readdirSync('messages')
const sentences = (language: string) =>
  new Map(
    readdirSync(`messages/${language}/screens`).flatMap((file) => [
      ...flat(JSON.parse(readFileSync(`messages/${language}/screens/${file}`, 'utf8')) as Tree),
    ]),
  )
const english = sentences('en')

/** Kinds of parts that name nothing. */
const [LITERAL, POUND] = [0, 7]

/** Names of what enters a sentence. */
function params(text: string): string[] {
  const found = new Set<string>()
  const walk = (elements: ReturnType<IntlMessageFormat['getAst']>): void => {
    for (const one of elements) {
      if (![LITERAL, POUND].includes(Number(one.type)) && 'value' in one && typeof one.value === 'string') found.add(one.value)
      if ('options' in one) for (const option of Object.values(one.options)) walk(option.value)
    }
  }
  walk(new IntlMessageFormat(text, 'en', undefined, { ignoreTag: true }).getAst())

  return [...found].sort()
}

/** What follows a key up to the bracket that closes the call. */
function argumentsAt(code: string, from: number): string {
  let depth = 1
  let at = from
  for (; at < code.length && depth > 0; at++) {
    if ('({['.includes(code[at]!)) depth++
    if (')}]'.includes(code[at]!)) depth--
  }

  return code.slice(from, at - 1)
}

/** Names of an object literal, whatever stands in it. */
function namesOf(literal: string): string[] {
  const names: string[] = []
  let depth = 0
  let part = ''
  for (const letter of `${literal.trim().replace(/^\{|\}$/g, '')},`) {
    if ('({['.includes(letter)) depth++
    if (')}]'.includes(letter)) depth--
    if (letter === ',' && depth === 0) {
      const name = /^\s*(\w+)/.exec(part)?.[1]
      if (name !== undefined) names.push(name)
      part = ''
    } else part += letter
  }

  return names
}

const said = filesIn('resources/js')
  .filter((file) => /\.(vue|ts)$/.test(file) && !file.includes('schema.d.ts'))
  .flatMap((file) => {
    const code = readFileSync(file, 'utf8')

    return [...code.matchAll(/\bt\('([a-z0-9-]+\.[a-z0-9-]+\.[a-z0-9-]+)'/g)].map((one) => {
      const rest = argumentsAt(code, one.index + one[0].length)

      return { file, key: one[1]!, given: rest.trimStart().startsWith(',') ? namesOf(rest.trimStart().slice(1)) : [] }
    })
  })

describe('the sentences of the screens', () => {
  it('are there for every key that is said, with what enters them', () => {
    expect(said.length).toBeGreaterThan(1000)
    const faults = said.filter(({ key, given }) => {
      const text = english.get(key)

      // Every sentence may choose by the household's units.
      return text === undefined || params(text).some((name) => name !== 'units' && !given.includes(name))
    })
    expect(faults).toEqual([])
  })

  it('are all said somewhere', () => {
    const keys = new Set(said.map((one) => one.key))
    expect([...english.keys()].filter((key) => !keys.has(key))).toEqual([])
  })

  it('can all be said', () => {
    const unsayable = [...english].filter(([, text]) => {
      try {
        new IntlMessageFormat(text, 'en', undefined, { ignoreTag: true })

        return false
      } catch {
        return true
      }
    })
    expect(unsayable).toEqual([])
  })

  it.each(languages)('are the same in %s as in English, with the same parameters', (language) => {
    const own = sentences(language)
    expect([...own.keys()].sort()).toEqual([...english.keys()].sort())
    for (const [key, text] of own) expect(params(text), key).toEqual(params(english.get(key)!))
  })
})
