import { randomUUID } from 'node:crypto'
import fc from 'fast-check'
import { afterAll, beforeAll, describe, expect, test } from 'vitest'
import { LIBRARY } from '@/content/movements'
import { clientSchema } from '@/core/client'
import { ownFrom } from '@/core/movement'
import { planSchema } from '@/core/plan'
import { settingsSchema } from '@/core/vocabulary'
import { writeBackup } from '../backup/document'
import { type Connection, openMemory } from '../db/connection'
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

type Action = (input: unknown) => Promise<Outcome<object, unknown>>
const ACTIONS: Record<string, Action> = {
  ...classes,
  ...door,
  ...movements,
  ...people,
  ...screening,
  ...sessions,
  ...settings,
  ...versions,
} as Record<string, Action>
/** Takes no input. */
const WITHOUT_INPUT = new Set(['rulesSeen', 'whoCanJoin'])

const id = randomUUID()
const person = clientSchema.parse({ given: 'Ada', birthDate: '1950-01-01' })
const plan = planSchema.parse({
  title: 'Seats',
  promisedMinutes: 20,
  phases: [{ id: 'm', kind: 'main', blocks: [{ id: 'b', items: [{ id: 'i', variant: 'march/seated' }] }] }],
})
const own = ownFrom(LIBRARY.byId.get('march/seated')!)
const day = '2026-11-24'
/** Input of the right shape, that names things which are not there where it names any. */
const SHAPED: Record<string, object> = {
  saveClass: { id, revision: 1, plan },
  keepSeries: { id, revision: 1, series: { version: 1, from: day, weeks: 6, turns: [{ focus: 'Legs' }] } },
  keepBrief: { id, wishes: { goals: { strength: 2 } } },
  createClass: {
    key: id,
    title: 'Seats',
    promisedMinutes: 20,
    weekday: 2,
    startTime: '10:00',
    kit: ['band'],
    from: { kind: 'template', key: 'seated' },
  },
  proposeClass: { promisedMinutes: 20, kit: ['band'], from: { kind: 'class', id } },
  keepVersion: { key: id, classId: id, name: 'Before Christmas' },
  listVersions: { classId: id },
  removeVersion: { id },
  duplicateClass: { key: id, id, title: 'Seats again', withPeople: true },
  moveClass: { id, revision: 1, weekday: 3, startTime: '11:00', calendar: { dates: [day], off: [] } },
  removeClass: { id },
  putBackClass: { id },
  eraseClass: { id },
  removeOwn: { id, removed: true },
  letGoStep: { clientId: id, movement: 'march' },
  keepMeasured: { clientId: id, measured: [{ kind: 'chair-rises', on: day, value: 9 }] },
  answerProgress: { clientId: id, last: day, verdict: 'up', answer: 'taken', steps: [{ movement: 'march', variant: 'march/free' }] },
  keepOwnLoad: { clientId: id, movement: 'march', kg: 1.5 },
  saveRoster: { id, revision: 1, people: [{ clientId: id, place: 'enrolled' }] },
  createOwn: { key: id, document: own },
  updateOwn: { id, revision: 1, document: own },
  overrule: { clientId: id, reason: 'as agreed with her', until: '2026-12-24', classId: id, item: 'i', everywhere: false, day },
  createPerson: { key: id, record: person },
  savePerson: { id, revision: 1, record: person },
  erasePerson: { id },
  withdrawConsent: { id },
  erasePast: { ids: [id] },
  withdrawOverrule: { id },
  importPeople: { key: id, people: [{ record: person }] },
  keepScreening: { clientId: id, answers: {} },
  confirmProposals: { id, revision: 1, slugs: ['osteoporosis'], spoken: [] },
  settleAnswer: { clientId: id, revision: 1, question: 'A1', key: 'yes', by: 'Dr Reed' },
  beginSession: { classId: id, day },
  removeSession: { id },
  sayDayAfter: { id, clientId: id, pain: 2 },
  letGuestIn: { key: id, id, given: 'Ada', age: 60, pregnant: 'no' },
  saveLog: { id, revision: 1, note: 'calm', notes: null, rows: [], entries: [] },
  saveCheckIn: { id, clientId: id, revision: 0, presence: 'present', checkIn: null },
  sayAtDoor: { id, clientId: id, key: 'chest-pain', said: true },
  keepSettings: settingsSchema.parse({ house: 'Hall', instructor: 'Nobody' }),
}
const NAMES = Object.keys(SHAPED)
/** Makes something new: nothing that it names has to be there. */
const MAKES = new Set(['createClass', 'createOwn', 'createPerson', 'importPeople', 'keepSettings'])

