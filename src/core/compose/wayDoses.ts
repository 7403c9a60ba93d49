import type { Quality } from '../coverage'
import { type Alone, aloneOf, type Option, type Placement, pacingOf, placeGroup, type Roster, settlesAt } from '../evaluate'
import type { Catalogue, CatalogueEntry } from '../movement'
import { asPlanDose, type Block, handedOut, type Item, type Plan, type Prescription, prescriptionOf } from '../plan'
import { expand, type Rates } from '../timing'
import { changeOverSeconds } from './forms'

/** For whom and with what ways are sought. */
export interface Given {
  /** the empty class */
  plan: Plan
  /** who may take part today */
  people: Roster['people']
  catalogue: Catalogue
  rates: Rates
}

/** A version as the group would take it, judged alone at the library's dose. */
export interface Taken {
  entry: CatalogueEntry
  ladder: readonly CatalogueEntry[]
  prescription: Prescription
  placements: readonly Placement[]
  /** what each person does of it */
  options: readonly (Option | undefined)[]
}

/** Sets that are offered, by what is trained. */
const SETS: Readonly<Record<Quality, readonly number[]>> = {
  strength: [1, 2, 3],
  balance: [1, 2, 3],
  power: [1, 2],
  heart: [1, 2, 3],
  mobility: [1, 2],
  stretch: [1],
  skill: [1, 2],
  calm: [1],
}
/** So long is work by the clock in one go, s: what is worth to begin, and what a group keeps its mind on. */
const WORK = { least: 30, most: 180 } as const

const oneItem = (item: Item): Block => ({ id: 'alone', title: '', format: 'straight', pauseAfter: 0, items: [item] })

/** Doses in which a version is offered: a number of sets, and the work of each where a clock says it, s. */
export interface DoseChoice {
  sets: number
  workSeconds?: number
  mostExtra: number
  /** so often in turn with others */
  turns?: number
  /** what it comes to in the block of a form, where that is not its dose by itself */
  prescription?: Prescription
}
/** A version with a dose, as an item of a plan; the library's dose is not said. */
function itemWith({ variant }: CatalogueEntry, { sets, workSeconds }: Omit<DoseChoice, 'mostExtra'>): Item {
  const { dose } = variant
  const isOwn = sets === dose.sets && (workSeconds === undefined || workSeconds === dose.workSeconds)
  return {
    id: 'alone',
    variant: variant.id,
    ...(!isOwn && { dose: { ...asPlanDose(dose), sets, ...(workSeconds !== undefined && { workSeconds }) } }),
  }
}

/** What a version with a dose comes to. */
export function prescribed(
  { catalogue }: Given,
  { entry, prescription }: Pick<Taken, 'entry'> & { prescription?: Prescription },
  dose: Omit<DoseChoice, 'mostExtra'>,
): Prescription {
  const item = itemWith(entry, dose)
  return item.dose || !prescription ? prescriptionOf(item, oneItem(item), catalogue) : prescription
}

/**
 * Seconds of an item by itself; how people come to it, and kit to it, is counted apart.
 *
 * @param turns so often it comes in turn with others: its rests are the work of the others, and each time it is come to
 */
export function timesOf(
  { plan, people, catalogue, rates }: Given,
  { placements }: Pick<Taken, 'placements'>,
  prescription: Prescription,
  turns?: number,
) {
  const alone: Alone[] = placements.map(aloneOf)
  const pacing = pacingOf(people, [prescription], new Map([[prescription.item.id, alone]]))
  const whole: Plan = { ...plan, phases: [{ id: 'alone', kind: 'main', title: '', blocks: [prescription.block] }] }
  const { segments } = expand(whole, catalogue, pacing, rates)
  const sum = (kinds: (kind: string) => boolean) => segments.filter(({ kind }) => kinds(kind)).reduce((all, { seconds }) => all + seconds, 0)
  const apart = ['change', 'kit', 'pause', ...(turns === undefined ? [] : ['rest'])]
  const changesOver =
    turns === undefined ? 0 : turns * changeOverSeconds(pacing.restFactor(prescription.item.id), rates.between, handedOut(prescription).length > 0)
  return {
    seconds: sum((kind) => !apart.includes(kind)) + changesOver,
    workSeconds: sum((kind) => kind === 'work'),
    quietSeconds: sum((kind) => ['work', 'rest', 'side-change'].includes(kind)),
  }
}

/** Whether everybody is told the same of both. */
const isJudgedAlike = (one: readonly Placement[], other: readonly Placement[]): boolean =>
  one.every(({ judgement, options }, person) => {
    const { judgement: then, options: thenOptions } = other[person]!
    return judgement.verdict === then.verdict && options.map(({ id }) => id).join() === thenOptions.map(({ id }) => id).join()
  })

/** Whether anybody's effort would settle above their cap, were it to go on. */
export const settlesTooHigh = ({ people }: Given, options: Taken['options']): boolean =>
  people.some((person, index) => {
    const option = options[index]
    return option !== undefined && settlesAt(option, person) > person.assessment.limits.rpeCap.value
  })

/** One set of work by the clock whose length can be anything between a least and a most; undefined where the version has no such dose. */
function byClock(given: Given, taken: Taken): DoseChoice | undefined {
  const { entry, ladder, placements, options } = taken
  const { sets, workSeconds, holdSeconds } = entry.variant.dose
  if (sets !== 1 || workSeconds === undefined || holdSeconds > 0 || workSeconds >= WORK.most) return undefined
  const at = (seconds: number) => prescribed(given, { entry }, { sets, workSeconds: seconds })
  // for whom it would settle above their cap, or who is told otherwise, it is no longer than the library has it
  const isTooMuch = settlesTooHigh(given, options)
  const longest = at(WORK.most)
  const mayBeLonger = !isTooMuch && isJudgedAlike(placements, placeGroup(given.people, longest, ladder, given.plan.room))
  const [least, most] = [Math.min(workSeconds, WORK.least), mayBeLonger ? WORK.most : workSeconds]
  // where sides take turns a second more is two: those keep their sets
  const grows = timesOf(given, taken, mayBeLonger ? longest : at(most)).seconds - timesOf(given, taken, at(least)).seconds
  return grows === most - least ? { sets, workSeconds: least, mostExtra: most - least } : undefined
}

/** @param inSets whether it may stand where more than the library's sets make sense */
export function dosesOf(given: Given, taken: Taken, quality: Quality, inSets: boolean): DoseChoice[] {
  const timed = byClock(given, taken)
  if (timed) return [timed]
  const own = taken.entry.variant.dose.sets
  const sets = inSets ? [...new Set([...SETS[quality], own])].sort((a, b) => a - b) : [own]
  return sets.map((many) => ({ sets: many, mostExtra: 0 }))
}
