import { pseudo } from './pseudo'
import { IntlMessageFormat } from 'intl-messageformat'
import { shallowRef } from 'vue'
import { createI18n, type MessageContext } from 'vue-i18n'

/** A tree of sentences: view, part, sentence. */
type Sentences = { [key: string]: string | Sentences }

/** Where the language is kept that is tried out instead of the garden's own. */
export const TRIED = 'nebbia.language'
export const PSEUDO = 'pseudo'

const locale = 'en'
const files = import.meta.glob<Sentences>('../../../messages/en/screens/*.json', { eager: true, import: 'default' })
const messages = { [locale]: Object.assign({}, ...Object.values(files)) as Sentences }
export const isPseudo = localStorage.getItem(TRIED) === PSEUDO

/** Sentences are written in ICU MessageFormat here as they are in core. */
export const i18n = createI18n({
  legacy: false,
  locale,
  messages,
  messageCompiler: (message, { key }) => {
    if (typeof message !== 'string') throw new Error(`The sentence ${key} is no text.`)
    const plain = new IntlMessageFormat(message, locale, undefined, { ignoreTag: true })
    const said = isPseudo ? new IntlMessageFormat(pseudo(plain.getAst()), locale, undefined, { ignoreTag: true }) : plain

    return (context: MessageContext) => String(said.format((context as { values?: Record<string, string | number> }).values))
  },
})

/** Whose units examples are written in; every sentence may choose by {units}. */
export const householdUnits = shallowRef('metric')

/**
 * Says a sentence of messages/en/screens. What is not known is said as nothing.
 *
 * @param key view.part.sentence
 */
export function t(key: string, params: Record<string, string | number | boolean | null | undefined> = {}): string {
  const values = Object.fromEntries(
    Object.entries({ units: householdUnits.value, ...params }).map(([name, value]) => [name, typeof value === 'number' ? value : String(value ?? '')]),
  )

  return i18n.global.t(key, values)
}
