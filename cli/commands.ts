import { readFileSync } from 'node:fs'
import { parseArgs } from 'node:util'
import { CONDITIONS } from '@/content/conditions'
import { LIBRARY } from '@/content/movements'
import { isDay } from '@/core/client'
import { briefFileSchema, compose, emptyPlan, fitted, repair } from '@/core/compose'
import { assessRoster, evaluate, inGroup, type Judged, type RosterFacts, rehearse, troublesOf } from '@/core/evaluate'
import {
  classFile,
  classFileSchema,
  type FileProblem,
  factsOfPerson,
  ledFileSchema,
  paceFile,
  paceFileSchema,
  parseFile,
  peopleFileSchema,
  type Report,
  reportOf,
  stretchesOf,
} from '@/core/formats'
import { checkPlan, libraryRepSeconds, type Plan, PROMISED_MINUTES, problemText } from '@/core/plan'
import { AssessmentError, assess, buildRuleBase, type RuleBase } from '@/core/safety'
import { expand, forecastsOf, HOUSE_PACE, learnPace, type Pace } from '@/core/timing'
import { KIT, type Kit } from '@/core/vocabulary'
import { highsSolver, loadSolver } from '@/workers/highsSolver'
import { composedText, fitText, rehearsalText, repairText, text, timeText } from './text'

/** Ends with exit code 2: bad input, with its place and what was expected; nothing is written. */
export class BadInput extends Error {
  constructor(readonly problems: readonly string[]) {
    super(problems.join('\n'))
  }
}

const USAGE = `Usage:
  check --class class.json --people people.json [--date YYYY-MM-DD] [--json]
  time --class class.json [--pace pace.json] [--json]
  pace --class class.json --log led.json [--date YYYY-MM-DD]
  compose --brief brief.json --people people.json [--date YYYY-MM-DD] [--proposals 1-3] [--json]
  repair --class class.json --people people.json [--without band,mat] [--versions 1-4] [--date YYYY-MM-DD] [--json]
  fit --class class.json --people people.json --minutes 5-120 [--pace pace.json] [--date YYYY-MM-DD] [--json]
  simulate --class class.json --people people.json [--runs 10000] [--seed 1] [--pace pace.json] [--date YYYY-MM-DD] [--json]
  movements --json
  conditions --json
Exit codes: 0 all have a safe option, 1 somebody has none or there is no such class, 2 bad input; repair and fit: 1 where something does not fit in the end.`

const options = {
  class: { type: 'string' },
  brief: { type: 'string' },
  minutes: { type: 'string' },
  without: { type: 'string' },
  versions: { type: 'string' },
  runs: { type: 'string' },
  seed: { type: 'string' },
  proposals: { type: 'string' },
  people: { type: 'string' },
  pace: { type: 'string' },
  log: { type: 'string' },
  date: { type: 'string' },
  json: { type: 'boolean', default: false },
} as const

function read(path: string | undefined, flag: string): string {
  if (!path) throw new BadInput([`--${flag}: expected the path of a file`])
  try {
    return readFileSync(path, 'utf8')
  } catch (error) {
    throw new BadInput([`--${flag}: cannot read ${path}: ${(error as NodeJS.ErrnoException).code ?? String(error)}`])
  }
}

const placed = (file: string, problems: readonly FileProblem[]) =>
  new BadInput(problems.map((problem) => `${file} at ${problem.path}: ${problem.message}`))

function classOf(path: string | undefined) {
  const parsed = parseFile(classFileSchema, read(path, 'class'))
  if ('problems' in parsed) throw placed(path!, parsed.problems)
  const checked = checkPlan(parsed.file.plan, LIBRARY)
  if ('problems' in checked) throw new BadInput(checked.problems.map((problem) => `${path} at $.plan: ${problemText(problem)}`))
  return { file: parsed.file, plan: checked.plan }
}

const dayOf = (date: string | undefined): string | undefined => {
  if (date !== undefined && !isDay(date)) throw new BadInput([`--date: expected a calendar day, YYYY-MM-DD, found "${date}"`])
  return date
}

/** The people of a file, on a day. */
function peopleOf(base: RuleBase, path: string | undefined, date: string): RosterFacts[] {
  const parsed = parseFile(peopleFileSchema, read(path, 'people'))
  if ('problems' in parsed) throw placed(path!, parsed.problems)
  return parsed.file.people.map((person, index) => {
    try {
      const facts = factsOfPerson(base, person, date)
      assess(base, facts)
      return { id: person.id, name: person.name, facts, ...(person.record && inGroup(person.record)) }
    } catch (error) {
      if (error instanceof AssessmentError) throw new BadInput([`${path} at $.people[${index}] (${person.name}): ${error.message}`])
      throw error
    }
  })
}

