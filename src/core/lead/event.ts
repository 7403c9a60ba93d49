import { z } from 'zod'

/**
 * What can be tapped. With `my-count` counted and held work waits at its end until the instructor goes on; with `it-counts`, as at the start, the
 * clock goes on by itself.
 * - lead: this device leads from now on; another that led follows
 * - people: what somebody said at the door has changed who takes what; `view` is the judgement from now on
 * - repeat: the set that is on, or was last, from its beginning
 * - skip: what is left of the movement that is on
 * - one-more, one-less: a set of it, both sides; rep-more, rep-less: a repetition of the set
 * - add: a set more of a movement that is still to come
 * - swap: everybody who may takes another version; version, load: one person
 * - give: half a minute in which nothing goes on
 * - cut, uncut: what is left out so as to end in time, and back again
 * - roles: of two who lead, who counted shows and who showed counts
 * - incident: somebody was looked after, with the times; incident-note: what was learned of it later
 * - reopen: the class was not over
 */
export const LEAD_KINDS = [
  'start',
  'lead',
  'people',
  'pause',
  'resume',
  'next',
  'back',
  'repeat',
  'skip',
  'one-more',
  'one-less',
  'rep-more',
  'rep-less',
  'add',
  'swap',
  'version',
  'load',
  'give',
  'cut',
  'uncut',
  'roles',
  'my-count',
  'it-counts',
  'end',
  'reopen',
  'stop-sign',
  'near-fall',
  'note',
  'incident',
  'incident-note',
] as const

const itemId = z.string().min(1).max(44)
/** What is left out of what is still to come: a set of an item on both sides, or with no set the whole of it. */
export const dropSchema = z.strictObject({ item: itemId, set: z.number().int().min(1).max(200).exactOptional() })
export type Drop = z.output<typeof dropSchema>

/** Everything the instructor taps while leading. */
export const leadEventSchema = z.strictObject({
  id: z.uuid(),
  /** ms since 1970, by the clock that all devices are set by */
  at: z.number().int().min(0),
  kind: z.enum(LEAD_KINDS),
  /** which device it was tapped on, and as which of its taps; those from before this was kept say none */
  device: z.string().max(40).exactOptional(),
  sequence: z.number().int().min(0).exactOptional(),
  /** for stop signs, near-falls, notes and incidents */
  text: z.string().max(2000).exactOptional(),
  person: z.string().max(60).exactOptional(),
  /** for add, swap, version and load */
  item: itemId.exactOptional(),
  /** for swap and version; `rest` = sits it out */
  variant: z.string().max(90).exactOptional(),
  /** for load */
  kg: z.number().min(0).max(60).exactOptional(),
  /** the event that is taken back or added to */
  of: z.uuid().exactOptional(),
  /** of start and people: the judgement that holds from then on */
  view: z.string().max(64).exactOptional(),
  drops: z.array(dropSchema).max(100).exactOptional(),
})
export type LeadEvent = z.output<typeof leadEventSchema>
/** What a tap says beside its kind. */
export type Said = Pick<LeadEvent, 'text' | 'person' | 'item' | 'variant' | 'kg' | 'of' | 'view' | 'drops'>
/** The parts of an event that only some kinds have. */
export const SAID_WITH = ['item', 'variant', 'kg', 'of', 'view', 'drops'] as const satisfies readonly (keyof Said)[]
