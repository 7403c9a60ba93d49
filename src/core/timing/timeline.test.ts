import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { type Plan, type PlanInput, planSchema, soundPlan } from '../plan'
import { smallCatalogue } from '../testing/library'
import { changeSeconds } from './bases'
import { HOUSE_RATES } from './rates'
import { clock, segmentAt, type Timeline } from './segment'
import { expand } from './timeline'
import { treadLine } from './tread'

type Blocks = NonNullable<PlanInput['phases'][number]['blocks']>
const catalogue = smallCatalogue()
const planOf = (blocks: Blocks, extra: Partial<PlanInput> = {}): Plan =>
  soundPlan(
    planSchema.parse({
      version: 2,
      title: 'Test',
      promisedMinutes: 20,
      familiar: ['push', 'hold', 'step'],
      phases: [{ id: 'm', kind: 'main', blocks }],
      ...extra,
    }),
    catalogue,
  )
const NEW = { familiar: [] }
const told = ({ segments }: Timeline) => segments.map(({ kind, seconds, side }) => `${kind} ${seconds}${side ? ` ${side}` : ''}`)

// push: one repetition 4 s as written · hold: 2 s and what is held · a word and the count-in: 5 + 3
const push = (id: string, dose?: object) => ({ id, variant: 'push/seated', dose: { sets: 1, reps: 8, ...dose } })
const sides = (id: string, dose?: object) => ({ id, variant: 'push/sides', dose: { sets: 1, reps: 8, ...dose } })
const step = (id: string, dose?: object) => ({ id, variant: 'step/free', dose: { sets: 1, reps: 8, ...dose } })

