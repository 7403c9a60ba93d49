import { randomUUID } from 'node:crypto'
import { eq, sql } from 'drizzle-orm'
import { afterAll, beforeAll, describe, expect, test } from 'vitest'
import { LIBRARY } from '@/content/movements'
import { clientSchema, overruleSchema } from '@/core/client'
import { wishesSchema } from '@/core/compose'
import type { LedView } from '@/core/lead'
import { ownFrom } from '@/core/movement'
import { planSchema } from '@/core/plan'
import { type Connection, openMemory } from '../db/connection'
import { clients as clientTable } from '../db/schema'
import * as changedSince from './changedSince'
import * as checkIns from './checkIns'
import * as classes from './classes'
import * as clients from './clients'
import * as erasing from './erasing'
import * as history from './history'
import * as known from './known'
import * as leadEvents from './leadEvents'
import * as leadViews from './leadViews'
import * as led from './led'
import * as letters from './letters'
import * as log from './log'
import * as overrules from './overrules'
import * as owned from './owned'
import * as ownMovements from './ownMovements'
import * as planning from './planning'
import * as readable from './readable'
import * as requests from './requests'
import * as screenings from './screenings'
import * as sessions from './sessions'
import * as studios from './studios'
import * as timetable from './timetable'
import * as unreadable from './unreadable'
import * as versions from './versions'

/** Everything of one studio, by the ids that another one tries. */
interface House {
  studio: string
  client: string
  class: string
  session: string
  letter: string
  screening: string
  own: string
  version: string
  view: string
}
const plan = planSchema.parse({
  title: 'Seats',
  promisedMinutes: 20,
  phases: [{ id: 'm', kind: 'main', blocks: [{ id: 'b', items: [{ id: 'i', variant: 'march/seated' }] }] }],
})
const record = clientSchema.parse({ given: 'Ada', birthDate: '1950-01-01' })
const own = ownFrom(LIBRARY.byId.get('row/band-light')!)
const word = overruleSchema.parse({
  variant: 'squat/free',
  reason: 'seen by me',
  by: 'Nobody',
  on: '2026-11-01',
  until: '2026-12-01',
  verdict: 'swap',
  rules: ['OP-1'],
})
const DAY = '2026-11-24'
const said = { presence: 'present' as const, checkIn: null }
const row = (clientId: string) => ({
  clientId,
  presence: 'present' as const,
  exertion: 1,
  painDuring: null,
  painNextDay: null,
  note: null,
  marks: [],
})
const entry = (clientId: string, variant: string) => ({ clientId, item: 'i', variant, kg: null, side: null, band: null })
const VIEW: LedView = {
  version: 1,
  timeline: { segments: [], totalSeconds: 0, leastSeconds: 0, phases: [] },
  items: [],
  closed: {},
  ceilings: {},
  ownRests: {},
}
const form = (theirs: House, id: string = randomUUID()) => ({ id, clientId: theirs.client, day: DAY, answers: { G1: { keys: ['none'] } } })

let held: Connection
const house = async (name: string): Promise<House> => {
  const { db } = held
  const studio = randomUUID()
  await db.execute(sql`insert into studio (id, name, instructor) values (${studio}, ${name}, 'Nobody')`)
  const [client, classId, letter, screening, ownId] = [randomUUID(), randomUUID(), randomUUID(), randomUUID(), randomUUID()]
  await clients.addClient(db, studio, client, record)
  await classes.addClass(db, studio, { id: classId, plan, weekday: 2, startTime: '10:00' })
  await classes.setRoster(db, studio, classId, [client])
  const { id: session } = await planning.openSession(db, studio, randomUUID(), classId, DAY)
  await log.setCheckIn(db, studio, session, client, 0, { presence: 'present', checkIn: { painNow: 2 } })
  await log.saveLog(db, studio, session, 1, {
    rows: [row(client)],
    entries: [entry(client, 'march/seated')],
    note: 'kept',
    notes: null,
  })
  await leadEvents.addEvents(db, studio, session, [{ id: randomUUID(), at: 1000, kind: 'start' }])
  await led.keepStretches(db, studio, session, [])
  await letters.addLetter(db, studio, {
    id: letter,
    clientId: client,
    condition: 'osteoporosis',
    name: 'l',
    mime: 'application/pdf',
    content: Uint8Array.of(1),
  })
  await screenings.keepForm(db, studio, { ...form({ client } as House, screening) }, (kept) => kept)
  await overrules.addOverrule(db, studio, randomUUID(), client, word)
  await ownMovements.addOwn(db, studio, ownId, own)
  const version = randomUUID()
  await versions.keepVersion(db, studio, version, classId, 'kept')
  const view = await leadViews.keepView(db, studio, session, VIEW)
  return { studio, client, class: classId, session, letter, screening, own: ownId, version, view }
}

