import { z } from 'zod'
import { FOOT_CONTACTS, HAND_CONTACTS, type Pose, STANCES } from '../body'
import { buildCatalogue, type Catalogue, type CatalogueEntry } from './catalogue'
import { demandsOf } from './computed'
import type { PlannedDemands } from './demands'
import { doseSchema } from './doses'
import type { DeclaredDemands, Movement, Tempo, Variant } from './movement'

const degrees = (low: number, high: number) => z.number().min(low).max(high)
const armSchema = z.strictObject({ raise: degrees(0, 180), plane: degrees(-100, 125), rotation: degrees(-90, 95), elbow: degrees(0, 150) })
const legSchema = z.strictObject({
  flexion: degrees(-30, 130),
  abduction: degrees(-20, 60),
  rotation: degrees(-45, 90),
  knee: degrees(0, 140),
  // toes tucked under in a plank bend it farthest
  ankle: degrees(-80, 65),
})
export const poseSchema: z.ZodType<Pose> = z.strictObject({
  stance: z.enum(STANCES),
  lean: degrees(-130, 100).optional(),
  yaw: degrees(-180, 180),
  spine: z.strictObject({ flexion: degrees(-40, 90), sideBend: degrees(-45, 45), twist: degrees(-70, 70) }),
  neck: z.strictObject({ flexion: degrees(-60, 60), tilt: degrees(-45, 45), turn: degrees(-80, 80) }),
  leftArm: armSchema,
  rightArm: armSchema,
  leftLeg: legSchema,
  rightLeg: legSchema,
  leftFoot: z.enum(FOOT_CONTACTS),
  rightFoot: z.enum(FOOT_CONTACTS),
  leftHand: z.enum(HAND_CONTACTS),
  rightHand: z.enum(HAND_CONTACTS),
  backRests: z.boolean(),
  offSeat: z.number().min(0).max(0.3).optional(),
  weightOn: z.number().min(-1).max(1).optional(),
  planted: z.enum(['left', 'right']).optional(),
  airborne: z.number().min(0.01).max(0.3).optional(),
  backOn: z.number().min(0.2).max(0.6).optional(),
})

const cue = z.string().trim().min(1, 'a cue is needed').max(160)
const scale = (most: number) => z.number().int().min(0).max(most)

/** A movement of the instructor's own, made from a variant of the library. Named version 1 of its document. */
export const ownMovementSchema = z.strictObject({
  version: z.literal(1),
  name: z.string().trim().min(1, 'a name is needed').max(80),
  variantName: z.string().trim().min(1, 'a name is needed').max(80),
  /** library variant that it was made from: position, kit, purpose and muscles stay */
  from: z.string().min(1).max(90),
  poses: z.array(poseSchema).min(1).max(6),
  tempo: z.strictObject({
    out: z.number().min(0.3).max(20),
    stay: z.number().min(0).max(120),
    back: z.number().min(0.3).max(20),
    rest: z.number().min(0).max(30),
  }),
  cues: z.strictObject({ setup: cue, do: cue, breath: cue, watch: cue }),
  dose: doseSchema,
  /** what no pose shows */
  declared: z.strictObject({
    impactLevel: scale(3),
    balanceDemand: scale(5),
    abdominalPressure: scale(3),
    breathHoldRisk: scale(3),
    cognitiveLoad: scale(3),
    met: z.number().min(1).max(12),
    endRangeStretch: z.boolean(),
    eyesClosed: z.boolean(),
    spinalLoaded: z.boolean(),
  }),
})
export type OwnMovement = z.output<typeof ownMovementSchema>

export const OWN_PREFIX = 'own-'

/** What the instructor sees in the form first: the library variant as it is. */
export function ownFrom(entry: { movement: Movement; variant: Variant; planned: Catalogue['entries'][number]['planned'] }): OwnMovement {
  const { movement, variant, planned } = entry
  return {
    version: 1,
    name: `My ${movement.name.toLowerCase()}`,
    variantName: variant.name,
    from: variant.id,
    poses: [...variant.poses],
    tempo: variant.tempo,
    cues: variant.cues,
    dose: Object.fromEntries(Object.entries(variant.dose).filter(([, value]) => value !== undefined)) as OwnMovement['dose'],
    declared: {
      impactLevel: planned.impactLevel,
      balanceDemand: planned.balanceDemand,
      abdominalPressure: planned.abdominalPressure,
      breathHoldRisk: planned.breathHoldRisk,
      cognitiveLoad: planned.cognitiveLoad,
      met: planned.met,
      endRangeStretch: planned.endRangeStretch,
      eyesClosed: planned.eyesClosed,
      spinalLoaded: planned.spinalLoaded,
    },
  }
}

