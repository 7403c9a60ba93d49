import { describe, expect, test } from 'vitest'
import { smallCatalogue } from '../testing/library'
import { expand } from '../timing'
import { checkPlan, planSchema, soundPlan } from './index'

const catalogue = smallCatalogue()
const dose = { sets: 2, reps: 8, holdSeconds: 0, restSeconds: 30, loadKg: 1, rpe: 3 }
/** A plan as the first version wrote it, with all three of its formats: kept as it was. */
const OLD = {
  title: 'As it was',
  promisedMinutes: 30,
  tracks: 2,
  school: 'tanaka',
  familiar: ['push', 'step'],
  room: { supportInReach: true, floorWork: false, tempC: 21, startHour: 11, barefoot: false, leaders: 1, kit: ['band'] },
  phases: [
    {
      id: 'm',
      kind: 'main',
      title: 'Main',
      blocks: [
        { id: 'a', title: 'Sets', format: 'straight', pauseAfter: 30, items: [{ id: 'i1', variant: 'push/seated', dose, note: 'slowly' }] },
        {
          id: 'b',
          title: 'Round',
          format: 'circuit',
          rounds: 2,
          pauseAfter: 0,
          items: [
            { id: 'i2', variant: 'push/turns', dose },
            { id: 'i3', variant: 'step/free', dose: { ...dose, restSeconds: 45 } },
          ],
        },
        {
          id: 'c',
          title: '',
          format: 'intervals',
          workSeconds: 40,
          restSeconds: 20,
          rounds: 3,
          pauseAfter: 0,
          items: [{ id: 'i4', variant: 'push/sides' }],
        },
      ],
    },
  ],
}

describe('a plan of the first version', () => {
  const plan = planSchema.parse(OLD)
  const [straight, circuit, intervals] = plan.phases[0]!.blocks
  test('is read as one of the present, and writing and reading it again changes nothing', () => {
    expect(plan.version).toBe(2)
    expect(planSchema.parse(JSON.parse(JSON.stringify(plan)))).toEqual(plan)
    expect(checkPlan(plan, catalogue)).toHaveProperty('plan')
  })
  test('keeps titles, notes, doses and the pause after a block', () => {
    expect(straight).toMatchObject({ format: 'straight', title: 'Sets', pauseAfter: 30 })
    expect(straight!.items[0]).toEqual({ id: 'i1', variant: 'push/seated', dose, note: 'slowly' })
  })
  test('its circuit rested after a round as its last item said', () => {
    expect(circuit).toMatchObject({ format: 'circuit', rounds: 2, restAfterRoundSeconds: 45 })
    expect(circuit).not.toHaveProperty('changeSeconds')
  })
  test('its intervals had a stretch for each side, with the lengths it had when it said none', () => {
    expect(intervals).toMatchObject({ format: 'intervals', workSeconds: 40, restSeconds: 20, rounds: 3, sidesIn: 'own-stretches' })
    const sound = soundPlan(plan, catalogue)
    const own = expand(sound, catalogue).segments.filter(({ block, kind }) => block === 'c' && kind === 'work')
    expect(own.map(({ seconds, side }) => [seconds, side])).toEqual(
      [1, 2, 3].flatMap(() => [
        [40, 'first'],
        [40, 'second'],
      ]),
    )
    const said = planSchema.parse({ ...OLD, phases: [{ id: 'm', kind: 'main', blocks: [{ id: 'b', format: 'intervals', items: [] }] }] })
    expect(said.phases[0]!.blocks[0]).toMatchObject({ workSeconds: 30, restSeconds: 15, rounds: 1 })
  })
  test('what does not fit is named where it stands in the file that was given', () => {
    const wrong = {
      ...OLD,
      phases: [
        { ...OLD.phases[0], blocks: [{ id: 'a', format: 'straight', items: [{ id: 'i', variant: 'push/seated', dose: { ...dose, sets: 0 } }] }] },
      ],
    }
    const { error } = planSchema.safeParse(wrong)
    expect(error?.issues.map(({ path }) => path.join('.'))).toEqual(['phases.0.blocks.0.items.0.dose.sets'])
  })
  test('no version but the known ones is read', () => {
    expect(planSchema.safeParse({ ...OLD, version: 3 }).success).toBe(false)
    expect(planSchema.safeParse(null).success).toBe(false)
    expect(planSchema.safeParse('a plan').success).toBe(false)
  })
})
