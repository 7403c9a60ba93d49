import Link from 'next/link'
import { meetings } from '@/core/plan'
import { clock } from '@/core/timing'
import { addDays, dayIn } from '@/core/vocabulary'
import { sinceLastTime } from '@/server/ahead'
import { rulesChanged } from '@/server/changedRules'
import { experiencesOf } from '@/server/experience'
import { askClass } from '@/server/judging'
import { shelfOf } from '@/server/library'
import { rosters } from '@/server/repositories/classes'
import type { StoredClient } from '@/server/repositories/clients'
import { startedOn } from '@/server/repositories/led'
import { type NotAsked, notAsked } from '@/server/repositories/log'
import { planDays } from '@/server/repositories/planning'
import { removedClasses } from '@/server/repositories/timetable'
import { readStudio } from '@/server/repositories/unreadable'
import { calledOf, peopleOfAll, soonOut } from '@/server/roster'
import { conditionName } from '@/server/ruleBase'
import { here, today } from '@/server/studio'
import { kitAmountWords } from '@/ui/design/kitListWords'
import { RemovedClasses } from '@/ui/design/RemovedClasses'
import { MainAction } from '@/ui/desk/MainAction'
import { type AskedAfter, DayAfter } from '@/ui/log/DayAfter'
import { TurnLine } from '@/ui/progress/TurnLine'
import { seriesWords } from '@/ui/series/seriesWords'
import { dateWords, dayWords, shortDay } from '@/ui/shell/days'
import { sentence } from '@/ui/shell/list'
import { TreadSilhouette } from '@/ui/tread/Silhouette'

export const metadata = { title: 'Today' }

/** The day after is asked about for so many days, and then let be. */
const ASKED_DAYS = 3

/** Who is to be asked how it was, by class. */
function askedAfter(rows: readonly NotAsked[], everybody: readonly StoredClient[]): AskedAfter[] {
  const found = new Map<string, AskedAfter>()
  const calledIn = calledOf(everybody)
  for (const { sessionId, day, title, clientId } of rows) {
    const name = calledIn(clientId)
    const one = found.get(sessionId) ?? { session: sessionId, title: `${title}, ${shortDay(day)}`, people: [] }
    if (name !== '') found.set(sessionId, { ...one, people: [...one.people, { id: clientId, name }] })
  }
  return [...found.values()]
}

/** After every day. */
const LATER = '9999'

