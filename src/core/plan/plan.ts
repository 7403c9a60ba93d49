import { z } from 'zod'
import { ATTRIBUTES, type AttributeName, attribute, type DemandsInput, doseSchema, MUSCLES } from '../movement'
import { KIT, ROOM_KIT, SCHOOLS } from '../vocabulary'

export const PHASE_KINDS = ['warm-up', 'main', 'cool-down'] as const
export type PhaseKind = (typeof PHASE_KINDS)[number]

/** How the items of a block follow each other. */
export const BLOCK_FORMATS = [
  /** all sets of one item, then the next */
  'straight',
  /** one set of each in turn, for as many rounds as the most sets */
  'circuit',
  /** work and rest by the clock, each item once a round */
  'intervals',
] as const

const id = z.string().regex(/^[a-z0-9][a-z0-9-]{0,39}$/i, 'expected letters, digits and hyphens, 40 at most')

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
  repSeconds: z.number().min(1).max(120).default(4),
  kitBringsSupport: z.boolean().default(false),
  /** what it uses, what it works, and the library movement whose pattern it has: its alternatives are then siblings in kind */
  kit: z.array(z.enum(KIT)).max(6).default([]),
  main: z.array(z.enum(MUSCLES)).max(8).default([]),
  like: z.string().max(60).optional(),
})

export const itemSchema = z
  .strictObject({
    id,
    /** library variant, `movement/variant` */
    variant: z.string().max(90).optional(),
    described: describedSchema.optional(),
    dose: doseSchema.optional(),
    note: z.string().max(300).optional(),
  })
  .refine((item) => (item.variant === undefined) !== (item.described === undefined), {
    message: 'expected either a library variant or a described movement',
  })

export const blockSchema = z.strictObject({
  id,
  title: z.string().max(80).default(''),
  format: z.enum(BLOCK_FORMATS).default('straight'),
  /** for intervals */
  workSeconds: z.number().int().min(5).max(600).optional(),
  restSeconds: z.number().int().min(0).max(600).optional(),
  rounds: z.number().int().min(1).max(10).optional(),
  /** water and a breath after the block, s */
  pauseAfter: z.number().int().min(0).max(600).default(0),
  items: z.array(itemSchema).max(40),
})

export const phaseSchema = z.strictObject({
  id,
  kind: z.enum(PHASE_KINDS),
  title: z.string().max(80).default(''),
  blocks: z.array(blockSchema).max(20),
})

export const roomSchema = z.strictObject({
  /** a wall, heavy chair or rail within everybody's reach */
  supportInReach: z.boolean().default(true),
  floorWork: z.boolean().default(false),
  tempC: z.number().min(-10).max(50).default(21),
  startHour: z.number().int().min(0).max(23).default(11),
  /** the standing part is done without shoes */
  barefoot: z.boolean().default(false),
  /** leaders and helpers who look after the group */
  leaders: z.number().int().min(1).max(20).default(1),
  /** what is there, by kind; chairs are taken for granted */
  kit: z.array(z.enum(ROOM_KIT as [(typeof ROOM_KIT)[number], ...typeof ROOM_KIT])).default(['support', 'wall', 'band', 'dumbbell']),
})

export const planSchema = z.strictObject({
  title: z.string().trim().min(1, 'a title is needed').max(120),
  promisedMinutes: z.number().int().min(5).max(120),
  /** versions shown side by side */
  tracks: z.number().int().min(1).max(4).default(2),
  /** school of heart-rate ceiling; where it may not be used, exertion and talk test lead */
  school: z.enum(SCHOOLS).default('tanaka'),
  /** the group has met these movements, so they need no demonstration */
  familiar: z.array(z.string()).max(400).default([]),
  room: roomSchema.prefault({}),
  phases: z.array(phaseSchema).max(6),
})
export type PlanDraft = z.output<typeof planSchema>
export type PlanInput = z.input<typeof planSchema>
export type Phase = PlanDraft['phases'][number]
export type Block = Phase['blocks'][number]
export type Item = Block['items'][number]

export const itemsOf = (plan: PlanDraft): { phase: Phase; block: Block; item: Item }[] =>
  plan.phases.flatMap((phase) => phase.blocks.flatMap((block) => block.items.map((item) => ({ phase, block, item }))))
