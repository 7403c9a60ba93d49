import { expect, test } from 'vitest'
import { MOST_ROWS } from '@/core/formats/peopleCsv'
import { readTable } from './readTable'

const utf8 = (text: string) => new TextEncoder().encode(text).buffer as ArrayBuffer
/** Every letter below U+0100 is one byte of the same number. */
const latin = (text: string) => Uint8Array.from(text, (letter) => letter.charCodeAt(0)).buffer

test('accents come through in either encoding, with and without a byte order mark', () => {
  const table = { header: ['Name'], rows: [{ line: 2, cells: ['Zoë'] }] }
  expect(readTable(utf8('Name\nZoë'))).toEqual({ ...table, encoding: 'UTF-8' })
  expect(readTable(utf8('\ufeffName\nZoë'))).toEqual({ ...table, encoding: 'UTF-8' })
  expect(readTable(latin('Name\nZoë'))).toEqual({ ...table, encoding: 'Windows-1252' })
})
test('lines are those of the file: blank ones and breaks inside quotation marks count', () => {
  const read = readTable(utf8('Name,Note\r\n\r\nAda,"one\r\ntwo"\r\n,\r\nBo,x\r\n'))
  expect(read).toMatchObject({
    rows: [
      { line: 3, cells: ['Ada', 'one\r\ntwo'] },
      { line: 6, cells: ['Bo', 'x'] },
    ],
  })
})
test.each([
  ['an open quotation mark', 'Name,Note\nAda,x\nBo,"never closed\nCy,y', /Line 3 .*quotation mark/],
  ['nothing under the header', 'Name\n', /no rows/],
  ['a spreadsheet that is no CSV', 'PK\0\0', /not a CSV/],
  ['more than fit', `Name\n${'Ada\n'.repeat(MOST_ROWS + 1)}`, /301 rows; 300 fit/],
])('%s is refused whole, in words', (_what, text, why) => {
  expect(readTable(utf8(text))).toEqual({ refused: expect.stringMatching(why) })
})
test('semicolons between cells are seen', () => {
  expect(readTable(utf8('Vorname;Geburtsdatum\nAda;1.2.1950'))).toMatchObject({
    header: ['Vorname', 'Geburtsdatum'],
    rows: [{ cells: ['Ada', '1.2.1950'] }],
  })
})
