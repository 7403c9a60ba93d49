import { z } from 'zod'
import { type Dose, type RepKind, SIDE_USES } from '../movement'

/**
 * How long one repetition takes, where the plan says so. Nothing said: the group's tempo of the movement's kind (a house estimate).
 * - seconds: of one whole repetition
 * - beats: of the music of the plan or block
 * - counts: up, hold, down as counted aloud; a count is a beat where there is music, else a second
 * - controlled: the slower tempo that the movement is written in
 */
export const tempoSchema = z.discriminatedUnion('by', [
  z.strictObject({ by: z.literal('seconds'), seconds: z.number().min(0.3).max(120) }),
  z.strictObject({ by: z.literal('beats'), beats: z.number().min(0.5).max(64) }),
  z
    .strictObject({ by: z.literal('counts'), up: z.number().min(0).max(16), hold: z.number().min(0).max(60), down: z.number().min(0).max(16) })
    .refine(({ up, hold, down }) => up + hold + down >= 0.3, { message: 'expected at least 0.3 counts in all' }),
  z.strictObject({ by: z.literal('controlled') }),
])
export type RepTempo = z.output<typeof tempoSchema>

const reps = z.number().int().min(1).max(200)
const seconds = z.number().int().min(5).max(3600)
const restSeconds = z.number().min(0).max(600)

/** What one set is when it is not like the others. */
const ownSetSchema = z.strictObject({
  /** another version of the same movement, `movement/variant`: plain first, harder second */
  variant: z.string().max(90).optional(),
  reps: reps.optional(),
  workSeconds: seconds.optional(),
  loadKg: z.number().min(0).max(60).optional(),
  rpe: z.number().min(0).max(10).optional(),
})

/**
 * A dose as a plan says it: what it leaves out follows from the library and the house. Sets are counted by rounds in the formats that have
 * rounds.
 */
export const planDoseSchema = z
  .strictObject({
    sets: z.number().int().min(1).max(20).default(1),
    /** repetitions of a set */
    reps: reps.optional(),
    /** seconds of a set, kept by the clock */
    workSeconds: seconds.optional(),
    /** counts of a set: beats of the music, else seconds */
    workCounts: z.number().int().min(1).max(2000).optional(),
    /** kept in each repetition: in seconds, counts or breaths */
    holdSeconds: z.number().min(0).max(600).default(0),
    holdCounts: z.number().min(0).max(120).optional(),
    holdBreaths: z.number().min(0).max(40).optional(),
    tempo: tempoSchema.optional(),
    /** how the sides are used, where it is not as in the library */
    sides: z.enum(SIDE_USES).optional(),
    /** whether a number is for each side or for both together, where sides take turns; an odd total gives the first side one more */
    counted: z.enum(['per-side', 'in-all']).optional(),
    /** between sets of the item; left out = not said, which the house forecasts */
    restSeconds: restSeconds.optional(),
    /** after the item, before the next one */
    restAfterSeconds: restSeconds.optional(),
    loadKg: z.number().min(0).max(60).optional(),
    rpe: z.number().min(0).max(10).optional(),
    /** sets that differ, in their order: "12 then 10"; as many as there are sets */
    eachSet: z.array(ownSetSchema).min(1).max(20).optional(),
    /** a set in shrinking parts, "8-4-2-1": the set is their sum */
    shrinking: z.array(reps).min(2).max(8).optional(),
    /** at the end of every set */
    finish: z.union([z.strictObject({ pulses: reps }), z.strictObject({ holdSeconds: z.number().int().min(1).max(120) })]).optional(),
  })
  .refine(
    ({ reps: count, workSeconds, workCounts, shrinking }) =>
      [count, workSeconds, workCounts, shrinking].filter((one) => one !== undefined).length <= 1,
    { message: 'expected one of repetitions, seconds, counts or shrinking parts' },
  )
  .refine(({ holdCounts, holdBreaths, holdSeconds }) => [holdCounts ?? 0, holdBreaths ?? 0, holdSeconds].filter((one) => one > 0).length <= 1, {
    message: 'expected a hold in one unit: seconds, counts or breaths',
  })
  .refine(({ eachSet, sets }) => eachSet === undefined || eachSet.length === sets, { message: 'expected as many own sets as there are sets' })
export type PlanDose = z.output<typeof planDoseSchema>

/** A quiet breath that a hold is counted by, s: a house estimate. */
export const BREATH_SECONDS = 5

