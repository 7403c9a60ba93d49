import type { Quality } from '../coverage'
import { type Evaluation, evaluate, neededMinutes, type Roster } from '../evaluate'
import type { Catalogue, EverydayFunction, Muscle } from '../movement'
import { type Plan, type PlanInput, planSchema, soundPlan } from '../plan'
import { changeSeconds, HOUSE_RATES, type Rates } from '../timing'
import { type ClassBrief, musicOf, type Place } from './brief'
import { type Concession, clashOf, type NoWay, nearest, noWayFor } from './clash'
import { blocksOf, needsOtherMuscles } from './forms'
import { firstClass } from './heuristic'
import type { Solver } from './lp'
import { type Before, buildModel, type Chosen, chosenIn, type Frame, sharesOf, trainingOf, workOf, worthOf } from './model'
import { type Laid, laidOn } from './music'
import { ordered } from './order'
import { type Progress, solveModel } from './solve'
import type { Part } from './way'
import { waysOf } from './ways'

/** Why something stands in a composed class; sentences are made where it is shown. */
export type Why =
  | { code: 'pinned' }
  | { code: 'serves'; use: EverydayFunction }
  | { code: 'area'; muscle: Muscle }
  | { code: 'goal'; quality: Quality; minutes: number }
  | { code: 'warm-up' | 'cool-down' }
  | { code: 'muscles'; muscles: Muscle[] }

/** What the brief asks and the class does not give. */
export type GivenUp =
  | { code: 'goal'; quality: Quality; share: number }
  | { code: 'area'; muscle: Muscle }
  | { code: 'serves'; use: EverydayFunction }
  | { code: 'lately'; movements: string[] }

export interface Proposal {
  plan: Plan
  evaluation: Evaluation
  chosen: Chosen[]
  why: Record<string, Why>
  givenUp: GivenUp[]
  /** what it is worth to the brief, what nothing can be worth more than, and the distance as a share; no bound = a first class, found by trying */
  value: number
  bound?: number
  gap?: number
}

export type Composed =
  | { kind: 'proposals'; proposals: Proposal[] }
  /** `clash`: wishes that cannot be kept together; `noWay`: wished movements of which nothing is left, and why */
  | { kind: 'impossible'; clash: Concession[]; noWay: { movement: string; because: NoWay }[] }
  /** the search ended without an answer */
  | { kind: 'unknown' }

export interface ComposeOptions {
  rates?: Rates
  /** proposals that differ in at least half of their movements */
  proposals?: number
  /** a class found by trying, and after it a good one that is not proved yet */
  onFirst?: (first: Proposal) => void
  onProgress?: (progress: Progress & { proposal: number }) => void
  onProposal?: (proposal: Proposal) => void
}

/** The class may be so much shorter than it promises, s: what is left goes to water and rests. */
const SHORTER_SECONDS = 180
/** Left free for what order and people add, s. */
const SPARE_SECONDS = 20
/** What the grid of five seconds takes off a warm-up at most, s. */
const ROUNDED_SECONDS = 20
/** A way that falls by its place is cut and the class chosen anew, so often at most. */
const MOST_AGAIN = 3
const MOST_PAUSE = 120
/** Less of a goal than this share of its wish is said. */
const SAID_BELOW = 0.8
/** As they stand over the parts of a plan; the instructor may call them otherwise. */
export const PART_TITLES: Readonly<Record<Part, string>> = { 'warm-up': 'Warm up', main: 'Main', 'cool-down': 'Come down' }

/** The class before anything is chosen. */
export const emptyPlan = (brief: ClassBrief): Plan => planOf(brief, []) as Plan

type Parts = readonly { part: Part; chosen: readonly Chosen[] }[]

function planOf(brief: ClassBrief, parts: Parts, pauses: Partial<Record<Part, number>> = {}, music?: Laid) {
  const bpm = musicOf(brief)
  const input: PlanInput = {
    version: 2,
    title: brief.title,
    promisedMinutes: brief.minutes,
    tracks: brief.tracks,
    familiar: brief.familiar,
    ...(bpm !== undefined && { bpm }),
    ...(music && { playlist: music.playlist }),
    room: { ...brief.room, floorWork: brief.room.floorWork && brief.places.includes('floor') },
    phases: parts.map(({ part, chosen }) => ({
      id: part,
      kind: part,
      title: PART_TITLES[part],
      blocks: blocksOf(part, chosen, brief, pauses[part] ?? 0).map((block) => {
        const track = music?.trackOf.get(block.id)
        return track === undefined ? block : { ...block, track }
      }),
    })),
  }
  return planSchema.parse(input)
}

