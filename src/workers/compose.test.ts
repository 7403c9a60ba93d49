import { spawnSync } from 'node:child_process'
import { existsSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'
import fc from 'fast-check'
import { beforeAll, describe, expect, test } from 'vitest'
import { CONDITIONS } from '@/content/conditions'
import { demoPeople } from '@/content/demo'
import { LIBRARY } from '@/content/movements'
import { clientSchema, factsOn } from '@/core/client'
import {
  afterPart,
  briefSchema,
  buildModel,
  type Chosen,
  type ClassBriefInput,
  chosenIn,
  clashOf,
  compose,
  emptyPlan,
  type Frame,
  fewestChanges,
  firstClass,
  frameOf,
  GAP,
  HARD_RPE,
  type Model,
  nearest,
  orderCost,
  ordered,
  PARTS,
  type Part,
  PLACES,
  Scorer,
  type Solver,
  secondsOf,
  solveModel,
  trainingOf,
  type Way,
  waysOf,
  worthOf,
} from '@/core/compose'
import { QUALITIES } from '@/core/coverage'
import { assessRoster, inGroup, type Roster } from '@/core/evaluate'
import { buildCatalogue, EVERYDAY_FUNCTIONS, MUSCLES } from '@/core/movement'
import { aloneInBlock, prescriptionOf } from '@/core/plan'
import { buildRuleBase } from '@/core/safety'
import { levelOf, musicOf } from '@/core/timing'
import { generator } from '@/core/vocabulary'
import { highsSolver, loadSolver } from './highsSolver'

let solver: Solver
beforeAll(async () => {
  solver = highsSolver(await loadSolver())
})

// a part of the library, so that a class is found in a second
const SHELF = buildCatalogue(LIBRARY.movements.filter(({ id }, index) => index % 3 === 0 || id === 'band-up-and-fold'))
const DAY = '2026-11-24'
const base = buildRuleBase(CONDITIONS)
const briefOf = (more: Partial<ClassBriefInput> = {}) => briefSchema.parse({ version: 1, title: 'Trial', minutes: 30, mostNew: 40, ...more })
/** People of the demo who may take part today. */
function rosterOf(brief: ReturnType<typeof briefOf>, wanted: (given: string) => boolean): Roster {
  const people = demoPeople(DAY)
    .map(({ record }) => clientSchema.parse(record))
    .filter(({ given }) => wanted(given))
  return assessRoster(
    base,
    people.map((record, index) => ({ id: String(index), name: record.given, facts: factsOn(base, record, DAY), ...inGroup(record) })),
    emptyPlan(brief),
  )
}

const WHERE = prescriptionOf(aloneInBlock('march/seated').item, aloneInBlock('march/seated').block, LIBRARY)
/** Invented ways, few enough to try every class. */
function someWays(seed: number, many: number): Way[] {
  const random = generator(seed)
  const one = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)]!
  return Array.from({ length: many }, (_, index): Way => {
    const parts = one<readonly Part[]>([['warm-up'], ['main'], ['main'], ['cool-down'], ['warm-up', 'main']])
    const workSeconds = 30 + Math.floor(random() * 6) * 15
    return {
      id: `w${index}`,
      movement: `m${index % Math.ceil(many * 0.8)}`,
      variant: `v${index}`,
      sets: 1,
      parts,
      isTogether: false,
      seconds: workSeconds + Math.floor(random() * 30),
      workSeconds,
      mostExtra: 0,
      quietSeconds: workSeconds + 5,
      trainingSeconds: workSeconds * (0.4 + 0.6 * random()),
      loss: random(),
      place: one(['seat', 'stand', 'floor'] as const),
      kit: one(['', '', 'band', 'dumbbell']),
      quality: one(QUALITIES),
      serves: one(EVERYDAY_FUNCTIONS),
      partners: [`m${Math.floor(random() * many)}`],
      main: [one(MUSCLES)],
      helping: [one(MUSCLES)],
      rpe: 1 + Math.floor(random() * 5),
      isNew: random() < 0.4,
      wasLately: random() < 0.2,
      shown: [`v${index}`],
      prescription: WHERE,
    }
  })
}
const FRAME: Frame = { warmUpSeconds: 60, coolDownSeconds: 40, from: 400, until: 900, placeSeconds: { seat: 0, stand: 20, floor: 60, bed: 40 } }
const smallBrief = (more: Partial<ClassBriefInput> = {}) =>
  briefOf({
    minutes: 15,
    goals: { strength: 2, balance: 1, heart: 1, mobility: 1, stretch: 1 },
    mostNew: 3,
    areas: ['glutes'],
    everyday: ['stairs'],
    ...more,
  })

