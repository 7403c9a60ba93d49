'use client'
import { useRef, useState, useTransition } from 'react'
import type { CheckIn, Reading } from '@/core/client/record'
import type { Presence } from '@/core/lead'
import { saveCheckIn, sayAtDoor } from '@/server/actions/door'

/** A question about today that a condition asks. */
export interface DayAsk {
  slug: string
  name: string
  fields: { field: string; label: string; usual: boolean }[]
  pain: boolean
  /** its stage on a bad day, where it has one and the record says a better one */
  flare?: string
}
export interface DoorPerson {
  id: string
  name: string
  guest: boolean
  presence: Presence | null
  checkIn: CheckIn | null
  /** of what was said; 0 while nothing is kept */
  revision: number
  /** readings that this person's conditions ask for */
  readings: Reading[]
  asks: DayAsk[]
  /** what is asked beside D1 to D4, quietly */
  findings: { key: string; say: string }[]
  /** answers that outlast the day, said today */
  said: string[]
  /** what is worth a word at the door, in plain sentences */
  notices: string[]
  /** why not today, in the words of the gate */
  closed?: string
}

/** Left out = not said; a sign that is no longer true is taken away, an answer of a condition stays whatever it is. */
const said = (checkIn: Partial<CheckIn>): CheckIn =>
  Object.fromEntries(
    Object.entries(checkIn).filter(([, value]) => value !== undefined && value !== false && !(Array.isArray(value) && value.length === 0)),
  ) as CheckIn

type Answered = Awaited<ReturnType<typeof saveCheckIn>> | Awaited<ReturnType<typeof sayAtDoor>>

/** People at the door, and what is tapped for them: kept one after the other, each with the revision that the one before left. */
export function useDoor(session: string, start: DoorPerson[]) {
  const [people, setPeople] = useState(start)
  const [failed, setFailed] = useState<ReadonlyMap<string, string>>(new Map())
  const [, startSaving] = useTransition()
  const sending = useRef(new Map<string, Promise<unknown>>())
  const revisions = useRef(new Map(start.map(({ id, revision }) => [id, revision])))
  const change = (id: string, next: Partial<DoorPerson>) => setPeople((now) => now.map((one) => (one.id === id ? { ...one, ...next } : one)))
  const settle = (id: string, problem: string | undefined) =>
    setFailed((now) => {
      const next = new Map(now)
      if (problem === undefined) next.delete(id)
      else next.set(id, problem)
      return next
    })
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
      } else settle(id, outcome?.kind === 'invalid' ? outcome.problems.map(({ message }) => message).join('; ') : 'not saved yet: tap it again')
    })
  const put = (person: DoorPerson, next: { presence?: Presence | null; checkIn?: CheckIn | null }) => {
    const { presence, checkIn } = { presence: person.presence, checkIn: person.checkIn, ...next }
    change(person.id, { presence, checkIn })
    keep(person.id, () => saveCheckIn({ id: session, clientId: person.id, revision: revisions.current.get(person.id) ?? 0, presence, checkIn }))
  }
  return {
    people,
    failed,
    /** nothing new: here, and every day question answered so */
    asUsual: (person: DoorPerson) =>
      put(person, { presence: person.presence === 'late' ? 'late' : 'present', checkIn: { asUsual: true, dayFeel: 'well' } }),
    /** something of today: whoever says it is here */
    say: (person: DoorPerson, words: Partial<CheckIn>) => {
      const { asUsual: _asUsual, ...before } = person.checkIn ?? {}
      put(person, { presence: wasHere(person.presence), checkIn: said({ ...before, ...words }) })
    },
    late: (person: DoorPerson) => put(person, { presence: person.presence === 'late' ? 'present' : 'late' }),
    away: (person: DoorPerson) => put(person, person.presence === 'absent' ? { presence: null } : { presence: 'absent', checkIn: null }),
    finding: (person: DoorPerson, key: string, isSaid: boolean) => {
      change(person.id, { said: isSaid ? [...person.said, key] : person.said.filter((one) => one !== key) })
      keep(person.id, () => sayAtDoor({ id: session, clientId: person.id, key, said: isSaid }))
    },
    add: (person: DoorPerson) => {
      revisions.current.set(person.id, person.revision)
      setPeople((now) => [...now, person])
    },
  }
}

const wasHere = (presence: Presence | null): Presence => (presence === 'late' ? 'late' : 'present')
