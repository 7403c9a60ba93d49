'use client'
import type { ReactNode } from 'react'
import type { Refusal } from './answered'
import { useTap } from './useTap'

interface Props {
  ask: () => Promise<{ ok: true } | Refusal>
  done?: () => void
  /** where what stands on it does not say of what it speaks */
  label?: string
  className?: string
  children: ReactNode
}

/** One tap that the server answers; a refusal is said beside it. */
export function TapButton({ ask, done, label, className = 'quiet', children }: Props) {
  const { busy, message, tap } = useTap()
  return (
    <>
      <button type="button" className={className} disabled={busy} aria-label={label} onClick={() => tap(ask, done)}>
        {children}
      </button>
      {message !== '' && (
        <span role="status" className="wrong">
          {message}
        </span>
      )}
    </>
  )
}
