/** `npm run bench`: what the budgets of docs/architecture.md ask for, measured and printed. Nothing here is asserted. */
import { cpus } from 'node:os'
import { Engine, type NestedCondition } from 'json-rules-engine'
import { CONDITIONS } from '../src/content/conditions'
import { DEMO_CLASSES, demoPeople } from '../src/content/demo'
import { LIBRARY } from '../src/content/movements'
import { draw, REFERENCE_BODY, solve } from '../src/core/body'
import { clientSchema, factsOn } from '../src/core/client'
import {
  briefSchema,
  buildModel,
  compose,
  emptyPlan,
  type Frame,
  firstClass,
  fitted,
  frameOf,
  type Part,
  repair,
  Scorer,
  solveModel,
  type Way,
  waysOf,
  worthOf,
} from '../src/core/compose'
import { assessRoster, classModel, evaluate, inGroup, placeGroup, type Roster, rehearse, sessionOf, tracksFor } from '../src/core/evaluate'
import { itemsOf, type Plan, planSchema, prescriptionOf, soundPlan } from '../src/core/plan'
import { turnsAhead } from '../src/core/progress'
import {
  type Assessment,
  assess,
  buildRuleBase,
  encodeSession,
  holding,
  judge,
  type Residual,
  SESSION_NAMES,
  sessionDefaults,
} from '../src/core/safety'
import { expand, HOUSE_PACE, HOUSE_RATES } from '../src/core/timing'
import { addDays, generator, ROOM_KIT } from '../src/core/vocabulary'
import { highsSolver, loadSolver } from '../src/workers/highsSolver'
import { BENCH_PLAN } from './benchPlan'

const TODAY = '2026-11-25'
const base = buildRuleBase(CONDITIONS)

function median(run: () => unknown, times = 15): number {
  run()
  const taken = Array.from({ length: times }, () => {
    const start = performance.now()
    run()
    return performance.now() - start
  })
  return taken.sort((a, b) => a - b)[times >> 1]!
}

const rows: { what: string; measured: string; budget: string }[] = []
const row = (what: string, ms: number, budget: string) => rows.push({ what, measured: `${ms < 10 ? ms.toFixed(2) : ms.toFixed(0)} ms`, budget })

const planOf = (input: unknown): Plan => soundPlan(planSchema.parse(input), LIBRARY)

const facts = demoPeople(TODAY).map(({ record }) => factsOn(base, clientSchema.parse(record), TODAY))
const forty = Array.from({ length: 40 }, (_, index) => facts[index % facts.length]!)
const session = { supportInReach: true }
const assessments: Assessment[] = forty.map((person) => assess(base, person, session))

row(
  'assess 40 people (conditions, gates, limits, compiled rules)',
  median(() => forty.map((person) => assess(base, person, session).rules)),
  '',
)
const rulesMs = median(() => {
  for (const assessment of assessments) for (const entry of LIBRARY.entries) judge(assessment, entry.vector, { movement: entry.movement.id })
})
row(`all rules, 40 people × ${LIBRARY.entries.length} variants: verdicts`, rulesMs, '50 ms')

