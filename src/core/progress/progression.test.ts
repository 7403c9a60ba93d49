import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { addDays } from '../vocabulary'
import { type Occasion, type Progression, progression, type Standing, sameDay } from './progression'

const DAY = '2026-11-23'
const ON = addDays(DAY, 7)
const easy = (weeksAgo: number, more: Partial<Occasion> = {}): Occasion => ({
  day: addDays(DAY, -7 * weeksAgo),
  exertion: 4,
  painDuring: 0,
  painNextDay: 0,
  formLost: false,
  twoMore: true,
  stopped: false,
  nearFall: false,
  ...more,
})
const SOMEBODY: Standing = { on: ON, usualPain: 0, painMax: 3, effortCap: 6, weeksInProgramme: 12, never: false }
const answer = (occasions: Occasion[], more: Partial<Standing> = {}): Progression => progression(occasions, { ...SOMEBODY, ...more })!

test('nothing is said of what was never done', () => expect(progression([], SOMEBODY)).toBeUndefined())

describe('as the rule base prints it (5.2, 5.3)', () => {
  const cases: [string, Occasion[], Partial<Standing>, Partial<Progression>][] = [
    ['U1: two more in two classes running', [easy(1), easy(0)], {}, { verdict: 'up', levels: 1 }],
    ['U1: once is not twice', [easy(1, { twoMore: false }), easy(0)], {}, { verdict: 'stay' }],
    ['U6: in the first four weeks nothing is added', [easy(1), easy(0)], { weeksInProgramme: 4 }, { verdict: 'stay' }],
    ['U6: in the fifth it may be', [easy(1), easy(0)], { weeksInProgramme: 5 }, { verdict: 'up' }],
    ['D1: the day after two above usual', [easy(1), easy(0, { painNextDay: 4 })], { usualPain: 2 }, { verdict: 'down', levels: 1 }],
    ['D1: one above usual is no step down, and none up', [easy(1), easy(0, { painNextDay: 3 })], { usualPain: 2 }, { verdict: 'stay' }],
    ['D1: a level less for two sessions', [easy(1, { painNextDay: 3 }), easy(0)], {}, { verdict: 'stay' }],
    ['D2: two bad days running', [easy(1, { painNextDay: 3 }), easy(0, { painNextDay: 2 })], {}, { verdict: 'down', levels: 2, review: true }],
    ['D2: a stop sign', [easy(1), easy(0, { stopped: true })], {}, { verdict: 'down', levels: 2, review: true }],
    ['D3: two weeks missed', [easy(1), easy(0)], { on: addDays(DAY, 21) }, { verdict: 'stay', share: 1 }],
    ['D3: three weeks missed', [easy(1), easy(0)], { on: addDays(DAY, 28) }, { verdict: 'down', share: 0.7 }],
    ['D3: five weeks missed', [easy(1), easy(0)], { on: addDays(DAY, 42) }, { verdict: 'down', share: 0.5 }],
    ['D4: above the cap once', [easy(1), easy(0, { exertion: 7 })], {}, { verdict: 'stay' }],
    ['D4: above the cap twice', [easy(1, { exertion: 7 }), easy(0, { exertion: 7 })], {}, { verdict: 'down', levels: 1 }],
    ['D5: form lost', [easy(1), easy(0, { formLost: true })], {}, { verdict: 'down', levels: 1 }],
    ['D6: never by the log', [easy(1), easy(0)], { never: true }, { verdict: 'stay' }],
    ['5.3: pain to 3 in class may go on', [easy(1), easy(0, { painDuring: 3 })], {}, { verdict: 'up' }],
    ['5.3: pain of 4 in class, back to usual: stay', [easy(1), easy(0, { painDuring: 4 })], {}, { verdict: 'stay' }],
    ['5.3: 3 is too much where 2 is the most', [easy(1), easy(0, { painDuring: 3 })], { painMax: 2 }, { verdict: 'stay' }],
    ['5.3: pain of 6 in class: another version', [easy(1), easy(0, { painDuring: 6 })], {}, { verdict: 'down', levels: 1 }],
    ['a near-fall', [easy(1), easy(0, { nearFall: true })], {}, { verdict: 'down', levels: 1 }],
  ]
  test.each(cases)('%s', (_title, occasions, standing, expected) => expect(answer(occasions, standing)).toMatchObject(expected))

  test('what was never asked is asked before anything is added', () => {
    const { painNextDay: _one, ...untold } = easy(0)
    expect(answer([easy(1), untold])).toMatchObject({ verdict: 'ask', because: { rule: 'not-told', day: DAY, what: 'pain-next-day' } })
    const { exertion: _two, ...unrated } = easy(1)
    expect(answer([unrated, easy(0)])).toMatchObject({ verdict: 'ask', because: { what: 'exertion', day: addDays(DAY, -7) } })
  })
})

