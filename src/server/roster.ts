import 'server-only'
import { LIBRARY } from '@/content/movements'
import { type ClientRecord, type Day, factsOn, type OverruleRecord, overrulesOn } from '@/core/client'
import type { RosterFacts } from '@/core/evaluate'
import { type Overrule, overruledDose } from '@/core/safety'
import type { Database } from './db/connection'
import { attendedDays, checkInsOn } from './repositories/checkIns'
import type { StoredClient } from './repositories/clients'
import { overrulesOf } from './repositories/overrules'
import { RULE_BASE } from './ruleBase'

/** First names; where two are the same, with the first letter of the family name. */
export function callNames(records: readonly Pick<ClientRecord, 'given' | 'family'>[]): string[] {
  return records.map(({ given, family }) =>
    records.filter((other) => other.given === given).length > 1 && family ? `${given} ${family[0]}.` : given,
  )
}

/** One that was given before doses were kept holds for the variant's own dose, with support in reach; of a movement of one's own it is asked again. */
function overruleOf({ variant, reason, by, upTo }: OverruleRecord): Overrule[] {
  const entry = LIBRARY.byId.get(variant)
  const holds = upTo ?? (entry && overruledDose(entry.planned, entry.variant.dose.sets, true))
  return holds ? [{ variant, reason, by, upTo: holds }] : []
}

/**
 * The people of a class on a day as the rules know them: record, what they said at the door, and the instructor's own word.
 *
 * @param classId class in which an overrule with that scope holds; left out = those for every class only
 */
export async function peopleOn(db: Database, studioId: string, roster: readonly StoredClient[], day: Day, classId?: string): Promise<RosterFacts[]> {
  const ids = roster.map(({ id }) => id)
  const [checkIns, attended, overrules] = await Promise.all([
    checkInsOn(db, studioId, ids, day),
    attendedDays(db, studioId, ids, day),
    overrulesOf(db, studioId, ids),
  ])
  const names = callNames(roster.map(({ record }) => record))
  return roster.map(({ id, record }, index) => {
    const own = overrulesOn(
      overrules.filter(({ clientId }) => clientId === id).map((overrule) => overrule.record),
      day,
      classId,
    )
    const today = checkIns.get(id)
    const facts = factsOn(RULE_BASE, record, day, { ...(today && { today }), attended: attended.get(id) ?? [] })
    return {
      id,
      name: names[index]!,
      ...(record.ownHelper && { ownHelper: true }),
      facts: own.length > 0 ? { ...facts, overrules: own.flatMap(overruleOf) } : facts,
    }
  })
}
