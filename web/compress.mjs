// Beside each built script and style lies the same compressed, for browsers that take it so (RFC 9110, 8.4.1).
import { readdir, readFile, writeFile } from 'node:fs/promises'
import { join } from 'node:path'
import { promisify } from 'node:util'
import { brotliCompress, gzip } from 'node:zlib'

const [gz, br] = [promisify(gzip), promisify(brotliCompress)]

for (const bundle of ['device', 'studio']) {
  const folder = `public/build/${bundle}/assets`
  const files = (await readdir(folder)).filter((name) => /\.(js|css)$/.test(name))
  await Promise.all(
    files.map(async (name) => {
      const bytes = await readFile(join(folder, name))
      await writeFile(join(folder, `${name}.gz`), await gz(bytes, { level: 9 }))
      await writeFile(join(folder, `${name}.br`), await br(bytes))
    }),
  )
}
