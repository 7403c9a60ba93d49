import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { DEMO_CLASSES } from '@/content/demo'
import { LIBRARY } from '@/content/movements'
import type { Muscle } from '../movement'
import { checkPlan, movementIdOf, planSchema, soundPlan } from '../plan'
import { expand } from '../timing'
import { addDays, daysBetween } from '../vocabulary'
import { leftForLater } from './later'
import { entryFor, gentlerWeek, hardWork, metIn, type Series, seriesDays, seriesPlan, seriesSchema, spacingFaults } from './series'

const series = (more: Partial<Series> = {}): Series =>
  seriesSchema.parse({ version: 1, from: '2026-11-23', weeks: 6, turns: [{ focus: 'Legs' }, { focus: 'Balance' }], ...more })
/** Every Tuesday. */
const TUESDAYS = { weekday: 2, calendar: { dates: [], off: [] } }
const HOLIDAY = { from: '2026-12-21', to: '2027-01-03' }

describe('the days of a series', () => {
  test('week k of n, plans in turn, every third week gentler', () => {
    const days = seriesDays(series({ gentlerEvery: 3 }), TUESDAYS, [])
    expect(days.map(({ day, week, turn, gentler }) => [day, week, turn, gentler])).toEqual([
      ['2026-11-24', 1, 0, false],
      ['2026-12-01', 2, 1, false],
      ['2026-12-08', 3, 0, true],
      ['2026-12-15', 4, 1, false],
      ['2026-12-22', 5, 0, false],
      ['2026-12-29', 6, 1, true],
    ])
    expect(days.every(({ of }) => of === 6)).toBe(true)
  })
  test('after a holiday it goes on where it was, or as if it had been held', () => {
    const brief = (missed: 'shift' | 'skip') =>
      seriesDays(series({ missed }), TUESDAYS, [HOLIDAY]).map(({ day, week, turn }) => `${day} ${week} ${turn}`)
    expect(brief('shift').slice(3)).toEqual(['2026-12-15 4 1', '2027-01-05 5 0', '2027-01-12 6 1'])
    expect(brief('skip').slice(3)).toEqual(['2026-12-15 4 1'])
  })
  test('of two days a week one that was missed comes the next time, or is left out', () => {
    const both = { weekday: 2, calendar: { dates: ['2026-11-26', '2026-12-03'], off: [] } }
    const of = (missed: 'shift' | 'skip') => seriesDays(series({ weeks: 2, missed, missedDays: ['2026-11-26'] }), both, []).map(({ turn }) => turn)
    expect(of('shift')).toEqual([0, 1, 0])
    expect(of('skip')).toEqual([0, 0, 1])
  })
  test('laws: days rise and are held, weeks never fall nor pass their number, and nothing is missed twice', () => {
    const day = fc.integer({ min: 0, max: 200 }).map((after) => addDays('2026-11-23', after))
    fc.assert(
      fc.property(
        fc.constantFrom('shift' as const, 'skip' as const),
        fc.integer({ min: 2, max: 12 }),
        fc.constantFrom(null, 0, 2, 6),
        fc.array(day, { maxLength: 12 }),
        fc.array(day, { maxLength: 12 }),
        fc.array(day, { maxLength: 6 }),
        fc.array(day, { maxLength: 2 }),
        (missed, weeks, weekday, dates, off, missedDays, shut) => {
          const closed = shut.map((from) => ({ from, to: addDays(from, 10) }))
          const found = seriesDays(series({ missed, weeks, missedDays }), { weekday, calendar: { dates, off } }, closed)
          for (const [at, one] of found.entries()) {
            const before = found[at - 1]
            expect(one.week).toBeGreaterThanOrEqual(before?.week ?? 1)
            expect(one.week).toBeLessThanOrEqual(weeks)
            expect(one.day > (before?.day ?? '')).toBe(true)
            expect(missedDays).not.toContain(one.day)
            // a single date is held on purpose though the house is closed
            if (!dates.includes(one.day)) expect(closed.some(({ from, to }) => from <= one.day && one.day <= to)).toBe(false)
            // in the calendar's weeks a session that is skipped keeps its place
            if (missed === 'skip') expect(one.week).toBe(Math.floor(daysBetween('2026-11-23', one.day) / 7) + 1)
            else if (before) expect(one.turn).toBe((before.turn + 1) % 2)
          }
        },
      ),
    )
  })
})

