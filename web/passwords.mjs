// Writes core/passwords/common.php: passwords that people choose most, in small letters, of at least eight characters (shorter
// ones are never taken). Run it again when @zxcvbn-ts/language-common changes: node web/passwords.mjs
import { createRequire } from 'node:module'
import { mkdirSync, writeFileSync } from 'node:fs'

const { dictionary } = createRequire(import.meta.url)('@zxcvbn-ts/language-common')
const found = new Set()
for (const list of Object.values(dictionary)) for (const word of Array.isArray(list) ? list : []) if (String(word).length >= 8) found.add(String(word).toLowerCase())
mkdirSync('core/passwords', { recursive: true })
writeFileSync('core/passwords/common.php', `<?php\n\nreturn <<<'LIST'\n${[...found].sort().join('\n')}\nLIST;\n`)
console.log(`${found.size} passwords`)
