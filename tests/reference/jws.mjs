// Reads what was signed, and signs it anew, with the npm package “jose”.
import { CompactSign, compactVerify, importPKCS8, importX509 } from 'jose'
import { readFileSync } from 'node:fs'
const given = JSON.parse(readFileSync(process.argv[2], 'utf8'))
const read = await compactVerify(given.signed, await importX509(given.leaf, 'ES256'), { algorithms: ['ES256'] })
const key = await importPKCS8(given.key, 'ES256')
const signed = await new CompactSign(read.payload).setProtectedHeader({ alg: 'ES256', x5c: given.chain }).sign(key)
process.stdout.write(JSON.stringify({ read: JSON.parse(new TextDecoder().decode(read.payload)), signed }))