/** The same residual predicates in the shape the general library reads. */
function asConditions(residual: Residual): NestedCondition {
  switch (residual.kind) {
    case 'constant':
      return { fact: 'always', operator: 'equal', value: residual.value }
    case 'and':
      return { all: residual.parts.map(asConditions) }
    case 'or':
      return { any: residual.parts.map(asConditions) }
    case 'oneOf':
      return { fact: residual.reads, operator: residual.negated ? 'notIn' : 'in', value: [...residual.codes] }
    case 'test': {
      const operator = {
        '==': 'equal',
        '!=': 'notEqual',
        '<': 'lessThan',
        '<=': 'lessThanInclusive',
        '>': 'greaterThan',
        '>=': 'greaterThanInclusive',
      }[residual.op]
      return { fact: residual.reads, operator, value: residual.value }
    }
  }
}
const SLICE = 60
const entries = LIBRARY.entries.slice(0, SLICE)
const inSession = Object.fromEntries(SESSION_NAMES.map((name, index) => [`s.${name}`, encodeSession(sessionDefaults())[index]!]))
const numeric = entries.map((entry) => ({
  ...inSession,
  ...Object.fromEntries(Object.keys(entry.planned).map((name, index) => [name, entry.vector[index]!])),
}))
const engines = assessments.slice(0, 10).map((assessment) => {
  const engine = new Engine()
  engine.addFact('always', true)
  for (const { residual, rule } of assessment.rules) {
    const condition = asConditions(residual)
    engine.addRule({ conditions: 'all' in condition || 'any' in condition ? (condition as never) : { all: [condition] }, event: { type: rule.id } })
  }
  return engine
})
const startEngine = performance.now()
for (const engine of engines) for (const fact of numeric) await engine.run(fact)
const engineMs = performance.now() - startEngine
const oursMs = median(() => {
  for (const assessment of assessments.slice(0, 10))
    for (const entry of entries) holding(assessment.program, { demands: entry.vector, session: assessment.situation })
})
rows.push({
  what: `same rules, 10 people × ${SLICE} variants: json-rules-engine ${engineMs.toFixed(0)} ms, ours ${oursMs.toFixed(2)} ms`,
  measured: `${(engineMs / oursMs).toFixed(0)} ×`,
  budget: '20 ×',
})

const long = planOf({ ...BENCH_PLAN, room: DEMO_CLASSES[0]!.plan.room })
row(
  `timeline of a plan of ${(expand(long, LIBRARY).totalSeconds / 60).toFixed(0)} min`,
  median(() => expand(long, LIBRARY)),
  '2 ms',
)

const room = { ...sessionOf(long) }
const roster: Roster = {
  people: forty.slice(0, 25).map((person, index) => ({ id: String(index), name: `P${index}`, assessment: assess(base, person, room) })),
}
row(
  'first judgement of 40 items for 25 people, with alternatives and tracks',
  median(
    () =>
      classModel(
        long,
        evaluate(
          long,
          { people: forty.slice(0, 25).map((person, index) => ({ id: String(index), name: 'P', assessment: assess(base, person, room) })) },
          LIBRARY,
        ),
      ),
    3,
  ),
  '',
)
const { item, block: itsBlock } = itemsOf(long)[7]!
const planned = prescriptionOf(item, itsBlock, LIBRARY)
const placements = placeGroup(roster.people, planned, LIBRARY.entries, long.room)
row(
  'tracks for one item, 25 people, exact',
  median(() => tracksFor(placements, 2, item.variant!)),
  '5 ms',
)
let turn = 0
row(
  'one edit in that class: judged, tracked and timed again',
  median(() => {
    const reps = 6 + (turn++ % 9)
    const edited = planOf({
      ...long,
      phases: long.phases.map((phase) => ({
        ...phase,
        blocks: phase.blocks.map((block) => ({
          ...block,
          items: block.items.map((one) =>
            one.id === item.id ? { ...one, dose: { sets: 1, reps, holdSeconds: 0, restSeconds: 30, loadKg: 0, rpe: 3 } } : one,
          ),
        })),
      })),
    })
    return classModel(edited, evaluate(edited, roster, LIBRARY))
  }),
  '100 ms with painting',
)

/** People of the demo who may take part in a class today, the first so many. */
const takingPart = (plan: Plan, many: number): Roster => {
  const records = demoPeople(TODAY).map(({ record }) => clientSchema.parse(record))
  const all = records.map((record, index) => ({ id: String(index), name: record.given, facts: factsOn(base, record, TODAY), ...inGroup(record) }))
  return {
    people: assessRoster(base, all, plan)
      .people.filter(({ assessment }) => !assessment.closed)
      .slice(0, many),
  }
}

