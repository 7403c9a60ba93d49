'use client'
import { useRef, useState } from 'react'
import { STOP_SEEN, type StopSeen } from '@/content/screening/stopSeen'
import { STOP_FIRST, STOP_LISTS, STOP_STEPS } from '@/content/screening/stopSigns'
import type { LeadEvent, Said } from '@/core/lead'
import { clock } from '@/core/timing'
import { PersonBadge } from '../people/PersonBadge'
import type { LeadPack } from './pack'

interface Props {
  pack: LeadPack
  now: number
  running: boolean
  tap: (kind: LeadEvent['kind'], more?: Said) => string
  onClose: () => void
}

const numberOf = (number: string): string | undefined => (/^[+\d][\d ()-]*$/.test(number) ? number.replace(/[^+\d]/g, '') : undefined)

/** A number to press and ring where it is one; else the words for it. Ringing is noted with its time. */
function Ring({ number, onRing }: { number: string; onRing: () => void }) {
  const dial = numberOf(number)
  return dial ? (
    <a href={`tel:${dial}`} className="action min-h-16 px-6 text-[1.6rem]" onClick={onRing}>
      Ring {number}
    </a>
  ) : (
    <button type="button" className="action min-h-16 px-6 text-[1.6rem]" onClick={onRing}>
      Ring {number}
    </button>
  )
}

/** What helps somebody who comes running: the plan of the house as it was written down. */
function VenueWords({ pack }: { pack: LeadPack }) {
  const { name, venue } = pack.house
  const rows = [
    ['Where', [name, venue.address].filter((one) => one !== '').join(', ')],
    ['Way in', venue.access],
    ['Defibrillator', venue.defibrillator],
    ['Of the house', venue.contact],
    ['Plan', venue.plan],
  ].filter(([, words]) => words !== '')
  return (
    <dl className="border-l-2 border-line pl-4 text-[1.1rem]">
      {rows.map(([label, words]) => (
        <div key={label} className="mb-2">
          <dt className="text-soft">{label}</dt>
          <dd>{words}</dd>
        </div>
      ))}
      {venue.defibrillator === '' && <p className="text-soft">Where the defibrillator hangs is not written down: settings, “In an emergency”.</p>}
    </dl>
  )
}

