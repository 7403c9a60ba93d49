'use client'
import Link from 'next/link'
import { useRouter } from 'next/navigation'
import { useState, useTransition } from 'react'
import { beginSession } from '@/server/actions/sessions'
import { answered, refusalWords } from '../shell/answered'

interface Props {
  classId: string
  title: string
  day: string
  /** the class is today: its people come through the door */
  isToday: boolean
  /** "Mon 30 Nov 2026" */
  dayWords: string
}

/** What is to be done next: today's first class begins at the door; else the next one is looked over. */
export function MainAction({ classId, title, day, isToday, dayWords }: Props) {
  const router = useRouter()
  const [message, setMessage] = useState('')
  const [busy, start] = useTransition()
  if (!isToday)
    return (
      <Link href={`/classes/${classId}`} className="action">
        Look over {title}, {dayWords}
      </Link>
    )
  const begin = () =>
    start(async () => {
      const outcome = await answered(beginSession({ classId, day }))
      if (outcome.ok) router.push(`/sessions/${outcome.id}/door`)
      else setMessage(refusalWords(outcome))
    })
  return (
    <>
      <button type="button" className="action" disabled={busy} onClick={begin}>
        To the door: {title}
      </button>
      {message !== '' && (
        <p role="status" className="wrong">
          {message}
        </p>
      )}
    </>
  )
}
