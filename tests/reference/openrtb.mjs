// Requests and answers held against the types of OpenRTB 2.6 of the npm package “iab-openrtb”, by the compiler of TypeScript: what a type does not know is a
// mistake. On the input both lists; on the output what is wrong.
import ts from 'typescript'
let read = ''
for await (const part of process.stdin) read += part
const { requests, responses } = JSON.parse(read)
const name = `${process.cwd()}/tests/reference/openrtb.check.ts`
const said = (type, list) => list.map((one, i) => `const ${type.toLowerCase()}${i}: ${type} = ${JSON.stringify(one)}`).join('\n')
const text = `import type { BidRequest, BidResponse } from 'iab-openrtb/v26'\n${said('BidRequest', requests)}\n${said('BidResponse', responses)}\nexport {}\n`
const { ScriptTarget, ModuleKind, ModuleResolutionKind } = ts
const modules = { module: ModuleKind.ESNext, moduleResolution: ModuleResolutionKind.Bundler }
const options = { strict: true, noEmit: true, skipLibCheck: true, target: ScriptTarget.ES2022, ...modules }
const host = ts.createCompilerHost(options)
const { getSourceFile, fileExists } = host
host.fileExists = (file) => file === name || fileExists.call(host, file)
host.getSourceFile = (file, version) => (file === name ? ts.createSourceFile(file, text, version) : getSourceFile.call(host, file, version))
const program = ts.createProgram([name], options, host)
const wrong = ts.getPreEmitDiagnostics(program).map((one) => ts.flattenDiagnosticMessageText(one.messageText, ' '))
process.stdout.write(JSON.stringify(wrong))
