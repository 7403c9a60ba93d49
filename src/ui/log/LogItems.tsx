'use client'
import { useState } from 'react'
import { BANDS } from '@/content/kit/bands'
import { LOG_SIDES } from '@/core/lead'
import { clock } from '@/core/timing'
import { MASS_STEP_KG, sayMass } from '@/core/vocabulary'
import { Chip } from '../shell/Chip'
import { useMassUnit } from '../shell/mass'
import { SIDE_WORDS } from './logWords'
import type { Log, LogPerson } from './useLog'

export interface LogItem {
  item: string
  movement: string
  /** what it was called while it was led: the versions that were shown */
  shown: string
  skipped: boolean
  plannedSeconds: number
  /** nothing = it was not led with the screen */
  tookSeconds?: number
  /** versions that can be chosen */
  choices: { id: string; name: string }[]
  sided: boolean
}

interface Props {
  items: readonly LogItem[]
  people: readonly LogPerson[]
  log: Log
}

/** The bands of the house, and one that it has no longer. */
const bandsWith = (id: string): { id: string; name: string }[] => (BANDS.some((band) => band.id === id) ? [...BANDS] : [...BANDS, { id, name: id }])

/** What everybody did, item by item: as it was led, until an exception is opened. */
export function LogItems({ items, people, log }: Props) {
  const unit = useMassUnit()
  const step = MASS_STEP_KG[unit]
  const [open, setOpen] = useState<string>()
  const nameOf = (id: string) => people.find((person) => person.id === id)?.name ?? ''
  return (
    <ul aria-label="What was done">
      {items.map(({ item, movement, shown, skipped, plannedSeconds, tookSeconds, choices, sided }) => {
        const own = log.entries.filter((entry) => entry.item === item && log.here.some(({ clientId }) => clientId === entry.clientId))
        const resting = own.filter(({ variant }) => variant === 'rest').length
        const isOpen = open === item
        return (
          <li key={item} className="border-t border-line">
            <button
              type="button"
              aria-expanded={isOpen}
              className="grid min-h-11 w-full grid-cols-[1fr_auto] items-baseline gap-x-4 py-1 text-left"
              onClick={() => setOpen(isOpen ? undefined : item)}
            >
              <span className="min-w-0 truncate">
                <b>{movement}</b> <span className="text-soft">{skipped ? 'skipped' : shown}</span>
                {resting > 0 && <span className="text-soft">, {resting === 1 ? 'one' : resting} sat it out</span>}
              </span>
              <span className="text-soft">
                {clock(plannedSeconds)}
                {tookSeconds !== undefined && <b className="ml-2 text-ink">{clock(tookSeconds)}</b>}
              </span>
            </button>
            {isOpen && (
              <ul className="pb-3">
                {own.map((entry) => (
                  <li key={entry.clientId} className="mt-1 grid grid-cols-[8rem_1fr] items-center gap-2 sm:grid-cols-[8rem_1fr_auto_auto]">
                    <b className="truncate">{nameOf(entry.clientId)}</b>
                    <select
                      className="input min-h-11"
                      aria-label={`${nameOf(entry.clientId)}, ${movement}: version`}
                      value={entry.variant}
                      onChange={({ target }) => log.setEntry(entry.clientId, item, { variant: target.value })}
                    >
                      {choices.map((choice) => (
                        <option key={choice.id} value={choice.id}>
                          {choice.name}
                        </option>
                      ))}
                      <option value="rest">sat it out</option>
                    </select>
                    {entry.band !== null && (
                      <select
                        className="input min-h-11"
                        aria-label={`${nameOf(entry.clientId)}, ${movement}: band`}
                        value={entry.band}
                        onChange={({ target }) => log.setEntry(entry.clientId, item, { band: target.value })}
                      >
                        {bandsWith(entry.band).map(({ id, name }) => (
                          <option key={id} value={id}>
                            {name}
                          </option>
                        ))}
                      </select>
                    )}
                    {entry.band === null && entry.kg !== null && (
                      <span className="flex items-center gap-1">
                        <button
                          type="button"
                          className="quiet min-h-11 px-3"
                          aria-label={`${nameOf(entry.clientId)}: lighter`}
                          onClick={() => log.setEntry(entry.clientId, item, { kg: Math.max(0, entry.kg! - step) })}
                        >
                          −
                        </button>
                        <span className="w-16 text-center">{sayMass(entry.kg, unit)}</span>
                        <button
                          type="button"
                          className="quiet min-h-11 px-3"
                          aria-label={`${nameOf(entry.clientId)}: heavier`}
                          onClick={() => log.setEntry(entry.clientId, item, { kg: Math.min(60, entry.kg! + step) })}
                        >
                          +
                        </button>
                      </span>
                    )}
                    {sided && (
                      <span className="flex gap-1">
                        {LOG_SIDES.map((side) => (
                          <Chip key={side} on={entry.side === side} onToggle={(on) => log.setEntry(entry.clientId, item, { side: on ? side : null })}>
                            {SIDE_WORDS[side]}
                          </Chip>
                        ))}
                      </span>
                    )}
                  </li>
                ))}
              </ul>
            )}
          </li>
        )
      })}
    </ul>
  )
}