/** Seconds of one beat. @param bpm beats a minute; undefined = no music, where a count is a second */
export const beatSeconds = (bpm: number | undefined): number => (bpm === undefined ? 1 : 60 / bpm)

const holdOf = (dose: PlanDose, beat: number): number =>
  dose.holdCounts ? dose.holdCounts * beat : dose.holdBreaths ? dose.holdBreaths * BREATH_SECONDS : dose.holdSeconds

/** The dose of the sets that are done in one version. @param own version of the sets that say none */
export function doseInVersion(dose: PlanDose, variant: string | undefined, own: string | undefined): PlanDose {
  if (!dose.eachSet?.some((one) => one.variant !== undefined)) return dose
  const eachSet = dose.eachSet.filter((one) => (one.variant ?? own) === variant)
  return { ...dose, sets: Math.max(1, eachSet.length), eachSet }
}

/** What the parts of the dose that are said in counts come to: seconds of a hold and of one repetition. */
function said(dose: PlanDose, beat: number): { holdSeconds: number; repSeconds?: number; fastestSeconds?: number } {
  const holdSeconds = holdOf(dose, beat)
  switch (dose.tempo?.by) {
    case 'seconds':
      return { holdSeconds, repSeconds: dose.tempo.seconds }
    case 'beats':
      return { holdSeconds, repSeconds: dose.tempo.beats * beat }
    case 'counts': {
      const { up, hold, down } = dose.tempo
      const ways = [up, down].filter((counts) => counts > 0)
      return {
        holdSeconds: Math.max(holdSeconds, hold * beat),
        repSeconds: (up + hold + down) * beat,
        ...(ways.length > 0 && { fastestSeconds: Math.min(...ways) * beat }),
      }
    }
    default:
      return { holdSeconds }
  }
}

/**
 * The dose that is judged: the most that any of its sets asks.
 *
 * @param library what the variant does when nothing is said
 * @param bpm of the music, where there is any
 */
export function judgedDose(dose: PlanDose, library: Dose, bpm: number | undefined): Dose {
  const beat = beatSeconds(bpm)
  const { holdSeconds, repSeconds, fastestSeconds } = said(dose, beat)
  const own = dose.eachSet ?? []
  const most = (numbers: (number | undefined)[]) => {
    const given = numbers.filter((one) => one !== undefined)
    return given.length > 0 ? Math.max(...given) : undefined
  }
  const isByCount = dose.workCounts !== undefined && repSeconds !== undefined
  // sets that say how many leave nothing for the dose as a whole to say
  const isSilent = ({ reps: count, workSeconds }: (typeof own)[number]) => count === undefined && workSeconds === undefined
  const counted = most([
    own.length === 0 || own.some(isSilent) ? dose.reps : undefined,
    ...own.map((one) => one.reps),
    dose.shrinking?.reduce((sum, one) => sum + one, 0),
    isByCount ? Math.max(1, Math.round((dose.workCounts! * beat) / repSeconds)) : undefined,
  ])
  const bySeconds = most([
    dose.workSeconds,
    ...own.map((one) => one.workSeconds),
    dose.workCounts !== undefined && !isByCount ? dose.workCounts * beat : undefined,
  ])
  const pulses = dose.finish && 'pulses' in dose.finish ? dose.finish.pulses : 0
  const finishHold = dose.finish && 'holdSeconds' in dose.finish ? dose.finish.holdSeconds : 0
  const isSaid = counted !== undefined || bySeconds !== undefined
  const reps = counted ?? (isSaid ? undefined : library.reps)
  const workSeconds = bySeconds ?? (isSaid ? undefined : library.workSeconds)
  return {
    sets: dose.sets,
    ...(reps !== undefined && { reps: reps + pulses }),
    ...(workSeconds !== undefined && { workSeconds: Math.round(workSeconds) }),
    holdSeconds: Math.max(holdSeconds, finishHold),
    restSeconds: dose.restSeconds ?? library.restSeconds,
    loadKg: most([dose.loadKg, ...own.map((one) => one.loadKg)]) ?? library.loadKg,
    rpe: most([dose.rpe, ...own.map((one) => one.rpe)]) ?? library.rpe,
    ...(repSeconds !== undefined && { repSeconds }),
    ...(fastestSeconds !== undefined && { fastestSeconds }),
  }
}