// composing: 45 minutes, 15 people who may take part, the whole library, the room with everything
const brief = briefSchema.parse({ version: 1, title: 'Bench', minutes: 45, mostNew: 40, room: { floorWork: true, kit: [...ROOM_KIT] } })
const composing = takingPart(emptyPlan(brief), 15)
const solver = highsSolver(await loadSolver())
const taken = (run: () => void): { wall: number; cpu: number } => {
  const [wall, cpu] = [performance.now(), process.cpuUsage()]
  run()
  const { user, system } = process.cpuUsage(cpu)
  return { wall: performance.now() - wall, cpu: (user + system) / 1000 }
}
const said = ({ wall, cpu }: { wall: number; cpu: number }) => `${wall.toFixed(0)} ms wall, ${cpu.toFixed(0)} ms CPU`
let ways: readonly Way[] = []
const judging = taken(() => {
  ways = waysOf(brief, emptyPlan(brief), composing, LIBRARY)
})
rows.push({ what: `compose: everybody judged, ${ways.length} ways, cold`, measured: said(judging), budget: '' })
for (const state of ['cold', 'warm']) {
  let gap = ''
  const solving = taken(() => {
    const made = compose(brief, composing, LIBRARY, solver)
    if (made.kind === 'proposals') gap = `${((made.proposals[0]?.gap ?? 1) * 100).toFixed(2)} % gap`
  })
  rows.push({ what: `compose: best class with proof, ${state}`, measured: `${said(solving)}, ${gap}`, budget: '2 % in 5 s warm' })
}
const frame = frameOf(brief, composing)
const built = buildModel(ways, brief, frame)
const best = solveModel(built.model, (column) => built.chosen[column] !== undefined, solver)
const tried = firstClass(ways, brief, frame)
const share = tried && typeof best !== 'string' ? (worthOf(tried, brief) / best.value) * 100 : 0
rows.push({ what: 'compose: the first class against the best', measured: `${share.toFixed(0)} % of its worth`, budget: '' })

/** The movement that gains most is added until none gains, brief and lengths weighed as the first class weighs them: the baseline. */
function greedy(): number {
  const scorer = new Scorer(ways, brief, frame)
  const total = (list: readonly number[]) => {
    const { worth, outside } = scorer.score(list)
    return worth - 20 * outside
  }
  let list: number[] = []
  for (;;) {
    const taken = new Set(list.map((option) => scorer.movement[option]))
    const next = scorer.options
      .map((_, option) => option)
      .filter((option) => !taken.has(scorer.movement[option]))
      .map((option) => ({ option, then: total([...list, option]) }))
      .reduce<{ option: number; then: number } | undefined>((most, one) => (most && most.then >= one.then ? most : one), undefined)
    if (!next || next.then <= total(list)) break
    list = [...list, next.option]
  }
  const { worth, outside } = scorer.score(list)
  return outside > 0 ? 0 : worth
}
if (typeof best !== 'string') {
  const plain = greedy()
  rows.push({
    what: 'compose: a greedy class against the best',
    measured: plain === 0 ? 'keeps not all of the brief' : `${((plain / best.value) * 100).toFixed(0)} % of its worth`,
    budget: '',
  })
}
/** Of small cases cut out of the ways, in how many model and solver find the best of all classes there are. */
function smallCases(many: number): { equal: number; wall: number } {
  const small: Frame = { ...frame, warmUpSeconds: 60, coolDownSeconds: 60, from: 0, until: 3600 }
  const began = performance.now()
  let equal = 0
  for (let seed = 1; seed <= many; seed++) {
    const random = generator(seed)
    const some = (part: Part, most: number) => {
      const own = ways.filter(({ parts, mostExtra }) => parts.length === 1 && parts[0] === part && mostExtra === 0)
      return Array.from({ length: most }, () => own[Math.floor(random() * own.length)]!)
    }
    const few = [...new Set([...some('warm-up', 3), ...some('main', 6), ...some('cool-down', 4)])]
    const scorer = new Scorer(few, brief, small)
    const movements = scorer.options.map((_, option) => scorer.movement[option])
    let exact: number | undefined
    for (let mask = 0; mask < 1 << few.length; mask++) {
      const list = few.flatMap((_, option) => (mask & (1 << option) ? [option] : []))
      if (new Set(list.map((option) => movements[option])).size < list.length) continue
      const { worth, outside } = scorer.score(list)
      if (outside < 1e-9 && (exact === undefined || worth > exact)) exact = worth
    }
    const own = buildModel(few, brief, small)
    const found = solver(own.model, { gap: 0 })
    if (exact === undefined ? found.status === 'infeasible' : Math.abs((found.value ?? 0) - exact) < 1e-4) equal++
  }
  return { equal, wall: performance.now() - began }
}
const tests = smallCases(20)
rows.push({
  what: 'compose: small cases in which the best class is the best of all that there are',
  measured: `${tests.equal} of 20, ${tests.wall.toFixed(0)} ms`,
  budget: '20 of 20',
})
rows.push({
  what: 'compose: the first class, by trying',
  measured: said(taken(() => firstClass(ways, brief, frame))),
  budget: '1 s',
})

