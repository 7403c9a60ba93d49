import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { smallCatalogue } from '../testing/library'
import { breathAt, describePicture, pictureOf, poseAt } from './picture'

const { movement, variant } = smallCatalogue().byId.get('push/seated')!
const tempo = { out: 2, stay: 1, back: 3, rest: 1 }
const WHOLE = 7
const moving = { ...variant, tempo }

describe('a repetition follows its tempo', () => {
  const raised = (second: number) => poseAt(moving, second).rightArm.raise
  const [low, high] = [variant.poses[0]!.rightArm.raise, variant.poses.at(-1)!.rightArm.raise]
  test('begins low, is up at the end of the way out, stays, and is back before the rest', () => {
    expect(high).toBeGreaterThan(low)
    expect(raised(0)).toBeCloseTo(low)
    for (const second of [2, 2.5, 3]) expect(raised(second)).toBeCloseTo(high)
    for (const second of [6, 6.9]) expect(raised(second)).toBeCloseTo(low)
  })
  test('repeats for ever, and never jumps', () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: 100, noNaN: true }), (second) => {
        expect(raised(second + WHOLE)).toBeCloseTo(raised(second), 4)
        // the steepest moment of an eased way of 2 s goes at 1.5 times its mean speed
        expect(Math.abs(raised(second + 1 / 30) - raised(second))).toBeLessThan((high - low) * (1.6 / 2 / 30))
      }),
    )
  })
  test('a movement of one pose stays', () => {
    const still = { ...moving, poses: [variant.poses[0]!] }
    expect(poseAt(still, 1.3)).toBe(variant.poses[0])
  })
})

describe('breath goes with it', () => {
  const cued = (breath: string) => ({ ...moving, cues: { ...variant.cues, breath } })
  test('out on the effort', () => {
    expect(breathAt(cued('Out as you push, in as you return.'), 1)).toBe('out')
    expect(breathAt(cued('Out as you push, in as you return.'), 4)).toBe('in')
  })
  test('in first where the cue says so', () => {
    expect(breathAt(cued('In to open, out to close.'), 1)).toBe('in')
    expect(breathAt(cued('In to open, out to close.'), 4 + WHOLE)).toBe('out')
  })
})

test('a picture has words and a box that holds something', () => {
  const { box, layers } = pictureOf(variant)
  expect(box[2]).toBeGreaterThan(0.3)
  expect(box[3]).toBeGreaterThan(0.8)
  expect(layers.length).toBeGreaterThan(5)
  expect(describePicture(movement, variant)).toBe('Push, Seated: a person sitting on a chair. Move.')
})
