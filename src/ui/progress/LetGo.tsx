'use client'
import { useState, useTransition } from 'react'
import { letGoStep } from '@/server/actions/people'
import { answered, refusalWords } from '../shell/answered'

/** Somebody who stays a step lower may take whatever the rules let them again. */
export function LetGo({ clientId, movement, name }: { clientId: string; movement: string; name: string }) {
  const [message, setMessage] = useState('')
  const [saving, start] = useTransition()
  const go = () =>
    start(async () => {
      const outcome = await answered(letGoStep({ clientId, movement }))
      setMessage(outcome.ok ? '' : refusalWords(outcome))
    })
  return (
    <>
      <button type="button" className="quiet min-h-11 shrink-0" disabled={saving} aria-label={`${name}: let it go`} onClick={go}>
        Let it go
      </button>
      {message !== '' && (
        <span role="status" className="wrong">
          {message}
        </span>
      )}
    </>
  )
}
