import 'server-only'
import type { Catalogue } from '@/core/movement'
import { checkPlan, meetings } from '@/core/plan'
import { couldWait, entryFor, type HardWork, hardWork, metIn, type SeriesDay, type SpacingFault, spacingFaults, type Turn } from '@/core/progress'
import { expand } from '@/core/timing'
import type { Day } from '@/core/vocabulary'
import { weeksAhead } from './ahead'
import type { Database } from './db/connection'
import { experienceOf, movementsIn } from './experience'
import type { Shelf } from './judging'
import { listClasses, rosters, type StoredClass } from './repositories/classes'
import type { StoredClient } from './repositories/clients'
import { groupHistory } from './repositories/history'
import { type OnDay, planDays } from './repositories/planning'
import type { Studio } from './repositories/studios'
import { calledOf, peopleOn } from './roster'

/** A session of a series as the page of the series tells it. */
export interface SeriesSession {
  place: NonNullable<OnDay['at']>
  /** name of the version that it is led by; nothing = the plan of the class */
  version?: string
  lost: boolean
  /** as it is forecast, without the rests that people need; null where the plan cannot be used */
  seconds: number | null
  promisedMinutes: number
  /** movements that the group has not met by then, by id */
  fresh: string[]
  /** of these, which could wait for a later time, where it is more than was wished for */
  couldWait: string[]
  /** movements, by id, that it does leave for a later time */
  left: readonly string[]
  faults: SpacingFault[]
  turns: Turn[]
}

/** Somebody on the list who has not been to the class yet, and where they begin best. */
export interface Newcomer {
  person: string
  name: string
  day: Day
  /** movements of that day which they have not done anywhere in the house, of how many */
  fresh: number
  of: number
}

export interface SeriesAhead {
  sessions: SeriesSession[]
  newcomers: Newcomer[]
  /** null = a plan of it cannot be judged */
  judged: boolean
}

/** What others of the classes that somebody is in work hard on the days of a series: a class that is in a series of its own by its own days. */
async function alsoOf(
  db: Database,
  studio: Studio,
  shelf: Shelf,
  { stored: own, roster }: { stored: StoredClass; roster: readonly StoredClient[] },
  from: Day,
  to: Day,
): Promise<Map<string, HardWork[]>> {
  const [classes, members] = await Promise.all([listClasses(db, studio.id), rosters(db, studio.id, roster)])
  const found = new Map<string, HardWork[]>()
  for (const other of classes) {
    const both = members.get(other.id) ?? []
    if (other.id === own.id || both.length === 0) continue
    const { on } = await planDays(db, studio.id, other)
    const work = meetings(other, studio.settings.closed, from, DAYS_LOOKED_AT)
      .filter((day) => day <= to)
      .map((day) => hardWork(on(day).plan, shelf.catalogue, { day, title: other.plan.title }))
    for (const { id } of both) found.set(id, [...(found.get(id) ?? []), ...work])
  }
  return found
}
const DAYS_LOOKED_AT = 400

/** A series from a day on: each session with its plan, what is new in it, what comes too soon again, what the calendar turns, and who is new. */
export async function seriesAhead(
  db: Database,
  studio: Studio,
  shelf: Shelf,
  { stored, roster }: { stored: StoredClass; roster: readonly StoredClient[] },
  today: Day,
): Promise<SeriesAhead> {
  const { days, on } = await planDays(db, studio.id, stored)
  const { series } = stored
  const [first, last] = [days[0]?.day, days.at(-1)?.day]
  if (!series || first === undefined || last === undefined) return { sessions: [], newcomers: [], judged: true }
  const { catalogue } = shelf
  const [{ pace, knows }, people, also, { turns }, history] = await Promise.all([
    experienceOf(db, studio, { classId: stored.id, size: roster.length, day: first }),
    peopleOn(db, studio.id, roster, first < today ? today : first, stored.id),
    alsoOf(db, studio, shelf, { stored, roster }, first, last),
    weeksAhead(db, studio, shelf, { stored, roster }, today),
    groupHistory(
      db,
      studio.id,
      roster.map(({ id }) => id),
      LONG_AGO,
    ),
  ])
  const movements = days.map(({ day }) => ({ day, movements: movementsIn(on(day)) }))
  const met = metIn(movements, [...knows, ...stored.plan.familiar])
  const work = days.map(({ day }) => hardWork(on(day).plan, catalogue, { day, title: stored.plan.title }))
  const faults = spacingFaults(
    work,
    people.map(({ id, name, facts: { age, riseNoHands } }) => ({
      name,
      ...(age !== undefined && { age }),
      ...(riseNoHands !== undefined && { risesWithoutHands: riseNoHands }),
      also: also.get(id) ?? [],
    })),
  )
  const lengths = new Map<OnDay['plan'], number | null>()
  const secondsOf = (plan: OnDay['plan']): number | null => {
    const before = lengths.get(plan)
    if (before !== undefined) return before
    const checked = checkPlan(plan, catalogue)
    const seconds = 'plan' in checked ? expand(checked.plan, catalogue, undefined, pace.rates).totalSeconds : null
    lengths.set(plan, seconds)
    return seconds
  }
  const sessions = days.map((place, index): SeriesSession => {
    const { plan, at, lost, left } = on(place.day)
    const { fresh } = met[index]!
    const version = series.turns[place.turn]?.version
    return {
      place: at ?? { ...place, focus: '', homework: [] },
      left,
      ...(version !== undefined && { version }),
      lost: lost !== undefined,
      seconds: secondsOf(plan),
      promisedMinutes: plan.promisedMinutes,
      fresh,
      couldWait: place.day >= today ? couldWait(plan, fresh, series.mostNew) : [],
      faults: faults.filter(({ day }) => day === place.day),
      turns: (turns ?? []).filter(({ day }) => day === place.day),
    }
  })
  return { sessions, newcomers: newcomersOf(stored.id, days, movements, roster, history, catalogue, today), judged: turns !== null }
}
/** Whatever somebody did before. */
const LONG_AGO = '1900-01-01'

function newcomersOf(
  classId: string,
  days: readonly SeriesDay[],
  movements: readonly { day: Day; movements: string[] }[],
  roster: readonly StoredClient[],
  history: Awaited<ReturnType<typeof groupHistory>>,
  catalogue: Catalogue,
  today: Day,
): Newcomer[] {
  const called = calledOf(roster)
  const sessions = days.map((place, at) => ({ ...place, movements: movements[at]!.movements }))
  return roster.flatMap(({ id: person }): Newcomer[] => {
    // of a series that has not begun nobody is new
    if (days[0] === undefined || days[0].day >= today) return []
    if (history.days.some((came) => came.clientId === person && came.classId === classId)) return []
    const knows = new Set(
      history.entries.filter(({ clientId }) => clientId === person).flatMap(({ variant }) => catalogue.byId.get(variant)?.movement.id ?? []),
    )
    const entry = entryFor(sessions, today, knows)
    if (!entry) return []
    const { session, fresh } = entry
    return [{ person, name: called(person), day: session.day, fresh: fresh.length, of: new Set(session.movements).size }]
  })
}
