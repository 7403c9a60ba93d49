import { expect, test } from 'vitest'
import { LIBRARY } from '@/content/movements'
import { addDays, clientSchema, factsOn, perinatal } from '@/core/client'
import { assess, buildRuleBase, judge, VERDICTS } from '@/core/safety'
import { CONDITIONS } from '.'

const base = buildRuleBase(CONDITIONS)
const DUE = '2027-03-01'
const BORN = '2027-03-03'
const PLAN = [
  'march/free',
  'squat/hold2',
  'bridge/floor',
  'curl-up/supine',
  'plank/wall2',
  'brace-reach/bird-dog',
  'knee-hug/supine',
  'quick-stand/free',
  'pelvic-floor-lift/seat',
  'belly-breath/seatBack',
]

const record = clientSchema.parse({
  given: 'Runa',
  birthDate: '1995-06-11',
  dueDate: DUE,
  lastBirth: { on: BORN, kind: 'vaginal' },
  // a clearance for pregnancy holds three months, so her midwife writes one a trimester, and one after the check at six weeks
  clearances: [
    ...['2026-06-20', '2026-09-15', '2026-12-10'].map((on) => ({ condition: 'pregnancy', by: 'community midwife', on })),
    { condition: 'postnatal', by: 'community midwife', on: addDays(BORN, 45) },
  ],
  capability: { floorTransferOk: true, riseNoHands: true, singleLegSec: 30 },
})

/** One pregnancy from week 6 to 12 weeks after the birth, through one plan. The table is printed with `npx vitest run pregnancyWalk`. */
function walk() {
  const rows: { label: string; closed: boolean; verdicts: string[] }[] = []
  for (let week = 6; week <= 52; week++) {
    const day = addDays(DUE, 7 * (week - 40))
    if (day < BORN && addDays(day, 7) > BORN) continue
    const before = day < BORN
    // asked again whenever it is due, and clear each time
    const screening = { completedOn: day, skipped: [], findings: [] }
    const facts = factsOn(base, { ...record, screening, ...(before && { lastBirth: undefined }) }, day)
    const assessment = assess(base, facts, { supportInReach: true })
    const life = perinatal(before ? { dueDate: DUE } : record, day)
    rows.push({
      label: life.week === undefined ? `birth + ${life.weeksSinceBirth}` : `week ${life.week}`,
      closed: assessment.closed !== undefined,
      verdicts: PLAN.map((id) => {
        const entry = LIBRARY.byId.get(id)!
        return judge(assessment, entry.vector, { movement: entry.movement.id }).verdict
      }),
    })
  }
  return rows
}

test('a plan changes its answers along one pregnancy and after it, and says so', () => {
  const rows = walk()
  const letters = { 'as-planned': 'P', modify: 'A', swap: 'S', 'leave-out': 'O' }
  const changes = rows.filter((row, index) => index === 0 || row.verdicts.join() !== rows[index - 1]!.verdicts.join())
  console.info(
    `${PLAN.join(', ')}\n${changes.map((row) => `${row.label.padEnd(12)} ${row.verdicts.map((verdict) => letters[verdict as 'swap']).join(' ')}`).join('\n')}\n`,
  )
  const at = (label: string, id: string) => rows.find((row) => row.label === label)!.verdicts[PLAN.indexOf(id)]!
  const rank = (verdict: string) => (VERDICTS as readonly string[]).indexOf(verdict)
  expect(changes.length).toBeGreaterThanOrEqual(5)
  // flat on the back: open at first, closed late
  expect(rank(at('week 32', 'bridge/floor'))).toBeGreaterThan(rank(at('week 8', 'bridge/floor')))
  expect(rank(at('week 32', 'curl-up/supine'))).toBeGreaterThanOrEqual(rank('swap'))
  // pelvic floor and breath stay all the way
  for (const row of rows.filter(({ closed }) => !closed))
    expect(rank(row.verdicts[PLAN.indexOf('pelvic-floor-lift/seat')]!), row.label).toBeLessThan(rank('swap'))
  // before the check at six weeks a written agreement comes first
  expect(rows.find((row) => row.label === 'birth + 3')!.closed).toBe(true)
  expect(rows.find((row) => row.label === 'birth + 9')!.closed).toBe(false)
})
