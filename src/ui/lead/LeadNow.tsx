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
}

/** The last of a stretch is felt without reading, s. */
const LAST_SECONDS = 3

/** What is on, legible across a room: the count, on a ground that says whether it is work, rest, a change or a word. */
export function LeadNow({ status, segment, into, waits, counting, inRest, onSides, breath, exactly }: Props) {
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
      <p className="min-h-[2.4rem] text-[clamp(1.6rem,2.1vw,2.8rem)] font-semibold">
        {words}
        {segment.side === 'second' && ', second side'}
      </p>
      <p
        className="font-serif text-[clamp(8rem,min(24vw,29vh),18rem)] leading-[0.9] max-md:col-start-1 max-md:row-span-6 max-md:row-start-1 max-md:self-center max-md:text-[5rem]"
        aria-hidden="true"
        data-testid="count"
      >
        {count.big}
      </p>
      <p className="min-h-[2.2rem] text-[clamp(1.5rem,2vw,2.6rem)]">
        {waits ? 'Next ends the set' : count.small}
        {segment.sets !== undefined && segment.sets > 1 && `, set ${segment.set} of ${segment.sets}`}
      </p>
      <p className="min-h-[1.8rem] text-[1.1rem] max-md:min-h-0">
        {segment.kind === 'rest' && !segment.moving ? inRest : segment.side !== undefined ? onSides : ''}
      </p>
      <p className="min-h-[1.8rem] text-[clamp(1.25rem,1.7vw,2.2rem)] leading-snug">
        {segment.kind === 'work' && `${EXERTION_WORDS[Math.floor(segment.rpe)]}: ${talkTest(segment.rpe)}`}
      </p>
      <BreathShape
        breath={segment.kind === 'work' ? breath : ''}
        running={status === 'running' && !waits}
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
