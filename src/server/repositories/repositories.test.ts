import { randomUUID } from 'node:crypto'
import { sql } from 'drizzle-orm'
import { afterAll, beforeAll, describe, expect, test } from 'vitest'
import { LIBRARY } from '@/content/movements'
import { type ClientRecord, checkInSchema, clientSchema, overruleSchema, overrulesOn } from '@/core/client'
import { briefSchema, wishesSchema } from '@/core/compose'
import { ownFrom } from '@/core/movement'
import { planSchema } from '@/core/plan'
import { seriesSchema } from '@/core/progress'
import { type Connection, openMemory, openServer } from '../db/connection'
import { classes, clients, ownMovements, screenings } from '../db/schema'
import { loadDemo } from '../demo'
import { studioLibrary } from '../library'
import { NotFoundError, StaleError } from '../stale'
import { changedSince } from './changedSince'
import { attendedDays, checkInsOn, notSince } from './checkIns'
import { addClass, getClass, keepWishes, listClasses, placesOf, rosterOf, setPlaces, setRoster, wishesOf } from './classes'
import { addClient, getClient, listClients, saveClient } from './clients'
import { eraseClient, eraseHealth } from './erasing'
import { traceOf } from './history'
import { addEvents, eventsOf } from './leadEvents'
import { addLetter, letterContent, lettersOf } from './letters'
import { attendanceOf, logOf, saveLog, setCheckIn } from './log'
import { addOverrule, overrulesOf, withdrawOverrule } from './overrules'
import { addOwn, getOwn, listOwn, saveOwn, setOwnRemoved } from './ownMovements'
import { followPlan, openSession, planDays, savePlan, saveSeries, saveTime } from './planning'
import { UnreadableError } from './readable'
import { AlreadyDoneError, once } from './requests'
import { confirmForm, getScreening, keepForm, screeningsOf } from './screenings'
import { getSession, listSessions } from './sessions'
import { theStudio } from './studios'
import { copyClass, eraseClass, putBackClass, removeClass, removedClasses } from './timetable'
import { unreadable, unreadableSessions } from './unreadable'
import { keepVersion } from './versions'

const server = process.env.TEST_DATABASE_URL
const engines: [string, () => Promise<Connection>][] = [
  ['PGlite', openMemory],
  ...(server ? [['PostgreSQL server', () => openServer(server)] as [string, () => Promise<Connection>]] : []),
]

test('with npm test the server is there too', () => {
  if (process.env.CI) expect(server).toBeDefined()
})