/** Classes for a brief, or why there is none. */
async function composed(values: { brief?: string; people?: string; date?: string; proposals?: string }) {
  const parsed = parseFile(briefFileSchema, read(values.brief, 'brief'))
  if ('problems' in parsed) throw placed(values.brief!, parsed.problems)
  const { format: _format, ...brief } = parsed.file
  const many = Number(values.proposals ?? 1)
  if (![1, 2, 3].includes(many)) throw new BadInput([`--proposals: expected 1, 2 or 3, found "${values.proposals}"`])
  const base = buildRuleBase(CONDITIONS)
  const people = peopleOf(base, values.people, dayOf(values.date) ?? new Date().toISOString().slice(0, 10))
  const solver = highsSolver(await loadSolver())
  return compose(brief, assessRoster(base, people, emptyPlan(brief)), LIBRARY, solver, { proposals: many })
}

/** An instructor's pace as a file says it; the house's where there is none. */
function paceOf(path: string | undefined): Pace {
  if (path === undefined) return HOUSE_PACE
  const parsed = parseFile(paceFileSchema, read(path, 'pace'))
  if ('problems' in parsed) throw placed(path, parsed.problems)
  return parsed.file
}

/** A class of a file with the people of another, judged on a day. */
function judgedOf(
  values: { class?: string; people?: string; pace?: string; date?: string },
  change: (plan: Plan) => Plan = (plan) => plan,
): Judged & { date: string } {
  const { file, plan: given } = classOf(values.class)
  const plan = change(given)
  const date = dayOf(values.date) ?? file.date ?? new Date().toISOString().slice(0, 10)
  const base = buildRuleBase(CONDITIONS)
  const roster = assessRoster(base, peopleOf(base, values.people, date), plan, file.session)
  const { rates } = paceOf(values.pace)
  return { plan, evaluation: evaluate(plan, roster, LIBRARY, rates), roster, catalogue: LIBRARY, rates, date }
}

/** At the pace of the house, whoever leads: what is safe is not a matter of pace. */
function check({ pace: _pace, ...values }: { class?: string; people?: string; date?: string; pace?: string }): Report {
  const { evaluation, date } = judgedOf(values)
  return reportOf(evaluation, date)
}

const wholeNumber = (text: string | undefined, flag: string, least: number, most: number): number => {
  const number = Number(text)
  if (!Number.isInteger(number) || number < least || number > most) throw new BadInput([`--${flag}: expected ${least} to ${most}, found "${text}"`])
  return number
}

/** The least change after which a class fits its people and what there is; nothing changed where it does already. */
async function repaired(values: { class?: string; people?: string; date?: string; without?: string; versions?: string }) {
  const without = values.without?.split(',') ?? []
  const isKit = (one: string): one is Kit => (KIT as readonly string[]).includes(one)
  for (const one of without) if (!isKit(one)) throw new BadInput([`--without: expected kit of ${KIT.join(', ')}, found "${one}"`])
  const versions = values.versions === undefined ? undefined : wholeNumber(values.versions, 'versions', 1, 4)
  const judged = judgedOf(values, (plan) => ({
    ...plan,
    ...(versions !== undefined && { tracks: versions }),
    room: { ...plan.room, kit: plan.room.kit.filter((one) => !without.includes(one)), floorWork: plan.room.floorWork && !without.includes('mat') },
  }))
  const found = repair(judged, highsSolver(await loadSolver()))
  return { judged, troubles: troublesOf(judged.plan, judged.evaluation), found }
}

/** A class in another length. */
async function fitting(values: { class?: string; people?: string; date?: string; pace?: string; minutes?: string }) {
  const minutes = wholeNumber(values.minutes, 'minutes', PROMISED_MINUTES.least, PROMISED_MINUTES.most)
  const judged = judgedOf(values)
  return { judged, found: fitted(judged, minutes, highsSolver(await loadSolver())) }
}

const MOST_RUNS = 100_000
/** A class led many times on paper. */
function simulated(values: { class?: string; people?: string; pace?: string; date?: string; runs?: string; seed?: string }) {
  const runs = wholeNumber(values.runs ?? '10000', 'runs', 1, MOST_RUNS)
  const seed = Number(values.seed ?? 1)
  if (!Number.isInteger(seed)) throw new BadInput([`--seed: expected a whole number, found "${values.seed}"`])
  const { plan, evaluation } = judgedOf(values)
  return rehearse(plan, evaluation, paceOf(values.pace), runs, seed)
}

