'use server'
import { randomUUID } from 'node:crypto'
import { refresh } from 'next/cache'
import { z } from 'zod'
import {
  ageOn,
  type ClientRecord,
  clientSchema,
  type Day,
  dayNumber,
  daySchema,
  fullName,
  measuredSchema,
  overruleSchema,
  progressAnswerSchema,
  withMeasured,
} from '@/core/client'
import { assessRoster, judgePlanned, withOwnLoad } from '@/core/evaluate'
import { type FileProblem, MOST_ROWS, personKey, withRow } from '@/core/formats'
import { checkPlan, prescriptionsOf, problemText } from '@/core/plan'
import { isAbsolute, overruledDose } from '@/core/safety'
import { studioLibrary } from '../library'
import { notSince } from '../repositories/checkIns'
import { getClass } from '../repositories/classes'
import { addClient, addClients, getClient, listClients, saveClient } from '../repositories/clients'
import { agreedAgain, eraseClient, eraseHealth } from '../repositories/erasing'
import { addOverrule, withdrawOverrule as takeBack } from '../repositories/overrules'
import { once } from '../repositories/requests'
import { callNames, peopleOn } from '../roster'
import { conditionName, RULE_BASE } from '../ruleBase'
import { here, keptSince, today } from '../studio'
import { answer, InvalidError, idSchema, type Outcome, repeated, revisionSchema } from './outcome'

/** Nobody is older. */
const OLDEST = 120
/** Outside of this a date of birth or a due date is a slip of the keyboard. */
const CHILDBEARING = { from: 12, to: 60 }

/** Days of a record that cannot be, against today and against each other. */
function impossibleDays({ birthDate, dueDate, lastBirth, conditions }: ClientRecord, now: Day): FileProblem[] {
  const ahead = (path: string, day: Day | undefined) => (day !== undefined && day > now ? [{ path, message: 'this day lies ahead' }] : [])
  const born = (path: string, day: Day | undefined) =>
    day !== undefined && (ageOn(birthDate, day) < CHILDBEARING.from || ageOn(birthDate, day) > CHILDBEARING.to)
      ? [{ path, message: `at that day the person would be ${ageOn(birthDate, day)}: check it and the date of birth` }]
      : []
  const farDue = dueDate && (dayNumber(dueDate) - dayNumber(now) > 290 || dayNumber(now) - dayNumber(dueDate) > 400)
  return [
    ...ahead('$.birthDate', birthDate),
    ...(ageOn(birthDate, now) > OLDEST ? [{ path: '$.birthDate', message: `that would be ${ageOn(birthDate, now)} years: check the year` }] : []),
    ...ahead('$.lastBirth.on', lastBirth?.on),
    ...(farDue ? [{ path: '$.dueDate', message: 'expected a due date within nine months' }] : born('$.dueDate', dueDate)),
    ...born('$.lastBirth.on', lastBirth?.on),
    ...conditions.flatMap(({ since }, index) => [
      ...ahead(`$.conditions[${index}].since`, since),
      ...(since !== undefined && since < birthDate ? [{ path: `$.conditions[${index}].since`, message: 'this day lies before the birth' }] : []),
    ]),
  ]
}

/** Checks that need the rule base or today's date. */
function problemsIn(record: ClientRecord, now: Day): FileProblem[] {
  const problems = record.conditions.flatMap(({ slug, variant }, index): FileProblem[] => {
    const condition = RULE_BASE.conditions.get(slug)
    if (!condition) return [{ path: `$.conditions[${index}].slug`, message: `there is no condition "${slug}"` }]
    return variant !== undefined && !condition.variants.includes(variant)
      ? [{ path: `$.conditions[${index}].variant`, message: `expected one of ${condition.variants.join(', ')}` }]
      : []
  })
  problems.push(...impossibleDays(record, now))
  // two knees, two years: what is the same in all that tells them apart is there by mistake
  const twice = repeated(record.conditions, ({ slug, side, since, variant }) => JSON.stringify([slug, side, since, variant]))
  if (twice)
    problems.push({
      path: '$.conditions',
      message: `"${conditionName(twice.slug)}" is recorded twice: give each its side or its day, or take one away`,
    })
  return problems
}
function checkRecord(record: ClientRecord, now: Day): ClientRecord {
  const problems = problemsIn(record, now)
  if (problems.length > 0) throw new InvalidError(problems)
  return record
}

