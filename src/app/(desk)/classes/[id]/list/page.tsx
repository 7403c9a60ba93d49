import { meetings } from '@/core/plan'
import { numbersOf } from '@/core/vocabulary'
import { cueSheetOf } from '@/server/cueSheet'
import { getClass } from '@/server/repositories/classes'
import { planDays } from '@/server/repositories/planning'
import { callNames } from '@/server/roster'
import { kitListWords } from '@/ui/design/kitListWords'
import { seriesWords } from '@/ui/series/seriesWords'
import { ClassHead } from '@/ui/shell/ClassHead'
import { dayAndMonth, dayWords } from '@/ui/shell/days'
import { sentence } from '@/ui/shell/list'
import { named } from '../../../../named'

export const metadata = { title: 'Room list' }

/** So many days fit beside the names. */
const DAYS = 6

/** For the wall of the room: who is on the list, with days to tick, what to set out and where help is. Nothing of anybody's health stands on it. */
export default async function RoomListPage({ params, searchParams }: { params: Promise<{ id: string }>; searchParams: Promise<{ day?: string }> }) {
  const { db, studio, id, found: stored } = await named(params, getClass)
  const { day, plan, at, model, roster } = await cueSheetOf(db, studio, stored, (await searchParams).day)
  const { on } = await planDays(db, studio.id, stored)
  const days = [...new Set([day, ...meetings(stored, studio.settings.closed, day, DAYS)])].slice(0, DAYS)
  const names = callNames(roster.map(({ record }) => record)).toSorted((a, b) => a.localeCompare(b))
  const { house, venue, houseRules, instructor } = studio.settings
  const nameOf = (item: string) => model.items.find((one) => one.id === item)?.movement ?? item
  const { emergency } = numbersOf(studio.settings)
  return (
    <article className="flex flex-col gap-5 print:gap-2 print:text-[10.5pt]">
      <ClassHead classId={id} title={plan.title} prints>
        <p className="text-soft">
          {dayWords(day)}
          {stored.startTime ? `, ${stored.startTime}` : ''} · {house} · {instructor}
        </p>
        {at && <p>{sentence(seriesWords(at))}</p>}
      </ClassHead>
      {names.length === 0 ? (
        <p>Nobody is on the list yet.</p>
      ) : (
        <table className="w-full border-collapse">
          <thead>
            <tr className="text-left">
              <th className="py-1 pr-3 font-normal text-soft">
                {names.length} {names.length === 1 ? 'person' : 'people'}
              </th>
              {days.map((one) => {
                const place = on(one).at
                return (
                  <th key={one} className="w-20 py-1 text-center font-normal">
                    {dayAndMonth(one)}
                    {place && (
                      <span className="block text-[0.88rem] text-soft print:text-[8pt]">
                        {place.week} of {place.of}
                      </span>
                    )}
                  </th>
                )
              })}
            </tr>
          </thead>
          <tbody>
            {names.map((name) => (
              <tr key={name} className="break-inside-avoid border-t border-line">
                <th className="py-2 pr-3 text-left font-semibold print:py-0.5">{name}</th>
                {days.map((one) => (
                  <td key={one} className="text-center">
                    <span className="inline-block size-5 border border-ink print:size-[4.5mm]" aria-hidden="true" />
                  </td>
                ))}
              </tr>
            ))}
            {[1, 2].map((guest) => (
              <tr key={guest} className="border-t border-line">
                <th className="py-2 pr-3 text-left font-normal text-soft print:py-0.5">Guest:</th>
                {days.map((one) => (
                  <td key={one} className="text-center">
                    <span className="inline-block size-5 border border-ink print:size-[4.5mm]" aria-hidden="true" />
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {model.kit.length > 0 && (
        <p>
          <b>To set out:</b> {model.kit.map((need) => kitListWords(need, nameOf, houseRules.masses)).join('. ')}.
        </p>
      )}
      <p>
        <b>If somebody needs help:</b>{' '}
        {[`ring ${emergency}`, venue.defibrillator && `defibrillator: ${venue.defibrillator}`, venue.address].filter(Boolean).join(' · ')}
      </p>
    </article>
  )
}
