import Papa from 'papaparse'
import { type CsvLine, MOST_ROWS } from '@/core/formats/peopleCsv'

export interface Table {
  header: readonly string[]
  rows: CsvLine[]
  /** as it was read, for the eye to check accents by */
  encoding: 'UTF-8' | 'Windows-1252'
}

function textOf(bytes: ArrayBuffer): Pick<Table, 'encoding'> & { text: string } {
  try {
    return { text: new TextDecoder('utf-8', { fatal: true }).decode(bytes), encoding: 'UTF-8' }
  } catch {
    // what is not the one is the other wherever spreadsheets come from
    return { text: new TextDecoder('windows-1252').decode(bytes), encoding: 'Windows-1252' }
  }
}

const lineBreaks = (text: string) => text.split(/\r\n|\r|\n/).length - 1

/** A file as header and rows with their true lines, or why it cannot be taken; then nothing of it is. */
export function readTable(bytes: ArrayBuffer): Table | { refused: string } {
  const { text, encoding } = textOf(bytes)
  if (text.includes('\0')) return { refused: 'This is not a CSV file. In the spreadsheet, save it as CSV first.' }
  const lines: CsvLine[] = []
  let open: number | undefined
  let start = 0
  let line = 1
  Papa.parse<string[]>(text, {
    step: ({ data, errors, meta }) => {
      if (errors.some(({ type }) => type === 'Quotes')) open ??= line
      if (data.some((cell) => cell.trim() !== '')) lines.push({ line, cells: data })
      line += lineBreaks(text.slice(start, meta.cursor))
      start = meta.cursor
    },
  })
  if (open !== undefined)
    return { refused: `Line ${open} has a quotation mark that is opened and not closed, or closed too early. Mend it and choose the file again.` }
  const [header, ...rows] = lines
  if (!header || rows.length === 0) return { refused: 'This file has no rows under a header.' }
  if (rows.length > MOST_ROWS)
    return { refused: `This file has ${rows.length} rows; ${MOST_ROWS} fit in one import. Split it, and import the parts one after the other.` }
  return { header: header.cells, rows, encoding }
}
