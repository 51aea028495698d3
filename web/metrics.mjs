// Writes core/fonts/*.php: how wide each character of the shipped face is, and how much pairs of them move together. Run it again
// when the face or the weights that web/device uses change: node web/metrics.mjs
import * as hb from 'harfbuzzjs'
import { readFileSync, writeFileSync } from 'node:fs'
import wawoff2 from 'wawoff2'

const FOLDER = 'node_modules/@fontsource-variable/hanken-grotesk/files/hanken-grotesk'
const WEIGHTS = [400, 550, 600, 650, 680, 700]
const PAIRED = [...Array.from({ length: 95 }, (_, i) => String.fromCharCode(32 + i)), ...'’‘“”–—…·€°£©éèàáäöüåøñçßÄÖÜÅØÉ']

async function face(subset) {
  const bytes = await wawoff2.decompress(readFileSync(`${FOLDER}-${subset}-wght-normal.woff2`))
  return new hb.Face(new hb.Blob(bytes.buffer.slice(bytes.byteOffset, bytes.byteOffset + bytes.byteLength)))
}

function width(font, text) {
  const buffer = new hb.Buffer()
  buffer.addText(text)
  buffer.guessSegmentProperties()
  hb.shape(font, buffer)
  const known = buffer.getGlyphInfos().every((glyph) => glyph.codepoint !== 0)
  return known ? buffer.getGlyphPositions().reduce((sum, at) => sum + at.xAdvance, 0) : null
}

const faces = [await face('latin'), await face('latin-ext')]
const lines = []
for (const weight of WEIGHTS) {
  const advances = {}
  const kerns = {}
  for (const [i, one] of faces.entries()) {
    const font = new hb.Font(one)
    font.setVariations([new hb.Variation('wght', weight)])
    for (let code = 32; code < 0x2300; code++) {
      const text = String.fromCodePoint(code)
      if (/\p{M}|\p{Cc}|\p{Cs}/u.test(text)) continue
      const found = width(font, text)
      if (found !== null) advances[code] ??= found
    }
    if (i > 0) continue
    for (const a of PAIRED)
      for (const b of PAIRED) {
        const both = width(font, a + b)
        const kern = both === null ? 0 : both - advances[a.codePointAt(0)] - advances[b.codePointAt(0)]
        if (kern) kerns[a + b] = kern
      }
  }
  const quote = (text) => `'${text.replaceAll('\\', '\\\\').replaceAll("'", "\\'")}'`
  const rows = (entries, perLine) => entries.map((entry, i) => (i % perLine ? ' ' : '\n        ') + entry + ',').join('')
  lines.push(
    `    ${weight} => ['advances' => [${rows(
      Object.entries(advances).map(([code, wide]) => `${code} => ${wide}`),
      400,
    )}\n    ], 'pairs' => [${rows(
      Object.entries(kerns).map(([pair, move]) => `${quote(pair)} => ${move}`),
      400,
    )}\n    ]],`,
  )
  console.log(weight, Object.keys(advances).length, 'characters', Object.keys(kerns).length, 'pairs')
}
writeFileSync(
  'core/fonts/hanken-grotesk.php',
  `<?php

// Made by web/metrics.mjs from the shipped face with HarfBuzz. Units: thousandths of the font size.

return [
${lines.join('\n')}
];
`,
)
