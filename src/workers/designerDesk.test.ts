import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { CONDITIONS } from '@/content/conditions'
import { DEMO_CLASSES, demoPeople } from '@/content/demo'
import { LIBRARY } from '@/content/movements'
import { clientSchema, factsOn } from '@/core/client'
import { applyEdit, type Edit, itemsOf, type PlanDraft, planSchema } from '@/core/plan'
import { buildRuleBase } from '@/core/safety'
import { DEFAULT_HOUSE_RULES, type HouseRules } from '@/core/vocabulary'
import type { WorkerPerson } from './designerContract'
import { DesignerDesk } from './designerDesk'

const DAY = '2026-11-24'
const base = buildRuleBase(CONDITIONS)
const people: WorkerPerson[] = demoPeople(DAY).map(({ record }, index) => ({
  id: `p${index}`,
  name: record.given,
  facts: factsOn(base, clientSchema.parse(record), DAY),
}))
const plans = DEMO_CLASSES.map(({ plan }) => planSchema.parse(plan))
const twelve = people.slice(0, 12)

type Step = { kind: 'variant' | 'dose' | 'remove' | 'support' | 'pause'; at: number; pick: number }
const stepArbitrary: fc.Arbitrary<Step> = fc.record({
  kind: fc.constantFrom('variant' as const, 'dose' as const, 'remove' as const, 'support' as const, 'pause' as const),
  at: fc.nat(200),
  pick: fc.nat(LIBRARY.entries.length - 1),
})
function editOf(plan: PlanDraft, { kind, at, pick }: Step): Edit | undefined {
  if (kind === 'support') return { kind: 'set-plan', change: { room: { ...plan.room, supportInReach: pick % 2 === 0 } } }
  const blocks = plan.phases.flatMap((phase) => phase.blocks)
  // minutes of all that comes after are others
  if (kind === 'pause') return { kind: 'set-block', block: blocks[at % blocks.length]!.id, change: { pauseAfter: pick % 600 } }
  const items = itemsOf(plan)
  if (items.length < 2) return undefined
  const { item } = items[at % items.length]!
  if (kind === 'remove') return { kind: 'remove-item', item: item.id }
  if (kind === 'variant') return { kind: 'set-variant', item: item.id, variant: LIBRARY.entries[pick]!.variant.id }
  const dose = { sets: 1 + (pick % 3), reps: 4 + (pick % 9), holdSeconds: pick % 20, restSeconds: (pick * 7) % 120, loadKg: 0, rpe: 2 + (pick % 4) }
  return { kind: 'set-dose', item: item.id, dose }
}

describe('a desk that only takes a class', () => {
  test('answers about it as one that shows it, for the people and the plan it was told last', () => {
    const [shows, takes] = [new DesignerDesk(), new DesignerDesk()]
    const [one, other] = plans as [PlanDraft, PlanDraft]
    for (const ask of [{ plan: one, people: twelve }, { plan: other }, { plan: other, people: people.slice(4, 9) }]) {
      shows.model(ask)
      takes.take(ask)
      expect(takes.rehearse()).toEqual(shows.rehearse())
    }
    expect(takes.rehearse()!.people.length).toBeLessThanOrEqual(5)
  })
  test('knows nothing before it is told', () => expect(new DesignerDesk().rehearse()).toBeNull())
})

describe('an edit judges what it touches and nothing less', () => {
  test('after any edits the desk that remembers answers as one that has just been told everything', () => {
    fc.assert(
      fc.property(fc.constantFrom(...plans), fc.array(stepArbitrary, { minLength: 1, maxLength: 5 }), (start, steps) => {
        const desk = new DesignerDesk()
        desk.model({ plan: start, people: twelve })
        let plan = start
        for (const step of steps) {
          const edit = editOf(plan, step)
          if (!edit) continue
          plan = applyEdit(plan, edit).plan
          expect(desk.model({ plan }).model).toEqual(new DesignerDesk().model({ plan, people: twelve }).model)
        }
      }),
      { numRuns: 20 },
    )
  })

  test('people who are sent again, one with a new condition, are judged anew', () => {
    const desk = new DesignerDesk()
    const plan = plans.find(({ title }) => title === 'Bones and balance')!
    const before = desk.model({ plan, people: twelve }).model
    const changed = twelve.map((person, index) =>
      index === 0 ? { ...person, facts: { ...person.facts, conditions: [...person.facts.conditions, { slug: 'wheelchair-user' }] } } : person,
    )
    const after = desk.model({ plan, people: changed }).model
    expect(after).toEqual(new DesignerDesk().model({ plan, people: changed }).model)
    const standing = after.items.filter(({ base }) => base === 'freeStand' || base === 'heldStand')
    expect(standing.length).toBeGreaterThan(3)
    for (const { cells } of standing) expect(['swap', 'out', 'ask']).toContain(cells[0]!.mark)
    expect(after.items.map(({ cells }) => cells.slice(1))).toEqual(before.items.map(({ cells }) => cells.slice(1)))
  })
})