/** The best class by trying every one of them. */
function byHand(ways: readonly Way[], brief: ReturnType<typeof briefOf>): number | undefined {
  const scorer = new Scorer(ways, brief, FRAME)
  const { options } = scorer
  let best: number | undefined
  const visit = (from: number, list: number[]) => {
    if (list.length > 0) {
      const { worth, outside } = scorer.score(list)
      if (outside < 1e-9 && (best === undefined || worth > best)) best = worth
    }
    for (let next = from; next < options.length; next++)
      if (!list.some((other) => options[other]!.way.movement === options[next]!.way.movement)) visit(next + 1, [...list, next])
  }
  visit(0, [])
  return best
}

describe('the model of a class', () => {
  test('finds the best of every class there is, and says so where there is none', () => {
    let possible = 0
    for (let seed = 1; seed <= 25; seed++) {
      const ways = someWays(seed, 11 + (seed % 3))
      // as many changes of position as it takes, then none, one, two and three
      const brief = smallBrief({
        ...(seed % 5 !== 0 && { mostPlaceChanges: (seed % 5) - 1 }),
        ...(seed % 3 === 0 && { atLeast: { strength: 0.5, mobility: 0.5 } }),
      })
      const best = byHand(ways, brief)
      const built = buildModel(ways, brief, FRAME)
      const found = solver(built.model, { gap: 0 })
      if (best === undefined) expect(found.status, `seed ${seed}`).toBe('infeasible')
      else {
        possible++
        expect(found.value, `seed ${seed}`).toBeCloseTo(best, 5)
        // its worth worked out from the class itself is what the solver says
        expect(worthOf(chosenIn(built, found.x!), brief), `seed ${seed}`).toBeCloseTo(best, 5)
      }
    }
    expect(possible).toBeGreaterThan(5)
    expect(possible).toBeLessThan(25)
  })

  test('the quick score is the worth and the seconds of the class', () =>
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 1000 }), fc.uniqueArray(fc.nat({ max: 11 }), { minLength: 1, maxLength: 8 }), (seed, list) => {
        const scorer = new Scorer(someWays(seed, 12), smallBrief(), FRAME)
        const known = list.filter((option) => option < scorer.options.length)
        const chosen = known.map((option) => scorer.options[option]!)
        const { worth, outside } = scorer.score(known)
        expect(worth).toBeCloseTo(worthOf(chosen, smallBrief()), 9)
        const over = Math.max(0, secondsOf(chosen, FRAME) - FRAME.until, FRAME.from - secondsOf(chosen, FRAME)) / 60
        expect(outside).toBeGreaterThanOrEqual(over - 1e-9)
      }),
    ))

  test('kernel and proof end within the gap of the best there is', () => {
    for (const seed of [3, 7, 12, 21]) {
      const ways = someWays(seed, 40)
      const brief = smallBrief()
      const built = buildModel(ways, brief, FRAME)
      const exact = solver(built.model, { gap: 0 })
      const found = solveModel(built.model, (column) => built.chosen[column] !== undefined, solver)
      if (exact.status === 'infeasible') expect(found).toBe('infeasible')
      else if (typeof found === 'string') throw new Error(found)
      else {
        expect(found.value).toBeGreaterThanOrEqual(exact.value! * (1 - GAP) - 1e-6)
        expect(found.bound).toBeGreaterThanOrEqual(exact.value! - 1e-6)
        expect(found.value).toBeLessThanOrEqual(exact.value! + 1e-6)
      }
    }
  })

  // another solver, from Debian's glpk-utils, reads the same model
  test.skipIf(!existsSync('/usr/bin/glpsol'))('another solver finds the same worth', () => {
    const folder = mkdtempSync(path.join(tmpdir(), 'velvet-lp-'))
    for (const seed of [2, 5, 9]) {
      const { model } = buildModel(someWays(seed, 13), smallBrief(), FRAME)
      const ours = solver(model, { gap: 0 })
      const file = path.join(folder, `${seed}.lp`)
      writeFileSync(file, asLp(model))
      spawnSync('/usr/bin/glpsol', ['--lp', file, '-o', `${file}.out`])
      const said = readFileSync(`${file}.out`, 'utf8')
      if (ours.status === 'infeasible') expect(said).toMatch(/UNDEFINED|EMPTY|INFEASIBLE/)
      else expect(Number(/Objective:\s+\S+ = (\S+)/.exec(said)![1])).toBeCloseTo(ours.value!, 4)
    }
    rmSync(folder, { recursive: true, force: true })
  })
})

