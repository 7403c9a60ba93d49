import { z } from 'zod'
import { isDay } from './calendar'

export const daySchema = z.string().refine(isDay, { message: 'expected a calendar day, YYYY-MM-DD' })
const text = (longest: number) => z.string().trim().max(longest)

/** Yes-or-no answers and numbers of a condition that its rules ask for (`c.` fields of the rule base). */
const conditionAnswers = {
  painToday: z.number().min(0).max(10).optional(),
  maxMet: z.number().min(1).max(20).optional(),
  painFreeElevDeg: z.number().min(0).max(180).optional(),
  footWeak: z.boolean().optional(),
  orthopnoea: z.boolean().optional(),
  hypoUnaware: z.boolean().optional(),
  onOxygen: z.boolean().optional(),
  offNow: z.boolean().optional(),
  trunkControlLow: z.boolean().optional(),
  heatSensitive: z.boolean().optional(),
  ulcer: z.boolean().optional(),
  standingOk: z.boolean().optional(),
  jointAffected: z.boolean().optional(),
  severeHypo24h: z.boolean().optional(),
  symptomatic: z.boolean().optional(),
  handsNumb: z.boolean().optional(),
}

export const conditionRecordSchema = z.strictObject({
  slug: z.string().min(1).max(60),
  /** stage or kind; left out = unknown, the strictest is used */
  variant: z.string().max(60).optional(),
  side: z.enum(['left', 'right', 'both']).optional(),
  /** day of the operation, injury, diagnosis or birth as the condition says */
  since: daySchema.optional(),
  site: text(80).optional(),
  note: text(500).optional(),
  ...conditionAnswers,
})
export type ConditionRecord = z.infer<typeof conditionRecordSchema>

export const clearanceSchema = z.strictObject({
  condition: z.string().min(1).max(60),
  by: text(120).min(1),
  on: daySchema,
  expires: daySchema.optional(),
  scope: text(300).optional(),
  /** a written individual plan for one movement (principle P8): it loosens that condition's rules there, and clears nothing else */
  movement: z.string().max(60).optional(),
})

/** Where it hurts or wants care, on a figure seen from the front and from the back. */
export const BODY_REGIONS = [
  'head',
  'neck',
  'left-shoulder',
  'right-shoulder',
  'chest',
  'upper-back',
  'left-elbow',
  'right-elbow',
  'left-hand',
  'right-hand',
  'belly',
  'low-back',
  'left-hip',
  'right-hip',
  'left-thigh',
  'right-thigh',
  'left-knee',
  'right-knee',
  'left-shin',
  'right-shin',
  'left-foot',
  'right-foot',
] as const
export type BodyRegion = (typeof BODY_REGIONS)[number]
export const siteSchema = z.strictObject({ region: z.enum(BODY_REGIONS), kind: z.enum(['pain', 'care']), note: text(120).optional() })
export type Site = z.infer<typeof siteSchema>

/** Medicines that change how effort is read or what a fall means. Left out = not asked. */
export const medicinesSchema = z.strictObject({
  betaBlocker: z.boolean().optional(),
  bloodThinner: z.boolean().optional(),
  insulinOrSulfonylurea: z.boolean().optional(),
})

/** What is known of a client. Fields that are left out are unknown and read on the cautious side. */
export const clientSchema = z.strictObject({
  given: text(60).min(1, 'a first name is needed'),
  family: text(60).default(''),
  birthDate: daySchema,
  statureCm: z.number().min(120).max(220).optional(),
  massKg: z.number().min(30).max(250).optional(),
  conditions: z.array(conditionRecordSchema).max(30).default([]),
  /** due date of a present pregnancy */
  dueDate: daySchema.optional(),
  lastBirth: z.strictObject({ on: daySchema, kind: z.enum(['vaginal', 'caesarean']) }).optional(),
  noBirth12m: z.boolean().optional(),
  clearances: z.array(clearanceSchema).max(20).default([]),
  sites: z.array(siteSchema).max(22).default([]),
  medicines: medicinesSchema.default({}),
  capability: z
    .strictObject({
      riseNoHands: z.boolean().optional(),
      floorTransferOk: z.boolean().optional(),
      singleLegSec: z.number().min(0).max(30).optional(),
      chairRises30s: z.number().int().min(0).max(60).optional(),
      getUpAndGoSec: z.number().min(0).max(180).optional(),
      impactTrained: z.boolean().optional(),
      coning: z.boolean().optional(),
      pfLoadTestOk: z.boolean().optional(),
    })
    .default({}),
  joined: daySchema.optional(),
  screenedOn: daySchema.optional(),
  kitAtHome: z.array(text(60)).max(20).default([]),
  emergencyContact: text(160).optional(),
  consentOn: daySchema.optional(),
  note: text(1000).optional(),
})
export type ClientRecord = z.infer<typeof clientSchema>
export type ClientInput = z.input<typeof clientSchema>

/** Today's answers at the door; they change today's plan and not the record. `until` keeps them for the days after. */
export const checkInSchema = z.strictObject({
  until: daySchema.optional(),
  dayFeel: z.enum(['well', 'a-bit-off', 'unwell']).optional(),
  painNow: z.number().min(0).max(10).optional(),
  usualPain: z.number().min(0).max(10).optional(),
  dizzyNow: z.boolean().optional(),
  feverNow: z.boolean().optional(),
  chestPainNow: z.boolean().optional(),
  newBreathless: z.boolean().optional(),
  restSbp: z.number().int().min(50).max(300).optional(),
  restDbp: z.number().int().min(20).max(200).optional(),
  restHr: z.number().int().min(20).max(250).optional(),
  glucoseMmol: z.number().min(0).max(50).optional(),
  ketonesMmol: z.number().min(0).max(20).optional(),
  spo2: z.number().int().min(50).max(100).optional(),
  /** conditions that flare or hurt today, by slug */
  conditions: z.record(z.string(), z.strictObject(conditionAnswers).extend({ variant: z.string().optional() })).optional(),
})
export type CheckIn = z.infer<typeof checkInSchema>
