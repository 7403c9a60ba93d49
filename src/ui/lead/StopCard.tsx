'use client'
import { useRef, useState } from 'react'
import { STOP_SEEN, type StopSeen } from '@/content/screening/stopSeen'
import { STOP_FIRST, STOP_LISTS, STOP_STEPS } from '@/content/screening/stopSigns'
import type { LeadEvent, Said } from '@/core/lead'
import { clock } from '@/core/timing'
import { PersonChip } from '../people/PersonChip'
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

/** Everybody of the class, one of whom it is. */
function Who({ people, person, onWho }: { people: LeadPack['people']; person: string | undefined; onWho: (id: string) => void }) {
  return (
    <fieldset>
      <legend className="text-soft">Who</legend>
      <div className="mt-1 flex flex-wrap gap-2">
        {people.map(({ id, name }) => (
          <PersonChip key={id} id={id} name={name} on={person === id} onToggle={() => onWho(id)} />
        ))}
      </div>
    </fieldset>
  )
}

const TILE = 'min-h-24 border-2 px-4 py-3 text-left text-[1.35rem] leading-tight'

/** What one sees, few and large; what is surely an emergency stands out. */
function Tiles({ onSeen, onNearFall, onAll }: { onSeen: (one: StopSeen) => void; onNearFall: () => void; onAll: () => void }) {
  return (
    <div className="grid gap-3 sm:grid-cols-2 lg:grid-cols-3">
      {STOP_SEEN.map((one) => (
        <button
          key={one.key}
          type="button"
          className={`${TILE} border-l-[0.9rem] ${one.list === 'A' ? 'border-effort' : 'border-line'}`}
          onClick={() => onSeen(one)}
        >
          {one.seen}
        </button>
      ))}
      <button type="button" className={`${TILE} border-line`} onClick={onNearFall}>
        Nearly fell, and is well: note it
      </button>
      <button type="button" className={`${TILE} border-line`} onClick={onAll}>
        Something else: all signs
      </button>
    </div>
  )
}

/** Whom to ring for what is seen; ringing is noted. */
function Rings({
  ring,
  list,
  numbers,
  note,
}: Pick<StopSeen, 'ring' | 'list'> & { numbers: LeadPack['house']['numbers']; note: (words: string) => void }) {
  // what is for today only needs no ringing by itself
  if (list !== 'A' && list !== 'look') return null
  const whom =
    ring === 'maternity' ? [numbers.maternity, numbers.emergency] : ring === 'crisis' ? [numbers.crisis, numbers.emergency] : [numbers.emergency]
  return whom.map((number) => <Ring key={number} number={number} onRing={() => note(`Rang ${number}.`)} />)
}

/** Only the steps for what is seen, large; each is ticked off, and that is noted with its time. */
function Steps({ steps, note }: { steps: readonly string[]; note: (words: string) => void }) {
  const [done, setDone] = useState<readonly string[]>([])
  return (
    <ol className="flex flex-col gap-2">
      {steps.map((step) => {
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
  )
}

/** A line more, with the time. */
function AddLine({ note }: { note: (words: string) => void }) {
  const [text, setText] = useState('')
  return (
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
  )
}

/** Every sign and every step of the rule base, behind what is seen. */
function AllSigns({ open, onSign }: { open: boolean; onSign: (words: string) => void }) {
  return (
    <details open={open}>
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
                  <button type="button" className="min-h-11 text-left hover:underline" onClick={() => onSign(`${one.id}: ${sign}`)}>
                    {sign}
                  </button>
                </li>
              ))}
            </ul>
          </section>
        ))}
      </div>
    </details>
  )
}

/** Somebody stops: what is seen first, then only the steps for it, large, with a running clock. Everything is noted with its time. */
export function StopCard({ pack, now, running, tap, onClose }: Props) {
  const [seen, setSeen] = useState<StopSeen>()
  const [person, setPerson] = useState<string>()
  const [contact, setContact] = useState(false)
  const [all, setAll] = useState(false)
  const incident = useRef<{ id: string; at: number }>(undefined)
  const about = person === undefined ? {} : { person }
  const note = (words: string) => {
    if (incident.current) tap('incident-note', { of: incident.current.id, text: words, ...about })
  }
  const choose = (one: StopSeen) => {
    setSeen(one)
    incident.current = { id: tap('incident', { text: one.seen, ...about }), at: now }
    if (one.group && running) tap('pause')
  }
  const who = (id: string) => {
    setPerson(id)
    setContact(false)
    if (incident.current) tap('incident-note', { of: incident.current.id, person: id })
  }
  const tapAndClose = (kind: 'near-fall' | 'stop-sign', text: string) => {
    tap(kind, { text, ...about })
    onClose()
  }
  const chosen = pack.people.find(({ id }) => id === person)
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
        {!seen && <Tiles onSeen={choose} onNearFall={() => tapAndClose('near-fall', 'Nearly fell')} onAll={() => setAll(!all)} />}
        {seen && (
          <>
            <div className="flex flex-wrap items-center gap-4">
              <Rings {...seen} numbers={pack.house.numbers} note={note} />
              <button type="button" className="quiet min-h-12" onClick={() => tap(running ? 'pause' : 'resume')}>
                {running ? 'Stop the whole group' : 'The others go on'}
              </button>
            </div>
            <div className="grid gap-6 lg:grid-cols-[1fr_21rem]">
              <Steps steps={seen.steps} note={note} />
              <VenueWords pack={pack} />
            </div>
          </>
        )}
        <Who people={pack.people} person={person} onWho={who} />
        {seen && chosen && (
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
        {seen && <AddLine note={note} />}
        {all && !seen && <VenueWords pack={pack} />}
        <p className="text-soft">{STOP_FIRST}</p>
        <AllSigns open={all && !seen} onSign={(words) => tapAndClose('stop-sign', words)} />
      </div>
    </section>
  )
}
