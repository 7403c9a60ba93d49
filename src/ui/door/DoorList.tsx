'use client'
import { useRef, useState, useTransition } from 'react'
import type { CheckIn, Reading } from '@/core/client/record'
import { saveCheckIn, sayAtDoor } from '@/server/actions/sessions'
import { DayDetails } from './DayDetails'

/** A question about today that a condition asks. */
export interface DayAsk {
  slug: string
  name: string
  fields: { field: string; label: string; usual: boolean }[]
  pain: boolean
}
export interface DoorPerson {
  id: string
  name: string
  came: boolean
  checkIn: CheckIn | null
  /** of what was said; 0 while nothing is kept */
  revision: number
  /** readings that this person's conditions ask for */
  readings: Reading[]
  asks: DayAsk[]
  /** answers that outlast the day, said today */
  said: string[]
  /** why not today, in the words of the gate */
  closed?: string
}

const FEELS = [
  ['well', 'Well'],
  ['a-bit-off', 'A bit off'],
  ['unwell', 'Unwell'],
] as const

/** Left out = not said; a sign that is no longer true is taken away, an answer of a condition stays whatever it is. */
const said = (checkIn: Partial<CheckIn>): CheckIn =>
  Object.fromEntries(Object.entries(checkIn).filter(([, value]) => value !== undefined && value !== false)) as CheckIn

/** How are you today: two taps a person. What is said here changes today's plan and not the record. */
export function DoorList({ session, day, people: start }: { session: string; day: string; people: DoorPerson[] }) {
  const [people, setPeople] = useState(start)
  const [open, setOpen] = useState<string>()
  const [failed, setFailed] = useState<ReadonlyMap<string, string>>(new Map())
  const [, startSaving] = useTransition()
  const change = (id: string, next: Partial<DoorPerson>) => setPeople((now) => now.map((one) => (one.id === id ? { ...one, ...next } : one)))
  const settle = (id: string, problem: string | undefined) =>
    setFailed((now) => {
      const next = new Map(now)
      if (problem === undefined) next.delete(id)
      else next.set(id, problem)
      return next
    })
  type Answered = Awaited<ReturnType<typeof saveCheckIn>> | Awaited<ReturnType<typeof sayAtDoor>>
  // what is tapped for one person is sent in turn, each with the revision that the one before left
  const sending = useRef(new Map<string, Promise<unknown>>())
  const revisions = useRef(new Map(start.map(({ id, revision }) => [id, revision])))
  const keep = (id: string, send: () => Promise<Answered>) =>
    startSaving(async () => {
      const turn = (sending.current.get(id) ?? Promise.resolve()).then(send).catch(() => undefined)
      sending.current.set(id, turn)
      const outcome = await turn
      if (outcome?.ok) {
        change(id, { closed: outcome.closed ?? undefined } as Partial<DoorPerson>)
        if ('revision' in outcome) revisions.current.set(id, outcome.revision)
        settle(id, undefined)
      } else if (outcome?.kind === 'stale') {
        // the other device was first; what it kept is shown, and one more tap says it again
        revisions.current.set(id, outcome.revision)
        change(id, outcome.newer)
        settle(id, 'changed on another device: look, and say it again')
      } else settle(id, outcome?.kind === 'invalid' ? outcome.problems.map(({ message }) => message).join('; ') : 'not saved yet')
    })
  const put = (person: DoorPerson, next: { came?: boolean; checkIn?: CheckIn | null }) => {
    const { came, checkIn } = { came: person.came, checkIn: person.checkIn, ...next }
    change(person.id, { came, checkIn })
    keep(person.id, () => saveCheckIn({ id: session, clientId: person.id, revision: revisions.current.get(person.id) ?? 0, came, checkIn }))
  }
  const say = (person: DoorPerson, words: Partial<CheckIn>) => put(person, { checkIn: said({ ...person.checkIn, ...words }) })
  const finding = (person: DoorPerson, key: string, isSaid: boolean) => {
    change(person.id, { said: isSaid ? [...person.said, key] : person.said.filter((one) => one !== key) })
    keep(person.id, () => sayAtDoor({ id: session, clientId: person.id, key, said: isSaid }))
  }
  return (
    <ul>
      {people.map((person) => (
        <li key={person.id} className="border-t-2 border-line py-2">
          <div className="flex flex-wrap items-center gap-x-3 gap-y-1">
            <p className="min-w-32 flex-1 text-[1.15rem] font-semibold">
              {person.name}
              {failed.has(person.id) && <span className="wrong ml-2">{failed.get(person.id)}</span>}
            </p>
            <fieldset className="flex" aria-label={`${person.name} today`}>
              {FEELS.map(([feel, label]) => {
                const on = person.came && (person.checkIn?.dayFeel ?? 'well') === feel
                return (
                  <button
                    key={feel}
                    type="button"
                    aria-pressed={on}
                    className={`min-h-12 min-w-20 border-b-4 px-2 ${on ? 'border-plum bg-plum-wash font-semibold' : 'border-line'}`}
                    onClick={() => put(person, { came: true, checkIn: said({ ...person.checkIn, dayFeel: feel }) })}
                  >
                    {label}
                  </button>
                )
              })}
              <button
                type="button"
                aria-expanded={open === person.id}
                aria-label={`More about ${person.name}`}
                className="min-h-12 min-w-12 border-b-4 border-line"
                onClick={() => setOpen(open === person.id ? undefined : person.id)}
              >
                …
              </button>
            </fieldset>
          </div>
          {person.closed && (
            <p className="border-l-4 border-effort pl-3">
              <b>Not today</b>: {person.closed}
            </p>
          )}
          {open === person.id && (
            <DayDetails
              person={person}
              day={day}
              onSay={(words) => say(person, words)}
              onFinding={(key, isSaid) => finding(person, key, isSaid)}
              onAbsent={() => put(person, { came: false, checkIn: null })}
            />
          )}
        </li>
      ))}
    </ul>
  )
}
