import Link from 'next/link'
import { clock } from '@/core/timing'
import { cueSheetOf } from '@/server/cueSheet'
import { getClass } from '@/server/repositories/classes'
import { kitListWords } from '@/ui/design/kitListWords'
import { seriesWords } from '@/ui/series/seriesWords'
import { dayWords } from '@/ui/shell/days'
import { PrintButton } from '@/ui/shell/PrintButton'
import { named } from '../../../../named'
import { CueRow } from './CueRow'

export const metadata = { title: 'Cue sheet' }

/** The plan to take along: what comes when, what to say, a step gentler and harder. No name stands on it. */
export default async function CueSheetPage({ params, searchParams }: { params: Promise<{ id: string }>; searchParams: Promise<{ day?: string }> }) {
  const { db, studio, id, found } = await named(params, getClass)
  const { day, plan, at, model, lines } = await cueSheetOf(db, studio, found, (await searchParams).day)
  const nameOf = (item: string) => model.items.find(({ id: one }) => one === item)?.movement ?? item
  /** What the house says of many movements is said once. */
  const isFirst = (words: string, at: number) => lines.findIndex(({ house }) => house.includes(words)) === at
  return (
    <>
      <div className="mb-3 flex print:mb-1 flex-wrap items-end justify-between gap-x-6 gap-y-2">
        <div>
          <h1>{plan.title}</h1>
          <p className="text-soft print:text-[8pt]">
            {dayWords(day)}
            {found.startTime ? `, ${found.startTime}` : ''} · {clock(model.timeline.totalSeconds)} of {plan.promisedMinutes}:00
            {at && ` · ${seriesWords(at)}`}
          </p>
          {model.kit.length > 0 && (
            <p className="print:text-[8pt]">
              To set out: {model.kit.map((need) => kitListWords(need, nameOf, studio.settings.houseRules.masses)).join('. ')}.
            </p>
          )}
        </div>
        <div className="flex flex-wrap gap-3 print:hidden">
          <PrintButton />
          <Link className="quiet" href={`/classes/${id}/cards?day=${day}`}>
            As cards
          </Link>
          <Link className="quiet" href={`/classes/${id}/list?day=${day}`}>
            Room list
          </Link>
          <a className="quiet" href={`/api/classes/${id}/plan?day=${day}`}>
            As a spreadsheet
          </a>
        </div>
      </div>
      <div className="sm:overflow-x-auto">
        <table className="max-sm:block w-full border-collapse text-[0.94rem] leading-snug print:text-[6.6pt] print:leading-tight">
          <thead className="max-sm:hidden">
            <tr className="text-left text-soft">
              <th className="w-14 py-1 pr-2 font-normal print:w-[1.8rem]">At</th>
              <th className="w-60 py-1 pr-3 font-normal print:w-[10.2rem]">Movement</th>
              <th className="w-52 py-1 pr-3 font-normal print:w-[6.9rem]">You and they</th>
              <th className="py-1 pr-3 font-normal">Say</th>
              <th className="w-60 py-1 font-normal print:w-[8.2rem]">Feel and watch for</th>
            </tr>
          </thead>
          <tbody className="max-sm:block">
            {lines.map((line, index) => (
              <CueRow key={`${line.at} ${index}`} line={line} before={lines[index - 1]} house={line.house.filter((words) => isFirst(words, index))} />
            ))}
          </tbody>
        </table>
      </div>
      <p className="mt-4 text-[0.94rem] text-soft print:mt-1 print:text-[7pt]">
        Times are estimates, with the rests and pauses of the people on the roster. Who does which version stands on the screen, not on paper. What a
        person’s own clinician says, local rules and the emergency plan of the house come first.
      </p>
    </>
  )
}
