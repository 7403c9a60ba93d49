import type { Quality } from '../coverage'
import { asPlanDose, type Item, type PlanInput } from '../plan'
import { BETWEEN, REST_BETWEEN_FACTOR, REST_BETWEEN_SECONDS } from '../timing'
import type { MainForm } from './brief'
import type { Chosen } from './model'
import type { Part, Way } from './way'

type BlockInput = PlanInput['phases'][number]['blocks'][number]

/** How often each movement of the main part comes, where movements take turns; undefined = one after the other. */
const TURNS: Readonly<Record<MainForm, number | undefined>> = { sets: undefined, pairs: 2, 'rounds-2': 2, 'rounds-3': 3 }
/** Power is not repeated when people are tired: in three rounds it stands only where it is wished for, and then in its own sets. */
const TIRES: ReadonlySet<Quality> = new Set(['power'])

/** How often a movement of this quality comes in the main part of this form. */
export const turnsOf = (form: MainForm, quality: Quality): number | undefined => {
  const turns = TURNS[form]
  return turns !== undefined && turns > 2 && TIRES.has(quality) ? undefined : turns
}

/** From one movement to the next that takes turns with it, s. @param factor on rests, of those who take part */
export const changeOverSeconds = (factor: number, between: number, hasKit: boolean): number =>
  Math.max(factor >= REST_BETWEEN_FACTOR ? REST_BETWEEN_SECONDS : 0, (BETWEEN.changeOver + (hasKit ? BETWEEN.changeOverKit : 0)) * between)

/** The dose of what was chosen, where it is not that of the library. */
function doseOf({ way: { prescription, sets }, extra }: Chosen): Pick<Item, 'dose'> {
  const own = prescription.entry?.variant.dose
  const workSeconds = prescription.planDose.workSeconds
  const long = workSeconds === undefined ? undefined : workSeconds + extra
  if (!own || (own.sets === sets && own.workSeconds === long)) return {}
  return { dose: { ...asPlanDose(own), sets, ...(long !== undefined && { workSeconds: long }) } }
}

/** Movements that can take turns without anybody changing place: on floor and bed in the same position too. */
const standOf = ({ place, prescription }: Way): string => (place === 'floor' || place === 'bed' ? prescription.demands.basePosition : place)

/** Whether one may follow another in turn: where both stand, and never the same muscles again after a change-over alone (rule base 5.1). */
const goesOn = (before: Way, way: Way): boolean =>
  before.turns === way.turns &&
  (way.turns === undefined || (standOf(before) === standOf(way) && !way.main.some((muscle) => before.main.includes(muscle))))

/** Neighbours that may take turns with each other, in the order of the part. */
function runsOf(chosen: readonly Chosen[]): Chosen[][] {
  const runs: Chosen[][] = []
  for (const one of chosen) {
    const last = runs.at(-1)
    if (last && goesOn(last.at(-1)!.way, one.way)) last.push(one)
    else runs.push([one])
  }
  return runs
}

/** A run in twos; the last three stay together where one would be left over. */
function pairsOf(run: readonly Chosen[]): Chosen[][] {
  const pairs: Chosen[][] = []
  for (let at = 0; at < run.length; ) {
    const many = run.length - at === 3 ? 3 : 2
    pairs.push(run.slice(at, at + many))
    at += many
  }
  return pairs
}

const PREFIX: Readonly<Record<Part, string>> = { 'warm-up': 'w', main: 'm', 'cool-down': 'c' }

/**
 * The blocks of a composed part: one movement after the other, or in turn where the brief wishes it and at least two stand together.
 *
 * @param pause water after the part, s
 */
export function blocksOf(part: Part, chosen: readonly Chosen[], form: MainForm, pause: number): BlockInput[] {
  const itemOf = new Map(
    chosen.map((one, index): [Chosen, Item] => [one, { id: `${PREFIX[part]}${index + 1}`, variant: one.way.variant, ...doseOf(one) }]),
  )
  const groups = runsOf(chosen).flatMap((run) => (form === 'pairs' && run[0]!.way.turns !== undefined ? pairsOf(run) : [run]))
  return groups.map((group, index): BlockInput => {
    const shared = { id: `${part}-${index + 1}`, pauseAfter: index === groups.length - 1 ? pause : 0, items: group.map((one) => itemOf.get(one)!) }
    const rounds = group[0]!.way.turns
    if (rounds === undefined || group.length < 2) return { ...shared, format: 'straight' }
    return form === 'pairs' ? { ...shared, format: 'alternated' } : { ...shared, format: 'circuit', rounds }
  })
}
