'use client'
import { useState } from 'react'
import { amountWords } from '@/core/plan'
import { clock } from '@/core/timing'
import { FigureDrawing } from '../figure/FigureDrawing'
import { MARK_WORDS, Mark } from '../fit/Mark'
import { AddHere, type FitProps, phaseWords, TONES } from './fitWords'
import { amountInBlock, rowsByItem } from './rowWords'

/** The grid turned round for a phone: one person at a time, with all items under each other. */
export function FitList({ plan, model, drawings, onCell, onItem, onAdd }: FitProps) {
  const [chosen, setChosen] = useState(model.people[0]?.id)
  const column = Math.max(
    0,
    model.people.findIndex(({ id }) => id === chosen),
  )
  const person = model.people[column]
  const rows = rowsByItem(model.items)
  return (
    <div>
      {person ? (
        <label className="field">
          <span>What this person does</span>
          <select className="input" value={person.id} onChange={(event) => setChosen(event.target.value)}>
            {model.people.map(({ id, name }) => (
              <option key={id} value={id}>
                {name}
              </option>
            ))}
          </select>
        </label>
      ) : (
        <p className="text-soft">Nobody is on the roster yet.</p>
      )}
      {plan.phases.map((phase) => (
        <section key={phase.id} aria-label={phaseWords(phase)} className="mt-4">
          <h2>
            {phaseWords(phase)}{' '}
            <span className="font-sans text-[1rem] text-soft">{clock(model.timeline.phases.find(({ id }) => id === phase.id)?.seconds ?? 0)}</span>
          </h2>
          <ul>
            {phase.blocks
              .flatMap((block) => block.items.flatMap(({ id }) => (rows.get(id) ?? []).map(({ item }) => ({ item, block }))))
              .map(({ item, block }) => {
                const { id } = item
                const mark = item.cells[column]?.mark
                const drawing = item.variant ? drawings[item.variant] : undefined
                return (
                  <li key={id} className="flex items-stretch gap-2 border-t border-line py-1.5">
                    <button type="button" onClick={() => onItem(id)} className="flex min-w-0 flex-1 items-center gap-3 text-left">
                      <span className="flex h-14 w-[48px] shrink-0 items-end justify-center [--fig-gap:var(--paper)]">
                        {drawing && <FigureDrawing drawing={drawing} label="" className="h-14 max-w-[48px]" />}
                      </span>
                      <span className="min-w-0">
                        <span className="block font-semibold">{item.movement}</span>
                        <span className="block text-[0.94rem] text-soft">{item.name}</span>
                        <span className="block text-[0.94rem] text-soft">
                          {amountInBlock(item, block) ?? amountWords(item.planDose)} · {clock(item.seconds)}
                        </span>
                      </span>
                    </button>
                    {person && mark && (
                      <button
                        type="button"
                        onClick={() => onCell(id, person.id)}
                        aria-label={`${person.name}, ${item.movement}: ${MARK_WORDS[mark]}`}
                        className={`flex w-24 shrink-0 flex-col items-center justify-center text-[0.94rem] ${TONES[mark]}`}
                      >
                        <Mark mark={mark} />
                        {MARK_WORDS[mark]}
                      </button>
                    )}
                  </li>
                )
              })}
          </ul>
          <AddHere phase={phase} onAdd={onAdd} />
        </section>
      ))}
    </div>
  )
}