describe('worked plans, second by second', () => {
  test('straight sets: two of 8 × 4 s, nothing said of the rest, up to stand, a two-sided movement, water', () => {
    const timeline = expand(
      planOf([{ id: 'b', format: 'straight', pauseAfter: 40, items: [push('i', { sets: 2 }), step('j', { restSeconds: 30, sets: 2 }), sides('k')] }]),
      catalogue,
    )
    expect(told(timeline)).toEqual([
      ...['link 5', 'count-in 3', 'work 32', 'rest 20', 'work 32'],
      // from the chair to the feet 8 s
      ...['link 5', 'change 8', 'count-in 3', 'work 32', 'rest 30', 'work 32'],
      ...['link 5', 'change 8', 'count-in 3', 'work 32 first', 'side-change 5', 'work 32 second'],
      'water 40',
    ])
    // 92 + 110 + 85 + 40
    expect(timeline.totalSeconds).toBe(327)
  })
  describe('a moving rest between sets', () => {
    const easy = { id: 'e', variant: 'push/turns', asRest: true, dose: { workSeconds: 40, rpe: 3 } }
    const blocks = (format: 'alternated' | 'circuit', more: object = {}): Blocks => [
      { id: 'b', format, items: [push('i', { sets: 3 }), easy], ...more },
    ]
    const expected = ['link 5', 'count-in 3', 'work 32', 'work 40', 'work 32', 'work 40', 'work 32']
    test('straight into it and straight on, none after the last set', () => {
      const timeline = expand(planOf(blocks('alternated')), catalogue)
      expect(told(timeline)).toEqual(expected)
      expect(timeline.segments.filter(({ moving }) => moving).map(({ item, rpe }) => [item, rpe])).toEqual([
        ['e', 2],
        ['e', 2],
      ])
      expect(told(expand(planOf(blocks('circuit', { rounds: 3 })), catalogue))).toEqual(expected)
    })
    test('who needs longer rests rests still on top of it (5.7): 40 × 1.5 are 60', () => {
      const pacing = { restFactor: () => 1.5, pauseSeconds: () => 0 }
      expect(told(expand(planOf(blocks('alternated')), catalogue, pacing))).toEqual([
        ...['link 5', 'count-in 3', 'work 32', 'work 40', 'rest 20'],
        ...['work 32', 'work 40', 'rest 20', 'work 32'],
      ])
    })
    test('a rest after the round that is said comes as well', () =>
      expect(told(expand(planOf(blocks('circuit', { rounds: 2, restAfterRoundSeconds: 30 })), catalogue))).toEqual([
        ...['link 5', 'count-in 3', 'work 32', 'work 40', 'rest 20', 'link 10', 'work 32'],
      ]))
    test('in a block whose movements do not take turns it is a movement like any other', () => {
      const timeline = expand(planOf([{ id: 'b', items: [push('i'), easy] }]), catalogue)
      expect(timeline.segments.some(({ moving }) => moving)).toBe(false)
      expect(timeline.segments.at(-1)!.rpe).toBe(3)
    })
  })
  test('a pair in turn: change-over 10 s, at the first showing 20', () => {
    const timeline = expand(planOf([{ id: 'b', format: 'alternated', items: [push('i', { sets: 2 }), sides('k', { sets: 2 })] }], NEW), catalogue)
    expect(told(timeline)).toEqual([
      // the first of all: shown where people sit, and tried once
      ...['link 5', 'showing 12', 'showing 4', 'count-in 3', 'work 32'],
      // the same movement in another version is not new
      ...['link 10', 'work 32 first', 'side-change 5', 'work 32 second'],
      ...['link 10', 'work 32'],
      ...['link 10', 'work 32 first', 'side-change 5', 'work 32 second'],
    ])
    expect(timeline.totalSeconds).toBe(24 + 32 + 10 + 69 + 10 + 32 + 10 + 69)
  })
  test('a circuit of two rounds by the clock: stated change-over, 60 s between the rounds, the second round can be left out', () => {
    const timeline = expand(
      planOf([
        {
          id: 'b',
          format: 'circuit',
          rounds: 2,
          optionalRounds: 1,
          workSeconds: 40,
          changeSeconds: 15,
          restAfterRoundSeconds: 60,
          items: [push('i'), step('j'), sides('k')],
        },
      ]),
      catalogue,
    )
    expect(told(timeline)).toEqual([
      ...['link 5', 'count-in 3', 'work 40'],
      // 15 s are stated: 5 left over, then 2 s of words and 8 s to stand
      ...['rest 5', 'link 2', 'change 8', 'work 40'],
      ...['rest 5', 'link 2', 'change 8', 'work 18 first', 'side-change 5', 'work 17 second'],
      ...['rest 50', 'link 10', 'work 40'],
      ...['rest 5', 'link 2', 'change 8', 'work 40'],
      ...['rest 5', 'link 2', 'change 8', 'work 18 first', 'side-change 5', 'work 17 second'],
    ])
    expect(timeline.totalSeconds).toBe(8 + 150 + 60 + 150)
    // the rest before it goes with it
    expect(timeline.leastSeconds).toBe(8 + 150)
  })
  test('intervals by the clock: set-up and showing fit inside the rest, exact to the second', () => {
    const timeline = expand(
      planOf([{ id: 'b', format: 'intervals', rounds: 2, workSeconds: 45, restSeconds: 15, items: [push('i'), step('j')] }], NEW),
      catalogue,
    )
    expect(told(timeline)).toEqual([
      ...['link 5', 'showing 12', 'showing 4', 'count-in 3', 'work 45'],
      // 7 s are left to show it, then 8 s to stand
      ...['showing 7', 'change 8', 'work 45'],
      ...['rest 7', 'change 8', 'work 45'],
      ...['rest 7', 'change 8', 'work 45'],
    ])
    expect(timeline.totalSeconds).toBe(24 + 4 * 45 + 3 * 15)
  })
  test('counts to music: 32 counts at 120, 8 repetitions of 4 beats, straight on but for the way up', () => {
    const timeline = expand(
      planOf(
        [
          {
            id: 'b',
            format: 'counts',
            bpm: 120,
            items: [
              { id: 'i', variant: 'push/seated', dose: { workCounts: 32 } },
              { id: 'j', variant: 'push/turns', dose: { reps: 8, counted: 'in-all', tempo: { by: 'beats', beats: 4 } } },
              { id: 'k', variant: 'step/free', dose: { reps: 7, tempo: { by: 'beats', beats: 2 } } },
            ],
          },
        ],
        { familiar: ['push', 'hold', 'step'] },
      ),
      catalogue,
    )
    expect(told(timeline)).toEqual(['link 5', 'count-in 3', 'work 16', 'work 16', 'change 8', 'work 7'])
  })
  test('a phrase built up by adding on, right and left: parts of 8 counts at 120', () => {
    const part = (id: string) => ({ id, variant: 'push/seated', dose: { sets: 2, workCounts: 8 } })
    const timeline = expand(planOf([{ id: 'b', format: 'phrase', bpm: 120, wholeTimes: 2, items: [part('i'), part('j'), part('k')] }]), catalogue)
    const work = timeline.segments.filter(({ kind }) => kind === 'work')
    // each part twice, right and left: 3 × 4; the first two together once: 4; the whole twice: 12
    expect(work).toHaveLength(28)
    expect(work.every(({ seconds }) => seconds === 4)).toBe(true)
    expect(timeline.totalSeconds).toBe(8 + 28 * 4)
    for (const side of ['first', 'second'] as const) expect(work.filter((segment) => segment.side === side)).toHaveLength(14)
  })
})

