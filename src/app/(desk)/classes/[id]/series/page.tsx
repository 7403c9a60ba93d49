import Link from 'next/link'
import { itemsOf, meetings, movementIdOf, type PlanDraft } from '@/core/plan'
import type { Series } from '@/core/progress'
import { clock } from '@/core/timing'
import { studioLibrary } from '@/server/library'
import { getClass, rosterOf } from '@/server/repositories/classes'
import { versionsOf } from '@/server/repositories/versions'
import { conditionName } from '@/server/ruleBase'
import { seriesAhead } from '@/server/series'
import { today } from '@/server/studio'
import { TurnLine } from '@/ui/progress/TurnLine'
import { SeriesForm } from '@/ui/series/SeriesForm'
import { SeriesTap } from '@/ui/series/SeriesTap'
import { faultWords } from '@/ui/series/seriesWords'
import type { TurnPlan } from '@/ui/series/TurnRow'
import { ClassHead } from '@/ui/shell/ClassHead'
import { shortDay } from '@/ui/shell/days'
import { list } from '@/ui/shell/list'
import { named } from '../../../../named'

export const metadata = { title: 'Series' }

/** The series with other movements that one of its sessions leaves for later. */
const leaving = (series: Series, session: number, movements: string[]): Series => {
  const others = series.later.filter((one) => one.session !== session)
  return { ...series, later: movements.length > 0 ? [...others, { session, movements }] : others }
}

