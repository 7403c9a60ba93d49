import { addMonths, completedWeeks, type Day, gestation } from './calendar'
import { type ScreeningOutcome, stricter } from './form'
import type { ClientRecord, Finding } from './record'

/** `p.screenOutcome` of the rule base: the strictest outcome that is still open, or that nobody has asked. */
export type ScreenStand = 'never' | ScreeningOutcome

const FORM_MONTHS = 12
/** In a pregnancy, and in the first half-year after a birth. */
const FORM_WEEKS_PERINATAL = 12
const HALF_YEAR_WEEKS = 26
/** Weeks of pregnancy at which the questions are asked again. */
const ASKED_AGAIN_AT = [16, 28]

/** Whether a form that was filled in on a day still counts on another (rule base 4.0). */
function isCurrent(record: Pick<ClientRecord, 'dueDate' | 'lastBirth'>, filledIn: Day, day: Day, pregnant: boolean): boolean {
  if (day > addMonths(filledIn, FORM_MONTHS)) return false
  const sinceForm = completedWeeks(filledIn, day)
  if (pregnant && record.dueDate) {
    const week = (on: Day) => gestation(record.dueDate!, on).weeks
    if (sinceForm >= FORM_WEEKS_PERINATAL || ASKED_AGAIN_AT.some((at) => week(filledIn) < at && week(day) >= at)) return false
  }
  const { lastBirth } = record
  const afterBirth = lastBirth !== undefined && lastBirth.on <= day ? completedWeeks(lastBirth.on, day) : undefined
  // a birth since the form makes it another person's form
  if (lastBirth && afterBirth !== undefined && afterBirth < HALF_YEAR_WEEKS && (lastBirth.on > filledIn || sinceForm >= FORM_WEEKS_PERINATAL))
    return false
  return true
}

interface On {
  day: Day
  /** week of pregnancy on that day, where there is one */
  week?: number
  /** whether a letter for a condition is on file on that day */
  cleared: (slug: string) => boolean
}

/** What one answer still comes to on a day; nothing = it is closed (rule base 4.0). */
export function openOutcome(finding: Finding, { day, week, cleared }: On): ScreeningOutcome | undefined {
  const { outcome, slugs, on, again, confirmedOn, settledOn, later } = finding
  if (later && week !== undefined && week >= later.week && !cleared(later.slug)) return later.outcome
  const letter = settledOn !== undefined || (slugs.length > 0 && slugs.every(cleared))
  const confirmed = confirmedOn !== undefined || slugs.length === 0
  switch (outcome) {
    case 'go':
    case 'limits':
      return confirmedOn !== undefined || settledOn !== undefined ? undefined : outcome
    case 'clearance-first':
      return confirmed && letter ? undefined : outcome
    case 'not-today':
      if (day <= on) return outcome
      // answered again on a later day: the new answer counts
      if (again) return settledOn === undefined ? 'clearance-first' : undefined
      return confirmed && letter ? undefined : 'clearance-first'
    case 'emergency':
      if (day <= on) return outcome
      return settledOn === undefined ? 'clearance-first' : undefined
  }
}

/** A record as it will be when the health questions have been answered again in time, with the same answers; the very same where nothing is due. */
export function askedAgain(record: ClientRecord, on: On): ClientRecord {
  const { screening } = record
  if (screening?.completedOn === undefined || screenStand(record, on) !== 'never') return record
  const { askAgainOn: _askAgainOn, ...answered } = screening
  return { ...record, screening: { ...answered, completedOn: on.day } }
}

/** Where the health questions of somebody stand on a day. */
export function screenStand(record: Pick<ClientRecord, 'screening' | 'dueDate' | 'lastBirth'>, on: On): ScreenStand {
  const { screening } = record
  if (!screening) return 'never'
  const open = screening.findings.flatMap((finding) => openOutcome(finding, on) ?? []).reduce<ScreeningOutcome>(stricter, 'go')
  if (open !== 'go' && open !== 'limits') return open
  const { completedOn, askAgainOn } = screening
  const asked = completedOn !== undefined && completedOn <= on.day && (askAgainOn === undefined || askAgainOn < completedOn || askAgainOn > on.day)
  if (!asked || !isCurrent(record, completedOn, on.day, on.week !== undefined)) return 'never'
  return screening.skipped.length > 0 ? stricter(open, 'limits') : open
}
