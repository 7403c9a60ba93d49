import type { ClientInput, ClientRecord, ConditionRecord, Site } from '@/core/client'
import { kgOf, type MassUnit, massIn } from '@/core/vocabulary'

type Answer = '' | 'yes' | 'no'

/** What the form holds: everything as typed, nothing lost; '' means not known. */
export interface ConditionDraft {
  slug: string
  variant: string
  side: string
  since: string
  note: string
  answers: Record<string, string>
}
export interface PersonDraft {
  given: string
  family: string
  birthDate: string
  dueDate: string
  lastBirthOn: string
  lastBirthKind: 'vaginal' | 'caesarean'
  noBirth12m: Answer
  latexAllergy: Answer
  ownHelper: Answer
  sex: '' | 'female' | 'male'
  unlisted: { words: string; clearedOn: string; clearedBy: string }[]
  conditions: ConditionDraft[]
  clearances: { condition: string; by: string; on: string; expires: string; scope: string; movement: string }[]
  riseNoHands: Answer
  floorTransferOk: Answer
  impactTrained: Answer
  coning: Answer
  pfLoadTestOk: Answer
  singleLegSec: string
  chairRises30s: string
  getUpAndGoSec: string
  statureCm: string
  /** named as in the record, where a refusal belongs; typed in the unit of the house */
  massKg: string
  emergencyContact: string
  note: string
  sites: Site[]
  betaBlocker: Answer
  bloodThinner: Answer
  insulinOrSulfonylurea: Answer
  kitAtHome: string
  consentOn: string
}

const answerOf = (value: boolean | undefined): Answer => (value === undefined ? '' : value ? 'yes' : 'no')
const textOf = (value: number | undefined): string => (value === undefined ? '' : String(value))
const CONDITION_KEYS = new Set(['slug', 'variant', 'side', 'since', 'note', 'site', 'severeHypoOn'])

const conditionDraft = (condition: ConditionRecord): ConditionDraft => ({
  slug: condition.slug,
  variant: condition.variant ?? '',
  side: condition.side ?? '',
  since: condition.since ?? '',
  note: condition.note ?? '',
  answers: Object.fromEntries(
    Object.entries(condition)
      .filter(([key]) => !CONDITION_KEYS.has(key))
      .map(([key, value]) => [key, typeof value === 'boolean' ? answerOf(value) : String(value)]),
  ),
})

/** @param unit in which the form is filled in */
export function draftOf(unit: MassUnit, record?: ClientRecord): PersonDraft {
  const capability = record?.capability ?? {}
  return {
    given: record?.given ?? '',
    family: record?.family ?? '',
    birthDate: record?.birthDate ?? '',
    dueDate: record?.dueDate ?? '',
    lastBirthOn: record?.lastBirth?.on ?? '',
    lastBirthKind: record?.lastBirth?.kind ?? 'vaginal',
    noBirth12m: answerOf(record?.noBirth12m),
    latexAllergy: answerOf(record?.latexAllergy),
    ownHelper: answerOf(record?.ownHelper),
    sex: record?.sex ?? '',
    unlisted: (record?.unlisted ?? []).map(({ words, clearedOn, clearedBy }) => ({ words, clearedOn: clearedOn ?? '', clearedBy: clearedBy ?? '' })),
    conditions: (record?.conditions ?? []).map(conditionDraft),
    clearances: (record?.clearances ?? []).map(({ condition, by, on, expires, scope, movement }) => ({
      condition,
      by,
      on,
      expires: expires ?? '',
      scope: scope ?? '',
      movement: movement ?? '',
    })),
    riseNoHands: answerOf(capability.riseNoHands),
    floorTransferOk: answerOf(capability.floorTransferOk),
    impactTrained: answerOf(capability.impactTrained),
    coning: answerOf(capability.coning),
    pfLoadTestOk: answerOf(capability.pfLoadTestOk),
    singleLegSec: textOf(capability.singleLegSec),
    chairRises30s: textOf(capability.chairRises30s),
    getUpAndGoSec: textOf(capability.getUpAndGoSec),
    statureCm: textOf(record?.statureCm),
    massKg: textOf(record?.massKg === undefined ? undefined : massIn(record.massKg, unit)),
    emergencyContact: record?.emergencyContact ?? '',
    note: record?.note ?? '',
    sites: record?.sites ?? [],
    betaBlocker: answerOf(record?.medicines?.betaBlocker),
    bloodThinner: answerOf(record?.medicines?.bloodThinner),
    insulinOrSulfonylurea: answerOf(record?.medicines?.insulinOrSulfonylurea),
    kitAtHome: (record?.kitAtHome ?? []).join(', '),
    consentOn: record?.consentOn ?? '',
  }
}