describe('what a block comes to', () => {
  const cases: { name: string; blocks: Blocks; extra?: Partial<PlanInput>; seconds: number }[] = [
    {
      name: 'one song: the items share it',
      blocks: [{ id: 'b', format: 'song', seconds: 200, items: [push('i'), push('j'), push('k')] }],
      seconds: 8 + 200,
    },
    // two items a side, 8 s to the first and the second, 10 in the second pass, 5 s for the change of side and 10 to begin again
    {
      name: 'everything on one side, then on the other',
      blocks: [{ id: 'b', format: 'stations', items: [sides('i'), sides('j')] }],
      seconds: 8 + 32 + 8 + 32 + 5 + 8 + 32 + 10 + 32,
    },
    { name: 'laps', blocks: [{ id: 'b', format: 'laps', laps: 4, lapSeconds: 30, items: [step('i')] }], seconds: 16 + 120 },
    {
      name: 'until it is called',
      blocks: [{ id: 'b', format: 'open', expectedSeconds: 50, items: [push('i', { sets: 2 }), push('j')] }],
      seconds: 8 + 50 + 20 + 50 + 8 + 50,
    },
    {
      name: 'opening words, then up to rest on the feet',
      blocks: [
        { id: 'a', format: 'quiet', seconds: 90 },
        { id: 'b', format: 'quiet', what: 'relaxation', seconds: 180, position: 'standing-two-hand' },
      ],
      seconds: 90 + 8 + 180,
    },
    {
      name: 'unequal stretches: hard 30, easy 60, three times round, straight on',
      blocks: [
        {
          id: 'b',
          format: 'intervals',
          rounds: 3,
          stretches: [
            { seconds: 30, effort: 'hard' },
            { seconds: 60, effort: 'easy' },
          ],
          items: [push('i')],
        },
      ],
      seconds: 8 + 270,
    },
    {
      name: 'a rest first takes the set-up in',
      blocks: [{ id: 'b', format: 'intervals', restFirst: true, rounds: 2, workSeconds: 30, restSeconds: 20, items: [step('i')] }],
      seconds: 20 + 30 + 20 + 30,
    },
    {
      name: 'a hold is its count and 5 s to get in and out',
      blocks: [{ id: 'b', items: [{ id: 'i', variant: 'hold/seated', dose: { reps: 1, holdSeconds: 20 } }] }],
      seconds: 8 + 25,
    },
    {
      name: 'a hold of three breaths',
      blocks: [{ id: 'b', items: [{ id: 'i', variant: 'hold/seated', dose: { reps: 1, holdBreaths: 3 } }] }],
      seconds: 8 + 20,
    },
    {
      name: 'four up, two held, four down, six times',
      blocks: [{ id: 'b', items: [push('i', { reps: 6, tempo: { by: 'counts', up: 4, hold: 2, down: 4 } })] }],
      seconds: 8 + 60,
    },
    {
      name: 'an odd total in all: five on the first side, four on the second',
      blocks: [{ id: 'b', items: [sides('i', { reps: 9, counted: 'in-all' })] }],
      seconds: 8 + 20 + 5 + 16,
    },
    {
      name: '12 then 10',
      blocks: [{ id: 'b', items: [{ id: 'i', variant: 'push/seated', dose: { sets: 2, restSeconds: 30, eachSet: [{ reps: 12 }, { reps: 10 }] } }] }],
      seconds: 8 + 48 + 30 + 40,
    },
    {
      name: 'shrinking 8-4-2-1',
      blocks: [{ id: 'b', items: [{ id: 'i', variant: 'push/seated', dose: { shrinking: [8, 4, 2, 1] } }] }],
      seconds: 8 + 60,
    },
    { name: 'ten pulses at the end', blocks: [{ id: 'b', items: [push('i', { finish: { pulses: 10 } })] }], seconds: 8 + 32 + 10 },
    { name: 'left only', blocks: [{ id: 'b', items: [sides('i', { sides: 'left' })] }], seconds: 8 + 32 },
    {
      name: 'the pause after a block takes the way to the next in',
      blocks: [
        { id: 'a', pauseAfter: 60, items: [push('i')] },
        { id: 'b', items: [step('j')] },
      ],
      seconds: 8 + 32 + 60 + 32,
    },
    {
      name: 'a stated gap that is shorter than the way',
      blocks: [{ id: 'b', format: 'straight', restBetweenSeconds: 5, items: [push('i'), step('j')] }],
      seconds: 8 + 32 + 16 + 32,
    },
  ]
  test.each(cases)('$name', ({ blocks, seconds }) => expect(expand(planOf(blocks), catalogue).totalSeconds).toBe(seconds))

  test('a movement that is new to the group is shown once, and its first repetition is slow', () => {
    const segments = expand(planOf([{ id: 'b', items: [push('i'), push('j')] }], NEW), catalogue).segments
    expect(segments.filter(({ kind }) => kind === 'showing').map(({ item, seconds }) => [item, seconds])).toEqual([
      ['i', 12],
      ['i', 4],
    ])
  })
  test('a long quiet block brings people up from the floor, because nobody is judged in it; a short one does not', () => {
    const lying = {
      id: 'i',
      described: { name: 'Lying', repSeconds: 4, demands: { basePosition: 'floor-supine' as const, purpose: 'relaxation' as const } },
    }
    const quietAfter = (seconds: number) =>
      expand(
        planOf([
          { id: 'b', items: [lying] },
          { id: 'q', format: 'quiet', what: 'relaxation', seconds },
        ]),
        catalogue,
      ).segments.filter(({ block }) => block === 'q')
    expect(quietAfter(60).map(({ kind, base }) => [kind, base])).toEqual([['rest', 'floor']])
    expect(quietAfter(120).map(({ kind, base, seconds }) => [kind, base, seconds])).toEqual([
      ['change', 'seat', 30],
      ['rest', 'seat', 120],
    ])
  })
  test('what can be left out makes the forecast a range', () => {
    const plain = expand(planOf([{ id: 'b', items: [push('i'), push('j')] }]), catalogue)
    const ranged = expand(planOf([{ id: 'b', items: [push('i'), { ...push('j'), optional: true }] }]), catalogue)
    expect(plain.leastSeconds).toBe(plain.totalSeconds)
    expect([ranged.totalSeconds, ranged.leastSeconds]).toEqual([plain.totalSeconds, plain.totalSeconds - 40])
  })
  test('a pause after rising stands inside a kept rest, and makes it longer only where it does not fit', () => {
    const blocks: Blocks = [{ id: 'b', format: 'intervals', workSeconds: 30, restSeconds: 20, items: [push('i'), step('j')] }]
    const withPause = (seconds: number) =>
      expand(planOf(blocks), catalogue, { restFactor: () => 1, pauseSeconds: (item) => (item === 'j' ? seconds : 0) })
    expect(withPause(10).totalSeconds).toBe(8 + 30 + 20 + 30)
    expect(withPause(30).totalSeconds).toBe(8 + 30 + 38 + 30)
  })
})