/** The model as text that other solvers read. */
function asLp({ columns, rows }: Model): string {
  const sum = (terms: readonly (readonly [number, number])[]) =>
    terms.map(([column, value]) => `${value < 0 ? '-' : '+'} ${Math.abs(value)} x${column}`).join(' ')
  return [
    'Maximize',
    ` worth: ${sum(columns.map(({ cost }, column) => [column, cost]))}`,
    'Subject To',
    ...rows.flatMap(({ terms, lower, upper }, row) => [
      ...(Number.isFinite(lower) ? [` l${row}: ${sum(terms)} >= ${lower}`] : []),
      ...(Number.isFinite(upper) ? [` u${row}: ${sum(terms)} <= ${upper}`] : []),
    ]),
    'Bounds',
    ...columns.map(({ lower, upper }, column) => ` ${lower} <= x${column} <= ${upper}`),
    'Generals',
    ` ${columns.flatMap(({ isInteger }, column) => (isInteger ? [`x${column}`] : [])).join(' ')}`,
    'End',
  ].join('\n')
}

test('the order of each part costs least of all orders, given the part before it', () => {
  for (let seed = 1; seed <= 20; seed++) {
    const chosen: Chosen[] = someWays(seed, 14).flatMap((way, index) => (index % 14 < 9 ? [{ way, part: way.parts[0]!, extra: 0 }] : []))
    let before: Way | undefined
    for (const { part, ways } of ordered(chosen)) {
      const cost = (order: readonly Way[]) => orderCost(order, part, before, afterPart(part, chosen))
      if (ways.length <= 6)
        for (const other of permutations(ways)) expect(cost(ways), `seed ${seed}, ${part}`).toBeLessThanOrEqual(cost(other) + 1e-9)
      before = ways.at(-1) ?? before
    }
  }
})

test('in an order arms and legs take turns, and what goes well together follows at once', () => {
  const like: Way = { ...someWays(3, 1)[0]!, place: 'seat', kit: '', quality: 'strength', rpe: 3, helping: [], partners: [], parts: ['main'] }
  const way = (id: string, muscle: Way['main'][number], partners: string[] = []): Way => ({
    ...like,
    id,
    movement: id,
    variant: id,
    main: [muscle],
    partners,
  })
  const orderOf = (ways: Way[]) =>
    ordered(ways.map((one): Chosen => ({ way: one, part: 'main', extra: 0 })))
      .find(({ part }) => part === 'main')!
      .ways.map(({ id }) => id)
  const turns = orderOf([way('a1', 'biceps'), way('a2', 'chest'), way('l1', 'quadriceps'), way('l2', 'calves')])
  expect(turns.map((id) => id[0]).join('')).toMatch(/^(alal|lala)$/)
  const together = orderOf([way('push', 'chest', ['pull']), way('x', 'abdominals'), way('y', 'obliques'), way('pull', 'upper-back')])
  expect(Math.abs(together.indexOf('push') - together.indexOf('pull'))).toBe(1)
})

