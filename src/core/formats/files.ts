import { z } from 'zod'
import { type ClientRecord, checkInSchema, clientSchema, type Day, daySchema } from '../client'
import { type PlanDraft, planSchema, planSchema2 } from '../plan'
import { CONDITION_FIELDS, type FieldDefinition, PERSON_FIELDS, SESSION_FIELDS } from '../safety'
import { type FileProblem, problemsOf } from './problems'

const fieldSchema = (field: FieldDefinition) =>
  field.kind === 'flag'
    ? z.boolean()
    : field.kind === 'enum'
      ? field.values.length > 0
        ? z.enum(field.values as [string, ...string[]])
        : z.string().max(60)
      : z
          .number()
          .min(field.min ?? -1000)
          .max(field.max ?? 10_000)

const optionalFields = (table: Record<string, FieldDefinition>) =>
  Object.fromEntries(Object.entries(table).map(([name, field]) => [name, fieldSchema(field).optional()]))

/** Person fields as the rules read them, for callers that keep no calendar record. */
export const factsSchema = z.strictObject({
  ...optionalFields(PERSON_FIELDS),
  age: z.number().min(0).max(120),
  conditions: z.array(z.strictObject({ slug: z.string().min(1), ...optionalFields(CONDITION_FIELDS) })).default([]),
  /** conditions that the rule base does not hold, in words */
  unlisted: z.array(z.string().min(1).max(120)).max(10).optional(),
})
export const sessionSchema = z.strictObject(optionalFields(SESSION_FIELDS))

export const personSchema = z
  .strictObject({
    id: z.string().min(1).max(60),
    name: z.string().min(1).max(120),
    /** a client record with dates; weeks are worked out for the day of the check */
    record: clientSchema.optional(),
    /** or what the rules read, as it stands on the day */
    facts: factsSchema.optional(),
    today: checkInSchema.optional(),
    /** days on which the person came to a class */
    attended: z.array(daySchema).max(5000).optional(),
  })
  .refine((person) => (person.record === undefined) !== (person.facts === undefined), { message: 'expected either a record or facts' })

export const peopleFileSchema = z.strictObject({
  format: z.literal('velvet-step/people'),
  version: z.literal(1),
  people: z.array(personSchema).min(1).max(200),
})
const inClassFile = { format: z.literal('velvet-step/class'), date: daySchema.optional(), session: sessionSchema.optional() }
/** A class file as it is written now. */
export const classFile2Schema = z.strictObject({ ...inClassFile, version: z.literal(2), plan: planSchema2 })
/** A class file of any version: what it holds is read as the present one. */
export const classFileSchema = z.strictObject({ ...inClassFile, version: z.union([z.literal(1), z.literal(2)]), plan: planSchema })
/** A plan as a class file. */
export const classFile = (plan: PlanDraft) => ({ format: 'velvet-step/class', version: 2, plan }) as const
export type PeopleFile = z.output<typeof peopleFileSchema>
/**
 * People as a file: all that is on record of them, and the days on which they came. It holds health data and leaves a house only by choice.
 *
 * @param people one at least, 200 at most
 */
export const peopleFile = (people: readonly { id: string; name: string; record: ClientRecord; attended: readonly Day[] }[]) =>
  ({ format: 'velvet-step/people', version: 1, people }) as const
/** A record that came from another house: whoever it is of has agreed to that house keeping it, and is asked anew. */
export const fromAnotherHouse = ({ consentOn: _on, consentWithdrawnOn: _withdrawn, ...record }: ClientRecord): ClientRecord => record

/** Parses the text of a file. Nothing of a file with a problem is used. */
export function parseFile<S extends z.ZodType>(schema: S, text: string): { file: z.output<S> } | { problems: FileProblem[] } {
  let json: unknown
  try {
    json = JSON.parse(text)
  } catch (error) {
    return { problems: [{ path: '$', message: `not JSON: ${(error as Error).message}` }] }
  }
  const parsed = schema.safeParse(json)
  return parsed.success ? { file: parsed.data } : { problems: problemsOf(parsed.error) }
}
