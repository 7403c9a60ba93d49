import { describe, expect, test } from 'vitest'
import { CONDITIONS } from '@/content/conditions'
import { BANDS } from '@/content/kit/bands'
import { LIBRARY } from '@/content/movements'
import { evaluate } from '../evaluate'
import { assessRoster } from '../evaluate/roster'
import { type Plan, planSchema, soundPlan } from '../plan'
import { buildRuleBase } from '../safety'
import type { LeadEvent } from './event'
import { fold } from './events'
import { corrections, derivedLog, type LogEntry, type LogRow } from './log'
import { asLed } from './record'
import { type LedView, ledView } from './view'

const base = buildRuleBase(CONDITIONS)
const PLAN: Plan = soundPlan(
  planSchema.parse({
    version: 2,
    title: 'Rows',
    promisedMinutes: 20,
    familiar: ['row', 'curl', 'march'],
    phases: [
      {
        id: 'm',
        kind: 'main',
        title: '',
        blocks: [
          {
            id: 'b',
            items: [
              { id: 'row', variant: 'row/band-light', dose: { sets: 2, reps: 10, holdSeconds: 0, loadKg: 1.5 } },
              { id: 'curl', variant: 'curl/one-kg', dose: { sets: 1, reps: 8, holdSeconds: 0, loadKg: 1 } },
              { id: 'march', variant: 'march/seated', dose: { sets: 1, workSeconds: 60, holdSeconds: 0 } },
            ],
          },
        ],
      },
    ],
  }),
  LIBRARY,
)
const facts = { age: 50, screenOutcome: 'go' as const, conditions: [] }
const view: LedView = (() => {
  const roster = assessRoster(
    base,
    [
      { id: 'short', name: 'Short', facts, statureCm: 145 },
      { id: 'tall', name: 'Tall', facts, statureCm: 198 },
    ],
    PLAN,
  )
  return ledView(PLAN, evaluate(PLAN, roster, LIBRARY), LIBRARY, 'kg', BANDS)
})()
/** Led to its end by the clock. @param skips items that are passed over */
function logged(skips: readonly string[] = []) {
  const { timeline } = view
  const startOf = (item: string) => timeline.segments.find((segment) => segment.item === item)!.startSeconds
  const event = (kind: LeadEvent['kind'], at: number, index: number): LeadEvent => ({ id: String(index), kind, at: at * 1000 })
  const events = [
    event('start', 0, 0),
    ...skips.map((item, index) => event('skip', startOf(item), index + 1)),
    event('end', timeline.totalSeconds + 60, 99),
  ]
  const state = fold(events, timeline)
  return derivedLog({ ...state, view: 'v' }, asLed(events, timeline), new Map([['v', view]]), PLAN)
}

describe('what a led class says for its log', () => {
  test('the same pull is another band for another height, and both stand in the log', () => {
    const { entries } = logged()
    const rows = entries.filter(({ item }) => item === 'row')
    expect(rows.map(({ clientId, variant, kg }) => [clientId, variant, kg])).toEqual([
      ['short', 'row/band-light', 1.5],
      ['tall', 'row/band-light', 1.5],
    ])
    const pulls = rows.map(({ band }) => BANDS.findIndex(({ id }) => id === band))
    expect(Math.min(...pulls)).toBeGreaterThanOrEqual(0)
    // the longer path of the taller one asks for a weaker band
    expect(pulls[1]).toBeLessThan(pulls[0]!)
  })

  test('weights and bare hands name no band', () => {
    const { entries } = logged()
    const of = (item: string) => entries.filter((entry) => entry.item === item).map(({ kg, band }) => [kg, band])
    expect(of('curl')).toEqual([
      [1, null],
      [1, null],
    ])
    expect(of('march')).toEqual([
      [null, null],
      [null, null],
    ])
  })

  test('what was passed over is skipped, and nobody did it', () => {
    const { entries, skipped } = logged(['curl'])
    expect(skipped).toEqual(['curl'])
    expect(entries.some(({ item }) => item === 'curl')).toBe(false)
  })
})

describe('corrections', () => {
  const entry = (more: Partial<LogEntry> = {}): LogEntry => ({
    clientId: '5e0d4b52-8f4c-4f0a-9a60-111111111111',
    item: 'row',
    variant: 'row/band-light',
    kg: 2.5,
    side: null,
    band: 'willow',
    ...more,
  })
  const log = (entries: LogEntry[], rows: LogRow[] = []) => ({ rows, entries, note: null })

  test('another band is kept beside the one that was said; a first word corrects nothing', () => {
    expect(corrections(log([entry()]), log([entry({ band: 'reed' })]))).toEqual([
      { clientId: entry().clientId, field: 'row band', was: 'willow', becomes: 'reed' },
    ])
    expect(corrections(log([entry({ band: null })]), log([entry({ band: 'reed' })]))).toEqual([])
    expect(corrections(log([]), log([entry()]))).toEqual([])
  })
})
