import { z } from 'zod'
import type { Band } from '../body'
import { ceilingFor, ceilingWords } from '../effort'
import { type Evaluation, holdsLoad, type OwnRest, ownBand, type Placement, place, placeGroup, type Use, withOwnLoad } from '../evaluate'
import { type Catalogue, SLOT } from '../movement'
import type { Plan } from '../plan'
import { type Change, type SessionChange, sayChange } from '../safety'
import { timelineSchema } from '../timing'
import { type MassUnit, PAIRS_KG } from '../vocabulary'

const variantId = z.string().max(90)
const words = z.string().max(600)
const personId = z.string().max(60)

/** A version that somebody may take, with what it changes for them, in words that one can say. */
const wayShape = { variant: variantId, changes: z.array(words).max(20) }
const ledUseSchema = z.strictObject({
  /** what they were given; nothing = rests and breathes, or is not in the class */
  takes: z.strictObject(wayShape).exactOptional(),
  /** what else they may do, nearest first */
  may: z.array(z.strictObject(wayShape)).max(12),
  /** kg a hand or limb, where there is a weight; and the weights that they may lift */
  kg: z.number().exactOptional(),
  /** of the house's bands, the one that gives their pull at their height; kg is that pull then */
  band: z.string().max(40).exactOptional(),
  loads: z.array(z.number()).max(20),
})
export type LedUse = z.output<typeof ledUseSchema>

const ledItemSchema = z.strictObject({
  id: z.string().max(44),
  movement: z.string().max(200),
  /** of the library */
  movementId: z.string().max(60).exactOptional(),
  rpe: z.number(),
  /** main muscles */
  muscles: z.array(z.string()),
  /** versions shown to the group: levels gentlest first, else the planned one first */
  shown: z.array(variantId),
  /** the one of them that is planned, where levels stand before it */
  planned: variantId.exactOptional(),
  /** who does what, by person; nobody who is closed */
  uses: z.record(personId, ledUseSchema),
  /** of an item with levels: who of those that take part must not choose which */
  notFor: z.record(variantId, z.array(personId)),
})
export type LedItem = z.output<typeof ledItemSchema>

const ownRestSchema: z.ZodType<OwnRest> = z.discriminatedUnion('code', [
  z.strictObject({ code: z.literal('every-second-set') }),
  z.strictObject({ code: z.literal('stretches'), block: z.string(), of: z.number(), leaves: z.number() }),
  z.strictObject({ code: z.literal('unbroken'), block: z.string(), seconds: z.number() }),
])

/** The judgement by which a class is led, kept as it was when it began: a tap means the same for as long as the class lasts. No name stands in it. */
export const ledViewSchema = z.strictObject({
  version: z.literal(1),
  timeline: timelineSchema,
  /** counted sets wait for the instructor from the start */
  iCount: z.literal(true).exactOptional(),
  items: z.array(ledItemSchema).max(200),
  /** who may not take part, and why */
  closed: z.record(personId, words),
  /** pulse that nobody should go over, beats a minute, and what it rests on; or why no number may be used */
  ceilings: z.record(personId, z.strictObject({ bpm: z.number().exactOptional(), words })).default({}),
  /** how somebody gets the rest that the group does not */
  ownRests: z.record(personId, z.array(ownRestSchema)),
})
export type LedView = z.output<typeof ledViewSchema>

/** More than these are too many to choose from while a class waits. */
const MOST_WAYS = 6

const said = (changes: readonly Change[], session: readonly SessionChange[], unit: MassUnit): string[] => [
  ...changes.map((change) => sayChange(change, unit)),
  ...session.map(({ say }) => say),
]
const kgOf = (use: Use): number => (use.kind === 'does' ? (use.option.judgement.settled.demands[SLOT.externalLoadKg] ?? 0) : 0)

