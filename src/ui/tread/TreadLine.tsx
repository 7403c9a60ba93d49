'use client'
import { Slider } from 'radix-ui'
import type { PhaseKind } from '@/core/plan'
import { BASES, type Base, clock, type TreadLine as Line } from '@/core/timing'

const BASE_WORDS: Record<Base, string> = { floor: 'floor', bed: 'bed', seat: 'seat', heldStand: 'held stand', freeStand: 'free stand' }
const PHASE_WORDS: Record<PhaseKind, string> = {
  'warm-up': 'warm-up',
  main: 'main',
  balance: 'balance',
  floor: 'floor',
  'cool-down': 'cool-down',
  relaxation: 'relaxation',
}

/** In words, for those who do not see the line. */
export function treadWords(line: Line): string {
  const parts = line.treads.map((tread) => `${clock(tread.startSeconds)} ${BASE_WORDS[tread.base]}`)
  return `Length ${clock(line.totalSeconds)}. ${parts.join(', ')}.`
}

const stair = (line: Line, x: (second: number) => number, y: (level: number) => number): string =>
  line.treads
    .map((tread, index) => `${index === 0 ? 'M' : 'L'}${x(tread.startSeconds).toFixed(1)} ${y(tread.level)}H${x(tread.endSeconds).toFixed(1)}`)
    .join('')

interface Props {
  line: Line
  promisedSeconds?: number
  /** where the class is now, s */
  atSeconds?: number
}

/** Drawing units; the line begins at `LEFT` and ends `RIGHT` before the edge. */
const WIDTH = 1000
const HEIGHT = 184
const LEFT = 92
const RIGHT = 14
const TOP = 14
const STEP = 26
const FLOOR_Y = TOP + STEP * 4 + 12

/** Seconds from the left edge to the right edge. */
const spanOf = (line: Line, promisedSeconds = 0) => Math.max(line.totalSeconds, promisedSeconds, 60)

/** A class as a stair: time runs to the right, and the higher the tread the less the base holds. */
export function TreadLine({ line, promisedSeconds, atSeconds }: Props) {
  const span = spanOf(line, promisedSeconds)
  const x = (second: number) => LEFT + (second / span) * (WIDTH - LEFT - RIGHT)
  const y = (level: number) => TOP + (4 - level) * STEP
  const top = stair(line, x, y)
  const first = line.treads[0]
  const phases = line.treads.reduce<{ kind: PhaseKind; start: number; end: number }[]>((list, tread) => {
    const last = list.at(-1)
    if (last && last.kind === tread.phaseKind) last.end = tread.endSeconds
    else list.push({ kind: tread.phaseKind, start: tread.startSeconds, end: tread.endSeconds })
    return list
  }, [])
  const minutes = Array.from({ length: Math.floor(span / 300) + 1 }, (_, index) => index * 300)
  const effortY = (rpe: number) => FLOOR_Y - (rpe / 10) * (FLOOR_Y - TOP)
  const effort = line.effort
    .map(
      (point, index) =>
        `${index === 0 ? 'M' : 'L'}${x(point.atSeconds).toFixed(1)} ${effortY(point.rpe).toFixed(1)}H${x(line.effort[index + 1]?.atSeconds ?? line.totalSeconds).toFixed(1)}`,
    )
    .join('')
  return (
    <svg viewBox={`0 0 ${WIDTH} ${HEIGHT}`} className="w-full" role="img" aria-label={treadWords(line)}>
      <defs>
        <pattern id="rungs" width="7" height="7" patternUnits="userSpaceOnUse">
          <path d="M0 7L7 0" stroke="var(--line)" strokeWidth="1.2" />
        </pattern>
      </defs>
      {BASES.map((base, level) => (
        <g key={base}>
          <text x={LEFT - 12} y={y(level) + 5} textAnchor="end" fontSize="15" fill="var(--soft)">
            {BASE_WORDS[base]}
          </text>
          <line x1={LEFT} x2={WIDTH - RIGHT} y1={y(level)} y2={y(level)} stroke="var(--line)" strokeDasharray="1 6" />
        </g>
      ))}
      {line.totalSeconds > 0 && first && <path d={`${top}V${FLOOR_Y}H${x(first.startSeconds)}Z`} fill="var(--water)" />}
      {phases.map((phase) => (
        <g key={phase.start}>
          {phase.kind !== 'main' && (
            <rect x={x(phase.start)} y={FLOOR_Y} width={Math.max(0, x(phase.end) - x(phase.start))} height="9" fill="url(#rungs)" />
          )}
          {phase.kind === 'main' && (
            <rect x={x(phase.start)} y={FLOOR_Y} width={Math.max(0, x(phase.end) - x(phase.start))} height="9" fill="var(--line)" />
          )}
          {x(phase.end) - x(phase.start) > 60 && (
            <text x={x(phase.start) + 3} y={FLOOR_Y + 25} fontSize="15" fill="var(--soft)">
              {PHASE_WORDS[phase.kind]}
            </text>
          )}
        </g>
      ))}
      <path d={effort} fill="none" stroke="var(--effort)" strokeWidth="2" strokeDasharray="5 3" />
      {line.totalSeconds > 0 && (
        <text x={Math.min(x(line.totalSeconds) + 8, WIDTH - 60)} y={FLOOR_Y - 6} fontSize="15" fill="var(--effort)">
          effort
        </text>
      )}
      <path d={top} fill="none" stroke="var(--plum)" strokeWidth="4" strokeLinejoin="round" />
      {minutes.map((second) => (
        <text
          key={second}
          x={x(second)}
          y={HEIGHT - 4}
          fontSize="14"
          fill="var(--soft)"
          textAnchor={second === 0 ? 'start' : second > span - 60 ? 'end' : 'middle'}
        >
          {second / 60} min
        </text>
      ))}
      {promisedSeconds !== undefined && (
        <g>
          <line x1={x(promisedSeconds)} x2={x(promisedSeconds)} y1={TOP - 6} y2={FLOOR_Y + 9} stroke="var(--ink)" strokeWidth="2" />
          <path d={`M${x(promisedSeconds)} ${TOP - 10}l-7 -4h7z`} fill="var(--ink)" />
        </g>
      )}
      {atSeconds !== undefined && <line x1={x(atSeconds)} x2={x(atSeconds)} y1={TOP - 8} y2={FLOOR_Y + 9} stroke="var(--ink)" strokeWidth="4" />}
    </svg>
  )
}