const hour = planOf({ ...BENCH_PLAN, promisedMinutes: 60 })
const crowd = takingPart(hour, 20)
const led = evaluate(hour, crowd, LIBRARY)
rows.push({
  what: `rehearse: 10,000 runs of ${(led.timeline.totalSeconds / 60).toFixed(0)} min, ${led.timeline.segments.length} segments, ${crowd.people.length} people`,
  measured: said(taken(() => rehearse(hour, led, HOUSE_PACE, 10_000, 1))),
  budget: '3 s',
})

// the same class on twelve days, a week apart, with everybody as they will be then
const weeks = Array.from({ length: 12 }, (_, week) => addDays(TODAY, 7 * week))
const records = demoPeople(TODAY).map(({ record }) => clientSchema.parse(record))
const twentyFive = Array.from({ length: 25 }, (_, at) => records[at % records.length]!)
const meetings = weeks.map((day) => ({
  day,
  people: twentyFive.map((record, at) => ({
    id: `p${at}`,
    name: record.given,
    ...inGroup(record),
    facts: factsOn(base, record, day, { attended: weeks }),
  })),
}))
for (const state of ['cold', 'warm'])
  rows.push({
    what: `twelve weeks ahead, ${itemsOf(hour).length} items, 25 people (${state})`,
    measured: said(taken(() => turnsAhead(base, hour, LIBRARY, undefined, meetings))),
    budget: '500 ms',
  })

// the same class without bands and on its chairs, and in another length
const bare = planOf({ ...BENCH_PLAN, promisedMinutes: 60, room: { ...BENCH_PLAN.room, kit: ['support', 'wall'], floorWork: false } })
const judgedOf = (plan: Plan, roster: Roster) => ({
  plan,
  evaluation: evaluate(plan, roster, LIBRARY),
  roster,
  catalogue: LIBRARY,
  rates: HOUSE_RATES,
})
for (const state of ['cold', 'warm']) {
  let kept = ''
  const mending = taken(() => {
    const found = repair(judgedOf(bare, takingPart(bare, 20)), solver)
    kept = found ? `${found.kept} of ${found.of} kept, ${found.left.length} left` : 'nothing to mend'
  })
  rows.push({ what: `repair: no kit and no floor, 20 people, ${state}`, measured: `${said(mending)}, ${kept}`, budget: '' })
}
const whole = judgedOf(hour, crowd)
for (const minutes of [45, 90]) {
  let end = ''
  const length = taken(() => {
    const found = fitted(whole, minutes, solver)
    end = `${(found.evaluation.timeline.totalSeconds / 60).toFixed(1)} min in ${found.steps.length} steps`
  })
  rows.push({
    what: `another length: ${(led.timeline.totalSeconds / 60).toFixed(0)} to ${minutes} min`,
    measured: `${said(length)}, ${end}`,
    budget: '',
  })
}

const drawn = LIBRARY.entries.slice(0, 60)
row(
  'one figure: placed, measured and drawn',
  median(() => {
    for (const { variant } of drawn) draw(solve(variant.poses[0]!, REFERENCE_BODY, variant.room), variant.view, variant.props)
  }) / drawn.length,
  '1 ms',
)

const wide = Math.max(...rows.map(({ what }) => what.length))
process.stdout.write(`${cpus()[0]?.model ?? 'unknown processor'}, ${cpus().length} cores, Node ${process.versions.node}\n\n`)
for (const { what, measured, budget } of rows)
  process.stdout.write(`${what.padEnd(wide)}  ${measured.padStart(9)}  ${budget && `budget ${budget}`}\n`)
