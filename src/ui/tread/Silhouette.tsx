import { type Base, clock, type TreadLine as Line } from '@/core/timing'

export const BASE_WORDS: Record<Base, string> = { floor: 'floor', bed: 'bed', seat: 'seat', heldStand: 'held stand', freeStand: 'free stand' }
/** In words, for those who do not see the line. */
export function treadWords(line: Line): string {
  const parts = line.treads.map((tread) => `${clock(tread.startSeconds)} ${BASE_WORDS[tread.base]}`)
  return `Length ${clock(line.totalSeconds)}. ${parts.join(', ')}.`
}

/** The path of the treads from left to right. */
export const stair = (line: Line, x: (second: number) => number, y: (level: number) => number): string =>
  line.treads
    .map((tread, index) => `${index === 0 ? 'M' : 'L'}${x(tread.startSeconds).toFixed(1)} ${y(tread.level)}H${x(tread.endSeconds).toFixed(1)}`)
    .join('')

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
