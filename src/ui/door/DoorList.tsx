'use client'
import { useState } from 'react'
import { wasThere } from '@/core/lead/presence'
import { PersonBadge } from '../people/PersonBadge'
import { Chip } from '../shell/Chip'
import { standWords } from './doorWords'
import { GuestForm } from './GuestForm'
import { TodayPanel } from './TodayPanel'
import { type DoorPerson, useDoor } from './useDoor'

/** Whoever has something due is asked that before "as usual" can be said. */
const hasDue = ({ asks, readings, findings }: DoorPerson): boolean =>
  asks.length > 0 || readings.length > 0 || findings.some(({ key }) => key === 'urgent')

/** Everybody at the door: one tap for a day like any. What is said here changes today's plan and not the record. */
export function DoorList({ session, day, people: start }: { session: string; day: string; people: DoorPerson[] }) {
  const { people, failed, asUsual, say, late, away, finding, add } = useDoor(session, start)
  const [open, setOpen] = useState<string>()
  const here = people.filter(({ presence }) => wasThere(presence)).length
  const toCome = people.filter(({ presence }) => presence === null).length
  return (
    <>
      <p role="status" className="text-soft">
        {here} here{toCome > 0 && `, ${toCome} to come`}
      </p>
      <ul aria-label="People">
        {people.map((person) => {
          const { id, name, presence, checkIn, notices, closed } = person
          const isOpen = open === id
          const isAway = presence === 'absent'
          const stands = standWords(presence, checkIn)
          return (
            <li key={id} className="border-t-2 border-line py-2">
              <div className="flex items-center gap-3">
                <PersonBadge id={id} name={name} />
                <p className={`min-w-0 flex-1 leading-tight ${isAway ? 'text-soft' : ''}`}>
                  <span className="block truncate text-[1.15rem] font-semibold">{name}</span>
                  <span className="block truncate text-[0.94rem] text-soft">{stands}</span>
                </p>
                {failed.has(id) && <span className="wrong">{failed.get(id)}</span>}
              </div>
              <fieldset className="mt-1 grid grid-cols-[1.25fr_1.25fr_0.8fr_0.8fr] gap-1.5 whitespace-nowrap" aria-label={`${name} today`}>
                <Chip
                  on={checkIn?.asUsual ?? false}
                  onToggle={() => (hasDue(person) && !checkIn?.asUsual && !isOpen ? setOpen(id) : asUsual(person))}
                >
                  As usual
                </Chip>
                <button
                  type="button"
                  aria-expanded={isOpen}
                  className="chip"
                  aria-label={`Something of today, ${name}`}
                  onClick={() => setOpen(isOpen ? undefined : id)}
                >
                  Not quite
                </button>
                <Chip on={presence === 'late'} onToggle={() => late(person)}>
                  Late
                </Chip>
                <Chip on={isAway} onToggle={() => away(person)}>
                  Away
                </Chip>
              </fieldset>
              {closed && !isAway && (
                <p className="mt-1 border-l-4 border-effort pl-3">
                  <b>Not yet</b>: {closed}
                </p>
              )}
              {!closed &&
                !isAway &&
                notices.map((notice) => (
                  <p key={notice} className="mt-1 text-[0.94rem] text-soft">
                    {notice}
                  </p>
                ))}
              {isOpen && (
                <TodayPanel
                  person={person}
                  day={day}
                  onSay={(words) => say(person, words)}
                  onFinding={(key, isSaid) => finding(person, key, isSaid)}
                  onUsual={() => {
                    asUsual(person)
                    setOpen(undefined)
                  }}
                />
              )}
            </li>
          )
        })}
      </ul>
      <GuestForm session={session} onIn={add} />
    </>
  )
}
