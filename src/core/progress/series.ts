import { z } from 'zod'
import { HARD_RPE } from '../compose'
import { qualityOf } from '../coverage'
import type { Catalogue, Muscle } from '../movement'
import { type Closed, itemsOf, meetings, type PlanDraft, partOf, type Schedule } from '../plan'
import { addDays, type Day, daySchema, daysBetween } from '../vocabulary'
import { leftForLater } from './later'

const FOCUS_LETTERS = 80
/** A series is looked over as a whole: longer ones are begun anew. */
export const SERIES_WEEKS = { least: 2, most: 26 } as const

/** A class that meets every day meets so often in the longest series, holidays beside it. */
const MOST_MEETINGS = 400

const turnSchema = z.strictObject({
  /** what the day is about, as the group is told */
  focus: z.string().trim().max(FOCUS_LETTERS).default(''),
  /** name of the kept version of the plan; left out = the plan of the class as it stands */
  version: z.string().trim().min(1).max(80).exactOptional(),
  /** movements of it to be done at home till the next time */
  homework: z.array(z.string().min(1).max(60)).max(5).default([]),
})
export type SeriesTurn = z.output<typeof turnSchema>

/** Sessions of a class over weeks. Formats and music come with the plans that take turns. */
export const seriesSchema = z.strictObject({
  version: z.literal(1),
  /** its first day */
  from: daySchema,
  weeks: z.number().int().min(SERIES_WEEKS.least).max(SERIES_WEEKS.most),
  /** plans in turn, one a session */
  turns: z.array(turnSchema).min(1, 'a series has at least one plan').max(12),
  /** every so many weeks one is gentler; left out = none */
  gentlerEvery: z.number().int().min(2).max(12).exactOptional(),
  /** movements in a session that the group has not met, at most */
  mostNew: z.number().int().min(0).max(20).default(4),
  /** what becomes of a session that is not held: it comes the next time, or it is left out */
  missed: z.enum(['shift', 'skip']).default('shift'),
  /** days on which it should have been and was not */
  missedDays: z.array(daySchema).max(100).default([]),
  /** movements, by id, that a session leaves for a later time, so that not too much is new in it */
  later: z
    .array(z.strictObject({ session: z.number().int().min(1).max(MOST_MEETINGS), movements: z.array(z.string().min(1).max(60)).min(1).max(20) }))
    .max(100)
    .default([]),
})
export type Series = z.output<typeof seriesSchema>
export type SeriesInput = z.input<typeof seriesSchema>

/** A session of a series. */
export interface SeriesDay {
  day: Day
  /** 1 to `of` */
  week: number
  of: number
  /** of all its sessions, from 1: one that is not held and comes the next time keeps its number */
  session: number
  /** which of the plans in turn */
  turn: number
  gentler: boolean
}

/** Every day of the holidays a series can last beyond its own weeks. */
const WEEKS_OF_GRACE = 26

/**
 * The days of a series, the earliest first. Weeks are counted from its first day. What is not held (a holiday, a day off, a missed day) either comes
 * the next time, and a week without any session is no week of the series; or it is left out, and the series ends when it was to end.
 *
 * @param closed when the house is closed
 */
export function seriesDays(series: Series, schedule: Schedule, closed: readonly Closed[]): SeriesDay[] {
  const { from, weeks, turns, gentlerEvery, missed, missedDays } = series
  const usual = meetings({ ...schedule, calendar: { dates: schedule.calendar.dates, off: [] } }, [], from, MOST_MEETINGS)
  const held = new Set(meetings(schedule, closed, from, MOST_MEETINGS).filter((day) => !missedDays.includes(day)))
  const found: SeriesDay[] = []
  let week = 0
  let session = 0
  for (let at = 0; week < weeks && at < weeks + WEEKS_OF_GRACE; at++) {
    const first = addDays(from, 7 * at)
    const inWeek = usual.filter((day) => day >= first && day < addDays(first, 7))
    const days = missed === 'skip' ? inWeek : inWeek.filter((day) => held.has(day))
    if (missed === 'shift' && days.length === 0) continue
    week++
    for (const day of days) {
      const gentler = gentlerEvery !== undefined && week % gentlerEvery === 0
      const place: SeriesDay = { day, week, of: weeks, session: ++session, turn: (session - 1) % turns.length, gentler }
      if (held.has(day)) found.push(place)
    }
  }
  return found
}

