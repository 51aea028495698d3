// Reads a CSV file with papaparse and prints its records as JSON: parse-csv.mjs FILE DELIMITER
import { readFileSync } from 'node:fs'
import Papa from 'papaparse'

const [, , file, delimiter] = process.argv
const text = readFileSync(file, 'utf8').replace(/^\uFEFF/, '')
console.log(JSON.stringify(Papa.parse(text, { delimiter, skipEmptyLines: false }).data))
