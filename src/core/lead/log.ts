import { z } from 'zod'
import { itemsOf, type PlanDraft } from '../plan'
import type { Timeline } from '../timing'
import type { LeadState } from './events'
import { PRESENCES } from './presence'
import type { Led } from './record'
import { itemAsLed, takesIn } from './takes'
import type { LedView } from './view'

/** What is noted of a person in a tap, where it was not as usual. */
export const LOG_MARKS = ['form-lost', 'two-more', 'needed-help'] as const
export type LogMark = (typeof LOG_MARKS)[number]

export const LOG_SIDES = ['left', 'right'] as const
/** The weaker side in a movement, as it was seen. */
export type LogSide = (typeof LOG_SIDES)[number]

/** Anything that a log says: kept twice where it is corrected. */
export type LogValue = string | number | boolean | string[] | null

/** What is noted of the class in a tap. */
export const CLASS_CHIPS = [
  'too-long',
  'too-short',
  'too-loud',
  'too-warm',
  'kit-short',
  'liked-it',
  'music-fast',
  'music-slow',
  'music-right',
] as const
export const classNotesSchema = z.strictObject({
  chips: z.array(z.enum(CLASS_CHIPS)).max(CLASS_CHIPS.length).default([]),
  /** the item that was hardest */
  hardest: z.string().max(44).nullable().default(null),
  /** against the usual pace of this class */
  pace: z.enum(['quicker', 'usual', 'slower']).nullable().default(null),
})
export type ClassNotes = z.output<typeof classNotesSchema>

const rating = z.number().min(0).max(10).nullable()
export const logRowSchema = z.strictObject({
  clientId: z.uuid(),
  presence: z.enum(PRESENCES).nullable(),
  exertion: rating,
  painDuring: rating,
  painNextDay: rating,
  note: z.string().max(500).nullable(),
  marks: z.array(z.enum(LOG_MARKS)).max(LOG_MARKS.length),
})
/** What the log says of one person. */
export type LogRow = z.output<typeof logRowSchema>

export const logEntrySchema = z.strictObject({
  clientId: z.uuid(),
  item: z.string().max(44),
  /** `rest` = sat it out */
  variant: z.string().max(90),
  kg: z.number().min(0).max(60).nullable().default(null),
  side: z.enum(LOG_SIDES).nullable().default(null),
  /** which of the house's bands, where it was one; kg is the pull that was meant */
  band: z.string().max(40).nullable().default(null),
})
/** What one person did in one item. */
export type LogEntry = z.output<typeof logEntrySchema>

/** A value of a log that was said once and is said otherwise now. */
export interface Correction {
  /** nothing = of the whole class */
  clientId?: string
  field: string
  was: LogValue
  becomes: LogValue
}

const FIELDS = ['presence', 'exertion', 'painDuring', 'painNextDay', 'note', 'marks'] as const
const same = (one: LogValue, other: LogValue): boolean => JSON.stringify(one) === JSON.stringify(other)
const isSaid = (value: LogValue): boolean => value !== null && !(Array.isArray(value) && value.length === 0)

interface Logged {
  rows: readonly LogRow[]
  entries: readonly LogEntry[]
  note: string | null
}

/** What of a log is corrected: values that had been said and are other now. What is said for the first time corrects nothing. */
export function corrections(before: Logged, after: Logged): Correction[] {
  const rows = after.rows.flatMap((row) => {
    const known = before.rows.find(({ clientId }) => clientId === row.clientId)
    if (!known) return []
    return FIELDS.flatMap((field): Correction[] =>
      isSaid(known[field]) && !same(known[field], row[field]) ? [{ clientId: row.clientId, field, was: known[field], becomes: row[field] }] : [],
    )
  })
  const entries = after.entries.flatMap((entry) => {
    const known = before.entries.find(({ clientId, item }) => clientId === entry.clientId && item === entry.item)
    if (!known) return []
    const { clientId, item } = entry
    return (['variant', 'kg', 'side', 'band'] as const).flatMap((field): Correction[] =>
      isSaid(known[field]) && known[field] !== entry[field]
        ? [{ clientId, field: `${item} ${field}`, was: known[field], becomes: entry[field] }]
        : [],
    )
  })
  const note: Correction[] = isSaid(before.note) && before.note !== after.note ? [{ field: 'note', was: before.note, becomes: after.note }] : []
  return [...note, ...rows, ...entries]
}

/** What the taps of a class say for its log, before anybody writes in it. */
export interface Derived {
  /** who did what, of those who may have been there */
  entries: Omit<LogEntry, 'side'>[]
  /** who was there for certain: somebody who was looked after, or for whom something was tapped */
  there: string[]
  /** passed over, or not come to */
  skipped: string[]
}

/** Whether an item was done: at least half of one of its sets; of a class that was not led everything counts as done. */
function wasWorked(id: string, { segments }: Timeline, led: readonly Led[]): boolean {
  if (led.length === 0) return true
  const sets = segments.flatMap(({ kind, item, seconds }) => (kind === 'work' && item === id ? [seconds] : []))
  const worked = led.reduce((sum, { segment, from, until }) => (segment.kind === 'work' && segment.item === id ? sum + until - from : sum), 0)
  return sets.length > 0 && worked >= Math.min(...sets) / 2
}

/**
 * @param led the class as it went; nothing of one that was not led
 * @param views the judgements by which the class was led, by id
 * @param plan for the order of the items
 */
export function derivedLog(state: LeadState, led: readonly Led[], views: ReadonlyMap<string, LedView>, plan: PlanDraft): Derived {
  const ids = [...new Set([...itemsOf(plan).map(({ item }) => item.id), ...state.timeline.segments.flatMap(({ item }) => item ?? [])])]
  const kept = new Set(ids.filter((id) => wasWorked(id, state.timeline, led)))
  const skipped = ids.filter((id) => !kept.has(id))
  const entries = [...kept].flatMap((id) => {
    const item = itemAsLed(views, state, id)
    if (!item) return []
    return takesIn(item, state).map(({ person, variant, kg, band }) => ({
      clientId: person,
      item: id,
      variant: variant ?? 'rest',
      kg: kg ?? null,
      band: band ?? null,
    }))
  })
  const told = state.notes.flatMap(({ person }) => person ?? [])
  const tapped = [...Object.values(state.versions), ...Object.values(state.loads)].flatMap((of) => Object.keys(of))
  return { entries, there: [...new Set([...told, ...tapped])], skipped }
}