/** What the people make of warm-up, cool-down and ways (rule base 5.5, 5.7). */
export function frameOf({ minutes }: ClassBrief, { people }: Roster): Frame {
  // who is closed today may be open when the question is answered: the class is long enough for them too
  const all = people.map(({ assessment }) => assessment.limits)
  const most = (limit: 'warmMin' | 'coolMin' | 'pauseSec') => Math.max(0, ...all.map((limits) => limits[limit].value))
  const need = (part: 'warm' | 'cool') => neededMinutes(part, most(`${part}Min`), most('warmMin'), minutes, false) * 60
  const pause = most('pauseSec')
  const wayTo = (place: Place): number => {
    const base = ({ seat: 'seated-unsupported', stand: 'standing-free', floor: 'floor-supine', bed: 'bed-supine' } as const)[place]
    return place === 'seat' ? 0 : changeSeconds('seated-unsupported', base) + changeSeconds(base, 'seated-unsupported') + pause
  }
  return {
    warmUpSeconds: need('warm') + ROUNDED_SECONDS,
    coolDownSeconds: need('cool'),
    from: minutes * 60 - SHORTER_SECONDS,
    until: minutes * 60 - SPARE_SECONDS,
    placeSeconds: { seat: 0, stand: wayTo('stand'), floor: wayTo('floor'), bed: wayTo('bed') },
  }
}

/** The ordered class, judged as a whole; its sets and pauses so that it lands on its time. */
function landed(
  brief: ClassBrief,
  chosen: readonly Chosen[],
  roster: Roster,
  catalogue: Catalogue,
  rates: Rates,
): { plan: Plan; evaluation: Evaluation } {
  const parts = ordered(chosen, { fewChanges: brief.mostPlaceChanges !== undefined, inTurn: needsOtherMuscles(brief.mainForm) }).map(
    ({ part, ways }) => ({
      part,
      chosen: ways.map((way) => chosen.find((one) => one.way === way)!),
    }),
  )
  const judged = (pauses: Partial<Record<Part, number>>, music?: Laid) => {
    const plan = soundPlan(planOf(brief, parts, pauses, music), catalogue)
    return { plan, evaluation: evaluate(plan, roster, catalogue, rates) }
  }
  const plain = judged({})
  const free = brief.minutes * 60 - plain.evaluation.timeline.totalSeconds
  // what is left over is water between the parts, in whole five seconds
  const each = Math.min(MOST_PAUSE, Math.floor(Math.max(0, free) / 2 / 5) * 5)
  const pauses = each >= 10 ? { 'warm-up': each, main: each } : {}
  const timed = each >= 10 ? judged(pauses) : plain
  const bpm = musicOf(brief)
  const music = bpm === undefined ? undefined : laidOn(timed.plan, timed.evaluation.timeline, bpm)
  return music ? judged(pauses, music) : timed
}

/** Ways that in the whole class leave somebody out who had a version alone, by item. */
function fallen({ items, people }: Evaluation): string[] {
  return items
    .filter(({ uses }) => uses.some((use, person) => use.kind === 'rests' && !people[person]!.assessment.closed))
    .map(({ prescription }) => prescription.item.variant ?? '')
}

/** s by which the choice should be longer so that the class lands on its time: below 0 where it came out too long, 0 where it is well. */
function missedBy({ evaluation: { timeline } }: Proposal, { minutes }: ClassBrief): number {
  const free = minutes * 60 - timeline.totalSeconds
  return free < 0 ? free - SPARE_SECONDS : free > SHORTER_SECONDS ? free - SPARE_SECONDS : 0
}

function whyOf(one: Chosen, brief: ClassBrief): Why {
  const { way, part } = one
  if (brief.pinned.includes(way.movement)) return { code: 'pinned' }
  if (brief.everyday.includes(way.serves)) return { code: 'serves', use: way.serves }
  const area = brief.areas.find((muscle) => way.main.includes(muscle))
  if (area) return { code: 'area', muscle: area }
  if (part !== 'main') return { code: part }
  if (brief.goals[way.quality] > 0) return { code: 'goal', quality: way.quality, minutes: Math.round(workOf(one) / 6) / 10 }
  return { code: 'muscles', muscles: [...way.main] }
}

function givenUpBy(chosen: readonly Chosen[], brief: ClassBrief): GivenUp[] {
  const minutesOf = (quality: Quality) => chosen.reduce((sum, one) => sum + (one.way.quality === quality ? trainingOf(one) / 60 : 0), 0)
  const lately = [...new Set(chosen.flatMap(({ way }) => (way.wasLately ? [way.movement] : [])))]
  return [
    ...[...sharesOf(brief)].flatMap(([quality, share]): GivenUp[] => {
      const have = minutesOf(quality) / share
      return have < SAID_BELOW ? [{ code: 'goal', quality, share: Math.round(have * 100) / 100 }] : []
    }),
    ...brief.areas.filter((muscle) => !chosen.some(({ way }) => way.main.includes(muscle))).map((muscle): GivenUp => ({ code: 'area', muscle })),
    ...brief.everyday.filter((use) => !chosen.some(({ way }) => way.serves === use)).map((use): GivenUp => ({ code: 'serves', use })),
    ...(lately.length > 0 ? [{ code: 'lately', movements: lately } as const] : []),
  ]
}