describe('changes of position', () => {
  const changesIn = (places: readonly string[]) => places.slice(1).filter((place, index) => place !== places[index]).length
  const placeSets = fc.tuple(...[0, 1, 2].map(() => fc.uniqueArray(fc.constantFrom(...PLACES), { minLength: 1, maxLength: 4 })))

  test('are the fewest that any order of the places of each part has', () =>
    fc.assert(
      fc.property(placeSets, ([warm, main, cool]) => {
        const least = Math.min(
          ...permutations(warm!).flatMap((one) =>
            permutations(main!).flatMap((two) => permutations(cool!).map((three) => changesIn([...one, ...two, ...three]))),
          ),
        )
        expect(fewestChanges([new Set(warm), new Set(main), new Set(cool)])).toBe(least)
      }),
      { numRuns: 60 },
    ))

  test('are that few in the order of a class for which they are counted', () =>
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 500 }), (seed) => {
        const chosen: Chosen[] = someWays(seed, 14).map((way) => ({ way, part: way.parts[0]!, extra: 0 }))
        const placesIn = (part: Part) => new Set(chosen.filter((one) => one.part === part).map(({ way }) => way.place))
        if (PARTS.some((part) => placesIn(part).size === 0)) return
        const order = ordered(chosen, { fewChanges: true }).flatMap(({ ways }) => ways.map(({ place }) => place))
        expect(changesIn(order)).toBe(fewestChanges([placesIn('warm-up'), placesIn('main'), placesIn('cool-down')]))
      }),
      { numRuns: 40 },
    ))
})
function permutations<T>(list: readonly T[]): T[][] {
  if (list.length < 2) return [[...list]]
  return list.flatMap((one, index) => permutations(list.toSpliced(index, 1)).map((rest) => [one, ...rest]))
}

