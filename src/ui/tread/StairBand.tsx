import { type Rehearsal, spanAt } from '@/core/evaluate'
import { clock, type TreadLine } from '@/core/timing'
import { stair, treadWords } from './Silhouette'

const [WIDTH, HEIGHT, FOOT] = [340, 92, 18]

/** The stair as it is forecast, and about each of its steps the time in which eight of ten runs come to it. */
export function StairBand({ line, rehearsal }: { line: TreadLine; rehearsal: Pick<Rehearsal, 'stair' | 'promisedSeconds' | 'end'> }) {
  const { stair: begins, promisedSeconds, end } = rehearsal
  const span = Math.max(end.high, promisedSeconds, line.totalSeconds)
  const x = (second: number) => (second / span) * WIDTH
  const y = (level: number) => 8 + (4 - level) * 14
  // the last step is the end of the class
  const steps = [
    ...line.treads.slice(1).flatMap((tread, index) => {
      const before = line.treads[index]!
      return tread.level === before.level ? [] : [{ at: tread.startSeconds, from: before.level, to: tread.level }]
    }),
    { at: line.totalSeconds, from: line.treads.at(-1)?.level ?? 0, to: 0 },
  ]
  const bands = steps.map((step) => ({ ...step, ...spanAt(begins, step.at) }))
  const last = bands.at(-1)!
  return (
    <figure>
      <svg
        viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
        className="w-full"
        role="img"
        aria-label={`${treadWords(line)} Eight of ten runs end between ${clock(last.low)} and ${clock(last.high)}.`}
      >
        <path d={`${stair(line, x, y)}V${HEIGHT - FOOT}H0Z`} fill="var(--water)" />
        {bands.map(({ at, from, to, low, high }) => (
          <rect
            key={at}
            x={x(low)}
            y={y(Math.max(from, to))}
            width={Math.max(1, x(high) - x(low))}
            height={y(Math.min(from, to)) - y(Math.max(from, to)) + (at === line.totalSeconds ? HEIGHT - FOOT - y(0) : 0)}
            fill="var(--plum)"
            opacity={0.28}
          />
        ))}
        <path d={stair(line, x, y)} fill="none" stroke="var(--plum)" strokeWidth="2.5" />
        <line x1={x(promisedSeconds)} x2={x(promisedSeconds)} y1={4} y2={HEIGHT - FOOT} stroke="var(--effort)" strokeWidth="2.5" />
        <text x={Math.min(x(promisedSeconds), WIDTH - 2)} y={HEIGHT - 3} textAnchor="end" fontSize="13" fill="var(--effort)">
          promised {clock(promisedSeconds)}
        </text>
      </svg>
      <figcaption className="text-soft">The stair as forecast; within each shaded stretch eight of ten runs take that step.</figcaption>
    </figure>
  )
}