/** The document with each of its texts changed in turn. */
function* spoiled(document: unknown, spoil: (text: string) => unknown): Generator<unknown> {
  if (typeof document === 'string') yield spoil(document)
  else if (Array.isArray(document))
    for (const [at, part] of document.entries()) for (const other of spoiled(part, spoil)) yield document.with(at, other)
  else if (typeof document === 'object' && document !== null)
    for (const [key, part] of Object.entries(document)) for (const other of spoiled(part, spoil)) yield { ...document, [key]: other }
}

let held: Connection
const everything = async () => {
  const lines: string[] = []
  await writeBackup(held.db, new Date(0), (line) => lines.push(line))
  return lines
}
let before: string[]
beforeAll(async () => {
  process.env.VELVET_TODAY = day
  held = await openMemory()
  Object.assign(globalThis, { velvetConnection: Promise.resolve(held) })
  await here()
  before = await everything()
})
afterAll(async () => {
  expect(await everything()).toEqual(before)
  await held.close()
})

test('every action is in the table', () => {
  const all = Object.keys(ACTIONS).filter((name) => !WITHOUT_INPUT.has(name))
  expect([...NAMES].sort()).toEqual(all.sort())
})

describe.each(NAMES)('%s refuses with words, throws nothing and writes nothing', (name) => {
  const refused = async (input: unknown) => {
    const outcome = await ACTIONS[name]!(input)
    expect(outcome.ok, JSON.stringify(input)).toBe(false)
    if (outcome.ok || outcome.kind === 'stale') return
    const said = outcome.kind === 'gone' ? [outcome.message] : outcome.problems.map(({ message }) => message)
    expect(said.length).toBeGreaterThan(0)
    for (const words of said) expect(words.length).toBeGreaterThan(3)
  }
  test('anything at all', () => fc.assert(fc.asyncProperty(fc.anything(), refused), { numRuns: 40 }))
  test.each([undefined, null, '', 7, [], {}, { id: 'x' }])('%j', refused)
  test('a text with NUL or half a character in it, wherever it stands', async () => {
    for (const end of ['\0', '\ud83d']) for (const input of spoiled(SHAPED[name], (text) => text + end)) await refused(input)
  })
  test('a number where a text belongs', async () => {
    for (const input of spoiled(SHAPED[name], () => 7)) await refused(input)
  })
  test('a field too many', () => refused({ ...SHAPED[name], more: 1 }))
  if (!MAKES.has(name)) test('what it names and is not there', () => refused(SHAPED[name]))
})

describe('days that cannot be', () => {
  test.each<[string, string, object]>([
    ['the year 100', '$.birthDate', { birthDate: '0100-01-01' }],
    ['a birth tomorrow', '$.birthDate', { birthDate: '2026-11-25' }],
    ['a due date of somebody born in 1940', '$.dueDate', { birthDate: '1940-05-05', dueDate: '2027-03-01' }],
    ['a due date in three years', '$.dueDate', { birthDate: '1995-05-05', dueDate: '2029-03-01' }],
    ['a child born to a child', '$.lastBirth.on', { birthDate: '2016-05-05', lastBirth: { on: '2026-03-01', kind: 'vaginal' } }],
    ['a condition from before the birth', '$.conditions[0].since', { conditions: [{ slug: 'osteoporosis', since: '1940-01-01' }] }],
    ['a condition that does not exist', '$.conditions[0].slug', { conditions: [{ slug: 'no-such' }] }],
  ])('%s', async (_what, place, part) => {
    const outcome = await people.createPerson({ key: randomUUID(), record: { ...person, ...part } })
    expect(outcome).toMatchObject({ ok: false, kind: 'invalid', problems: [{ path: place }] })
  })
  test('a session in the year 9999', async () => {
    expect(await sessions.beginSession({ classId: id, day: '9999-01-01' })).toMatchObject({
      ok: false,
      kind: 'invalid',
      problems: [{ path: '$.day' }],
    })
  })
})
