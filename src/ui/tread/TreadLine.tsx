'use client'
import { memo, useId } from 'react'
import type { EffortForecast } from '@/core/evaluate'
import type { PhaseKind } from '@/core/plan'
import { BASES, type TreadLine as Line } from '@/core/timing'
import { BASE_WORDS, stair, treadWords } from './Silhouette'

const PHASE_WORDS: Record<PhaseKind, string> = {
  'warm-up': 'warm-up',
  main: 'main',
  balance: 'balance',
  floor: 'floor',
  'cool-down': 'cool-down',
  relaxation: 'relaxation',
}

/** The part of the class that is looked at, s. */
export interface View {
  from: number
  until: number
}

export interface TreadProps {
  line: Line
  /** all of it when left out */
  view?: View
  /** when kit is taken up, changed or put away, s */
  kitMoves?: readonly number[]
  /** how hard it is expected to become for the group; what the plan asks when left out */
  band?: EffortBandLine
  promisedSeconds?: number
  /** where the class is now, s */
  atSeconds?: number
}

/** Drawing units, one a pixel on a desk; the line begins at `LEFT` and ends `RIGHT` before the edge. */
export const WIDTH = 1240
const HEIGHT = 112
export const LEFT = 84
export const RIGHT = 14
const TOP = 10
const STEP = 12
const FLOOR_Y = TOP + STEP * 4 + 8
/** How hard it gets has a band of its own under the stair: it is not a base. */
const EFFORT_TOP = FLOOR_Y + 8
const EFFORT_HEIGHT = 22

/** Seconds from the left edge to the right edge. */
export const spanOf = (line: Line, promisedSeconds = 0) => Math.max(line.totalSeconds, promisedSeconds, 60)
/** Where a second is, in drawing units. */
export const scaleOf =
  ({ from, until }: View) =>
  (second: number): number =>
    LEFT + ((second - from) / (until - from)) * (WIDTH - LEFT - RIGHT)
const isLow = (base: Line['treads'][number]['base']) => base === 'floor' || base === 'bed'

/** The ways down to the floor or bed and up again, and where kit changes hands: what costs time and needs a word. */
function Marks({ line, kitMoves, x, y }: { line: Line; kitMoves: readonly number[]; x: (second: number) => number; y: (level: number) => number }) {
  const trips = line.treads.filter((tread, index) => index > 0 && isLow(tread.base) !== isLow(line.treads[index - 1]!.base))
  return (
    <g>
      {trips.map(({ startSeconds, base }) => (
        <path
          key={startSeconds}
          d={isLow(base) ? `M${x(startSeconds) - 5} ${y(1)}h10l-5 8z` : `M${x(startSeconds) - 5} ${y(1) + 8}h10l-5 -8z`}
          fill="var(--effort)"
        >
          <title>{isLow(base) ? 'down' : 'up again'}</title>
        </path>
      ))}
      {kitMoves.map((second) => (
        <path key={second} d={`M${x(second)} ${FLOOR_Y - 7}l4 4l-4 4l-4 -4z`} fill="var(--paper)" stroke="var(--plum)" strokeWidth="1.6">
          <title>kit</title>
        </path>
      ))}
    </g>
  )
}

type EffortBandLine = EffortForecast['band']

/** Effort from the foot of its band, in the same time as the stair: the middle of the group, and paler up to whoever has it hardest. One shape each. */
const EffortBand = memo(function EffortBand({ line, band, from, until }: { line: Line; band: EffortBandLine; from: number; until: number }) {
  const x = scaleOf({ from, until })
  const foot = EFFORT_TOP + EFFORT_HEIGHT
  const points = band.length > 0 ? band : line.effort.map(({ atSeconds, rpe }) => ({ atSeconds, middle: rpe, high: rpe }))
  const shape = (rpeOf: (point: (typeof points)[number]) => number) => {
    const steps = points.map((point, index) => {
      const rpe = rpeOf(point)
      // rest is no effort
      const top = rpe > 1 ? foot - (Math.min(10, rpe) / 10) * EFFORT_HEIGHT : foot
      return `L${x(point.atSeconds).toFixed(1)} ${top.toFixed(1)}H${x(points[index + 1]?.atSeconds ?? line.totalSeconds).toFixed(1)}`
    })
    return points.length === 0 ? '' : `M${x(points[0]!.atSeconds).toFixed(1)} ${foot}${steps.join('')}V${foot}Z`
  }
  return (
    <g fill="var(--effort)">
      <path d={shape(({ high }) => high)} fillOpacity={0.4} />
      <path d={shape(({ middle }) => middle)} />
      <line x1={LEFT} x2={WIDTH - RIGHT} y1={foot} y2={foot} stroke="var(--line)" />
    </g>
  )
})