describe('laws', () => {
  const rating = fc.option(fc.integer({ min: 0, max: 10 }), { nil: undefined })
  const occasion = fc
    .record({
      exertion: rating,
      painDuring: rating,
      painNextDay: rating,
      formLost: fc.boolean(),
      twoMore: fc.boolean(),
      stopped: fc.boolean(),
      nearFall: fc.boolean(),
    })
    .map(
      ({ exertion, painDuring, painNextDay, ...flags }): Omit<Occasion, 'day'> => ({
        ...flags,
        ...(exertion !== undefined && { exertion }),
        ...(painDuring !== undefined && { painDuring }),
        ...(painNextDay !== undefined && { painNextDay }),
      }),
    )
  const history = fc
    .array(occasion, { minLength: 1, maxLength: 6 })
    .map((all) => all.map((one, at) => ({ ...one, day: addDays(DAY, 7 * (at - all.length + 1)) })))
  const standing = fc.record({
    on: fc.integer({ min: 1, max: 60 }).map((days) => addDays(DAY, days)),
    usualPain: fc.integer({ min: 0, max: 6 }),
    painMax: fc.constantFrom(2, 3),
    effortCap: fc.integer({ min: 3, max: 8 }),
    weeksInProgramme: fc.integer({ min: 0, max: 20 }),
    never: fc.boolean(),
  })
  const RANK = { down: 0, stay: 1, ask: 1, up: 2 } as const

  test('up needs two classes running that were easy, told, free of pain and under the cap', () => {
    fc.assert(
      fc.property(history, standing, (occasions, who) => {
        const found = progression(occasions, who)!
        if (found.verdict !== 'up') return
        expect(who.never).toBe(false)
        const two = occasions.slice(-2)
        expect(two).toHaveLength(2)
        for (const { twoMore, formLost, stopped, nearFall, exertion, painDuring, painNextDay } of two) {
          expect([twoMore, formLost, stopped, nearFall]).toEqual([true, false, false, false])
          expect(exertion).toBeLessThanOrEqual(who.effortCap)
          expect(painDuring).toBeLessThanOrEqual(who.painMax)
          expect(painNextDay).toBeLessThanOrEqual(who.usualPain)
        }
      }),
      { numRuns: 3000 },
    )
  })

  test('a worse last class never makes the answer bolder', () => {
    const worse = fc.constantFrom<(one: Occasion) => Occasion>(
      (one) => ({ ...one, stopped: true }),
      (one) => ({ ...one, nearFall: true }),
      (one) => ({ ...one, formLost: true }),
      (one) => ({ ...one, twoMore: false }),
      (one) => ({ ...one, painDuring: Math.max(one.painDuring ?? 0, 6) }),
      (one) => ({ ...one, painNextDay: Math.max(one.painNextDay ?? 0, 9) }),
      (one) => ({ ...one, exertion: 10 }),
    )
    fc.assert(
      fc.property(history, standing, worse, (occasions, who, make) => {
        const after = progression([...occasions.slice(0, -1), make(occasions.at(-1)!)], who)!
        expect(RANK[after.verdict]).toBeLessThanOrEqual(RANK[progression(occasions, who)!.verdict])
      }),
      { numRuns: 3000 },
    )
  })

  test('two classes on one day are one occasion, in either order, and never bolder than either of them', () => {
    fc.assert(
      fc.property(history, occasion, occasion, standing, (before, one, other, who) => {
        const at = (all: Omit<Occasion, 'day'>): Occasion => ({ ...all, day: addDays(DAY, 1) })
        const both = sameDay(at(one), at(other))
        expect(sameDay(at(other), at(one))).toEqual(both)
        const rank = (last: Occasion) => RANK[progression([...before, last], who)!.verdict]
        expect(both.stopped).toBe(one.stopped || other.stopped)
        // what nobody noted of the one may be known of the other: that is no worse, and asks no more
        const untold = (all: Omit<Occasion, 'day'>) => [all.exertion, all.painDuring, all.painNextDay].includes(undefined)
        if (!untold(one) && !untold(other)) expect(rank(both)).toBeLessThanOrEqual(Math.min(rank(at(one)), rank(at(other))))
      }),
      { numRuns: 2000 },
    )
  })

  test('only the last two classes decide', () => {
    fc.assert(
      fc.property(history, standing, (occasions, who) => {
        const { because: _all, ...all } = progression(occasions, who)!
        const { because: _two, ...two } = progression(occasions.slice(-2), who)!
        expect(two).toEqual(all)
      }),
    )
  })

  test('what is said rests on days that there were', () => {
    fc.assert(
      fc.property(history, standing, (occasions, who) => {
        const { because } = progression(occasions, who)!
        const named = 'days' in because ? because.days : 'day' in because ? [because.day] : []
        expect(occasions.map(({ day }) => day)).toEqual(expect.arrayContaining(named))
      }),
    )
  })
})