let mine: House
let theirs: House
beforeAll(async () => {
  held = await openMemory()
  mine = await house('Mine')
  theirs = await house('Theirs')
})
afterAll(() => held.close())

const REPOSITORIES = {
  changedSince,
  checkIns,
  classes,
  clients,
  erasing,
  history,
  known,
  leadEvents,
  leadViews,
  led,
  letters,
  log,
  overrules,
  owned,
  ownMovements,
  planning,
  readable,
  requests,
  screenings,
  sessions,
  studios,
  timetable,
  unreadable,
  versions,
}
type Call = () => Promise<unknown>
const db = () => held.db
/** Each function called by my studio with what is theirs: it must find nothing, or refuse. */
const TRIES: Record<string, Call | Call[]> = {
  'checkIns.checkInsOn': () => checkIns.checkInsOn(db(), mine.studio, [theirs.client], DAY),
  'checkIns.saidBetween': () => checkIns.saidBetween(db(), mine.studio, [theirs.client], DAY, DAY),
  'checkIns.attendedDays': async () => [...(await checkIns.attendedDays(db(), mine.studio, [theirs.client], DAY)).values()].flat(),
  'changedSince.changedSince': () => changedSince.changedSince(db(), mine.studio, theirs.class, DAY),
  'classes.getClass': () => classes.getClass(db(), mine.studio, theirs.class),
  'planning.savePlan': () => planning.savePlan(db(), mine.studio, theirs.class, 1, { ...plan, title: 'stolen' }, '2026-11-24'),
  'classes.wishesOf': () => classes.wishesOf(db(), mine.studio, theirs.class),
  'classes.keepWishes': () => classes.keepWishes(db(), mine.studio, theirs.class, wishesSchema.parse({})),
  'classes.rosterOf': () => classes.rosterOf(db(), mine.studio, theirs.class),
  'classes.placesOf': () => classes.placesOf(db(), mine.studio, theirs.class),
  'classes.rosterRevision': () => classes.rosterRevision(db(), mine.studio, theirs.class),
  'classes.setPlaces': [
    () => classes.setPlaces(db(), mine.studio, theirs.class, 2, [{ clientId: mine.client, place: 'guest' }]),
    () => classes.setPlaces(db(), mine.studio, mine.class, 2, [{ clientId: theirs.client, place: 'guest' }]),
  ],
  'classes.setRoster': [
    () => classes.setRoster(db(), mine.studio, theirs.class, [mine.client]),
    () => classes.setRoster(db(), mine.studio, mine.class, [theirs.client]),
  ],
  'classes.judgedClass': () => classes.judgedClass(db(), mine.studio, theirs.class),
  'classes.keepJudged': () => classes.keepJudged(db(), mine.studio, theirs.class, { rules: 'x', people: [] } as never),
  'clients.getClient': () => clients.getClient(db(), mine.studio, theirs.client),
  'clients.getClients': () => clients.getClients(db(), mine.studio, [theirs.client]),
  'clients.knownClients': async () => {
    // what the other studio has read is not shown here, even by its version
    await clients.listClients(db(), theirs.studio)
    const [row] = await db().select(clients.CLIENT_VERSION).from(clientTable).where(eq(clientTable.id, theirs.client))
    return clients.knownClients(db(), mine.studio, [row!])
  },
  'clients.saveClient': () => clients.saveClient(db(), mine.studio, theirs.client, 1, { ...record, given: 'stolen' }),
  'erasing.eraseClient': () => erasing.eraseClient(db(), mine.studio, theirs.client),
  'erasing.eraseHealth': () => erasing.eraseHealth(db(), mine.studio, theirs.client, DAY),
  'erasing.agreedAgain': () => erasing.agreedAgain(db(), mine.studio, theirs.client),
  'letters.addLetter': () =>
    letters.addLetter(db(), mine.studio, {
      id: randomUUID(),
      clientId: theirs.client,
      condition: 'x',
      name: 'x',
      mime: 'x',
      content: Uint8Array.of(1),
    }),
  'letters.lettersOf': () => letters.lettersOf(db(), mine.studio, theirs.client),
  'letters.letterContent': () => letters.letterContent(db(), mine.studio, theirs.letter),
  'overrules.addOverrule': () => overrules.addOverrule(db(), mine.studio, randomUUID(), theirs.client, word),
  'overrules.overrulesOf': () => overrules.overrulesOf(db(), mine.studio, [theirs.client]),
  'ownMovements.getOwn': () => ownMovements.getOwn(db(), mine.studio, theirs.own),
  'ownMovements.saveOwn': () => ownMovements.saveOwn(db(), mine.studio, theirs.own, 1, { ...own, name: 'stolen' }),
  'screenings.keepForm': () => screenings.keepForm(db(), mine.studio, form(theirs), (kept) => kept),
  'screenings.getScreening': () => screenings.getScreening(db(), mine.studio, theirs.screening),
  'screenings.screeningsOf': () => screenings.screeningsOf(db(), mine.studio, theirs.client),
  'screenings.confirmForm': [
    () => screenings.confirmForm(db(), mine.studio, form(theirs, theirs.screening), 2, (kept) => kept),
    () => screenings.confirmForm(db(), mine.studio, { ...form(mine, theirs.screening) }, 2, (kept) => kept),
  ],
  'screenings.changeStanding': () => screenings.changeStanding(db(), mine.studio, theirs.client, (kept) => kept),
  'sessions.getSession': () => sessions.getSession(db(), mine.studio, theirs.session),
  'planning.openSession': () => planning.openSession(db(), mine.studio, randomUUID(), theirs.class, '2026-12-01'),
  'log.attendanceOf': () => log.attendanceOf(db(), mine.studio, theirs.session),
  'log.saveLog': [
    () => log.saveLog(db(), mine.studio, theirs.session, 2, { rows: [], entries: [], note: 'stolen', notes: null }),
    () => log.saveLog(db(), mine.studio, mine.session, 2, { rows: [row(theirs.client)], entries: [], note: null, notes: null }),
    () =>
      log.saveLog(db(), mine.studio, mine.session, 2, {
        rows: [],
        entries: [entry(theirs.client, 'rest')],
        note: null,
        notes: null,
      }),
  ],
  'planning.saveTime': () =>
    planning.saveTime(db(), mine.studio, theirs.class, 1, { weekday: 3, startTime: '12:00', calendar: { dates: [], off: [] } }, '2026-11-24'),
  'planning.saveSeries': () => planning.saveSeries(db(), mine.studio, theirs.class, 1, null, '2026-11-24'),
  'planning.followPlan': () => planning.followPlan(db(), mine.studio, theirs.class, '2026-11-24'),
  'timetable.saveTime': () =>
    timetable.saveTime(db(), mine.studio, theirs.class, 1, { weekday: 3, startTime: '12:00', calendar: { dates: [], off: [] } }),
  'timetable.copyClass': () => timetable.copyClass(db(), mine.studio, theirs.class, randomUUID(), 'stolen', true),
  'timetable.removeClass': () => timetable.removeClass(db(), mine.studio, theirs.class),
  'timetable.putBackClass': () => timetable.putBackClass(db(), mine.studio, theirs.class),
  'timetable.eraseClass': () => timetable.eraseClass(db(), mine.studio, theirs.class),
  'timetable.removedClasses': () => timetable.removedClasses(db(), mine.studio),
  'ownMovements.setOwnRemoved': () => ownMovements.setOwnRemoved(db(), mine.studio, theirs.own, true),
  'overrules.withdrawOverrule': async () => {
    const [row] = await overrules.overrulesOf(db(), theirs.studio, [theirs.client])
    await overrules.withdrawOverrule(db(), mine.studio, row!.id, DAY)
  },
  'checkIns.notSince': async () => (await checkIns.notSince(db(), mine.studio, '2099-01-01')).filter(({ id }) => id === theirs.client),
  'log.setCheckIn': [
    () => log.setCheckIn(db(), mine.studio, theirs.session, theirs.client, 1, said),
    () => log.setCheckIn(db(), mine.studio, theirs.session, mine.client, 0, said),
    () => log.setCheckIn(db(), mine.studio, mine.session, theirs.client, 0, said),
  ],
  'log.logOf': () => log.logOf(db(), mine.studio, theirs.session),
  'leadEvents.addEvents': () => leadEvents.addEvents(db(), mine.studio, theirs.session, [{ id: randomUUID(), at: 1, kind: 'end' }]),
  'leadEvents.eventsOf': () => leadEvents.eventsOf(db(), mine.studio, theirs.session),
  'leadEvents.eventsSince': async () => (await leadEvents.eventsSince(db(), mine.studio, theirs.session, -1)).events,
  'log.attendanceOfPerson': () => log.attendanceOfPerson(db(), mine.studio, theirs.client),
  'history.traceOf': async () => Object.values(await history.traceOf(db(), mine.studio, theirs.client)).flat(),
  'log.lastTimes': async () => [...(await log.lastTimes(db(), mine.studio, [theirs.client], '2099-01-01'))],
  'history.personHistory': async () => Object.values(await history.personHistory(db(), mine.studio, theirs.client)).flat(),
  'history.classHistory': () => history.classHistory(db(), mine.studio, theirs.class),
  'log.notAsked': async () =>
    (await log.notAsked(db(), mine.studio, '2000-01-01', '2099-01-01')).filter(({ clientId }) => clientId === theirs.client),
  'log.sayNextDay': async () => ((await log.sayNextDay(db(), mine.studio, theirs.session, theirs.client, 9)) ? ['said'] : []),
  'log.correctionsOf': () => log.correctionsOf(db(), mine.studio, theirs.session),
  'sessions.removeSession': async () => ((await sessions.removeSession(db(), mine.studio, theirs.session)) ? ['gone'] : []),
  'leadViews.keepView': () => leadViews.keepView(db(), mine.studio, theirs.session, VIEW),
  'leadViews.viewsOf': async () => [...(await leadViews.viewsOf(db(), mine.studio, theirs.session, [theirs.view]))],
  'led.keepStretches': () => led.keepStretches(db(), mine.studio, theirs.session, []),
  'led.ledSessions': () => led.ledSessions(db(), mine.studio, [theirs.class], { from: '2026-01-01', before: '2027-01-01', most: 8 }),
  'led.lastLed': async () => [...(await led.lastLed(db(), mine.studio, [theirs.class])).values()],
  'history.groupHistory': async () => Object.values(await history.groupHistory(db(), mine.studio, [theirs.client], '2020-01-01')).flat(),
  'versions.versionsOf': () => versions.versionsOf(db(), mine.studio, theirs.class),
  'versions.keepVersion': () => versions.keepVersion(db(), mine.studio, randomUUID(), theirs.class, 'stolen'),
  'versions.removeVersion': () => versions.removeVersion(db(), mine.studio, theirs.version),
  'log.lastVariants': () => log.lastVariants(db(), mine.studio, theirs.client),
}
/** Lists and makes within the own studio; they are given no id of anybody else, or are helpers of the others. */
const WITHIN = [
  'checkIns.holdingOn',
  'classes.rosters',
  'owned.ownClients',
  'owned.ownSession',
  'readable.UnreadableError',
  'readable.onlyReadable',
  'readable.readDocument',
  'known.forget',
  'requests.AlreadyDoneError',
  'requests.once',
  'known.knownRows',
  'known.versionOf',
  'unreadable.readStudio',
  'unreadable.unreadable',
  'unreadable.unreadableSessions',
  'classes.listClasses',
  'classes.readClasses',
  'classes.addClass',
  'classes.judgedByOthers',
  'classes.judgedClasses',
  'clients.listClients',
  'clients.addClient',
  'clients.addClients',
  'clients.readClients',
  'known.onlyOne',
  'ownMovements.listOwn',
  'ownMovements.readOwnMovements',
  'ownMovements.addOwn',
  'sessions.listSessions',
  'planning.planDays',
  'sessions.openSessions',
  'leadEvents.eventOf',
  'led.pacedSessions',
  'led.startedOn',
  'studios.closedOf',
  'studios.theStudio',
  'studios.saveSettings',
]