/** The sessions of a class over weeks: which plan when, what is new, what comes too soon, what the calendar turns for whom, and who begins where. */
export default async function SeriesPage({ params }: { params: Promise<{ id: string }> }) {
  const { db, studio, id, found: stored } = await named(params, getClass)
  const now = today(studio)
  const [roster, shelf, versions] = await Promise.all([rosterOf(db, studio.id, id), studioLibrary(db, studio.id), versionsOf(db, studio.id, id)])
  const { sessions, newcomers, judged } = await seriesAhead(db, studio, shelf, { stored, roster }, now)
  const { series, scheduleRevision } = stored
  const names = new Map(shelf.catalogue.movements.map(({ id: movement, name }) => [movement, name]))
  const nameOf = (movement: string) => names.get(movement) ?? movement
  const movementsOf = (plan: PlanDraft): TurnPlan['movements'] =>
    [...new Set(itemsOf(plan).flatMap(({ item }) => movementIdOf(item) ?? []))].map((one) => ({ id: one, name: nameOf(one) }))
  // of a name that was kept twice the newest, which stands first
  const kept = versions.filter(({ name }, at) => versions.findIndex((one) => one.name === name) === at)
  const plans: TurnPlan[] = [{ movements: movementsOf(stored.plan) }, ...kept.map(({ name, plan }) => ({ name, movements: movementsOf(plan) }))]
  const from = series?.from ?? meetings(stored, studio.settings.closed, now, 1)[0] ?? now
  const tap = { classId: id, revision: scheduleRevision }
  const next = sessions.find(({ place }) => place.day >= now)
  return (
    <div className="flex flex-col gap-5">
      <ClassHead classId={id} title={`${stored.plan.title}: series`} prints>
        <p className="mt-1 max-w-prose text-soft">
          {sessions.length > 0
            ? `${sessions.length} sessions from ${shortDay(sessions[0]!.place.day)} to ${shortDay(sessions.at(-1)!.place.day)}.`
            : 'Plans that take turns over weeks. Keep versions of the plan under names on the class page, and give each its turn here.'}
        </p>
      </ClassHead>
      {series !== null && sessions.length === 0 && (
        <p className="border-l-4 border-effort pl-3">It has no day in these weeks: give the class a weekday, or days of its own.</p>
      )}
      {!judged && (
        <p className="border-l-4 border-effort pl-3">
          A plan of it cannot be judged, so nothing is said ahead. Open it and change what is named there.
        </p>
      )}
      {newcomers.length > 0 && (
        <section aria-labelledby="new-here">
          <h2 id="new-here">New here</h2>
          <ul>
            {newcomers.map(({ person, name, day, fresh, of }) => (
              <li key={person}>
                <Link href={`/people/${person}`} className="font-semibold no-underline hover:underline">
                  {name}
                </Link>{' '}
                begins best on {shortDay(day)}: {fresh === of ? `all ${of}` : `${fresh} of ${of}`} movements are to be shown to them. In the first
                four weeks at half to two thirds of what looks possible.
              </li>
            ))}
          </ul>
        </section>
      )}
      {sessions.length > 0 && (
        <ol>
          {sessions.map(({ place, version, lost, seconds, promisedMinutes, fresh, couldWait, left, faults, turns }) => (
            <li
              key={place.day}
              className={`grid gap-x-8 gap-y-1 border-t py-2.5 sm:grid-cols-[13rem_1fr] ${place.day === next?.place.day ? 'border-plum border-t-2' : 'border-line'} ${place.day < now ? 'text-soft' : ''}`}
            >
              <div>
                <Link href={`/classes/${id}?day=${place.day}`} className="font-semibold">
                  {shortDay(place.day)}
                </Link>
                <p>
                  Week {place.week} of {place.of}
                  {place.gentler && ', gentler'}
                </p>
              </div>
              <div>
                <p className="flex flex-wrap items-baseline gap-x-4">
                  <b>{place.focus || version || 'The plan of the class'}</b>
                  {place.focus !== '' && version !== undefined && <span>{version}</span>}
                  {seconds !== null && (
                    <span className="text-soft">
                      {clock(seconds)} of {promisedMinutes}:00
                    </span>
                  )}
                  <span className="ml-auto flex gap-2 print:hidden">
                    <Link href={`/classes/${id}/print?day=${place.day}`} className="quiet">
                      Cue sheet
                    </Link>
                    {series && (
                      <SeriesTap {...tap} to={{ ...series, missedDays: [...series.missedDays, place.day] }}>
                        Not held
                      </SeriesTap>
                    )}
                  </span>
                </p>
                {lost && (
                  <p className="border-l-4 border-effort pl-3">The version “{version}” is no longer kept: the plan of the class stands in for it.</p>
                )}
                {fresh.length > 0 && (
                  <p className={series && fresh.length > series.mostNew ? 'border-l-4 border-effort pl-3' : ''}>
                    New: {list(fresh.map(nameOf))}.
                    {series && fresh.length > series.mostNew && ` That is ${fresh.length}, more than the ${series.mostNew} wished for.`}
                  </p>
                )}
                {series && couldWait.length > 0 && (
                  <p className="print:hidden">
                    <SeriesTap {...tap} to={leaving(series, place.session, [...left, ...couldWait])}>
                      Leave {list(couldWait.map(nameOf))} for a later time
                    </SeriesTap>
                  </p>
                )}
                {series && left.length > 0 && (
                  <p className="flex flex-wrap items-baseline gap-x-3">
                    Left for a later time: {list(left.map(nameOf))}.
                    <span className="print:hidden">
                      <SeriesTap {...tap} to={leaving(series, place.session, [])}>
                        Do {left.length === 1 ? 'it' : 'them'} on this day
                      </SeriesTap>
                    </span>
                  </p>
                )}
                {place.homework.length > 0 && <p>At home after it: {list(place.homework.map(nameOf))}.</p>}
                {faults.map((fault) => (
                  <p key={faultWords(fault)} className="border-l-4 border-effort pl-3">
                    {faultWords(fault)}
                  </p>
                ))}
                {turns.length > 0 && (
                  <ul className="mt-1">
                    {turns.map((turn) => (
                      <TurnLine key={turn.person} turn={turn} nameOf={conditionName} />
                    ))}
                  </ul>
                )}
              </div>
            </li>
          ))}
        </ol>
      )}
      {series && series.missedDays.length > 0 && (
        <p className="flex flex-wrap items-center gap-3 print:hidden">
          Not held:
          {series.missedDays.toSorted().map((day) => (
            <span key={day} className="flex items-center gap-1">
              {shortDay(day)}
              <SeriesTap {...tap} to={{ ...series, missedDays: series.missedDays.filter((one) => one !== day) }}>
                It is held after all
              </SeriesTap>
            </span>
          ))}
        </p>
      )}
      <details className="print:hidden" open={series === null}>
        <summary className="cursor-pointer font-serif text-[1.3rem]">{series ? 'Change the series' : 'Begin a series'}</summary>
        <div className="mt-3">
          <SeriesForm key={scheduleRevision} classId={id} revision={scheduleRevision} series={series} from={from} plans={plans} />
        </div>
      </details>
      <p className="text-[0.94rem] text-soft">
        Days between hard work are those of the rule base: two, three for those over 80 or who need their hands to rise. A gentler week takes a set or
        a round from whatever has more than one: an estimate, as is where somebody begins best and what could wait. What somebody says at the door
        comes before all of it.
      </p>
    </div>
  )
}
