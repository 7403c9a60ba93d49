import { namesRead, type PersonFacts, type RecordedCondition, type RuleBase } from '../safety'
import { addMonths, ageOn, completedWeeks, type Day, daysBetween, gestation, weekOf } from './calendar'
import type { About } from './form'
import { ANSWER_FIELDS, type BodyRegion, type CheckIn, type ClientRecord, type ConditionRecord, partOf, READINGS, type Reading } from './record'
import { screenStand } from './standing'

/** A birth from this completed week on ended the pregnancy it falls in (rule base 0.3 step 1). */
const BIRTH_FROM_WEEK = 22
const AFTER_BIRTH_WEEKS = 52
/** A pause of more than this many weeks starts the weeks in the programme anew (1.5). */
const PROGRAMME_GAP_WEEKS = 4

/** Last day on which a clearance counts: its own expiry or the rule base's validity, whichever comes first. */
export function clearanceEnds(base: RuleBase, clearance: ClientRecord['clearances'][number]): Day | undefined {
  const months = base.conditions.get(clearance.condition)?.clearance.validMonths ?? 12
  const byRule = months === 0 ? undefined : addMonths(clearance.on, months)
  const ends = [clearance.expires, byRule].filter((day) => day !== undefined).sort()
  return ends[0]
}

const holdsOn = (base: RuleBase, clearance: ClientRecord['clearances'][number], day: Day): boolean => {
  const ends = clearanceEnds(base, clearance)
  return clearance.on <= day && (ends === undefined || day <= ends)
}

export function isCleared(base: RuleBase, record: Pick<ClientRecord, 'clearances'>, slug: string, day: Day): boolean {
  return record.clearances.some((clearance) => {
    return clearance.condition === slug && clearance.movement === undefined && holdsOn(base, clearance, day)
  })
}

/** The stage of life that the calendar gives: week of pregnancy, weeks since birth. Undefined where there is none. */
export function perinatal(
  record: Pick<ClientRecord, 'dueDate' | 'lastBirth'>,
  day: Day,
): { week?: number; weekDays?: number; weeksSinceBirth?: number } {
  const { dueDate, lastBirth } = record
  const weeksSinceBirth = lastBirth && lastBirth.on <= day ? completedWeeks(lastBirth.on, day) : undefined
  if (dueDate === undefined) return { weeksSinceBirth }
  const { weeks, days } = gestation(dueDate, day)
  const born = lastBirth !== undefined && lastBirth.on <= day && gestation(dueDate, lastBirth.on).weeks >= BIRTH_FROM_WEEK
  // never cut off at the end of the term: overdue without a recorded birth is asked about, not forgotten
  if (born || weeks < 0) return { weeksSinceBirth }
  return { week: weeks, weekDays: days, weeksSinceBirth }
}

/** Rules bite hardest late in a pregnancy, so a week that nobody knows is read as this one. */
const UNKNOWN_WEEK = 36
/** Ages at which a pregnancy that was not said can be. */
const CAN_BE = { from: 12, to: 55 }

/** The week by which somebody is judged whose due date nobody knows: a guest who said yes, or who did not say and can be pregnant. */
function unknownWeek({ pregnant, sex, birthDate, dueDate }: ClientRecord, day: Day): number | undefined {
  if (dueDate !== undefined || pregnant === undefined || pregnant === 'no') return undefined
  const age = ageOn(birthDate, day)
  return pregnant === 'yes' || (sex !== 'male' && age >= CAN_BE.from && age <= CAN_BE.to) ? UNKNOWN_WEEK : undefined
}

const inAfterBirth = (weeksSinceBirth: number | undefined) => weeksSinceBirth !== undefined && weeksSinceBirth <= AFTER_BIRTH_WEEKS

/** What decides which questions of the form are somebody's. */
export function aboutOn(record: Pick<ClientRecord, 'birthDate' | 'dueDate' | 'lastBirth'>, day: Day): About {
  const { week, weeksSinceBirth } = perinatal(record, day)
  return { age: ageOn(record.birthDate, day), pregnant: week !== undefined, afterBirth: inAfterBirth(weeksSinceBirth) }
}

