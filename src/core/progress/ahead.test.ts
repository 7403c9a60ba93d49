import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { CONDITIONS } from '@/content/conditions'
import { DEMO_CLASSES, demoPeople } from '@/content/demo'
import { LIBRARY } from '@/content/movements'
import { addDays, type ClientRecord, clientSchema, type Day, factsOn } from '@/core/client'
import { assessRoster, evaluate, type RosterFacts } from '@/core/evaluate'
import { type Plan, planSchema, soundPlan } from '@/core/plan'
import { buildRuleBase } from '@/core/safety'
import { type Meeting, type Turn, turnings, turnsAhead } from '.'

const base = buildRuleBase(CONDITIONS)
const DAY = '2026-11-24'
const DAYS = 84
/** Somebody who has come every week for long: the programme turns nothing. */
const ATTENDED = Array.from({ length: 20 }, (_, week) => addDays(DAY, -7 * week))
/** The health questions are answered again whenever they are due. */
const asked = (record: ClientRecord, day: Day): ClientRecord => ({ ...record, screening: { completedOn: day, skipped: [], findings: [] } })
const factsOf = (record: ClientRecord, day: Day) =>
  factsOn(base, asked(record, day), day, {
    attended: [...ATTENDED, ...Array.from({ length: DAYS }, (_, on) => addDays(DAY, on)).filter((on) => on <= day)],
  })
const onDay = (records: readonly ClientRecord[], day: Day): RosterFacts[] =>
  records.map((record) => ({ id: record.given, name: record.given, facts: factsOf(record, day) }))
const planOf = (key: string): Plan => soundPlan(planSchema.parse(DEMO_CLASSES.find((one) => one.key === key)!.plan), LIBRARY)
const meetingsOf = (records: readonly ClientRecord[], days: readonly Day[]): Meeting[] => days.map((day) => ({ day, people: onDay(records, day) }))
const everyDay = Array.from({ length: DAYS + 1 }, (_, on) => addDays(DAY, on))
const ahead = (plan: Plan, records: readonly ClientRecord[], days: readonly Day[] = everyDay) =>
  turnsAhead(base, plan, LIBRARY, undefined, meetingsOf(records, days))

const PEOPLE = demoPeople(DAY).map(({ record }) => clientSchema.parse(record))
/** Week 24 on the first day, by the due date; her midwife writes again in time. */
const pregnant = clientSchema.parse({
  given: 'Petra',
  birthDate: '1993-01-28',
  dueDate: addDays(DAY, 7 * 16),
  clearances: [0, 70].map((on) => ({ condition: 'pregnancy', by: 'midwife Tove Lind', on: addDays(DAY, on) })),
  capability: { riseNoHands: true, floorTransferOk: true, singleLegSec: 30 },
})
/** A new hip of eight weeks and two days, with the surgeon's word. */
const newHip = clientSchema.parse({
  given: 'Hartley',
  birthDate: '1955-04-02',
  conditions: [{ slug: 'hip-replacement-posterior', side: 'left', since: addDays(DAY, -58) }],
  clearances: [{ condition: 'hip-replacement-posterior', by: 'ward 4, lake hospital', on: addDays(DAY, -10) }],
  capability: { riseNoHands: true, floorTransferOk: true, singleLegSec: 15 },
})
const settled = clientSchema.parse({
  given: 'Alba',
  birthDate: '1980-03-01',
  capability: { riseNoHands: true, floorTransferOk: true, singleLegSec: 30 },
})

describe('what turned between two days', () => {
  const person = fc.constantFrom(...PEOPLE, pregnant, newHip)
  const on = fc.integer({ min: 0, max: 400 })
  test('undone altogether gives the facts of the earlier day', () => {
    fc.assert(
      fc.property(person, on, on, (record, one, other) => {
        const [before, after] = [one, other].sort((a, b) => a - b).map((days) => factsOn(base, record, addDays(DAY, days)))
        const back = turnings(before!, after!).reduce((facts, { undone }) => undone(facts), after!)
        const sorted = (facts: typeof back) => ({ ...facts, conditions: facts.conditions.toSorted((a, b) => a.slug.localeCompare(b.slug)) })
        expect(sorted(back)).toEqual(sorted(before!))
      }),
    )
  })
  test('is nothing on the same day', () => {
    fc.assert(
      fc.property(person, on, (record, days) => {
        expect(turnings(factsOf(record, addDays(DAY, days)), factsOf(record, addDays(DAY, days)))).toEqual([])
      }),
    )
  })
})

