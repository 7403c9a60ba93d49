import type { KitNeed, NamedCell } from '@/core/evaluate'
import type { LedView } from '@/core/lead'
import type { PlanDraft } from '@/core/plan'
import type { Turn } from '@/core/progress'
import type { GateOutcome, PersonFacts } from '@/core/safety'
import type { Experience, TreadLine } from '@/core/timing'
import type { Day, MassUnit } from '@/core/vocabulary'
import type { Questions, StoredOwn, WorkerPerson } from './designerContract'
import type { Find, LibraryQuestions } from './libraryContract'

interface ClassOnDay {
  plan: PlanDraft
  people: WorkerPerson[]
  experience: Experience
}

/** A class on the day sheet. */
export type SheetLine =
  | { line: TreadLine; closed: { name: string; because: string }[]; pending: string[]; kit: KitNeed[] }
  /** the plan cannot be judged: why */
  | { problem: string }

/** What the rules say of somebody before any movement. */
export interface StandingNow {
  closed?: GateOutcome
  /** a clinician's agreement is advised and not there */
  pending: boolean
}

/** What the server asks its own judge; what is asked stands on the library that was sent last. */
export interface JudgeQuestions {
  library: { ask: { own: StoredOwn[] }; answer: null }
  /** the class as its page shows it first, with every verdict; a fault when the plan cannot be used */
  first: { ask: ClassOnDay; answer: { shown: Questions['model']['answer']; cells: NamedCell[] } }
  sheet: { ask: ClassOnDay; answer: SheetLine }
  /** the judgement that a class is led by */
  /** `masses`: the unit in which what somebody may lift is said */
  led: { ask: ClassOnDay & { masses: MassUnit }; answer: LedView | { problem: string } }
  /** every verdict; null when the plan cannot be used */
  cells: { ask: ClassOnDay; answer: NamedCell[] | null }
  /** the stair of a plan alone; null when the plan cannot be used */
  stair: { ask: { plan: PlanDraft }; answer: TreadLine | null }
  /** the class on its coming days, with the people as they will be then; null when the plan cannot be used */
  ahead: { ask: { plan: PlanDraft; meetings: { day: Day; people: WorkerPerson[] }[]; experience: Experience }; answer: Turn[] | null }
  find: { ask: { people: WorkerPerson[]; wish: Find }; answer: LibraryQuestions['find']['answer'] }
  standing: { ask: { facts: PersonFacts[] }; answer: StandingNow[] }
}
export type JudgeRequest = { [K in keyof JudgeQuestions]: { id: number; kind: K; ask: JudgeQuestions[K]['ask'] } }[keyof JudgeQuestions]