const yes = (answer: Answer) => (answer === '' ? undefined : answer === 'yes')
/** A number as typed; what is no number is passed on as it is, so that the schema says what was expected. */
const numberOf = (typed: string): number | undefined =>
  typed.trim() === '' ? undefined : Number.isNaN(Number(typed)) ? (typed as unknown as number) : Number(typed)
const massOf = (typed: string, unit: MassUnit): number | undefined => {
  const mass = numberOf(typed)
  return typeof mass === 'number' ? kgOf(mass, unit) : mass
}
const filled = (typed: string) => (typed.trim() === '' ? undefined : typed.trim())
const known = <T extends object>(fields: T) => Object.fromEntries(Object.entries(fields).filter(([, value]) => value !== undefined)) as T

/** The record that the form describes; fields of the record that the form does not show are kept. */
export function recordOf(draft: PersonDraft, unit: MassUnit, before?: ClientRecord): ClientInput {
  return known({
    ...before,
    given: draft.given,
    family: draft.family,
    birthDate: draft.birthDate,
    dueDate: filled(draft.dueDate),
    lastBirth: filled(draft.lastBirthOn) ? { on: draft.lastBirthOn, kind: draft.lastBirthKind } : undefined,
    noBirth12m: yes(draft.noBirth12m),
    latexAllergy: yes(draft.latexAllergy),
    ownHelper: yes(draft.ownHelper),
    sex: draft.sex === '' ? undefined : draft.sex,
    unlisted: draft.unlisted
      .filter(({ words }) => words.trim() !== '')
      .map(({ words, clearedOn, clearedBy }) => known({ words: words.trim(), clearedOn: filled(clearedOn), clearedBy: filled(clearedBy) })),
    statureCm: numberOf(draft.statureCm),
    massKg: massOf(draft.massKg, unit),
    conditions: draft.conditions.map(({ slug, variant, side, since, note, answers }, index) => {
      // of two of a kind each keeps what is its own
      const nth = draft.conditions.slice(0, index).filter((one) => one.slug === slug).length
      const kept = before?.conditions.filter((condition) => condition.slug === slug)[nth]
      const given = Object.entries(answers).flatMap(([field, value]): [string, unknown][] =>
        value === '' ? [] : [[field, value === 'yes' || value === 'no' ? value === 'yes' : numberOf(value)]],
      )
      return known({
        slug,
        variant: filled(variant),
        side: filled(side) as 'left' | undefined,
        since: filled(since),
        site: kept?.site,
        severeHypoOn: kept?.severeHypoOn,
        note: filled(note),
        ...Object.fromEntries(given),
      })
    }),
    clearances: draft.clearances.map(({ condition, by, on, expires, scope, movement }) =>
      known({ condition, by, on, expires: filled(expires), scope: filled(scope), movement: filled(movement) }),
    ),
    capability: known({
      ...before?.capability,
      riseNoHands: yes(draft.riseNoHands),
      floorTransferOk: yes(draft.floorTransferOk),
      impactTrained: yes(draft.impactTrained),
      coning: yes(draft.coning),
      pfLoadTestOk: yes(draft.pfLoadTestOk),
      singleLegSec: numberOf(draft.singleLegSec),
      chairRises30s: numberOf(draft.chairRises30s),
      getUpAndGoSec: numberOf(draft.getUpAndGoSec),
    }),
    sites: draft.sites,
    medicines: known({
      betaBlocker: yes(draft.betaBlocker),
      bloodThinner: yes(draft.bloodThinner),
      insulinOrSulfonylurea: yes(draft.insulinOrSulfonylurea),
    }),
    kitAtHome: draft.kitAtHome
      .split(',')
      .map((one) => one.trim())
      .filter(Boolean),
    consentOn: filled(draft.consentOn),
    emergencyContact: filled(draft.emergencyContact),
    note: filled(draft.note),
  })
}
