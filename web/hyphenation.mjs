// Writes core/hyphenation/*.php: where words of a language may be divided, as Liang's patterns ("Word Hy-phen-a-tion by Com-put-er",
// 1983) and words that go by none. Run it again when the package of the patterns changes: node web/hyphenation.mjs
import { mkdirSync, writeFileSync } from 'node:fs'
import { createRequire } from 'node:module'

const load = createRequire(import.meta.url)
const LANGUAGES = {
  cs: 'cs', da: 'da', de: 'de-1996', el: 'el-monoton', en: 'en-us', es: 'es', fi: 'fi', fr: 'fr', hr: 'hr', it: 'it', nb: 'nb',
  nl: 'nl', pl: 'pl', pt: 'pt', ro: 'ro', ru: 'ru', sk: 'sk', sl: 'sl', sv: 'sv', tr: 'tr', uk: 'uk',
}

/** The trie of the package as pairs of letters and the levels before, between and behind them. */
function* patterns(node, levels, path = '') {
  const whole = typeof node === 'number' ? [{}, node] : [node, -1]
  const [below, own] = Array.isArray(node) ? node : whole
  if (own >= 0) yield [path, levels[own].join('')]
  for (const [letter, next] of Object.entries(below)) yield* patterns(next, levels, path + letter)
}

const quoted = (text) => `'${text.replace(/[\\']/g, '\\$&')}'`
const map = (pairs) => pairs.map(([key, value]) => `${quoted(key)}=>${quoted(value)}`).join(',')

/** By their first letters, which need not be written each time. */
function grouped(pairs) {
  const groups = {}
  for (const [key, value] of pairs) (groups[key[0]] ??= []).push([key, value])
  const rest = (all) => map(all.map(([key, value]) => [key.slice(1), value]))
  return Object.entries(groups)
    .map(([first, all]) => `${quoted(first)}=>[${rest(all)}]`)
    .join(',\n')
}

mkdirSync('core/hyphenation', { recursive: true })
for (const [tag, name] of Object.entries(LANGUAGES)) {
  const [levels, trie, exceptions] = load(`hyphen/patterns/${name}.js`)
  const words = Object.entries(typeof exceptions === 'string' ? JSON.parse(exceptions) : (exceptions ?? {}))
  const divided = (word, at) => [...at, word.length].map((place, i) => word.slice(at[i - 1] ?? 0, place)).join('-')
  const whole = words.map(([word, at]) => [word, divided(word, at)])
  const known = `'patterns'=>[${grouped([...patterns(trie, levels)])}],\n'words'=>[${map(whole)}]`
  writeFileSync(`core/hyphenation/${tag}.php`, `<?php\n\n// Written by web/hyphenation.mjs; not by hand.\nreturn [${known}];\n`)
}
