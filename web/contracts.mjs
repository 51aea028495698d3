// TypeScript types from the JSON Schemas in docs/. The schemas are the source; nothing here is written by hand.
import { mkdirSync, readFileSync, writeFileSync } from 'node:fs'
import { compile } from 'json-schema-to-typescript'

mkdirSync('web/contracts', { recursive: true })
for (const name of ['view', 'studio']) {
  const schema = JSON.parse(readFileSync(`docs/${name}.schema.json`, 'utf8'))
  delete schema.$id
  const types = await compile(schema, schema.title, { unreachableDefinitions: true, style: { semi: false, singleQuote: true } })
  writeFileSync(`web/contracts/${name}.ts`, types)
}
