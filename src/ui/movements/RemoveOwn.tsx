'use client'
import { useRouter } from 'next/navigation'
import { useState, useTransition } from 'react'
import { removeOwn } from '@/server/actions/movements'
import { answered, refusalWords } from '../shell/answered'

/** Takes a movement of one's own out of the library, or back into it. Classes and logs that use it keep it. */
export function RemoveOwn({ id, removed }: { id: string; removed: boolean }) {
  const router = useRouter()
  const [message, setMessage] = useState('')
  const [busy, start] = useTransition()
  const change = () =>
    start(async () => {
      const outcome = await answered(removeOwn({ id, removed: !removed }))
      if (!outcome.ok) return setMessage(refusalWords(outcome))
      if (removed) router.refresh()
      else router.push('/movements')
    })
  return (
    <div className="flex flex-wrap items-center gap-4">
      {removed && <p className="border-l-4 border-effort pl-3">You have taken this movement out of the library. Classes that use it keep it.</p>}
      <button type="button" className="quiet" disabled={busy} onClick={change}>
        {removed ? 'Put it back into the library' : 'Take it out of the library'}
      </button>
      <span role="status" className="wrong">
        {message}
      </span>
    </div>
  )
}
