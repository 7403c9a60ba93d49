'use client'
import { useRouter } from 'next/navigation'
import { useTransition } from 'react'
import { rulesSeen } from '@/server/actions/settings'

/** Seen: the changes are not told again. */
export function RulesSeen() {
  const router = useRouter()
  const [busy, start] = useTransition()
  return (
    <button
      type="button"
      className="action"
      disabled={busy}
      onClick={() =>
        start(async () => {
          if ((await rulesSeen()).ok) router.push('/')
        })
      }
    >
      I have seen this
    </button>
  )
}
