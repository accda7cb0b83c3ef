import type { IntlMessageFormat } from 'intl-messageformat'

type Ast = ReturnType<IntlMessageFormat['getAst']>

const LITERAL = 0
const ACCENTS: Record<string, string> = {
  a: 'á',
  b: 'ƀ',
  c: 'ç',
  d: 'đ',
  e: 'é',
  f: 'ƒ',
  g: 'ğ',
  h: 'ĥ',
  i: 'í',
  j: 'ĵ',
  k: 'ķ',
  l: 'ļ',
  m: 'ɱ',
  n: 'ñ',
  o: 'ó',
  p: 'þ',
  q: 'ɋ',
  r: 'ŕ',
  s: 'š',
  t: 'ţ',
  u: 'ú',
  v: 'ṽ',
  w: 'ŵ',
  x: 'ẋ',
  y: 'ý',
  z: 'ž',
  A: 'Á',
  B: 'Ɓ',
  C: 'Ç',
  D: 'Đ',
  E: 'É',
  F: 'Ƒ',
  G: 'Ğ',
  H: 'Ĥ',
  I: 'Í',
  J: 'Ĵ',
  K: 'Ķ',
  L: 'Ļ',
  M: 'Ɯ',
  N: 'Ñ',
  O: 'Ó',
  P: 'Þ',
  Q: 'Ɋ',
  R: 'Ŕ',
  S: 'Š',
  T: 'Ţ',
  U: 'Ú',
  V: 'Ṽ',
  W: 'Ŵ',
  X: 'Ẋ',
  Y: 'Ý',
  Z: 'Ž',
}
const LONGER = 1 / 3
/** As long as a word: a line may break between. */
const WORD = /~{1,6}/g

/** A text with accents and a third longer, as other languages are: what is cut off or left in English can be seen. */
export function accented(text: string): string {
  const letters = text.match(/[A-Za-z]/g)?.length ?? 0

  // Before the space at its end, which belongs to what comes next.
  return text
    .replace(/[A-Za-z]/g, (letter) => ACCENTS[letter] ?? letter)
    .replace(/\s*$/, (space) => ('~'.repeat(Math.ceil(letters * LONGER)).match(WORD) ?? []).join(' ') + space)
}

/** The same sentence with all that is said in it accented; what enters it stays. */
export function pseudo(ast: Ast): Ast {
  return ast.map((element) => {
    if (Number(element.type) === LITERAL && 'value' in element && typeof element.value === 'string')
      return { ...element, value: accented(element.value) }
    if ('options' in element) {
      return {
        ...element,
        options: Object.fromEntries(
          Object.entries(element.options).map(([name, option]) => [name, { ...option, value: pseudo(option.value) }]),
        ),
      }
    }

    return element
  })
}