/**
 * The plan for a gentler week (a house estimate; the rule base takes a set away after a week that was missed, 5.2 D3): in the main part one set, or
 * one round, less of everything that has more than one. Nothing becomes longer or harder, nothing is left out.
 */
export function gentlerWeek(plan: PlanDraft): PlanDraft {
  type Block = PlanDraft['phases'][number]['blocks'][number]
  const oneRound = (block: Block): Block | undefined => {
    if (!('rounds' in block) || block.rounds === undefined || block.rounds < 2) return undefined
    const rounds = block.rounds - 1
    return { ...block, rounds, ...('optionalRounds' in block && { optionalRounds: Math.min(block.optionalRounds, rounds - 1) }) } as Block
  }
  const oneSet = (block: Block): Block =>
    ({
      ...block,
      items: block.items.map((item) => {
        const { dose } = item
        if (!dose || dose.sets < 2) return item
        return { ...item, dose: { ...dose, sets: dose.sets - 1, ...(dose.eachSet && { eachSet: dose.eachSet.slice(0, -1) }) } }
      }),
    }) as Block
  return {
    ...plan,
    phases: plan.phases.map((phase) =>
      partOf(phase.kind) === 'main' ? { ...phase, blocks: phase.blocks.map((block) => oneRound(block) ?? oneSet(block)) } : phase,
    ),
  }
}

/** A plan by the name under which it is kept, the class's own under none. */
export type PlanOf = (version: string | undefined) => PlanDraft | undefined

/** The plan of a session, and which movements it leaves for a later time. @returns nothing where its version is no longer kept */
export function seriesPlan(
  { turns, later }: Series,
  { turn, session, gentler }: SeriesDay,
  planOf: PlanOf,
): { plan: PlanDraft; left: string[] } | undefined {
  const whole = planOf(turns[turn]?.version)
  if (!whole) return undefined
  const { plan, left } = leftForLater(whole, later.find((one) => one.session === session)?.movements ?? [])
  return { plan: gentler ? gentlerWeek(plan) : plan, left }
}

/** A session counts as hard by its hardest item, 0 to 10 (rule base 5.4). */
const HARD_SESSION_RPE = 6
/** Days between hard work for the same muscles: 48 hours; 72 for those over 80, frail or sore (rule base 5.4). */
const GAP_DAYS = 2
const LONG_GAP_DAYS = 3
/** At most so many hard sessions in seven days from 65 on (rule base 5.4). */
const MOST_HARD = 2

/** What a session works hard. */
export interface HardWork {
  day: Day
  title: string
  /** main muscles of strength and power at effort 5 and more */
  muscles: readonly Muscle[]
  mostRpe: number
}

/** What of a plan counts for the days between. */
export function hardWork(plan: PlanDraft, catalogue: Catalogue, at: { day: Day; title: string }): HardWork {
  const muscles = new Set<Muscle>()
  let mostRpe = 0
  for (const { item } of itemsOf(plan)) {
    const entry = catalogue.byId.get(item.variant ?? '')
    if (!entry) continue
    const rpe = item.dose?.rpe ?? entry.planned.intendedRpe
    mostRpe = Math.max(mostRpe, rpe)
    if (rpe >= HARD_RPE && ['strength', 'power'].includes(qualityOf(entry.movement.purpose)))
      for (const muscle of entry.movement.main) muscles.add(muscle)
  }
  return { ...at, muscles: [...muscles].sort(), mostRpe }
}

/** Somebody for whom the days between are counted. */
export interface Spaced {
  name: string
  age?: number
  /** rises from a chair without hands; false = frail as the rule base names it */
  risesWithoutHands?: boolean
  /** what else they are in, beside the series */
  also: readonly HardWork[]
}

