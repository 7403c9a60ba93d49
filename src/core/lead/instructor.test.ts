import { describe, expect, test } from 'vitest'
import { movementsOf, planSchema, soundPlan } from '../plan'
import { smallCatalogue } from '../testing/library'
import { expand, HOUSE_RATES, learnPace, type Rates } from '../timing'
import { generator } from '../vocabulary'
import { fold } from './events'
import { ledBy } from './instructor'
import { ledStretches } from './stretches'

const catalogue = smallCatalogue()
const plan = soundPlan(
  planSchema.parse({
    version: 2,
    title: 'Led',
    promisedMinutes: 20,
    familiar: ['push', 'hold', 'step'],
    phases: [
      {
        id: 'm',
        kind: 'main',
        blocks: [
          {
            id: 'b',
            items: [
              { id: 'i', variant: 'push/seated', dose: { sets: 3, reps: 10 } },
              { id: 'j', variant: 'step/free', dose: { sets: 2, reps: 12 } },
            ],
          },
          {
            id: 'c',
            format: 'intervals',
            rounds: 4,
            workSeconds: 30,
            restSeconds: 15,
            items: [{ id: 'k', variant: 'push/seated' }],
          },
        ],
      },
    ],
  }),
  catalogue,
)
const timeline = expand(plan, catalogue)
const movementOf = movementsOf(plan, catalogue)
const led = (rates: Rates, noise = 0, seed = 1) => {
  let n = 0
  const id = () => `00000000-0000-4000-8000-${String(n++).padStart(12, '0')}`
  return ledBy({ rates, noise }, timeline, movementOf, 0, { random: generator(seed), id })
}
const paceOf = (...classes: ReturnType<typeof led>[]) =>
  learnPace(
    classes.flatMap((events) => ledStretches(events, timeline, '2026-11-20', movementOf)),
    '2026-11-20',
  )

describe('a simulated instructor', () => {
  test('at the pace of the house ends when the house says, and nothing is skipped', () => {
    const events = led(HOUSE_RATES)
    const state = fold(events, timeline)
    expect(Math.round((state.endedAt! - state.startedAt!) / 1000)).toBe(timeline.totalSeconds)
    expect(state).toMatchObject({ status: 'ended', skipped: [] })
  })
  test.each([
    ['quicker', 0.75, 0.8],
    ['slower', 1.3, 1.25],
  ])('one who is %s is told from her own taps', (_name, counted, between) => {
    const rates = { ...HOUSE_RATES, counted, between }
    const learned = paceOf(led(rates), led(rates), led(rates)).rates
    expect(Math.abs(Math.log(learned.counted / counted))).toBeLessThan(0.08)
    expect(Math.abs(Math.log(learned.between / between))).toBeLessThan(0.1)
  })
  test('what a clock keeps takes her as long as anybody', () => {
    const clocked = timeline.segments.filter(({ block, house }) => block === 'c' && house.clock).reduce((sum, { seconds }) => sum + seconds, 0)
    const lasted = (rates: Rates) => led(rates).at(-1)!.at / 1000
    const scaled = timeline.totalSeconds - lasted({ ...HOUSE_RATES, counted: 1e-6, between: 1e-6 })
    expect(timeline.totalSeconds - scaled).toBeGreaterThanOrEqual(clocked)
  })
  test('the same chance gives the same class', () => {
    const at = (seed: number) => led(HOUSE_RATES, 0.1, seed).map((event) => event.at)
    expect(at(3)).toEqual(at(3))
    expect(at(3)).not.toEqual(at(4))
  })
})
