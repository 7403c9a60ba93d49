import { EXERTION_WORDS, talkTest } from '@/core/effort'
import type { Segment } from '@/core/timing'
import { BreathShape } from './BreathShape'
import { countOf, groundOf, KIND_WORDS } from './leadWords'

interface Props {
  status: 'ready' | 'running' | 'paused' | 'ended'
  segment: Segment
  into: number
  waits: boolean
  counting: 'up' | 'down'
  inRest: string
  onSides: string
  breath: string
  exactly: () => number
  /** in letters that are read across the room: fewer words */
  far?: boolean
}

/** The last of a stretch is felt without reading, s. */
const LAST_SECONDS = 3

/** As large as the panel has room for: seconds and repetitions, minutes, tens of minutes. */
const sizeOf = (count: string): string =>
  count.length < 4
    ? 'text-[clamp(8rem,min(22vw,27vh),18rem)]'
    : count.length === 4
      ? 'text-[clamp(6rem,min(11.5vw,27vh),14rem)]'
      : 'text-[clamp(5rem,min(8.5vw,27vh),11rem)]'

/** What is on, legible across a room: the count, on a ground that says whether it is work, rest, a change or a word. */
export function LeadNow({ status, segment, into, waits, counting, inRest, onSides, breath, exactly, far = false }: Props) {
  const count = countOf(segment, into, counting)
  // a class that stands still looks it
  const ground = status === 'running' ? groundOf(segment) : 'rest'
  const left = segment.seconds - into
  const isLast = status === 'running' && !waits && left <= LAST_SECONDS && left > 0
  const words =
    status === 'ready' ? 'Ready' : status === 'paused' ? 'Paused' : waits ? 'Your count' : segment.moving ? 'Rest, moving' : KIND_WORDS[segment.kind]
  return (
    <div
      className={`lead-ground lead-${ground} flex h-full flex-col justify-center px-6 py-3 max-md:grid max-md:h-auto max-md:grid-cols-[8.5rem_1fr] max-md:gap-x-4 max-md:px-4`}
      data-ground={ground}
      data-last={isLast || undefined}
    >
      <p className={`min-h-[2.4rem] font-semibold ${far ? 'text-[2.85vw] leading-tight' : 'text-[clamp(1.6rem,2.1vw,2.8rem)]'}`}>
        {words}
        {segment.side === 'second' && ', second side'}
      </p>
      <p
        className={`font-serif ${sizeOf(count.big)} leading-[0.9] max-md:col-start-1 max-md:row-span-6 max-md:row-start-1 max-md:self-center max-md:text-[5rem]`}
        aria-hidden="true"
        data-testid="count"
      >
        {count.big}
      </p>
      <p className={`min-h-[2.2rem] ${far ? 'text-[2.85vw] leading-tight' : 'text-[clamp(1.5rem,2vw,2.6rem)]'}`}>
        {waits ? 'Next ends the set' : count.small}
        {segment.sets !== undefined && segment.sets > 1 && `, set ${segment.set} of ${segment.sets}`}
      </p>
      <p className={`text-[1.1rem] max-md:min-h-0 ${far ? 'empty:hidden' : 'min-h-[1.8rem]'}`}>
        {segment.kind === 'rest' && !segment.moving ? inRest : segment.side !== undefined ? onSides : ''}
      </p>
      <p className={`min-h-[1.8rem] ${far ? 'text-[2.85vw] leading-tight' : 'text-[clamp(1.25rem,1.7vw,2.2rem)] leading-snug'}`}>
        {segment.kind === 'work' && `${EXERTION_WORDS[Math.floor(segment.rpe)]}${far ? '' : `: ${talkTest(segment.rpe)}`}`}
      </p>
      <BreathShape
        breath={segment.kind === 'work' ? breath : ''}
        running={status === 'running' && !waits}
        far={far}
        phase={() => {
          const at = exactly() - segment.startSeconds
          return segment.repSeconds && segment.reps ? at / segment.repSeconds : at / BREATH_SECONDS
        }}
      />
    </div>
  )
}
/** A quiet breath where nothing is counted, s (house estimate: one breath 8 s). */
const BREATH_SECONDS = 8
