import { CAUTION, type Report } from '@/core/formats'
import { clock, type Forecast, type Timeline } from '@/core/timing'

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
