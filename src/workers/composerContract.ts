import type { Drawing } from '@/core/body'
import type { ClassBrief, Concession, GivenUp, NoWay, Part, Progress, Why } from '@/core/compose'
import type { PlanDraft } from '@/core/plan'
import type { Rates, TreadLine } from '@/core/timing'
import type { StoredOwn, WorkerPerson } from './designerContract'

/** For whom and from what a class is composed. */
export interface ComposeAsk {
  brief: ClassBrief
  people: WorkerPerson[]
  own: StoredOwn[]
  rates: Rates
}

export interface ProposedItem {
  id: string
  movement: string
  movementId: string
  /** the planned version, and the others that are shown beside it */
  name: string
  beside: string[]
  seconds: number
  why: Why
  drawing?: Drawing
}

/** A composed class as it is shown. */
export interface ProposalView {
  plan: PlanDraft
  line: TreadLine
  seconds: number
  parts: { part: Part; seconds: number; items: ProposedItem[] }[]
  givenUp: GivenUp[]
  /** who could not stay for all of it, by name, and how many minutes they may be active */
  tooLong: { name: string; minutes: number }[]
  /** how much better any class could be, as a share; undefined = found by trying, with no proof */
  gap?: number
}

export type ComposerAsk = { kind: 'warm'; ask: ComposeAsk } | { kind: 'compose'; ask: ComposeAsk; proposals: number }

export type ComposerNews =
  | { kind: 'first'; proposal: ProposalView }
  | { kind: 'progress'; step: Progress['step']; value?: number; bound: number; proposal: number }
  | { kind: 'proposal'; proposal: ProposalView; number: number }
  | { kind: 'done' }
  /** `names`: of the movements in it, by their ids */
  | { kind: 'impossible'; clash: Concession[]; noWay: { movement: string; because: NoWay }[]; names: Record<string, string> }
  | { kind: 'unknown' }
  | { kind: 'fault'; message: string }
