import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { mirrored } from '../testing/geometry'
import { draw } from './draw'
import { BOTH, STANDARD_ROOM, SUPPORT } from './joints'
import { centreOfMass, solve } from './kinematics'
import { measure } from './measure'
import { arm, feet, hands, interpolate, lean, leg, neck, type Pose, pose, STANCES, spine } from './pose'
import { LENGTH, REFERENCE_BODY } from './skeleton'
import { length, sub } from './vector'

const H = REFERENCE_BODY.stature
const solved = (p: Pose) => solve(p, REFERENCE_BODY)

const poseArbitrary: fc.Arbitrary<Pose> = fc
  .record({
    stance: fc.constantFrom(...STANCES),
    raise: fc.integer({ min: 0, max: 175 }),
    plane: fc.integer({ min: -60, max: 110 }),
    elbow: fc.integer({ min: 0, max: 140 }),
    flexion: fc.integer({ min: -15, max: 100 }),
    knee: fc.integer({ min: 0, max: 120 }),
    round: fc.integer({ min: -20, max: 50 }),
    twist: fc.integer({ min: -40, max: 40 }),
    turn: fc.integer({ min: -60, max: 60 }),
  })
  .map(({ stance, raise, plane, elbow, flexion, knee, round, twist, turn }) =>
    pose(
      stance,
      arm('both', { raise, plane, elbow }),
      leg('right', { flexion, knee }),
      feet('right', 'free'),
      spine({ flexion: round, twist }),
      neck({ turn }),
    ),
  )

describe('laws of the skeleton', () => {
  test('bones keep their length in every pose', () => {
    fc.assert(
      fc.property(poseArbitrary, (p) => {
        const figure = solved(p)
        for (const side of BOTH) {
          const { shoulder, elbow, wrist } = figure.arms[side]
          const { hip, knee, ankle } = figure.legs[side]
          expect(length(sub(elbow, shoulder))).toBeCloseTo(LENGTH.upperArm * H, 3)
          expect(length(sub(wrist, elbow))).toBeCloseTo(LENGTH.forearm * H, 3)
          expect(length(sub(knee, hip))).toBeCloseTo(LENGTH.thigh * H, 3)
          expect(length(sub(ankle, knee))).toBeCloseTo(LENGTH.shank * H, 3)
        }
      }),
      { numRuns: 300, seed: 1 },
    )
  })
  test('left and right exchanged measure the same', () => {
    fc.assert(
      fc.property(poseArbitrary, (p) => {
        // side-lying is always on the right: there is no other side of it
        fc.pre(p.stance !== 'side')
        const a = measure(solved(p))
        const b = measure(solved(mirrored(p)))
        for (const [name, value] of Object.entries(a)) {
          const other = b[name as keyof typeof b]
          if (typeof value === 'number') expect(other, name).toBeCloseTo(value, 0)
          else expect(other, name).toBe(value)
        }
      }),
      { numRuns: 300, seed: 2 },
    )
  })
  test('every drawing is finite and holds the figure', () => {
    fc.assert(
      fc.property(poseArbitrary, fc.integer({ min: -90, max: 90 }), (p, yaw) => {
        const { layers, box } = draw(solved(p), yaw)
        expect(box.every(Number.isFinite)).toBe(true)
        for (const layer of layers) for (const shape of layer.shapes) expect(shape.path).not.toMatch(/NaN|Infinity/)
      }),
      { numRuns: 200, seed: 3 },
    )
  })
})

describe('contacts are where they belong', () => {
  test('feet on the floor in standing and sitting', () => {
    for (const stance of ['stand', 'seat'] as const)
      for (const side of BOTH) {
        const { heel, ball } = solved(pose(stance)).legs[side]
        expect(heel[2]).toBeCloseTo(0, 2)
        expect(ball[2]).toBeCloseTo(0, 2)
      }
  })
  test('the seat is at the height of the chair', () => {
    const { pelvis } = solved(pose('seat'))
    expect(pelvis[2]).toBeGreaterThan(STANDARD_ROOM.seatHeight)
    expect(pelvis[2]).toBeLessThan(STANDARD_ROOM.seatHeight + 0.12)
  })
  test('lying rests on the mat', () => expect(solved(pose('supine')).pelvis[2]).toBeLessThan(0.12))
  test.each([
    ['chairBack', SUPPORT.chairBackZ],
    ['rail', SUPPORT.railZ],
    ['counter', SUPPORT.counterZ],
  ] as const)('hands rest on the %s', (on, height) => {
    for (const side of BOTH) expect(solved(pose('stand', hands('both', on))).arms[side].hand[2]).toBeCloseTo(height, 1)
  })
  test('a free stand carries its centre of mass over the feet', () => {
    for (const parts of [[], [leg('both', { flexion: 60, knee: 60 })], [arm('both', { raise: 90, plane: 90 })]]) {
      const figure = solved(pose('stand', ...parts))
      const { heel, toe } = figure.legs.right
      const y = centreOfMass(figure)[1]
      expect(y).toBeGreaterThan(heel[1])
      expect(y).toBeLessThan(toe[1])
    }
  })
})

describe('clinical angles are read back', () => {
  const cases: [string, Pose, Partial<ReturnType<typeof measure>>][] = [
    ['arms level in front', pose('stand', arm('both', { raise: 90, plane: 90, elbow: 0 })), { overheadReachDeg: 90, shoulderAbductionDeg: 0 }],
    ['arms level to the side', pose('stand', arm('both', { raise: 90, plane: 0, elbow: 0 })), { shoulderAbductionDeg: 90, overheadReachDeg: 0 }],
    ['arms behind', pose('stand', arm('both', { raise: 30, plane: -90, elbow: 0 })), { shoulderExtensionDeg: 30 }],
    ['sitting upright on a chair', pose('seat'), { hipFlexionDeg: 90 }],
    ['folded 30 at the hips in a chair', pose('seat', lean(30)), { hipFlexionDeg: 120, spinalFlexionDeg: 0 }],
    ['twisted 30', pose('seat', spine({ twist: 30 })), { twistDeg: 30 }],
    ['rounded 40', pose('seat', spine({ flexion: 40 })), { spinalFlexionDeg: 40, spinalExtensionDeg: 0 }],
    ['goal post', pose('seat', arm('both', { raise: 90, plane: 0, elbow: 90, rotation: 90 })), { combinedAbdER: true }],
    ['leg behind', pose('stand', lean(0), leg('right', { flexion: -20 }), feet('right', 'free')), { hipExtensionDeg: 20 }],
    ['leg to the side', pose('stand', lean(0), leg('right', { abduction: 25 }), feet('right', 'free')), { hipAbductionDeg: 25, baseWidth: 5 }],
  ]
  test.each(cases)('%s', (_name, p, expected) => {
    const demands = measure(solved(p))
    for (const [name, value] of Object.entries(expected)) {
      const measured = demands[name as keyof typeof demands]
      if (typeof value === 'number') expect(Math.abs(Number(measured) - value), `${name} ${measured}`).toBeLessThanOrEqual(6)
      else expect(measured, name).toBe(value)
    }
  })
  test('half-way between two poses lies between them', () => {
    const [a, b] = [pose('seat'), pose('seat', arm('both', { raise: 120, plane: 90 }))]
    expect(interpolate(a, b, 0)).toEqual(a)
    expect(interpolate(a, b, 1).leftArm).toEqual(b.leftArm)
    const half = measure(solved(interpolate(a, b, 0.6))).overheadReachDeg
    expect(half).toBeGreaterThan(40)
    expect(half).toBeLessThan(120)
  })
})
