import type { Drawing } from '@/core/body'
import type { Fitted, Repaired } from '@/core/compose'
import type { Quality } from '@/core/coverage'
import type { Ceiling } from '@/core/effort'
import type { ClassModel, FillOffer, OpenQuestion, OrderOffer, PersonEffort, Rehearsal, RosterFacts } from '@/core/evaluate'
import type { Reason } from '@/core/formats'
import type { OwnMovement, Purpose, Sayable } from '@/core/movement'
import type { PlanDose, PlanDraft } from '@/core/plan'
import type { Change, GateHit, SessionChange, Verdict } from '@/core/safety'
import type { Experience } from '@/core/timing'
import type { HouseRules, Kit } from '@/core/vocabulary'

import type { ModelChanges } from './modelChanges'

export type WorkerPerson = RosterFacts

/** One way to take part, for showing. */
export interface OptionView {
  id: string
  movement: string
  name: string
  changes: Change[]
  sessionChanges: SessionChange[]
  /** levels of the item with it among them, gentlest first, where it can be one */
  asLevel?: string[]
}
export interface Explanation {
  personId: string
  person: string
  item: string
  verdict: Verdict
  scope?: 'movement' | 'session'
  gate?: GateHit
  pending: string[]
  /** library variant, for an overrule; a described movement has none */
  variant?: string
  /** cannot be overruled */
  absolute: boolean
  /** how hard this person may work, by the school of the class */
  ceiling: Ceiling
  /** of a version that is loaded: what the plan and the person lift in it, and the band that gives it at their height */
  load?: { movement: string; planKg: number; ownKg?: number; band?: { name: string; gripCm: number; doubled: boolean; heightKnown: boolean } }
  /** how hard the class is expected to become for them; nobody who does not take part */
  effort?: PersonEffort
  overruled?: { by: string; reason: string; verdict: Verdict }
  /** no rule asks for another version: the log took them down in this movement, to this one */
  keptLower?: string
  reasons: Reason[]
  changes: Change[]
  sessionChanges: SessionChange[]
  /** conditions that the rule base does not hold, in words */
  unlisted: string[]
  options: OptionView[]
  /** the resting variant when nothing fits */
  rest?: string
}
export interface LadderStep {
  id: string
  name: string
  step: string
  drawing: Drawing
  /** in words, for those who do not see it */
  words: string
  /** first names for whom this is the least loss among the steps they may use */
  standing: string[]
  planned: boolean
  /** a further word under it */
  note?: string
}
export interface LadderView {
  movement: string
  everyday: string
  cues: { setup: string; do: string; breath: string; watch: string }
  dose: PlanDose
  steps: LadderStep[]
  /** who has no step here */
  none: string[]
  /** what goes well after it, each in the version that most of the class can do */
  partners: Choice[]
}
export interface Choice {
  id: string
  movement: string
  purpose: Purpose
  name: string
  /** how many of the class could do it as planned or adjusted */
  fits: number
}

/** A choice with all by which it can be found. */
export interface Addable extends Choice {
  said: Sayable
  /** kit that it needs and the room does not have */
  lacks: Kit[]
  /** with which it is added, where that is not the library's */
  dose?: PlanDose
}

/** A movement of the studio's own, as it is stored. */
export interface StoredOwn {
  id: string
  document: OwnMovement
  /** found in the plans that use it, and offered nowhere */
  removed: boolean
}
export interface ClassQuestion extends OpenQuestion {
  person: string
  name: string
  conditionName: string
}

/** The steps beside the planned one, for everybody. */
export interface Beside {
  gentler?: { id: string; name: string }
  harder?: { id: string; name: string }
}

/** A class as it is shown, with the figures that were not sent before. */
export interface Shown {
  model: ClassModel
  drawings: Record<string, Drawing>
  beside: Record<string, Beside>
}
export type ModelAsk = { plan: PlanDraft; people?: WorkerPerson[]; own?: StoredOwn[]; experience?: Experience; house?: HouseRules }

/** What versions are called, by their ids. */
export type Names = Record<string, { movement: string; name: string }>
/** The least change after which a class fits, for showing. */
export type MendView = Omit<Repaired, 'plan' | 'evaluation'> & { seconds: number; names: Names }
/** A class in another length, for showing. */
export type FitView = Omit<Fitted, 'plan' | 'evaluation'> & { seconds: number; names: Names }

/** What can be asked; each answer has the kind of its question. */
export interface Questions {
  model: { ask: ModelAsk; answer: Shown }
  /** the class that the next questions are about, for a worker that shows none */
  class: { ask: ModelAsk; answer: null }
  /** the same, told as what is other than the answer with the number that the asker has; whole where that is not the last one */
  changes: {
    ask: ModelAsk & { has: number }
    answer: { number: number; whole: Shown } | { number: number; changes: ModelChanges; drawings: Shown['drawings']; beside: Shown['beside'] }
  }
  explain: { ask: { item: string; person: string }; answer: Explanation }
  ladder: { ask: { item: string }; answer: LadderView }
  /** what versions are called */
  names: { ask: { ids: string[] }; answer: Names }
  /** figures of versions, for a list that is looked at */
  draw: { ask: { ids: string[] }; answer: Record<string, Drawing> }
  /** ways to fill a class that is shorter than it promises */
  fill: { ask: null; answer: FillOffer[] }
  /** orders of the movements with fewer changes of kit or position */
  order: { ask: null; answer: OrderOffer[] }
  /** a movement for what the class has nothing of */
  quality: { ask: { quality: Quality }; answer: FillOffer | null }
  /** the class led many times on paper; null where the plan is not sound */
  rehearse: { ask: null; answer: Rehearsal | null }
  /** the least change after which everybody has something to do with what is there; null where everything fits */
  mend: { ask: null; answer: MendView | null }
  /** the class in another length, min */
  fit: { ask: { minutes: number }; answer: FitView | null }
  choices: { ask: { phase: string }; answer: Addable[] }
  questions: { ask: null; answer: ClassQuestion[] }
}
export type QuestionKind = keyof Questions
export type Request = { [K in QuestionKind]: { id: number; kind: K; ask: Questions[K]['ask'] } }[QuestionKind]
