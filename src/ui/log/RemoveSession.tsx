'use client'
import { useRouter } from 'next/navigation'
import { useEffect, useState, useTransition } from 'react'
import { removeSession } from '@/server/actions/sessions'
import { answered, refusalWords } from '../shell/answered'

/** A second press removes only while the first is remembered, ms. */
const SURE_MS = 5000

/** Takes away a session that was begun by mistake. One with a log is not offered. */
export function RemoveSession({ id }: { id: string }) {
  const router = useRouter()
  const [sure, setSure] = useState(false)
  const [problem, setProblem] = useState('')
  const [removing, start] = useTransition()
  useEffect(() => {
    if (!sure) return
    const timer = setTimeout(() => setSure(false), SURE_MS)
    return () => clearTimeout(timer)
  }, [sure])
  return (
    <>
      <button
        type="button"
        className="quiet"
        disabled={removing}
        onClick={() => {
          if (!sure) return setSure(true)
          start(async () => {
            const outcome = await answered(removeSession({ id }))
            if (outcome.ok) router.push('/log')
            else setProblem(refusalWords(outcome))
          })
        }}
      >
        {sure ? 'Press again: its taps go too' : 'Begun by mistake'}
      </button>
      {problem && (
        <p role="alert" className="wrong basis-full">
          {problem}
        </p>
      )}
    </>
  )
}
