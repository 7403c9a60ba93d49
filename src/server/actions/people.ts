'use server'
import { randomUUID } from 'node:crypto'
import { refresh } from 'next/cache'
import { z } from 'zod'
import { type ClientRecord, clientSchema, dayNumber, daySchema, overruleSchema } from '@/core/client'
import { assess, isAbsolute, judge } from '@/core/safety'
import { studioLibrary } from '../library'
import { addClient, addClients, eraseClient, getClient, saveClient } from '../repositories/clients'
import { addOverrule } from '../repositories/overrules'
import { peopleOn } from '../roster'
import { RULE_BASE } from '../ruleBase'
import { here, today } from '../studio'
import { answer, InvalidError, idSchema, type Outcome, revisionSchema } from './outcome'

/** Checks that need the rule base or today's date. */
function checkRecord(record: ClientRecord): ClientRecord {
  const now = today()
  const problems = record.conditions.flatMap(({ slug, variant, since }, index) => {
    const condition = RULE_BASE.conditions.get(slug)
    if (!condition) return [{ path: `$.conditions[${index}].slug`, message: `there is no condition "${slug}"` }]
    if (variant !== undefined && !condition.variants.includes(variant)) {
      return [{ path: `$.conditions[${index}].variant`, message: `expected one of ${condition.variants.join(', ')}` }]
    }
    return since !== undefined && since > now ? [{ path: `$.conditions[${index}].since`, message: 'this day lies ahead' }] : []
  })
  if (record.birthDate > now) problems.push({ path: '$.birthDate', message: 'this day lies ahead' })
  if (record.lastBirth && record.lastBirth.on > now) problems.push({ path: '$.lastBirth.on', message: 'this day lies ahead' })
  if (record.dueDate && (dayNumber(record.dueDate) - dayNumber(now) > 290 || dayNumber(now) - dayNumber(record.dueDate) > 400)) {
    problems.push({ path: '$.dueDate', message: 'expected a due date within nine months' })
  }
  const twice = record.conditions.find(({ slug }, index) => record.conditions.findIndex((other) => other.slug === slug) !== index)
  if (twice) problems.push({ path: '$.conditions', message: `"${twice.slug}" is recorded twice` })
  if (problems.length > 0) throw new InvalidError(problems)
  return record
}

const overruleInput = z.strictObject({
  clientId: idSchema,
  variant: overruleSchema.shape.variant,
  reason: overruleSchema.shape.reason,
  until: overruleSchema.shape.until,
  classId: idSchema.optional(),
  day: daySchema,
})

/** Keeps the instructor's own word against a verdict. What is absolute, a gate or a closed purpose, is refused. */
export async function overrule(input: unknown): Promise<Outcome<object>> {
  return answer(overruleInput, input, async ({ clientId, variant, reason, until, classId, day }) => {
    const { db, studio } = await here()
    const { catalogue } = await studioLibrary(db, studio.id)
    const entry = catalogue.byId.get(variant)
    if (!entry) throw new InvalidError([{ path: '$.variant', message: `the library has no variant "${variant}"` }])
    if (until < today()) throw new InvalidError([{ path: '$.until', message: 'this day has passed' }])
    const [person] = await peopleOn(db, studio.id, [await getClient(db, studio.id, clientId)], day, classId)
    const judgement = judge(assess(RULE_BASE, person!.facts, { supportInReach: true }), entry.planned, entry.vector, entry.movement.id)
    if (isAbsolute(judgement)) throw new InvalidError([{ path: '$.variant', message: 'this is marked absolute and cannot be overruled' }])
    const rules = judgement.hits.filter(({ then }) => then === 'avoid' || then === 'modify').map(({ id }) => id)
    await addOverrule(db, studio.id, randomUUID(), clientId, {
      variant,
      reason,
      until,
      ...(classId && { classId }),
      by: studio.instructor,
      on: today(),
      verdict: judgement.verdict,
      rules,
    })
    return {}
  })
}

export async function createPerson(input: unknown): Promise<Outcome<{ id: string }>> {
  return answer(clientSchema, input, async (record) => {
    checkRecord(record)
    const { db, studio } = await here()
    const id = randomUUID()
    await addClient(db, studio.id, id, record)
    return { id }
  })
}

const saveSchema = z.strictObject({ id: idSchema, revision: revisionSchema, record: clientSchema })

export async function savePerson(input: unknown): Promise<Outcome<{ revision: number }, ClientRecord>> {
  const outcome = await answer<typeof saveSchema, { revision: number }, ClientRecord>(saveSchema, input, async ({ id, revision, record }) => {
    checkRecord(record)
    const { db, studio } = await here()
    return { revision: await saveClient(db, studio.id, id, revision, record) }
  })
  if (outcome.ok) refresh()
  return outcome
}

export async function erasePerson(input: unknown): Promise<Outcome<object>> {
  return answer(z.strictObject({ id: idSchema }), input, async ({ id }) => {
    const { db, studio } = await here()
    await eraseClient(db, studio.id, id)
    return {}
  })
}

const importSchema = z.strictObject({ people: z.array(clientSchema).min(1).max(300) })

/** Writes all rows of an import, or none when one of them is wrong. */
export async function importPeople(input: unknown): Promise<Outcome<{ added: number }>> {
  return answer(importSchema, input, async ({ people }) => {
    const problems = people.flatMap((record, index) => {
      try {
        checkRecord(record)
        return []
      } catch (error) {
        if (!(error instanceof InvalidError)) throw error
        return error.problems.map(({ path, message }) => ({ path: `$.people[${index}]${path.slice(1)}`, message }))
      }
    })
    if (problems.length > 0) throw new InvalidError(problems)
    const { db, studio } = await here()
    await addClients(
      db,
      studio.id,
      people.map((record) => ({ id: randomUUID(), record })),
    )
    return { added: people.length }
  })
}
