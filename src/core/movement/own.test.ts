import { describe, expect, test } from 'vitest'
import { smallCatalogue } from '../testing/library'
import { demandsOf } from './computed'
import { ATTRIBUTE_NAMES, PURPOSES } from './demands'
import { dosesPerGoal } from './doses'
import { movementOf, type OwnMovement, ownFrom, ownMovementSchema, withOwn } from './own'
import { breathAt } from './picture'

const library = smallCatalogue()
const start = () => ownFrom(library.byId.get('push/seated')!)
const ID = '00000000-0000-4000-8000-000000000001'

describe('a movement of one’s own', () => {
  test('begins as the library variant and measures the same', () => {
    const made = withOwn(library, [{ id: ID, document: ownMovementSchema.parse(start()) }])
    const own = made.byId.get(`own-${ID}/own`)!
    expect(own.planned).toEqual({ ...library.byId.get('push/seated')!.planned })
    expect(made.entries).toHaveLength(library.entries.length + 1)
  })
  test('angles that are changed are measured anew, as for any other movement', () => {
    const document = start()
    const changed: OwnMovement = {
      ...document,
      poses: document.poses.map((pose) => ({
        ...pose,
        spine: { ...pose.spine, flexion: 45 },
        leftArm: { raise: 150, plane: 90, rotation: 0, elbow: 5 },
      })),
    }
    const { planned } = withOwn(library, [{ id: ID, document: changed }]).byId.get(`own-${ID}/own`)!
    expect(planned.spinalFlexionDeg).toBe(45)
    expect(planned.overheadReachDeg).toBeGreaterThan(130)
  })
  test('nobody can type a movement steadier than its figure', () => {
    const document = ownFrom(library.byId.get('step/free')!)
    const claimed: OwnMovement = { ...document, declared: { ...document.declared, balanceDemand: 0 } }
    const { variants } = movementOf(ID, claimed, library)
    expect(variants[0]!.declared.balanceDemand).toBe(5)
  })
  test('whatever poses and dose show beyond the source is in the demands, however low the typed ones are', () => {
    const lowest = { impactLevel: 0, balanceDemand: 0, abdominalPressure: 0, breathHoldRisk: 0, cognitiveLoad: 0, met: 1 }
    const none = { endRangeStretch: false, eyesClosed: false, spinalLoaded: false }
    for (const entry of library.entries) {
      const document = ownFrom(entry)
      const poses = document.poses.map((pose) => ({
        ...pose,
        spine: { ...pose.spine, flexion: 70, twist: 30 },
        neck: { ...pose.neck, turn: 60 },
        leftHand: 'floor' as const,
      }))
      const harder: OwnMovement = { ...document, poses, dose: { ...document.dose, loadKg: 4, rpe: 7 }, declared: { ...lowest, ...none } }
      const { planned, movement, variant } = withOwn(library, [{ id: ID, document: harder }]).byId.get(`own-${ID}/own`)!
      const shown = demandsOf(movement, { ...variant, declared: {} })
      const before = demandsOf(entry.movement, { ...entry.variant, declared: {} })
      for (const name of ATTRIBUTE_NAMES) {
        if (typeof shown[name] === 'string' || Number(shown[name]) <= Number(before[name])) continue
        expect(Number(planned[name]), `${entry.variant.id}: ${name}`).toBeGreaterThanOrEqual(Number(shown[name]))
      }
    }
  })
  test('who draws a jump has a landing, whatever is typed', () => {
    const document = ownFrom(library.byId.get('march/free') ?? library.entries[0]!)
    const jumping: OwnMovement = {
      ...document,
      poses: document.poses.map((pose) => ({ ...pose, airborne: 0.05 })),
      declared: { ...document.declared, impactLevel: 0 },
    }
    const { planned } = withOwn(library, [{ id: ID, document: ownMovementSchema.parse(jumping) }]).byId.get(`own-${ID}/own`)!
    expect(planned.impactLevel).toBe(3)
    expect(planned.fallContactRisk).toBeGreaterThanOrEqual(2)
  })
  test('one hand on the floor beside a forearm still carries a plank', () => {
    const document = ownFrom(library.entries[0]!)
    const on = (leftHand: 'floor' | 'floorForearm', rightHand: 'floor' | 'floorForearm') => {
      const poses = document.poses.map((pose) => ({ ...pose, stance: 'plank' as const, leftHand, rightHand }))
      return withOwn(library, [{ id: ID, document: ownMovementSchema.parse({ ...document, poses }) }]).byId.get(`own-${ID}/own`)!.planned.wristExtLoad
    }
    expect([on('floor', 'floor'), on('floorForearm', 'floor'), on('floor', 'floorForearm'), on('floorForearm', 'floorForearm')]).toEqual([3, 3, 3, 0])
  })
  test('one whose source is gone is left out, and what is no movement is refused', () => {
    expect(withOwn(library, [{ id: ID, document: { ...start(), from: 'gone/gone' } }])).toBe(library)
    expect(ownMovementSchema.safeParse({ ...start(), name: ' ' }).success).toBe(false)
    expect(ownMovementSchema.safeParse({ ...start(), poses: [] }).success).toBe(false)
    const bent = start()
    expect(
      ownMovementSchema.safeParse({ ...bent, poses: bent.poses.map((pose) => ({ ...pose, leftLeg: { ...pose.leftLeg, knee: 400 } })) }).success,
    ).toBe(false)
  })
})

