'use client'
import { useEffect, useState } from 'react'
import type { LeadEvent, LeadState } from '@/core/lead'

interface Props {
  state: LeadState
  /** the last stretch is over */
  finished: boolean
  /** another device leads: only help can be called from here */
  following: boolean
  /** words that are read across the room, in place of the figures */
  far: boolean
  tap: (kind: LeadEvent['kind']) => void
  onFar: () => void
  onStop: () => void
}

/** A second press ends the class only while the first is remembered, ms. */
const SURE_MS = 5000

/** The controls of a class: each always there and at its place, whatever is on, so that a hand finds them without looking. */
export function LeadControls({ state, finished, following, far, tap, onFar, onStop }: Props) {
  const [ending, setEnding] = useState(false)
  useEffect(() => {
    if (!ending) return
    const timer = setTimeout(() => setEnding(false), SURE_MS)
    return () => clearTimeout(timer)
  }, [ending])
  const { status, counting } = state
  const live = !following && (status === 'running' || status === 'paused')
  const quiet = 'quiet min-h-14 px-4 text-[1.15rem]'
  const small = 'quiet min-h-11 shrink-0 px-3'
  const main = status === 'ready' ? 'start' : status === 'running' ? 'pause' : status === 'paused' ? 'resume' : 'reopen'
  const MAIN_WORDS = { start: 'Start', pause: 'Pause', resume: 'Go on', reopen: 'Not over yet' } as const
  return (
    <footer className="flex shrink-0 flex-col gap-1 pb-3 pt-1">
      <div className="grid grid-cols-[1.4fr_1fr_1fr] items-center gap-x-2 gap-y-1 sm:flex">
        <button type="button" className="action min-h-14 text-[1.3rem] sm:w-40" disabled={following || (finished && live)} onClick={() => tap(main)}>
          {MAIN_WORDS[main]}
        </button>
        <button type="button" className={quiet} disabled={!live} onClick={() => tap('back')}>
          Back
        </button>
        <button type="button" className={quiet} disabled={!live || finished} onClick={() => tap('next')}>
          Next
        </button>
        <button
          type="button"
          className={`${quiet} sm:w-44`}
          disabled={!live}
          onClick={() => {
            if (ending) tap('end')
            setEnding(!ending)
          }}
        >
          {ending ? 'Press again to end' : 'End'}
        </button>
        <button type="button" className={`${quiet} col-span-2 border-effort sm:ml-auto`} onClick={onStop}>
          Somebody stops
        </button>
      </div>
      <div className="flex items-center gap-x-2 max-sm:overflow-x-auto max-sm:whitespace-nowrap">
        <button type="button" className={small} disabled={!live || finished} onClick={() => tap('skip')}>
          Skip this movement
        </button>
        <button type="button" className={small} disabled={!live} onClick={() => tap('repeat')}>
          Set again
        </button>
        <button type="button" className={small} disabled={!live || finished} onClick={() => tap('one-more')}>
          A set more
        </button>
        <button type="button" className={small} disabled={!live || finished} onClick={() => tap('one-less')}>
          A set less
        </button>
        <button type="button" className={small} disabled={!live || finished} aria-label="One repetition less" onClick={() => tap('rep-less')}>
          −1
        </button>
        <button type="button" className={small} disabled={!live || finished} aria-label="One repetition more" onClick={() => tap('rep-more')}>
          +1
        </button>
        <button type="button" className={small} disabled={following || status !== 'running' || finished} onClick={() => tap('give')}>
          Half a minute
        </button>
        <button
          type="button"
          className={small}
          disabled={following || status === 'ended'}
          aria-pressed={counting === 'mine'}
          title="Sets wait for you: Next ends each of them"
          onClick={() => tap(counting === 'mine' ? 'it-counts' : 'my-count')}
        >
          I count
        </button>
        <button
          type="button"
          className={`${small} ml-auto max-md:hidden`}
          aria-pressed={far}
          title="Words that are read across the room, in place of the figures"
          onClick={onFar}
        >
          From afar
        </button>
      </div>
    </footer>
  )
}
