import { accented, pseudo } from '@/i18n/pseudo'
import { IntlMessageFormat } from 'intl-messageformat'
import { expect, it } from 'vitest'

const said = (text: string, values: Record<string, string | number>) => {
  const plain = new IntlMessageFormat(text, 'en', undefined, { ignoreTag: true })

  return new IntlMessageFormat(pseudo(plain.getAst()), 'en', undefined, { ignoreTag: true }).format(values)
}

it('has accents and is a third longer', () => {
  expect(accented('Spray it')).toBe('Šþŕáý íţ~~~')
  expect(accented('1,5 %')).toBe('1,5 %')
})

it('leaves what enters a sentence as it is', () => {
  expect(said('Mix {volume} of {recipe}', { volume: '2 L', recipe: 'Evening soap' })).toBe('Ɯíẋ~ 2 L óƒ~ Evening soap')
})

it('reaches into plurals and choices', () => {
  expect(said('{n, plural, one {# round} other {# rounds}}', { n: 1 })).toBe('1 ŕóúñđ~~')
  expect(said('{late, select, yes {late} other {}}', { late: 'yes' })).toBe('ļáţé~~')
})
