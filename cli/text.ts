import { LIBRARY } from '@/content/movements'
import type { Composed, Fitted, Repaired } from '@/core/compose'
import type { Judged, Rehearsal, Trouble } from '@/core/evaluate'
import { CAUTION, type Report } from '@/core/formats'
import { clock, type Forecast, type Timeline } from '@/core/timing'
import { concessionWords, givenUpWords, noWayWords, whyWords, wishWords } from '@/ui/compose/composeWords'
import { fittingWords, mendingWords, moreOrLess, priceWords, troublesTitle, troubleWords, versionWords } from '@/ui/design/mendWords'
import { blockName } from '@/ui/design/planNames'
import { warningWords } from '@/ui/fit/warningWords'
import { list } from '@/ui/shell/list'
import { percent } from '@/ui/shell/percent'
import type { Names } from '@/workers/designerContract'

const WORDS = { 'as-planned': 'as planned', modify: 'adjust', swap: 'swap', 'leave-out': 'sit out' } as const

interface Timed extends Pick<Timeline, 'segments' | 'totalSeconds' | 'leastSeconds'> {
  forecast: Forecast
  blocks: { id: string; title: string; format: string; startSeconds: number; seconds: number }[]
}

/** A class in seconds for reading on a terminal. */
export function timeText({ segments, totalSeconds, leastSeconds, forecast, blocks }: Timed): string {
  const range = `${clock(forecast.lowSeconds)} to ${clock(forecast.highSeconds)}`
  const shorter = leastSeconds < totalSeconds ? `, ${clock(leastSeconds)} without what can be left out` : ''
  return [
    ...segments.map(({ startSeconds, seconds, kind, item, side, set, sets }) => {
      const which = sets !== undefined && sets > 1 ? ` ${set}/${sets}` : ''
      return `${clock(startSeconds).padStart(6)} ${clock(seconds).padStart(6)}  ${kind} ${item ?? ''}${which}${side ? ` ${side} side` : ''}`.trimEnd()
    }),
    '',
    ...blocks.map(
      ({ id, title, format, startSeconds, seconds }) =>
        `${clock(startSeconds).padStart(6)} ${clock(seconds).padStart(6)}  block ${id}, ${format}${title ? `, ${title}` : ''}`,
    ),
    '',
    `${clock(totalSeconds)} in all${shorter}; eight times of ten between ${range} (an estimate)`,
  ].join('\n')
}

/** A report for reading on a terminal. */
export function text(report: Report): string {
  const lines = [
    `Checked for ${report.date}. Length ${clock(report.timeline.totalSeconds)}, ${report.changesOfBase} changes of base, ${report.floorTrips} trips to floor or bed.`,
  ]
  for (const warning of report.warnings) lines.push(`  ! ${JSON.stringify(warning)}`)
  for (const person of report.people) {
    lines.push('', person.name, ...person.gates.map((gate) => `  [${gate.outcome}] ${gate.text}`))
    for (const item of person.items) {
      const use = 'rest' in item.use ? item.use.rest : item.use.variant
      lines.push(`  ${WORDS[item.verdict].padEnd(10)} ${item.name}${item.verdict === 'as-planned' ? '' : ` -> ${use}`}`)
      const shown = item.reasons.filter((reason) => reason.then === 'avoid' || reason.then === 'modify')
      for (const reason of shown) lines.push(`      ${reason.id} (${reason.condition}, ${reason.evidence}): ${reason.why}`)
      for (const change of 'rest' in item.use ? [] : item.use.changes) lines.push(`      change ${change.attribute}: ${change.from} to ${change.to}`)
      for (const { say } of 'rest' in item.use ? [] : item.use.sessionChanges) lines.push(`      ${say}`)
    }
  }
  return [...lines, '', CAUTION].join('\n')
}

/** What movements and versions of the library are called. */
const movementName = (id: string): string => LIBRARY.movements.find((movement) => movement.id === id)?.name ?? id
const NAMES: Names = Object.fromEntries(LIBRARY.entries.map(({ movement, variant }) => [variant.id, { movement: movement.name, name: variant.name }]))
const called = (variant: string): string => versionWords(variant, NAMES)

