import Link from 'next/link'
import { dayNumber } from '@/core/client'
import { clock } from '@/core/timing'
import { rulesChanged } from '@/server/changedRules'
import { askClass } from '@/server/judging'
import { studioLibrary } from '@/server/library'
import { listClasses, rosters } from '@/server/repositories/classes'
import { unreadable } from '@/server/repositories/unreadable'
import { peopleOfAll } from '@/server/roster'
import { here, today } from '@/server/studio'
import { dayWords, nextWeekday } from '@/ui/shell/days'
import { TreadSilhouette } from '@/ui/tread/TreadLine'

export const metadata = { title: 'Today' }

export default async function DaySheet() {
  const { db, studio } = await here()
  const now = today(studio)
  const [classes, shelf, changed, rostered, broken] = await Promise.all([
    listClasses(db, studio.id),
    studioLibrary(db, studio.id),
    rulesChanged(db, studio.id),
    rosters(db, studio.id),
    unreadable(db, studio.id),
  ])
  const dated = classes.map((stored) => ({ ...stored, day: nextWeekday(stored.weekday, now) }))
  const people = await peopleOfAll(
    db,
    studio.id,
    dated.map(({ id, day }) => ({ roster: rostered.get(id) ?? [], day, classId: id })),
  )
  const lines = await Promise.all(dated.map(({ id, plan }, index) => askClass(shelf, 'sheet', id, { plan, people: people[index]! })))
  const rows = dated
    // a plan that cannot be used is a row that says so, never a dead page
    .map((stored, index) => ({ ...stored, people: people[index]!.length, ...lines[index]! }))
    .sort((a, b) => dayNumber(a.day) - dayNumber(b.day) || (a.startTime ?? '').localeCompare(b.startTime ?? ''))
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
      {broken.map(({ what, id, problems }) => (
        <p key={id} className="mb-3 border-l-4 border-effort pl-3">
          <b>A {what} cannot be read</b> ({problems}). It is kept as it is: restore a backup, or update Velvet Step if it is from a newer version.{' '}
          <span className="text-soft">{id}</span>
        </p>
      ))}
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
              {'problem' in row ? (
                <p className="border-l-4 border-effort pl-3">This plan cannot be judged: {row.problem}. Open it and change what is named.</p>
              ) : (
                <>
                  <p className="text-soft">
                    {clock(row.line.totalSeconds)} of {row.plan.promisedMinutes}:00 · {row.people} {row.people === 1 ? 'person' : 'people'} ·{' '}
                    {row.line.changes} changes of base
                    {row.line.floorTrips > 0 && `, ${row.line.floorTrips} to the floor`}
                  </p>
                  {row.closed.map(({ name, because }) => (
                    <p key={name} className="mt-1">
                      <b className="text-effort">Ask first</b> {name}: {because}
                    </p>
                  ))}
                  {row.pending.length > 0 && <p className="mt-1 text-soft">Clinician’s agreement still to come: {row.pending.join(', ')}</p>}
                </>
              )}
            </div>
            {'line' in row && (
              <Link href={`/classes/${row.id}`} aria-label={`Open ${row.plan.title}`} tabIndex={-1} className="self-center">
                <TreadSilhouette line={row.line} className="h-16 w-full" />
              </Link>
            )}
          </li>
        ))}
      </ul>
    </>
  )
}
