import { randomUUID } from 'node:crypto'
import fc from 'fast-check'
import { afterAll, beforeAll, describe, expect, test, vi } from 'vitest'
import { CONDITIONS } from '@/content/conditions'
import { LIBRARY } from '@/content/movements'
import { type ClientInput, clientSchema, conditionChoices } from '@/core/client'
import { ownFrom } from '@/core/movement'
import { planSchema } from '@/core/plan'
import { buildRuleBase } from '@/core/safety'
import { settingsSchema } from '@/core/vocabulary'
import { type Connection, openMemory } from '../db/connection'
import { getClass, listClasses, placesOf } from '../repositories/classes'
import { getClient, listClients } from '../repositories/clients'
import { attendanceOf, logOf } from '../repositories/log'
import { overrulesOf } from '../repositories/overrules'
import { listOwn } from '../repositories/ownMovements'
import { screeningsOf } from '../repositories/screenings'
import { getSession } from '../repositories/sessions'
import { here } from '../studio'
import * as classes from './classes'
import * as door from './door'
import * as movements from './movements'
import type { Outcome } from './outcome'
import * as people from './people'
import * as screening from './screening'
import * as sessions from './sessions'
import * as settings from './settings'
import * as versions from './versions'

// outside of a request there is no page to load anew
vi.mock('next/cache', () => ({ refresh: () => {} }))

const DAY = '2026-11-24'
let held: Connection
let studio = ''
beforeAll(async () => {
  process.env.VELVET_TODAY = DAY
  held = await openMemory()
  Object.assign(globalThis, { velvetConnection: Promise.resolve(held) })
  studio = (await here()).studio.id
})
afterAll(() => held.close())

/** What an action answered, or a failure that says why it did not. */
async function done<T extends object>(outcome: Promise<Outcome<T, unknown>>): Promise<T> {
  const said = await outcome
  if (!said.ok) throw new Error(JSON.stringify(said))
  return said
}
const made = (record: ClientInput, more: object = {}) => people.createPerson({ key: randomUUID(), record: clientSchema.parse(record), ...more })
const somebody = async (given: string, rest: Partial<ClientInput> = {}) =>
  (await done(made({ given, family: randomUUID().slice(0, 8), birthDate: '1950-01-01', ...rest }))).id
const plan = planSchema.parse({
  title: 'Seats',
  promisedMinutes: 20,
  phases: [
    {
      id: 'm',
      kind: 'main',
      blocks: [
        {
          id: 'b',
          items: [
            { id: 'i', variant: 'march/seated' },
            { id: 'j', variant: 'squat/free' },
          ],
        },
      ],
    },
  ],
})
async function aClass(title: string) {
  const { id } = await done(
    classes.createClass({ key: randomUUID(), title, promisedMinutes: 20, weekday: 2, startTime: '17:45', from: { kind: 'empty' } }),
  )
  const { revision } = await getClass(held.db, studio, id)
  await done(classes.saveClass({ id, revision, plan: { ...plan, title } }))
  return id
}

