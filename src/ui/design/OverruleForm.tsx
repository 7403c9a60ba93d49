'use client'
import { useRouter } from 'next/navigation'
import { useState, useTransition } from 'react'
import { addDays } from '@/core/client/calendar'
import { overrule } from '@/server/actions/people'
import type { Explanation } from '@/workers/designerContract'
import { answered, refusalWords } from '../shell/answered'
import { Check } from '../shell/Check'

const DEFAULT_DAYS = 28

/** The instructor keeps the last word: with a reason, for this class or all, until a day. What is absolute says so and offers nothing. */
export function OverruleForm({
  explanation,
  classId,
  item,
  day,
  onDone,
}: {
  explanation: Explanation
  classId: string
  item: string
  day: string
  onDone: () => void
}) {
  const router = useRouter()
  const [reason, setReason] = useState('')
  const [until, setUntil] = useState(addDays(day, DEFAULT_DAYS))
  const [everywhere, setEverywhere] = useState(false)
  const [problem, setProblem] = useState('')
  const [saving, start] = useTransition()
  if (explanation.verdict === 'as-planned' || !explanation.variant) return null
  if (explanation.absolute) return <p className="mt-5 border-t-2 border-line pt-3 text-soft">This is marked absolute: it cannot be overruled here.</p>
  const save = () =>
    start(async () => {
      const outcome = await answered(
        overrule({
          clientId: explanation.personId,
          reason,
          until,
          day,
          classId,
          item,
          everywhere,
        }),
      )
      if (outcome.ok) {
        router.refresh()
        onDone()
      } else setProblem(refusalWords(outcome))
    })
  return (
    <details className="mt-5 border-t-2 border-line pt-3">
      <summary className="min-h-11 cursor-pointer font-serif text-[1.1rem]">Do it as planned on my own word</summary>
      <div className="mt-2 flex flex-col gap-3">
        <label className="field">
          <span>Why</span>
          <input className="input" value={reason} maxLength={300} onChange={(event) => setReason(event.target.value)} />
        </label>
        <label className="field w-48">
          <span>Holds until</span>
          <input className="input" type="date" value={until} onChange={(event) => setUntil(event.target.value)} />
        </label>
        <Check checked={everywhere} onChange={setEverywhere}>
          in every class, not only this one
        </Check>
        <p className="text-[0.94rem] text-soft">It holds for this dose or less, with the support that is in reach here.</p>
        {problem && <p className="wrong">{problem}</p>}
        <button type="button" className="quiet self-start" disabled={saving || reason.trim().length < 5} onClick={save}>
          Keep my word, with today’s date
        </button>
      </div>
    </details>
  )
}
