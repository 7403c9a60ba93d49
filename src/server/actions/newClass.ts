import 'server-only'
import { z } from 'zod'
import { TEMPLATES } from '@/content/templates'
import { type Adapted, adapted } from '@/core/evaluate'
import { classFileSchema, parseFile } from '@/core/formats'
import { checkPlan, type PlanDraft, planSchema, problemText, roomKitSchema } from '@/core/plan'
import { expand } from '@/core/timing'
import type { Settings } from '@/core/vocabulary'
import { ROOM_KIT } from '@/core/vocabulary'
import type { Database } from '../db/connection'
import { paceToday, type Taught } from '../experience'
import type { Shelf } from '../judging'
import { studioLibrary } from '../library'
import { getClass } from '../repositories/classes'
import { today } from '../studio'
import { InvalidError, idSchema } from './outcome'

const minutesSchema = z
  .number({ error: 'expected whole minutes' })
  .int('expected whole minutes')
  .min(5, 'expected 5 minutes at least')
  .max(120, 'expected 120 minutes at most')
/** A class file is a few dozen kB. */
const LONGEST_FILE = 1_000_000

/** What a class is begun from, for how long, and with what kit. */
export const briefSchema = z.strictObject({
  promisedMinutes: minutesSchema,
  /** left out = as it is in what it is begun from */
  kit: roomKitSchema.max(ROOM_KIT.length).optional(),
  from: z.discriminatedUnion('kind', [
    z.strictObject({ kind: z.literal('empty') }),
    z.strictObject({ kind: z.literal('template'), key: z.string().max(40) }),
    z.strictObject({ kind: z.literal('class'), id: idSchema }),
    /** as it stands in the file: neither its length nor its kit is changed */
    z.strictObject({ kind: z.literal('file'), text: z.string().max(LONGEST_FILE) }),
  ]),
})
export type ClassBrief = z.output<typeof briefSchema>

const EMPTY: PlanDraft = planSchema.parse({
  version: 2,
  title: 'New class',
  promisedMinutes: 30,
  phases: [
    { id: 'warm', kind: 'warm-up', title: 'Warm up', blocks: [{ id: 'warm-a', items: [] }] },
    { id: 'main', kind: 'main', title: 'Main', blocks: [{ id: 'main-a', items: [] }] },
    { id: 'cool', kind: 'cool-down', title: 'Come down', blocks: [{ id: 'cool-a', items: [] }] },
  ],
})

const refused = (path: string, message: string) => new InvalidError([{ path, message }])

async function sourceOf(db: Database, studioId: string, from: ClassBrief['from']): Promise<PlanDraft> {
  switch (from.kind) {
    case 'empty':
      return EMPTY
    case 'template': {
      const found = TEMPLATES.find(({ key }) => key === from.key)
      if (!found) throw refused('$.from.key', `expected one of ${TEMPLATES.map(({ key }) => key).join(', ')}`)
      return planSchema.parse(found.plan)
    }
    case 'class':
      return (await getClass(db, studioId, from.id)).plan
    case 'file': {
      const parsed = parseFile(classFileSchema, from.text)
      if ('problems' in parsed)
        throw new InvalidError(parsed.problems.map(({ path, message }) => ({ path: '$.from.text', message: `${path}: ${message}` })))
      return parsed.file.plan
    }
  }
}

/**
 * The plan that a brief comes to.
 *
 * @throws InvalidError when a file is not a class, or the library does not have what is in it
 */
export async function planFor(
  db: Database,
  studio: Taught & Parameters<typeof today>[0] & { settings: Pick<Settings, 'school'> },
  { promisedMinutes, kit, from }: ClassBrief,
): Promise<Adapted & Pick<Shelf, 'catalogue'>> {
  const [source, { catalogue }, { rates }] = await Promise.all([
    sourceOf(db, studio.id, from),
    studioLibrary(db, studio.id),
    paceToday(db, studio, today(studio)),
  ])
  // a class that is copied or opened keeps its own school of ceilings
  const schooled = from.kind === 'empty' || from.kind === 'template' ? { ...source, school: studio.settings.school } : source
  const checked = checkPlan(schooled, catalogue)
  if ('problems' in checked) throw new InvalidError(checked.problems.map((problem) => ({ path: '$.from', message: problemText(problem) })))
  const { plan } = checked
  if (from.kind === 'file') return { plan, timeline: expand(plan, catalogue, undefined, rates), swapped: [], lacking: [], cut: [], catalogue }
  return { ...adapted(plan, { minutes: promisedMinutes, room: kit === undefined ? {} : { kit } }, catalogue, rates), catalogue }
}
