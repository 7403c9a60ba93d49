import { z } from 'zod'
import { BODY_PARTS, type BodyPart, CONDITION_FIELDS, type FieldDefinition, MEDICINES, PERSON_FIELDS } from '../safety'
import { daySchema } from './calendar'
import { SCREENING_OUTCOMES } from './form'
import { measuredSchema } from './measured'

const text = (longest: number) => z.string().trim().max(longest)

const bounded = ({ min, max }: Extract<FieldDefinition, { kind: 'number' }>) =>
  z
    .number()
    .min(min ?? 0)
    .max(max ?? 1000)
    .optional()
const answerSchema = (definition: FieldDefinition) => (definition.kind === 'number' ? bounded(definition) : z.boolean().optional())
/** Fields of a condition that are kept in another form: stage and side beside it, weeks as a day, clearance as a letter. */
const KEPT_OTHERWISE = ['variant', 'side', 'weeks', 'cleared'] as const
type AnswerField = Exclude<keyof typeof CONDITION_FIELDS, (typeof KEPT_OTHERWISE)[number]>
/** Yes-or-no answers and numbers of a condition that its rules ask for (`c.` fields of the rule base). */
export const ANSWER_FIELDS = Object.keys(CONDITION_FIELDS).filter(
  (field): field is AnswerField => !(KEPT_OTHERWISE as readonly string[]).includes(field),
)
type AnswerShape = { [K in AnswerField]: z.ZodOptional<(typeof CONDITION_FIELDS)[K] extends { kind: 'flag' } ? z.ZodBoolean : z.ZodNumber> }
const conditionAnswers = Object.fromEntries(ANSWER_FIELDS.map((field) => [field, answerSchema(CONDITION_FIELDS[field])])) as unknown as AnswerShape