describe('a composed class', () => {
  // among them a hip, thin bones and a pregnancy
  const group = (given: string) => ['Alba', 'Greta', 'Ingrid', 'Maren', 'Petra', 'Thora'].includes(given)
  const brief = briefOf({ minutes: 40, room: { kit: ['support', 'wall', 'band', 'dumbbell'] } })

  const roster = rosterOf(brief, group)

  test('gives everybody something in every movement, lands on its time, warms up and cools down, and is the same again', () => {
    const made = compose(brief, roster, LIBRARY, solver)
    if (made.kind !== 'proposals') throw new Error(JSON.stringify(made))
    const [proposal] = made.proposals
    const { evaluation, plan } = proposal!
    for (const { uses, prescription } of evaluation.items)
      for (const [index, use] of uses.entries())
        if (!evaluation.people[index]!.assessment.closed)
          expect(use.kind, `${prescription.item.variant} for ${evaluation.people[index]!.name}`).toBe('does')
    const { totalSeconds } = evaluation.timeline
    expect(totalSeconds).toBeLessThanOrEqual(40 * 60)
    expect(totalSeconds).toBeGreaterThan(36 * 60)
    const codes = evaluation.warnings.map(({ code }) => code)
    for (const code of ['warm-up-short', 'cool-down-short', 'no-warm-up', 'no-cool-down', 'overruns', 'kit-missing'])
      expect(codes).not.toContain(code)
    expect(plan.phases.map(({ kind }) => kind)).toEqual([...PARTS])
    expect(Object.keys(proposal!.why).sort()).toEqual(evaluation.items.map(({ prescription }) => prescription.item.id).sort())
    expect(proposal!.gap).toBeLessThanOrEqual(GAP)
    const again = compose(brief, roster, LIBRARY, solver)
    expect(again.kind === 'proposals' && again.proposals[0]!.plan).toEqual(plan)
  })

  test('changes position no oftener than the brief allows', () => {
    for (const mostPlaceChanges of [1, 3]) {
      const made = compose({ ...brief, mostPlaceChanges }, roster, SHELF, solver)
      if (made.kind !== 'proposals') throw new Error(JSON.stringify(made))
      const { segments } = made.proposals[0]!.evaluation.timeline
      const planned = new Map(
        made.proposals[0]!.evaluation.items.map(({ prescription }) => [prescription.item.id, prescription.demands.basePosition]),
      )
      const levels = segments.flatMap(({ kind, item }) => (kind === 'work' && item !== undefined ? [levelOf(planned.get(item)!)] : []))
      expect(levels.slice(1).filter((level, index) => level !== levels[index]).length, `${mostPlaceChanges}`).toBeLessThanOrEqual(mostPlaceChanges)
    }
  })

  test('three proposals share at most half of their movements', () => {
    const made = compose(brief, roster, LIBRARY, solver, { proposals: 3 })
    if (made.kind !== 'proposals') throw new Error(made.kind)
    const movements = made.proposals.map(({ chosen }) => chosen.map(({ way }) => way.movement))
    expect(movements).toHaveLength(3)
    for (const [later, list] of movements.entries())
      for (const earlier of movements.slice(0, later))
        expect(list.filter((movement) => earlier.includes(movement)).length).toBeLessThanOrEqual(Math.floor(earlier.length / 2))
  })

  test.each(['pairs', 'rounds-2', 'rounds-3'] as const)(
    'runs its main part in %s where movements stand together, and lands on its time',
    (mainForm) => {
      const made = compose({ ...brief, mainForm }, roster, LIBRARY, solver)
      if (made.kind !== 'proposals') throw new Error(JSON.stringify(made))
      const { evaluation, plan, chosen } = made.proposals[0]!
      const wayOf = new Map(chosen.map(({ way }) => [way.variant, way]))
      const main = plan.phases[1]!.blocks
      const inTurn = main.filter(({ format }) => format !== 'straight')
      const count = (blocks: typeof main) => blocks.reduce((sum, { items }) => sum + items.length, 0)
      expect(count(inTurn)).toBeGreaterThan(count(main) / 2)
      for (const block of inTurn) {
        if (mainForm === 'pairs') expect([2, 3]).toContain(block.items.length)
        expect(block).toMatchObject(mainForm === 'pairs' ? { format: 'alternated' } : { format: 'circuit', rounds: Number(mainForm.at(-1)) })
        const ways = block.items.map(({ variant }) => wayOf.get(variant!)!)
        expect(new Set(ways.map(({ place }) => place)).size, block.id).toBe(1)
        for (const [index, way] of ways.slice(1).entries())
          expect(
            way.main.filter((muscle) => ways[index]!.main.includes(muscle)),
            `${block.id}, ${way.variant}`,
          ).toEqual([])
      }
      for (const phase of [plan.phases[0]!, plan.phases[2]!]) expect(phase.blocks.every(({ format }) => format === 'straight')).toBe(true)
      for (const { uses } of evaluation.items)
        for (const [index, use] of uses.entries()) if (!evaluation.people[index]!.assessment.closed) expect(use.kind).toBe('does')
      const { totalSeconds } = evaluation.timeline
      expect(totalSeconds).toBeLessThanOrEqual(40 * 60)
      expect(totalSeconds).toBeGreaterThan(36 * 60)
      const codes = evaluation.warnings.map(({ code }) => code)
      for (const code of ['warm-up-short', 'cool-down-short', 'overruns']) expect(codes).not.toContain(code)
    },
  )

  test.each(['clock', 'sides', 'counts', 'phrases'] as const)(
    'runs its main part in the form “%s”, everybody with something to do, and lands on its time',
    (mainForm) => {
      const wish = { ...brief, mainForm, goals: { ...brief.goals, heart: 2, strength: 1 } }
      const made = compose(wish, rosterOf(wish, group), SHELF, solver)
      if (made.kind !== 'proposals') throw new Error(JSON.stringify(made))
      const { evaluation, plan, chosen } = made.proposals[0]!
      const variantOf = (id: string) => LIBRARY.byId.get(id)!.variant
      const main = plan.phases[1]!.blocks
      const own = main.filter(({ format }) => format !== 'straight')
      const format = { clock: 'intervals', sides: 'stations', counts: 'counts', phrases: 'phrase' }[mainForm]
      expect(new Set(own.map((block) => block.format))).toEqual(new Set([format]))
      const items = own.flatMap((block) => block.items)
      expect(items.length).toBeGreaterThanOrEqual(3)
      switch (mainForm) {
        case 'clock':
          // all of it, but for what is wished for by name
          expect(own).toEqual(main)
          for (const block of own) expect(block).toMatchObject({ rounds: 2, workSeconds: 40, restSeconds: 20 })
          for (const { dose } of evaluation.items
            .filter(({ prescription }) => prescription.block.format === 'intervals')
            .map(({ prescription }) => prescription))
            expect(dose.workSeconds).toBe(40)
          break
        case 'sides':
          for (const { variant } of items) expect(variantOf(variant!).side, variant).toBe('one-then-other')
          for (const block of own) expect(block.items.length).toBeGreaterThanOrEqual(2)
          break
        case 'counts':
          for (const { dose, variant } of items) {
            expect(dose).toMatchObject({ sets: 2, workCounts: 32 })
            expect(LIBRARY.byId.get(variant!)!.planned.intendedRpe, variant).toBeLessThan(HARD_RPE)
          }
          // without a stop nobody works the same muscles again
          for (const block of own)
            for (const [index, { variant }] of block.items.slice(1).entries()) {
              const mainOf = (id: string) => LIBRARY.byId.get(id)!.movement.main
              expect(
                mainOf(variant!).filter((muscle) => mainOf(block.items[index]!.variant!).includes(muscle)),
                variant,
              ).toEqual([])
            }
          break
        case 'phrases':
          for (const block of own) expect(block.items.length).toBeLessThanOrEqual(4)
          for (const { variant, dose } of items) {
            expect(dose).toMatchObject({ workCounts: 16 })
            expect(LIBRARY.byId.get(variant!)!.movement.pattern).toContain('step')
          }
      }
      expect(plan.bpm).toBe(mainForm === 'counts' || mainForm === 'phrases' ? 108 : undefined)
      for (const { uses } of evaluation.items)
        for (const [index, use] of uses.entries()) if (!evaluation.people[index]!.assessment.closed) expect(use.kind).toBe('does')
      const { totalSeconds } = evaluation.timeline
      expect(totalSeconds).toBeLessThanOrEqual(40 * 60)
      expect(totalSeconds).toBeGreaterThan(36 * 60)
      expect(evaluation.warnings.map(({ code }) => code)).not.toEqual(expect.arrayContaining(['warm-up-short']))
      expect(chosen.length).toBeGreaterThan(8)
    },
  )

  test('takes no movement for which there is kit for fewer than would have it at a time, and says so of one that is wished for', () => {
    const asked = (enoughFor: (typeof brief.room)['enoughFor']) => {
      const own = { ...brief, minutes: 30, pinned: ['band-up-and-fold'], room: { ...brief.room, enoughFor } }
      return compose(own, rosterOf(own, group), SHELF, solver)
    }
    const made = asked({})
    if (made.kind !== 'proposals') throw new Error(JSON.stringify(made))
    const users = ({ uses }: (typeof made.proposals)[number]['evaluation']['items'][number]) =>
      uses.filter((use) => use.kind === 'does' && use.option.entry?.variant.kit.includes('band')).length
    expect(Math.max(...made.proposals[0]!.evaluation.items.map(users))).toBeGreaterThan(1)
    expect(asked({ band: 1 })).toMatchObject({ kind: 'impossible', noWay: [{ movement: 'band-up-and-fold', because: { code: 'kit' } }] })
  })

  test('has at least the minutes that are asked of a quality, and names them where there cannot be so many', () => {
    const wish = { ...brief, minutes: 30, atLeast: { balance: 5, heart: 4 } }
    const own = rosterOf(wish, group)
    let first: number[] | undefined
    const minutesIn = (chosen: readonly Chosen[]) =>
      (['balance', 'heart'] as const).map((quality) => chosen.reduce((sum, one) => sum + (one.way.quality === quality ? trainingOf(one) / 60 : 0), 0))
    const made = compose(wish, own, SHELF, solver, { onFirst: ({ chosen }) => (first ??= minutesIn(chosen)) })
    if (made.kind !== 'proposals') throw new Error(JSON.stringify(made))
    for (const found of [first!, minutesIn(made.proposals[0]!.chosen)]) {
      // longer work is rounded down to five seconds
      expect(found[0]).toBeGreaterThanOrEqual(5 - 0.2)
      expect(found[1]).toBeGreaterThanOrEqual(4 - 0.2)
    }
    const much = { ...brief, minutes: 30, atLeast: { balance: 40 } }
    const none = compose(much, rosterOf(much, group), SHELF, solver)
    expect(none.kind === 'impossible' && none.clash.map(({ wish: said }) => said)).toContain('at least balance')
  })

  test('to music of its own the class has a track under every block for as long as it lasts, and something slow at the end', () => {
    const wish = { ...brief, minutes: 30, music: 120 }
    const made = compose(wish, rosterOf(wish, group), SHELF, solver)
    if (made.kind !== 'proposals') throw new Error(JSON.stringify(made))
    const { plan, evaluation } = made.proposals[0]!
    expect(plan.bpm).toBe(120)
    const music = musicOf(plan, evaluation.timeline)
    expect(music.silent).toEqual([])
    expect(music.offBeat).toEqual([])
    const bpmOf = new Map(plan.playlist!.tracks.map(({ id, bpm }) => [id, bpm]))
    for (const { kind, blocks } of plan.phases) for (const { track } of blocks) expect(bpmOf.get(track!)).toBe(kind === 'cool-down' ? 60 : 120)
    const own = { ...brief, minutes: 30, music: 101 }
    const other = compose(own, rosterOf(own, group), SHELF, solver)
    expect(other.kind === 'proposals' && [other.proposals[0]!.plan.bpm, other.proposals[0]!.plan.playlist]).toEqual([101, undefined])
  })

  describe('of movements that share their muscles, in rounds', () => {
    // nothing can take turns, so that all is done in sets with whole rests: longer than was counted
    const THIGHS = buildCatalogue(
      LIBRARY.movements.filter(({ purpose, main }) =>
        purpose === 'strength-legs' ? main.includes('quadriceps') : !/strength|balance|power/.test(purpose),
      ),
    )
    const rounds = briefOf({ minutes: 40, mainForm: 'rounds-3', goals: { strength: 3 }, room: { kit: ['support', 'wall', 'band', 'dumbbell'] } })
    /** @param once only the first question has an answer */
    const asked = (once = false) => {
      let relaxed = 0
      const counting: Solver = (model, options) => {
        if (options?.relaxed) relaxed++
        return once && relaxed > 1 ? { status: 'infeasible' } : solver(model, options)
      }
      return { made: compose(rounds, rosterOf(rounds, group), THIGHS, counting), times: () => relaxed }
    }

    test('it is chosen anew for what it takes, and lands on its time', () => {
      const { made, times } = asked()
      if (made.kind !== 'proposals') throw new Error(JSON.stringify(made))
      expect(times()).toBeGreaterThan(1)
      expect(made.proposals[0]!.evaluation.timeline.totalSeconds).toBeLessThanOrEqual(40 * 60)
    })

    test('where none is there of another length the first is proposed, and nothing is said to be impossible', () => {
      const { made } = asked(true)
      expect(made).toMatchObject({ kind: 'proposals', proposals: [{}] })
    })
  })

  const [PINNED, BANNED] = SHELF.movements.flatMap(({ id, phase, variants }) =>
    phase === 'any' && variants[0]!.kit.includes('chair') ? [id] : [],
  ) as [string, string]

  test('keeps to what the brief pins, bans and rests, and to where it may be', () => {
    const strict = briefOf({ minutes: 30, places: ['seat'], pinned: [PINNED], banned: [BANNED], resting: ['quadriceps'], level: 'gentler' })
    const made = compose(strict, rosterOf(strict, group), SHELF, solver)
    if (made.kind !== 'proposals') throw new Error(JSON.stringify(made))
    const ways = made.proposals[0]!.chosen.map(({ way }) => way)
    expect(ways.map(({ movement }) => movement)).toContain(PINNED)
    expect(ways.map(({ movement }) => movement)).not.toContain(BANNED)
    for (const { place, rpe, main, variant } of ways) {
      expect(place, variant).toBe('seat')
      expect(rpe, variant).toBeLessThanOrEqual(4)
      expect(rpe >= 5 && main.includes('quadriceps'), variant).toBe(false)
    }
  })

  test('the first class, found by trying, keeps all of the brief too', () => {
    const ways = waysOf(brief, emptyPlan(brief), roster, SHELF)
    const frame = frameOf(brief, roster)
    const first = firstClass(ways, brief, frame)
    const scorer = new Scorer(ways, brief, frame)
    const list = first!.map((one) => scorer.options.findIndex(({ way, part, extra }) => way === one.way && part === one.part && extra === one.extra))
    expect(scorer.score(list).outside).toBe(0)
  })
})