function proposalOf(chosen: readonly Chosen[], brief: ClassBrief, roster: Roster, catalogue: Catalogue, rates: Rates, bound?: number): Proposal {
  const { plan, evaluation } = landed(brief, chosen, roster, catalogue, rates)
  const byVariant = new Map(chosen.map((one) => [one.way.variant, one]))
  const why = Object.fromEntries(
    evaluation.items.flatMap(({ prescription: { item } }) => {
      const one = byVariant.get(item.variant ?? '')
      return one ? [[item.id, whyOf(one, brief)] as const] : []
    }),
  )
  const value = worthOf(chosen, brief)
  return {
    plan,
    evaluation,
    chosen: [...chosen],
    why,
    givenUp: givenUpBy(chosen, brief),
    value,
    ...(bound !== undefined && { bound, gap: Math.max(0, (bound - value) / Math.abs(value)) }),
  }
}

/**
 * Composes classes for a brief: everybody has an allowed version of everything, the parts are as long as the strictest person needs, and the whole
 * lands on its time. The first is told as soon as one is found by trying; the others with a proof of how much better any class could be.
 *
 * @throws when the roster cannot be judged
 */
export function compose(brief: ClassBrief, roster: Roster, catalogue: Catalogue, solver: Solver, options: ComposeOptions = {}): Composed {
  const { rates = HOUSE_RATES, proposals: many = 1, onFirst, onProgress, onProposal } = options
  const plan = emptyPlan(brief)
  let ways = waysOf(brief, plan, roster, catalogue, rates)
  let frame = frameOf(brief, roster)
  const proposed = (chosen: readonly Chosen[], bound?: number) => proposalOf(chosen, brief, roster, catalogue, rates, bound)
  const first = onFirst && firstClass(ways, brief, frame)
  if (first) onFirst(proposed(first))
  const found: Proposal[] = []
  const before: Before[] = []
  let again = 0
  /** keeps the brief in all but its length */
  let near: Proposal | undefined
  const take = (proposal: Proposal) => {
    again = 0
    near = undefined
    found.push(proposal)
    onProposal?.(proposal)
    const movements = proposal.chosen.map(({ way }) => way.movement).filter((movement) => !brief.pinned.includes(movement))
    before.push({ movements, most: Math.floor(movements.length / 2) })
  }
  while (found.length < many) {
    const built = buildModel(ways, brief, frame, before)
    const solved = solveModel(built.model, (column) => built.chosen[column] !== undefined, solver, {
      // the first good one is shown while it is being proved
      ...(onFirst && found.length === 0 && { onGood: (x) => onFirst(proposed(chosenIn(built, x))) }),
      ...(onProgress && { onProgress: (progress) => onProgress({ ...progress, proposal: found.length }) }),
    })
    if (solved === 'infeasible' || solved === 'unknown') {
      // no class was asked for that is longer or shorter: what there is comes nearest
      if (near) {
        take(near)
        continue
      }
      if (found.length > 0) break
      if (solved === 'unknown') return { kind: 'unknown' }
      const noWay = brief.pinned
        .filter((movement) => !ways.some((way) => way.movement === movement))
        .map((movement) => ({ movement, because: noWayFor(movement, brief, plan, roster, catalogue) }))
      if (noWay.length > 0) return { kind: 'impossible', clash: [], noWay }
      const clash = clashOf(built.model, solver)
      return { kind: 'impossible', clash: clash.length > 0 ? nearest(built.model, clash, solver) : [], noWay: [] }
    }
    const chosen = chosenIn(built, solved.x)
    const proposal = proposed(chosen, solved.bound)
    const falls = new Set(fallen(proposal.evaluation))
    if (falls.size > 0 && again < MOST_AGAIN) {
      again++
      ways = ways.filter(({ variant }) => !falls.has(variant))
      continue
    }
    // how movements in turn follow each other is known when they stand in their order: the choice is made for what they really take
    const off = missedBy(proposal, brief)
    const closer = near && Math.abs(missedBy(near, brief)) <= Math.abs(off) ? near : proposal
    if (off !== 0 && again < MOST_AGAIN) {
      again++
      near = closer
      frame = { ...frame, from: frame.from + off, until: frame.until + off }
    } else take(closer)
  }
  return { kind: 'proposals', proposals: found }
}
