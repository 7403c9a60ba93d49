import { randomUUID } from 'node:crypto'
import { eq } from 'drizzle-orm'
import { afterAll, beforeAll, expect, test } from 'vitest'
import { type Connection, openMemory } from './connection'
import { studios } from './schema'
import { whileUnwritten } from './writes'

let held: Connection
const id = randomUUID()
beforeAll(async () => {
  held = await openMemory()
  await held.db.insert(studios).values({ id, name: 'One', instructor: 'I' })
})
afterAll(() => held.close())

let reads = 0
const nameOf = (db = held.db) =>
  whileUnwritten(db, 'name', async () => {
    reads++
    return (await db.select().from(studios).where(eq(studios.id, id)))[0]?.name
  })
const rename = (name: string, db = held.db) => db.update(studios).set({ name }).where(eq(studios.id, id))

test('what was read is kept until something is written', async () => {
  expect([await nameOf(), await nameOf(), await nameOf()]).toEqual(['One', 'One', 'One'])
  expect(reads).toBe(1)
  await rename('Two')
  expect(await nameOf()).toBe('Two')
  expect(reads).toBe(2)
})

test('a transaction reads for itself, and what it takes back was never read', async () => {
  await rename('Before')
  await held.db
    .transaction(async (tx) => {
      await rename('Inside', tx)
      expect(await nameOf(tx as never)).toBe('Inside')
      throw new Error('taken back')
    })
    .catch(() => undefined)
  expect(await nameOf()).toBe('Before')
})

test('readings beside a transaction see what it wrote once it is over, and never before', async () => {
  await rename('Old')
  const done = held.db.transaction(async (tx) => {
    await rename('Half', tx)
    await rename('New', tx)
  })
  const beside = await Promise.all([nameOf(), nameOf()])
  await done
  expect(await nameOf()).toBe('New')
  for (const name of beside) expect(['Old', 'New']).toContain(name)
})