const doseArbitrary = fc.record(
  {
    sets: fc.integer({ min: 1, max: 4 }),
    reps: fc.integer({ min: 1, max: 15 }),
    holdSeconds: fc.integer({ min: 0, max: 20 }),
    restSeconds: fc.integer({ min: 0, max: 90 }),
    loadKg: fc.integer({ min: 0, max: 5 }),
    rpe: fc.integer({ min: 0, max: 7 }),
    counted: fc.constantFrom('per-side' as const, 'in-all' as const),
  },
  { requiredKeys: ['sets', 'reps'] },
)
const itemsArbitrary = fc.array(
  fc.record({ variant: fc.constantFrom('push/seated', 'push/turns', 'push/sides', 'hold/seated', 'step/free', 'step/held'), dose: doseArbitrary }),
  { minLength: 1, maxLength: 5 },
)
const rest = fc.option(fc.integer({ min: 0, max: 60 }), { nil: undefined })
const blockArbitrary = fc.oneof(
  fc.record({ format: fc.constant('straight' as const), restBetweenSeconds: rest }),
  fc.record({ format: fc.constant('alternated' as const), restBetweenSeconds: rest, restAfterRoundSeconds: rest }),
  fc.record({ format: fc.constant('circuit' as const), rounds: fc.integer({ min: 1, max: 4 }), changeSeconds: rest, restAfterRoundSeconds: rest }),
  fc.record({
    format: fc.constant('intervals' as const),
    rounds: fc.integer({ min: 1, max: 4 }),
    workSeconds: fc.integer({ min: 15, max: 90 }),
    restSeconds: fc.integer({ min: 0, max: 60 }),
    restFirst: fc.boolean(),
  }),
  fc.record({ format: fc.constant('counts' as const), bpm: fc.integer({ min: 60, max: 180 }) }),
  fc.record({ format: fc.constant('phrase' as const), bpm: fc.integer({ min: 60, max: 180 }), wholeTimes: fc.integer({ min: 1, max: 4 }) }),
  fc.record({ format: fc.constant('song' as const), seconds: fc.integer({ min: 60, max: 400 }) }),
  fc.record({ format: fc.constant('stations' as const), restBetweenSeconds: rest }),
  fc.record({ format: fc.constant('laps' as const), laps: fc.integer({ min: 1, max: 6 }) }),
  fc.record({ format: fc.constant('open' as const) }),
)
const present = <T extends object>(one: T) => Object.fromEntries(Object.entries(one).filter(([, value]) => value !== undefined)) as T
const blocksArbitrary = fc.array(fc.tuple(blockArbitrary, itemsArbitrary, fc.integer({ min: 0, max: 60 })), { maxLength: 4 }).map(
  (list): Blocks =>
    list.map(
      ([block, items, pauseAfter], b) =>
        ({
          ...present(block),
          pauseAfter,
          id: `b${b}`,
          items: items.map((item, i) => ({ ...item, dose: present(item.dose), id: `i${b}-${i}` })),
        }) as Blocks[number],
    ),
)
const factor = fc.double({ min: 0.5, max: 2, noNaN: true })
const ratesArbitrary = fc.record({
  counted: factor,
  held: factor,
  between: factor,
  movements: fc.dictionary(fc.constantFrom('push', 'hold'), factor),
})

