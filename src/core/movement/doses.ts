import { z } from 'zod'
import type { Purpose } from './demands'
import type { Dose } from './movement'

/** A dose as it is kept in a plan or a movement of one's own. */
export const doseSchema = z.strictObject({
  sets: z.number().int().min(1).max(10),
  reps: z.number().int().min(1).max(100).optional(),
  workSeconds: z.number().int().min(5).max(1800).optional(),
  holdSeconds: z.number().min(0).max(300),
  restSeconds: z.number().min(0).max(600),
  loadKg: z.number().min(0).max(60),
  rpe: z.number().min(0).max(10),
})

/** A dose for a goal, with where its numbers come from. */
export interface GoalDose {
  goal: 'first weeks' | 'usual' | 'build up'
  dose: Dose
  source: string
}

const TABLE = 'rule base 5.1'

/**
 * Doses per goal for older adults (rule base 5.1): strength 1 to 3 sets of 8 to 12 at effort 5 to 6 (4 at first), power 6 to 10
 * quick repetitions at 3 to 5, balance 20 to 40 s, stretches 30 to 60 s. Effort never rises above the variant's own planned effort
 * by more than the table allows; the person's caps are judged on top.
 */
export function dosesPerGoal(purpose: Purpose, own: Dose): GoalDose[] {
  const first: Dose = { ...own, sets: 1, rpe: Math.min(own.rpe, 4), ...(own.reps !== undefined && { reps: Math.min(own.reps, 8) }) }
  const rest = (factor: number) => Math.round(own.restSeconds * factor)
  switch (purpose) {
    case 'strength-legs':
    case 'strength-arms':
    case 'strength-trunk':
      return [
        { goal: 'first weeks', dose: { ...first, restSeconds: rest(1.25) }, source: TABLE },
        { goal: 'usual', dose: own, source: 'library' },
        {
          goal: 'build up',
          dose: {
            ...own,
            sets: 3,
            ...(own.reps !== undefined && { reps: 10 }),
            rpe: Math.max(own.rpe, 5),
            restSeconds: Math.max(60, own.restSeconds),
          },
          source: TABLE,
        },
      ]
    case 'power':
      return [
        { goal: 'first weeks', dose: { ...first, rpe: Math.min(own.rpe, 3) }, source: TABLE },
        { goal: 'usual', dose: own, source: 'library' },
        {
          goal: 'build up',
          dose: { ...own, sets: 3, restSeconds: Math.max(90, own.restSeconds), rpe: Math.min(5, Math.max(own.rpe, 4)) },
          source: TABLE,
        },
      ]
    case 'flexibility':
      return [
        { goal: 'first weeks', dose: { ...own, holdSeconds: Math.min(own.holdSeconds || 15, 15) }, source: TABLE },
        { goal: 'usual', dose: own, source: 'library' },
        { goal: 'build up', dose: { ...own, sets: 2, holdSeconds: 30 }, source: TABLE },
      ]
    case 'balance':
      return [
        { goal: 'first weeks', dose: { ...first, rpe: Math.min(own.rpe, 2) }, source: TABLE },
        { goal: 'usual', dose: own, source: 'library' },
        { goal: 'build up', dose: { ...own, sets: 2, restSeconds: 30 }, source: TABLE },
      ]
    default:
      return [
        { goal: 'first weeks', dose: first, source: TABLE },
        { goal: 'usual', dose: own, source: 'library' },
        {
          goal: 'build up',
          dose:
            own.workSeconds === undefined ? { ...own, sets: Math.min(3, own.sets + 1) } : { ...own, workSeconds: Math.round(own.workSeconds * 1.5) },
          source: TABLE,
        },
      ]
  }
}
