// Whether a document is an HTTP archive of version 1.2, by the schema of the npm package har-schema. Reads JSON from standard input, writes JSON.
import { readFileSync } from 'node:fs'
import { createRequire } from 'node:module'
import Ajv from 'ajv'
import addFormats from 'ajv-formats'

const require = createRequire(import.meta.url)
const ajv = new Ajv({ strict: false, allErrors: true })
ajv.addMetaSchema(require('ajv/dist/refs/json-schema-draft-06.json'))
addFormats(ajv)
for (const schema of Object.values(require('har-schema'))) ajv.addSchema(schema)
const valid = ajv.validate('har.json#', JSON.parse(readFileSync(0, 'utf8')))
console.log(JSON.stringify({ valid, errors: (ajv.errors ?? []).map((e) => `${e.instancePath} ${e.message}`) }))
