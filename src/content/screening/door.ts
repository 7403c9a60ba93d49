import type { ScreeningOutcome } from '@/core/client'

/** Answers to the day questions D2 and D4 that outlast the day and D6 (rule base 4.3): until a clinician has looked, until the form is filled in again. */
export interface DoorFinding {
  question: 'D2' | 'D4' | 'D6'
  key: string
  say: string
  outcome: ScreeningOutcome
  /** the health questions have to be answered again */
  askAgain?: boolean
  /** asked only of those who are pregnant or have given birth within the year, quietly */
  perinatal?: true
}

/** What is asked of everybody before a class (rule base 4.3); "as usual" says that nothing of it is new. */
export const DAY_QUESTIONS = [
  { id: 'D1', ask: 'How do you feel today? Any fever, chest cold or stomach upset?' },
  { id: 'D2', ask: 'Since last time: chest discomfort, new breathlessness, a racing heart, dizziness or a faint?' },
  { id: 'D3', ask: 'Pain today? Were you worse the day after last time?' },
  { id: 'D4', ask: 'A new medicine, a fall, an injury, an operation, or advice from a clinician?' },
] as const

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
  {
    question: 'D6',
    key: 'urgent',
    say: 'fluid, the baby moving less, heavy bleeding, regular tightenings before week 37, a bad headache or changed sight',
    outcome: 'emergency',
    perinatal: true,
  },
  {
    question: 'D6',
    key: 'maternity',
    say: 'light bleeding, swelling, calf pain or fever: ring the maternity unit today',
    outcome: 'not-today',
    perinatal: true,
  },
  { question: 'D6', key: 'leak', say: 'a leak or a heavy feeling below', outcome: 'limits', perinatal: true },
]

/** Stages that a condition has on a bad day: what "a bad day with it" at the door means, until tomorrow. */
export const FLARE_STAGES: readonly string[] = ['flare', 'irritable', 'painful', 'acute', 'swollen-now', 'symptomatic', 'poorly-controlled', 'active']
