import { randomUUID } from 'node:crypto'
import { afterAll, beforeAll, describe, expect, test } from 'vitest'
import { clientSchema } from '@/core/client'
import { planSchema } from '@/core/plan'
import { type Connection, openFolder, openServer } from '../db/connection'
import { loadDemo } from '../demo'
import { NotFoundError, StaleError } from '../stale'
import { addClass, getClass, listClasses, rosterOf, savePlan, setRoster } from './classes'
import { addClient, eraseClient, getClient, listClients, saveClient } from './clients'
import { addEvents, attendanceOf, eventsOf, listSessions, logOf, openSession, saveAttendance, setCheckIn } from './sessions'
import { theStudio } from './studios'

const server = process.env.TEST_DATABASE_URL
const engines: [string, () => Promise<Connection>][] = [
  ['PGlite', () => openFolder('memory://')],
  ...(server ? [['PostgreSQL server', () => openServer(server)] as [string, () => Promise<Connection>]] : []),
]

test('with npm test the server is there too', () => {
  if (process.env.CI) expect(server).toBeDefined()
})

const person = (given: string) => clientSchema.parse({ given, birthDate: '1950-01-01', conditions: [{ slug: 'osteoporosis', side: 'left' }] })
const plan = planSchema.parse({
  title: 'Seats',
  promisedMinutes: 20,
  phases: [{ id: 'm', kind: 'main', blocks: [{ id: 'b', items: [{ id: 'i', variant: 'march/seated' }] }] }],
})

