'use server'
import { randomUUID } from 'node:crypto'
import { z } from 'zod'
import { LIBRARY } from '@/content/movements'
import { movementOf, OWN_PREFIX, type OwnMovement, ownMovementSchema } from '@/core/movement'
import { addOwn, saveOwn } from '../repositories/ownMovements'
import { here } from '../studio'
import { answer, InvalidError, idSchema, type Outcome, revisionSchema } from './outcome'

function checkOwn(document: OwnMovement): OwnMovement {
  if (!LIBRARY.byId.has(document.from)) throw new InvalidError([{ path: '$.from', message: `the library has no variant "${document.from}"` }])
  // judged once here, so that what cannot be judged is never stored
  movementOf('check', document, LIBRARY)
  return document
}

export async function createOwn(input: unknown): Promise<Outcome<{ movement: string }>> {
  return answer(ownMovementSchema, input, async (document) => {
    checkOwn(document)
    const { db, studio } = await here()
    const id = randomUUID()
    await addOwn(db, studio.id, id, document)
    return { movement: `${OWN_PREFIX}${id}` }
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
