import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { feet, hands, leg, mirrored, type Pose, pose, STANDARD_ROOM } from '../body'
import { smallCatalogue } from '../testing/library'
import { breathAt, describePicture, motionOf, pictureOf, showsBothSides } from './picture'

const { movement, variant } = smallCatalogue().byId.get('push/seated')!
const tempo = { out: 2, stay: 1, back: 3, rest: 1 }
const WHOLE = 7
const moving = { ...variant, tempo }

describe('a repetition follows its tempo', () => {
  const motion = motionOf(moving)
  const raised = (second: number) => motion.at(second).pose.rightArm.raise
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
    expect(motionOf(still).at(1.3).pose).toBe(variant.poses[0])
  })
})

describe('an alternating movement changes sides', () => {
  const step = pose('stand', leg('right', { flexion: 50, knee: 70 }), feet('right', 'free'))
  const march = { ...moving, side: 'alternating' as const, room: STANDARD_ROOM }
  const lifted = (poses: readonly Pose[], second: number) => {
    const { pose: at } = motionOf({ ...march, poses }).at(second)
    return { left: at.leftFoot === 'free', right: at.rightFoot === 'free' }
  }
  test('with every repetition, when its poses show one side', () => {
    const poses = [pose('stand'), step]
    expect(motionOf({ ...march, poses }).period).toBe(2 * WHOLE)
    expect(lifted(poses, 2.5)).toEqual({ left: false, right: true })
    expect(lifted(poses, WHOLE + 2.5)).toEqual({ left: true, right: false })
  })
  test('within one, when they show both', () => {
    const poses = [step, mirrored(step)]
    expect(showsBothSides(poses)).toBe(true)
    expect(motionOf({ ...march, poses }).period).toBe(WHOLE)
  })
  test('a pose that is alike on both sides shows neither', () => expect(showsBothSides([pose('stand'), step, pose('stand')])).toBe(false))
  test('a hand that alone holds the chair keeps it', () => {
    const held = pose('stand', hands('left', 'chairBack'), leg('right', { flexion: 40 }))
    expect(mirrored(held)).toMatchObject({ leftHand: 'chairBack', rightHand: 'free', leftLeg: held.rightLeg })
    expect(mirrored(mirrored(held))).toEqual(held)
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
