'use server'
import { randomUUID } from 'node:crypto'
import { refresh } from 'next/cache'
import { z } from 'zod'
import { type ClientRecord, clientSchema, dayNumber } from '@/core/client'
import { addClient, eraseClient, saveClient } from '../repositories/clients'
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