const overruleInput = z.strictObject({
  clientId: idSchema,
  reason: overruleSchema.shape.reason,
  until: overruleSchema.shape.until,
  /** the class and the item in which it is given: its dose and the support in reach are what it holds for */
  classId: idSchema,
  item: z.string().max(44),
  everywhere: z.boolean(),
  day: daySchema,
})

/** Keeps the instructor's own word against a verdict, for the dose and support of the class where it is given. What is absolute is refused. */
/** Everybody who can be in a class, by name: whoever no longer agrees that health data are kept cannot. */
export async function whoCanJoin(): Promise<Outcome<{ people: { id: string; name: string }[] }>> {
  return answer(z.undefined(), undefined, async () => {
    const { db, studio } = await here()
    const clients = await listClients(db, studio.id)
    const names = callNames(clients.map(({ record }) => record))
    return {
      people: clients.flatMap(({ id, record }, index) => (record.consentWithdrawnOn === undefined ? [{ id, name: names[index]! }] : [])),
    }
  })
}

export async function overrule(input: unknown): Promise<Outcome<object>> {
  return answer(overruleInput, input, async ({ clientId, item, reason, until, classId, everywhere, day }) => {
    const { db, studio } = await here()
    const now = today(studio)
    const { catalogue } = await studioLibrary(db, studio.id)
    const checked = checkPlan((await getClass(db, studio.id, classId)).plan, catalogue)
    if ('problems' in checked) throw new InvalidError(checked.problems.map((problem) => ({ path: '$.classId', message: problemText(problem) })))
    const { plan } = checked
    const planned = prescriptionsOf(plan, catalogue).find((one) => one.item.id === item)
    const variant = planned?.entry?.variant.id
    if (!planned || !variant) throw new InvalidError([{ path: '$.item', message: 'the plan has no such movement of the library' }])
    if (until < now) throw new InvalidError([{ path: '$.until', message: 'this day has passed' }])
    const people = await peopleOn(db, studio.id, [await getClient(db, studio.id, clientId)], day, classId)
    const { assessment, ownLoads } = assessRoster(RULE_BASE, people, plan).people[0]!
    const done = withOwnLoad(planned, ownLoads)
    const judgement = judgePlanned(assessment, done)
    if (isAbsolute(judgement)) throw new InvalidError([{ path: '$.item', message: 'this is marked absolute and cannot be overruled' }])
    await addOverrule(db, studio.id, randomUUID(), clientId, {
      variant,
      reason,
      until,
      ...(!everywhere && { classId }),
      by: studio.instructor,
      on: now,
      upTo: overruledDose(done.demands, done.dose.sets, plan.room.supportInReach),
      verdict: judgement.verdict,
      rules: judgement.hits.filter(({ then }) => then === 'avoid' || then === 'modify').map(({ id }) => id),
    })
    return {}
  })
}

/** Changes part of a record as it is at this moment. @param change nothing = it is so already */
async function changeRecord(clientId: string, change: (record: ClientRecord) => ClientRecord | undefined): Promise<void> {
  const { db, studio } = await here()
  await db.transaction(async (tx) => {
    const { record, revision } = await getClient(tx, studio.id, clientId)
    const changed = change(record)
    if (changed) await saveClient(tx, studio.id, clientId, revision, clientSchema.parse(changed))
  })
}
const withoutMovement = <T extends { movement: string }>(all: readonly T[], ...gone: readonly string[]): T[] =>
  all.filter(({ movement }) => !gone.includes(movement))

const ownLoadInput = z.strictObject({
  clientId: idSchema,
  movement: z.string().min(1).max(60),
  /** null: they lift what the plan says again */
  kg: clientSchema.shape.ownLoads.unwrap().element.shape.kg.nullable(),
})

/** Keeps what somebody lifts in a movement, from today on, in every class. Judged like any load. */
export async function keepOwnLoad(input: unknown): Promise<Outcome<object>> {
  return answer(ownLoadInput, input, async ({ clientId, movement, kg }) => {
    const { db, studio } = await here()
    const { catalogue } = await studioLibrary(db, studio.id)
    if (!catalogue.movements.some(({ id }) => id === movement))
      throw new InvalidError([{ path: '$.movement', message: `the library has no movement "${movement}"` }])
    await changeRecord(clientId, (record) => {
      const others = withoutMovement(record.ownLoads, movement)
      return { ...record, ownLoads: kg === null ? others : [...others, { movement, kg, on: today(studio) }] }
    })
    return {}
  })
}

