import { useState } from 'react'
import type { LedView } from '@/core/lead'
import { clock } from '@/core/timing'
import { PersonBadge } from '../people/PersonBadge'
import { Sheet } from '../shell/Sheet'
import type { LeadPack } from './pack'
import { hasBluetooth, type Straps } from './useStraps'

interface Props {
  pack: LeadPack
  view: LedView
  straps: Straps
  onClose: () => void
}

/** Who wears a strap: the pulse against the ceiling, how long above it, and where nothing is heard. Whoever may not go by a number gets none. */
export function StrapsSheet({ pack, view, straps, onClose }: Props) {
  const [problem, setProblem] = useState('')
  const people = pack.people.filter(({ id }) => view.ceilings[id] && view.closed[id] === undefined)
  return (
    <Sheet open onClose={onClose} title="Pulse" wide>
      {problem && (
        <p role="alert" className="wrong">
          {problem}
        </p>
      )}
      <ul>
        {people.map(({ id, name }) => {
          const { bpm: ceiling, words } = view.ceilings[id]!
          const one = straps.worn[id]
          return (
            <li key={id} className="grid grid-cols-[2.75rem_8rem_1fr] items-center gap-x-3 border-t border-line py-2">
              <PersonBadge id={id} name={name} size={38} />
              <b>{name}</b>
              {ceiling === undefined ? (
                <p className="text-soft">{words}</p>
              ) : (
                <div className="flex flex-wrap items-center gap-x-4 gap-y-1">
                  {one ? (
                    <>
                      <span className={`w-40 text-[1.3rem] ${one.state.bpm !== undefined && one.state.bpm > ceiling ? 'font-bold text-effort' : ''}`}>
                        {one.state.bpm === undefined ? 'nothing is heard' : `${one.state.bpm} of ${ceiling}`}
                        {one.state.bpm !== undefined && one.state.bpm > ceiling && ' above'}
                      </span>
                      <span className="text-soft">
                        {one.kind === 'simulated' && 'simulated, '}
                        {clock(one.state.overSeconds)} above
                        {one.state.dropouts > 0 && `, silent ${one.state.dropouts === 1 ? 'once' : `${one.state.dropouts} times`}`}
                      </span>
                      <button type="button" className="quiet min-h-11" onClick={() => straps.takeOff(id)}>
                        Take off
                      </button>
                    </>
                  ) : (
                    <>
                      <span className="w-40 text-soft">ceiling {ceiling}</span>
                      <button
                        type="button"
                        className="quiet min-h-11"
                        disabled={!hasBluetooth()}
                        onClick={() => void straps.connect(id).then((went) => setProblem(went ?? ''))}
                      >
                        A strap
                      </button>
                      <button type="button" className="quiet min-h-11" onClick={() => straps.simulate(id)}>
                        A simulated one
                      </button>
                    </>
                  )}
                </div>
              )}
            </li>
          )
        })}
      </ul>
      {people.length === 0 && <p>Nobody is in this class.</p>}
      <p className="mt-4 text-[0.94rem] text-soft">
        {!hasBluetooth() && 'This browser reaches no straps; simulated ones show how it looks. '}
        Ceilings are estimates. How somebody speaks and looks comes before any number; nothing of this is kept.
      </p>
    </Sheet>
  )
}
