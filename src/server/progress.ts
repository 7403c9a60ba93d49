import 'server-only'
import { BANDS } from '@/content/kit/bands'
import type { ProgressAnswer } from '@/core/client'
import { qualityOf } from '@/core/coverage'
import { type CatalogueEntry, familyOf } from '@/core/movement'
import { type Occasion, type Progression, type ProgressStep, progression, sameDay, standingOn, stepBlocked, stepOf } from '@/core/progress'
import { assess } from '@/core/safety'
import { addDays, type Day, PAIRS_KG } from '@/core/vocabulary'
import type { Database } from './db/connection'
import { movementsIn } from './experience'
import type { Shelf } from './judging'
import type { StoredClass } from './repositories/classes'
import type { StoredClient } from './repositories/clients'
import { groupHistory } from './repositories/history'
import type { Studio } from './repositories/studios'
import { peopleOn } from './roster'
import { RULE_BASE } from './ruleBase'

/** What lies further back says nothing of now, days. */
const LOOKED_BACK_DAYS = 84

/** What the log says of one person in one movement of a class, and the step that it means. */
export interface Proposal {
  entry: CatalogueEntry
  kg?: number
  step?: ProgressStep
  /** why the rules do not let the step be done */
  blocked?: string
  /** how this very proposal was answered */
  answered?: ProgressAnswer
}

/** Movements of which the log says the same of one person: for the same reason, from the same last day. */
export interface Proposed {
  person: string
  name: string
  /** last day on which they were done */
  last: Day
  progression: Progression
  proposals: Proposal[]
}

/** What goes up and down by a log; how far somebody stretches, or breathes, is theirs to say. */
const TRAINED: ReadonlySet<string> = new Set(['strength', 'power', 'balance', 'heart'])
/** For everybody on the list of a class and each movement of its plan that they have done lately: what the log says for its next day. */
export async function proposalsFor(
  db: Database,
  studio: Studio,
  { catalogue }: Shelf,
  { stored, roster, day }: { stored: StoredClass; roster: readonly StoredClient[]; day: Day },
): Promise<Proposed[]> {
  const [people, history] = await Promise.all([
    peopleOn(db, studio.id, roster, day, stored.id),
    groupHistory(
      db,
      studio.id,
      roster.map(({ id }) => id),
      addDays(day, -LOOKED_BACK_DAYS),
    ),
  ])
  const wanted = new Set(movementsIn(stored))
  const taps = (session: string, person: string, kinds: readonly string[]) =>
    history.told.some((tap) => tap.sessionId === session && tap.person === person && kinds.includes(tap.kind))
  return people.flatMap(({ id, name, facts }, at): Proposed[] => {
    const { record } = roster[at]!
    const days = history.days.filter(({ clientId }) => clientId === id)
    const assessment = assess(RULE_BASE, facts, { supportInReach: true })
    const usualPain = days.findLast(({ checkIn }) => checkIn?.usualPain !== undefined)?.checkIn?.usualPain ?? 0
    const standing = standingOn(day, assessment, usualPain)
    const done = new Map<string, { entry: CatalogueEntry; kg: number | null; occasions: Occasion[] }>()
    for (const { sessionId, day: on, exertion, painDuring, painNextDay, marks } of days) {
      for (const { variant, kg } of history.entries.filter((one) => one.sessionId === sessionId && one.clientId === id)) {
        const entry = catalogue.byId.get(variant)
        if (!entry || !wanted.has(entry.movement.id) || !TRAINED.has(qualityOf(entry.movement.purpose))) continue
        const before = done.get(entry.movement.id)?.occasions ?? []
        const occasion: Occasion = {
          day: on,
          ...(exertion !== null && { exertion }),
          ...(painDuring !== null && { painDuring }),
          ...(painNextDay !== null && { painNextDay }),
          formLost: marks?.includes('form-lost') ?? false,
          twoMore: marks?.includes('two-more') ?? false,
          stopped: taps(sessionId, id, ['stop-sign', 'incident', 'incident-note']),
          nearFall: familyOf(entry.planned.basePosition) === 'standing' && taps(sessionId, id, ['near-fall']),
        }
        const last = before.at(-1)
        const occasions = last?.day === on ? [...before.slice(0, -1), sameDay(last, occasion)] : [...before, occasion]
        done.set(entry.movement.id, { entry, kg, occasions })
      }
    }
    const groups = new Map<string, Proposed>()
    for (const { entry, kg, occasions } of done.values()) {
      const found = progression(occasions, standing)
      if (!found) continue
      const last = occasions.at(-1)!.day
      const lifted = kg === null ? {} : { kg }
      const step = stepOf({ entry, ...lifted }, found, { pairsKg: PAIRS_KG[studio.settings.houseRules.masses], bands: BANDS }, record.statureCm)
      const blocked = step && found.verdict === 'up' ? stepBlocked(assessment, { entry }, step, catalogue) : undefined
      const answered = record.progress.find((one) => one.movement === entry.movement.id && one.last === last && one.verdict === found.verdict)
      const key = JSON.stringify([found.verdict, found.because, last])
      const group = groups.get(key) ?? { person: id, name, last, progression: found, proposals: [] }
      groups.set(key, group)
      group.proposals.push({ entry, ...lifted, ...(step && { step }), ...(blocked !== undefined && { blocked }), ...(answered && { answered }) })
    }
    return [...groups.values()]
  })
}
