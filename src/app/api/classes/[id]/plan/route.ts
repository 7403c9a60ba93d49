import Papa from 'papaparse'
import { cueSheetOf } from '@/server/cueSheet'
import { getClass } from '@/server/repositories/classes'
import { withId } from '../../../answers'

const HEAD = [
  'At',
  'Part',
  'Block',
  'Movement',
  'Version',
  'Dose',
  'Seconds',
  'Announce',
  'Stand',
  'Stance',
  'Grip',
  'Say',
  'Breath',
  'Feel',
  'Good for',
  'Watch for',
  'Count',
  'House',
  'Levels',
  'Gentler',
  'Harder',
]

/** The plan of a class as a spreadsheet, a line an item. */
export const GET = (request: Request, { params }: { params: Promise<{ id: string }> }) =>
  withId(params, 'a class', async ({ db, studio, id }) => {
    const stored = await getClass(db, studio.id, id)
    const { lines } = await cueSheetOf(db, studio, stored, new URL(request.url).searchParams.get('day') ?? undefined)
    const data = lines.map((line) => [
      line.at,
      line.part,
      line.block,
      line.movement,
      line.version,
      line.dose,
      line.seconds,
      line.announce,
      line.stand,
      line.stance,
      line.grip,
      line.say,
      line.breath,
      line.feel,
      line.serves,
      line.watch,
      line.count,
      line.house.join(' '),
      line.levels.join('; '),
      line.gentler,
      line.harder,
    ])
    // a title that begins like a formula stays a title; the mark tells spreadsheets that it is UTF-8
    const text = `\ufeff${Papa.unparse({ fields: HEAD, data }, { escapeFormulae: true })}`
    return new Response(text, {
      headers: { 'content-type': 'text/csv; charset=utf-8', 'content-disposition': 'attachment; filename="plan.csv"', 'cache-control': 'no-store' },
    })
  })