describe('what is accepted is there afterwards, to the last field', () => {
  const choices = conditionChoices(buildRuleBase(CONDITIONS))
  const condition = fc.constantFrom(...choices).chain(({ slug, variants, sided, dated }) =>
    fc.record(
      {
        slug: fc.constant(slug),
        variant: fc.constantFrom(...variants),
        ...(sided && { side: fc.constantFrom('left' as const, 'right' as const, 'both' as const) }),
        ...(dated && { since: fc.constantFrom('2026-09-01', '2020-02-29', '2001-12-31') }),
        note: fc.constantFrom('since the winter', '“as before”'),
      },
      { requiredKeys: ['slug'] },
    ),
  )
  const record = fc.record(
    {
      given: fc.constantFrom('Ada', 'Çelik', 'Þóra', 'Ng'),
      family: fc.uuid().map((text) => text.slice(0, 8)),
      birthDate: fc.constantFrom('1944-02-29', '1950-01-01', '1990-12-31'),
      conditions: fc.uniqueArray(condition, { selector: ({ slug }) => slug, maxLength: 5 }),
      statureCm: fc.integer({ min: 120, max: 220 }),
      sex: fc.constantFrom('female' as const, 'male' as const),
      medicines: fc.record({ betaBlocker: fc.boolean(), bloodThinner: fc.boolean() }, { requiredKeys: [] }),
      capability: fc.record({ riseNoHands: fc.boolean(), singleLegSec: fc.integer({ min: 0, max: 30 }) }, { requiredKeys: [] }),
      unlisted: fc.array(fc.record({ words: fc.constantFrom('a rare disease', 'something of the ear') }), { maxLength: 2 }),
      ownHelper: fc.boolean(),
      consentOn: fc.constant('2026-11-01'),
      emergencyContact: fc.constant('a neighbour, 123'),
      note: fc.constant('likes the window'),
    },
    { requiredKeys: ['given', 'family', 'birthDate', 'conditions'] },
  )

  test('a person, as registered and as changed', async () => {
    await fc.assert(
      fc.asyncProperty(record, record, async (first, second) => {
        // chance may give two of a name, which is not what is asked here
        const { id } = await done(made(first as ClientInput, { namesake: true }))
        expect((await getClient(held.db, studio, id)).record).toEqual(clientSchema.parse(first))
        const { revision } = await done(people.savePerson({ id, revision: 1, record: clientSchema.parse(second) }))
        expect(await getClient(held.db, studio, id)).toEqual({ id, revision, record: clientSchema.parse(second) })
      }),
      { numRuns: 40 },
    )
  })

  test('what somebody lifts in a movement, the latest of each, and nothing when it is the plan again', async () => {
    const id = await somebody('Ola')
    const loads = async () => (await getClient(held.db, studio, id)).record.ownLoads
    await done(people.keepOwnLoad({ clientId: id, movement: 'curl', kg: 0.5 }))
    await done(people.keepOwnLoad({ clientId: id, movement: 'row', kg: 3 }))
    await done(people.keepOwnLoad({ clientId: id, movement: 'curl', kg: 1 }))
    expect(await loads()).toEqual([
      { movement: 'row', kg: 3, on: DAY },
      { movement: 'curl', kg: 1, on: DAY },
    ])
    await done(people.keepOwnLoad({ clientId: id, movement: 'row', kg: null }))
    expect(await loads()).toEqual([{ movement: 'curl', kg: 1, on: DAY }])
    expect(await people.keepOwnLoad({ clientId: id, movement: 'no-such-movement', kg: 1 })).toMatchObject({ ok: false, kind: 'invalid' })
  })

  test('what was measured of somebody, and with it what they are judged by; a day that is yet to come is refused', async () => {
    const id = await somebody('Uma')
    const kept = async () => (await getClient(held.db, studio, id)).record
    const stance = [
      { kind: 'one-leg', on: DAY, side: 'left', value: 9 },
      { kind: 'one-leg', on: DAY, side: 'right', value: 4.5 },
    ] as const
    await done(people.keepMeasured({ clientId: id, measured: [...stance, { kind: 'chair-rises', on: '2026-11-01', value: 8 }] }))
    await done(people.keepMeasured({ clientId: id, measured: [{ kind: 'get-up-and-go', on: DAY, value: 13.2 }] }))
    expect((await kept()).measured).toEqual([
      { kind: 'chair-rises', on: '2026-11-01', value: 8 },
      ...stance,
      { kind: 'get-up-and-go', on: DAY, value: 13.2 },
    ])
    expect((await kept()).capability).toEqual({ chairRises30s: 8, singleLegSec: 4.5, getUpAndGoSec: 13.2 })
    const before = await kept()
    expect(await people.keepMeasured({ clientId: id, measured: [{ kind: 'chair-rises', on: '2099-01-01', value: 30 }] })).toMatchObject({
      ok: false,
      problems: [{ path: '$.measured[0].on' }],
    })
    expect(await kept()).toEqual(before)
  })

  test('how a proposal from the log was answered, the latest of each movement; a weight that was taken is theirs', async () => {
    const id = await somebody('Ivo')
    const kept = async () => (await getClient(held.db, studio, id)).record
    const said = { clientId: id, last: '2026-11-16', verdict: 'up' as const }
    await done(people.answerProgress({ ...said, answer: 'not-yet', steps: [{ movement: 'curl', kg: 1 }, { movement: 'march' }] }))
    expect((await kept()).ownLoads).toEqual([])
    await done(people.answerProgress({ ...said, answer: 'taken', steps: [{ movement: 'curl', kg: 1.5 }] }))
    await done(people.answerProgress({ ...said, verdict: 'down', answer: 'taken', steps: [{ movement: 'row', variant: 'row/seat' }] }))
    expect((await kept()).ownLoads).toEqual([{ movement: 'curl', kg: 1.5, on: DAY }])
    // taken down they stay there, whatever is answered later, till they are taken up or let go
    const stays = async () => (await kept()).notAbove.map(({ movement, variant }) => `${movement} ${variant}`)
    expect(await stays()).toEqual(['row row/seat'])
    expect((await kept()).progress).toEqual([
      { movement: 'march', on: DAY, last: '2026-11-16', verdict: 'up', answer: 'not-yet' },
      { movement: 'curl', on: DAY, last: '2026-11-16', verdict: 'up', answer: 'taken', kg: 1.5 },
      { movement: 'row', on: DAY, last: '2026-11-16', verdict: 'down', answer: 'taken', variant: 'row/seat' },
    ])
    expect(await people.answerProgress({ ...said, answer: 'taken', steps: [{ movement: 'march' }, { movement: 'no-such-movement' }] })).toMatchObject(
      {
        ok: false,
        kind: 'invalid',
        problems: [{ path: '$.steps[1].movement' }],
      },
    )
    await done(people.answerProgress({ ...said, answer: 'not-yet', steps: [{ movement: 'row', variant: 'row/squeeze' }] }))
    expect(await stays()).toEqual(['row row/seat'])
    await done(
      people.answerProgress({
        ...said,
        answer: 'taken',
        steps: [
          { movement: 'row', variant: 'row/squeeze' },
          { movement: 'march', variant: 'march/free' },
        ],
      }),
    )
    expect(await stays()).toEqual(['row row/squeeze'])
    await done(people.letGoStep({ clientId: id, movement: 'row' }))
    expect(await stays()).toEqual([])
  })

  test('a class, its plan, its time and who is in it', async () => {
    const id = await aClass('Evening seats')
    const stored = await getClass(held.db, studio, id)
    expect(stored.plan).toEqual({ ...plan, title: 'Evening seats', room: { ...plan.room, startHour: 17 } })
    const time = { weekday: null, startTime: '08:05', calendar: { dates: ['2026-12-24'], off: [] } }
    await done(classes.moveClass({ id, revision: 1, ...time }))
    expect(await getClass(held.db, studio, id)).toMatchObject(time)
    const [one, other] = [await somebody('Una'), await somebody('Vic')]
    const places = [
      { clientId: one, place: 'enrolled' },
      { clientId: other, place: 'waiting' },
    ]
    await done(classes.saveRoster({ id, revision: 1, people: places }))
    expect((await placesOf(held.db, studio, id)).sort((a, b) => a.place.localeCompare(b.place))).toEqual(places)
    const copy = (await done(classes.duplicateClass({ key: randomUUID(), id, title: 'Another evening', withPeople: false }))).id
    expect(await placesOf(held.db, studio, copy)).toEqual([])
    await done(classes.removeClass({ id: copy }))
    expect((await listClasses(held.db, studio)).map((row) => row.id)).not.toContain(copy)
    await done(classes.putBackClass({ id: copy }))
    await done(classes.removeClass({ id: copy }))
    await done(classes.eraseClass({ id: copy }))
    expect(await classes.putBackClass({ id: copy })).toMatchObject({ ok: false, kind: 'gone' })
  })

  test('a session: the door, the log, and the word of the instructor', async () => {
    const [classId, client] = [await aClass('Led'), await somebody('Wren', { conditions: [{ slug: 'frailty', variant: 'needs-hands' }] })]
    await done(classes.saveRoster({ id: classId, revision: 1, people: [{ clientId: client, place: 'enrolled' }] }))
    const { id } = await done(sessions.beginSession({ classId, day: DAY }))
    const checkIn = { dayFeel: 'a-bit-off', painNow: 3, until: '2026-11-26' } as const
    await done(door.saveCheckIn({ id, clientId: client, revision: 0, presence: 'present', checkIn }))
    const row = { clientId: client, presence: 'present', exertion: 4, painDuring: 2, painNextDay: null, note: 'steady', marks: ['two-more'] }
    await done(
      sessions.saveLog({
        id,
        revision: 1,
        note: 'calm',
        notes: { chips: ['liked-it'], hardest: 'i', pace: 'usual' },
        rows: [row],
        entries: [{ clientId: client, item: 'i', variant: 'march/seated', kg: 2, side: 'left', band: 'reed' }],
      }),
    )
    expect(await attendanceOf(held.db, studio, id)).toEqual([expect.objectContaining({ ...row, checkIn })])
    expect(await logOf(held.db, studio, id)).toEqual([{ clientId: client, item: 'i', variant: 'march/seated', kg: 2, side: 'left', band: 'reed' }])
    expect((await getSession(held.db, studio, id)).note).toBe('calm')
    const word = { clientId: client, reason: 'seen for a year', until: '2026-12-24', classId, item: 'j', everywhere: false, day: DAY }
    await done(people.overrule(word))
    const [kept] = await overrulesOf(held.db, studio, [client])
    expect(kept!.record).toMatchObject({
      variant: 'squat/free',
      reason: 'seen for a year',
      until: '2026-12-24',
      classId,
      on: DAY,
      by: 'Odile Marrow',
    })
    await done(people.withdrawOverrule({ id: kept!.id }))
    expect((await overrulesOf(held.db, studio, [client]))[0]!.record.withdrawnOn).toBe(DAY)
  })

  test('answers to the health questions, and what they propose when it is confirmed', async () => {
    const client = await somebody('Yarrow')
    const { id } = await done(screening.keepScreening({ clientId: client, answers: {} }))
    expect((await screeningsOf(held.db, studio, client)).map((form) => form.id)).toEqual([id])
    expect((await getClient(held.db, studio, client)).record.screening?.completedOn).toBe(DAY)
  })

  test('a movement of one’s own, as made, as changed, as taken out', async () => {
    const document = { ...ownFrom(LIBRARY.byId.get('squat/free')!), name: 'Ours' }
    const { movement } = await done(movements.createOwn({ key: randomUUID(), document }))
    const id = movement.slice('own-'.length)
    const mine = async () => (await listOwn(held.db, studio)).find((one) => one.id === id)!
    expect(await mine()).toMatchObject({ document, removed: false })
    await done(movements.updateOwn({ id, revision: 1, document: { ...document, name: 'Still ours' } }))
    expect((await mine()).document.name).toBe('Still ours')
    await done(movements.removeOwn({ id, removed: true }))
    expect((await mine()).removed).toBe(true)
  })

  test('settings, each of them', async () => {
    const all = settingsSchema.parse({
      house: 'The mill',
      instructor: 'Somebody Else',
      emergencyNumber: '1',
      maternityNumber: '2',
      crisisNumber: '3',
      zone: 'Europe/Berlin',
      weekStart: 6,
      closed: [{ from: '2026-12-21', to: '2027-01-03', name: 'winter' }],
      coverMinutes: 7,
      keepYears: 5,
    })
    await done(settings.keepSettings(all))
    expect((await here()).studio.settings).toEqual(all)
    // and who leads signs what is overruled from then on
    expect((await here()).studio.instructor).toBe('Somebody Else')
  })
})

