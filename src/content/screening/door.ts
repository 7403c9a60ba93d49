import type { ScreeningOutcome } from '@/core/client'

/** Answers to the day questions D2 and D4 that outlast the day (rule base 4.3): until a clinician has looked, until the form is filled in again. */
export interface DoorFinding {
  question: 'D2' | 'D4'
  key: string
  say: string
  outcome: ScreeningOutcome
  /** the health questions have to be answered again */
  askAgain?: boolean
}

export const DOOR_FINDINGS: readonly DoorFinding[] = [
  {
    question: 'D2',
    key: 'unchecked',
    say: 'chest discomfort, breathlessness, a racing heart, dizziness or a faint since last time; gone now, and nobody has looked',
    outcome: 'not-today',
  },
  {
    question: 'D4',
    key: 'event',
    say: 'a fall with injury, an operation, a hospital stay, or a heart, pressure, sugar or fit medicine changed',
    outcome: 'clearance-first',
    askAgain: true,
  },
]