describe('a brief that cannot be kept', () => {
  test('names a smallest set of wishes that clash: impossible with all, possible without any one', () => {
    const brief = briefOf({ minutes: 30, mostNew: 0, familiar: ['march', 'row', 'heel-dig', 'squat', 'chest-open', 'hamstring-stretch'] })
    const roster = rosterOf(brief, (given) => given === 'Maren')
    const { model } = buildModel(waysOf(brief, emptyPlan(brief), roster, SHELF), brief, frameOf(brief, roster))
    const clash = clashOf(model, solver)
    expect(clash).toContain('new movements')
    const without = (left: string | undefined) => ({
      columns: model.columns,
      rows: model.rows.filter(({ wish }) => wish === undefined || (clash.includes(wish) && wish !== left)),
    })
    expect(solver(without(undefined), { target: 0 }).status).toBe('infeasible')
    for (const wish of clash) expect(solver(without(wish), { target: Number.NEGATIVE_INFINITY }).status, wish).not.toBe('infeasible')
    expect(nearest(model, clash, solver).some(({ by }) => by > 0)).toBe(true)
  })

  test('says why nothing is left of a movement that is pinned', () => {
    const brief = briefOf({ minutes: 30, places: ['seat'], pinned: ['bridge', 'nowhere', 'down-and-up'], room: { floorWork: false } })
    const made = compose(
      brief,
      rosterOf(brief, (given) => given === 'Maren'),
      LIBRARY,
      solver,
    )
    expect(made).toMatchObject({
      kind: 'impossible',
      noWay: [
        { movement: 'nowhere', because: { code: 'unknown' } },
        { movement: 'down-and-up', because: { code: expect.stringMatching(/place|kit/) } },
      ],
    })
  })
})