describe('sent again after an answer that was lost', () => {
  test.each<[string, () => (key: string) => Promise<Outcome<object, unknown>>, () => Promise<number>]>([
    [
      'a person',
      () => (key) => people.createPerson({ key, record: clientSchema.parse({ given: 'Once', birthDate: '1950-01-01' }) }),
      async () => (await listClients(held.db, studio)).length,
    ],
    [
      'a class',
      () => (key) => classes.createClass({ key, title: 'Once', promisedMinutes: 20, weekday: null, startTime: null, from: { kind: 'empty' } }),
      async () => (await listClasses(held.db, studio)).length,
    ],
    [
      'a list',
      () => (key) => people.importPeople({ key, people: [{ record: clientSchema.parse({ given: 'Listed', birthDate: '1950-01-01' }) }] }),
      async () => (await listClients(held.db, studio)).length,
    ],
    [
      'a movement',
      () => (key) => movements.createOwn({ key, document: ownFrom(LIBRARY.byId.get('march/seated')!) }),
      async () => (await listOwn(held.db, studio)).length,
    ],
  ])('%s is made once, also when both are sent at once', async (_, ask, count) => {
    const key = randomUUID()
    const before = await count()
    const [first, second] = await Promise.all([done(ask()(key)), done(ask()(key))])
    expect(second).toEqual(first)
    expect(await done(ask()(key))).toEqual(first)
    expect(await count()).toBe(before + 1)
  })
})