export default async function DaySheet() {
  const { db, studio } = await here()
  const now = today(studio)
  const { classes, clients: everybody, own, broken } = await readStudio(db, studio.id)
  const shelf = shelfOf(own)
  const [changed, rostered, removed] = await Promise.all([
    rulesChanged(db, studio.id),
    rosters(db, studio.id, everybody),
    removedClasses(db, studio.id),
  ])
  const dated = await Promise.all(
    classes.map(async (stored) => {
      const [next] = meetings(stored, studio.settings.closed, now, 1)
      // a class without a next day is judged as of today, and stands last
      const day = next ?? now
      const { plan, at, lost } = (await planDays(db, studio.id, stored)).on(day)
      return { ...stored, plan, at, lost, next, day }
    }),
  )
  const groups = dated.map(({ id, day }) => ({ roster: rostered.get(id) ?? [], day, classId: id }))
  const [people, experiences] = await Promise.all([
    peopleOfAll(db, studio.id, groups),
    experiencesOf(
      db,
      studio,
      groups.map(({ roster, ...on }) => ({ ...on, size: roster.length })),
    ),
  ])
  const [lines, turned, ledToday] = await Promise.all([
    Promise.all(dated.map(({ id, plan }, index) => askClass(shelf, 'sheet', id, { plan, people: people[index]!, experience: experiences[index]! }))),
    sinceLastTime(
      db,
      studio,
      shelf,
      dated.flatMap(({ next, ...stored }) => (next === undefined ? [] : [{ stored, roster: rostered.get(stored.id) ?? [], next }])),
    ),
    startedOn(db, studio.id, now),
  ])
  const rows = dated
    // a plan that cannot be used is a row that says so, never a dead page
    .map((stored, index) => ({ ...stored, people: people[index]!.length, ...lines[index]! }))
    .sort((a, b) => (a.next ?? LATER).localeCompare(b.next ?? LATER) || (a.startTime ?? '').localeCompare(b.startTime ?? ''))
  // of today's classes the first that nobody has led yet; else the next that there is
  const main = rows.find(({ id, next }) => next !== undefined && !(next === now && ledToday.has(id)))
  const asked = askedAfter(await notAsked(db, studio.id, addDays(now, -ASKED_DAYS), addDays(now, -1)), everybody)
  const soon = everybody.reduce((sum, { record }) => sum + soonOut(record, now).length, 0)
  return (
    <>
      <div className="mb-6 flex flex-wrap items-end justify-between gap-4">
        <div>
          <p className="text-soft">{studio.name}</p>
          <h1>{dayWords(now)}</h1>
        </div>
        <div className="flex gap-3">
          {rows.some(({ next }) => next !== undefined) && (
            <a href="/api/calendar" className="quiet" download>
              For a calendar
            </a>
          )}
          <Link href="/classes/new" className="quiet">
            New class
          </Link>
          {main?.next !== undefined && (
            <MainAction classId={main.id} title={main.plan.title} day={main.next} isToday={main.next === now} dayWords={shortDay(main.next)} />
          )}
        </div>
      </div>
      {changed && (
        <p className="mb-5 border-l-4 border-effort pl-3">
          The rules were revised since your classes were last judged. <Link href="/rules">See what that changes</Link>.
        </p>
      )}
      {soon > 0 && (
        <p className="mb-5">
          <Link href="/people/soon">{soon === 1 ? 'One letter or form runs' : `${soon} letters and forms run`} out in the next four weeks</Link>.
        </p>
      )}
      {broken.map(({ what, id, problems }) => (
        <p key={id} className="mb-3 border-l-4 border-effort pl-3">
          <b>A {what} cannot be read</b> ({problems}). It is kept as it is: restore a backup, or update Velvet Step if it is from a newer version.{' '}
          <span className="text-soft">{id}</span>
        </p>
      ))}
      {asked.length > 0 && <DayAfter classes={asked} />}
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
              <p className="font-semibold">{row.next === undefined ? 'No day set' : row.next === now ? 'Today' : shortDay(row.next)}</p>
              <p className="font-serif text-[1.6rem]">{row.startTime ?? ''}</p>
            </div>
            <div>
              <h2>
                <Link href={`/classes/${row.id}`} className="no-underline hover:underline">
                  {row.plan.title}
                </Link>
              </h2>
              {row.at && (
                <p>
                  <Link href={`/classes/${row.id}/series`} className="inline-block min-h-7 no-underline hover:underline">
                    {sentence(seriesWords(row.at))}
                  </Link>
                </p>
              )}
              {row.lost !== undefined && (
                <p className="border-l-4 border-effort pl-3">The version “{row.lost}” is no longer kept: the plan of the class stands in for it.</p>
              )}
              {'problem' in row ? (
                <p className="border-l-4 border-effort pl-3">This plan cannot be judged: {row.problem}. Open it and change what is named.</p>
              ) : (
                <>
                  <p className="text-soft">
                    {clock(row.line.totalSeconds)} of {row.plan.promisedMinutes}:00 · {row.people} {row.people === 1 ? 'person' : 'people'} ·{' '}
                    {row.line.changes} changes of base
                    {row.line.floorTrips > 0 && `, ${row.line.floorTrips} to the floor`}
                  </p>
                  {row.kit.length > 0 && row.next !== undefined && row.next === rows[0]?.next && (
                    <p className="text-soft">To pack: {row.kit.map((need) => kitAmountWords(need, studio.settings.houseRules.masses)).join('. ')}.</p>
                  )}
                  {row.closed.map(({ name, because }) => (
                    <p key={name} className="mt-1">
                      <b className="text-effort">Ask first</b> {name}: {because}
                    </p>
                  ))}
                  {(turned.get(row.id) ?? []).length > 0 && (
                    <ul className="mt-1" aria-label="Since last time">
                      {turned.get(row.id)!.map((turn) => (
                        <TurnLine key={turn.person} turn={turn} nameOf={conditionName} />
                      ))}
                    </ul>
                  )}
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
      {removed.length > 0 && (
        <RemovedClasses classes={removed.map(({ removedAt, ...one }) => ({ ...one, on: dateWords(dayIn(removedAt, studio.settings.zone)) }))} />
      )}
    </>
  )
}