describe('what is behind a cell', () => {
  const plan = plans[0]!
  const desk = new DesignerDesk()
  const { model } = desk.model({ plan, people: twelve })

  test.each(model.items.map(({ id, movement }, at) => ({ id, movement, at })))(
    'the reasons of $movement tell the verdict of its cells',
    ({ id, at }) => {
      for (const [index, cell] of model.items[at]!.cells.entries()) {
        const why = desk.explain({ item: id, person: model.people[index]!.id })
        expect(why.verdict).toBe(cell.verdict)
        expect(why.person).toBe(model.people[index]!.name)
        // nothing is forbidden without a reason that can be read
        if (why.verdict !== 'as-planned') expect(why.reasons.length + (why.gate ? 1 : 0)).toBeGreaterThan(0)
        if (why.scope !== 'session' && why.options.length === 0) expect(why.rest).toBeTruthy()
      }
    },
  )

  test('everybody stands on one step of the ladder or is named as having none', () => {
    for (const { id } of model.items) {
      const { steps, none } = desk.ladder({ item: id })
      const named = [...steps.flatMap(({ standing }) => standing), ...none]
      expect(named.sort()).toEqual(twelve.map(({ name }) => name).sort())
      expect(steps.filter(({ planned }) => planned)).toHaveLength(1)
    }
  })

  test('whatever can be added says what the room lacks for it, and how many it fits is never more than all', () => {
    const choices = desk.choices({ phase: plan.phases[0]!.id })
    expect(choices.map(({ id }) => id).sort()).toEqual(LIBRARY.entries.map(({ variant }) => variant.id).sort())
    expect(choices.filter(({ lacks }) => lacks.length === 0).length).toBeGreaterThan(50)
    for (const { id, fits, lacks } of choices) {
      expect(fits).toBeLessThanOrEqual(twelve.length)
      const { variant } = LIBRARY.byId.get(id)!
      const there = ['chair', ...plan.room.kit, ...(plan.room.floorWork ? ['mat'] : [])]
      for (const kit of variant.kit) if (!there.includes(kit)) expect(lacks, id).toContain(kit)
      if (lacks.length === 0) for (const kit of variant.kit) expect(there, id).toContain(kit)
    }
  })

  test('open questions come with the most useful first, and each loosens something', () => {
    const questions = desk.questions()
    expect(questions.length).toBeGreaterThan(0)
    const door = questions.filter(({ opensDoor }) => opensDoor)
    const rest = questions.filter(({ opensDoor }) => !opensDoor)
    expect(questions).toEqual([...door, ...rest])
    const counts = rest.map(({ loosens }) => loosens.length)
    expect(counts).toEqual([...counts].sort((a, b) => b - a))
    expect(Math.min(...counts)).toBeGreaterThan(0)
  })
})

describe('what the desk refuses', () => {
  const desk = new DesignerDesk()
  desk.model({ plan: plans[0]!, people: twelve })
  test('an item that the plan does not have', () => expect(() => desk.explain({ item: 'nothing', person: 'p0' })).toThrow('nothing'))
  test('somebody who is not here', () => {
    const { id } = itemsOf(plans[0]!)[0]!.item
    expect(() => desk.explain({ item: id, person: 'stranger' })).toThrow('stranger')
  })
  test('a variant that the library does not have, and the plan before it stays', () => {
    const { id } = itemsOf(plans[0]!)[0]!.item
    const broken = applyEdit(plans[0]!, { kind: 'set-variant', item: id, variant: 'no/such' }).plan
    expect(() => desk.model({ plan: broken })).toThrow('no/such')
    expect(desk.explain({ item: id, person: 'p0' }).person).toBe(twelve[0]!.name)
  })
})

