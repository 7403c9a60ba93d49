import Link from 'next/link'
import { todayChanges } from '@/core/lead'
import { versionName } from '@/core/movement'
import { clock } from '@/core/timing'
import { judgedSession, peopleOfSession } from '@/server/leading'
import { studioLibrary } from '@/server/library'
import { getSession } from '@/server/repositories/sessions'
import { calledOf } from '@/server/roster'
import { todayWords } from '@/ui/door/doorWords'
import { PersonBadge } from '@/ui/people/PersonBadge'
import { list } from '@/ui/shell/list'
import { named } from '../../../../named'

export const metadata = { title: 'What today changes' }

/** After the door, before the class: what the plan has become, and for whom. */
export default async function TodayPage({ params }: { params: Promise<{ id: string }> }) {
  const { db, studio, id, found: session } = await named(params, getSession)
  const there = await peopleOfSession(db, studio.id, session)
  const [shelf, before, after] = await Promise.all([
    studioLibrary(db, studio.id),
    judgedSession(db, studio, session, there, true),
    judgedSession(db, studio, session, there),
  ])
  const nameOf = calledOf(there.everybody)
  const saidOf = (person: string) => todayWords(there.attendance.find(({ clientId }) => clientId === person)?.checkIn ?? null)
  const changes = todayChanges(before, after)
  const away = there.attendance.filter(({ presence }) => presence === 'absent').map(({ clientId }) => nameOf(clientId))
  const versionWords = (movement: string, variant: string | undefined, changed: readonly string[]): string => {
    if (variant === undefined) return `${movement}: sits this one out and breathes`
    return `${movement}: ${versionName(shelf.catalogue, variant, movement)}${changed.length > 0 ? `, ${changed.join(', ')}` : ''}`
  }
  const longer = Math.round(after.timeline.totalSeconds - before.timeline.totalSeconds)
  return (
    <div className="mx-auto max-w-[44rem]">
      <p className="text-soft">{session.plan.title}</p>
      <div className="mb-4 flex flex-wrap items-end justify-between gap-4">
        <h1>What today changes</h1>
        <Link href={`/lead/${id}`} className="action min-h-12">
          To the class
        </Link>
      </div>
      {changes.length === 0 ? (
        <p>Nothing: everybody does what was planned for them.</p>
      ) : (
        <ul>
          {changes.map((change) => {
            const said = saidOf(change.person)
            return (
              <li key={change.person} className="grid grid-cols-[2.75rem_1fr] gap-x-3 border-t-2 border-line py-3">
                <PersonBadge id={change.person} name={nameOf(change.person)} />
                <div>
                  <h2>
                    {nameOf(change.person)}
                    {said.length > 0 && <span className="font-sans text-[1rem] font-normal text-soft"> ({list(said)})</span>}
                  </h2>
                  {change.kind === 'closed' && (
                    <p className="border-l-4 border-effort pl-3">
                      <b>Not yet</b>: {change.because}
                    </p>
                  )}
                  {change.kind === 'opened' && <p>May take part now.</p>}
                  {change.kind === 'items' && (
                    <ul>
                      {change.items.map(({ item, movement, variant, changes: changed }) => (
                        <li key={item}>{versionWords(movement, variant, changed)}</li>
                      ))}
                    </ul>
                  )}
                </div>
              </li>
            )
          })}
        </ul>
      )}
      {away.length > 0 && <p className="mt-4 text-soft">Away today: {list(away)}.</p>}
      {longer !== 0 && (
        <p className="mt-2">
          With who is here it takes {clock(after.timeline.totalSeconds)}, {clock(Math.abs(longer))} {longer > 0 ? 'longer' : 'shorter'} than planned.
        </p>
      )}
      <p className="mt-4 text-[0.94rem] text-soft">
        <Link href={`/sessions/${id}/door`}>Back to the door</Link>. What was said holds for today and changes nobody’s record; a class that is
        running already hears of it.
      </p>
    </div>
  )
}
