'use client'
import Link from 'next/link'
import { useRouter } from 'next/navigation'
import { useState, useTransition } from 'react'
import type { ScreeningResult as Result, ScreeningOutcome } from '@/core/client/screening'
import { confirmProposals } from '@/server/actions/screening'
import { Check } from '../shell/Check'

const OUTCOME: Record<ScreeningOutcome, string> = {
  go: 'May take part',
  limits: 'May take part, with limits',
  clearance: 'A clinician’s written agreement first',
  'not-today': 'Not today',
  emergency: 'Emergency: call your local emergency number, follow the plan of the house',
}

/** What the answers come to, with reasons. Nothing of it is in the record until the instructor confirms. */
export function ScreeningResult({
  clientId,
  revision,
  screening,
  dayWords,
  result,
  known,
  names,
}: {
  clientId: string
  revision: number
  screening: { id: string; confirmed: boolean }
  dayWords: string
  result: Result
  known: string[]
  names: Record<string, string>
}) {
  const router = useRouter()
  const fresh = result.proposes.filter((slug) => !known.includes(slug))
  const [chosen, setChosen] = useState(() => new Set(fresh))
  const [message, setMessage] = useState('')
  const [saving, start] = useTransition()
  const confirm = () =>
    start(async () => {
      const outcome = await confirmProposals({ id: screening.id, revision, slugs: [...chosen] })
      if (outcome.ok) {
        setMessage('In the record now')
        router.refresh()
      } else if (outcome.kind === 'stale') setMessage('The record was changed meanwhile; reload and look again.')
      else setMessage(outcome.kind === 'invalid' ? outcome.problems.map((problem) => problem.message).join('; ') : outcome.message)
    })
  return (
    <div className="flex flex-col gap-6">
      <div>
        <p className="text-soft">Answers of {dayWords}</p>
        <p className="font-serif text-[1.6rem] text-plum">{OUTCOME[result.outcome]}</p>
      </div>
      <ol className="flex flex-col gap-3">
        {result.reasons.map((reason) => (
          <li key={reason.question} className="border-t border-line pt-2">
            <p>
              <b>{reason.skipped ? 'Not answered, read carefully' : reason.answer}</b>
            </p>
            <p className="text-soft">{reason.text}</p>
            <p>
              {OUTCOME[reason.outcome]}. {reason.says}
            </p>
          </li>
        ))}
      </ol>
      {!screening.confirmed && (
        <section className="border-l-4 border-plum pl-4">
          <h2>For the record</h2>
          {fresh.length === 0 ? (
            <p>No new condition was named.</p>
          ) : (
            <ul>
              {fresh.map((slug) => (
                <li key={slug}>
                  <Check
                    checked={chosen.has(slug)}
                    onChange={() => setChosen((now) => (now.has(slug) ? new Set([...now].filter((one) => one !== slug)) : new Set([...now, slug])))}
                  >
                    {names[slug] ?? slug}
                  </Check>
                </li>
              ))}
            </ul>
          )}
          <p className="text-[0.94rem] text-soft">
            They are recorded with stage and side unknown, which is read on the strict side, until you fill them in.
          </p>
          <button type="button" className="action mt-2" disabled={saving} onClick={confirm}>
            Confirm into the record
          </button>
        </section>
      )}
      <p role="status" className="text-soft">
        {message}
      </p>
      <p className="flex flex-wrap gap-4">
        <Link href={`/people/${clientId}`} className="quiet">
          To the record
        </Link>
        <Link href={`/people/${clientId}/screening?form`} className="quiet">
          Ask again
        </Link>
      </p>
      <p className="text-[0.94rem] text-soft">
        Velvet Step clears nobody. It asks, it limits, it explains; a person’s own clinician and local rules come first.
      </p>
    </div>
  )
}
