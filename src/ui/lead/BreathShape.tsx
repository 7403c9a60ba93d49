'use client'
import { useEffect, useRef } from 'react'
import { everyFrame } from '../figure/frames'
import { LESS_MOTION } from '../shell/useMedia'

interface Props {
  /** the cue as it is said; empty = nothing is shown */
  breath: string
  running: boolean
  /** how far into a breath it is, 0 to 1 and on: out in the first half, in in the second */
  phase: () => number
  /** in letters that are read across the room */
  far: boolean
}

/** Breath as a bar that widens with the breath in and narrows with the breath out, in time with what is counted. */
export function BreathShape({ breath, running, phase, far }: Props) {
  const bar = useRef<HTMLDivElement>(null)
  const asked = useRef(phase)
  asked.current = phase
  useEffect(() => {
    if (!running || window.matchMedia(LESS_MOTION).matches) return
    return everyFrame(() => {
      const at = asked.current() % 1
      // out first: the breath leaves with the effort
      const full = (1 + Math.cos(2 * Math.PI * at)) / 2
      if (bar.current) bar.current.style.transform = `scaleX(${0.15 + 0.85 * full})`
    })
  }, [running])
  return (
    <div className={`mt-1 ${far ? 'min-h-[3.4rem]' : 'h-[3.4rem]'}`}>
      {breath !== '' && (
        <>
          <div className="h-4 w-full overflow-hidden">
            <div ref={bar} className="h-full origin-left bg-plum" style={{ clipPath: 'polygon(0 50%, 8% 0, 92% 0, 100% 50%, 92% 100%, 8% 100%)' }} />
          </div>
          <p className={far ? 'text-[2.4vw] leading-tight' : 'truncate text-[1.25rem]'}>{breath}</p>
        </>
      )}
    </div>
  )
}