/** Weeks in which somebody came at least once, since the last pause of more than four weeks (rule base 1.5). */
export function weeksInProgramme(attended: readonly Day[], day: Day): number {
  const days = attended.filter((one) => one <= day).sort()
  const weeks = new Set<number>()
  let later = day
  for (const one of days.reverse()) {
    if (daysBetween(one, later) > PROGRAMME_GAP_WEEKS * 7) break
    weeks.add(weekOf(one))
    later = one
  }
  return weeks.size
}

/** No rule asks for more weeks in the programme than these. */
export const PROGRAMME_WEEKS_ASKED = 12

/**
 * Whether days before a first one can change nothing that a rule asks for: there are weeks enough already, or the programme began anew after it.
 *
 * @param attended all days from `from` to `day` on which somebody came
 */
export function programmeSettled(attended: readonly Day[], from: Day, day: Day): boolean {
  const oldest = [...attended].sort()[0] ?? day
  const weeks = weeksInProgramme(attended, day)
  return weeks >= PROGRAMME_WEEKS_ASKED || daysBetween(from, oldest) > PROGRAMME_GAP_WEEKS * 7 || weeks < weeksCame(attended)
}

const weeksCame = (attended: readonly Day[]): number => new Set(attended.map(weekOf)).size

function conditionFacts(base: RuleBase, record: ClientRecord, condition: ConditionRecord, today: CheckIn | undefined, day: Day): RecordedCondition {
  const answers = Object.fromEntries(ANSWER_FIELDS.flatMap((key) => (condition[key] === undefined ? [] : [[key, condition[key]]])))
  const todays = Object.fromEntries(Object.entries(today?.conditions?.[condition.slug] ?? {}).filter(([, value]) => value !== undefined))
  const birthDay = base.conditions.get(condition.slug)?.lasts === 'birth-year' ? record.lastBirth?.on : undefined
  const since = condition.since ?? birthDay
  // a low sugar that needed help counts for a day
  const lowIsOver = condition.severeHypoOn !== undefined && daysBetween(condition.severeHypoOn, day) > 1
  return {
    slug: condition.slug,
    ...(condition.variant && { variant: condition.variant }),
    ...(condition.side && { side: condition.side }),
    ...(since !== undefined && since <= day && { weeks: completedWeeks(since, day) }),
    cleared: isCleared(base, record, condition.slug, day),
    ...answers,
    ...(lowIsOver && { severeHypo24h: false }),
    ...todays,
  }
}

/** Conditions that the calendar, a medicine or today's answers bring in beside the record, with what the record knows of them. */
function impliedConditions(base: RuleBase, record: ClientRecord, day: Day, today: CheckIn | undefined): ConditionRecord[] {
  const { week, weeksSinceBirth } = perinatal(record, day)
  const afterBirth = inAfterBirth(weeksSinceBirth)
  const unwell = today !== undefined && (today.dayFeel === 'unwell' || today.feverNow === true)
  const recorded = new Set(record.conditions.map(({ slug }) => slug))
  return [...base.conditions.values()].flatMap(({ slug, addedBy }): ConditionRecord[] => {
    if (recorded.has(slug)) return []
    // a clearance counts though the calendar, not the record, adds the condition
    const withLetter = isCleared(base, record, slug, day)
    switch (addedBy?.by) {
      case 'gestation':
        return week !== undefined && withLetter ? [{ slug }] : []
      case 'birth':
        if (addedBy.kind === undefined) return afterBirth && record.lastBirth?.kind !== 'caesarean' && withLetter ? [{ slug }] : []
        return afterBirth && record.lastBirth?.kind === addedBy.kind ? [{ slug }] : []
      case 'medicine':
        return record.medicines[addedBy.medicine] ? [{ slug }] : []
      case 'unwell':
        return unwell ? [{ slug }] : []
      default:
        return []
    }
  })
}

