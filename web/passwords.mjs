// Writes core/passwords/common.php: the passwords that people choose most, in small letters, of at least eight characters (shorter
// ones are never taken), each as the first ten digits of its SHA-1, in order, so that nobody has to read them. Run it again when
// @zxcvbn-ts/language-common changes: node web/passwords.mjs
import { createHash } from 'node:crypto'
import { createRequire } from 'node:module'
import { mkdirSync, writeFileSync } from 'node:fs'

const { dictionary } = createRequire(import.meta.url)('@zxcvbn-ts/language-common')
const found = new Set()
for (const list of Object.values(dictionary))
  for (const word of Array.isArray(list) ? list : [])
    if (String(word).length >= 8) found.add(createHash('sha1').update(String(word).toLowerCase()).digest('hex').slice(0, 10))
const lines = [...found]
  .sort()
  .join('')
  .match(/.{1,2000}/g)
mkdirSync('core/passwords', { recursive: true })
writeFileSync('core/passwords/common.php', `<?php\n\ndeclare(strict_types=1);\n\nreturn str_replace("\\n", '', <<<'LIST'\n${lines.join('\n')}\nLIST);\n`)
console.log(`${found.size} passwords`)