describe('what has to be asked about', () => {
  test('somebody of the same name and birth date is registered a second time only when that is meant', async () => {
    const record = { given: 'Same', family: 'Name', birthDate: '1950-01-01' }
    await done(made(record))
    expect(await made({ ...record, given: ' same ' })).toMatchObject({ ok: false, kind: 'invalid', problems: [{ path: '$.family' }] })
    await done(made(record, { namesake: true }))
    await done(made({ ...record, birthDate: '1950-01-02' }))
  })

  test('the same condition twice needs something that tells them apart', async () => {
    const twice = (first: object, second: object) =>
      made({
        given: 'Knees',
        family: randomUUID(),
        birthDate: '1950-01-01',
        conditions: [
          { slug: 'knee-replacement', ...first },
          { slug: 'knee-replacement', ...second },
        ],
      })
    expect(await twice({}, {})).toMatchObject({ ok: false, problems: [{ path: '$.conditions' }] })
    expect(await twice({ side: 'left' }, { side: 'left' })).toMatchObject({ ok: false })
    await done(twice({ side: 'left' }, { side: 'right' }))
    await done(twice({ since: '2020-01-01' }, { since: '2026-01-01' }))
  })

  test('a version is the plan as it was saved, to the last field, and stays so when the class goes on', async () => {
    const id = await aClass('Kept twice')
    const { plan: before, revision } = await getClass(held.db, studio, id)
    await done(versions.keepVersion({ key: randomUUID(), classId: id, name: ' First ' }))
    await done(classes.saveClass({ id, revision, plan: { ...before, promisedMinutes: 55 } }))
    const { versions: kept } = await done(versions.listVersions({ classId: id }))
    expect(kept.map(({ name, plan: one }) => [name, one])).toEqual([['First', before]])
    await done(versions.removeVersion({ id: kept[0]!.id }))
    expect((await done(versions.listVersions({ classId: id }))).versions).toEqual([])
  })
  test('one more than can be looked through is refused', async () => {
    const classId = await aClass('Often kept')
    for (let n = 0; n < 40; n++) await done(versions.keepVersion({ key: randomUUID(), classId, name: `No. ${n}` }))
    expect(await versions.keepVersion({ key: randomUUID(), classId, name: 'One more' })).toMatchObject({ ok: false, kind: 'invalid' })
    expect((await done(versions.listVersions({ classId }))).versions).toHaveLength(40)
  })

  test('who no longer agrees is in no class until there is a new agreement', async () => {
    const [client, id] = [await somebody('Leaving', { conditions: [{ slug: 'asthma' }] }), await aClass('Without')]
    const { revision } = await done(people.withdrawConsent({ id: client }))
    const roster = { id, revision: 1, people: [{ clientId: client, place: 'enrolled' }] }
    expect(await classes.saveRoster(roster)).toMatchObject({ ok: false, kind: 'invalid', problems: [{ path: '$.people' }] })
    const joining = async () => (await done(people.whoCanJoin())).people.map(({ id: one }) => one)
    expect(await joining()).not.toContain(client)
    const visit = { promisedMinutes: 25, weekday: null, startTime: null, from: { kind: 'template', key: 'visit' }, clientId: client }
    const asked = () => classes.createClass({ key: randomUUID(), title: 'At Leaving’s', ...visit })
    expect(await asked()).toMatchObject({ ok: false, kind: 'invalid', problems: [{ path: '$.people' }] })
    expect((await listClasses(held.db, studio)).map(({ plan: { title } }) => title)).not.toContain('At Leaving’s')
    const { record } = await getClient(held.db, studio, client)
    await done(people.savePerson({ id: client, revision, record: { ...record, consentOn: DAY } }))
    expect(await joining()).toContain(client)
    const made = await done(asked())
    expect(await placesOf(held.db, studio, made.id)).toEqual([{ clientId: client, place: 'enrolled' }])
    expect((await getClient(held.db, studio, client)).record.consentWithdrawnOn).toBeUndefined()
    await done(classes.saveRoster(roster))
  })

  test('only people past the time of keeping are erased together', async () => {
    const [old, late] = [await somebody('Old'), await somebody('Late')]
    const { sql } = await import('drizzle-orm')
    await held.db.execute(sql`update client set created_at = '2019-01-01' where id = ${old}`)
    expect(await people.erasePast({ ids: [old, late] })).toMatchObject({ ok: false, kind: 'invalid' })
    expect((await listClients(held.db, studio)).map(({ id }) => id)).toContain(old)
    expect(await done(people.erasePast({ ids: [old] }))).toMatchObject({ erased: 1 })
    expect((await listClients(held.db, studio)).map(({ id }) => id)).not.toContain(old)
  })
})
