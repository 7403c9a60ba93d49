import { z } from 'zod'
import { ATTRIBUTES, type AttributeName, attribute, type BasePosition, type DemandsInput, MUSCLES } from '../movement'
import { KIT } from '../vocabulary'
import { planDoseSchema } from './dose'

export const idSchema = z.string().regex(/^[a-z0-9][a-z0-9-]{0,39}$/i, 'expected letters, digits and hyphens, 40 at most')

/**
 * How people are held where nobody works. Nobody is judged in it, so it is sitting or standing: who lies or goes to the floor does so in an item,
 * the library has resting ones.
 */
export const QUIET_POSITIONS = [
  'seated-back-supported',
  'seated-unsupported',
  'standing-two-hand',
  'standing-one-hand',
  'standing-free',
] as const satisfies readonly BasePosition[]
export const positionSchema = z.enum(QUIET_POSITIONS, {
  error: 'expected sitting or standing: for lying down take a resting movement, which is judged for everybody',
})

/** A demand vector written by hand: every attribute of the rule base by its name, neutral values left out. */
export const demandsSchema = z
  .strictObject(
    Object.fromEntries(
      (Object.keys(ATTRIBUTES) as AttributeName[]).map((name) => {
        const definition = attribute(name)
        const value =
          definition.kind === 'enum'
            ? z.enum(definition.values as [string, ...string[]])
            : definition.kind === 'flag'
              ? z.boolean()
              : definition.unit === 'step'
                ? z.number().int().min(definition.min).max(definition.max)
                : z.number().min(definition.min).max(definition.max)
        return [name, name === 'basePosition' ? value : value.optional()]
      }),
    ),
  )
  .transform((value) => value as unknown as DemandsInput)

/** Any movement somebody can describe: a name and its demands, with how long it takes. */
export const describedSchema = z.strictObject({
  name: z.string().min(1).max(120),
  demands: demandsSchema,
  /** seconds of one repetition */
  repSeconds: z.number().min(0.3).max(120).default(4),
  kitBringsSupport: z.boolean().default(false),
  /** what it uses, what it works, and the library movement whose pattern it has: its alternatives are then siblings in kind */
  kit: z.array(z.enum(KIT)).max(6).default([]),
  main: z.array(z.enum(MUSCLES)).max(8).default([]),
  like: z.string().max(60).optional(),
})

export const itemSchema = z
  .strictObject({
    id: idSchema,
    /** library variant, `movement/variant` */
    variant: z.string().max(90).optional(),
    described: describedSchema.optional(),
    /** left out = as the library has it */
    dose: planDoseSchema.optional(),
    /** left out when time is short: the forecast is then a range */
    optional: z.boolean().optional(),
    /** done easily in place of a rest between the others that it takes turns with; judged as any movement is */
    asRest: z.boolean().optional(),
    /** versions of the movement that are offered side by side, gentlest first: A, B and C; the item's own is one of them and makes the times */
    levels: z.array(z.string().max(90)).min(2).max(3).optional(),
    note: z.string().max(300).optional(),
  })
  .refine((item) => (item.variant === undefined) !== (item.described === undefined), {
    message: 'expected either a library variant or a described movement',
  })
  .refine(({ variant, dose }) => !dose?.eachSet?.some((one) => one.variant !== undefined && one.variant !== variant) || variant !== undefined, {
    message: 'expected a library variant where single sets have versions of their own',
  })
  .refine(({ variant, levels }) => !levels || (variant !== undefined && levels.includes(variant) && new Set(levels).size === levels.length), {
    message: 'expected levels that differ and of which one is the version of the item',
  })
  .refine(({ levels, dose }) => !levels || !dose?.eachSet?.some((one) => one.variant !== undefined), {
    message: 'expected either levels or versions of single sets',
  })
  .refine(({ variant, dose }) => !dose?.eachSet || dose.eachSet.some((one) => (one.variant ?? variant) === variant), {
    message: 'expected at least one set in the version of the item',
  })
export type Item = z.output<typeof itemSchema>

/** What the versions of an item with levels are called, gentlest first. */
export const LEVEL_LETTERS = ['A', 'B', 'C'] as const

/** The library movement of an item, by id; undefined for a described one. */
export const movementIdOf = ({ variant }: Pick<Item, 'variant'>): string | undefined => variant?.split('/')[0]
