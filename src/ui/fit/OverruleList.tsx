'use client'
import { useState, useTransition } from 'react'
import { withdrawOverrule } from '@/server/actions/people'
import { answered, refusalWords } from '../shell/answered'

/** One word of the instructor's own against a verdict, in words. */
export interface Overruled {
  id: string
  /** left out on the person's own page */
  person?: string
  movement: string
  /** title of its class; left out = in every class */
  inClass?: string
  until: string
  reason: string
  by: string
  on: string
}

/** What holds on the instructor's own word, each to be taken back. */
export function OverruleList({ overrules }: { overrules: Overruled[] }) {
  const [message, setMessage] = useState('')
  const [busy, start] = useTransition()
  const withdraw = (id: string) =>
    start(async () => {
      const outcome = await answered(withdrawOverrule({ id }))
      setMessage(outcome.ok ? 'Taken back: the rules hold again from today.' : refusalWords(outcome))
    })
  return (
    <>
      <ul>
        {overrules.map(({ id, person, movement, inClass, until, reason, by, on }) => (
          <li key={id} className="border-t border-line py-2">
            <p className="font-semibold">
              {person && `${person}: `}
              {movement}
            </p>
            <p>“{reason}”</p>
            <p className="text-[0.94rem] text-soft">
              {by}, {on}; until {until}, {inClass ? `in ${inClass}` : 'in every class'}
            </p>
            <button type="button" className="quiet" disabled={busy} onClick={() => withdraw(id)}>
              Take this word back
              <span className="sr-only">
                : {person} {movement}
              </span>
            </button>
          </li>
        ))}
      </ul>
      <p role="status" className="text-soft">
        {message}
      </p>
    </>
  )
}