const person = (given: string) => clientSchema.parse({ given, birthDate: '1950-01-01', conditions: [{ slug: 'osteoporosis', side: 'left' }] })
const word = overruleSchema.parse({
  variant: 'squat/free',
  reason: 'seen by me for a year',
  by: 'Nobody',
  on: '2026-11-01',
  until: '2026-12-01',
  verdict: 'swap',
  rules: ['OP-1'],
})
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
      Array.from({ length: 6 }, (_, index) => savePlan(held.db, studio, id, 1, { ...plan, title: `Try ${index}` }, '2026-11-24')),
    )
    expect(outcomes.filter(({ status }) => status === 'fulfilled')).toHaveLength(1)
    expect((await getClass(held.db, studio, id)).revision).toBe(2)
  })

  test('what is newer than a plan: who joined, whose record was changed, what was said at the door; and nothing once it is planned anew', async () => {
    const id = await aClass()
    const [there, changed, asked, fresh] = [randomUUID(), randomUUID(), randomUUID(), randomUUID()]
    for (const client of [there, changed, asked, fresh]) await addClient(held.db, studio, client, person('Ida'))
    const since = async (day = '2026-11-24') => Object.fromEntries(await changedSince(held.db, studio, id, day))
    await setRoster(held.db, studio, id, [there, changed, asked])
    await savePlan(held.db, studio, id, 1, { ...plan, title: 'Planned' }, '2026-11-24')
    expect(await since()).toEqual({})
    await saveClient(held.db, studio, changed, 1, person('Ida, changed'))
    await setRoster(held.db, studio, id, [there, changed, asked, fresh])
    const { id: session } = await openSession(held.db, studio, randomUUID(), id, '2026-11-24')
    await setCheckIn(held.db, studio, session, asked, 0, { presence: 'present', checkIn: { painNow: 3 } })
    // who was on the list stays as old as they were, and the door of one day is not that of another
    expect(await since()).toEqual({ [changed]: 'record', [asked]: 'today', [fresh]: 'new' })
    expect(await since('2026-12-01')).toEqual({ [changed]: 'record', [fresh]: 'new' })
    await savePlan(held.db, studio, id, 2, { ...plan, title: 'Planned anew' }, '2026-11-24')
    expect(await since('2026-12-01')).toEqual({})
  })

  test('what was wished of a class is kept with it, and of a brief no more than that', async () => {
    const id = await aClass()
    expect(await wishesOf(held.db, studio, id)).toBeNull()
    const brief = briefSchema.parse({ version: 1, title: 'Seats', minutes: 30, goals: { balance: 3 }, banned: ['plank'], lately: ['march'] })
    await keepWishes(held.db, studio, id, wishesSchema.parse(brief))
    const kept = await wishesOf(held.db, studio, id)
    expect(kept).toMatchObject({ goals: { balance: 3, strength: 0 }, banned: ['plank'] })
    expect(kept).not.toHaveProperty('lately')
    await expect(keepWishes(held.db, studio, randomUUID(), kept!)).rejects.toThrow(NotFoundError)
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

  test('of a class in a series each day has the plan of its turn; a session that is open follows it until it begins', async () => {
    const id = await aClass()
    const on = async (day: string) => (await planDays(held.db, studio, await getClass(held.db, studio, id))).on(day)
    expect(await on('2026-11-24')).toEqual({ plan: { ...plan, room: { ...plan.room, startHour: 10 } }, left: [] })
    const other = { ...plan, promisedMinutes: 45 }
    await savePlan(held.db, studio, id, 1, other, '2026-11-24')
    await keepVersion(held.db, studio, randomUUID(), id, 'Long')
    await savePlan(held.db, studio, id, 2, plan, '2026-11-24')
    const open = await openSession(held.db, studio, randomUUID(), id, '2026-12-01')
    expect(open.plan.promisedMinutes).toBe(plan.promisedMinutes)
    const turns = [{ focus: 'Short' }, { focus: 'Long', version: 'Long', homework: ['march'] }, { version: 'Lost' }]
    const series = seriesSchema.parse({ version: 1, from: '2026-11-24', weeks: 4, turns })
    expect(await saveSeries(held.db, studio, id, 1, series, '2026-11-24')).toBe(2)
    await expect(saveSeries(held.db, studio, id, 1, null, '2026-11-24')).rejects.toThrow(StaleError)
    expect((await getClass(held.db, studio, id)).series).toEqual(series)
    const minutes = async (day: string) => (await on(day)).plan.promisedMinutes
    expect([await minutes('2026-11-24'), await minutes('2026-12-01'), await minutes('2026-12-08')]).toEqual([
      plan.promisedMinutes,
      45,
      plan.promisedMinutes,
    ])
    expect((await on('2026-12-01')).at).toEqual({
      day: '2026-12-01',
      week: 2,
      of: 4,
      session: 2,
      turn: 1,
      gentler: false,
      focus: 'Long',
      homework: ['march'],
    })
    expect((await on('2026-12-08')).lost).toBe('Lost')
    // no day of the series
    expect((await on('2026-12-02')).at).toBeUndefined()
    // what was open before follows, and what is opened after it too
    expect((await getSession(held.db, studio, open.id)).plan.promisedMinutes).toBe(45)
    expect((await openSession(held.db, studio, randomUUID(), id, '2026-12-08')).plan.promisedMinutes).toBe(plan.promisedMinutes)
    // the same name kept anew is what the series is led by from then on
    await savePlan(held.db, studio, id, 3, { ...plan, promisedMinutes: 50 }, '2026-11-24')
    await keepVersion(held.db, studio, randomUUID(), id, 'Long')
    await followPlan(held.db, studio, id, '2026-11-24')
    expect((await getSession(held.db, studio, open.id)).plan.promisedMinutes).toBe(50)
    await addEvents(held.db, studio, open.id, [{ id: randomUUID(), at: 1, kind: 'start' }])
    await saveSeries(held.db, studio, id, 2, null, '2026-11-24')
    expect((await getSession(held.db, studio, open.id)).plan.promisedMinutes).toBe(50)
    expect(await minutes('2026-12-01')).toBe(50)
  })

  test('a session is opened once a day, follows the plan until it begins, and then keeps it', async () => {
    const id = await aClass()
    const past = await openSession(held.db, studio, randomUUID(), id, '2026-11-17')
    const first = await openSession(held.db, studio, randomUUID(), id, '2026-11-24')
    const change = (revision: number, title: string) => savePlan(held.db, studio, id, revision, { ...plan, title }, '2026-11-24')
    expect(await change(1, 'Later')).toEqual({ revision: 2, begun: false })
    const again = await openSession(held.db, studio, randomUUID(), id, '2026-11-24')
    expect(again).toEqual({ ...first, plan: { ...plan, title: 'Later', room: { ...plan.room, startHour: 10 } } })
    expect((await openSession(held.db, studio, randomUUID(), id, '2026-11-17')).plan).toEqual(past.plan)
    await addEvents(held.db, studio, first.id, [{ id: randomUUID(), at: 1, kind: 'start' }])
    expect(await change(2, 'Too late')).toEqual({ revision: 3, begun: true })
    expect((await openSession(held.db, studio, randomUUID(), id, '2026-11-24')).plan.title).toBe('Later')
    expect((await openSession(held.db, studio, randomUUID(), id, '2026-12-01')).plan.title).toBe('Too late')
    await expect(openSession(held.db, studio, randomUUID(), randomUUID(), '2026-11-24')).rejects.toThrow(NotFoundError)
  })

  test('events sent twice count once and come back in order', async () => {
    const { id } = await openSession(held.db, studio, randomUUID(), await aClass(), '2026-11-24')
    const events = [
      { id: randomUUID(), at: 2000, kind: 'pause' as const },
      { id: randomUUID(), at: 1000, kind: 'start' as const },
      { id: randomUUID(), at: 3000, kind: 'stop-sign' as const, text: 'B: unusual fatigue' },
    ]
    const ids = events.map((event) => event.id)
    expect(await addEvents(held.db, studio, id, events)).toEqual({ kept: ids, refused: [] })
    expect(await addEvents(held.db, studio, id, events.slice(1))).toEqual({ kept: ids.slice(1), refused: [] })
    // an id that is known with other content is no retry, and does not hold up the next
    const fresh = { id: randomUUID(), at: 4000, kind: 'end' as const }
    const outcome = await addEvents(held.db, studio, id, [{ ...events[0]!, kind: 'end' }, fresh])
    expect(outcome).toEqual({ kept: [fresh.id], refused: [{ id: ids[0], why: 'this id was used for another tap' }] })
    expect((await eventsOf(held.db, studio, id)).map(({ kind }) => kind)).toEqual(['start', 'pause', 'stop-sign', 'end'])
  })

  test('attendance and log are written whole or not at all', async () => {
    const client = randomUUID()
    await addClient(held.db, studio, client, person('Cleo'))
    const { id } = await openSession(held.db, studio, randomUUID(), await aClass(), '2026-11-24')
    expect(await setCheckIn(held.db, studio, id, client, 0, { presence: 'present', checkIn: { painNow: 2 } })).toBe(1)
    const row = { clientId: client, presence: 'present' as const, exertion: 3.5, painDuring: 1, painNextDay: null, note: 'fine', marks: [] }
    const entries = [{ clientId: client, item: 'i', variant: 'march/seated', kg: null, side: null, band: 'reed' }]
    expect(await saveLog(held.db, studio, id, 1, { rows: [row], entries, note: 'slower', notes: null })).toBe(2)
    // what was said at the door is not the log's to change
    const kept = [{ ...row, checkIn: { painNow: 2 }, revision: 1 }]
    expect(await attendanceOf(held.db, studio, id)).toEqual(kept)
    const lost = { rows: [{ ...row, clientId: randomUUID() }], entries: [], note: 'lost', notes: null }
    await expect(saveLog(held.db, studio, id, 2, lost)).rejects.toThrow(NotFoundError)
    await expect(saveLog(held.db, studio, id, 1, { rows: [{ ...row, note: 'late' }], entries: [], note: 'late', notes: null })).rejects.toThrow(
      StaleError,
    )
    expect(await attendanceOf(held.db, studio, id)).toEqual(kept)
    expect(await logOf(held.db, studio, id)).toHaveLength(1)
    const listed = (await listSessions(held.db, studio)).sessions.find((session) => session.id === id)
    expect([listed?.came, listed?.exertion]).toEqual([1, 3.5])
  })

  test('somebody whom the log does not name keeps what the door said of them', async () => {
    const [named, other] = [randomUUID(), randomUUID()]
    await addClient(held.db, studio, named, person('Pia'))
    await addClient(held.db, studio, other, person('Quin'))
    const { id } = await openSession(held.db, studio, randomUUID(), await aClass(), '2026-11-24')
    await setCheckIn(held.db, studio, id, other, 0, { presence: 'present', checkIn: { dayFeel: 'unwell' } })
    await saveLog(held.db, studio, id, 1, {
      rows: [{ clientId: named, presence: 'present', exertion: 3, painDuring: 0, painNextDay: null, note: null, marks: [] }],
      entries: [],
      note: null,
      notes: null,
    })
    const rows = await attendanceOf(held.db, studio, id)
    expect(rows.find(({ clientId }) => clientId === other)).toMatchObject({ presence: 'present', checkIn: { dayFeel: 'unwell' } })
    expect(rows).toHaveLength(2)
  })

  test('of two devices at the door the second is told what the first kept', async () => {
    const client = randomUUID()
    await addClient(held.db, studio, client, person('Rae'))
    const { id } = await openSession(held.db, studio, randomUUID(), await aClass(), '2026-11-24')
    await setCheckIn(held.db, studio, id, client, 0, { presence: 'present', checkIn: { dayFeel: 'unwell' } })
    const second = await setCheckIn(held.db, studio, id, client, 0, { presence: 'present', checkIn: null }).catch((error: unknown) => error)
    expect(second).toBeInstanceOf(StaleError)
    expect(second).toMatchObject({ newer: { presence: 'present', checkIn: { dayFeel: 'unwell' } }, newerRevision: 1 })
    expect(await setCheckIn(held.db, studio, id, client, 1, { presence: 'absent', checkIn: null })).toBe(2)
  })

  test('a roster that was changed meanwhile is not written over', async () => {
    const [id, one, other] = [await aClass(), randomUUID(), randomUUID()]
    await addClient(held.db, studio, one, person('Sol'))
    await addClient(held.db, studio, other, person('Tam'))
    expect(await setPlaces(held.db, studio, id, 1, [{ clientId: one, place: 'enrolled' }])).toBe(2)
    const late = await setPlaces(held.db, studio, id, 1, [{ clientId: other, place: 'guest' }]).catch((error: unknown) => error)
    expect(late).toBeInstanceOf(StaleError)
    expect(late).toMatchObject({ newer: [{ clientId: one, place: 'enrolled' }], newerRevision: 2 })
    expect(await placesOf(held.db, studio, id)).toEqual([{ clientId: one, place: 'enrolled' }])
  })

  test('erasing a person takes their roster places, attendance and log along', async () => {
    const [client, classId] = [randomUUID(), await aClass()]
    await addClient(held.db, studio, client, person('Dot'))
    await setRoster(held.db, studio, classId, [client])
    const { id } = await openSession(held.db, studio, randomUUID(), classId, '2026-11-24')
    await setCheckIn(held.db, studio, id, client, 0, { presence: 'present', checkIn: null })
    const [about, other] = [randomUUID(), randomUUID()]
    await addEvents(held.db, studio, id, [
      { id: about, at: 1000, kind: 'stop-sign', text: 'Dot felt faint', person: client },
      { id: other, at: 2000, kind: 'note', text: 'window open' },
    ])
    expect((await traceOf(held.db, studio, client)).events).toMatchObject([{ kind: 'stop-sign', text: 'Dot felt faint' }])
    await eraseClient(held.db, studio, client)
    // what happened keeps its time, without the person and the words
    expect(await eventsOf(held.db, studio, id)).toEqual([
      { id: about, at: 1000, kind: 'stop-sign' },
      { id: other, at: 2000, kind: 'note', text: 'window open' },
    ])
    expect(await traceOf(held.db, studio, client)).toEqual({ log: [], events: [], places: [] })
    expect(await rosterOf(held.db, studio, classId)).toEqual([])
    expect(await attendanceOf(held.db, studio, id)).toEqual([])
    await expect(eraseClient(held.db, studio, client)).rejects.toThrow(NotFoundError)
  })

  test('a letter is kept byte for byte, listed without its content, and goes with its person', async () => {
    const [client, id] = [randomUUID(), randomUUID()]
    await addClient(held.db, studio, client, person('Eve'))
    const content = Uint8Array.from({ length: 300 }, (_, index) => index % 256)
    await addLetter(held.db, studio, { id, clientId: client, condition: 'osteoporosis', name: 'letter.pdf', mime: 'application/pdf', content })
    expect(await lettersOf(held.db, studio, client)).toEqual([
      { id, clientId: client, condition: 'osteoporosis', name: 'letter.pdf', mime: 'application/pdf', bytes: 300 },
    ])
    expect(Uint8Array.from((await letterContent(held.db, studio, id)).content)).toEqual(content)
    await expect(letterContent(held.db, randomUUID(), id)).rejects.toThrow(NotFoundError)
    await eraseClient(held.db, studio, client)
    await expect(letterContent(held.db, studio, id)).rejects.toThrow(NotFoundError)
  })

  test('overrules are kept as a trace, by person', async () => {
    const [one, other] = [randomUUID(), randomUUID()]
    for (const [id, given] of [
      [one, 'Fay'],
      [other, 'Gus'],
    ] as const)
      await addClient(held.db, studio, id, person(given))
    await addOverrule(held.db, studio, randomUUID(), one, overruleSchema.parse(word))
    await addOverrule(held.db, studio, randomUUID(), one, overruleSchema.parse({ ...word, on: '2026-11-08', reason: 'again' }))
    expect((await overrulesOf(held.db, studio, [one, other])).map(({ clientId, record }) => [clientId, record.reason])).toEqual([
      [one, 'seen by me for a year'],
      [one, 'again'],
    ])
    expect(await overrulesOf(held.db, studio, [other])).toEqual([])
    expect(await overrulesOf(held.db, studio, [])).toEqual([])
  })

  test('a form and what it does to the record are kept together or not at all; the newest first', async () => {
    const [client, older, newer] = [randomUUID(), randomUUID(), randomUUID()]
    await addClient(held.db, studio, client, person('Hal'))
    const form = (id: string, day: string) => ({ id, clientId: client, day, answers: { G1: { keys: ['none'] } } })
    const noted = (note: string) => (record: ClientRecord) => ({ ...record, note })
    await keepForm(held.db, studio, form(older, '2025-10-01'), noted('first'))
    await keepForm(held.db, studio, form(newer, '2026-11-01'), noted('second'))
    const refuse = () => {
      throw new Error('no')
    }
    await expect(keepForm(held.db, studio, form(randomUUID(), '2026-11-02'), refuse)).rejects.toThrow('no')
    const { record, revision } = await getClient(held.db, studio, client)
    expect([record.note, revision]).toEqual(['second', 3])
    await expect(confirmForm(held.db, studio, form(newer, '2026-11-02'), 1, noted('stale'))).rejects.toThrow(StaleError)
    await confirmForm(held.db, studio, form(newer, '2026-11-02'), revision, noted('confirmed'))
    expect((await screeningsOf(held.db, studio, client)).map(({ id, confirmedOn }) => [id, confirmedOn])).toEqual([
      [newer, '2026-11-02'],
      [older, null],
    ])
    expect((await getClient(held.db, studio, client)).record.note).toBe('confirmed')
    expect((await getScreening(held.db, studio, older)).answers).toEqual({ G1: { keys: ['none'] } })
    await expect(getScreening(held.db, studio, randomUUID())).rejects.toThrow(NotFoundError)
    await expect(keepForm(held.db, randomUUID(), form(randomUUID(), '2026-11-03'), noted('foreign'))).rejects.toThrow(NotFoundError)
  })

  test('a form of an earlier kind is a row that says so', async () => {
    const [client, id] = [randomUUID(), randomUUID()]
    await addClient(held.db, studio, client, person('Ola'))
    await held.db.insert(screenings).values({ id, studioId: studio, clientId: client, day: '2025-01-01', answers: { G1: 'no' } as never })
    expect((await getScreening(held.db, studio, id)).answers).toBeUndefined()
  })

  test('a document that cannot be read is a row that says so; the others are there, and it is left as it is', async () => {
    const fresh = randomUUID()
    await held.db.execute(sql`insert into studio (id, name, instructor) values (${fresh}, 'Broken hall', 'Nobody')`)
    const [good, bad, badPerson, badOwn] = [randomUUID(), randomUUID(), randomUUID(), randomUUID()]
    await addClass(held.db, fresh, { id: good, plan, weekday: 2, startTime: '10:00' })
    await held.db.insert(classes).values({ id: bad, studioId: fresh, plan: { title: 7 } as never })
    await held.db.insert(clients).values({ id: badPerson, studioId: fresh, record: { given: '' } as never })
    await held.db.insert(ownMovements).values({ id: badOwn, studioId: fresh, document: { version: 99 } as never })
    expect((await listClasses(held.db, fresh)).map(({ id }) => id)).toEqual([good])
    expect(await listClients(held.db, fresh)).toEqual([])
    expect(await listOwn(held.db, fresh)).toEqual([])
    await expect(getClass(held.db, fresh, bad)).rejects.toThrow(UnreadableError)
    await expect(getClass(held.db, fresh, bad)).rejects.toThrow(/kept as it is; restore a backup/)
    const told = await unreadable(held.db, fresh)
    expect(told.map(({ what, id }) => [what, id])).toEqual([
      ['class', bad],
      ['person', badPerson],
      ['movement', badOwn],
    ])
    expect(told[0]?.problems).toMatch(/title/)
    expect(await unreadableSessions(held.db, fresh)).toEqual([])
  })

  test('a request that is sent again with its key is answered as the first time, and writes nothing; with other content it is refused', async () => {
    const key = randomUUID()
    const make = (given: string) =>
      once(held.db, studio, key, { given }, async (tx) => {
        const id = randomUUID()
        await addClient(tx, studio, id, person(given))
        return { id }
      })
    const there = async () => (await listClients(held.db, studio)).filter(({ record }) => record.given.startsWith('Once')).length
    const first = await make('Once')
    expect(await make('Once')).toEqual(first)
    await expect(make('Once more')).rejects.toThrow(AlreadyDoneError)
    expect(await there()).toBe(1)
    // what failed was not done, and may be asked for again
    const broken = randomUUID()
    await expect(once(held.db, studio, broken, {}, () => Promise.reject(new Error('no')))).rejects.toThrow('no')
    expect(await once(held.db, studio, broken, {}, async () => ({ done: true }))).toEqual({ done: true })
    // a day later the key is forgotten
    await held.db.execute(sql`update request set created_at = now() - interval '25 hours' where key = ${key}`)
    await make('Once')
    expect(await there()).toBe(2)
  })

  test('a class is moved, copied with its people, removed, put back, and deleted for good only when it was removed', async () => {
    const [client, id, copy] = [randomUUID(), await aClass(), randomUUID()]
    await addClient(held.db, studio, client, person('Tam'))
    await setRoster(held.db, studio, id, [client])
    const time = { weekday: 4, startTime: '18:30', calendar: { dates: ['2026-12-24'], off: ['2026-12-31'] } }
    expect(await saveTime(held.db, studio, id, 1, time, '2026-11-24')).toBe(2)
    await expect(saveTime(held.db, studio, id, 1, { ...time, weekday: 1 }, '2026-11-24')).rejects.toThrow(StaleError)
    const moved = await getClass(held.db, studio, id)
    expect(moved).toMatchObject(time)
    expect(moved.plan.room.startHour).toBe(18)
    await copyClass(held.db, studio, id, copy, 'The other', true)
    expect((await getClass(held.db, studio, copy)).plan).toEqual({ ...moved.plan, title: 'The other' })
    expect((await rosterOf(held.db, studio, copy)).map((one) => one.id)).toEqual([client])
    const session = await openSession(held.db, studio, randomUUID(), id, '2026-11-24')
    expect(session.plan.room.startHour).toBe(18)
    await expect(eraseClass(held.db, studio, id)).rejects.toThrow(NotFoundError)
    await removeClass(held.db, studio, id)
    const listed = async () => (await listClasses(held.db, studio)).map((one) => one.id)
    expect(await listed()).not.toContain(id)
    await expect(getClass(held.db, studio, id)).rejects.toThrow(NotFoundError)
    await expect(openSession(held.db, studio, randomUUID(), id, '2026-11-25')).rejects.toThrow(NotFoundError)
    expect((await getSession(held.db, studio, session.id)).plan.title).toBe(moved.plan.title)
    expect((await removedClasses(held.db, studio)).find((one) => one.id === id)).toMatchObject({ sessions: 1, title: moved.plan.title })
    await putBackClass(held.db, studio, id)
    expect(await listed()).toContain(id)
    await removeClass(held.db, studio, id)
    await eraseClass(held.db, studio, id)
    await expect(getSession(held.db, studio, session.id)).rejects.toThrow(NotFoundError)
  })

  test('a movement of one’s own that was taken out is found by what uses it and offered nowhere', async () => {
    const id = randomUUID()
    await addOwn(held.db, studio, id, ownFrom(LIBRARY.byId.get('march/seated')!))
    await setOwnRemoved(held.db, studio, id, true)
    const { catalogue } = await studioLibrary(held.db, studio)
    expect(catalogue.byId.has(`own-${id}/own`)).toBe(true)
    expect(catalogue.entries.some(({ variant }) => variant.id === `own-${id}/own`)).toBe(false)
    await setOwnRemoved(held.db, studio, id, false)
    expect((await studioLibrary(held.db, studio)).catalogue.entries.some(({ variant }) => variant.id === `own-${id}/own`)).toBe(true)
  })

  test('who no longer agrees: nothing of their health is left, the days on which they came are, and they are in no class', async () => {
    const [client, other, classId] = [randomUUID(), randomUUID(), await aClass()]
    await addClient(held.db, studio, client, { ...person('Oona'), note: 'a private thing', emergencyContact: 'a neighbour' })
    await addClient(held.db, studio, other, person('Pim'))
    await setRoster(held.db, studio, classId, [client, other])
    const session = await openSession(held.db, studio, randomUUID(), classId, '2026-10-06')
    await setCheckIn(held.db, studio, session.id, client, 0, { presence: 'present', checkIn: checkInSchema.parse({ dizzyNow: true }) })
    const row = { presence: 'present' as const, exertion: 6, painDuring: 2, painNextDay: null, note: 'tired', marks: [] }
    await saveLog(held.db, studio, session.id, session.revision, {
      rows: [client, other].map((clientId) => ({ clientId, ...row })),
      entries: [{ clientId: client, item: 'i', variant: 'rest', kg: null, side: null, band: null }],
      note: null,
      notes: null,
    })
    await addOverrule(held.db, studio, randomUUID(), client, word)
    await addLetter(held.db, studio, {
      id: randomUUID(),
      clientId: client,
      condition: 'osteoporosis',
      name: 'l.pdf',
      mime: 'application/pdf',
      content: new Uint8Array([1]),
    })
    await addEvents(held.db, studio, session.id, [{ id: randomUUID(), at: 1, kind: 'stop-sign', text: 'felt faint', person: client }])
    expect(await eraseHealth(held.db, studio, client, '2026-11-24')).toBe(2)
    const { record } = await getClient(held.db, studio, client)
    expect(record).toMatchObject({ given: 'Oona', emergencyContact: 'a neighbour', conditions: [], consentWithdrawnOn: '2026-11-24' })
    expect(JSON.stringify(record)).not.toMatch(/osteoporosis|private/)
    expect(await lettersOf(held.db, studio, client)).toEqual([])
    expect(await overrulesOf(held.db, studio, [client])).toEqual([])
    expect((await logOf(held.db, studio, session.id)).some(({ clientId }) => clientId === client)).toBe(false)
    const said = (await attendanceOf(held.db, studio, session.id)).find(({ clientId }) => clientId === client)
    expect(said).toMatchObject({ presence: 'present', checkIn: null, exertion: null, painDuring: null, note: null })
    expect((await attendanceOf(held.db, studio, session.id)).find(({ clientId }) => clientId === other)).toMatchObject({ exertion: 6, note: 'tired' })
    expect((await eventsOf(held.db, studio, session.id))[0]).toEqual(expect.not.objectContaining({ person: client, text: 'felt faint' }))
    expect((await rosterOf(held.db, studio, classId)).map(({ id }) => id)).toEqual([other])
    await expect(eraseHealth(held.db, studio, randomUUID(), '2026-11-24')).rejects.toThrow(NotFoundError)
  })

  test('a word of one’s own is taken back from a day on and stays as a trace', async () => {
    const [client, id] = [randomUUID(), randomUUID()]
    await addClient(held.db, studio, client, person('Quill'))
    await addOverrule(held.db, studio, id, client, { ...word, on: '2026-11-01', until: '2026-12-31' })
    await withdrawOverrule(held.db, studio, id, '2026-11-24')
    await withdrawOverrule(held.db, studio, id, '2026-11-30')
    const [kept] = await overrulesOf(held.db, studio, [client])
    expect(kept!.record).toMatchObject({ reason: word.reason, withdrawnOn: '2026-11-24' })
    expect(overrulesOn([kept!.record], '2026-11-23')).toHaveLength(1)
    expect(overrulesOn([kept!.record], '2026-11-24')).toEqual([])
  })

  test('who came last before a day, or never came and was registered before it', async () => {
    const [long, lately, never, classId] = [randomUUID(), randomUUID(), randomUUID(), await aClass()]
    for (const [id, given] of [
      [long, 'Rhona'],
      [lately, 'Sorrel'],
      [never, 'Tansy'],
    ] as const)
      await addClient(held.db, studio, id, person(given))
    await held.db.execute(sql`update client set created_at = '2020-01-01' where id in (${long}, ${lately}, ${never})`)
    for (const [client, day] of [
      [long, '2021-05-04'],
      [lately, '2021-05-05'],
      [lately, '2026-05-05'],
    ] as const) {
      const session = await openSession(held.db, studio, randomUUID(), classId, day)
      await setCheckIn(held.db, studio, session.id, client, 0, { presence: 'present', checkIn: null })
    }
    const found = await notSince(held.db, studio, '2023-11-24')
    const three: string[] = [long, lately, never]
    expect(found.filter(({ id }) => three.includes(id))).toEqual([
      { id: never, last: '2020-01-01' },
      { id: long, last: '2021-05-04' },
    ])
  })

  test('what was read is given again until its row changes, by whomever, and cannot be changed in memory', async () => {
    const client = randomUUID()
    await addClient(held.db, studio, client, person('Wyn'))
    const read = async () => (await listClients(held.db, studio)).find(({ id }) => id === client)!
    const first = await read()
    expect(await read()).toBe(first)
    expect(() => first.record.conditions.push({ slug: 'osteoporosis' })).toThrow(TypeError)
    await held.db.execute(sql`update client set record = jsonb_set(record, '{given}', '"Wynne"') where id = ${client}`)
    expect((await read()).record.given).toBe('Wynne')
    // what was rolled back was never there
    await held.db
      .transaction(async (tx) => {
        await saveClient(tx, studio, client, 1, person('Gone'))
        expect((await listClients(tx, studio)).map(({ record }) => record.given)).toContain('Gone')
        throw new Error('no')
      })
      .catch(() => {})
    expect((await read()).record.given).toBe('Wynne')
    await eraseClient(held.db, studio, client)
    expect((await listClients(held.db, studio)).some(({ id }) => id === client)).toBe(false)
  })

  test('days on which people came, for the weeks in the programme', async () => {
    const [client, other, classId] = [randomUUID(), randomUUID(), await aClass()]
    await addClient(held.db, studio, client, person('Una'))
    await addClient(held.db, studio, other, person('Vic'))
    for (const [day, came] of [
      ['2026-10-06', true],
      ['2026-10-13', false],
      ['2026-10-20', true],
      ['2026-12-01', true],
    ] as const) {
      const { id } = await openSession(held.db, studio, randomUUID(), classId, day)
      await setCheckIn(held.db, studio, id, client, 0, { presence: came ? 'present' : 'absent', checkIn: null })
    }
    const days = await attendedDays(held.db, studio, [client, other], '2026-11-01')
    expect([days.get(client), days.get(other)]).toEqual([['2026-10-06', '2026-10-20'], []])
  })

  test('what was said at the door holds that day, or until its end date, and the newest counts', async () => {
    const [client, classId] = [randomUUID(), await aClass()]
    await addClient(held.db, studio, client, person('Ida'))
    await setRoster(held.db, studio, classId, [client])
    const said = async (day: string, words: Parameters<typeof checkInSchema.parse>[0]) => {
      const { id } = await openSession(held.db, studio, randomUUID(), classId, day)
      await setCheckIn(held.db, studio, id, client, 0, { presence: 'present', checkIn: checkInSchema.parse(words) })
    }
    const on = async (day: string) => (await checkInsOn(held.db, studio, [client], day)).get(client)
    await said('2026-11-03', { dayFeel: 'a-bit-off', until: '2026-11-20' })
    expect((await on('2026-11-03'))?.dayFeel).toBe('a-bit-off')
    expect((await on('2026-11-20'))?.dayFeel).toBe('a-bit-off')
    expect(await on('2026-11-21')).toBeUndefined()
    expect(await on('2026-11-02')).toBeUndefined()
    await said('2026-11-10', { dayFeel: 'unwell' })
    expect((await on('2026-11-10'))?.dayFeel).toBe('unwell')
    // a word for one day does not end what was said to last
    expect((await on('2026-11-11'))?.dayFeel).toBe('a-bit-off')
  })

  test('a movement of the studio’s own is kept with its revision; a stale save is refused', async () => {
    const id = randomUUID()
    const own = ownFrom(LIBRARY.byId.get('row/band-light')!)
    await addOwn(held.db, studio, id, own)
    expect(await saveOwn(held.db, studio, id, 1, { ...own, name: 'Boathouse row' })).toBe(2)
    await expect(saveOwn(held.db, studio, id, 1, own)).rejects.toThrow(StaleError)
    expect((await getOwn(held.db, studio, id)).document.name).toBe('Boathouse row')
    expect((await listOwn(held.db, studio)).map((kept) => kept.id)).toContain(id)
    expect(await listOwn(held.db, randomUUID())).toEqual([])
  })
})

test('the demo data has four classes, about thirty people and six weeks of led sessions, and loads once', async () => {
  const { db, close } = await openMemory()
  const { id } = await theStudio(db, { id: randomUUID(), name: 'Demo hall', instructor: 'Odile Marrow' })
  expect(await loadDemo(db, id, '2026-11-24')).toBe(true)
  expect(await loadDemo(db, id, '2026-11-24')).toBe(false)
  expect(await listClasses(db, id)).toHaveLength(4)
  const people = (await listClients(db, id)).length
  expect(people).toBeGreaterThanOrEqual(28)
  expect(people).toBeLessThanOrEqual(36)
  const { sessions } = await listSessions(db, id)
  expect(sessions).toHaveLength(24)
  expect(sessions.every(({ came }) => came > 0)).toBe(true)
  await close()
})
