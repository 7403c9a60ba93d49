import 'server-only'
import { HARD_RPE } from '@/core/compose'
import { qualityOf } from '@/core/coverage'
import type { RosterFacts } from '@/core/evaluate'
import type { Catalogue, Muscle } from '@/core/movement'
import { itemsOf, movementIdOf } from '@/core/plan'
import { type Experience, learnPace, type Pace } from '@/core/timing'
import { addDays, type Day, type Settings } from '@/core/vocabulary'
import type { Database } from './db/connection'
import { remembered } from './judging'
import { ledSessions, pacedSessions } from './repositories/led'
import type { StoredSession } from './repositories/sessions'
import { type Group, peopleOn } from './roster'

/** The pace rests on so many classes at most, the newest: older ones count little by then. */
const MOST_CLASSES = 60
/** A group keeps what it has met for half a year, in the last classes of that time. */
const KNOWN_DAYS = 182
const KNOWN_CLASSES = 8

/** The studio whose classes teach. */
export interface Taught {
  id: string
  settings: Pick<Settings, 'paceSince'>
}

/** The pace of the instructor on a day, from the classes that were led before it; the same object for as long as these are the same. */
function paceOn(led: readonly StoredSession[], { id, settings: { paceSince } }: Taught, day: Day): Promise<Pace> {
  const before = led.filter((session) => session.day < day).slice(0, MOST_CLASSES)
  const stretches = before.flatMap((session) => session.stretches ?? [])
  // a session whose log was saved is read anew, and says the same of the pace
  const said = [stretches.length, stretches.reduce((sum, { seconds }) => sum + seconds, 0), ...before.map((session) => session.id)]
  return remembered(`pace ${id} ${day}`, [paceSince, ...said], async () =>
    learnPace(stretches, day, paceSince === undefined ? {} : { since: paceSince }),
  )
}

/** Movements of a session or a class, by id. */
export const movementsIn = ({ plan }: Pick<StoredSession, 'plan'>): string[] => itemsOf(plan).flatMap(({ item }) => movementIdOf(item) ?? [])

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
 * last classes to which at least half of it came. As many queries for all of them as for one.
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
  return Promise.all(
    classes.map(async ({ classId, size, day }) => {
      const theirs = led.filter((session) => session.classId === classId && session.day < day && session.came * 2 >= size)
      return { pace: await paceOn(paced, studio, day), knows: [...new Set(theirs.flatMap(movementsIn))].sort() }
    }),
  )
}

/** `experiencesOf` for one class. */
export async function experienceOf(db: Database, studio: Taught, asked: Asked): Promise<Experience> {
  const [one] = await experiencesOf(db, studio, [asked])
  return one!
}

/**
 * All that a class is judged with on a day besides its plan: its people, and what led classes have taught.
 *
 * @param size how many belong to it, where more than these have come
 */
export async function groupOn(
  db: Database,
  studio: Taught,
  { roster, day, classId }: Group & { classId: string },
  size = roster.length,
): Promise<{ people: RosterFacts[]; experience: Experience }> {
  const [people, experience] = await Promise.all([peopleOn(db, studio.id, roster, day, classId), experienceOf(db, studio, { classId, size, day })])
  return { people, experience }
}

/** The pace of the instructor with all that was led up to a day, this day too. */
export async function paceToday(db: Database, studio: Taught, day: Day): Promise<Pace> {
  const next = addDays(day, 1)
  return paceOn(await pacedSessions(db, studio.id, next, MOST_CLASSES), studio, next)
}

/** Sessions that count as the last ones. */
const LATELY = 2
/** Strength of the same muscles has two days between (rule base 5.4); who needs three is said by their own record. */
const GAP_DAYS = 1

/** What a class did last: its movements, and the muscles that were worked hard less than two days before a day. */
export async function latelyIn(
  db: Database,
  studioId: string,
  classId: string,
  day: Day,
  catalogue: Catalogue,
): Promise<{ movements: string[]; resting: Muscle[] }> {
  const led = await ledSessions(db, studioId, [classId], { from: addDays(day, -KNOWN_DAYS), before: day, most: LATELY })
  const hard = led
    .filter((session) => session.day >= addDays(day, -GAP_DAYS))
    .flatMap(({ plan }) => itemsOf(plan).flatMap(({ item }) => catalogue.byId.get(item.variant ?? '') ?? []))
    .filter(({ movement, planned }) => qualityOf(movement.purpose) === 'strength' && planned.intendedRpe >= HARD_RPE)
  return { movements: [...new Set(led.flatMap(movementsIn))].sort(), resting: [...new Set(hard.flatMap(({ movement }) => movement.main))].sort() }
}