/** The same line small, by which a class is recognised in a list. */
export function TreadSilhouette({ line, className }: { line: Line; className?: string }) {
  const span = Math.max(line.totalSeconds, 60)
  const x = (second: number) => (second / span) * 200
  const y = (level: number) => 4 + (4 - level) * 9
  const top = stair(line, x, y)
  return (
    <svg viewBox="0 0 200 48" className={className} role="img" aria-label={treadWords(line)} preserveAspectRatio="none">
      {/* a class with nothing in it has no stair */}
      {top !== '' && (
        <>
          <path d={`${top}V48H0Z`} fill="var(--water)" />
          <path d={top} fill="none" stroke="var(--plum)" strokeWidth="3" vectorEffect="non-scaling-stroke" />
        </>
      )}
    </svg>
  )
}

/**
 * A hand along the stair: drag, tap or use the arrow keys to look at any moment of the class.
 *
 * @param says what stands at a second, for the eyes and for a screen reader
 */
export function TreadScrubber({
  line,
  promisedSeconds,
  atSeconds,
  onMove,
  says,
}: Omit<Props, 'atSeconds'> & { atSeconds: number | undefined; onMove: (second: number) => void; says: string }) {
  return (
    <div className="relative">
      <TreadLine line={line} {...(promisedSeconds !== undefined && { promisedSeconds })} {...(atSeconds !== undefined && { atSeconds })} />
      <Slider.Root
        className="absolute inset-y-0 flex touch-pan-y items-center"
        style={{ left: `${(LEFT / WIDTH) * 100}%`, right: `${(RIGHT / WIDTH) * 100}%` }}
        min={0}
        max={Math.round(spanOf(line, promisedSeconds))}
        step={5}
        value={[atSeconds ?? 0]}
        onValueChange={([second]) => onMove(second ?? 0)}
      >
        <Slider.Track className="h-full grow cursor-col-resize" />
        <Slider.Thumb
          aria-label="Moment of the class"
          aria-valuetext={says}
          className="block h-32 w-3 -translate-y-4 cursor-col-resize rounded-none"
        />
      </Slider.Root>
    </div>
  )
}