/** Composed classes, or why there is none, for reading on a terminal. */
export function composedText(made: Composed): string {
  if (made.kind === 'unknown') return 'The search ended without an answer.'
  if (made.kind === 'impossible')
    return [
      'There is no such class.',
      ...made.noWay.map(({ movement, because }) => `  ${movementName(movement)}: ${noWayWords(because)}.`),
      ...(made.clash.length > 0 ? [`  These cannot be kept together: ${list(made.clash.map(({ wish }) => wishWords(wish, movementName)))}.`] : []),
      ...made.clash.filter(({ by }) => by > 0).map((concession) => `  The nearest: ${concessionWords(concession, movementName)}.`),
    ].join('\n')
  const lines = made.proposals.flatMap(({ plan, evaluation, why, givenUp, gap }, index) => [
    `Class ${index + 1}: ${clock(evaluation.timeline.totalSeconds)} of ${plan.promisedMinutes}:00, at most ${((gap ?? 0) * 100).toFixed(1)} % below the best there is.`,
    ...evaluation.items.map(({ prescription: { item, dose }, seconds, shown }) => {
      const because = why[item.id]
      const beside = shown.length > 1 ? ` (beside it ${list(shown.slice(1).map(called))})` : ''
      return `  ${clock(seconds).padStart(6)}  ${called(item.variant ?? '')} × ${dose.sets}${beside}${because ? `: ${whyWords(because)}` : ''}`
    }),
    ...givenUp.map((given) => `  ${givenUpWords(given, movementName)}`),
    '',
  ])
  return [...lines, CAUTION].join('\n')
}

const itemNames = ({ evaluation }: Judged) => {
  const names = new Map(evaluation.items.map(({ prescription }) => [prescription.item.id, prescription.entry?.movement.name ?? prescription.name]))
  return (item: string) => names.get(item) ?? item
}

/** The least change after which a class fits, for reading on a terminal. */
export function repairText(judged: Judged, troubles: readonly Trouble[], found: Repaired | undefined): string {
  if (!found) return 'Everything fits: nothing to change.'
  const nameOf = itemNames(judged)
  return [
    `${troublesTitle(troubles, {})}:`,
    ...troubles.map((trouble) => `  ${troubleWords(trouble, nameOf, {})}`),
    ...(found.mended.length > 0 ? ['The least change:'] : ['No small change of the plan mends it.']),
    ...found.mended.map(({ item, does }) => `  ${mendingWords(does, nameOf(item), NAMES)}`),
    `${found.kept} of ${found.of} stay as they are; ${clock(found.evaluation.timeline.totalSeconds)} in all.`,
    ...found.left.map((trouble) => `Still: ${troubleWords(trouble, nameOf, {})}`),
    ...found.warnings.map((warning) => `Then: ${warningWords(warning, nameOf, 'kg')}`),
    '',
    CAUTION,
  ].join('\n')
}

/** A class in another length, for reading on a terminal. */
export function fitText(judged: Judged, found: Fitted): string {
  const { totalSeconds } = found.evaluation.timeline
  const end = `${clock(totalSeconds)} of ${found.plan.promisedMinutes}:00`
  if (found.steps.length === 0)
    return found.isReached ? `It fits as it is: ${end}.` : `Nothing gets it there that leaves everybody as well off: ${end}.`
  return [
    ...found.steps.map(
      ({ does, seconds }) =>
        `${moreOrLess(seconds).padStart(7)}  ${fittingWords(does, itemNames(judged), (block) => blockName(judged.plan, block), NAMES)}`,
    ),
    ...priceWords(found),
    `${end}${found.isReached ? '' : ': the nearest that can be reached so'}.`,
    '',
    CAUTION,
  ].join('\n')
}

/** Many runs of a class for reading on a terminal. */
export function rehearsalText({ runs, promisedSeconds, end, onTime, whole, people, spreadBy }: Rehearsal): string {
  const over = people.filter(({ chance }) => chance > 0).toSorted((a, b) => b.chance - a.chance)
  return [
    `${runs} runs, all of it estimates. Half end before ${clock(end.middle)}, one in ten before ${clock(end.low)}, nine in ten before ${clock(end.high)}; promised ${clock(promisedSeconds)}.`,
    `${percent(onTime)} end within a minute of the promise; in ${percent(whole)} the cool-down is over by then.`,
    ...spreadBy.map(({ block, share }) => `  ${percent(share)} of the spread is block ${block}`),
    ...over.map(
      ({ name, chance, seconds, item, when }) =>
        `  ${name}: in ${percent(chance)} above what they may do${item === undefined ? '' : `, first in ${item}`}, for ${clock(seconds)} in the middle of these${when.length === 0 ? '' : `, from ${when.map(({ fromSeconds, untilSeconds }) => `${clock(fromSeconds)} to ${clock(untilSeconds)}`).join(' and ')}`}`,
    ),
    '',
    CAUTION,
  ].join('\n')
}
