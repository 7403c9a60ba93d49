import { describe, expect, test } from 'vitest'
import { smallCatalogue } from '../testing/library'
import { movementOf, type OwnMovement, ownFrom, ownMovementSchema, withOwn } from './own'

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