describe.each(DEMO_CLASSES)('a gentler week of $key', ({ plan: input }) => {
  const plan = planSchema.parse(input)
  const gentler = gentlerWeek(plan)
  const seconds = (draft: typeof plan) => expand(soundPlan(draft, LIBRARY), LIBRARY).segments
  const work = (draft: typeof plan, item: string) =>
    seconds(draft).reduce((sum, one) => sum + (one.kind === 'work' && one.item === item ? one.seconds : 0), 0)
  test('is a plan, shorter, with every movement still in it and none with more work', () => {
    expect(checkPlan(gentler, LIBRARY)).toHaveProperty('plan')
    const items = (draft: typeof plan) => draft.phases.flatMap(({ blocks }) => blocks.flatMap((block) => block.items.map(({ id }) => id)))
    expect(items(gentler)).toEqual(items(plan))
    for (const item of items(plan)) expect(work(gentler, item), item).toBeLessThanOrEqual(work(plan, item))
    expect(items(plan).some((item) => work(gentler, item) < work(plan, item))).toBe(true)
    expect(items(plan).every((item) => work(gentler, item) > 0 || work(plan, item) === 0)).toBe(true)
  })
  test('leaves warm-up and cool-down as they are', () => {
    const ends = (draft: typeof plan) => draft.phases.filter(({ kind }) => ['warm-up', 'cool-down', 'relaxation'].includes(kind))
    expect(ends(gentler)).toEqual(ends(plan))
  })
})

test('the plan of a session: the version of its turn, gentler in its week, and nothing where it is no longer kept', () => {
  const plan = planSchema.parse(DEMO_CLASSES[0]!.plan)
  const planOf = (version: string | undefined) => (version === undefined ? plan : version === 'B' ? { ...plan, title: 'B' } : undefined)
  const one = series({
    turns: [
      { focus: '', homework: [] },
      { focus: '', version: 'B', homework: [] },
      { focus: '', version: 'gone', homework: [] },
    ],
  })
  const at = (turn: number, gentler = false) => ({ day: '2026-11-24', week: 1, of: 6, session: turn + 1, turn, gentler })
  expect(seriesPlan(one, at(0), planOf)).toEqual({ plan, left: [] })
  expect(seriesPlan(one, at(1), planOf)?.plan.title).toBe('B')
  expect(seriesPlan(one, at(2), planOf)).toBeUndefined()
  expect(seriesPlan(one, at(0, true), planOf)?.plan).toEqual(gentlerWeek(plan))
  // one session leaves something for later, the others do not
  const movement = movementIdOf(plan.phases[1]!.blocks[0]!.items[0]!)!
  const waits = { ...one, later: [{ session: 1, movements: [movement, 'nowhere'] }] }
  expect(seriesPlan(waits, at(0), planOf)).toEqual(leftForLater(plan, [movement]))
  expect(seriesPlan(waits, at(0), planOf)?.left).toEqual([movement])
  expect(seriesPlan(waits, at(1), planOf)?.left).toEqual([])
})

