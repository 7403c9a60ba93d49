'use client'
import { useState, useTransition } from 'react'
import { sayDayAfter } from '@/server/actions/sessions'
import { PersonBadge } from '../people/PersonBadge'
import { answered, refusalWords } from '../shell/answered'
import { Chip } from '../shell/Chip'

export interface AskedAfter {
  session: string
  /** "Boathouse chairs, Mon 23 Nov 2026" */
  title: string
  people: { id: string; name: string }[]
}

const ANSWERS = [
  [0, 'none'],
  [2, 'a little'],
  [4, 'some'],
  [6, 'much'],
  [8, 'very much'],
] as const

/** How everybody was the day after, in one tap each, for as long as it was not said. */
export function DayAfter({ classes }: { classes: readonly AskedAfter[] }) {
  const [said, setSaid] = useState<ReadonlyMap<string, number>>(new Map())
  const [problem, setProblem] = useState('')
  const [, start] = useTransition()
  const say = (session: string, clientId: string, pain: number) => {
    setSaid((now) => new Map(now).set(`${session} ${clientId}`, pain))
    start(async () => {
      const outcome = await answered(sayDayAfter({ id: session, clientId, pain }))
      setProblem(outcome.ok ? '' : refusalWords(outcome))
    })
  }
  return (
    <details className="mb-5 border-l-4 border-line pl-4">
      <summary className="min-h-11 cursor-pointer">
        How was it the day after? {classes.reduce((sum, { people }) => sum + people.length, 0) - said.size} not asked yet
      </summary>
      {problem && (
        <p role="alert" className="wrong">
          {problem}
        </p>
      )}
      {classes.map(({ session, title, people }) => (
        <section key={session} className="mt-2" aria-label={title}>
          <h2 className="text-[1.1rem]">{title}</h2>
          <ul>
            {people.map(({ id, name }) => {
              const now = said.get(`${session} ${id}`)
              return (
                <li key={id} className="flex flex-wrap items-center gap-2 py-1">
                  <PersonBadge id={id} name={name} size={30} />
                  <span className="w-28 truncate font-semibold">{name}</span>
                  {ANSWERS.map(([pain, words]) => (
                    <Chip key={pain} on={now === pain} aria-label={`${name}, pain the day after: ${words}`} onToggle={() => say(session, id, pain)}>
                      {words}
                    </Chip>
                  ))}
                </li>
              )
            })}
          </ul>
        </section>
      ))}
    </details>
  )
}
