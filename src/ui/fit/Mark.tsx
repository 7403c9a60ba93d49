import type { Mark as MarkName } from '@/core/evaluate'

export const MARK_WORDS: Record<MarkName, string> = {
  planned: 'as planned',
  word: 'on your word',
  adjust: 'adjust',
  swap: 'swap',
  out: 'sit out',
  ask: 'ask first',
}
export const MARK_LETTERS: Record<MarkName, string> = { planned: 'P', word: 'W', adjust: 'A', swap: 'S', out: 'O', ask: '?' }

/**
 * The shapes of the fit grid: a level tread, a broken double tread, a tread with one step, two treads apart, an empty seat, a dashed door. Each has its
 * letter; none is told by colour alone.
 */
const SHAPES: Record<MarkName, React.ReactNode> = {
  planned: <path d="M3 14H21" strokeWidth="3" />,
  word: <path d="M3 14H21M6 8H18" strokeWidth="3" strokeDasharray="5 3" />,
  adjust: <path d="M3 18H12V11H21" strokeWidth="3" fill="none" />,
  swap: (
    <>
      <path d="M3 19H11" strokeWidth="3" />
      <path d="M13 8H21" strokeWidth="3" />
      <path d="M8 14L14 11" strokeWidth="2" strokeDasharray="2 2" />
    </>
  ),
  out: <path d="M5 4V20M5 13H19V20" strokeWidth="3" fill="none" />,
  ask: <path d="M6 21V4H18V21" strokeWidth="2.5" fill="none" strokeDasharray="3 2.2" />,
}

export function Mark({ mark, size = 24 }: { mark: MarkName; size?: number }) {
  return (
    <svg width={size} height={size} viewBox="0 0 24 24" stroke="currentColor" fill="none" aria-hidden="true">
      {SHAPES[mark]}
    </svg>
  )
}

/**
 * The same shapes of plain boxes: a grid has a thousand of them, and each drawing of its own costs the page a layer to think about. They stand in
 * `globals.css`.
 */
export const GridMark = ({ mark }: { mark: MarkName }) => <span aria-hidden="true" className={`mark mark-${mark}`} />

/** What the marks mean, with their letters. */
export function MarkLegend() {
  return (
    <ul className="flex flex-wrap gap-x-5 gap-y-1 text-[0.94rem] text-soft">
      {(Object.keys(MARK_WORDS) as MarkName[]).map((mark) => (
        <li key={mark} className="flex items-center gap-1.5">
          <Mark mark={mark} size={20} />
          <b className="text-ink">{MARK_LETTERS[mark]}</b> {MARK_WORDS[mark]}
        </li>
      ))}
    </ul>
  )
}
