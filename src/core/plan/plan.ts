import { z } from 'zod'
import { playlistSchema } from '../music'
import { ROOM_KIT, type RoomKit, SCHOOLS } from '../vocabulary'
import { blockSchema, setVersionId, setVersions } from './formats'
import { type Item, idSchema } from './item'
import { presentPlan } from './migrate'

/** Parts of a class; the named ones count as the part they belong to, see `partOf`. */
export const PHASE_KINDS = ['warm-up', 'main', 'balance', 'floor', 'cool-down', 'relaxation'] as const
export type PhaseKind = (typeof PHASE_KINDS)[number]

/** Which of the three parts of a class a phase counts as. */
export const partOf = (kind: PhaseKind): 'warm-up' | 'main' | 'cool-down' =>
  kind === 'balance' || kind === 'floor' ? 'main' : kind === 'relaxation' ? 'cool-down' : kind

export const phaseSchema = z.strictObject({
  id: idSchema,
  kind: z.enum(PHASE_KINDS),
  title: z.string().max(80).default(''),
  blocks: z.array(blockSchema).max(20),
})

export const roomKitSchema = z.array(z.enum(ROOM_KIT as [RoomKit, ...RoomKit[]]))

export const FOOTINGS = ['firm', 'soft', 'slippery'] as const
export const BEHIND = ['free', 'glass', 'edge'] as const

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
  /** floor that is free to move on, m² */
  areaM2: z.number().min(2).max(2000).optional(),
  /** lowest point over people's heads, cm */
  ceilingCm: z.number().int().min(180).max(2000).optional(),
  /** what feet stand on: firm, soft (grass, thick carpet) or slippery (wet, loose) */
  footing: z.enum(FOOTINGS).default('firm'),
  /** what somebody who steps back meets */
  behind: z.enum(BEHIND).default('free'),
  outdoors: z.boolean().default(false),
  /** of a kind of kit: for so many people at a time; left out = for everybody */
  enoughFor: z.partialRecord(z.enum(ROOM_KIT as [RoomKit, ...RoomKit[]]), z.number().int().min(1).max(99)).default({}),
  /** what is there, by kind; chairs are taken for granted */
  kit: roomKitSchema.default(['support', 'wall', 'band', 'dumbbell']),
})

/** Length that a class can promise, min. */
export const PROMISED_MINUTES = { least: 5, most: 120 } as const

/** The present version of a plan, as it stands in a file. */
export const planSchema2 = z.strictObject({
  version: z.literal(2),
  title: z.string().trim().min(1, 'a title is needed').max(120),
  promisedMinutes: z.number().int().min(PROMISED_MINUTES.least).max(PROMISED_MINUTES.most),
  /** versions shown side by side */
  tracks: z.number().int().min(1).max(4).default(2),
  /** while leading, counted sets end with the instructor's tap; left out = by the clock */
  iCount: z.literal(true).optional(),
  /** school of heart-rate ceiling; where it may not be used, exertion and talk test lead */
  school: z.enum(SCHOOLS).default('tanaka'),
  /** the ceiling of the school in which it is typed, beats a minute */
  ceilingBpm: z.number().int().min(60).max(200).optional(),
  /** the group has met these movements, so they need no demonstration */
  familiar: z.array(z.string()).max(400).default([]),
  /** shown once more, though the group has met them */
  showAgain: z.array(z.string()).max(400).default([]),
  /** beats a minute, where the class has one tempo */
  bpm: z.number().min(30).max(240).optional(),
  /** its music, in the order in which it plays */
  playlist: playlistSchema.optional(),
  room: roomSchema.prefault({}),
  phases: z.array(phaseSchema).max(12),
})
export type PlanDraft = z.output<typeof planSchema2>
export type PlanInput = z.input<typeof planSchema2>
export type Phase = PlanDraft['phases'][number]

/** Any plan that was ever written: earlier versions are read as the present one. */
export const planSchema = z.unknown().transform((document, context): PlanDraft => {
  const parsed = planSchema2.safeParse(presentPlan(document))
  if (parsed.success) return parsed.data
  for (const issue of parsed.error.issues) context.issues.push({ ...issue, input: document } as never)
  return z.NEVER
})

/** The plan with what its group has met in classes that were led, unless it is to be shown again. @param knows movements, by id */
export const withKnown = <P extends PlanDraft>(plan: P, knows: readonly string[]): P => ({
  ...plan,
  familiar: [...new Set([...plan.familiar, ...knows])].filter((movement) => !plan.showAgain.includes(movement)),
})

export const itemsOf = (plan: PlanDraft): { phase: Phase; block: Phase['blocks'][number]; item: Item }[] =>
  plan.phases.flatMap((phase) => phase.blocks.flatMap((block) => block.items.map((item) => ({ phase, block, item }))))

/** Every id of a plan: of its phases, blocks and items. */
export const idsOf = ({ phases }: PlanDraft): Set<string> =>
  new Set(phases.flatMap((phase) => [phase.id, ...phase.blocks.flatMap(({ id, items }) => [id, ...items.map((item) => item.id)])]))

/** An id that nothing of a plan has. */
export const freeId = (used: ReadonlySet<string>, prefix: string): string => {
  let n = 1
  while (used.has(`${prefix}${n}`)) n += 1
  return `${prefix}${n}`
}

/** Ids under which items are judged and logged: their own, and those of versions in which single sets are done. */
export const rowIds = (plan: PlanDraft): string[] =>
  itemsOf(plan).flatMap(({ item }) => [item.id, ...setVersions(item).map((_, at) => setVersionId(item.id, at))])