/** Somebody stops: what is seen first, then only the steps for it, large, with a running clock. Everything is noted with its time. */
export function StopCard({ pack, now, running, tap, onClose }: Props) {
  const [seen, setSeen] = useState<StopSeen>()
  const [person, setPerson] = useState<string>()
  const [done, setDone] = useState<readonly string[]>([])
  const [contact, setContact] = useState(false)
  const [all, setAll] = useState(false)
  const [text, setText] = useState('')
  const incident = useRef<{ id: string; at: number }>(undefined)
  const { numbers } = pack.house
  const note = (words: string) => incident.current && tap('incident-note', { of: incident.current.id, text: words, ...(person && { person }) })
  const choose = (one: StopSeen) => {
    setSeen(one)
    incident.current = { id: tap('incident', { text: one.seen, ...(person && { person }) }), at: now }
    if (one.group && running) tap('pause')
  }
  const who = (id: string) => {
    setPerson(id)
    setContact(false)
    if (incident.current) tap('incident-note', { of: incident.current.id, person: id, text: 'It was this person.' })
  }
  const chosen = pack.people.find(({ id }) => id === person)
  const people = (
    <fieldset>
      <legend className="text-soft">Who</legend>
      <div className="mt-1 flex flex-wrap gap-2">
        {pack.people.map(({ id, name }) => (
          <button
            key={id}
            type="button"
            aria-pressed={person === id}
            className={`chip gap-2 ${person === id ? 'chip-on' : ''}`}
            onClick={() => who(id)}
          >
            <PersonBadge id={id} name={name} size={26} />
            {name}
          </button>
        ))}
      </div>
    </fieldset>
  )
  return (
    <section role="dialog" aria-modal="true" aria-label="Somebody stops" className="fixed inset-0 z-40 overflow-y-auto bg-paper px-6 py-4">
      <div className="mx-auto flex max-w-[1180px] flex-col gap-4">
        <div className="flex flex-wrap items-baseline justify-between gap-4">
          <h2 className="text-[2rem]">{seen ? seen.seen : 'What do you see?'}</h2>
          <div className="flex items-center gap-4">
            {incident.current && (
              <p className="font-serif text-[2rem]" role="timer" aria-label="Since then">
                {clock((now - incident.current.at) / 1000)}
              </p>
            )}
            {/* biome-ignore lint/a11y/noAutofocus: the card is opened by a press */}
            <button type="button" className="quiet min-h-12" autoFocus onClick={onClose}>
              {seen ? 'Back to the class' : 'Close'}
            </button>
          </div>
        </div>
        {!seen && (
          <>
            <div className="grid gap-3 sm:grid-cols-2 lg:grid-cols-3">
              {STOP_SEEN.map((one) => (
                <button
                  key={one.key}
                  type="button"
                  className={`min-h-24 border-2 px-4 py-3 text-left text-[1.35rem] leading-tight ${one.list === 'A' ? 'border-effort border-l-[0.9rem]' : 'border-line border-l-[0.9rem]'}`}
                  onClick={() => choose(one)}
                >
                  {one.seen}
                </button>
              ))}
              <button
                type="button"
                className="min-h-24 border-2 border-line px-4 py-3 text-left text-[1.35rem]"
                onClick={() => {
                  tap('near-fall', { text: 'Nearly fell', ...(person && { person }) })
                  onClose()
                }}
              >
                Nearly fell, and is well: note it
              </button>
              <button type="button" className="min-h-24 border-2 border-line px-4 py-3 text-left text-[1.35rem]" onClick={() => setAll(!all)}>
                Something else: all signs
              </button>
            </div>
            {people}
          </>
        )}
        {seen && (
          <>
            <div className="flex flex-wrap items-center gap-4">
              {(seen.list === 'A' || seen.list === 'look') && seen.ring !== 'maternity' && seen.ring !== 'crisis' && (
                <Ring number={numbers.emergency} onRing={() => note(`Rang ${numbers.emergency}.`)} />
              )}
              {seen.ring === 'maternity' && (
                <>
                  <Ring number={numbers.maternity} onRing={() => note(`Rang ${numbers.maternity}.`)} />
                  <Ring number={numbers.emergency} onRing={() => note(`Rang ${numbers.emergency}.`)} />
                </>
              )}
              {seen.ring === 'crisis' && (
                <>
                  <Ring number={numbers.crisis} onRing={() => note(`Rang ${numbers.crisis}.`)} />
                  <Ring number={numbers.emergency} onRing={() => note(`Rang ${numbers.emergency}.`)} />
                </>
              )}
              <button type="button" className="quiet min-h-12" onClick={() => tap(running ? 'pause' : 'resume')}>
                {running ? 'Stop the whole group' : 'The others go on'}
              </button>
            </div>
            <div className="grid gap-6 lg:grid-cols-[1fr_21rem]">
              <ol className="flex flex-col gap-2">
                {seen.steps.map((step) => {
                  const isDone = done.includes(step)
                  return (
                    <li key={step}>
                      <button
                        type="button"
                        aria-pressed={isDone}
                        className={`flex w-full items-start gap-4 border-l-[0.6rem] px-4 py-2 text-left text-[1.5rem] leading-snug ${isDone ? 'border-line text-soft' : 'border-plum'}`}
                        onClick={() => {
                          setDone(isDone ? done.filter((one) => one !== step) : [...done, step])
                          note(isDone ? `Taken back: ${step}` : `Done: ${step}`)
                        }}
                      >
                        <span aria-hidden="true">{isDone ? '✓' : '·'}</span>
                        {step}
                      </button>
                    </li>
                  )
                })}
              </ol>
              <VenueWords pack={pack} />
            </div>
            {people}
            {chosen && (
              <p>
                {contact ? (
                  <b className="text-[1.3rem]">{chosen.contact ?? 'No contact for an emergency is on file.'}</b>
                ) : (
                  <button type="button" className="quiet min-h-12" onClick={() => setContact(true)}>
                    Whom to ring for {chosen.name}
                  </button>
                )}
              </p>
            )}
            <form
              className="flex flex-wrap items-end gap-3"
              onSubmit={(event) => {
                event.preventDefault()
                if (text.trim() === '') return
                note(text.trim())
                setText('')
              }}
            >
              <label className="field min-w-60 flex-1">
                <span>Add with the time</span>
                <input className="input min-h-12" value={text} maxLength={1000} onChange={({ target }) => setText(target.value)} />
              </label>
              <button type="submit" className="quiet min-h-12">
                Note it
              </button>
            </form>
          </>
        )}
        {all && !seen && <VenueWords pack={pack} />}
        <p className="text-soft">{STOP_FIRST}</p>
        <details open={all && !seen}>
          <summary className="min-h-11 cursor-pointer text-soft">All signs and steps</summary>
          <ol className="list-decimal pl-6">
            {STOP_STEPS.map((step) => (
              <li key={step}>{step}</li>
            ))}
          </ol>
          <div className="mt-3 grid gap-5 md:grid-cols-3">
            {STOP_LISTS.map((one) => (
              <section key={one.id}>
                <h3>
                  {one.id}: {one.title}
                </h3>
                <ul>
                  {one.signs.map((sign) => (
                    <li key={sign}>
                      <button
                        type="button"
                        className="min-h-11 text-left hover:underline"
                        onClick={() => {
                          tap('stop-sign', { text: `${one.id}: ${sign}`, ...(person && { person }) })
                          onClose()
                        }}
                      >
                        {sign}
                      </button>
                    </li>
                  ))}
                </ul>
              </section>
            ))}
          </div>
        </details>
      </div>
    </section>
  )
}
