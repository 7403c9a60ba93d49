'use client'
import { useRouter } from 'next/navigation'
import { useState, useTransition } from 'react'
import { eraseClass, putBackClass } from '@/server/actions/classes'
import { answered, refusalWords } from '../shell/answered'

export interface Removed {
  id: string
  title: string
  /** in words */
  on: string
  sessions: number
}

/** Classes that were taken off the desk: each can be put back, or deleted for good. */
export function RemovedClasses({ classes }: { classes: Removed[] }) {
  const router = useRouter()
  const [asked, setAsked] = useState<string>()
  const [message, setMessage] = useState('')
  const [busy, start] = useTransition()
  const run = (action: typeof putBackClass, id: string) =>
    start(async () => {
      const outcome = await answered(action({ id }))
      setMessage(outcome.ok ? '' : refusalWords(outcome))
      setAsked(undefined)
      router.refresh()
    })
  return (
    <details className="mt-8 border-t-2 border-line pt-3">
      <summary className="min-h-11 cursor-pointer text-soft">
        {classes.length} removed {classes.length === 1 ? 'class' : 'classes'}
      </summary>
      <ul>
        {classes.map(({ id, title, on, sessions }) => (
          <li key={id} className="flex flex-wrap items-center gap-x-4 border-t border-line py-1">
            <span className="font-semibold">{title}</span>
            <span className="text-soft">
              removed on {on}, {sessions} {sessions === 1 ? 'session' : 'sessions'} in the log
            </span>
            <span className="ml-auto flex flex-wrap gap-3">
              {asked === id ? (
                <>
                  <button type="button" className="quiet text-effort" disabled={busy} onClick={() => run(eraseClass, id)}>
                    Yes, delete {sessions > 0 ? 'it with its log' : 'it'} for good
                  </button>
                  <button type="button" className="quiet" onClick={() => setAsked(undefined)}>
                    Keep it
                  </button>
                </>
              ) : (
                <>
                  <button type="button" className="quiet" disabled={busy} onClick={() => run(putBackClass, id)}>
                    Put back<span className="sr-only"> {title}</span>
                  </button>
                  <button type="button" className="quiet" onClick={() => setAsked(id)}>
                    Delete for good<span className="sr-only"> {title}</span>
                  </button>
                </>
              )}
            </span>
          </li>
        ))}
      </ul>
      <p role="status" className="wrong">
        {message}
      </p>
    </details>
  )
}
