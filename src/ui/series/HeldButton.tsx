'use client'
import { useRouter } from 'next/navigation'
import { useState, useTransition } from 'react'
import type { Series } from '@/core/progress'
import { keepSeries } from '@/server/actions/classes'
import { answered, refusalWords } from '../shell/answered'

/** One tap for a session that was not or will not be held, and back. */
export function HeldButton({
  classId,
  revision,
  series,
  day,
  held,
}: {
  classId: string
  revision: number
  series: Series
  day: string
  held: boolean
}) {
  const router = useRouter()
  const [message, setMessage] = useState('')
  const [saving, start] = useTransition()
  const turn = () =>
    start(async () => {
      const missedDays = held ? [...series.missedDays, day] : series.missedDays.filter((one) => one !== day)
      const outcome = await answered(keepSeries({ id: classId, revision, series: { ...series, missedDays } }))
      if (outcome.ok) router.refresh()
      else setMessage(refusalWords(outcome))
    })
  return (
    <>
      <button type="button" className="quiet" disabled={saving} onClick={turn}>
        {held ? 'Not held' : 'It is held after all'}
      </button>
      {message !== '' && (
        <span role="status" className="wrong">
          {message}
        </span>
      )}
    </>
  )
}
