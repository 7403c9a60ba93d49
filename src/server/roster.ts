import 'server-only'
import { LIBRARY } from '@/content/movements'
import { type CheckIn, type ClientRecord, type Day, factsOn, fullName, type OverruleRecord, overrulesOn, type RunsOut, runsOut } from '@/core/client'
import { inGroup, type RosterFacts } from '@/core/evaluate'
import { type Overrule, overruledDose, type PersonFacts } from '@/core/safety'
import type { Database } from './db/connection'
import { attendedDays, holdingOn, saidBetween } from './repositories/checkIns'
import type { StoredClient } from './repositories/clients'
import { overrulesOf } from './repositories/overrules'
import { RULE_BASE } from './ruleBase'

/**
 * First names; where two are the same, with the first letter of the family name, then the whole of it, then the year of birth: as much as tells
 * people apart.
 */
export function callNames(records: readonly Pick<ClientRecord, 'given' | 'family' | 'birthDate'>[]): string[] {
  const ways = [
    ({ given }: (typeof records)[number]) => given,
    ({ given, family }: (typeof records)[number]) => (family ? `${given} ${family[0]}.` : given),
    fullName,
    (one: (typeof records)[number]) => `${fullName(one)}, ${one.birthDate.slice(0, 4)}`,
    (one: (typeof records)[number]) => `${fullName(one)}, ${one.birthDate}`,
  ]
  const counts = ways.map((way) => {
    const found = new Map<string, number>()
    for (const record of records) found.set(way(record), (found.get(way(record)) ?? 0) + 1)
    return found
  })
  return records.map((record) => {
    const at = ways.findIndex((way, index) => counts[index]!.get(way(record)) === 1)
    return ways.at(at)!(record)
  })
}

/** What people of a list are called, by id; nothing for somebody who is not on it. */
export function calledOf(people: readonly Pick<StoredClient, 'id' | 'record'>[]): (id: string) => string {
  const names = callNames(people.map(({ record }) => record))
  const called = new Map(people.map(({ id }, at) => [id, names[at]!]))
  return (id) => called.get(id) ?? ''
}

/** One that was given before doses were kept holds for the variant's own dose, with support in reach; of a movement of one's own it is asked again. */
function overruleOf({ variant, reason, by, upTo }: OverruleRecord): Overrule[] {
  const entry = LIBRARY.byId.get(variant)
  const holds = upTo ?? (entry && overruledDose(entry.planned, entry.variant.dose.sets, true))
  return holds ? [{ variant, reason, by, upTo: holds }] : []
}

/** Days for which the facts of a record are kept. */
const MOST_DAYS = 40
/** Facts of records that have not changed since; a record that was read again is another object. */
const factsKnown = new WeakMap<ClientRecord, Map<string, PersonFacts>>()

/** What the rules may know of a record on a day, worked out once for the same day, answers and attendance. */
export function knownFacts(record: ClientRecord, day: Day, attended: readonly Day[], today?: CheckIn): PersonFacts {
  const key = JSON.stringify([day, attended, today])
  const facts = factsKnown.get(record)?.get(key) ?? factsOn(RULE_BASE, record, day, { ...(today && { today }), attended })
  // today, and the days of the coming weeks
  const known = factsKnown.get(record)
  factsKnown.set(record, known && known.size < MOST_DAYS ? known.set(key, facts) : new Map([[key, facts]]))
  return facts
}

const runningOut = new WeakMap<ClientRecord, { day: Day; found: RunsOut[] }>()

/** What of a record runs out soon, worked out once a day. */
export function soonOut(record: ClientRecord, day: Day): RunsOut[] {
  const known = runningOut.get(record)
  if (known?.day === day) return known.found
  const found = runsOut(RULE_BASE, record, day)
  runningOut.set(record, { day, found })
  return found
}

/** Whose day it is: the people of a class on a day. */
export interface Group {
  roster: readonly StoredClient[]
  day: Day
  /** as if nothing had been said at the door of this day; what holds from days before does */
  beforeTheDoor?: true
  /** days after today on which they are taken to come */
  comes?: readonly Day[]
  /** class in which an overrule with that scope holds; left out = those for every class only */
  classId?: string
}

/**
 * The people of classes on their days as the rules know them: record, what they said at the door, and the instructor's own word. As many
 * queries for all of them as for one.
 */
export async function peopleOfAll(db: Database, studioId: string, groups: readonly Group[]): Promise<RosterFacts[][]> {
  const ids = [...new Set(groups.flatMap(({ roster }) => roster.map(({ id }) => id)))]
  const days = groups.map(({ day }) => day).sort()
  const [first, last] = [days[0], days.at(-1)]
  if (first === undefined || last === undefined) return []
  const [said, attended, overrules] = await Promise.all([
    saidBetween(db, studioId, ids, first, last),
    attendedDays(db, studioId, ids, last, first),
    overrulesOf(db, studioId, ids),
  ])
  return groups.map(({ roster, day, classId, beforeTheDoor, comes = [] }) => {
    const checkIns = holdingOn(beforeTheDoor ? said.filter((one) => one.day !== day) : said, day)
    const names = callNames(roster.map(({ record }) => record))
    return roster.map(({ id, record }, index): RosterFacts => {
      const own = overrulesOn(
        overrules.filter(({ clientId }) => clientId === id).map((overrule) => overrule.record),
        day,
        classId,
      )
      const today = checkIns.get(id)
      const came = [...(attended.get(id) ?? []), ...comes].filter((on) => on <= day)
      const facts = knownFacts(record, day, came, today)
      return {
        id,
        name: names[index]!,
        ...inGroup(record),
        facts: own.length > 0 ? { ...facts, overrules: own.flatMap(overruleOf) } : facts,
      }
    })
  })
}

/** `peopleOfAll` for one class. */
export async function peopleOn(db: Database, studioId: string, roster: readonly StoredClient[], day: Day, classId?: string): Promise<RosterFacts[]> {
  const [people] = await peopleOfAll(db, studioId, [{ roster, day, ...(classId !== undefined && { classId }) }])
  return people ?? []
}