describe('days between hard work for the same muscles (rule base 5.4)', () => {
  const session = (day: string, muscles: Muscle[], mostRpe = 5, title = 'Weir') => ({ day, title, muscles, mostRpe })
  const person = (name: string, age: number, more: object = {}) => ({ name, age, also: [], ...more })
  test('48 hours for most, 72 for those over 80 and those who need their hands to rise', () => {
    const two = [session('2026-11-24', ['quadriceps', 'glutes']), session('2026-11-26', ['quadriceps'])]
    const people = [person('Alba', 70), person('Bertil', 81), person('Edda', 80), person('Greta', 66, { risesWithoutHands: false })]
    expect(spacingFaults(two, people)).toEqual([
      {
        kind: 'too-near',
        day: '2026-11-26',
        title: 'Weir',
        before: '2026-11-24',
        beforeTitle: 'Weir',
        muscles: ['quadriceps'],
        names: ['Bertil', 'Greta'],
      },
    ])
    const next = [session('2026-11-24', ['quadriceps']), session('2026-11-25', ['quadriceps'])]
    expect(spacingFaults(next, people)[0]!.names).toEqual(['Alba', 'Bertil', 'Edda', 'Greta'])
    expect(spacingFaults([session('2026-11-24', ['quadriceps']), session('2026-11-27', ['quadriceps'])], people)).toEqual([])
    expect(spacingFaults([session('2026-11-24', ['quadriceps']), session('2026-11-25', ['calves'])], people)).toEqual([])
  })
  test('another class of somebody counts for them, and two others not among themselves', () => {
    const also = [session('2026-11-25', ['quadriceps'], 5, 'Bones'), session('2026-11-26', ['quadriceps'], 5, 'Backs')]
    const faults = spacingFaults([session('2026-11-24', ['quadriceps'])], [person('Alba', 70, { also }), person('Edda', 70)])
    expect(faults).toMatchObject([{ day: '2026-11-25', title: 'Bones', before: '2026-11-24', names: ['Alba'] }])
  })
  test('at most two hard sessions in seven days from 65 on', () => {
    const hard = ['2026-11-23', '2026-11-25', '2026-11-27', '2026-11-30'].map((day) => session(day, [], 6))
    const faults = spacingFaults(hard, [person('Alba', 65), person('Edda', 64)])
    expect(faults).toEqual([
      { kind: 'too-many', day: '2026-11-27', names: ['Alba'] },
      { kind: 'too-many', day: '2026-11-30', names: ['Alba'] },
    ])
  })
  test('of a plan: strength and power at effort 5 and more, by their main muscles', () => {
    const plan = planSchema.parse({
      title: 'T',
      promisedMinutes: 20,
      phases: [
        {
          id: 'm',
          kind: 'main',
          blocks: [
            {
              id: 'b',
              items: [
                { id: 'i', variant: 'sit-to-stand/arms-crossed', dose: { reps: 8, rpe: 6 } },
                { id: 'j', variant: 'march/seated' },
              ],
            },
          ],
        },
      ],
    })
    const found = hardWork(plan, LIBRARY, { day: '2026-11-24', title: 'T' })
    expect(found.mostRpe).toBe(6)
    expect(found.muscles).toEqual([...LIBRARY.byId.get('sit-to-stand/arms-crossed')!.movement.main].sort())
  })
})

test('what is new in each session counts once', () => {
  const met = metIn(
    [
      { day: '2026-11-24', movements: ['march', 'squat', 'march'] },
      { day: '2026-12-01', movements: ['squat', 'row'] },
    ],
    ['march'],
  )
  expect(met.map(({ fresh }) => fresh)).toEqual([['squat'], ['row']])
})

test('somebody new begins where the fewest movements are new to them, gentler first, soon rather than late', () => {
  const at = (day: string, movements: string[], gentler = false) => ({ day, movements, gentler })
  const sessions = [
    at('2026-11-24', ['a', 'b', 'c']),
    at('2026-12-01', ['a', 'b', 'k']),
    at('2026-12-08', ['c', 'd', 'k'], true),
    // too late to wait for
    at('2026-12-15', ['k'], true),
  ]
  expect(entryFor(sessions, '2026-11-24', new Set(['k']))).toEqual({ session: sessions[2], fresh: ['c', 'd'] })
  expect(entryFor(sessions, '2026-11-24', new Set())?.session.day).toBe('2026-12-08')
  expect(entryFor(sessions, '2026-11-24', new Set(['a', 'b', 'c']))?.session.day).toBe('2026-11-24')
  expect(entryFor(sessions, '2027-02-01', new Set())).toBeUndefined()
})