/** What somebody who is sore somewhere today is judged by, until tomorrow: the general condition of each place at the stage that it names. */
const sorenessToday = (base: RuleBase, sore: readonly BodyRegion[]): RecordedCondition[] =>
  sore.flatMap((region) => {
    const { part, side } = partOf(region)
    return [...base.conditions.values()].flatMap(({ slug, soreHere }): RecordedCondition[] =>
      soreHere?.parts.includes(part) ? [{ slug, today: 'sore', variant: soreHere.variant, ...(side && { side }) }] : [],
    )
  })

export interface KnownOnDay {
  /** what was said at the door */
  today?: CheckIn
  /** days on which the person came to a class */
  attended?: readonly Day[]
}

/**
 * What the rules may know of a client on a day. Only this function turns dates into weeks, so the same record checked for a later
 * date gives that date's answer.
 */
export function factsOn(base: RuleBase, record: ClientRecord, day: Day, { today, attended = [] }: KnownOnDay = {}): PersonFacts {
  const { week = unknownWeek(record, day), weeksSinceBirth } = perinatal(record, day)
  const { capability } = record
  const { conditions: _conditions, usualPain, until: _until, asUsual: _asUsual, sore = [], sleptBadly, ...door } = today ?? {}
  const individualPlans = record.clearances.flatMap(({ movement, condition, by, ...clearance }) =>
    movement !== undefined && holdsOn(base, { condition, by, ...clearance }, day) ? [{ condition, movement, note: by }] : [],
  )
  const unlisted = record.unlisted.flatMap(({ words, clearedOn }) => (clearedOn !== undefined && clearedOn <= day ? [] : [words]))
  return {
    age: ageOn(record.birthDate, day),
    ...(week !== undefined && { gestationalWeek: week }),
    ...(weeksSinceBirth !== undefined && { weeksPostpartum: weeksSinceBirth }),
    ...(record.noBirth12m !== undefined && { noBirth12m: record.noBirth12m }),
    ...(record.latexAllergy !== undefined && { latexAllergy: record.latexAllergy }),
    ...(capability.riseNoHands !== undefined && { riseNoHands: capability.riseNoHands }),
    ...(capability.floorTransferOk !== undefined && { floorTransferOk: capability.floorTransferOk }),
    ...(capability.singleLegSec !== undefined && { singleLegTestSec: capability.singleLegSec }),
    ...(capability.impactTrained !== undefined && { impactTrained: capability.impactTrained }),
    ...(capability.coning !== undefined && { coning: capability.coning }),
    ...(capability.pfLoadTestOk !== undefined && { pfLoadTestOk: capability.pfLoadTestOk }),
    screenOutcome: screenStand(record, { day, ...(week !== undefined && { week }), cleared: (slug) => isCleared(base, record, slug, day) }),
    weeksInProgramme: weeksInProgramme(attended, day),
    ...(unlisted.length > 0 && { unlisted }),
    ...(individualPlans.length > 0 && { individualPlans }),
    ...door,
    ...(sleptBadly && door.dayFeel !== 'unwell' && { dayFeel: 'a-bit-off' as const }),
    ...(door.painNow !== undefined && { painAboveUsual: door.painNow - (usualPain ?? 0) }),
    conditions: [
      ...[...record.conditions, ...impliedConditions(base, record, day, today)].map((condition) =>
        conditionFacts(base, record, condition, today, day),
      ),
      ...sorenessToday(base, sore),
    ],
  }
}

/**
 * The readings that somebody's conditions ask for, those of the calendar and of medicines too: what their own rules, gates and limits
 * read. What is read of everybody (`addedBy: always`) asks nobody.
 */
export function readingsAsked(base: RuleBase, record: ClientRecord, day: Day): Reading[] {
  const { week } = perinatal(record, day)
  const byCalendar =
    week === undefined ? [] : [...base.conditions.values()].filter(({ addedBy }) => addedBy?.by === 'gestation').map(({ slug }) => slug)
  const slugs = [...record.conditions, ...impliedConditions(base, record, day, undefined)].map(({ slug }) => slug)
  const read = new Set([...byCalendar, ...slugs].flatMap((slug) => [...namesRead(base, slug)]))
  return READINGS.filter((reading) => read.has(`p.${reading}`))
}
