import { z } from 'zod'
import { type Day, daySchema } from './calendar'

/** The instructor's own word against a verdict: for one variant, with a reason, for one class or until a day, and who gave it when. */
export const overruleSchema = z.strictObject({
  variant: z.string().min(1).max(90),
  reason: z.string().trim().min(5, 'say why, in a few words').max(300),
  /** only in this class; left out = in every class */
  classId: z.uuid().optional(),
  /** last day on which it holds */
  until: daySchema,
  by: z.string().min(1).max(120),
  on: daySchema,
  /** the dose and support it was given for; it reaches no further. Left out in those given before doses were kept */
  upTo: z
    .strictObject({
      // left out in those of the first days of this field: one
      sets: z.number().int().min(1).default(1),
      loadKg: z.number().min(0),
      rpe: z.number().min(0),
      holdSeconds: z.number().min(0),
      reps: z.number().min(0),
      supportInReach: z.boolean(),
    })
    .optional(),
  /** what was said against, kept as trace */
  verdict: z.string().max(20),
  rules: z.array(z.string().max(20)).max(60),
  /** first day on which it no longer holds, because it was taken back */
  withdrawnOn: daySchema.optional(),
})
export type OverruleRecord = z.infer<typeof overruleSchema>

/** Overrules that hold in a class on a day. */
export const overrulesOn = (records: readonly OverruleRecord[], day: Day, classId?: string): OverruleRecord[] =>
  records.filter(
    ({ on, until, withdrawnOn, classId: only }) =>
      on <= day && day <= until && (withdrawnOn === undefined || day < withdrawnOn) && (only === undefined || only === classId),
  )
