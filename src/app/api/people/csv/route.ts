import Papa from 'papaparse'
import { CSV_FIELDS, rowOf } from '@/core/formats'
import { listClients } from '@/server/repositories/clients'
import { here } from '@/server/studio'

/** Everybody as a spreadsheet, in the columns that the import reads. */
export async function GET() {
  const { db, studio } = await here()
  const people = await listClients(db, studio.id)
  // the mark tells spreadsheets that it is UTF-8
  const text = `\ufeff${Papa.unparse({ fields: [...CSV_FIELDS], data: people.map(({ record }) => rowOf(record)) })}`
  return new Response(text, {
    headers: { 'content-type': 'text/csv; charset=utf-8', 'content-disposition': 'attachment; filename="people.csv"', 'cache-control': 'no-store' },
  })
}
