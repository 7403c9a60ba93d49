import 'server-only'
import { askedAgain, type ClientRecord, standsOn } from '@/core/client'
import { meetings, type PlanDraft } from '@/core/plan'
import type { Turn } from '@/core/progress'
import { addDays, type Day, daysBetween } from '@/core/vocabulary'
import type { Database } from './db/connection'
import { experiencesOf } from './experience'
import { askAhead, askStanding, type Shelf } from './judging'
import type { StoredClass } from './repositories/classes'
import type { StoredClient } from './repositories/clients'
import { lastLed } from './repositories/led'
import { planDays } from './repositories/planning'
import type { Studio } from './repositories/studios'
import { callNames, peopleOfAll } from './roster'
import { RULE_BASE } from './ruleBase'

/** So far ahead a class is judged, weeks; one that is in a longer series to its end. */
const AHEAD_WEEKS = 12

const renewals = new WeakMap<ClientRecord, Map<Day, ClientRecord>>()
/** The record with the health questions answered again where they are due by then: the same object for the same day, so that its facts are known. */
function renewed(record: ClientRecord, day: Day): ClientRecord {
  const known = renewals.get(record) ?? new Map<Day, ClientRecord>()
  renewals.set(record, known)
  const one = known.get(day) ?? askedAgain(record, standsOn(RULE_BASE, record, day))
  known.set(day, one)
  return one
}

interface OnDays {
  stored: Pick<StoredClass, 'id' | 'plan'>
  /** of the plans of one class which */
  which?: string
  roster: readonly StoredClient[]
  days: readonly Day[]
}

/**
 * Classes on several of their days each, with everybody as they will be then; null where a plan cannot be judged. They are taken to come every
 * time, and to answer the health questions again, in the same words, when these are due. As many queries for all classes as for one.
 */
async function turnsOf(db: Database, studio: Studio, shelf: Shelf, classes: readonly OnDays[]): Promise<(Turn[] | null)[]> {
  const groups = classes.flatMap(({ stored: { id }, roster, days }) =>
    days.map((day) => ({
      roster: roster.map((one) => ({ ...one, record: renewed(one.record, day) })),
      day,
      classId: id,
      comes: days,
      beforeTheDoor: true as const,
    })),
  )
  const [people, experiences] = await Promise.all([
    peopleOfAll(db, studio.id, groups),
    experiencesOf(
      db,
      studio,
      classes.map(({ stored: { id }, roster, days }) => ({ classId: id, size: roster.length, day: days[0]! })),
    ),
  ])
  let next = 0
  return Promise.all(
    classes.map(({ stored: { id, plan }, which = '', days }, at) => {
      const on = days.map((day) => ({ day, people: people[next++]! }))
      return askAhead(shelf, `${id} ${which} ${days.length}`, { plan, meetings: on, experience: experiences[at]! })
    }),
  )
}

/** The coming weeks of a class. */
export interface WeeksAhead {
  days: Day[]
  /** null = the plan cannot be judged */
  turns: Turn[] | null
  /** who is to answer the health questions again, and before which day */
  due: { day: Day; person: string }[]
  /** who may not take part as it is: of them nothing is said ahead */
  closed: string[]
}

/** Of several plans of one class: what is of the person and not of a plan is told on the first day only. */
function toldOnce(turns: readonly Turn[]): Turn[] {
  const told = new Set<string>()
  const isNew = (key: string): boolean => told.size !== told.add(key).size
  return turns.flatMap((turn): Turn[] => {
    const limits = turn.limits.filter(({ limit, is }) => isNew(`${turn.person} ${limit} ${is}`))
    const stands = (turn.closes === undefined && !turn.opens) || isNew(`${turn.person} ${turn.closes ?? 'opens'}`)
    return turn.items.length + limits.length > 0 || (stands && (turn.closes !== undefined || turn.opens)) ? [{ ...turn, limits }] : []
  })
}

/** What the calendar changes of a class in the coming weeks, from its next day on. */
export async function weeksAhead(
  db: Database,
  studio: Studio,
  shelf: Shelf,
  { stored, roster }: { stored: StoredClass; roster: readonly StoredClient[] },
  today: Day,
): Promise<WeeksAhead> {
  const { days: ofSeries, on } = await planDays(db, studio.id, stored)
  const [usual, end] = [addDays(today, 7 * AHEAD_WEEKS), ofSeries.at(-1)?.day]
  const until = end !== undefined && end >= usual ? addDays(end, 1) : usual
  const days = meetings(stored, studio.settings.closed, today, daysBetween(today, until)).filter((day) => day < until)
  const [first] = days
  if (first === undefined || days.length < 2 || roster.length === 0) return { days, turns: [], due: [], closed: [] }
  const due = roster.flatMap(({ id: person, record }) => {
    const day = days.slice(1).find((on) => renewed(record, on) !== record)
    return day === undefined ? [] : [{ day, person }]
  })
  // each plan is judged on its own days, and on the first of all as the day from which it may have turned
  const byPlan = new Map<PlanDraft, Day[]>()
  for (const day of days) byPlan.set(on(day).plan, [...(byPlan.get(on(day).plan) ?? []), day])
  const plans = [...byPlan].map(
    ([plan, own], at): OnDays => ({
      stored: { id: stored.id, plan },
      which: `plan ${at}`,
      roster,
      days: own[0] === first ? own : [first, ...own],
    }),
  )
  const [[now], asked] = await Promise.all([
    peopleOfAll(db, studio.id, [{ roster, day: first, classId: stored.id, beforeTheDoor: true }]),
    turnsOf(db, studio, shelf, plans),
  ])
  const all = asked.flatMap((one) => one ?? []).toSorted((a, b) => a.day.localeCompare(b.day))
  const turns = asked.includes(null) ? null : plans.length > 1 ? toldOnce(all) : all
  const standing = await askStanding(now!.map(({ facts }) => facts))
  const names = callNames(roster.map(({ record }) => record))
  return { days, turns, due, closed: names.filter((_, at) => standing[at]?.closed !== undefined) }
}

/** What the calendar has changed of each class since it was led last, by class; of one that was never led nothing. */
export async function sinceLastTime(
  db: Database,
  studio: Studio,
  shelf: Shelf,
  classes: readonly { stored: StoredClass; roster: readonly StoredClient[]; next: Day }[],
): Promise<Map<string, Turn[]>> {
  const last = await lastLed(
    db,
    studio.id,
    classes.map(({ stored: { id } }) => id),
  )
  const asked = classes.flatMap(({ stored, roster, next }): OnDays[] => {
    const before = last.get(stored.id)
    return before !== undefined && before < next && roster.length > 0 ? [{ stored, roster, days: [before, next] }] : []
  })
  const turns = await turnsOf(db, studio, shelf, asked)
  return new Map(asked.map(({ stored: { id } }, at) => [id, turns[at] ?? []]))
}