/** What of an evaluation a class is led by. @param bands those of the house; none = nobody is told which */
export function ledView(
  plan: Plan,
  { people, items, timeline }: Evaluation,
  catalogue: Catalogue,
  unit: MassUnit,
  bands: readonly Band[] = [],
): LedView {
  return {
    version: 1,
    timeline,
    ...(plan.iCount && { iCount: true }),
    closed: Object.fromEntries(people.flatMap(({ id, assessment: { closed } }) => (closed ? [[id, closed.text]] : []))),
    ceilings: Object.fromEntries(
      people.map(({ id, assessment }) => {
        const ceiling = ceilingFor(assessment, plan.school, { typedBpm: plan.ceilingBpm })
        return [id, { ...(ceiling.kind === 'pulse' && { bpm: ceiling.bpm }), words: ceilingWords(ceiling) }]
      }),
    ),
    ownRests: Object.fromEntries(people.flatMap(({ id, ownRests }) => (ownRests.length > 0 ? [[id, [...ownRests]]] : []))),
    items: items.map(({ prescription, placing, placements, uses, shown, levels }): LedItem => {
      const { item, entry, movement, name, demands } = prescription
      const weighs = entry !== undefined && holdsLoad(entry) && demands.externalLoadType === 'dumbbell'
      const lifts = (person: number, variant: string, kg: number): boolean => {
        const [placement] = placeGroup([{ ...placing[person]!, ownLoads: { [movement]: kg } }], prescription, catalogue.entries, plan.room)
        const option = placement?.options.find(({ id }) => id === variant)
        return option !== undefined && option.judgement.settled.demands[SLOT.externalLoadKg] === kg
      }
      // whoever does it as planned was given only what matters to the choice of versions; on the day anybody may want the step below
      const ladder = entry ? catalogue.entries.filter(({ movement: { id } }) => id === entry.movement.id) : []
      const optionsFor = (person: number): Placement['options'] => {
        const { judgement, options } = placements[person]!
        if (judgement.verdict !== 'as-planned' || ladder.length < 2) return options
        const { assessment, ownLoads, notAbove, place: where } = placing[person]!
        return place(assessment, withOwnLoad(prescription, ownLoads), ladder, plan.room, {
          at: where?.at,
          known: judgement,
          ownKg: ownLoads?.[movement],
          notAbove: notAbove?.[movement],
        }).options
      }
      const ledUse = (use: Use, person: number): LedUse => {
        // a level that somebody may choose is always among them
        const offered = optionsFor(person).filter(({ id }, rank) => rank < MOST_WAYS || levels.some((level) => level.id === id))
        const ways = offered.map(({ id, changes, sessionChanges }) => ({
          variant: id,
          changes: said(changes, sessionChanges, unit),
        }))
        if (use.kind !== 'does') return { may: ways, loads: [] }
        const { id, changes, sessionChanges } = use.option
        const kg = kgOf(use)
        const band = use.option.entry && ownBand(use.option.entry, people[person]!, kg, bands)?.band.id
        return {
          takes: { variant: id, changes: said(changes, sessionChanges, unit) },
          may: ways.filter(({ variant }) => variant !== id),
          ...(kg > 0 && { kg }),
          ...(band !== undefined && { band }),
          // another weight is offered only in the planned version, where the plan's own dose is judged with it
          loads: weighs && kg > 0 && id === entry.variant.id ? PAIRS_KG[unit].filter((mass) => lifts(person, id, mass)) : [],
        }
      }
      const open = uses.flatMap((use, person) => (use.kind === 'closed' ? [] : [[people[person]!.id, ledUse(use, person)] as const]))
      // with nobody on the roster the planned version is shown all the same
      const variants = shown.length > 0 || !item.variant ? shown : [item.variant]
      return {
        id: item.id,
        movement: entry?.movement.name ?? name,
        ...(entry && { movementId: entry.movement.id }),
        rpe: demands.intendedRpe,
        muscles: [...(entry?.movement.main ?? item.described?.main ?? [])],
        shown: [...variants],
        ...(levels.length > 0 && item.variant && { planned: item.variant }),
        uses: Object.fromEntries(open),
        notFor: Object.fromEntries(
          levels.map(({ id, may }) => [
            id,
            people.flatMap(({ id: person }, index) => (may[index] || uses[index]?.kind === 'closed' ? [] : [person])),
          ]),
        ),
      }
    }),
  }
}

/** The version that the group does when nobody says otherwise. */
export const plannedIn = ({ planned, shown }: Pick<LedItem, 'planned' | 'shown'>): string | undefined => planned ?? shown[0]

/** The same without somebody, who was erased. */
export const viewWithout = (view: LedView, person: string): LedView => {
  const without = <T>(of: Record<string, T>): Record<string, T> => Object.fromEntries(Object.entries(of).filter(([id]) => id !== person))
  return {
    ...view,
    closed: without(view.closed),
    ceilings: without(view.ceilings),
    ownRests: without(view.ownRests),
    items: view.items.map((item) => ({
      ...item,
      uses: without(item.uses),
      notFor: Object.fromEntries(Object.entries(item.notFor).map(([variant, ids]) => [variant, ids.filter((id) => id !== person)])),
    })),
  }
}