export const conditionRecordSchema = z.strictObject({
  slug: z.string().min(1).max(60),
  /** stage or kind; left out = unknown, the strictest is used */
  variant: z.string().max(60).optional(),
  side: z.enum(['left', 'right', 'both']).optional(),
  /** day of the operation, injury, diagnosis or birth as the condition says */
  since: daySchema.optional(),
  site: text(80).optional(),
  note: text(500).optional(),
  /** day on which somebody had to help with a low sugar */
  severeHypoOn: daySchema.optional(),
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

/** An answer to a proposal: it stands until the movement is done again. */
export const progressAnswerSchema = z.strictObject({
  movement: z.string().min(1).max(60),
  /** when it was answered, and the last class that the proposal rested on */
  on: daySchema,
  last: daySchema,
  verdict: z.enum(['up', 'down']),
  answer: z.enum(['taken', 'not-yet']),
  /** the step that was meant: a weight, kg a hand or limb, or a version */
  kg: z.number().min(0).max(60).optional(),
  variant: z.string().min(1).max(90).optional(),
})
export type ProgressAnswer = z.output<typeof progressAnswerSchema>

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

/** The part of a region, and its side where it has one. */
export function partOf(region: BodyRegion): { part: BodyPart; side?: 'left' | 'right' } {
  const [, side, part] = /^(left|right)-(.+)$/.exec(region) ?? []
  const found = BODY_PARTS.find((one) => one === (part ?? region))
  if (!found) throw new Error(`no part of the body is called ${region}`)
  return { part: found, ...(side && { side: side as 'left' | 'right' }) }
}

export const siteSchema = z.strictObject({ region: z.enum(BODY_REGIONS), kind: z.enum(['pain', 'care']), note: text(120).optional() })
export type Site = z.infer<typeof siteSchema>

/** Medicines that change how effort is read or what a fall means. Left out = not asked. */
export const medicinesSchema = z.strictObject(
  Object.fromEntries(MEDICINES.map((medicine) => [medicine, z.boolean().optional()])) as Record<
    (typeof MEDICINES)[number],
    z.ZodOptional<z.ZodBoolean>
  >,
)

/** An answer of the health questions with an outcome of its own, and how far it has been dealt with. */
export const findingSchema = z.strictObject({
  question: z.string().max(8),
  key: z.string().max(40),
  outcome: z.enum(SCREENING_OUTCOMES),
  slugs: z.array(z.string().max(60)).max(6),
  /** day on which it was answered */
  on: daySchema,
  again: z.boolean().optional(),
  later: z.strictObject({ week: z.number().int(), outcome: z.enum(SCREENING_OUTCOMES), slug: z.string().max(60) }).optional(),
  /** its proposal is in the record */
  confirmedOn: daySchema.optional(),
  /** spoken about, answered again, or a clinician has written that the person may come */
  settledOn: daySchema.optional(),
  settledBy: z.string().trim().max(120).optional(),
})
export type Finding = z.infer<typeof findingSchema>

/** Where the health questions stand. The answers themselves are kept as a form; private answers nowhere. */
export const screeningStandSchema = z.strictObject({
  /** the last form that was filled in to its end */
  completedOn: daySchema.optional(),
  /** questions of it that were due and left out */
  skipped: z.array(z.string().max(8)).max(80).default([]),
  findings: z.array(findingSchema).max(80).default([]),
  /** a day question asked for the form again */
  askAgainOn: daySchema.optional(),
})

/** What is known of a client. Fields that are left out are unknown and read on the cautious side. */
export const clientSchema = z.strictObject({
  given: text(60).min(1, 'a first name is needed'),
  family: text(60).default(''),
  birthDate: daySchema,
  statureCm: z.number().min(120).max(220).optional(),
  massKg: z.number().min(30).max(250).optional(),
  /** for ceilings and capacity; unknown = the lower value */
  sex: z.enum(['female', 'male']).optional(),
  conditions: z.array(conditionRecordSchema).max(30).default([]),
  /** conditions that the rule base does not hold, in words; a letter that frees each from the cautious limits */
  unlisted: z
    .array(z.strictObject({ words: text(120).min(1), clearedOn: daySchema.optional(), clearedBy: text(120).optional() }))
    .max(10)
    .default([]),
  /** due date of a present pregnancy */
  dueDate: daySchema.optional(),
  lastBirth: z.strictObject({ on: daySchema, kind: z.enum(['vaginal', 'caesarean']) }).optional(),
  noBirth12m: z.boolean().optional(),
  latexAllergy: z.boolean().optional(),
  screening: screeningStandSchema.optional(),
  /** somebody of their own stands beside them in class */
  ownHelper: z.boolean().optional(),
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
  /** what they lift in a movement where it is not what the plan says, kg a hand or limb, or the peak pull of a band; the latest of each movement */
  ownLoads: z
    .array(z.strictObject({ movement: z.string().min(1).max(60), kg: z.number().min(0).max(60), on: daySchema }))
    .max(200)
    .default([]),
  /** the version of a movement that they were taken down to and stay at, till they are taken up; the latest of each movement */
  notAbove: z
    .array(z.strictObject({ movement: z.string().min(1).max(60), variant: z.string().min(1).max(90), on: daySchema }))
    .max(200)
    .default([]),
  /** what was measured of what they can do; the latest of each stands in `capability` */
  measured: z.array(measuredSchema).max(400).default([]),
  /** what was proposed from the log and how it was answered, the latest of each movement */
  progress: z.array(progressAnswerSchema).max(200).default([]),
  joined: daySchema.optional(),
  /** let in at the door as a guest of a class, with first name and age only */
  guestOn: daySchema.optional(),
  /** what a guest said of it, where no due date is known; not said is read as yes while it can be */
  pregnant: z.enum(['yes', 'no', 'not-said']).optional(),
  /** kept from before the answers were: a day without answers is no screening */
  screenedOn: daySchema.optional(),
  kitAtHome: z.array(text(60)).max(20).default([]),
  emergencyContact: text(160).optional(),
  consentOn: daySchema.optional(),
  /** no longer agreed: nothing of their health is kept, and they are in no class until they agree anew */
  consentWithdrawnOn: daySchema.optional(),
  note: text(1000).optional(),
})
export type ClientRecord = z.infer<typeof clientSchema>
export type ClientInput = z.input<typeof clientSchema>

/** Measured at the door; the lowest value that a working device can show. */
const LOWEST_READING = { restSbp: 50, restDbp: 20, restHr: 20, glucoseMmol: 0, ketonesMmol: 0, spo2: 50 } as const
export const READINGS = Object.keys(LOWEST_READING) as (keyof typeof LOWEST_READING)[]
export type Reading = (typeof READINGS)[number]
/** Range and unit of a reading, for the field that asks for it and the schema that keeps it. */
export const readingField = (reading: Reading) => {
  const { label, unit, max } = PERSON_FIELDS[reading]
  return { label, unit, min: LOWEST_READING[reading], max: max ?? 1000 }
}
const readingShape = Object.fromEntries(
  READINGS.map((reading) => [reading, z.number().min(readingField(reading).min).max(readingField(reading).max).optional()]),
) as Record<Reading, z.ZodOptional<z.ZodNumber>>

/** Today's answers at the door; they change today's plan and not the record. `until` keeps them for the days after. */
export const checkInSchema = z.strictObject({
  until: daySchema.optional(),
  dayFeel: z.enum(['well', 'a-bit-off', 'unwell']).optional(),
  /** said to be as usual: the day questions D1 to D4 with nothing new */
  asUsual: z.boolean().optional(),
  /** where it is sore today */
  sore: z.array(z.enum(BODY_REGIONS)).max(BODY_REGIONS.length).optional(),
  /** counts as a day that is a bit off */
  sleptBadly: z.boolean().optional(),
  painNow: z.number().min(0).max(10).optional(),
  usualPain: z.number().min(0).max(10).optional(),
  dizzyNow: z.boolean().optional(),
  feverNow: z.boolean().optional(),
  chestPainNow: z.boolean().optional(),
  newBreathless: z.boolean().optional(),
  ...readingShape,
  /** conditions that flare or hurt today, by slug */
  conditions: z.record(z.string(), z.strictObject(conditionAnswers).extend({ variant: z.string().optional() })).optional(),
})
export type CheckIn = z.infer<typeof checkInSchema>

/** Both names of somebody, as far as there are two. */
export const fullName = ({ given, family }: Pick<ClientRecord, 'given' | 'family'>): string => `${given} ${family}`.trim()
