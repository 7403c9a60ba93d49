import { randomUUID } from 'node:crypto'
import { afterAll, beforeAll, expect, test } from 'vitest'
import { assessRoster, cellsOf, changedVerdicts, evaluate, judgedOf, type NamedCell } from '@/core/evaluate'
import { soundPlan, withKnown } from '@/core/plan'
import { changesOfRules, noteClass, noteRules, RULES, rulesChanged } from './changedRules'
import { type Connection, openMemory } from './db/connection'
import { loadDemo } from './demo'
import { experienceOf } from './experience'
import { studioLibrary } from './library'
import { judgedClass, keepJudged, listClasses, rosterOf } from './repositories/classes'
import { theStudio } from './repositories/studios'
import { peopleOn } from './roster'
import { RULE_BASE } from './ruleBase'

const DAY = '2026-11-24'
let held: Connection
let studio = ''
let id = ''
let cells: NamedCell[]

beforeAll(async () => {
  held = await openMemory()
  studio = (await theStudio(held.db, { id: randomUUID(), name: 'Test hall', instructor: 'Nobody' })).id
  await loadDemo(held.db, studio, DAY)
  const stored = (await listClasses(held.db, studio)).find(({ plan }) => plan.title === 'Bones and balance')!
  id = stored.id
  const { catalogue } = await studioLibrary(held.db, studio)
  const roster = await rosterOf(held.db, studio, id)
  const experience = await experienceOf(held.db, { id: studio, settings: {} }, { classId: id, size: roster.length, day: DAY })
  const sound = soundPlan(withKnown(stored.plan, experience.knows), catalogue)
  const people = await peopleOn(held.db, studio, roster, DAY, id)
  cells = cellsOf(evaluate(sound, assessRoster(RULE_BASE, people, sound), catalogue, experience.pace.rates))
})
afterAll(() => held.close())

/** What earlier rules would have said: the same but for one cell. */
function earlier() {
  const judged = judgedOf('earlier', cells)
  const [first, ...rest] = judged.cells
  return {
    cell: first!,
    judged: { ...judged, cells: [{ ...first!, verdict: first!.verdict === 'swap' ? ('modify' as const) : ('swap' as const) }, ...rest] },
  }
}

test('nothing is told of the same rules, and nothing of a class that was never judged', async () => {
  expect(await rulesChanged(held.db, studio)).toBe(false)
  await noteRules(held.db, { id: studio, settings: {} }, DAY)
  expect(await rulesChanged(held.db, studio)).toBe(false)
  expect(await changesOfRules(held.db, { id: studio, settings: {} }, DAY)).toEqual({ classes: [], sessions: [], overrules: [] })
})

test('a verdict that the rules give otherwise is told, with who and what, until it was seen', async () => {
  const { cell, judged } = earlier()
  await keepJudged(held.db, studio, id, judged)
  expect(await rulesChanged(held.db, studio)).toBe(true)
  // looking at the class meanwhile does not take the news away
  await noteClass(held.db, studio, id, cells)
  expect((await judgedClass(held.db, studio, id))!.rules).toBe('earlier')
  const { classes } = await changesOfRules(held.db, { id: studio, settings: {} }, DAY)
  expect(classes.map((one) => one.title)).toEqual(['Bones and balance'])
  expect(classes[0]!.changed).toEqual([
    expect.objectContaining({ item: cell.item, person: cell.person, was: judged.cells[0]!.verdict, is: cell.verdict }),
  ])
  await noteRules(held.db, { id: studio, settings: {} }, DAY)
  expect((await judgedClass(held.db, studio, id))!.rules).toBe(RULES)
  expect(await rulesChanged(held.db, studio)).toBe(false)
})

test('a plan that was changed and a person who is new are not a rule that changed', () => {
  const { judged } = earlier()
  expect(changedVerdicts(judged, cells)).toHaveLength(1)
  const otherDose = { ...judged, cells: judged.cells.map((cell) => ({ ...cell, what: `${cell.what} before` })) }
  expect(changedVerdicts(otherDose, cells)).toEqual([])
  const others = { ...judged, cells: judged.cells.filter(({ person }) => person !== judged.cells[0]!.person) }
  expect(changedVerdicts(others, cells)).toEqual([])
})