const NONE: never[] = []

/** A class as a stair: time runs to the right, and the higher the tread the less the base holds. */
export function TreadLine({ line, band = NONE, view, kitMoves = NONE, promisedSeconds, atSeconds }: TreadProps) {
  const span = spanOf(line, promisedSeconds)
  const { from, until } = view ?? { from: 0, until: span }
  const x = scaleOf({ from, until })
  const clip = useId()
  const y = (level: number) => TOP + (4 - level) * STEP
  const top = stair(line, x, y)
  const first = line.treads[0]
  const phases = line.treads.reduce<{ kind: PhaseKind; start: number; end: number }[]>((list, tread) => {
    const last = list.at(-1)
    if (last && last.kind === tread.phaseKind) last.end = tread.endSeconds
    else list.push({ kind: tread.phaseKind, start: tread.startSeconds, end: tread.endSeconds })
    return list
  }, [])
  // a line every five minutes, and every minute where a quarter or less is looked at
  const every = until - from > 900 ? 300 : 60
  const minutes = Array.from({ length: Math.floor(span / every) + 1 }, (_, index) => index * every).filter(
    (second) => second >= from && second <= until,
  )
  return (
    <svg viewBox={`0 0 ${WIDTH} ${HEIGHT}`} className="w-full" role="img" aria-label={treadWords(line)}>
      <defs>
        <pattern id="rungs" width="7" height="7" patternUnits="userSpaceOnUse">
          <path d="M0 7L7 0" stroke="var(--line)" strokeWidth="1.2" />
        </pattern>
        <clipPath id={clip}>
          <rect x={LEFT} y="0" width={WIDTH - LEFT - RIGHT + 8} height={HEIGHT} />
        </clipPath>
      </defs>
      {BASES.map((base, level) => (
        <g key={base}>
          <text x={LEFT - 10} y={y(level) + 4} textAnchor="end" fontSize="12" fill="var(--soft)" className="max-sm:hidden">
            {BASE_WORDS[base]}
          </text>
          <line x1={LEFT} x2={WIDTH - RIGHT} y1={y(level)} y2={y(level)} stroke="var(--line)" strokeDasharray="1 6" />
        </g>
      ))}
      <text x={LEFT - 10} y={EFFORT_TOP + EFFORT_HEIGHT - 5} textAnchor="end" fontSize="13" fill="var(--effort)" className="max-sm:hidden">
        effort
      </text>
      <g clipPath={`url(#${clip})`}>
        {line.totalSeconds > 0 && first && <path d={`${top}V${FLOOR_Y}H${x(first.startSeconds)}Z`} fill="var(--water)" />}
        {phases.map((phase) => (
          <rect
            key={phase.start}
            x={x(phase.start)}
            y={FLOOR_Y}
            width={Math.max(0, x(phase.end) - x(phase.start))}
            height="5"
            fill={phase.kind === 'main' ? 'var(--line)' : 'url(#rungs)'}
          />
        ))}
        <EffortBand line={line} band={band} from={from} until={until} />
        <path d={top} fill="none" stroke="var(--plum)" strokeWidth="3" strokeLinejoin="round" />
        <Marks line={line} kitMoves={kitMoves} x={x} y={y} />
      </g>
      {minutes.map((second, index) => {
        const phaseAt = (moment: number) => PHASE_WORDS[phases.findLast(({ start }) => start <= moment)?.kind ?? 'main']
        const isNew = index === 0 || phaseAt(second) !== phaseAt(minutes[index - 1] ?? 0)
        return (
          <text
            key={second}
            x={x(second)}
            y={HEIGHT - 1}
            fontSize="12"
            fill="var(--soft)"
            className="max-sm:hidden"
            textAnchor={second === from ? 'start' : x(second) > WIDTH - 40 ? 'end' : 'middle'}
          >
            {second / 60} min{isNew && line.totalSeconds > 0 ? `, ${phaseAt(second)}` : ''}
          </text>
        )
      })}
      {promisedSeconds !== undefined && promisedSeconds <= until && (
        <g>
          <line x1={x(promisedSeconds)} x2={x(promisedSeconds)} y1={TOP - 4} y2={EFFORT_TOP + EFFORT_HEIGHT} stroke="var(--ink)" strokeWidth="2" />
          <path d={`M${x(promisedSeconds)} ${TOP - 5}l-7 -4h7z`} fill="var(--ink)" />
        </g>
      )}
      {atSeconds !== undefined && atSeconds >= from && atSeconds <= until && (
        <line x1={x(atSeconds)} x2={x(atSeconds)} y1={TOP - 6} y2={EFFORT_TOP + EFFORT_HEIGHT} stroke="var(--ink)" strokeWidth="3" />
      )}
    </svg>
  )
}
