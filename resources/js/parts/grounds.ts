import { t } from '@/i18n'

const WORDS: Record<string, string> = {
  definition: t('parts.grounds.definition'),
  'physical constant': t('parts.grounds.physical-constant'),
  'established guidance': t('parts.grounds.established-guidance'),
  practice: t('parts.grounds.practice'),
  'own trial': t('parts.grounds.own-trial'),
  high: t('parts.grounds.high'),
  medium: t('parts.grounds.medium'),
  low: t('parts.grounds.low'),
}

/** What kind of source something rests on, or how sure it is, in words. */
export const inWords = (word: string | null): string => (word === null ? '' : (WORDS[word] ?? word))
