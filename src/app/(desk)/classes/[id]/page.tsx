import { after } from 'next/server'
import { noteClass } from '@/server/changedRules'
import { groupOn } from '@/server/experience'
import { askClass } from '@/server/judging'
import { studioLibrary } from '@/server/library'
import { changedSince } from '@/server/repositories/changedSince'
import { getClass, placesOf, rosterOf, rosterRevision } from '@/server/repositories/classes'
import { overrulesOf } from '@/server/repositories/overrules'
import { planDays } from '@/server/repositories/planning'
import { callNames } from '@/server/roster'
import { shownDay, today } from '@/server/studio'
import { Designer } from '@/ui/design/Designer'
import { seriesWords } from '@/ui/series/seriesWords'
import { dayWords } from '@/ui/shell/days'
import { named } from '../../../named'
import { overruledIn } from '../../../overruled'

export const metadata = { title: 'Class' }

export default async function ClassPage({
  params,
  searchParams,
}: {
  params: Promise<{ id: string }>
  searchParams: Promise<{ day?: string; add?: string }>
}) {
  const { db, studio, id, found: stored } = await named(params, getClass)
  const { day: asked, add } = await searchParams
  const day = shownDay(studio, stored, asked)
  const [shelf, places, rostered, roster, since] = await Promise.all([
    studioLibrary(db, studio.id),
    placesOf(db, studio.id, id),
    rosterRevision(db, studio.id, id),
    rosterOf(db, studio.id, id),
    changedSince(db, studio.id, id, day),
  ])
  const { people, experience } = await groupOn(db, studio, { roster, day, classId: id })
  const { at, plan: led } = (await planDays(db, studio.id, stored)).on(day)
  const turn = at && stored.series?.turns[at.turn]
  const { shown, cells } = await askClass(shelf, 'first', id, { plan: stored.plan, people, experience })
  // after the answer: the page does not wait for it
  after(() => noteClass(db, studio.id, id, cells))
  const names = callNames(roster.map(({ record }) => record))
  const overruled = overruledIn(
    await overrulesOf(
      db,
      studio.id,
      roster.map((client) => client.id),
    ),
    day,
    {
      catalogue: shelf.catalogue,
      titles: new Map([[id, stored.plan.title]]),
      people: new Map(roster.map((client, index) => [client.id, names[index]!])),
    },
    id,
  )
  const added = add === undefined ? undefined : shelf.catalogue.byId.get(add)
  return (
    <Designer
      key={id}
      id={id}
      day={day}
      today={today(studio)}
      dayWords={[
        `${dayWords(day)}${stored.startTime ? `, ${stored.startTime}` : ''}`,
        at && seriesWords(at),
        led !== stored.plan && `led by ${turn?.version === undefined ? 'this plan made gentler' : `“${turn.version}”`}`,
      ]
        .filter(Boolean)
        .join(' · ')}
      time={{
        weekday: stored.weekday,
        startTime: stored.startTime,
        calendar: stored.calendar,
        revision: stored.scheduleRevision,
        weekStart: studio.settings.weekStart,
      }}
      plan={stored.plan}
      revision={stored.revision}
      people={people}
      since={Object.fromEntries(since)}
      own={shelf.own}
      experience={experience}
      house={studio.settings.houseRules}
      overruled={overruled}
      places={places}
      rosterRevision={rostered}
      first={shown}
      adding={added && { variant: added.variant.id, phase: added.movement.phase === 'any' ? 'main' : added.movement.phase }}
    />
  )
}