describe('laws of the timeline', () => {
  test('it is exact, deterministic and without a hole, at any pace', () => {
    fc.assert(
      fc.property(blocksArbitrary, fc.option(ratesArbitrary, { nil: HOUSE_RATES }), (blocks, rates) => {
        const plan = planOf(blocks)
        const timeline = expand(plan, catalogue, undefined, rates)
        expect(expand(plan, catalogue, undefined, rates)).toEqual(timeline)
        let at = 0
        for (const segment of timeline.segments) {
          expect(segment.startSeconds).toBe(at)
          expect(Number.isInteger(segment.seconds) && segment.seconds > 0).toBe(true)
          expect(timeline.segments[segmentAt(timeline, at)]).toBe(segment)
          at += segment.seconds
        }
        expect(timeline.totalSeconds).toBe(at)
        expect(timeline.phases.reduce((sum, phase) => sum + phase.seconds, 0)).toBe(at)
        const line = treadLine(timeline)
        expect(line.treads.reduce((sum, tread) => sum + tread.endSeconds - tread.startSeconds, 0)).toBe(at)
      }),
      { numRuns: 200, seed: 11 },
    )
  })
  test('at the house’s pace what the seconds depend on sums to the class, within the rounding', () => {
    fc.assert(
      fc.property(blocksArbitrary, (blocks) => {
        const { segments, totalSeconds } = expand(planOf(blocks), catalogue)
        const sum = segments.reduce((all, { house }) => all + Object.values(house).reduce((one, part) => one + part, 0), 0)
        expect(Math.abs(sum - totalSeconds)).toBeLessThanOrEqual(1 + segments.length * 0.5)
      }),
      { numRuns: 100, seed: 12 },
    )
  })
  test('what a clock keeps is the same at any pace', () => {
    fc.assert(
      fc.property(ratesArbitrary, fc.integer({ min: 1, max: 4 }), (rates, rounds) => {
        const plan = planOf([
          { id: 'b', format: 'intervals', restFirst: true, rounds, workSeconds: 40, restSeconds: 40, items: [push('i'), step('j')] },
        ])
        expect(expand(plan, catalogue, undefined, rates).totalSeconds).toBe(rounds * 160)
      }),
      { numRuns: 100, seed: 13 },
    )
  })
  test('a slower pace never makes a class shorter', () => {
    fc.assert(
      fc.property(
        blocksArbitrary,
        ratesArbitrary,
        fc.constantFrom('counted' as const, 'held' as const, 'between' as const),
        (blocks, rates, which) => {
          const plan = planOf(blocks)
          const slower = { ...rates, [which]: rates[which] * 1.3 }
          expect(expand(plan, catalogue, undefined, slower).totalSeconds).toBeGreaterThanOrEqual(
            expand(plan, catalogue, undefined, rates).totalSeconds - 1,
          )
        },
      ),
      { numRuns: 150, seed: 14 },
    )
  })
  test('per side both sides are done as often; in all they differ by one at most', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 20 }), fc.constantFrom('per-side' as const, 'in-all' as const), (reps, counted) => {
        const { segments } = expand(planOf([{ id: 'b', items: [sides('i', { reps, counted })] }]), catalogue)
        const done = (side: string) => segments.filter((segment) => segment.side === side).reduce((sum, segment) => sum + (segment.reps ?? 0), 0)
        expect(done('first') - done('second')).toBe(counted === 'in-all' ? reps % 2 : 0)
        expect(done('first') + done('second')).toBe(counted === 'in-all' ? reps : reps * 2)
      }),
    )
  })
})

test('changing place costs the same both ways, from bed by way of sitting, and holding on costs nothing', () => {
  const pairs = [
    ['seated-unsupported', 'standing-free', 8],
    ['standing-two-hand', 'floor-supine', 26],
    ['seated-back-supported', 'hands-and-knees', 30],
    ['bed-supine', 'bed-edge-sitting', 12],
    ['bed-supine', 'seated-unsupported', 12],
    ['bed-supine', 'standing-free', 20],
    ['floor-supine', 'side-lying', 6],
    ['standing-two-hand', 'standing-free', 0],
  ] as const
  for (const [from, to, seconds] of pairs) expect([changeSeconds(from, to), changeSeconds(to, from)]).toEqual([seconds, seconds])
})

test('times are written m:ss', () => expect([0, 59.6, 61, 3600].map(clock)).toEqual(['0:00', '1:00', '1:01', '60:00']))