export type SpacingFault =
  | { kind: 'too-near'; day: Day; title: string; before: Day; beforeTitle: string; muscles: Muscle[]; names: string[] }
  | { kind: 'too-many'; day: Day; names: string[] }

/**
 * Where hard work for the same muscles comes too soon again for somebody, and who has more than two hard sessions in seven days from 65 on (rule base
 * 5.4). Faults are told of the later session, and once for all whom they concern.
 */
export function spacingFaults(own: readonly HardWork[], people: readonly Spaced[]): SpacingFault[] {
  const faults = new Map<string, SpacingFault>()
  const note = (key: string, name: string, fault: SpacingFault) => {
    const known = faults.get(key) ?? fault
    known.names.push(name)
    faults.set(key, known)
  }
  for (const { name, age, risesWithoutHands, also } of people) {
    const gap = (age ?? 0) > 80 || risesWithoutHands === false ? LONG_GAP_DAYS : GAP_DAYS
    const all = [...own, ...also].toSorted((a, b) => a.day.localeCompare(b.day))
    for (const [at, session] of all.entries()) {
      // what two other classes do to each other is not this series' matter
      const ofSeries = own.includes(session)
      for (const before of all.slice(0, at)) {
        if (!(ofSeries || own.includes(before)) || daysBetween(before.day, session.day) >= gap) continue
        const muscles = session.muscles.filter((muscle) => before.muscles.includes(muscle))
        if (muscles.length > 0) {
          const { day, title } = session
          note(`${day} ${title} ${before.day} ${before.title}`, name, {
            kind: 'too-near',
            day,
            title,
            before: before.day,
            beforeTitle: before.title,
            muscles,
            names: [],
          })
        }
      }
      if (!ofSeries || (age ?? 0) < 65 || session.mostRpe < HARD_SESSION_RPE) continue
      const hard = all.slice(0, at + 1).filter(({ day, mostRpe }) => mostRpe >= HARD_SESSION_RPE && daysBetween(day, session.day) < 7)
      if (hard.length > MOST_HARD) note(`many ${session.day}`, name, { kind: 'too-many', day: session.day, names: [] })
    }
  }
  return [...faults.values()].toSorted((a, b) => a.day.localeCompare(b.day))
}

/** A session with what is new to somebody in it. */
export interface Met {
  day: Day
  movements: readonly string[]
  /** of these, not met before by then */
  fresh: string[]
}

/** What each session brings that the group has not met by then. @param knows movements, by id, that it has met before */
export function metIn(sessions: readonly { day: Day; movements: readonly string[] }[], knows: readonly string[]): Met[] {
  const known = new Set(knows)
  return sessions.map(({ day, movements }) => {
    const fresh = [...new Set(movements)].filter((movement) => !known.has(movement))
    for (const movement of fresh) known.add(movement)
    return { day, movements, fresh }
  })
}

/** Within so many days somebody new begins. */
const ENTRY_DAYS = 21

/**
 * Where somebody who joins in mid-series begins best: of the sessions in the next three weeks the one in which the fewest movements are new to them, a
 * gentler one before another with as many, and the earlier of two that are alike (a house estimate). Their first four weeks are at 50 to 70 per cent of
 * what looks possible (rule base 5.2, U6).
 *
 * @param knows movements that they have met elsewhere in the house, by id
 */
export function entryFor<S extends { day: Day; movements: readonly string[]; gentler: boolean }>(
  sessions: readonly S[],
  from: Day,
  knows: ReadonlySet<string>,
): { session: S; fresh: string[] } | undefined {
  const near = sessions.filter(({ day }) => day >= from && daysBetween(from, day) < ENTRY_DAYS)
  const asked = near.map((session) => ({ session, fresh: [...new Set(session.movements)].filter((movement) => !knows.has(movement)) }))
  return asked.toSorted(
    (a, b) => a.fresh.length - b.fresh.length || Number(b.session.gentler) - Number(a.session.gentler) || a.session.day.localeCompare(b.session.day),
  )[0]
}
