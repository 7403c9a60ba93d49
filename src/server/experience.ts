import 'server-only'
import { ledStretches } from '@/core/lead'
import { checkPlan, itemsOf, prescriptionsOf, withKnown } from '@/core/plan'
import { type Experience, learnPace, type Pace } from '@/core/timing'
import { addDays, type Day, type Settings } from '@/core/vocabulary'
import type { Database } from './db/connection'
import { askClass } from './judging'
import { studioLibrary } from './library'
import { rosterOf } from './repositories/classes'
import { keepStretches, ledSessions, pacedSessions } from './repositories/led'
import { eventsOf, getSession, type StoredSession } from './repositories/sessions'
import { peopleOn } from './roster'

/** The pace rests on so many classes at most, the newest: older ones count little by then. */
const MOST_CLASSES = 60
/** A group keeps what it has met for half a year, in the last classes of that time. */
const KNOWN_DAYS = 182
const KNOWN_CLASSES = 8

const holder = globalThis as unknown as { velvetPaces?: Map<string, { from: string; pace: Pace }> }
/** Paces that are kept, of as many days as are looked at. */
const MOST_PACES = 24

/** The studio whose classes teach. */
export interface Taught {
  id: string
  settings: Pick<Settings, 'paceSince'>
}

/** The pace of the instructor on a day, from the classes that were led before it; the same object for as long as these are the same. */
function paceOn(led: readonly StoredSession[], { id, settings: { paceSince } }: Taught, day: Day): Pace {
  const before = led.filter((session) => session.day < day).slice(0, MOST_CLASSES)
  const stretches = before.flatMap((session) => session.stretches ?? [])
  holder.velvetPaces ??= new Map()
  const known = holder.velvetPaces
  const place = `${id} ${day}`
  const from = JSON.stringify([
    paceSince,
    before.map((session) => session.id),
    stretches.length,
    stretches.reduce((sum, { seconds }) => sum + seconds, 0),
  ])
  const last = known.get(place)
  if (last?.from === from) return last.pace
  const pace = learnPace(stretches, day, paceSince === undefined ? {} : { since: paceSince })
  known.delete(place)
  known.set(place, { from, pace })
  const oldest = known.keys().next()
  if (known.size > MOST_PACES && !oldest.done) known.delete(oldest.value)
  return pace
}

/** Movements of a session, by id. */
const movementsOf = ({ plan }: Pick<StoredSession, 'plan'>): string[] =>
  itemsOf(plan).flatMap(({ item }) => (item.variant === undefined ? [] : [item.variant.split('/')[0]!]))

/** A class on a day. */
export interface Asked {
  classId: string
  /** how many belong to it */
  size: number
  /** what was led before it counts: what a class teaches does not change its own times */
  day: Day
}

/**
 * What led classes have taught, for each of some classes: the instructor's pace, and the movements that a group has met, which are those of its
 * last classes to which at least half of it came. As many
 * queries for all of them as for one.
 */
export async function experiencesOf(db: Database, studio: Taught, classes: readonly Asked[]): Promise<Experience[]> {
  const days = [...new Set(classes.map(({ day }) => day))].sort()
  const [first, last] = [days[0], days.at(-1)]
  if (first === undefined || last === undefined) return []
  const ids = [...new Set(classes.map(({ classId }) => classId))]
  const [led, paced] = await Promise.all([
    ledSessions(db, studio.id, ids, { from: addDays(first, -KNOWN_DAYS), before: last, most: KNOWN_CLASSES }),
    pacedSessions(db, studio.id, last, MOST_CLASSES),
  ])
  return classes.map(({ classId, size, day }) => {
    const theirs = led.filter((session) => session.classId === classId && session.day < day && session.came * 2 >= size)
    return { pace: paceOn(paced, studio, day), knows: [...new Set(theirs.flatMap(movementsOf))].sort() }
  })
}

/** `experiencesOf` for one class. */
export async function experienceOf(db: Database, studio: Taught, asked: Asked): Promise<Experience> {
  const [one] = await experiencesOf(db, studio, [asked])
  return one!
}

/** The pace of the instructor with all that was led up to a day, this day too. */
export async function paceToday(db: Database, studio: Taught, day: Day): Promise<Pace> {
  const next = addDays(day, 1)
  return paceOn(await pacedSessions(db, studio.id, next, MOST_CLASSES), studio, next)
}

/** Keeps what the taps of a session that has ended say of the pace. */
export async function notePace(db: Database, studio: Taught, sessionId: string): Promise<void> {
  const [session, events, shelf] = await Promise.all([
    getSession(db, studio.id, sessionId),
    eventsOf(db, studio.id, sessionId),
    studioLibrary(db, studio.id),
  ])
  if (!events.some(({ kind }) => kind === 'end')) return
  const roster = await rosterOf(db, studio.id, session.classId)
  const [people, experience] = await Promise.all([
    peopleOn(db, studio.id, roster, session.day, session.classId),
    experienceOf(db, studio, { classId: session.classId, size: roster.length, day: session.day }),
  ])
  const checked = checkPlan(withKnown(session.plan, experience.knows), shelf.catalogue)
  if ('problems' in checked) return
  const { shown } = await askClass(shelf, 'first', sessionId, { plan: session.plan, people, experience })
  const movements = new Map(prescriptionsOf(checked.plan, shelf.catalogue).map(({ item, movement }) => [item.id, movement]))
  await keepStretches(
    db,
    studio.id,
    sessionId,
    ledStretches(events, shown.model.timeline, session.day, (item) => movements.get(item)),
  )
}
