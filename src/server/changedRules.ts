import 'server-only'
import { createHash } from 'node:crypto'
import { isDeepStrictEqual } from 'node:util'
import { CONDITIONS } from '@/content/conditions'
import { overrulesOn } from '@/core/client'
import { assessRoster, type ChangedVerdict, changedVerdicts, judgedOf, judgePlanned, type NamedCell, withOwnLoad } from '@/core/evaluate'
import { aloneInBlock, type PlanDraft, prescriptionOf, roomSchema } from '@/core/plan'
import type { Verdict } from '@/core/safety'
import type { Database } from './db/connection'
import { groupOn, type Taught } from './experience'
import { askClass } from './judging'
import { studioLibrary } from './library'
import { judgedByOthers, judgedClass, judgedClasses, keepJudged, listClasses, rosterOf } from './repositories/classes'
import { listClients } from './repositories/clients'
import { overrulesOf } from './repositories/overrules'
import { openSessions } from './repositories/sessions'
import { peopleOn } from './roster'
import { RULE_BASE } from './ruleBase'

/** Which rules these are: any change of a word of the rule base makes another. */
export const RULES = createHash('sha256').update(JSON.stringify(CONDITIONS)).digest('hex').slice(0, 16)

export interface ChangedClass {
  id: string
  title: string
  changed: ChangedVerdict[]
}
export interface ChangedOverrule {
  clientId: string
  name: string
  variant: string
  was: string
  is: Verdict
}

async function judgedNow(db: Database, studio: Taught, classId: string, plan: PlanDraft, day: string): Promise<NamedCell[] | null> {
  const [shelf, roster] = await Promise.all([studioLibrary(db, studio.id), rosterOf(db, studio.id, classId)])
  return askClass(shelf, 'cells', `${classId} ${day}`, { plan, ...(await groupOn(db, studio, { roster, day, classId })) })
}

/** Whether any class was last judged by other rules. */
export const rulesChanged = async (db: Database, studioId: string): Promise<boolean> => (await judgedByOthers(db, studioId, RULES)) > 0

/** What the present rules give otherwise than those by which classes, sessions that are still to be led, and overrules were judged. */
export async function changesOfRules(
  db: Database,
  studio: Taught,
  day: string,
): Promise<{ classes: ChangedClass[]; sessions: (ChangedClass & { day: string })[]; overrules: ChangedOverrule[] }> {
  const [stored, judged, clients, sessions, { catalogue }] = await Promise.all([
    listClasses(db, studio.id),
    judgedClasses(db, studio.id),
    listClients(db, studio.id),
    openSessions(db, studio.id, day),
    studioLibrary(db, studio.id),
  ])
  const before = new Map(judged.flatMap(({ id, judged: one }) => (one && one.rules !== RULES ? [[id, one] as const] : [])))
  const compare = async (classId: string, plan: PlanDraft, on: string): Promise<ChangedVerdict[]> => {
    const old = before.get(classId)
    const now = old && (await judgedNow(db, studio, classId, plan, on))
    return old && now ? changedVerdicts(old, now) : []
  }
  const classes = await Promise.all(stored.map(async ({ id, plan }) => ({ id, title: plan.title, changed: await compare(id, plan, day) })))
  const open = await Promise.all(
    sessions.map(async ({ id, classId, plan, day: on }) => ({ id, title: plan.title, day: on, changed: await compare(classId, plan, on) })),
  )
  const overruled = await overrulesOf(
    db,
    studio.id,
    clients.map(({ id }) => id),
  )
  const facts = await peopleOn(db, studio.id, clients, day)
  const room = roomSchema.parse({ floorWork: true, kit: [] })
  const overrules = overruled.flatMap(({ clientId, record }): ChangedOverrule[] => {
    const person = facts.find(({ id }) => id === clientId)
    if (!person || overrulesOn([record], day, record.classId).length === 0 || !catalogue.byId.has(record.variant)) return []
    const { overrules: _own, ...plain } = person.facts
    const { item, block } = aloneInBlock(record.variant)
    const [one] = assessRoster(RULE_BASE, [{ ...person, facts: plain }], { room }).people
    if (!one) return []
    const { verdict } = judgePlanned(one.assessment, withOwnLoad(prescriptionOf(item, block, catalogue), one.ownLoads))
    return verdict === record.verdict
      ? []
      : [{ clientId, name: person.name, variant: catalogue.byId.get(record.variant)!.movement.name, was: record.verdict, is: verdict }]
  })
  return { classes: classes.filter(({ changed }) => changed.length > 0), sessions: open.filter(({ changed }) => changed.length > 0), overrules }
}

/** Notes what the present rules say about every class, so that the next change can be told. */
export async function noteRules(db: Database, studio: Taught, day: string): Promise<void> {
  for (const { id, plan } of await listClasses(db, studio.id)) {
    const cells = await judgedNow(db, studio, id, plan, day)
    if (cells) await keepJudged(db, studio.id, id, judgedOf(RULES, cells))
  }
}

/** Verdicts that are noted already, by this process. */
const noted = new WeakSet<readonly NamedCell[]>()

/** Notes one class that was just judged, unless other rules are still to be told of. To look at it again writes nothing. */
export async function noteClass(db: Database, studioId: string, id: string, cells: readonly NamedCell[]): Promise<void> {
  if (noted.has(cells)) return
  noted.add(cells)
  const known = await judgedClass(db, studioId, id)
  const judged = judgedOf(RULES, cells)
  if (!known || (known.rules === RULES && !isDeepStrictEqual(known, judged))) await keepJudged(db, studioId, id, judged)
}