const { movement: movementInput, kg: kgInput, variant: variantInput, ...progressFields } = progressAnswerSchema.omit({ on: true }).shape
const progressInput = z.strictObject({
  clientId: idSchema,
  ...progressFields,
  steps: z
    .array(z.strictObject({ movement: movementInput, kg: kgInput, variant: variantInput }))
    .min(1)
    .max(200),
})

/** Keeps how proposals from the log were answered; a weight that was taken is what they lift from today on. */
export async function answerProgress(input: unknown): Promise<Outcome<object>> {
  const outcome = await answer(progressInput, input, async ({ clientId, steps, ...said }) => {
    const { db, studio } = await here()
    const { catalogue } = await studioLibrary(db, studio.id)
    const known = new Set(catalogue.movements.map(({ id }) => id))
    const unknown = steps.findIndex(({ movement }) => !known.has(movement))
    if (unknown >= 0)
      throw new InvalidError([{ path: `$.steps[${unknown}].movement`, message: `the library has no movement "${steps[unknown]!.movement}"` }])
    const on = today(studio)
    const lifted = said.answer === 'taken' ? steps.flatMap(({ movement, kg }) => (kg === undefined ? [] : [{ movement, kg, on }])) : []
    await changeRecord(clientId, (record) => {
      // who was taken down stays there; taken up from there, they stay at the next step
      const steppedTo = steps.flatMap(({ movement, variant }) =>
        said.answer === 'taken' && variant !== undefined && (said.verdict === 'down' || record.notAbove.some((one) => one.movement === movement))
          ? [{ movement, variant, on }]
          : [],
      )
      const inPlaceOf = <T extends { movement: string }>(all: readonly T[], next: readonly T[]): T[] => [
        ...withoutMovement(all, ...next.map(({ movement }) => movement)),
        ...next,
      ]
      return {
        ...record,
        ownLoads: inPlaceOf(record.ownLoads, lifted),
        progress: inPlaceOf(
          record.progress,
          steps.map((step) => ({ ...said, ...step, on })),
        ),
        notAbove: inPlaceOf(record.notAbove, steppedTo),
      }
    })
    return {}
  })
  if (outcome.ok) refresh()
  return outcome
}

const letGoInput = z.strictObject({ clientId: idSchema, movement: z.string().min(1).max(60) })
/** Somebody who was taken down in a movement may take whatever the rules let them again. */
export async function letGoStep(input: unknown): Promise<Outcome<object>> {
  const outcome = await answer(letGoInput, input, async ({ clientId, movement }) => {
    await changeRecord(clientId, (record) => {
      const notAbove = withoutMovement(record.notAbove, movement)
      return notAbove.length < record.notAbove.length ? { ...record, notAbove } : undefined
    })
    return {}
  })
  if (outcome.ok) refresh()
  return outcome
}

const measuredInput = z.strictObject({ clientId: idSchema, measured: z.array(measuredSchema).min(1).max(20) })
/** Keeps what was measured of somebody: the latest of each is what they are judged by. */
export async function keepMeasured(input: unknown): Promise<Outcome<object>> {
  const outcome = await answer(measuredInput, input, async ({ clientId, measured }) => {
    const now = today((await here()).studio)
    const late = measured.findIndex(({ on }) => on > now)
    if (late >= 0) throw new InvalidError([{ path: `$.measured[${late}].on`, message: 'expected a day that has been' }])
    await changeRecord(clientId, (record) => withMeasured(record, measured))
    return {}
  })
  if (outcome.ok) refresh()
  return outcome
}

/** Takes the instructor's own word back, from today on. */
export async function withdrawOverrule(input: unknown): Promise<Outcome<object>> {
  const outcome = await answer(z.strictObject({ id: idSchema }), input, async ({ id }) => {
    const { db, studio } = await here()
    await takeBack(db, studio.id, id, today(studio))
    return {}
  })
  if (outcome.ok) refresh()
  return outcome
}

const newSchema = z.strictObject({
  key: idSchema,
  record: clientSchema,
  /** somebody else of this name and birth date, asked about and meant */
  namesake: z.boolean().default(false),
})