describe('a pregnancy and a hip, day by day through twelve weeks', () => {
  const plan = planOf('bones')
  const records = [pregnant, newHip, settled]
  const turns = ahead(plan, records)
  const of = (name: string) => turns.filter((turn) => turn.person === name)

  test('the turns add up: from the first day on they give every day’s own judgement', () => {
    const judged = (day: Day) => {
      const { people, items } = evaluate(plan, assessRoster(base, onDay(records, day), plan), LIBRARY)
      return new Map(
        people.flatMap(({ id, assessment: { closed } }, at) =>
          items.map(({ prescription, placements }) => [`${id} ${prescription.item.id}`, closed ? 'closed' : placements[at]!.judgement.verdict]),
        ),
      )
    }
    const now = judged(everyDay[0]!)
    for (const day of everyDay.slice(1)) {
      for (const turn of turns.filter((one) => one.day === day)) {
        // nobody is closed or opened in these weeks, so every turn is one of items
        expect([turn.closes, turn.opens]).toEqual([undefined, undefined])
        for (const { item, was, is } of turn.items) {
          expect(now.get(`${turn.person} ${item}`)).toBe(was)
          now.set(`${turn.person} ${item}`, is)
        }
      }
      expect(now, day).toEqual(judged(day))
    }
  }, 120_000)

  test('the hip turns when it is twelve weeks old, and for no other reason', () => {
    expect(of('Hartley').map(({ day }) => day)).toEqual([addDays(DAY, -58 + 84)])
    const [turn] = of('Hartley')
    expect(turn!.causes).toEqual([{ kind: 'since', condition: 'hip-replacement-posterior', weeks: 12 }])
    expect(turn!.items.length + turn!.limits.length).toBeGreaterThan(0)
    expect(turn!.items.every(({ becomes }) => becomes !== 'stricter')).toBe(true)
    expect(turn!.limits.every(({ tighter }) => !tighter)).toBe(true)
  })

  test('the pregnancy turns only with a new week, at most once a week, and its week is named', () => {
    expect(of('Petra').length).toBeGreaterThan(0)
    for (const { day, causes } of of('Petra')) {
      const weeks = 24 + everyDay.indexOf(day) / 7
      expect(Number.isInteger(weeks), day).toBe(true)
      expect(causes).toEqual([{ kind: 'gestation', weeks }])
    }
  })

  test('who has nothing on the calendar is never in it', () => expect(of('Alba')).toEqual([]))
})

describe('several things at once', () => {
  const plan = planOf('bones')
  // the hip of somebody pregnant turns on the very day on which her week turns
  const both = clientSchema.parse({
    ...pregnant,
    given: 'Runa',
    dueDate: addDays(DAY, 7 * 24),
    conditions: [{ slug: 'hip-replacement-posterior', side: 'left', since: addDays(DAY, -7 * 10) }],
    clearances: [...pregnant.clearances, { condition: 'hip-replacement-posterior', by: 'ward 4, lake hospital', on: addDays(DAY, -10) }],
  })
  const turns = ahead(plan, [both, settled], everyDay.filter((_, on) => on % 7 === 0).slice(0, 4))
  const atTwelve = turns.find(({ day }) => day === addDays(DAY, 14))

  test('only that is named without which it would be as before', () => {
    expect(atTwelve?.causes).toEqual([{ kind: 'since', condition: 'hip-replacement-posterior', weeks: 12 }])
  })
  test('every turn goes away when its causes are undone, and only then', () => {
    for (const turn of turns) {
      const at = everyDay.indexOf(turn.day)
      const [before, after] = [factsOf(both, addDays(turn.day, -7)), factsOf(both, turn.day)]
      const turned = turnings(before, after)
      const [causes, others] = [true, false].map((isCause) =>
        turned.filter(({ what }) => turn.causes.some((cause) => JSON.stringify(cause) === JSON.stringify(what)) === isCause),
      )
      const without = (some: typeof turned): Turn[] => {
        const facts = some.reduce((now, { undone }) => undone(now), after)
        const people = (one: typeof facts, day: Day): Meeting => ({
          day,
          people: [{ id: 'Runa', name: 'Runa', facts: one }, ...onDay([settled], day)],
        })
        return turnsAhead(base, plan, LIBRARY, undefined, [people(before, addDays(turn.day, -7)), people(facts, turn.day)])
      }
      expect(without(causes!), `${at}`).toEqual([])
      expect(without(others!).map(({ items, limits }) => ({ items, limits }))).toEqual([{ items: turn.items, limits: turn.limits }])
    }
    expect(turns.length).toBeGreaterThan(0)
  })
})

test('a letter that ends is named, and whom it closes has a reason and no list of movements', () => {
  const closing = clientSchema.parse({ ...newHip, clearances: [{ ...newHip.clearances[0]!, expires: addDays(DAY, 9) }] })
  const [turn] = ahead(planOf('bones'), [closing, settled], everyDay.slice(0, 15))
  expect(turn?.day).toBe(addDays(DAY, 10))
  expect(turn?.causes).toEqual([{ kind: 'letter', condition: 'hip-replacement-posterior', counts: false }])
  expect(turn?.closes).toMatch(/\w/)
  expect(turn?.items).toEqual([])
})

test('questions of health that are due again in the third trimester are named beside the week', () => {
  const once = asked(pregnant, DAY)
  const days = everyDay.filter((_, on) => on % 7 === 0)
  const meetings = days.map((day) => ({ day, people: [{ id: 'Petra', name: 'Petra', facts: factsOn(base, once, day, { attended: ATTENDED }) }] }))
  const turn = turnsAhead(base, planOf('bones'), LIBRARY, undefined, meetings).find(({ closes }) => closes !== undefined)
  expect(turn?.day).toBe(addDays(DAY, 28))
  expect(turn?.causes).toContainEqual({ kind: 'form' })
})

test('another weight of somebody is another judgement, also when all else was judged before', () => {
  const plan = planOf('chairs')
  const careful = { ...newHip, given: 'Hartley' }
  const days = [DAY, addDays(DAY, -58 + 84)]
  const withLoad = (kg: number) => days.map((day) => ({ day, people: onDay([careful], day).map((one) => ({ ...one, ownLoads: { row: kg } })) }))
  const fresh = (kg: number) => turnsAhead(buildRuleBase(CONDITIONS), plan, LIBRARY, undefined, withLoad(kg))
  for (const kg of [1, 12, 1]) expect(turnsAhead(base, plan, LIBRARY, undefined, withLoad(kg))).toEqual(fresh(kg))
})
