import Link from 'next/link'
import { dayNumber } from '@/core/client'
import { checkPlan } from '@/core/plan'
import { clock } from '@/core/timing'
import { rulesChanged } from '@/server/changedRules'
import { evaluationOf } from '@/server/evaluations'
import { studioLibrary } from '@/server/library'
import { listClasses, rosterOf } from '@/server/repositories/classes'
import { peopleOn } from '@/server/roster'
import { here, today } from '@/server/studio'
import { dayWords, nextWeekday } from '@/ui/shell/days'
import { TreadSilhouette } from '@/ui/tread/TreadLine'

export const metadata = { title: 'Today' }

export default async function DaySheet() {
  const { db, studio } = await here()
  const now = today(studio)
  const [classes, { catalogue, own }, changed] = await Promise.all([
    listClasses(db, studio.id),
    studioLibrary(db, studio.id),
    rulesChanged(db, studio.id),
  ])
  const rows = (
    await Promise.all(
      classes.map(async (stored) => {
        const day = nextWeekday(stored.weekday, now)
        const checked = checkPlan(stored.plan, catalogue)
        if ('problems' in checked) throw new Error(`the stored plan "${stored.plan.title}" is not sound: ${JSON.stringify(checked.problems)}`)
        const people = await peopleOn(db, studio.id, await rosterOf(db, studio.id, stored.id), day, stored.id)
        const { people: assessed, tread } = evaluationOf(checked.plan, people, catalogue, JSON.stringify(own))
        return {
          ...stored,
          day,
          line: tread,
          people: people.length,
          closed: assessed.filter(({ assessment }) => assessment.closed),
          pending: assessed.filter(({ assessment }) => !assessment.closed && assessment.pending.length > 0),
        }
      }),
    )
  ).sort((a, b) => dayNumber(a.day) - dayNumber(b.day) || (a.startTime ?? '').localeCompare(b.startTime ?? ''))
  return (
    <>
      <div className="mb-6 flex flex-wrap items-end justify-between gap-4">
        <div>
          <p className="text-soft">{studio.name}</p>
          <h1>{dayWords(now)}</h1>
        </div>
        <Link href="/classes/new" className="quiet">
          New class
        </Link>
      </div>
      {changed && (
        <p className="mb-5 border-l-4 border-effort pl-3">
          The rules were revised since your classes were last judged. <Link href="/rules">See what that changes</Link>.
        </p>
      )}
      {rows.length === 0 && (
        <p className="max-w-prose">
          No classes yet. <Link href="/people/new">Add the people</Link> who come, then <Link href="/classes/new">make a first class</Link>.
        </p>
      )}
      <ul>
        {rows.map((row, index) => (
          <li
            key={row.id}
            className={`grid gap-x-8 gap-y-2 border-t-2 border-line py-5 md:grid-cols-[11rem_1fr_22rem] ${index === 0 ? 'border-plum' : ''}`}
          >
            <div>
              <p className="font-semibold">{row.day === now ? 'Today' : dayWords(row.day)}</p>
              <p className="font-serif text-[1.6rem]">{row.startTime ?? ''}</p>
            </div>
            <div>
              <h2>
                <Link href={`/classes/${row.id}`} className="no-underline hover:underline">
                  {row.plan.title}
                </Link>
              </h2>
              <p className="text-soft">
                {clock(row.line.totalSeconds)} of {row.plan.promisedMinutes}:00 · {row.people} {row.people === 1 ? 'person' : 'people'} ·{' '}
                {row.line.changes} changes of base
                {row.line.floorTrips > 0 && `, ${row.line.floorTrips} to the floor`}
              </p>
              {row.closed.map(({ name, assessment }) => (
                <p key={name} className="mt-1">
                  <b className="text-effort">Ask first</b> {name}: {assessment.closed?.text}
                </p>
              ))}
              {row.pending.length > 0 && (
                <p className="mt-1 text-soft">Clinician’s agreement still to come: {row.pending.map(({ name }) => name).join(', ')}</p>
              )}
            </div>
            <Link href={`/classes/${row.id}`} aria-label={`Open ${row.plan.title}`} tabIndex={-1} className="self-center">
              <TreadSilhouette line={row.line} className="h-16 w-full" />
            </Link>
          </li>
        ))}
      </ul>
    </>
  )
}
