'use client'
import { useEffect, useMemo, useRef, useState } from 'react'
import type { Drawing } from '@/core/body'
import type { Coverage } from '@/core/coverage'
import { qualityOf } from '@/core/coverage/qualities'
import { wordFinder } from '@/core/movement/words'
import type { Addable } from '@/workers/designerContract'
import { FigureDrawing } from '../figure/FigureDrawing'
import { neededKit } from '../fit/warningWords'

const SHOWN = 40
const DRAWN = 12
const LACKING_SHOWN = 6

interface Props {
  choices: Addable[] | undefined
  people: number
  coverage: Coverage
  /** where it goes, in words */
  where: string
  draw: (ids: string[]) => Promise<Record<string, Drawing>>
  onAdd: (choice: Addable) => void
  onClose: () => void
}

/** Movements by typing: the search stays open, each is one Enter. */
export function AddPanel({ choices, people, coverage, where, draw, onAdd, onClose }: Props) {
  const [query, setQuery] = useState('')
  const [at, setAt] = useState(0)
  const [onlyAll, setOnlyAll] = useState(false)
  const [onlyMissing, setOnlyMissing] = useState(false)
  const [added, setAdded] = useState<string[]>([])
  const [drawings, setDrawings] = useState<Record<string, Drawing>>({})
  const field = useRef<HTMLInputElement>(null)
  useEffect(() => field.current?.focus(), [])
  const missing = useMemo(() => new Set(coverage.hints.flatMap((hint) => (hint.code === 'nothing-for' ? [hint.quality] : []))), [coverage])
  const find = useMemo(() => wordFinder((choices ?? []).map(({ said }) => said)), [choices])
  const byId = useMemo(() => new Map(choices?.map((choice) => [choice.id, choice])), [choices])
  const found = useMemo(
    () =>
      find(query)
        .flatMap((id) => byId.get(id) ?? [])
        .filter(({ fits, purpose }) => (!onlyAll || fits === people) && (!onlyMissing || missing.has(qualityOf(purpose)))),
    [byId, find, query, onlyAll, onlyMissing, people, missing],
  )
  const here = found.filter(({ lacks }) => lacks.length === 0)
  const shown = here.slice(0, SHOWN)
  const lacking = query.trim() ? found.filter(({ lacks }) => lacks.length > 0) : []
  const wanted = shown
    .slice(0, DRAWN)
    .map(({ id }) => id)
    .join()
  useEffect(() => {
    let live = true
    if (wanted !== '') void draw(wanted.split(',')).then((more) => live && setDrawings((now) => ({ ...now, ...more })))
    return () => {
      live = false
    }
  }, [wanted, draw])
  const chosen = Math.min(at, Math.max(0, shown.length - 1))
  // Enter that comes before the movements are there is not lost
  const waiting = useRef(false)
  useEffect(() => {
    if (!choices || !waiting.current) return
    waiting.current = false
    add(shown[chosen])
  })
  const add = (choice: Addable | undefined) => {
    if (!choice) {
      waiting.current = choices === undefined
      return
    }
    onAdd(choice)
    setAdded((now) => [...now, choice.movement])
    field.current?.select()
  }
  return (
    <div className="flex flex-col gap-3">
      <h2>Add to {where}</h2>
      <input
        ref={field}
        className="input"
        role="combobox"
        aria-expanded="true"
        aria-controls="found-movements"
        aria-activedescendant={shown[chosen] ? `found-${chosen}` : undefined}
        aria-label="Search by name, part of the body or what for"
        placeholder="row, hips, balance, stairs …"
        value={query}
        onChange={(event) => {
          setQuery(event.target.value)
          setAt(0)
        }}
        onKeyDown={(event) => {
          if (event.key === 'ArrowDown') setAt(Math.min(shown.length - 1, chosen + 1))
          else if (event.key === 'ArrowUp') setAt(Math.max(0, chosen - 1))
          else if (event.key === 'Enter') add(shown[chosen])
          else if (event.key === 'Escape') onClose()
          else return
          event.preventDefault()
        }}
      />
      <div className="flex flex-wrap gap-2">
        {people > 0 && (
          <button type="button" className="quiet" aria-pressed={onlyAll} onClick={() => setOnlyAll(!onlyAll)}>
            {onlyAll ? '✓ ' : ''}fits all {people}
          </button>
        )}
        {missing.size > 0 && (
          <button type="button" className="quiet" aria-pressed={onlyMissing} onClick={() => setOnlyMissing(!onlyMissing)}>
            {onlyMissing ? '✓ ' : ''}what is missing: {[...missing].join(', ')}
          </button>
        )}
      </div>
      <p role="status" className="text-[0.94rem] text-soft">
        {added.length > 0 ? `Added ${added.at(-1)}${added.length > 1 ? ` and ${added.length - 1} before it` : ''}. ` : ''}
        {choices ? (shown.length < here.length ? `The first ${shown.length} of ${here.length}.` : `${here.length} found.`) : 'Looking…'}
      </p>
      <div id="found-movements" role="listbox" tabIndex={-1} aria-label="Movements found" className="border-t border-line">
        {shown.map((choice, index) => {
          const drawing = drawings[choice.id]
          return (
            // biome-ignore lint/a11y/useKeyWithClickEvents: the field above has the keys of the list
            <div
              key={choice.id}
              id={`found-${index}`}
              role="option"
              tabIndex={-1}
              aria-selected={index === chosen}
              onClick={() => add(choice)}
              className={`flex min-h-[52px] cursor-pointer items-center gap-2 border-b border-line px-1 leading-tight ${index === chosen ? 'bg-plum-wash' : 'hover:bg-sheet'}`}
            >
              <span className="flex h-[46px] w-[46px] shrink-0 items-end justify-center">
                {drawing && <FigureDrawing drawing={drawing} label="" className="h-[46px] max-w-[46px]" />}
              </span>
              <span className="min-w-0 grow">
                <b>{choice.movement}</b>
                <span className="block truncate text-[0.85rem] text-soft">{choice.name}</span>
              </span>
              {people > 0 && (
                <span className="shrink-0 text-[0.85rem] text-soft">
                  {choice.fits} of {people}
                </span>
              )}
            </div>
          )
        })}
      </div>
      {choices && found.length === 0 && <p className="text-soft">Nothing of that name. Try another word for it, or fewer words.</p>}
      {lacking.length > 0 && (
        <section className="text-[0.94rem] text-soft">
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
      <button type="button" className="quiet self-start" onClick={onClose}>
        Done
      </button>
    </div>
  )
}
