import { describe, expect, test } from 'vitest'
import { DEMO_CLASSES } from '@/content/demo'
import { LIBRARY } from '@/content/movements'
import { itemsOf, type PlanInput, planSchema, prescriptionsOf, soundPlan } from '../plan'
import { expand } from '../timing'
import { cueSheet } from './cueSheet'

const sheetOf = (input: PlanInput) => {
  const sound = soundPlan(planSchema.parse(input), LIBRARY)
  const timeline = expand(sound, LIBRARY)
  return { plan: sound, timeline, lines: cueSheet(sound, prescriptionsOf(sound, LIBRARY), timeline, LIBRARY) }
}

describe('a cue sheet', () => {
  test.each(DEMO_CLASSES.map(({ plan }) => [plan.title, plan] as const))(
    '%s: a line for every item and quiet block, with words to say',
    (_, input) => {
      const { plan, lines } = sheetOf(input)
      const quiet = plan.phases.flatMap(({ blocks }) => blocks).filter(({ format }) => format === 'quiet').length
      expect(lines).toHaveLength(itemsOf(plan).length + quiet)
      for (const line of lines.filter(({ version }) => version !== '')) {
        expect(line.say.length, line.movement).toBeGreaterThan(10)
        expect(line.watch.length, line.movement).toBeGreaterThan(5)
        expect(line.dose).not.toBe('')
        expect(line.at).toMatch(/^\d+:\d\d$/)
      }
    },
  )
  const small = (items: object[]) =>
    sheetOf({ version: 2, title: 'S', promisedMinutes: 10, phases: [{ id: 'm', kind: 'main', blocks: [{ id: 'b', items: items as never }] }] }).lines
  test('a change of place and of kit is announced, and nothing where nothing changes', () => {
    const lines = small([
      { id: 'i', variant: 'march/seated' },
      { id: 'j', variant: 'row/band-light' },
      { id: 'k', variant: 'squat/hold2' },
      { id: 'l', variant: 'squat/free' },
      { id: 'n', variant: 'march/seated' },
    ])
    expect(lines.map(({ announce }) => announce)).toEqual([
      '',
      'take bands',
      'stand up, a hand on the chair, bands aside',
      'hands off the chair',
      'sit down',
    ])
  })
  test('the step beside it, gentler and harder, and none at the ends of the ladder', () => {
    const ladder = LIBRARY.entries.filter(({ movement }) => movement.id === 'squat')
    const [lowest, second, highest] = [ladder[0]!, ladder[1]!, ladder.at(-1)!]
    const lines = small([
      { id: 'i', variant: lowest.variant.id },
      { id: 'j', variant: second.variant.id },
      { id: 'k', variant: highest.variant.id },
    ])
    expect(lines[0]).toMatchObject({ gentler: '', harder: second.variant.name })
    expect(lines[1]!.gentler).toBe(lowest.variant.name)
    expect(lines[2]!.harder).toBe('')
  })
  test('words that do not fit into the time there is are marked', () => {
    const quick = { id: 'i', variant: 'squat/hold2', dose: { reps: 1, tempo: { by: 'seconds', seconds: 0.5 } } }
    const familiar = sheetOf({
      version: 2,
      title: 'S',
      promisedMinutes: 10,
      familiar: ['squat'],
      phases: [{ id: 'm', kind: 'main', blocks: [{ id: 'b', format: 'counts', bpm: 120, items: [quick as never] }] }],
    })
    const slow = small([{ id: 'i', variant: 'squat/hold2', dose: { reps: 20 } }])
    expect(slow[0]!.fits).toBe(true)
    const [line] = familiar.lines
    expect(line!.fits).toBe(line!.readingSeconds <= 16.25)
  })
})
