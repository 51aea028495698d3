// Whether a document is one of OpenAPI 3.1, by the schema of the specification. Reads JSON from standard input, writes JSON.
import { readFileSync } from 'node:fs'
import { Validator } from '@seriousme/openapi-schema-validator'

const validator = new Validator()
const { valid, errors } = await validator.validate(JSON.parse(readFileSync(0, 'utf8')))
console.log(JSON.stringify({ valid, version: validator.version, errors }))
