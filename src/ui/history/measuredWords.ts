import type { Measure } from '@/core/client'
import type { Change, Trend, WeakerSide } from '@/core/progress'
import { dateWords } from '../shell/days'

export const MEASURE_WORDS: Record<Measure, { name: string; unit: string }> = {
  'chair-rises': { name: 'Rises from a chair in 30 s', unit: '' },
  'one-leg': { name: 'Standing on one leg', unit: ' s' },
  'get-up-and-go': { name: 'Get up, go 3 m, come back and sit', unit: ' s' },
}

const rounded = (value: number): string => String(Math.round(value * 10) / 10)

function changeWords({ from, by, is, margin }: Change, unit: string): string {
  const since = `since ${dateWords(from.on)}`
  if (is === 'no-change')
    return `${by === 0 ? 'as' : `${rounded(Math.abs(by))}${unit} ${by > 0 ? 'more' : 'less'}`} ${since}, no change (repeating gives up to ${rounded(margin)}${unit})`
  return `${is}, ${rounded(Math.abs(by))}${unit} ${by > 0 ? 'more' : 'less'} ${since}`
}

/** What was measured last, and what of it is a change. */
export function trendWords({ kind, values, since, lately }: Trend): string {
  const { unit } = MEASURE_WORDS[kind]
  const last = values.at(-1)!
  const said = `${rounded(last.value)}${unit} on ${dateWords(last.on)}`
  if (!since) return `${said}, measured once.`
  const both = lately && lately.from.on !== since.from.on ? `; ${changeWords(lately, unit)}` : ''
  return `${said}: ${changeWords(since, unit)}${both}.`
}

/** The side that is weaker, how much, and since when it has been. */
export const weakerWords = ({ side, left, right, times }: WeakerSide): string =>
  `The ${side} leg is the weaker one, ${rounded(Math.min(left, right))} against ${rounded(Math.max(left, right))} s${times > 1 ? `, as on the last ${times} days it was measured` : ''}.`