const sameTempo = (a: Tempo, b: Tempo) => a.out === b.out && a.stay === b.stay && a.back === b.back && a.rest === b.rest

/**
 * The own movement as a movement of the catalogue. What its poses show is measured as for any other; a declared value below what they
 * show is raised to it, attribute by attribute, so that nobody can type a movement safe.
 *
 * @throws when the library no longer has the variant it was made from
 */
export function movementOf(id: string, own: OwnMovement, library: Catalogue): Movement {
  const source = library.byId.get(own.from)
  if (!source) throw new Error(`the library has no variant "${own.from}"`)
  const movementId = `${OWN_PREFIX}${id}`
  const variant: Variant = {
    ...source.variant,
    id: `${movementId}/own`,
    name: own.variantName,
    step: '',
    poses: own.poses,
    still: Math.min(source.variant.still, own.poses.length - 1),
    tempo: own.tempo,
    tempoClass: sameTempo(own.tempo, source.variant.tempo) ? source.variant.tempoClass : 'as-written',
    cues: own.cues,
    dose: own.dose,
    declared: source.variant.declared,
  }
  // travel and landings cannot be seen in a pose, and what they ask of balance follows from them
  const { travel, impactLevel } = { ...source.variant.declared, ...own.declared }
  const unseen: DeclaredDemands = { ...(travel && { travel }), ...(impactLevel !== undefined && { impactLevel }) }
  const movement: Movement = { ...source.movement, id: movementId, name: own.name, variants: [variant] }
  return { ...movement, variants: [{ ...variant, declared: raisedTo(demandsOf(movement, { ...variant, declared: unseen }), source, own) }] }
}

/** Demands that poses and dose show by themselves; what is typed for them is raised to what is shown. */
export const SHOWN_DEMANDS = [
  'balanceDemand',
  'wristExtLoad',
  'kneelingLoad',
  'ankleLoad',
  'headTurn',
  'gripDemand',
  'transferLevel',
  'fallContactRisk',
  'breathHoldRisk',
  'spinalLoaded',
] as const satisfies readonly (keyof DeclaredDemands)[]

function raisedTo(shown: PlannedDemands, source: CatalogueEntry, own: OwnMovement): DeclaredDemands {
  const declared: DeclaredDemands = { ...source.variant.declared, ...own.declared }
  const ofSource = demandsOf(source.movement, { ...source.variant, declared: {} })
  const higher = SHOWN_DEMANDS.flatMap((name): [string, number | boolean][] => {
    const typed = declared[name]
    if (typed === undefined) return []
    // the library says lower where a scale does not fit what the pose shows, as for forearms on a counter: that stays
    const byLibrary = source.variant.declared[name]
    if (byLibrary !== undefined && Number(byLibrary) < Number(ofSource[name]) && shown[name] === ofSource[name]) return []
    return [[name, typeof typed === 'boolean' ? typed || shown[name] === true : Math.max(typed, Number(shown[name]))]]
  })
  return { ...declared, ...Object.fromEntries(higher) }
}

/**
 * The library with the instructor's own movements behind it. Those whose source is gone are left out; one that was removed can be found by its id,
 * for the plans and logs that use it, and is offered nowhere.
 */
export function withOwn(library: Catalogue, own: readonly { id: string; document: OwnMovement; removed?: boolean }[]): Catalogue {
  const sound = own.filter(({ document }) => library.byId.has(document.from))
  if (sound.length === 0) return library
  const movements = sound.map(({ id, document, removed }) => ({ movement: movementOf(id, document, library), removed: removed === true }))
  const added = buildCatalogue(movements.map(({ movement }) => movement))
  const offered = new Set(movements.flatMap(({ movement, removed }) => (removed ? [] : [movement.id])))
  return {
    movements: [...library.movements, ...added.movements.filter(({ id }) => offered.has(id))],
    entries: [...library.entries, ...added.entries.filter(({ movement }) => offered.has(movement.id))],
    byId: new Map([...library.byId, ...added.byId]),
    successors: library.successors,
  }
}
