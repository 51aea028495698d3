import Papa from 'papaparse'

/** Cells as spreadsheets copy them: tabs between, quotes around what holds tabs, quotes or lines. */
const SHEET = { delimiter: '\t', newline: '\n' as const }

export const cellsIn = (text: string): string[][] => Papa.parse<string[]>(text.replace(/\r\n?/g, '\n').replace(/\n$/, ''), SHEET).data

export const cellsOut = (cells: string[][]): string => Papa.unparse(cells, SHEET)