/** The class in seconds at an instructor's pace, the house's when none is given, by phase, block and item. */
function time(values: { class?: string; pace?: string }) {
  const { plan } = classOf(values.class)
  const known = paceOf(values.pace)
  const timeline = expand(plan, LIBRARY, undefined, known.rates)
  const sum = (kind: 'block' | 'item', id: string) => {
    const own = timeline.segments.filter((segment) => segment[kind] === id)
    return { id, startSeconds: own[0]?.startSeconds ?? 0, seconds: own.reduce((all, { seconds }) => all + seconds, 0) }
  }
  const blocks = plan.phases.flatMap(({ blocks: own }) => own)
  const forecasts = forecastsOf(timeline, blocks, known)
  return {
    totalSeconds: timeline.totalSeconds,
    leastSeconds: timeline.leastSeconds,
    forecast: forecasts.whole,
    phases: timeline.phases,
    blocks: blocks.map(({ id, title, format }) => ({ ...sum('block', id), title, format, ...forecasts.blocks[id] })),
    items: blocks.flatMap(({ items }) => items.map(({ id }) => sum('item', id))),
    segments: timeline.segments,
  }
}

/** The pace that a log of led classes tells of. */
function pace(values: { class?: string; log?: string; date?: string }): Pace {
  const { plan } = classOf(values.class)
  const parsed = parseFile(ledFileSchema, read(values.log, 'log'))
  if ('problems' in parsed) throw placed(values.log!, parsed.problems)
  dayOf(values.date)
  const found = stretchesOf(parsed.file, plan, LIBRARY)
  if ('problems' in found) throw placed(values.log!, found.problems)
  const newest = parsed.file.sessions
    .map(({ day }) => day)
    .sort()
    .at(-1)
  return learnPace(found.stretches, values.date ?? newest ?? '2000-01-01')
}

/**
 * Runs one command line.
 *
 * @param print a line of the answer
 * @returns 0 = as it should be, 1 = something is to be told, as each command says
 * @throws BadInput when something of it cannot be read
 */
export async function run(argv: readonly string[], print: (line: string) => void): Promise<number> {
  let parsed: ReturnType<typeof parseArgs<{ options: typeof options; allowPositionals: true }>>
  try {
    parsed = parseArgs({ args: [...argv], options, allowPositionals: true })
  } catch (error) {
    throw new BadInput([(error as Error).message, USAGE])
  }
  const { values, positionals } = parsed
  const json = (value: unknown) => print(JSON.stringify(value, null, 2))
  switch (positionals[0]) {
    case 'check': {
      const result = check(values)
      if (values.json) json(result)
      else print(text(result))
      return result.safe ? 0 : 1
    }
    case 'time': {
      const timed = time(values)
      if (values.json) json(timed)
      else print(timeText(timed))
      return 0
    }
    case 'pace':
      json(paceFile(pace(values)))
      return 0
    case 'compose': {
      const made = await composed(values)
      if (values.json)
        json(
          made.kind === 'proposals'
            ? {
                proposals: made.proposals.map(({ plan, why, givenUp, value, bound, gap, evaluation }) => ({
                  class: classFile(plan),
                  seconds: evaluation.timeline.totalSeconds,
                  why,
                  givenUp,
                  value,
                  bound,
                  gap,
                })),
              }
            : made,
        )
      else print(composedText(made))
      return made.kind === 'proposals' ? 0 : 1
    }
    case 'repair': {
      const { judged, troubles, found } = await repaired(values)
      if (values.json) {
        const { plan, evaluation, ...shown } = found ?? { ...judged, mended: [], left: [], warnings: [] }
        json({
          class: classFile(plan),
          seconds: evaluation.timeline.totalSeconds,
          troubles,
          ...(found && { kept: found.kept, of: found.of }),
          mended: shown.mended,
          left: shown.left,
          warnings: shown.warnings,
        })
      } else print(repairText(judged, troubles, found))
      return found && found.left.length > 0 ? 1 : 0
    }
    case 'fit': {
      const { judged, found } = await fitting(values)
      const { plan, evaluation, edit: _edit, ...shown } = found
      if (values.json) json({ class: classFile(plan), seconds: evaluation.timeline.totalSeconds, ...shown })
      else print(fitText(judged, found))
      return found.isReached ? 0 : 1
    }
    case 'simulate': {
      const found = simulated(values)
      if (values.json) json(found)
      else print(rehearsalText(found))
      return 0
    }
    case 'movements':
      json(
        LIBRARY.entries.map(({ movement, variant, planned }) => ({
          id: variant.id,
          movement: movement.name,
          name: variant.name,
          kit: variant.kit,
          dose: variant.dose,
          tempo: variant.tempo,
          tempoClass: variant.tempoClass,
          groupRepSeconds: libraryRepSeconds({ variant }),
          sides: variant.side,
          demands: planned,
        })),
      )
      return 0
    case 'conditions':
      json(CONDITIONS)
      return 0
    default:
      throw new BadInput([`expected a command, found "${positionals[0] ?? 'nothing'}"`, USAGE])
  }
}
