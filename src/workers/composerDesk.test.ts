import { beforeAll, describe, expect, test } from 'vitest'
import { CONDITIONS } from '@/content/conditions'
import { demoPeople } from '@/content/demo'
import { LIBRARY } from '@/content/movements'
import { clientSchema, factsOn } from '@/core/client'
import { briefSchema, type ClassBriefInput, type Solver } from '@/core/compose'
import { inGroup } from '@/core/evaluate'
import { planSchema, soundPlan } from '@/core/plan'
import { buildRuleBase } from '@/core/safety'
import { HOUSE_RATES } from '@/core/timing'
import type { ComposeAsk, ComposerNews } from './composerContract'
import { ComposerDesk } from './composerDesk'
import { highsSolver, loadSolver } from './highsSolver'

const DAY = '2026-11-24'
const base = buildRuleBase(CONDITIONS)
// on the chair alone, and without two thirds of the library: few ways, so that it is quick
const banned = LIBRARY.movements.filter(({ id }, index) => index % 3 > 0 && id !== 'down-and-up').map(({ id }) => id)
const ask = (more: Partial<ClassBriefInput> = {}, given = ['Greta', 'Ingrid']): ComposeAsk => ({
  brief: briefSchema.parse({ version: 1, title: 'On the chair', minutes: 20, places: ['seat'], mostNew: 40, banned, ...more }),
  people: demoPeople(DAY)
    .map(({ record }) => clientSchema.parse(record))
    .filter((record) => given.includes(record.given))
    .map((record, index) => ({ id: `p${index}`, name: record.given, facts: factsOn(base, record, DAY), ...inGroup(record) })),
  own: [],
  rates: HOUSE_RATES,
})
let solver: Solver
let desk: ComposerDesk
let news: ComposerNews[]
beforeAll(async () => {
  solver = highsSolver(await loadSolver())
  desk = new ComposerDesk(solver)
  news = newsOf(ask(), 1)
})
function newsOf(of: ComposeAsk, proposals: number, by = desk): ComposerNews[] {
  const told: ComposerNews[] = []
  by.compose(of, proposals, (one) => told.push(one))
  return told
}
const kinds = (told: readonly ComposerNews[]) => told.map(({ kind }) => kind)

describe('what is told while a class is composed', () => {
  test('a first class before any proof, then what is proved, by its number, and that it is done at last', () => {
    expect(kinds(news)[0]).toBe('first')
    expect(kinds(news).at(-1)).toBe('done')
    const proposals = news.flatMap((one) => (one.kind === 'proposal' ? [one] : []))
    expect(proposals.map(({ number }) => number)).toEqual([0])
    // what is told on the way names the proposal that it is of, and its bound is never below what was found
    for (const one of news) {
      if (one.kind !== 'progress') continue
      expect(one.proposal).toBe(0)
      if (one.value !== undefined) expect(one.value).toBeLessThanOrEqual(one.bound + 1e-6)
    }
    for (const { proposal } of proposals) expect(proposal.gap).toBeLessThanOrEqual(0.02)
    expect(news.flatMap((one) => (one.kind === 'first' ? [one.proposal.gap] : []))[0]).toBeUndefined()
  })

  test('a proposal is a plan that the library knows, each item with its part, its name, its reason and its figure', () => {
    const [proposal] = news.flatMap((one) => (one.kind === 'proposal' ? [one.proposal] : []))
    const plan = soundPlan(planSchema.parse(proposal!.plan), LIBRARY)
    const planned = plan.phases.flatMap(({ id, blocks }) => blocks.flatMap(({ items }) => items.map((item) => `${id} ${item.id}`)))
    expect(proposal!.parts.flatMap(({ part, items }) => items.map(({ id }) => `${part} ${id}`))).toEqual(planned)
    for (const { items } of proposal!.parts)
      for (const { movementId, movement, name, why, drawing, seconds } of items) {
        expect(LIBRARY.movements.find(({ id }) => id === movementId)?.name).toBe(movement)
        expect(name).not.toBe('')
        expect(why.code).toEqual(expect.any(String))
        expect(drawing).toBeDefined()
        expect(seconds).toBeGreaterThan(0)
      }
    expect(proposal!.seconds).toBeLessThanOrEqual(20 * 60)
  })

  test('a class that cannot be is told once, with the names of what was wished for', () => {
    const told = newsOf(ask({ pinned: ['down-and-up'] }), 1)
    expect(kinds(told)).toEqual(['impossible'])
    expect(told[0]).toMatchObject({
      noWay: [{ movement: 'down-and-up', because: { code: 'place' } }],
      names: { 'down-and-up': LIBRARY.movements.find(({ id }) => id === 'down-and-up')!.name },
    })
  })

  test('another desk that was warmed says the same', () => {
    const other = new ComposerDesk(solver)
    other.warm(ask())
    expect(newsOf(ask(), 1, other)).toEqual(news)
  })

  test('other people are judged anew by the same desk, and the first ones are still known', () => {
    // too few movements are left that all of these may do on the chair
    const most = LIBRARY.movements.filter((_, index) => index % 20 > 0).map(({ id }) => id)
    expect(kinds(newsOf(ask({ banned: most }, ['Greta', 'Edda', 'Jory', 'Hartley']), 1))).toEqual(['impossible'])
    expect(newsOf(ask(), 1)).toEqual(news)
  })
})
