import type { PersonFacts, RecordedCondition, RuleBase } from '../safety'
import { addMonths, ageOn, completedWeeks, type Day, daysBetween, gestation } from './calendar'
import type { CheckIn, ClientRecord, ConditionRecord } from './record'

/** Medicines that are conditions of the rule base. */
const MEDICINE_CONDITIONS = {
  betaBlocker: 'beta-blocker',
  bloodThinner: 'anticoagulants',
  insulinOrSulfonylurea: 'diabetes-hypoglycaemia-risk',
} as const

/** A pregnancy is not carried past this many completed weeks; then the birth must be asked. */
const LATEST_WEEK = 44

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

export function isCleared(base: RuleBase, record: ClientRecord, slug: string, day: Day): boolean {
  return record.clearances.some((clearance) => {
    return clearance.condition === slug && clearance.movement === undefined && holdsOn(base, clearance, day)
  })
}

/** The stage of life that the calendar gives: week of pregnancy, weeks since birth. Undefined where there is none. */
export function perinatal(
  record: Pick<ClientRecord, 'dueDate' | 'lastBirth'>,
  day: Day,
): { week?: number; weekDays?: number; weeksSinceBirth?: number } {
  const weeksSinceBirth = record.lastBirth && record.lastBirth.on <= day ? completedWeeks(record.lastBirth.on, day) : undefined
  if (record.dueDate === undefined) return { weeksSinceBirth }
  const { weeks, days } = gestation(record.dueDate, day)
  // a birth in the last weeks before or after the due date ended this pregnancy
  const born = record.lastBirth !== undefined && daysBetween(record.lastBirth.on, record.dueDate) < 140 && record.lastBirth.on <= day
  if (born || weeks < 0 || weeks > LATEST_WEEK) return { weeksSinceBirth }
  return { week: weeks, weekDays: days, weeksSinceBirth }
}

const ANSWER_KEYS = [
  'painToday',
  'maxMet',
  'painFreeElevDeg',
  'footWeak',
  'orthopnoea',
  'hypoUnaware',
  'onOxygen',
  'offNow',
  'trunkControlLow',
  'heatSensitive',
  'ulcer',
  'standingOk',
  'jointAffected',
  'severeHypo24h',
  'symptomatic',
  'handsNumb',
] as const

function conditionFacts(base: RuleBase, record: ClientRecord, condition: ConditionRecord, today: CheckIn | undefined, day: Day): RecordedCondition {
  const answers = Object.fromEntries(ANSWER_KEYS.flatMap((key) => (condition[key] === undefined ? [] : [[key, condition[key]]])))
  const todays = Object.fromEntries(Object.entries(today?.conditions?.[condition.slug] ?? {}).filter(([, value]) => value !== undefined))
  const birthWeeks = condition.slug === 'postnatal' || condition.slug === 'caesarean' ? record.lastBirth?.on : undefined
  const since = condition.since ?? birthWeeks
  return {
    slug: condition.slug,
    ...(condition.variant && { variant: condition.variant }),
    ...(condition.side && { side: condition.side }),
    ...(since !== undefined && since <= day && { weeks: completedWeeks(since, day) }),
    cleared: isCleared(base, record, condition.slug, day),
    ...answers,
    ...todays,
  }
}

/**
 * What the rules may know of a client on a day. Only this function turns dates into weeks, so the same record checked for a later
 * date gives that date's answer.
 */
export function factsOn(base: RuleBase, record: ClientRecord, day: Day, today?: CheckIn): PersonFacts {
  const { week, weeksSinceBirth } = perinatal(record, day)
  const { capability } = record
  const { conditions: _conditions, usualPain, until: _until, ...door } = today ?? {}
  const fromBirth = record.lastBirth?.kind === 'caesarean' && weeksSinceBirth !== undefined && weeksSinceBirth <= 52
  const slugs = new Set(record.conditions.map(({ slug }) => slug))
  const implied: ConditionRecord[] = [
    ...(fromBirth && !slugs.has('caesarean') ? [{ slug: 'caesarean' }] : []),
    // a clearance for pregnancy or the time after birth counts though the calendar, not the record, adds the condition
    ...(week !== undefined && !slugs.has('pregnancy') && isCleared(base, record, 'pregnancy', day) ? [{ slug: 'pregnancy' }] : []),
    ...(weeksSinceBirth !== undefined && weeksSinceBirth <= 52 && !fromBirth && !slugs.has('postnatal') && isCleared(base, record, 'postnatal', day)
      ? [{ slug: 'postnatal' }]
      : []),
  ]
  const individualPlans = record.clearances.flatMap(({ movement, condition, by, ...clearance }) =>
    movement !== undefined && holdsOn(base, { condition, by, ...clearance }, day) ? [{ condition, movement, note: by }] : [],
  )
  const medicines = Object.entries(MEDICINE_CONDITIONS).flatMap(([medicine, slug]) =>
    record.medicines?.[medicine as keyof typeof MEDICINE_CONDITIONS] && !slugs.has(slug) ? [{ slug }] : [],
  )
  const unwell = today && (today.dayFeel === 'unwell' || today.feverNow) && !slugs.has('acute-illness-today') ? [{ slug: 'acute-illness-today' }] : []
  return {
    age: ageOn(record.birthDate, day),
    ...(week !== undefined && { gestationalWeek: week }),
    ...(weeksSinceBirth !== undefined && { weeksPostpartum: weeksSinceBirth }),
    ...(record.noBirth12m !== undefined && { noBirth12m: record.noBirth12m }),
    ...(capability.riseNoHands !== undefined && { riseNoHands: capability.riseNoHands }),
    ...(capability.floorTransferOk !== undefined && { floorTransferOk: capability.floorTransferOk }),
    ...(capability.singleLegSec !== undefined && { singleLegTestSec: capability.singleLegSec }),
    ...(capability.impactTrained !== undefined && { impactTrained: capability.impactTrained }),
    ...(capability.coning !== undefined && { coning: capability.coning }),
    ...(capability.pfLoadTestOk !== undefined && { pfLoadTestOk: capability.pfLoadTestOk }),
    ...(record.joined !== undefined && record.joined <= day && { weeksInProgramme: completedWeeks(record.joined, day) }),
    ...(individualPlans.length > 0 && { individualPlans }),
    ...door,
    ...(door.painNow !== undefined && { painAboveUsual: door.painNow - (usualPain ?? 0) }),
    conditions: [...record.conditions, ...implied, ...medicines, ...unwell].map((condition) => conditionFacts(base, record, condition, today, day)),
  }
}
