'use client'
import { useRouter } from 'next/navigation'
import { useState, useTransition } from 'react'
import { rulesSeen } from '@/server/actions/settings'
import { answered, refusalWords } from '../shell/answered'

/** Seen: the changes are not told again. */
export function RulesSeen() {
  const router = useRouter()
  const [message, setMessage] = useState('')
  const [busy, start] = useTransition()
  return (
    <div className="flex flex-wrap items-center gap-4">
      <button
        type="button"
        className="action"
        disabled={busy}
        onClick={() =>
          start(async () => {
            const outcome = await answered(rulesSeen())
            if (outcome.ok) router.push('/')
            else setMessage(refusalWords(outcome))
          })
        }
      >
        I have seen this
      </button>
      <span role="status" className="wrong">
        {message}
      </span>
    </div>
  )
}
