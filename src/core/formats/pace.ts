import { z } from 'zod'
import { daySchema } from '../client'
import { type LEAD_KINDS, type LeadEvent, leadEventSchema, ledStretches } from '../lead'
import type { Catalogue } from '../movement'
import { checkPlan, movementsOf, type Plan, type PlanDraft, planSchema, ratesSchema } from '../plan'
import { expand, houseOf, type LedStretch, type Pace, type Timeline } from '../timing'
import type { FileProblem } from './problems'

const seconds = z.number().min(1).max(36_000)
const ledSessionSchema = z
  .strictObject({
    day: daySchema,
    /** the plan it was led by; left out = that of the class file */
    plan: planSchema.optional(),
    /** taps of the lead screen */
    events: z.array(leadEventSchema).max(10_000).optional(),
    /** or how long blocks took, from the end of the one before to their own */
    blocks: z
      .array(z.strictObject({ block: z.string().max(60), seconds }))
      .max(400)
      .optional(),
    /** and how long an item was worked on, rests between its sets included */
    items: z
      .array(z.strictObject({ item: z.string().max(60), seconds }))
      .max(400)
      .optional(),
  })
  .refine(({ events, blocks, items }) => events !== undefined || blocks !== undefined || items !== undefined, {
    message: 'expected taps, or seconds of blocks or items',
  })
/** What was led, by an instructor. */
export const ledFileSchema = z.strictObject({
  format: z.literal('velvet-step/led'),
  version: z.literal(1),
  sessions: z.array(ledSessionSchema).max(2000),
})
export type LedFile = z.output<typeof ledFileSchema>

/** Taps that are of somebody: they change no time. */
const OF_PEOPLE: readonly (typeof LEAD_KINDS)[number][] = ['people', 'version', 'load', 'stop-sign', 'near-fall', 'note', 'incident', 'incident-note']
/** A class that was led, as a file: its plan and the taps that took time. Nobody who came is in it. */
export function ledFile(session: { day: string; plan: PlanDraft; events: readonly LeadEvent[] }) {
  const events = session.events
    .filter(({ kind }) => !OF_PEOPLE.includes(kind))
    .map(({ text: _text, person: _person, view: _view, ...tap }): LeadEvent => tap)
  return { format: 'velvet-step/led', version: 1, sessions: [{ day: session.day, plan: session.plan, events }] } as const
}

/** An instructor's pace, as it is learned from what was led. */
export const paceFileSchema = z.strictObject({
  format: z.literal('velvet-step/pace'),
  version: z.literal(1),
  rates: ratesSchema,
  covariance: z.array(z.array(z.number()).length(3)).length(3),
  classes: z.number().int().min(0),
  stretches: z.number().int().min(0),
})

export const paceFile = (pace: Pace) => ({ format: 'velvet-step/pace', version: 1, ...pace }) as const

/** The stretches of one session by its blocks or items; with the place of one that the plan has not. */
function measured(timeline: Timeline, session: LedFile['sessions'][number], at: string, movementOf: (item: string) => string | undefined) {
  const problems: FileProblem[] = []
  const one = (kind: 'block' | 'item', id: string, took: number, path: string): LedStretch[] => {
    const segments = timeline.segments.filter((segment) => segment[kind] === id)
    if (segments.length === 0) {
      problems.push({ path, message: `the plan has no ${kind} "${id}"` })
      return []
    }
    const first = segments.findIndex(({ kind: what }) => what === 'work')
    // an item's time is its work and what is between its sets, not the way to it
    const house = houseOf(kind === 'item' ? segments.slice(Math.max(0, first)) : segments)
    const movement = kind === 'item' ? movementOf(id) : undefined
    return [{ day: session.day, house, seconds: took, ...(movement !== undefined && { movement }) }]
  }
  const stretches = [
    ...(session.blocks ?? []).flatMap(({ block, seconds: took }, index) => one('block', block, took, `${at}.blocks[${index}].block`)),
    ...(session.items ?? []).flatMap(({ item, seconds: took }, index) => one('item', item, took, `${at}.items[${index}].item`)),
  ]
  return { stretches, problems }
}

/**
 * What a file of led classes says of the pace.
 *
 * @param plan of the sessions that bring none
 */
export function stretchesOf(file: LedFile, plan: Plan, catalogue: Catalogue): { stretches: LedStretch[] } | { problems: FileProblem[] } {
  const problems: FileProblem[] = []
  const stretches: LedStretch[] = []
  file.sessions.forEach((session, index) => {
    const at = `$.sessions[${index}]`
    const checked = session.plan ? checkPlan(session.plan, catalogue) : { plan }
    if ('problems' in checked) {
      problems.push({ path: `${at}.plan`, message: 'the plan has something that the library has not' })
      return
    }
    const timeline = expand(checked.plan, catalogue)
    const movementOf = movementsOf(checked.plan, catalogue)
    const found = measured(timeline, session, at, movementOf)
    problems.push(...found.problems)
    stretches.push(...found.stretches, ...ledStretches(session.events ?? [], timeline, session.day, movementOf))
  })
  return problems.length > 0 ? { problems } : { stretches }
}
