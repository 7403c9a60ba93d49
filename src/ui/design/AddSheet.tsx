'use client'
import { useState } from 'react'
import type { Choice } from '@/workers/designerContract'
import { Sheet } from '../shell/Sheet'

/** Movements to add, those that belong to the phase first, with how many of this class they fit. */
export function AddSheet({
  choices,
  people,
  onClose,
  onAdd,
}: {
  choices: Choice[] | undefined
  people: number
  onClose: () => void
  onAdd: (variant: string) => void
}) {
  const [query, setQuery] = useState('')
  const words = query.toLowerCase().split(/\s+/).filter(Boolean)
  const shown = (choices ?? [])
    .filter((choice) => words.every((word) => `${choice.movement} ${choice.name} ${choice.purpose}`.toLowerCase().includes(word)))
    .slice(0, 60)
  return (
    <Sheet open onClose={onClose} title="Add a movement">
      <label className="field mb-3">
        <span>Search by name or purpose</span>
        <input className="input" value={query} onChange={(event) => setQuery(event.target.value)} />
      </label>
      {choices && shown.length === 0 && <p className="text-soft">Nothing of that name with the kit that is here.</p>}
      <ul>
        {shown.map((choice) => (
          <li key={choice.id} className="border-t border-line">
            <button
              type="button"
              className="flex min-h-12 w-full items-center justify-between gap-3 py-1 text-left hover:underline"
              onClick={() => onAdd(choice.id)}
            >
              <span>
                <b>{choice.movement}</b>
                <span className="block text-[0.94rem] text-soft">{choice.name}</span>
              </span>
              {people > 0 && (
                <span className="shrink-0 text-[0.94rem] text-soft">
                  fits {choice.fits} of {people}
                </span>
              )}
            </button>
          </li>
        ))}
      </ul>
    </Sheet>
  )
}
