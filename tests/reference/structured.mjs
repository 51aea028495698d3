// What a page says of itself to others: Open Graph read by the npm package “open-graph-scraper”, and JSON-LD held against the vocabulary of schema.org
// as the npm package “schema-dts” has it: as types, by which the TypeScript compiler refuses what is no type, no property of it, or no value for it.
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import scraper from 'open-graph-scraper'
import ts from 'typescript'

let pages = ''
for await (const part of process.stdin) pages += part
pages = JSON.parse(pages)

const things = (html) => [...html.matchAll(/<script type="application\/ld\+json">([\s\S]*?)<\/script>/g)].map(([, json]) => JSON.parse(json))
const folder = mkdtempSync(join(process.cwd(), 'node_modules', '.structured-'))
const told = []
try {
  for (const [i, html] of pages.entries()) {
    const found = things(html)
    const graph = html.includes('og:title') ? (await scraper({ html, onlyGetOpenGraphInfo: true })).result : {}
    const uses = found.map((one, n) => `export const thing${n}: WithContext<${/^\w+$/.test(one['@type']) ? one['@type'] : 'never'}> = ${JSON.stringify(one)}`)
    const types = [...new Set(found.map((one) => one['@type']))].filter((type) => /^\w+$/.test(type))
    const file = join(folder, `page${i}.ts`)
    writeFileSync(file, `import type { ${['WithContext', ...types].join(', ')} } from 'schema-dts'\n${uses.join('\n')}\n`)
    told.push({ graph, things: found, file })
  }
  const options = { noEmit: true, strict: true, module: ts.ModuleKind.ESNext, moduleResolution: ts.ModuleResolutionKind.Bundler, skipLibCheck: true, types: [] }
  const program = ts.createProgram(told.map(({ file }) => file), options)
  for (const one of told) {
    const source = program.getSourceFile(one.file)
    const wrong = [...program.getSyntacticDiagnostics(source), ...program.getSemanticDiagnostics(source)]
    one.wrong = wrong.map(({ messageText }) => ts.flattenDiagnosticMessageText(messageText, ' '))
    delete one.file
  }
} finally {
  rmSync(folder, { recursive: true })
}
process.stdout.write(JSON.stringify(told))