describe('the rules of the house change what is offered first, and hide nothing', () => {
  const plan = plans[0]!
  const main = plan.phases.find(({ kind }) => kind === 'main')!.id
  const offeredWith = (house: Partial<HouseRules>, group: WorkerPerson[] = twelve) => {
    const desk = new DesignerDesk()
    desk.model({ plan, people: group, house: { ...DEFAULT_HOUSE_RULES, ...house } })
    return desk.choices({ phase: main })
  }
  const isStretch = (id: string) => LIBRARY.byId.get(id)!.movement.purpose === 'flexibility'
  const firstOf = (choices: { id: string }[], is: (id: string) => boolean) => choices.findIndex(({ id }) => is(id))
  test('stretches come last before the end of the class, or stand where they belong', () => {
    const [end, anywhere] = [offeredWith({ stretchPlace: 'end' }), offeredWith({ stretchPlace: 'where-planned' })]
    expect(end.map(({ id }) => id).sort()).toEqual(anywhere.map(({ id }) => id).sort())
    expect(firstOf(end, isStretch)).toBeGreaterThan(firstOf(anywhere, isStretch))
  })
  test('a stretch is added as long as the house holds one', () => {
    const held = (choices: ReturnType<typeof offeredWith>) => choices.flatMap(({ id, dose }) => (isStretch(id) && dose ? [dose.holdSeconds] : []))
    expect(new Set(held(offeredWith({ stretchSeconds: '15' })))).toEqual(new Set([15]))
    expect(held(offeredWith({ stretchSeconds: '15' })).length).toBeGreaterThan(5)
  })
  test('impact comes last while somebody of the class is pregnant, and only then', () => {
    const isBrisk = (id: string) => LIBRARY.byId.get(id)!.planned.impactLevel >= 2
    const pregnant: WorkerPerson = {
      id: 'm',
      name: 'Maren',
      facts: { age: 31, screenOutcome: 'go', gestationalWeek: 20, conditions: [{ slug: 'pregnancy' }] },
    }
    const group = [...twelve, pregnant]
    expect(firstOf(offeredWith({ impactInPregnancy: 'none' }, group), isBrisk)).toBeGreaterThan(
      firstOf(offeredWith({ impactInPregnancy: 'as-judged' }, group), isBrisk),
    )
    expect(firstOf(offeredWith({ impactInPregnancy: 'none' }), isBrisk)).toBe(firstOf(offeredWith({ impactInPregnancy: 'as-judged' }), isBrisk))
  })
})

describe('what is offered in one click', () => {
  const seats = planSchema.parse({
    title: 'Seats',
    promisedMinutes: 40,
    phases: [
      { id: 'w', kind: 'warm-up', blocks: [{ id: 'a', items: [{ id: '1', variant: 'march/seated' }] }] },
      { id: 'm', kind: 'main', blocks: [{ id: 'b', items: [{ id: '2', variant: 'squat/hold2' }] }] },
    ],
  })
  test('another step of the ladder as a level, gentlest first, with what is planned among them', () => {
    const desk = new DesignerDesk()
    desk.model({ plan: seats, people: twelve })
    const { options } = desk.explain({ item: '2', person: twelve[0]!.id })
    const ladder = LIBRARY.entries.filter(({ movement }) => movement.id === 'squat').map(({ variant }) => variant.id)
    for (const { id, asLevel } of options) {
      if (!ladder.includes(id) || id === 'squat/hold2') expect(asLevel).toBeUndefined()
      else {
        expect([...asLevel!].sort()).toEqual([id, 'squat/hold2'].sort())
        expect(asLevel!.map((one) => ladder.indexOf(one))).toEqual(asLevel!.map((one) => ladder.indexOf(one)).sort((a, b) => a - b))
      }
    }
    expect(options.some(({ asLevel }) => asLevel)).toBe(true)
  })
  test('a movement for what is missing: it is of that quality, and as long as it says', () => {
    const desk = new DesignerDesk()
    desk.model({ plan: seats, people: twelve })
    const offer = desk.quality({ quality: 'balance' })!
    const after = applyEdit(seats, offer.edit).plan
    const { model } = new DesignerDesk().model({ plan: after, people: twelve })
    expect(model.coverage.qualities.map(({ quality }) => quality)).toContain('balance')
    expect(model.timeline.totalSeconds).toBe(offer.seconds)
    const added = model.items.find(({ id }) => !itemsOf(seats).some(({ item }) => item.id === id))!
    for (const { use } of added.cells) expect(use.kind).not.toBe('rests')
  })
})

test('a class led on paper ten thousand times ends about when it is forecast, and says what makes that uncertain', () => {
  const desk = new DesignerDesk()
  const { model } = desk.model({ plan: plans[0]!, people: [] })
  const found = desk.rehearse()!
  expect(found.runs).toBe(10_000)
  expect(Math.abs(found.end.middle / model.timeline.totalSeconds - 1)).toBeLessThan(0.05)
  expect(found.spreadBy.length).toBeGreaterThan(0)
  // the same plan, the same answer
  expect(desk.rehearse()).toEqual(found)
})