const TABLES = [
  'client',
  'class',
  'roster_entry',
  'session',
  'attendance',
  'log_entry',
  'lead_event',
  'lead_view',
  'log_change',
  'letter',
  'screening',
  'overrule',
  'own_movement',
  'plan_version',
  'erasure',
]
const everything = async () => {
  const rows = await Promise.all(
    TABLES.map(async (table) => {
      const found = (await held.db.execute(sql.raw(`select row_to_json(t)::text as row from ${table} t order by 1`))) as unknown as {
        rows: { row: string }[]
      }
      return [table, found.rows.map(({ row: text }) => text)] as const
    }),
  )
  return Object.fromEntries(rows)
}

test('every function of every repository is tried', () => {
  const there = Object.entries(REPOSITORIES).flatMap(([name, module]) =>
    Object.entries(module)
      .filter(([, value]) => typeof value === 'function')
      .map(([key]) => `${name}.${key}`),
  )
  expect([...Object.keys(TRIES), ...WITHIN].sort()).toEqual(there.sort())
})

describe('one studio neither reads nor writes what is another’s', () => {
  test.each(Object.entries(TRIES))('%s', async (_, calls) => {
    const before = await everything()
    for (const call of [calls].flat()) {
      const answer = await call().catch(() => undefined)
      const found = answer instanceof Map ? [...answer] : answer
      expect(found === undefined || found === null || (Array.isArray(found) && found.length === 0), JSON.stringify(found)).toBe(true)
    }
    expect(await everything()).toEqual(before)
  })
  test('lists show one’s own', async () => {
    expect((await clients.listClients(db(), mine.studio)).map(({ id }) => id)).toEqual([mine.client])
    expect((await classes.listClasses(db(), mine.studio)).map(({ id }) => id)).toEqual([mine.class])
    expect((await sessions.listSessions(db(), mine.studio)).sessions.map(({ id }) => id)).toEqual([mine.session])
    expect((await led.pacedSessions(db(), mine.studio, '2027-01-01', 9)).map(({ id }) => id)).toEqual([mine.session])
  })
})
