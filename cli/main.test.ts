import { spawnSync } from 'node:child_process'
import { mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'
import { afterAll, describe, expect, test } from 'vitest'
import { CONDITIONS } from '@/content/conditions'
import { classFileSchema, factsOfPerson, peopleFileSchema, type Report } from '@/core/formats'
import { buildRuleBase } from '@/core/safety'
import { DesignerDesk } from '@/workers/designerDesk'
import { BadInput, run } from './commands'

const root = path.resolve(import.meta.dirname, '..')
const folder = mkdtempSync(path.join(tmpdir(), 'velvet-cli-'))
afterAll(() => rmSync(folder, { recursive: true, force: true }))
const EXAMPLES = path.join(root, 'docs/formats/examples')

/** The command line as a process of its own: seconds each, so the rest are asked in this one. */
const asProcess = (...args: string[]) => {
  const { status, stdout, stderr } = spawnSync(process.execPath, ['--conditions=react-server', '--import', 'tsx', 'cli/main.ts', ...args], {
    cwd: root,
    encoding: 'utf8',
  })
  return { status, stdout, stderr }
}
async function cli(...args: string[]): Promise<ReturnType<typeof asProcess>> {
  let stdout = ''
  try {
    const status = await run(args, (line) => {
      stdout += `${line}\n`
    })
    return { status, stdout, stderr: '' }
  } catch (error) {
    if (!(error instanceof BadInput)) throw error
    return { status: 2, stdout, stderr: `${error.message}\n` }
  }
}
const written = (name: string, content: unknown) => {
  const file = path.join(folder, name)
  writeFileSync(file, typeof content === 'string' ? content : JSON.stringify(content))
  return file
}
const classWith = (demands: object, session: object = {}) => ({
  format: 'velvet-step/class',
  version: 1,
  session,
  plan: {
    title: 'One movement',
    promisedMinutes: 10,
    phases: [
      {
        id: 'm',
        kind: 'main',
        blocks: [
          {
            id: 'b',
            items: [
              { id: 'i', described: { name: 'As told', demands }, dose: { sets: 1, reps: 8, holdSeconds: 0, restSeconds: 0, loadKg: 0, rpe: 2 } },
            ],
          },
        ],
      },
    ],
  },
})
const peopleWith = (facts: object) => ({
  format: 'velvet-step/people',
  version: 1,
  people: [{ id: 'p', name: 'Somebody', facts: { screenOutcome: 'go', ...facts } }],
})

describe('check', () => {
  test('gives verdicts, timeline and warnings of the example as JSON', async () => {
    const { status, stdout } = await cli(
      'check',
      '--class',
      path.join(EXAMPLES, 'class.json'),
      '--people',
      path.join(EXAMPLES, 'people.json'),
      '--date',
      '2026-11-25',
      '--json',
    )
    const report = JSON.parse(stdout) as Report
    expect(report.format).toBe('velvet-step/report')
    expect(report.people.length).toBeGreaterThan(0)
    expect(report.timeline.totalSeconds).toBeGreaterThan(0)
    for (const person of report.people)
      for (const item of person.items) if (item.verdict !== 'as-planned') expect(item.reasons.length + (item.gate ? 1 : 0)).toBeGreaterThan(0)
    expect(status).toBe(report.safe ? 0 : 1)
  })
  test('says of every person and item what the designer says', async () => {
    const file = (name: string) => path.join(EXAMPLES, `${name}.json`)
    const told = JSON.parse(
      (await cli('check', '--class', file('class'), '--people', file('people'), '--date', '2026-11-25', '--json')).stdout,
    ) as Report
    const { plan } = classFileSchema.parse(JSON.parse(readFileSync(file('class'), 'utf8')))
    const { people } = peopleFileSchema.parse(JSON.parse(readFileSync(file('people'), 'utf8')))
    const base = buildRuleBase(CONDITIONS)
    const { model } = new DesignerDesk().model({
      plan,
      people: people.map((person) => ({ id: person.id, name: person.name, facts: factsOfPerson(base, person, '2026-11-25') })),
    })
    expect(model.timeline).toEqual(told.timeline)
    expect(model.warnings).toEqual(told.warnings)
    for (const [row, item] of model.items.entries()) {
      expect(item.shown).toEqual(told.tracks[row]!.shown)
      for (const [column, { verdict, use }] of item.cells.entries()) {
        const theirs = told.people[column]!.items[row]!
        expect(verdict).toBe(theirs.verdict)
        expect(use.kind === 'does' ? { variant: use.variant, changes: use.changes, sessionChanges: use.sessionChanges } : 'rests').toEqual(
          'variant' in theirs.use ? theirs.use : 'rests',
        )
      }
    }
  })
  test('judges a movement given by its demands alone, and ends with 1 when somebody has no safe option', async () => {
    const fold = written('fold.json', classWith({ basePosition: 'seated-unsupported', hipFlexionDeg: 120, purpose: 'mobility' }))
    const hip = written(
      'hip.json',
      peopleWith({ age: 71, conditions: [{ slug: 'hip-replacement-posterior', weeks: 8, cleared: true, side: 'left' }] }),
    )
    const swap = await cli('check', '--class', fold, '--people', hip, '--json')
    const [item] = (JSON.parse(swap.stdout) as Report).people[0]!.items
    expect([item!.verdict, item!.reasons[0]!.id]).toEqual(['swap', 'HRP-1'])
    const stroke = written('stroke.json', peopleWith({ age: 71, conditions: [{ slug: 'stroke-hemiparesis' }] }))
    const closed = await cli('check', '--class', fold, '--people', stroke, '--json')
    expect(closed.status).toBe(1)
    expect((JSON.parse(closed.stdout) as Report).people[0]!.items[0]).toMatchObject({ verdict: 'leave-out', scope: 'session' })
  })
  test('the same plan gives another answer for another date', async () => {
    const plan = written('supine.json', classWith({ basePosition: 'floor-supine', transferLevel: 3, purpose: 'mobility', supineMin: 4 }))
    const people = (screenedOn: string) =>
      written('due.json', {
        format: 'velvet-step/people',
        version: 1,
        people: [
          {
            id: 'p',
            name: 'Somebody',
            record: {
              given: 'Some',
              birthDate: '1994-03-01',
              dueDate: '2027-02-01',
              conditions: [],
              clearances: ['2026-08-01', '2026-11-01'].map((on) => ({ condition: 'pregnancy', by: 'her midwife', on })),
              screening: { completedOn: screenedOn },
              capability: { floorTransferOk: true },
            },
          },
        ],
      })
    const verdict = async (date: string) =>
      (JSON.parse((await cli('check', '--class', plan, '--people', people(date), '--date', date, '--json')).stdout) as Report).people[0]!.items[0]!
        .verdict
    expect([await verdict('2026-08-10'), await verdict('2026-12-20')]).toEqual(['as-planned', 'swap'])
  })
})

describe('bad input ends with 2, says where and what was expected, and writes nothing', () => {
  const people = path.join(EXAMPLES, 'people.json')
  const plan = path.join(EXAMPLES, 'class.json')
  const cases: [string, () => string[], RegExp][] = [
    ['a file that is not there', () => ['check', '--class', 'nowhere.json', '--people', people], /cannot read nowhere\.json/],
    ['no JSON', () => ['check', '--class', written('bad.json', '{'), '--people', people], /bad\.json at \$: not JSON/],
    [
      'an unknown attribute',
      () => ['check', '--class', written('attr.json', classWith({ basePosition: 'standing-free', bounce: 3 })), '--people', people],
      /\$\.plan.*demands/,
    ],
    [
      'a value out of its scale',
      () => ['check', '--class', written('scale.json', classWith({ basePosition: 'standing-free', tempo: 9 })), '--people', people],
      /tempo/,
    ],
    [
      'an unknown condition',
      () => ['check', '--class', plan, '--people', written('slug.json', peopleWith({ age: 70, conditions: [{ slug: 'grumpiness' }] }))],
      /people\[0\].*grumpiness/,
    ],
    ['no age', () => ['check', '--class', plan, '--people', written('age.json', peopleWith({ conditions: [] }))], /age/],
    ['no calendar day', () => ['check', '--class', plan, '--people', people, '--date', '2026-02-30'], /calendar day/],
    ['an unknown command', () => ['dance'], /expected a command/],
    ['an unknown flag', () => ['check', '--clas', plan], /--clas/],
  ]
  test.each(cases)('%s', async (_name, args, says) => {
    const before = readdirSync(root).length
    const { status, stdout, stderr } = await cli(...args())
    expect(status).toBe(2)
    expect(stdout).toBe('')
    expect(stderr).toMatch(says)
    expect(readdirSync(root).length).toBe(before)
  })
})

test('as a process: what is asked for on one channel, what is wrong on the other, and an end that a script can read', () => {
  const people = ['--people', path.join(EXAMPLES, 'people.json'), '--date', '2026-11-25']
  const checked = asProcess('check', '--class', path.join(EXAMPLES, 'class.json'), ...people, '--json')
  expect([checked.status, checked.stderr]).toEqual([(JSON.parse(checked.stdout) as Report).safe ? 0 : 1, ''])
  const fold = written('asked.json', classWith({ basePosition: 'seated-unsupported', purpose: 'mobility' }))
  const stroke = written('closed.json', peopleWith({ age: 71, conditions: [{ slug: 'stroke-hemiparesis' }] }))
  expect(asProcess('check', '--class', fold, '--people', stroke, '--json').status).toBe(1)
  const wrong = asProcess('dance')
  expect([wrong.status, wrong.stdout]).toEqual([2, ''])
  expect(wrong.stderr).toContain('expected a command')
})

test('movements and conditions come as JSON', async () => {
  const movements = JSON.parse((await cli('movements', '--json')).stdout) as { id: string; demands: object }[]
  expect(movements.length).toBeGreaterThan(50)
  expect(Object.keys(movements[0]!.demands)).toHaveLength(50)
  expect(JSON.parse((await cli('conditions', '--json')).stdout)).toHaveLength(83)
})

test('time counts the example to the second', async () => {
  const { status, stdout } = await cli('time', '--class', path.join(EXAMPLES, 'class.json'), '--json')
  expect(status).toBe(0)
  const timed = JSON.parse(stdout)
  expect(timed.totalSeconds).toBeGreaterThan(60)
  const sum = (list: { seconds: number }[]) => list.reduce((all, { seconds }) => all + seconds, 0)
  expect(sum(timed.blocks)).toBe(timed.totalSeconds)
  expect(sum(timed.segments)).toBe(timed.totalSeconds)
  expect(readFileSync(path.join(EXAMPLES, 'class.json'), 'utf8')).toContain('velvet-step/class')
})

test('a pace that was learned from a log of blocks brings the class to its logged length, and what a clock keeps stays', async () => {
  const plan = {
    version: 2,
    title: 'Blocks',
    promisedMinutes: 20,
    familiar: ['sit-to-stand', 'march'],
    phases: [
      {
        id: 'm',
        kind: 'main',
        blocks: [
          { id: 'a', format: 'straight', items: [{ id: 'i', variant: 'sit-to-stand/hands', dose: { sets: 3, reps: 15 } }] },
          {
            id: 'c',
            format: 'intervals',
            rounds: 4,
            workSeconds: 40,
            restSeconds: 20,
            restFirst: true,
            items: [{ id: 'j', variant: 'march/seated' }],
          },
        ],
      },
    ],
  }
  const file = written('paced.json', { format: 'velvet-step/class', version: 2, plan })
  const time = async (...more: string[]) => JSON.parse((await cli('time', '--class', file, '--json', ...more)).stdout)
  const house = await time()
  const [a, c] = house.blocks.map(({ seconds }: { seconds: number }) => seconds)
  expect(c).toBe(4 * 60)
  const sessions = Array.from({ length: 8 }, (_, n) => ({
    day: `2026-11-${10 + n}`,
    blocks: [
      { block: 'a', seconds: a * 1.3 },
      { block: 'c', seconds: c },
    ],
  }))
  const log = written('led.json', { format: 'velvet-step/led', version: 1, sessions })
  const learned = await cli('pace', '--class', file, '--log', log)
  expect(learned.status).toBe(0)
  expect(JSON.parse(learned.stdout)).toMatchObject({ format: 'velvet-step/pace', classes: 8, stretches: 8 })
  const paced = await time('--pace', written('pace.json', learned.stdout))
  expect(Math.abs(paced.blocks[0].seconds / (a * 1.3) - 1)).toBeLessThan(0.05)
  expect(paced.blocks[1].seconds).toBe(c)
})

test('a log that names what the plan has not is refused with its place', async () => {
  const log = written('led-wrong.json', {
    format: 'velvet-step/led',
    version: 1,
    sessions: [{ day: '2026-11-10', blocks: [{ block: 'nowhere', seconds: 60 }] }],
  })
  const { status, stdout, stderr } = await cli('pace', '--class', path.join(EXAMPLES, 'class.json'), '--log', log)
  expect(status).toBe(2)
  expect(stdout).toBe('')
  expect(stderr).toContain('$.sessions[0].blocks[0].block: the plan has no block "nowhere"')
})

/** The people of the example of whom nothing is asked: who has a question open takes no part until it is answered. */
const withoutQuestions = () => {
  const file = JSON.parse(readFileSync(path.join(EXAMPLES, 'people.json'), 'utf8'))
  return written('open.json', { ...file, people: file.people.filter(({ name }: { name: string }) => name !== 'Runa') })
}

describe('compose', () => {
  const brief = (more: object) => ({ ...JSON.parse(readFileSync(path.join(EXAMPLES, 'brief.json'), 'utf8')), ...more })
  const people = path.join(EXAMPLES, 'people.json')

  test('writes a class that the check finds safe for everybody', async () => {
    const open = withoutQuestions()
    const made = await cli('compose', '--brief', path.join(EXAMPLES, 'brief.json'), '--people', open, '--date', '2026-11-24', '--json')
    expect(made.status).toBe(0)
    const [proposal] = JSON.parse(made.stdout).proposals
    expect(proposal.gap).toBeLessThanOrEqual(0.02)
    const file = written('composed.json', proposal.class)
    const checked = await cli('check', '--class', file, '--people', open, '--date', '2026-11-24', '--json')
    expect(checked.status).toBe(0)
    expect(JSON.parse(checked.stdout).timeline.totalSeconds).toBe(proposal.seconds)
  })

  test('a brief that cannot be kept ends with 1, and says what stands against it', async () => {
    const file = written('impossible.json', brief({ places: ['seat'], pinned: ['down-and-up'], room: { floorWork: false } }))
    const { status, stdout } = await cli('compose', '--brief', file, '--people', people, '--date', '2026-11-24')
    expect(status).toBe(1)
    expect(stdout).toMatch(/There is no such class\.\n {2}Down to the .*: none of its versions is where this class may be\./)
  })

  test('a brief that is none is refused with its place', async () => {
    const { status, stdout, stderr } = await cli('compose', '--brief', written('wrong.json', brief({ minutes: 'long' })), '--people', people)
    expect(status).toBe(2)
    expect(stdout).toBe('')
    expect(stderr).toContain('$.minutes')
  })
})

describe('repair and fit', () => {
  const files = ['--class', path.join(EXAMPLES, 'class.json'), '--people', withoutQuestions(), '--date', '2026-11-24']

  test('a class that fits is left as it is', async () => {
    const { status, stdout } = await cli('repair', ...files)
    expect([status, stdout.trim()]).toEqual([0, 'Everything fits: nothing to change.'])
  })

  test('without bands and with one version: one change, and the class that comes out is safe and needs none', async () => {
    const made = await cli('repair', ...files, '--without', 'band', '--versions', '1', '--json')
    expect(made.status).toBe(0)
    const found = JSON.parse(made.stdout)
    expect(found.troubles).toMatchObject([{ code: 'kit', kit: ['band'] }])
    expect(found.mended).toHaveLength(1)
    expect([found.left, found.kept]).toEqual([[], found.of - 1])
    const checked = await cli('check', '--class', written('mended.json', found.class), ...files.slice(2), '--json')
    expect(checked.status).toBe(0)
    expect(JSON.parse(checked.stdout).timeline.totalSeconds).toBe(found.seconds)
    expect((await cli('repair', ...files, '--without', 'band', '--versions', '1')).stdout).toContain('The least change:')
  })

  test('another length, with what each step gives; one that cannot be reached ends with 1', async () => {
    const longer = await cli('fit', ...files, '--minutes', '30', '--json')
    expect(longer.status).toBe(0)
    const found = JSON.parse(longer.stdout)
    expect(found.seconds).toBeGreaterThan(30 * 60 - 91)
    expect(found.seconds).toBeLessThanOrEqual(30 * 60)
    expect(found.class.plan.promisedMinutes).toBe(30)
    const longest = await cli('fit', ...files, '--minutes', '120')
    expect(longest.status).toBe(1)
    expect(longest.stdout).toMatch(/nearest that can be reached|Nothing gets it there/)
  })

  test.each([
    [['repair', ...files, '--without', 'balloon'], '--without: expected kit of'],
    [['repair', ...files, '--versions', '9'], '--versions: expected 1 to 4, found "9"'],
    [['fit', ...files], '--minutes: expected 5 to 120'],
  ])('%j is refused', async (words, said) => {
    const { status, stdout, stderr } = await cli(...words)
    expect([status, stdout]).toEqual([2, ''])
    expect(stderr).toContain(said)
  })
})

describe('simulate', () => {
  const files = ['--class', path.join(EXAMPLES, 'class.json'), '--people', path.join(EXAMPLES, 'people.json'), '--date', '2026-11-24']

  test('says when a class ends, the same for the same seed, and narrower for an instructor who is known', async () => {
    const simulate = async (...more: string[]) => JSON.parse((await cli('simulate', ...files, '--runs', '2000', '--json', ...more)).stdout)
    const house = await simulate('--seed', '3')
    expect(await simulate('--seed', '3')).toEqual(house)
    const total = JSON.parse((await cli('time', ...files.slice(0, 2), '--json')).stdout).totalSeconds
    // rests that the people need make it no shorter
    expect(house.end.middle).toBeGreaterThan(total * 0.95)
    expect(house.end.low).toBeLessThan(house.end.middle)
    expect(house.end.middle).toBeLessThan(house.end.high)
    const known = await simulate('--seed', '3', '--pace', path.join(EXAMPLES, 'pace.json'))
    expect(known.end.high / known.end.low).toBeLessThan(house.end.high / house.end.low)
    expect(house.people.map(({ name }: { name: string }) => name)).not.toContain('Runa')
  })

  test('numbers that are none are refused', async () => {
    const { status, stderr } = await cli('simulate', ...files, '--runs', 'many')
    expect(status).toBe(2)
    expect(stderr).toContain('--runs: expected 1 to 100000')
  })
})
