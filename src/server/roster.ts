import 'server-only'
import { type CheckIn, type ClientRecord, type Day, factsOn } from '@/core/client'
import type { PersonFacts } from '@/core/safety'
import type { StoredClient } from './repositories/clients'
import { RULE_BASE } from './ruleBase'

/** What the designer and the leading screen know of a person: a name to call, and what the rules may read. */
export interface RosterFacts {
  id: string
  name: string
  facts: PersonFacts
}

/** First names; where two are the same, with the first letter of the family name. */
export function callNames(records: readonly Pick<ClientRecord, 'given' | 'family'>[]): string[] {
  return records.map(({ given, family }) =>
    records.filter((other) => other.given === given).length > 1 && family ? `${given} ${family[0]}.` : given,
  )
}

export function rosterFacts(roster: readonly StoredClient[], day: Day, checkIns: ReadonlyMap<string, CheckIn> = new Map()): RosterFacts[] {
  const names = callNames(roster.map(({ record }) => record))
  return roster.map(({ id, record }, index) => ({ id, name: names[index]!, facts: factsOn(RULE_BASE, record, day, checkIns.get(id)) }))
}
