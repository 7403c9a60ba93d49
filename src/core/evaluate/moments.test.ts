import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import type { Segment, SegmentKind } from '../timing'
import { advance, type Held, momentAt, mostMinutes, START } from './moments'

const SEAT: Held = { base: 'seated-unsupported', rpe: 2 }
const STAND = (rpe: number): Held => ({ base: 'standing-free', rpe })
const FLAT: Held = { base: 'floor-supine', rpe: 2 }

/** A row of segments from kind, seconds and item. */
function row(...parts: [SegmentKind, number, string?][]): Segment[] {
  let at = 0
  return parts.map(([kind, seconds, item]) => {
    const segment: Segment = {
      kind,
      seconds,
      startSeconds: at,
      phase: 'm',
      phaseKind: 'main',
      house: {},
      block: 'b',
      base: 'seat',
      rpe: 2,
      ...(item && { item }),
    }
    at += seconds
    return segment
  })
}
const minutes = (segments: Segment[], item: string, held: Record<string, Held>) => momentAt(START, segments, item, (id) => held[id]!)

describe('minutes from the timeline (1.6)', () => {
  const example = (seatedRest: number) =>
    row(
      ['work', 480, 'sit'],
      ['change', 20, 'brisk'],
      ['pause', 10, 'brisk'],
      ['work', 300, 'brisk'],
      ['change', 10, 'rest'],
      ['rest', seatedRest, 'rest'],
      ['change', 10, 'i'],
      ['pause', 10, 'i'],
      ['work', 120, 'i'],
    )
  const held = { sit: SEAT, brisk: STAND(4), rest: SEAT, i: STAND(3) }
  test('the worked example: 100 s away keep the standing block', () => {
    const moment = minutes(example(80), 'i', held)
    expect(moment.standingMin).toBeCloseTo(9, 9)
    expect(moment.minSinceAerobic).toBeCloseTo(110 / 60, 9)
    expect([moment.seatedMin, moment.supineMin]).toEqual([0, 0])
  })
  test('120 s away end it', () => {
    const moment = minutes(example(100), 'i', held)
    expect(moment.standingMin).toBeCloseTo(130 / 60, 9)
    expect(moment.minSinceAerobic).toBeCloseTo(130 / 60, 9)
  })
  test('a minute on the side ends a block on the back', () => {
    const turned = (seconds: number) =>
      row(['work', 120, 'a'], ['change', 5, 'side'], ['work', seconds, 'side'], ['change', 5, 'i'], ['work', 60, 'i'])
    const held = { a: FLAT, side: { base: 'side-lying', rpe: 2 } as Held, i: FLAT }
    expect(minutes(turned(49), 'i', held).supineMin).toBeCloseTo((120 + 5 + 49 + 5 + 60) / 60, 9)
    expect(minutes(turned(50), 'i', held).supineMin).toBeCloseTo(1, 9)
  })
  test('rest, side change, talk and water stay in the position of the item before', () => {
    const segments = row(
      ['work', 60, 'a'],
      ['rest', 30, 'a'],
      ['side-change', 4, 'a'],
      ['work', 60, 'a'],
      ['water', 40],
      ['showing', 20, 'i'],
      ['work', 60, 'i'],
    )
    expect(minutes(segments, 'i', { a: FLAT, i: FLAT }).supineMin).toBeCloseTo(274 / 60, 9)
  })
  test('who stays seated while the others rise has an unbroken block', () => {
    const segments = row(['work', 60, 'a'], ['change', 12, 'i'], ['pause', 10, 'i'], ['work', 60, 'i'])
    expect(minutes(segments, 'i', { a: SEAT, i: SEAT }).seatedMin).toBeCloseTo(142 / 60, 9)
  })
  test('no aerobic work before is 99 minutes, whatever its purpose it counts from effort 4', () => {
    const segments = row(['work', 60, 'a'], ['work', 60, 'i'])
    expect(minutes(segments, 'i', { a: STAND(3), i: STAND(3) }).minSinceAerobic).toBe(99)
    expect(minutes(segments, 'i', { a: STAND(4), i: STAND(3) }).minSinceAerobic).toBe(0)
  })
})

test('minutes are never more than from where somebody may have come into the family, so what stays under a threshold need not be worked out', () => {
  const kinds: SegmentKind[] = ['work', 'rest', 'change', 'pause', 'talk', 'water', 'link', 'side-change']
  const held: Record<string, Held> = { sit: SEAT, stand: STAND(4), flat: FLAT, bed: { base: 'bed-supine', rpe: 1 } }
  const part = fc.tuple(fc.constantFrom(...kinds), fc.integer({ min: 1, max: 300 }), fc.constantFrom(...Object.keys(held)))
  fc.assert(
    fc.property(
      fc.array(part, { maxLength: 14 }),
      fc.array(part, { maxLength: 5 }),
      fc.constantFrom(...Object.values(held)),
      (before, between, own) => {
        const segments = row(...before, ...between, ['change', 8, 'i'], ['work', 60, 'i'])
        const holds = (id: string) => (id === 'i' ? own : held[id]!)
        const walk = segments.slice(0, before.length).reduce((now, segment) => advance(now, segment, holds), START)
        const ahead = segments.slice(before.length)
        const end = ahead.at(-1)!.startSeconds + ahead.at(-1)!.seconds
        const moment = momentAt(walk, ahead, 'i', holds)
        for (const [family, minutes] of [
          ['seated', moment.seatedMin],
          ['standing', moment.standingMin],
          ['supine', moment.supineMin],
        ] as const)
          expect(minutes).toBeLessThanOrEqual(mostMinutes(walk, ahead[0]!.startSeconds, end)(family))
      },
    ),
    { numRuns: 500 },
  )
})
