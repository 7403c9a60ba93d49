'use client'
import { useMemo, useState } from 'react'
import { wordFinder } from '@/core/movement/words'
import type { Addable } from '@/workers/designerContract'
import { neededKit } from '../fit/warningWords'
import { Sheet } from '../shell/Sheet'

const AT_FIRST = 60
const LACKING_SHOWN = 8

/** Movements to add, those that belong to the phase first, with how many of this class they fit; what the room has no kit for is named. */
export function AddSheet({
  choices,
  people,
  onClose,
  onAdd,
}: {
  choices: Addable[] | undefined
  people: number
  onClose: () => void
  onAdd: (variant: string) => void
}) {
  const [query, setQuery] = useState('')
  const [all, setAll] = useState(false)
  const find = useMemo(() => wordFinder((choices ?? []).map(({ said }) => said)), [choices])
  const byId = useMemo(() => new Map(choices?.map((choice) => [choice.id, choice])), [choices])
  const found = useMemo(() => find(query).map((id) => byId.get(id)!), [byId, find, query])
  const here = found.filter(({ lacks }) => lacks.length === 0)
  const lacking = query.trim() ? found.filter(({ lacks }) => lacks.length > 0) : []
  const shown = all ? here : here.slice(0, AT_FIRST)
  return (
    <Sheet open onClose={onClose} title="Add a movement">
      <label className="field mb-1">
        <span>Search by name or purpose</span>
        <input
          className="input"
          value={query}
          onChange={(event) => {
            setQuery(event.target.value)
            setAll(false)
          }}
        />
      </label>
      <p className="mb-3 text-soft" role="status">
        {choices &&
          (shown.length < here.length
            ? `The first ${shown.length} of ${here.length}`
            : `${here.length} ${here.length === 1 ? 'version' : 'versions'}`)}
      </p>
      {choices && found.length === 0 && <p className="text-soft">Nothing of that name. Try another word for it, or fewer words.</p>}
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
      {shown.length < here.length && (
        <button type="button" className="quiet mt-2" onClick={() => setAll(true)}>
          Show all {here.length}
        </button>
      )}
      {lacking.length > 0 && (
        <section className="mt-5 text-soft">
          <h3 className="text-[1rem] font-semibold">Not with what this room has</h3>
          <ul className="list-disc pl-5">
            {lacking.slice(0, LACKING_SHOWN).map((choice) => (
              <li key={choice.id}>
                {choice.movement}, {choice.name}: needs {neededKit(choice.lacks)}
              </li>
            ))}
          </ul>
          {lacking.length > LACKING_SHOWN && <p>and {lacking.length - LACKING_SHOWN} more</p>}
        </section>
      )}
    </Sheet>
  )
}
