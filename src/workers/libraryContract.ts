import type { Drawing, Pose, PropKind, Room, Yaw } from '@/core/body'
import type { MovementQuery, SideUse, Tempo } from '@/core/movement'
import type { Kit } from '@/core/vocabulary'
import type { StoredOwn, WorkerPerson } from './designerContract'

export interface Find extends Omit<MovementQuery, 'only' | 'kit'> {
  kit?: Kit[]
  /** conditions that the movement must be safe for, as planned or adjusted, at their strictest stage with clearance */
  conditions: string[]
  over65: boolean
  /** only what somebody of the class can do as planned or adjusted */
  forClass: boolean
  most: number
  moving: boolean
}
export interface Found {
  movement: string
  name: string
  purpose: string
  variants: number
  of: number
  /** id of the variant that is shown */
  variant: string
  /** sent once a variant; the page keeps it */
  drawing?: Drawing
  /** for a figure that moves, where that was asked */
  figure?: { poses: readonly Pose[]; tempo: Tempo; room: Room; props: readonly PropKind[]; view: Yaw; side: SideUse }
  words: string
  /** how many of the class have a step of it */
  fits?: number
}
export interface LibraryQuestions {
  /** `figures`: the page shows them, so they are drawn before they are asked for */
  open: { ask: { people: WorkerPerson[]; own: StoredOwn[]; figures?: boolean }; answer: null }
  /** `byWordsAlone`: how many there are without filters, told when nothing fits */
  find: { ask: Find; answer: { total: number; found: Found[]; byWordsAlone: number } }
  /** who of the class may do which step, as planned or adjusted; by name */
  steps: { ask: { movement: string }; answer: { variant: string; fits: string[] }[] }
}
export type LibraryRequest = { [K in keyof LibraryQuestions]: { id: number; kind: K; ask: LibraryQuestions[K]['ask'] } }[keyof LibraryQuestions]

/** Every movement, the first of them shown. */
export const FIRST_FIND: Find = { words: '', conditions: [], over65: false, forClass: false, most: 24, moving: false }
