// Writes the same rows as .xlsx and .ods with another library: write-sheets.mjs FOLDER < JSON {sheet: [[cell, ...], ...]}; {"d": ISO} is a date.
import { readFileSync } from 'node:fs'
import * as fs from 'node:fs'
import * as XLSX from 'xlsx'

XLSX.set_fs?.(fs)
const [, , folder] = process.argv
const sheets = JSON.parse(readFileSync(0, 'utf8'))
const book = XLSX.utils.book_new()
for (const [name, rows] of Object.entries(sheets)) {
  const cells = rows.map((row) => row.map((cell) => (cell !== null && typeof cell === 'object' ? new Date(cell.d) : cell)))
  XLSX.utils.book_append_sheet(book, XLSX.utils.aoa_to_sheet(cells, { cellDates: true, UTC: true }), name)
}
for (const kind of ['xlsx', 'ods', 'xls']) {
  const options = { bookType: kind, type: 'buffer', cellDates: true, bookSST: kind === 'xlsx' }
  fs.writeFileSync(`${folder}/book.${kind}`, XLSX.write(book, options))
}
