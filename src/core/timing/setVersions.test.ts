import { describe, expect, test } from 'vitest'
import { checkPlan, itemSchema, type PlanInput, planSchema, prescriptionsOf, rowIds, soundPlan } from '../plan'
import { smallCatalogue } from '../testing/library'
import type { Timeline } from './segment'
import { expand } from './timeline'

const catalogue = smallCatalogue()
type Blocks = NonNullable<PlanInput['phases'][number]['blocks']>
const draftOf = (blocks: Blocks) =>
  planSchema.parse({ version: 2, title: 'T', promisedMinutes: 20, familiar: ['push', 'step'], phases: [{ id: 'm', kind: 'main', blocks }] })
const planOf = (blocks: Blocks) => soundPlan(draftOf(blocks), catalogue)
const told = ({ segments }: Timeline) => segments.map(({ kind, seconds, item }) => `${kind} ${seconds} ${item}`)

/** Held first, free in the last set: eight steps each, the last time five. */
const plainThenHarder = {
  id: 'i',
  variant: 'step/held',
  dose: { sets: 3, reps: 8, restSeconds: 30, eachSet: [{}, {}, { reps: 5, variant: 'step/free' }] },
}

describe('plain first, a last set in a harder version', () => {
  const plan = planOf([{ id: 'b', items: [plainThenHarder] }])
  test('each version is an item of its own to whoever judges it, with the sets that it has', () => {
    expect(rowIds(plan)).toEqual(['i', 'i~1'])
    expect(
      prescriptionsOf(plan, catalogue).map(({ item, entry, dose, demands }) => [
        item.id,
        entry?.variant.id,
        dose.sets,
        dose.reps,
        demands.basePosition,
      ]),
    ).toEqual([
      ['i', 'step/held', 2, 8, 'standing-two-hand'],
      ['i~1', 'step/free', 1, 5, 'standing-free'],
    ])
  })
  test('second by second: the rest between the sets is the way to the other version', () => {
    // from sitting to standing 8 s; a step is 4 s; the second rest is the way, and nothing is added to it
    expect(told(expand(plan, catalogue))).toEqual([
      'link 5 i',
      'change 8 i',
      'count-in 3 i',
      'work 32 i',
      'rest 30 i',
      'work 32 i',
      'rest 30 i',
      'work 20 i~1',
    ])
  })
  test('kit or place that it takes to come to the version fits inside the rest', () => {
    const sitting = planOf([
      {
        id: 'b',
        items: [{ id: 'i', variant: 'push/seated', dose: { sets: 2, reps: 2, eachSet: [{}, { variant: 'push/sides' }] } }],
      },
    ])
    const seconds = expand(sitting, catalogue).segments.filter(({ kind }) => kind === 'rest')
    expect(seconds.map((one) => one.seconds)).toEqual([20])
  })
  test('in rounds it is the round that says which version', () => {
    const round = planOf([
      { id: 'b', format: 'circuit', rounds: 3, changeSeconds: 15, items: [plainThenHarder, { id: 'j', variant: 'push/seated', dose: { reps: 4 } }] },
    ])
    const work = expand(round, catalogue).segments.filter(({ kind }) => kind === 'work')
    expect(work.map(({ item }) => item)).toEqual(['i', 'j', 'i', 'j', 'i~1', 'j'])
  })
})

describe('what is no such plan is refused with its place', () => {
  const problem = (item: object) => itemSchema.safeParse(item).error?.issues[0]?.message
  test('no set left in the version of the item', () =>
    expect(problem({ id: 'i', variant: 'a/b', dose: { sets: 1, eachSet: [{ variant: 'a/c' }] } })).toContain('at least one set'))
  test('levels without the version of the item, twice the same, or beside versions of single sets', () => {
    expect(problem({ id: 'i', variant: 'a/b', levels: ['a/c', 'a/d'] })).toContain('levels that differ')
    expect(problem({ id: 'i', variant: 'a/b', levels: ['a/b', 'a/b'] })).toContain('levels that differ')
    expect(problem({ id: 'i', variant: 'a/b', levels: ['a/b', 'a/c'], dose: { sets: 2, eachSet: [{}, { variant: 'a/c' }] } })).toContain(
      'either levels',
    )
  })
  test('a version of another movement, or of none', () => {
    const dose = (variant: string) => ({ sets: 2, reps: 8, eachSet: [{}, { variant }] })
    const check = (item: object) => checkPlan(draftOf([{ id: 'b', items: [item as never] }]), catalogue)
    expect(check({ id: 'i', variant: 'step/held', dose: dose('push/seated') })).toEqual({
      problems: [{ code: 'other-movement', item: 'i', variant: 'push/seated' }],
    })
    expect(check({ id: 'i', variant: 'step/held', levels: ['step/held', 'step/flying'] })).toEqual({
      problems: [{ code: 'unknown-variant', item: 'i', variant: 'step/flying' }],
    })
  })
})
