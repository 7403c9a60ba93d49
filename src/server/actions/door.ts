'use server'
import { randomUUID } from 'node:crypto'
import { z } from 'zod'
import { DOOR_FINDINGS } from '@/content/screening/door'
import { type CheckIn, checkInSchema, clientSchema, withDoorFinding } from '@/core/client'
import { sessionOf } from '@/core/evaluate'
import { PRESENCES, type Presence } from '@/core/lead'
import { assess } from '@/core/safety'
import { afterwards } from '../afterwards'
import { tellOfDoor } from '../leading'
import { addClient, getClient } from '../repositories/clients'
import { setCheckIn } from '../repositories/log'
import { once } from '../repositories/requests'
import { changeStanding } from '../repositories/screenings'
import { getSession, type StoredSession } from '../repositories/sessions'
import { peopleOn } from '../roster'
import { RULE_BASE } from '../ruleBase'
import { here, today } from '../studio'
import { answer, InvalidError, idSchema, type Outcome } from './outcome'

type Here = Awaited<ReturnType<typeof here>>

/** Why somebody may not take part on the day of a session, in the words of the gate; nothing when they may. */
async function closedOn({ db, studio }: Here, session: StoredSession, clientId: string): Promise<{ closed?: string }> {
  const [person] = await peopleOn(db, studio.id, [await getClient(db, studio.id, clientId)], session.day, session.classId)
  if (!person) return {}
  // the ratio of the whole class, which this one person does not change, is judged on the class page
  const { closed } = assess(RULE_BASE, person.facts, sessionOf(session.plan))
  return closed ? { closed: closed.text } : {}
}

/** A class that is being led hears of what was said at its door, after the answer. */
function pass({ db, studio }: Here, session: StoredSession): void {
  afterwards(() => tellOfDoor(db, studio, session))
}

const doorSchema = z.strictObject({
  id: idSchema,
  clientId: idSchema,
  revision: z.number().int().min(0),
  presence: z.enum(PRESENCES).nullable(),
  checkIn: checkInSchema.nullable(),
})

interface Said {
  presence: Presence | null
  checkIn: CheckIn | null
}

export async function saveCheckIn(input: unknown): Promise<Outcome<{ revision: number; closed?: string }, Said>> {
  return answer<typeof doorSchema, { revision: number; closed?: string }, Said>(doorSchema, input, async ({ id, clientId, revision, ...said }) => {
    const place = await here()
    const session = await getSession(place.db, place.studio.id, id)
    const kept = await setCheckIn(place.db, place.studio.id, id, clientId, revision, said)
    pass(place, session)
    return { revision: kept, ...(await closedOn(place, session, clientId)) }
  })
}

const findingSchema = z.strictObject({ id: idSchema, clientId: idSchema, key: z.string().max(40), said: z.boolean() })

/** Keeps an answer to a day question that outlasts the day, or takes it back on the same day. */
export async function sayAtDoor(input: unknown): Promise<Outcome<{ closed?: string }>> {
  return answer(findingSchema, input, async ({ id, clientId, key, said }) => {
    const place = await here()
    const session = await getSession(place.db, place.studio.id, id)
    const known = DOOR_FINDINGS.find((one) => one.key === key)
    if (!known) throw new InvalidError([{ path: '$.key', message: `expected one of ${DOOR_FINDINGS.map((one) => one.key).join(', ')}` }])
    await changeStanding(place.db, place.studio.id, clientId, (record) => withDoorFinding(record, known, session.day, said))
    pass(place, session)
    return closedOn(place, session, clientId)
  })
}

const OLDEST = 110
const guestSchema = z
  .strictObject({
    /** made where it was typed: the same one sent again makes nobody twice */
    key: z.uuid(),
    id: idSchema,
    given: clientSchema.shape.given,
    /** what they said of their age: a year of birth, or years */
    birthYear: z.number().int().min(1900).max(2100).optional(),
    age: z.number().int().min(0).max(OLDEST).optional(),
    pregnant: z.enum(['yes', 'no', 'not-said']),
  })
  .refine(({ birthYear, age }) => (birthYear === undefined) !== (age === undefined), { message: 'say the year of birth or the age', path: ['age'] })

/**
 * Lets somebody in who has not been here: by first name, age, and whether they are pregnant. Everything else is unknown, and read on the cautious
 * side; of a year the earliest day is taken, since older is the more cautious.
 */
export async function letGuestIn(input: unknown): Promise<Outcome<{ id: string }>> {
  return answer(guestSchema, input, async ({ key, id, given, birthYear, age, pregnant }) => {
    const { db, studio } = await here()
    const session = await getSession(db, studio.id, id)
    const year = birthYear ?? Number(session.day.slice(0, 4)) - (age ?? 0) - 1
    if (year > Number(today(studio).slice(0, 4))) throw new InvalidError([{ path: '$.birthYear', message: 'this year lies ahead' }])
    const record = clientSchema.parse({
      given,
      birthDate: `${year}-01-${birthYear === undefined ? '02' : '01'}`,
      guestOn: session.day,
      pregnant,
    })
    const made = await once(db, studio.id, key, { given, year, pregnant }, async (tx) => {
      const clientId = randomUUID()
      await addClient(tx, studio.id, clientId, record)
      await setCheckIn(tx, studio.id, id, clientId, 0, { presence: 'present', checkIn: null })
      return { id: clientId }
    })
    pass({ db, studio }, session)
    return made
  })
}