/** One set of an item on one side (on both, where they work together or in turn within the set), in seconds by what they depend on. */
export interface SetWork {
  /** repetitions that are counted, both sides together where they take turns; undefined = by the clock */
  reps?: number
  /** s of one repetition; of the kind where nothing is said */
  repSeconds: number
  /** kept by a clock or by music: never scaled */
  clockSeconds: number
  /** counted repetitions at the house's pace */
  countedSeconds: number
  /** held at the house's pace, the way in and out with it */
  heldSeconds: number
  rpe: number
}

/** To take up a position that is kept, and to leave it, on each side: a house estimate, s. */
export const INTO_HOLD_SECONDS = 5
/** One pulse at the end of a set: on the beat, a house estimate, s. */
const PULSE_SECONDS = 1
/** From this long on a pause inside a repetition is a hold, and is kept beside the time of the movement, s. */
const PAUSE_FROM_SECONDS = 2

/** One repetition, s, by what it depends on. @param reps of the set it is in: one or two that are held are a position kept */
function repetition(dose: PlanDose, kind: RepKind, reps: number, bpm: number | undefined): { clock: number; counted: number; held: number } {
  const beat = beatSeconds(bpm)
  const { holdSeconds: hold, repSeconds } = said(dose, beat)
  const { tempo } = dose
  if (repSeconds !== undefined) {
    // a tempo that is said holds the whole repetition; a longer hold beside it is added
    const beside = tempo?.by === 'counts' ? Math.max(0, hold - tempo.hold * beat) : hold
    const isClocked = tempo?.by === 'seconds' || bpm !== undefined
    return { clock: isClocked ? repSeconds + beside : 0, counted: isClocked ? 0 : repSeconds + beside, held: 0 }
  }
  if (hold > 0 && reps <= 2) return { clock: 0, counted: 0, held: hold + INTO_HOLD_SECONDS }
  const isControlled = tempo?.by === 'controlled'
  const stay = Math.max(kind.staySeconds, hold)
  return {
    clock: 0,
    counted: isControlled ? kind.controlledSeconds : kind.groupSeconds,
    held: isControlled || stay >= PAUSE_FROM_SECONDS ? stay : 0,
  }
}

/** How often it is done in one visit, of what the number counts. */
function visitReps(count: number, counted: PlanDose['counted'], sides: RepKind['side'], side: 0 | 1): number {
  const inAll = counted === 'in-all'
  if (sides === 'alternating') return inAll ? count : count * 2
  if (sides === 'one-then-other' && inAll) return side === 0 ? Math.ceil(count / 2) : Math.floor(count / 2)
  return count
}

/**
 * The sets of an item, each as it is done.
 *
 * @param side 0 for the first side, 1 for the second; they differ where an odd total is counted in all
 */
export function setsOf(dose: PlanDose, library: Dose, kind: RepKind, bpm: number | undefined, side: 0 | 1 = 0): SetWork[] {
  const beat = beatSeconds(bpm)
  const usualRpe = judgedDose(dose, library, bpm).rpe
  const pulses = dose.finish && 'pulses' in dose.finish ? dose.finish.pulses * PULSE_SECONDS : 0
  const lastHold = dose.finish && 'holdSeconds' in dose.finish ? dose.finish.holdSeconds : 0
  const usualReps = dose.shrinking?.reduce((sum, one) => sum + one, 0) ?? dose.reps
  const usualSeconds = dose.workSeconds ?? (dose.workCounts === undefined ? undefined : dose.workCounts * beat)
  return Array.from({ length: dose.sets }, (_, index): SetWork => {
    const own = dose.eachSet?.[index]
    const isOwn = own?.reps !== undefined || own?.workSeconds !== undefined
    const reps = isOwn ? own.reps : usualReps
    const seconds = (isOwn ? own.workSeconds : usualSeconds) ?? (reps === undefined ? library.workSeconds : undefined)
    const rpe = own?.rpe ?? usualRpe
    if (seconds !== undefined) {
      const repSeconds = said(dose, beat).repSeconds ?? kind.groupSeconds
      return { repSeconds, clockSeconds: seconds, countedSeconds: pulses, heldSeconds: lastHold, rpe }
    }
    const counted = reps ?? library.reps ?? 1
    const rep = repetition(dose, kind, counted, bpm)
    const count = visitReps(counted, dose.counted, dose.sides ?? kind.side, side)
    return {
      reps: count,
      repSeconds: rep.clock + rep.counted + rep.held,
      clockSeconds: count * rep.clock,
      countedSeconds: count * rep.counted + pulses,
      heldSeconds: count * rep.held + lastHold,
      rpe,
    }
  })
}