describe.each(engines)('%s', (_name, open) => {
  let held: Connection
  let studio: string
  beforeAll(async () => {
    held = await open()
    studio = (await theStudio(held.db, { id: randomUUID(), name: 'Test hall', instructor: 'Nobody' })).id
  })
  afterAll(() => held.close())

  const aClass = async () => {
    const id = randomUUID()
    await addClass(held.db, studio, { id, plan, weekday: 2, startTime: '10:00' })
    return id
  }

  test('a person comes back as they were kept', async () => {
    const id = randomUUID()
    await addClient(held.db, studio, id, person('Ada'))
    expect(await getClient(held.db, studio, id)).toEqual({ id, record: person('Ada'), revision: 1 })
    await expect(getClient(held.db, studio, randomUUID())).rejects.toThrow(NotFoundError)
    await expect(getClient(held.db, randomUUID(), id)).rejects.toThrow(NotFoundError)
  })

  test('a stale save is refused with the newer version, and nothing is written', async () => {
    const id = randomUUID()
    await addClient(held.db, studio, id, person('Bo'))
    expect(await saveClient(held.db, studio, id, 1, person('Bo the second'))).toBe(2)
    const refused = await saveClient(held.db, studio, id, 1, person('Bo the late')).catch((error: unknown) => error)
    expect(refused).toBeInstanceOf(StaleError)
    expect((refused as StaleError<{ given: string }>).newer.given).toBe('Bo the second')
    expect((await getClient(held.db, studio, id)).record.given).toBe('Bo the second')
  })

  test('of two saves of one revision at once just one wins', async () => {
    const id = await aClass()
    const outcomes = await Promise.allSettled(
      Array.from({ length: 6 }, (_, index) => savePlan(held.db, studio, id, 1, { ...plan, title: `Try ${index}` })),
    )
    expect(outcomes.filter(({ status }) => status === 'fulfilled')).toHaveLength(1)
    expect((await getClass(held.db, studio, id)).revision).toBe(2)
  })

  test('the roster of a class is replaced whole', async () => {
    const id = await aClass()
    const [a, b] = [randomUUID(), randomUUID()]
    await addClient(held.db, studio, a, person('zoë'))
    await addClient(held.db, studio, b, person('Yves'))
    await setRoster(held.db, studio, id, [a, b])
    expect((await rosterOf(held.db, studio, id)).map(({ record }) => record.given)).toEqual(['Yves', 'zoë'])
    await setRoster(held.db, studio, id, [a])
    expect(await rosterOf(held.db, studio, id)).toHaveLength(1)
    await expect(setRoster(held.db, studio, id, [a, randomUUID()])).rejects.toThrow()
    expect(await rosterOf(held.db, studio, id)).toHaveLength(1)
  })

  test('a session is opened once a day and keeps the plan as it was', async () => {
    const id = await aClass()
    const first = await openSession(held.db, studio, randomUUID(), id, '2026-11-24')
    await savePlan(held.db, studio, id, 1, { ...plan, title: 'Later' })
    const again = await openSession(held.db, studio, randomUUID(), id, '2026-11-24')
    expect(again).toEqual(first)
    expect(again.plan.title).toBe('Seats')
    expect((await openSession(held.db, studio, randomUUID(), id, '2026-12-01')).plan.title).toBe('Later')
    await expect(openSession(held.db, studio, randomUUID(), randomUUID(), '2026-11-24')).rejects.toThrow(NotFoundError)
  })

  test('events sent twice count once and come back in order', async () => {
    const { id } = await openSession(held.db, studio, randomUUID(), await aClass(), '2026-11-24')
    const events = [
      { id: randomUUID(), at: 2000, kind: 'pause' as const },
      { id: randomUUID(), at: 1000, kind: 'start' as const },
      { id: randomUUID(), at: 3000, kind: 'stop-sign' as const, text: 'B: unusual fatigue' },
    ]
    await addEvents(held.db, studio, id, events)
    await addEvents(held.db, studio, id, events.slice(1))
    expect((await eventsOf(held.db, studio, id)).map(({ kind }) => kind)).toEqual(['start', 'pause', 'stop-sign'])
  })

  test('attendance and log are written whole or not at all', async () => {
    const client = randomUUID()
    await addClient(held.db, studio, client, person('Cleo'))
    const { id } = await openSession(held.db, studio, randomUUID(), await aClass(), '2026-11-24')
    await setCheckIn(held.db, studio, id, client, true, { painNow: 2 })
    const row = { clientId: client, came: true, checkIn: { painNow: 2 }, exertion: 3.5, painDuring: 1, painNextDay: null, note: 'fine' }
    await saveAttendance(held.db, studio, id, [row], [{ clientId: client, item: 'i', variant: 'march/seated' }], 'slower')
    expect(await attendanceOf(held.db, studio, id)).toEqual([row])
    await expect(saveAttendance(held.db, studio, id, [{ ...row, clientId: randomUUID() }], [], 'lost')).rejects.toThrow()
    expect(await attendanceOf(held.db, studio, id)).toEqual([row])
    expect(await logOf(held.db, studio, id)).toHaveLength(1)
    const listed = (await listSessions(held.db, studio)).find((session) => session.id === id)
    expect([listed?.came, listed?.exertion]).toEqual([1, 3.5])
  })

  test('erasing a person takes their roster places, attendance and log along', async () => {
    const [client, classId] = [randomUUID(), await aClass()]
    await addClient(held.db, studio, client, person('Dot'))
    await setRoster(held.db, studio, classId, [client])
    const { id } = await openSession(held.db, studio, randomUUID(), classId, '2026-11-24')
    await setCheckIn(held.db, studio, id, client, true, null)
    await eraseClient(held.db, studio, client)
    expect(await rosterOf(held.db, studio, classId)).toEqual([])
    expect(await attendanceOf(held.db, studio, id)).toEqual([])
    await expect(eraseClient(held.db, studio, client)).rejects.toThrow(NotFoundError)
  })
})

test('the demo data has four classes, about thirty people and six weeks of led sessions, and loads once', async () => {
  const { db, close } = await openFolder('memory://')
  const { id } = await theStudio(db, { id: randomUUID(), name: 'Demo hall', instructor: 'Odile Marrow' })
  expect(await loadDemo(db, id, '2026-11-24')).toBe(true)
  expect(await loadDemo(db, id, '2026-11-24')).toBe(false)
  expect(await listClasses(db, id)).toHaveLength(4)
  const people = (await listClients(db, id)).length
  expect(people).toBeGreaterThanOrEqual(28)
  expect(people).toBeLessThanOrEqual(36)
  const sessions = await listSessions(db, id)
  expect(sessions).toHaveLength(24)
  expect(sessions.every(({ came }) => came > 0)).toBe(true)
  await close()
})
