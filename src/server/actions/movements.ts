'use server'
import { randomUUID } from 'node:crypto'
import { z } from 'zod'
import { LIBRARY } from '@/content/movements'
import { movementOf, OWN_PREFIX, type OwnMovement, ownMovementSchema } from '@/core/movement'
import { addOwn, saveOwn, setOwnRemoved } from '../repositories/ownMovements'
import { once } from '../repositories/requests'
import { here } from '../studio'
import { answer, InvalidError, idSchema, type Outcome, revisionSchema } from './outcome'

function checkOwn(document: OwnMovement): OwnMovement {
  if (!LIBRARY.byId.has(document.from)) throw new InvalidError([{ path: '$.from', message: `the library has no variant "${document.from}"` }])
  // judged once here, so that what cannot be judged is never stored
  movementOf('check', document, LIBRARY)
  return document
}

const newSchema = z.strictObject({ key: idSchema, document: ownMovementSchema })

export async function createOwn(input: unknown): Promise<Outcome<{ movement: string }>> {
  return answer(newSchema, input, async ({ key, document }) => {
    checkOwn(document)
    const { db, studio } = await here()
    return once(db, studio.id, key, document, async (tx) => {
      const id = randomUUID()
      await addOwn(tx, studio.id, id, document)
      return { movement: `${OWN_PREFIX}${id}` }
    })
  })
}

const saveSchema = z.strictObject({ id: idSchema, revision: revisionSchema, document: ownMovementSchema })

export async function updateOwn(input: unknown): Promise<Outcome<{ movement: string }, OwnMovement>> {
  return answer<typeof saveSchema, { movement: string }, OwnMovement>(saveSchema, input, async ({ id, revision, document }) => {
    checkOwn(document)
    const { db, studio } = await here()
    await saveOwn(db, studio.id, id, revision, document)
    return { movement: `${OWN_PREFIX}${id}` }
  })
}

const offerSchema = z.strictObject({ id: idSchema, removed: z.boolean() })

/** Takes an own movement out of the library, or puts it back; where it is used it stays. */
export async function removeOwn(input: unknown): Promise<Outcome<object>> {
  return answer(offerSchema, input, async ({ id, removed }) => {
    const { db, studio } = await here()
    await setOwnRemoved(db, studio.id, id, removed)
    return {}
  })
}
