import { describe, expect, test } from 'vitest'
import { adapted } from '@/core/evaluate'
import { checkPlan, itemsOf, planSchema } from '@/core/plan'
import { expand } from '@/core/timing'
import { ROOM_KIT } from '@/core/vocabulary'
import { kitOfWords } from '../kit/homeWords'
import { LIBRARY } from '../movements'
import { TEMPLATES } from '.'

describe('classes to begin from', () => {
  test.each(TEMPLATES.map((one) => [one.title, one] as const))('%s: sound, all three parts, and nearly as long as it promises', (_, { plan }) => {
    const checked = checkPlan(planSchema.parse(plan), LIBRARY)
    expect(checked).toHaveProperty('plan')
    if (!('plan' in checked)) return
    const { totalSeconds, phases } = expand(checked.plan, LIBRARY)
    const promised = checked.plan.promisedMinutes * 60
    expect(totalSeconds).toBeLessThanOrEqual(promised)
    expect(totalSeconds).toBeGreaterThan(promised - Math.max(180, promised * 0.12))
    expect(phases.map(({ kind }) => kind)).toEqual(expect.arrayContaining(['warm-up', 'main', 'cool-down']))
  })
  test('each has a key of its own, and none needs what its own room has not', () => {
    expect(new Set(TEMPLATES.map(({ key }) => key)).size).toBe(TEMPLATES.length)
    for (const { plan } of TEMPLATES) {
      const draft = planSchema.parse(plan)
      const { swapped, lacking, cut } = adapted(draft, { minutes: draft.promisedMinutes, room: {} }, LIBRARY)
      expect([swapped, lacking, cut], draft.title).toEqual([[], [], []])
    }
  })
})

describe('a class for another room and length', () => {
  const seated = planSchema.parse(TEMPLATES.find(({ key }) => key === 'seated')!.plan)
  test.each([10, 15, 20, 30])('%i minutes: it fits, and each part is still there', (minutes) => {
    const { plan, cut } = adapted(seated, { minutes, room: {} }, LIBRARY)
    const timeline = expand(plan, LIBRARY)
    expect(timeline.totalSeconds).toBeLessThanOrEqual(minutes * 60)
    expect(plan.promisedMinutes).toBe(minutes)
    expect(cut.length).toBeGreaterThan(0)
    for (const kind of ['warm-up', 'main', 'cool-down'])
      expect(
        itemsOf(plan).some(({ phase }) => phase.kind === kind),
        kind,
      ).toBe(true)
  })
  test('without any kit nothing is left that needs it, and what gave way is named', () => {
    for (const { plan: input } of TEMPLATES) {
      const draft = planSchema.parse(input)
      const { plan, swapped, lacking } = adapted(draft, { minutes: draft.promisedMinutes, room: { kit: [], supportInReach: false } }, LIBRARY)
      for (const { item } of itemsOf(plan)) {
        const { kit } = LIBRARY.byId.get(item.variant!)!.variant
        expect(
          kit.filter((one) => one !== 'chair'),
          item.variant,
        ).toEqual([])
      }
      expect(itemsOf(plan).length + lacking.length).toBe(itemsOf(draft).length)
      for (const { from, to } of swapped) expect(from).not.toBe(to)
    }
  })
  test('a gentler version takes the place, never a harder one', () => {
    const { plan } = adapted(seated, { minutes: 40, room: { kit: [] } }, LIBRARY)
    const [row] = itemsOf(plan).filter(({ item }) => item.variant?.startsWith('row/'))
    const ladder = LIBRARY.entries.filter(({ movement }) => movement.id === 'row').map(({ variant }) => variant.id)
    expect(ladder.indexOf(row!.item.variant!)).toBeLessThan(ladder.indexOf('row/band-light'))
  })
})

test('kit at home as people say it', () => {
  expect(kitOfWords(['two tins of beans', 'light red band', 'Big towel', 'a kitchen worktop', 'wing chair'])).toEqual({
    kit: ['dumbbell', 'band', 'towel', 'table', 'armchair'],
    unknown: [],
  })
  expect(kitOfWords(['ankle weights', 'a hoop'])).toEqual({ kit: ['cuff'], unknown: ['a hoop'] })
  expect(kitOfWords(['a large ball', 'soft ball', 'mini-trampoline'])).toEqual({ kit: ['big-ball', 'ball', 'trampoline'], unknown: [] })
  for (const kit of kitOfWords(['mat', 'bed', 'pillow', 'ball', 'rail', 'wall', 'step', 'door anchor']).kit) expect(ROOM_KIT).toContain(kit)
})