export async function createPerson(input: unknown): Promise<Outcome<{ id: string }>> {
  return answer(newSchema, input, async ({ key, record, namesake }) => {
    const { db, studio } = await here()
    checkRecord(record, today(studio))
    return once(db, studio.id, key, record, async (tx) => {
      const same = namesake ? undefined : (await listClients(tx, studio.id)).find((one) => personKey(one.record) === personKey(record))
      if (same)
        throw new InvalidError([
          {
            path: '$.family',
            message: `${fullName(record)}, born on the same day, is registered already. If this is somebody else, press Register once more.`,
          },
        ])
      const id = randomUUID()
      await addClient(tx, studio.id, id, record)
      return { id }
    })
  })
}

const saveSchema = z.strictObject({ id: idSchema, revision: revisionSchema, record: clientSchema })

export async function savePerson(input: unknown): Promise<Outcome<{ revision: number }, ClientRecord>> {
  const outcome = await answer<typeof saveSchema, { revision: number }, ClientRecord>(saveSchema, input, async ({ id, revision, record }) => {
    const { db, studio } = await here()
    checkRecord(record, today(studio))
    const { consentWithdrawnOn, ...agreed } = record
    const again = consentWithdrawnOn !== undefined && agreed.consentOn !== undefined && agreed.consentOn >= consentWithdrawnOn
    return db.transaction(async (tx) => {
      if (again) await agreedAgain(tx, studio.id, id)
      return { revision: await saveClient(tx, studio.id, id, revision, again ? agreed : record) }
    })
  })
  if (outcome.ok) refresh()
  return outcome
}

/** Somebody no longer agrees that data on their health are kept: they go at once. */
export async function withdrawConsent(input: unknown): Promise<Outcome<{ revision: number }>> {
  const outcome = await answer(z.strictObject({ id: idSchema }), input, async ({ id }) => {
    const { db, studio } = await here()
    return { revision: await eraseHealth(db, studio.id, id, today(studio)) }
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

const importSchema = z.strictObject({
  key: idSchema,
  people: z
    .array(
      z.strictObject({
        record: clientSchema,
        /** somebody registered whom the row is about; left out = somebody new */
        update: z.strictObject({ id: idSchema, revision: revisionSchema }).optional(),
      }),
    )
    .min(1)
    .max(MOST_ROWS),
})

/** Takes the rows of a file in, all or none. */
export async function importPeople(input: unknown): Promise<Outcome<{ added: number; updated: number }>> {
  return answer(importSchema, input, async ({ key, people }) => {
    const { db, studio } = await here()
    const now = today(studio)
    const check = (record: ClientRecord, index: number) =>
      problemsIn(record, now).map(({ path, message }) => ({ path: `$.people[${index}].record${path.slice(1)}`, message }))
    const problems = people.flatMap(({ record }, index) => check(record, index))
    if (problems.length > 0) throw new InvalidError(problems)
    const fresh = people.filter(({ update }) => update === undefined)
    return once(db, studio.id, key, people, async (tx) => {
      for (const [index, { record, update }] of people.entries()) {
        if (!update) continue
        const merged = withRow((await getClient(tx, studio.id, update.id)).record, record)
        const wrong = check(merged, index)
        if (wrong.length > 0) throw new InvalidError(wrong)
        await saveClient(tx, studio.id, update.id, update.revision, merged)
      }
      await addClients(
        tx,
        studio.id,
        fresh.map(({ record }) => ({ id: randomUUID(), record })),
      )
      return { added: fresh.length, updated: people.length - fresh.length }
    })
  })
}

const pastSchema = z.strictObject({ ids: z.array(idSchema).min(1).max(1000) })

/** Erases people whose data are kept longer than the house wants; whoever came since is left. */
export async function erasePast(input: unknown): Promise<Outcome<{ erased: number }>> {
  return answer(pastSchema, input, async ({ ids }) => {
    const { db, studio } = await here()
    const limit = keptSince(studio.settings, today(studio))
    const due = new Set(limit === undefined ? [] : (await notSince(db, studio.id, limit)).map(({ id }) => id))
    const stays = ids.find((id) => !due.has(id))
    if (stays) throw new InvalidError([{ path: '$.ids', message: `person ${stays} is not past the time for which you keep data` }])
    await db.transaction(async (tx) => {
      for (const id of ids) await eraseClient(tx, studio.id, id)
    })
    return { erased: ids.length }
  })
}
