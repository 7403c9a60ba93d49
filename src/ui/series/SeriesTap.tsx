'use client'
import { useRouter } from 'next/navigation'
import { useState, useTransition } from 'react'
import type { Series } from '@/core/progress'
import { keepSeries } from '@/server/actions/classes'
import { answered, refusalWords } from '../shell/answered'

/** One tap that makes a series otherwise. */
export function SeriesTap({ classId, revision, to, children }: { classId: string; revision: number; to: Series; children: React.ReactNode }) {
  const router = useRouter()
  const [message, setMessage] = useState('')
  const [saving, start] = useTransition()
  const tap = () =>
    start(async () => {
      const outcome = await answered(keepSeries({ id: classId, revision, series: to }))
      if (outcome.ok) router.refresh()
      else setMessage(refusalWords(outcome))
    })
  return (
    <>
      <button type="button" className="quiet" disabled={saving} onClick={tap}>
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