describe('breath goes with the tempo', () => {
  const tempo = { out: 2, stay: 1, back: 3, rest: 0 }
  const cues = (breath: string) => ({ setup: '', do: '', watch: '', breath })
  test.each([
    ['Out as you rise.', 1, 'out'],
    ['Out as you rise.', 4, 'in'],
    ['In to fold, out to rise.', 1, 'in'],
    ['In to fold, out to rise.', 4, 'out'],
    ['In to fold, out to rise.', 7, 'in'],
  ] as const)('%s at %d s: %s', (breath, second, phase) => expect(breathAt({ tempo, cues: cues(breath) }, second)).toBe(phase))
  test('a hold, a stretch and a plank are breathed through', () => {
    for (const stay of [3, 20]) expect(breathAt({ tempo: { ...tempo, stay }, cues: cues('Out as you lift.') }, 1)).toBeUndefined()
    expect(breathAt({ tempo, cues: cues('Let it come and go.') }, 1)).toBeUndefined()
  })
  test('steps share one breath over four', () => {
    const steps = { tempo: { out: 0.7, stay: 0, back: 0.7, rest: 0 }, cues: cues('Easy enough to chat.') }
    expect([0, 2.7, 2.9, 5.5, 5.7].map((second) => breathAt(steps, second))).toEqual(['in', 'in', 'out', 'out', 'in'])
  })
})

describe('doses per goal', () => {
  const own = { sets: 2, reps: 10, holdSeconds: 0, restSeconds: 45, loadKg: 2, rpe: 5 }
  test('strength begins at one set and effort 4 and builds to three sets', () => {
    const [first, usual, build] = dosesPerGoal('strength-legs', own).map(({ dose }) => dose)
    expect([first!.sets, first!.rpe, usual, build!.sets]).toEqual([1, 4, own, 3])
  })
  test('power stays between effort 3 and 5, with long rests', () => {
    const doses = dosesPerGoal('power', { ...own, rpe: 4 }).map(({ dose }) => dose)
    expect(doses.every(({ rpe }) => rpe >= 3 && rpe <= 5)).toBe(true)
    expect(doses[2]!.restSeconds).toBeGreaterThanOrEqual(90)
  })
  test('no goal asks for less rest or leaves the dose table', () => {
    for (const purpose of PURPOSES)
      for (const { dose } of dosesPerGoal(purpose, own)) {
        expect(dose.sets).toBeGreaterThanOrEqual(1)
        expect(dose.sets).toBeLessThanOrEqual(3)
        expect(dose.rpe).toBeLessThanOrEqual(Math.max(own.rpe, 5))
      }
  })
})
