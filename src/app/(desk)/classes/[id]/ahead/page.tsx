import Link from 'next/link'
import type { Day } from '@/core/vocabulary'
import { weeksAhead } from '@/server/ahead'
import { studioLibrary } from '@/server/library'
import { getClass, rosterOf } from '@/server/repositories/classes'
import { calledOf } from '@/server/roster'
import { conditionName } from '@/server/ruleBase'
import { today } from '@/server/studio'
import { TurnLine } from '@/ui/progress/TurnLine'
import { ClassHead } from '@/ui/shell/ClassHead'
import { shortDay } from '@/ui/shell/days'
import { list } from '@/ui/shell/list'
import { named } from '../../../../named'

export const metadata = { title: 'The weeks ahead' }

/** Days on which something turns, each by itself, and those in between together; the first stands alone. */
function stretchesOf(days: readonly Day[], turns: (day: Day) => boolean): { from: Day; to: Day; quiet: boolean }[] {
  const found: { from: Day; to: Day; quiet: boolean }[] = []
  for (const [at, day] of days.entries()) {
    const last = found.at(-1)
    const quiet = at > 0 && !turns(day)
    if (quiet && last?.quiet) last.to = day
    else found.push({ from: day, to: day, quiet })
  }
  return found
}

/** The same plan with the same people on every day of the coming weeks: from when on it is otherwise for whom, and why. */
export default async function AheadPage({ params }: { params: Promise<{ id: string }> }) {
  const { db, studio, id, found: stored } = await named(params, getClass)
  const [roster, shelf] = await Promise.all([rosterOf(db, studio.id, id), studioLibrary(db, studio.id)])
  const { days, turns, due, closed } = await weeksAhead(db, studio, shelf, { stored, roster }, today(studio))
  const nameOf = calledOf(roster)
  const on = (day: Day) => (turns ?? []).filter((turn) => turn.day === day)
  return (
    <div className="flex flex-col gap-5">
      <ClassHead classId={id} title={`${stored.plan.title}: the weeks ahead`} prints>
        <p className="mt-1 max-w-prose text-soft">
          The plan as it stands, judged for everybody on each of its days in the next twelve weeks, and to the end of its series where that is later.
          Only the calendar moves: it is taken that all come every time, that health questions are answered again when they are due, and as before,
          and that nothing else is said.
        </p>
      </ClassHead>
      {days.length < 2 && <p>There are no two days to compare yet: give the class a weekday, or days of its own.</p>}
      {turns === null && <p className="border-l-4 border-effort pl-3">This plan cannot be judged. Open it and change what is named there.</p>}
      {turns !== null && days.length > 1 && (
        <ol>
          {stretchesOf(days, (day) => on(day).length > 0 || due.some((one) => one.day === day)).map(({ from, to, quiet }, at) => (
            <li key={from} className="grid gap-x-8 gap-y-1 border-t border-line py-3 sm:grid-cols-[17rem_1fr]">
              <div>
                <Link href={`/classes/${id}?day=${from}`} className="font-semibold">
                  {shortDay(from)}
                </Link>
                {to !== from && <> to {shortDay(to)}</>}
                <p className="text-soft">
                  {days.indexOf(from) + 1}
                  {to !== from && ` to ${days.indexOf(to) + 1}`} of {days.length}
                </p>
              </div>
              {at === 0 ? (
                <p className="text-soft">
                  {roster.length === 0 ? 'Nobody is on the list yet.' : 'As the class page shows it.'}
                  {closed.length > 0 && ` Nothing is said ahead of ${list(closed)}: something is to be settled first.`}
                </p>
              ) : quiet ? (
                <p className="text-soft">As the time before.</p>
              ) : (
                <ul>
                  {on(from).map((turn) => (
                    <TurnLine key={turn.person} turn={turn} nameOf={conditionName} />
                  ))}
                  {due
                    .filter((one) => one.day === from)
                    .map(({ person }) => (
                      <li key={person} className="mb-2 border-l-4 border-effort pl-3">
                        <Link href={`/people/${person}/screening`} className="font-semibold no-underline hover:underline">
                          {nameOf(person)}
                        </Link>
                        , the health questions are to be answered again before this day
                      </li>
                    ))}
                </ul>
              )}
            </li>
          ))}
        </ol>
      )}
      <p className="text-[0.94rem] text-soft">
        A forecast from what is on file today. What somebody says at the door, a clinician’s word and your own eyes come before it.
      </p>
    </div>
  )
}
