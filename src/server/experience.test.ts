import { randomUUID } from 'node:crypto'
import { afterAll, beforeAll, describe, expect, test } from 'vitest'
import type { LeadEvent } from '@/core/lead'
import { HOUSE_RATES } from '@/core/timing'
import { addDays, DEFAULT_HOUSE_RULES } from '@/core/vocabulary'
import { type Connection, openMemory } from './db/connection'
import { loadDemo } from './demo'
import { experienceOf, experiencesOf, paceToday } from './experience'
import { type Leading, notePace } from './leading'
import { listClasses, rosterOf, type StoredClass } from './repositories/classes'
import { addEvents } from './repositories/leadEvents'
import { openSession } from './repositories/planning'
import { getSession, listSessions } from './repositories/sessions'
import { theStudio } from './repositories/studios'

const DAY = '2026-11-24'
let held: Connection
let studio: Leading = { id: '', settings: { houseRules: DEFAULT_HOUSE_RULES } }
let stored: StoredClass
let size = 0

beforeAll(async () => {
  held = await openMemory()
  studio = {
    id: (await theStudio(held.db, { id: randomUUID(), name: 'Test hall', instructor: 'Nobody' })).id,
    settings: { houseRules: DEFAULT_HOUSE_RULES },
  }
  await loadDemo(held.db, studio.id, DAY)
  stored = (await listClasses(held.db, studio.id)).find(({ plan }) => plan.title === 'Bones and balance')!
  size = (await rosterOf(held.db, studio.id, stored.id)).length
})
afterAll(() => held.close())

const asOf = (day: string, settings: { paceSince?: string } = {}) => experienceOf(held.db, { ...studio, settings }, { classId: stored.id, size, day })
const eventAt = (at: number, kind: LeadEvent['kind']): LeadEvent => ({ id: randomUUID(), at, kind })

describe('what classes that were led have taught', () => {
  test('the pace of six weeks is that of the instructor who is simulated', async () => {
    const { pace } = await asOf(DAY)
    expect(pace.classes).toBeGreaterThan(20)
    expect(Math.abs(Math.log(pace.rates.counted / 0.88))).toBeLessThan(0.08)
    expect(Math.abs(Math.log(pace.rates.between / 1.2))).toBeLessThan(0.08)
  })
  test('before the first class there is nothing but the house', async () => {
    const { pace, knows } = await asOf('2026-01-01')
    expect([pace.rates, pace.classes, knows]).toEqual([HOUSE_RATES, 0, []])
  })
  test('a class does not count for itself, nor what is led on its day', async () => {
    const { sessions } = await listSessions(held.db, studio.id, { classId: stored.id })
    const first = sessions.at(-1)!.day
    expect((await asOf(first)).knows).toEqual([])
    expect((await asOf(addDays(first, 1))).knows).toContain('sit-to-stand')
  })
  test('a group that is mostly another has met nothing', async () => {
    const [experience] = await experiencesOf(held.db, studio, [{ classId: stored.id, size: 4 * size, day: DAY }])
    expect(experience!.knows).toEqual([])
  })
  test('begun anew, older classes count no longer, and what the group has met stays', async () => {
    const { pace, knows } = await asOf(DAY, { paceSince: DAY })
    expect(pace.rates).toEqual(HOUSE_RATES)
    expect(knows.length).toBeGreaterThan(5)
  })
  test('the same past gives the very same pace, so that nothing is judged again', async () => {
    expect((await asOf(DAY)).pace).toBe((await asOf(DAY)).pace)
  })
})

test('taps are kept as what they say of the pace once the class has ended, and a class of today counts tomorrow', async () => {
  const { id } = await openSession(held.db, studio.id, randomUUID(), stored.id, DAY)
  const before = await asOf(DAY)
  await addEvents(held.db, studio.id, id, [eventAt(0, 'my-count'), eventAt(1, 'start'), eventAt(60_000, 'next')])
  await notePace(held.db, studio, await getSession(held.db, studio.id, id))
  expect((await getSession(held.db, studio.id, id)).stretches).toBeNull()
  await addEvents(held.db, studio.id, id, [eventAt(90_000, 'next'), eventAt(100_000, 'end')])
  await notePace(held.db, studio, await getSession(held.db, studio.id, id))
  const { stretches } = await getSession(held.db, studio.id, id)
  expect(stretches!.length).toBeGreaterThan(0)
  expect(stretches!.every(({ day }) => day === DAY)).toBe(true)
  expect((await asOf(DAY)).pace).toBe(before.pace)
  expect((await paceToday(held.db, studio, DAY)).stretches).toBe(before.pace.stretches + stretches!.length)
})
