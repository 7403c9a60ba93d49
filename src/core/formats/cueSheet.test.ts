import { describe, expect, test } from 'vitest'
import { cueWordsFor } from '@/content/cueWords'
import { DEMO_CLASSES } from '@/content/demo'
import { LIBRARY } from '@/content/movements'
import { itemsOf, type PlanInput, planSchema, prescriptionsOf, soundPlan } from '../plan'
import { expand } from '../timing'
import { DEFAULT_HOUSE_RULES, type HouseRules } from '../vocabulary'
import { cueSheet } from './cueSheet'

const sheetOf = (input: PlanInput, rules: HouseRules = DEFAULT_HOUSE_RULES) => {
  const sound = soundPlan(planSchema.parse(input), LIBRARY)
  const timeline = expand(sound, LIBRARY)
  return { plan: sound, timeline, lines: cueSheet(sound, prescriptionsOf(sound, LIBRARY), timeline, LIBRARY, cueWordsFor(rules), rules) }
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

describe('what a cue says beside the action', () => {
  const lineOf = (item: object, rules?: Partial<HouseRules>) =>
    sheetOf(
      {
        version: 2,
        title: 'S',
        promisedMinutes: 10,
        phases: [{ id: 'm', kind: 'main', blocks: [{ id: 'b', items: [{ id: 'i', ...item } as never] }] }],
      },
      { ...DEFAULT_HOUSE_RULES, ...rules },
    ).lines[0]!
  test('which way the instructor stands: side on where the movement is seen from the side, and turned round in a second pass', () => {
    const seenFromTheSide = LIBRARY.entries.find(({ variant }) => variant.view >= 80 && variant.side === 'both')!.variant.id
    const seenFromTheFront = LIBRARY.entries.find(({ variant }) => variant.view <= 20)!.variant.id
    expect(lineOf({ variant: seenFromTheSide, dose: { sets: 1, reps: 8 } }).stand).toBe('side on')
    expect(lineOf({ variant: seenFromTheSide, dose: { sets: 2, reps: 8 } }).stand).toBe('side on, turn for the second pass')
    expect(lineOf({ variant: seenFromTheFront }).stand).toBe('facing them')
  })
  test('stance, what is held, where it is felt and what it is for', () => {
    expect(lineOf({ variant: 'squat/hold2' })).toMatchObject({
      stance: 'standing behind the chair',
      grip: 'both hands on the chair',
      feel: expect.stringContaining('front of the thigh'),
    })
    expect(lineOf({ variant: 'row/band-light' }).grip).toContain('band')
    expect(lineOf({ variant: 'squat/hold2' }).serves.length).toBeGreaterThan(5)
  })
  test('counting as the house counts, and a tempo as it is said', () => {
    const dose = { sets: 1, reps: 12, tempo: { by: 'counts', up: 2, hold: 1, down: 3 } }
    expect(lineOf({ variant: 'squat/hold2', dose }, { counting: 'up' }).count).toBe('2 up, 1 hold, 3 down; 1 to 12')
    expect(lineOf({ variant: 'squat/hold2', dose: { sets: 1, reps: 12 } }, { counting: 'down' }).count).toBe('12 to 1')
    expect(lineOf({ variant: 'squat/hold2', dose: { sets: 1, workSeconds: 40 } }).count).toBe('half, ten, five')
  })
  test('the rules of the house are said of what they concern, in the words of the chosen way', () => {
    expect(lineOf({ variant: 'squat/hold2' }).house).toContain('As deep as the seat, no deeper.')
    expect(lineOf({ variant: 'squat/hold2' }, { squatDepth: 'half' }).house).toContain('Half way down is enough.')
    expect(lineOf({ variant: 'march/seated' }).house).toEqual([])
  })
  test('levels by letter', () => {
    const [a, b] = LIBRARY.entries.filter(({ movement }) => movement.id === 'squat')
    const { levels } = lineOf({ variant: b!.variant.id, levels: [a!.variant.id, b!.variant.id] })
    expect(levels).toEqual([`A ${a!.variant.name}`, `B ${b!.variant.name}`])
  })
})
