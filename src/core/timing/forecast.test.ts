import { describe, expect, test } from 'vitest'
import { type PlanInput, planSchema, soundPlan } from '../plan'
import { smallCatalogue } from '../testing/library'
import { forecastsOf } from './forecast'
import { HOUSE_PACE, type LedStretch, learnPace } from './pace'
import { expand } from './timeline'

const TODAY = '2026-11-24'
const catalogue = smallCatalogue()
type BlockInput = NonNullable<NonNullable<PlanInput['phases']>[number]['blocks']>[number]
const counted: BlockInput = { id: 'counted', items: [{ id: 'i', variant: 'push/seated', dose: { sets: 3, reps: 12 } }] }
const again: BlockInput = { id: 'again', items: [{ id: 'j', variant: 'push/seated', dose: { sets: 3, reps: 12 } }] }
const song: BlockInput = { id: 'song', format: 'song', seconds: 180, items: [{ id: 'k', variant: 'push/seated' }] }
const led = (factor: number, count: number): LedStretch[] =>
  Array.from({ length: count }, (_, n) => ({
    day: `2026-11-${10 + n}`,
    house: { clock: 0, counted: 200, held: 0, between: 60 },
    seconds: 260 * factor,
  }))

function forecasts(blocks: BlockInput[], pace = HOUSE_PACE) {
  const plan = soundPlan(
    planSchema.parse({ version: 2, title: 'T', promisedMinutes: 20, familiar: ['push'], phases: [{ id: 'm', kind: 'main', blocks }] }),
    catalogue,
  )
  const timeline = expand(plan, catalogue, undefined, pace.rates)
  return { timeline, ...forecastsOf(timeline, plan.phases[0]!.blocks, pace) }
}
const width = ({ lowSeconds, highSeconds }: { lowSeconds: number; highSeconds: number }) => highSeconds - lowSeconds

describe('how sure a forecast is', () => {
  test('the range is about the point, and narrower the more is known', () => {
    const house = forecasts([counted]).whole
    expect(house.highSeconds - house.seconds).toBe(house.seconds - house.lowSeconds)
    expect(width(forecasts([counted], learnPace(led(1, 8), TODAY)).whole)).toBeLessThan(0.7 * width(house))
  })
  test('what music keeps is as sure as the music', () => {
    const { blocks } = forecasts([song])
    // the word before it is not the song's
    expect(blocks.song!.scaled).toBe(true)
    expect(blocks.song!.lowSeconds).toBeGreaterThanOrEqual(180)
    expect(width(blocks.song!)).toBeLessThan(10)
  })
  test('the blocks sum to the class, and its range is less than all of theirs', () => {
    const { whole, blocks } = forecasts([counted, again, song])
    expect(Object.values(blocks).reduce((sum, { seconds }) => sum + seconds, 0)).toBe(whole.seconds)
    expect(width(whole)).toBeLessThan(Object.values(blocks).reduce((sum, one) => sum + width(one), 0))
    expect(width(whole)).toBeGreaterThan(Math.max(...Object.values(blocks).map(width)))
  })
})

describe('a block with a pace of its own', () => {
  const pace = learnPace(led(0.7, 8), TODAY)
  test('set to the house is as long as the house says, and as unsure', () => {
    const { blocks } = forecasts([counted, { ...again, pace: 'house' }], pace)
    const house = forecasts([counted, again]).blocks
    expect(Math.abs(blocks.again!.seconds - house.again!.seconds)).toBeLessThanOrEqual(1)
    expect(blocks.counted!.seconds).toBeLessThan(0.85 * house.counted!.seconds)
    expect(width(blocks.again!)).toBeGreaterThan(width(blocks.counted!))
  })
  test('that is kept does not move when more is learned', () => {
    const kept: BlockInput = { ...again, pace: { ...pace.rates, movements: { ...pace.rates.movements } } }
    const now = forecasts([kept, counted], pace)
    const later = forecasts([kept, counted], learnPace(led(1.3, 8), TODAY))
    expect(Math.abs(now.blocks.again!.seconds - now.blocks.counted!.seconds)).toBeLessThanOrEqual(1)
    expect(later.blocks.again).toEqual(now.blocks.again)
    expect(later.blocks.counted!.seconds).toBeGreaterThan(now.blocks.counted!.seconds)
  })
})
