import { describe, expect, test } from 'vitest'
import { hullArea } from '../testing/geometry'
import { centreOfMass, solve } from './kinematics'
import { arm, feet, hands, lean, leg, pose } from './pose'
import { type Body, GRAVITY, GRIP, LENGTH, REFERENCE_BODY, SEGMENT } from './skeleton'
import { balanceMarginCm, hull, insideBy, moments, supportPoints } from './statics'

const body: Body = { stature: 1.7, mass: 70, shape: 'older' }
const at = (...parts: Parameters<typeof pose>[1][]) => solve(pose('seat', ...parts), body)

// lever arms in m and masses in kg straight from the published table, body of 1.70 m and 70 kg
const upper = LENGTH.upperArm * 1.7
const fore = LENGTH.forearm * 1.7
const hand = LENGTH.hand * 1.7
const kg = { upper: SEGMENT.upperArm.mass * 70, fore: SEGMENT.forearm.mass * 70, hand: SEGMENT.hand.mass * 70 }
const handCentre = upper + fore + SEGMENT.hand.centre * hand

describe('moments by hand from the table', () => {
  test('arm straight out to the side: 10.0 N·m at the shoulder', () => {
    const byHand = GRAVITY * (kg.upper * SEGMENT.upperArm.centre * upper + kg.fore * (upper + SEGMENT.forearm.centre * fore) + kg.hand * handCentre)
    expect(byHand).toBeCloseTo(10.006, 2)
    expect(moments(at(arm('both', { raise: 90, plane: 0, elbow: 0 }))).shoulder).toBeCloseTo(byHand, 1)
  })
  test('a weight of 2 kg in the hand adds its whole lever', () => {
    const raised = at(arm('both', { raise: 90, plane: 0, elbow: 0 }))
    const added = moments(raised, { handKg: 2 }).shoulder - moments(raised).shoulder
    expect(added).toBeCloseTo(2 * GRAVITY * (upper + fore + GRIP * hand), 1)
  })
  test('bending the elbow to a right angle shortens the lever', () => {
    const bent = moments(at(arm('both', { raise: 90, plane: 0, elbow: 90, rotation: 90 })), { handKg: 2 }).shoulder
    const straight = moments(at(arm('both', { raise: 90, plane: 0, elbow: 0 })), { handKg: 2 }).shoulder
    expect(bent).toBeLessThan(straight * 0.75)
  })
  test('an arm that hangs has almost no moment, and one that rests has none', () => {
    expect(moments(at(arm('both', { raise: 0, plane: 0, elbow: 0 }))).shoulder).toBeLessThan(0.3)
    expect(moments(at(hands('both', 'thigh')), { handKg: 2 }).shoulder).toBe(0)
  })
  test('forearm level, elbow at the side: 5.2 N·m with 1 kg', () => {
    const byHand = GRAVITY * (kg.fore * SEGMENT.forearm.centre * fore + kg.hand * (fore + SEGMENT.hand.centre * hand) + 1 * (fore + GRIP * hand))
    expect(moments(at(arm('both', { raise: 0, plane: 0, elbow: 90, rotation: 0 })), { handKg: 1 }).elbow).toBeCloseTo(byHand, 1)
  })
  test('knee straight in sitting: shank and foot on the knee', () => {
    const shank = SEGMENT.shank.mass * 70
    const foot = SEGMENT.foot.mass * 70
    const figure = at(leg('right', { flexion: 90, knee: 0, ankle: 0 }), feet('right', 'free'))
    const footCentre = LENGTH.shank * 1.7
    const byHand = GRAVITY * (shank * SEGMENT.shank.centre * LENGTH.shank * 1.7 + foot * footCentre)
    const measured = moments(figure).knee
    expect(measured).toBeGreaterThan(byHand * 0.9)
    expect(measured).toBeLessThan(byHand * 1.15)
  })
  test('a forward hinge loads the low back with the weight of the upper body', () => {
    const hinge = (deg: number) => moments(solve(pose('seat', lean(deg), arm('both', { raise: 5, plane: 90, elbow: 0 })), body)).lumbar
    expect(hinge(60)).toBeGreaterThan(hinge(30))
    expect(hinge(30)).toBeGreaterThan(hinge(5))
    // upper body without pelvis and legs, about 57 % of 70 kg, with its centre about a quarter of a metre up
    expect(hinge(60)).toBeGreaterThan(50)
    expect(hinge(60)).toBeLessThan(130)
  })
})

describe('a pregnant body', () => {
  const at = (gestationalWeek: number | undefined) =>
    solve(pose('stand', lean(0)), { ...body, shape: 'pregnant', ...(gestationalWeek !== undefined && { gestationalWeek }) })
  test('carries more in front as the weeks go on, and the low back holds it', () => {
    const [none, middle, late] = [undefined, 24, 38].map((week) => at(week))
    expect(centreOfMass(middle!)[1]).toBeGreaterThan(centreOfMass(none!)[1])
    expect(centreOfMass(late!)[1]).toBeGreaterThan(centreOfMass(middle!)[1])
    expect(moments(late!).lumbar).toBeGreaterThan(moments(middle!).lumbar)
  })
})

describe('bands pull along their path', () => {
  test('a pull straight down adds like a weight of the same force', () => {
    const raised = at(arm('both', { raise: 90, plane: 0, elbow: 0 }))
    const { hand: end } = raised.arms.right
    const down = moments(raised, { band: { pullN: 2 * GRAVITY, anchor: [end[0], end[1], end[2] - 1] } }).shoulder
    expect(down).toBeCloseTo(moments(raised, { handKg: 2 }).shoulder, 1)
  })
})

describe('balance margin', () => {
  const standing = (...parts: Parameters<typeof pose>[1][]) => solve(pose('stand', ...parts), REFERENCE_BODY)
  const oneLeg = [leg('right', { flexion: 40, knee: 60 }), feet('right', 'free')]
  test('two feet, then one, then one with a hand on the chair', () => {
    const two = balanceMarginCm(standing())!
    const one = balanceMarginCm(standing(...oneLeg))!
    const held = balanceMarginCm(standing(...oneLeg, hands('left', 'chairBack')))!
    expect(two).toBeGreaterThan(one)
    expect(one).toBeGreaterThan(0)
    expect(one).toBeLessThan(6)
    expect(hullArea(hull(supportPoints(standing(...oneLeg, hands('left', 'chairBack')))))).toBeGreaterThan(
      hullArea(hull(supportPoints(standing(...oneLeg)))),
    )
    expect(held).toBeGreaterThan(0)
  })
  test('lying has no margin to lose', () => expect(balanceMarginCm(solve(pose('supine'), REFERENCE_BODY))).toBeUndefined())
  test('distance from the edge of a square, inside and outside', () => {
    const square = hull([
      [0, 0],
      [2, 0],
      [2, 2],
      [0, 2],
      [1, 1],
    ])
    expect(square).toHaveLength(4)
    expect(insideBy(square, [1, 1])).toBeCloseTo(1)
    expect(insideBy(square, [3, 1])).toBeCloseTo(-1)
  })
})
