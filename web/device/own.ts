import { shallowRef } from 'vue'

/** What the device itself says in the language of the app's words, by the English; nothing for English. */
export const words = shallowRef<Record<string, string>>({})

/** In which language, by its tag; the rules for its numbers are the browser's (Unicode CLDR). */
export const tongue = shallowRef('en')

/** A sentence of core/words/en.php, with its values. */
export function own(english: string, ...values: (string | number)[]): string {
  const said = words.value[english] ?? english
  if (!said.includes('{')) return said
  const worded = said.replace(CHOOSING, (_, n: string, wordings: string) => chosen(Number(values[Number(n)]), wordings))
  return worded.replace(VALUE, (_, n: string) => `${values[Number(n)] ?? ''}`)
}

const VALUE = /\{(\d)\}/g
const CHOOSING = /\{(\d), plural, ((?:\w+ \{[^{}]*\} ?)+)\}/g

function chosen(count: number, wordings: string): string {
  const by = Object.fromEntries([...wordings.matchAll(/(\w+) \{([^{}]*)\}/g)].map(([, key, text]) => [key, text]))
  return (by[new Intl.PluralRules(tongue.value).select(count)] ?? by.other ?? '').replace('#', `${count}`)
}

const speaks: { language?: string; under?: Promise<void> } = {}

/** The words of a language are there afterwards, or those that there were. */
export function speak(language = 'en'): Promise<void> {
  if (speaks.language === language) return speaks.under ?? Promise.resolve()
  speaks.language = language
  const learned = () => import('./words').then(({ learn }) => learn(language, put))
  return (speaks.under = language === 'en' ? Promise.resolve(put('en', {})) : learned().catch(() => undefined))
}

function put(language: string, said: Record<string, string>) {
  tongue.value = language
  words.value = said
}
