'use client'
import { useEffect, useRef, useState } from 'react'
import { amountWords, doseWords, type PlanDose, type SaidDose, sayDose, withSaid } from '@/core/plan'

/** What was understood while it is typed; what was not is named. */
function heard(before: PlanDose, typed: string): { said: SaidDose; next: PlanDose | undefined; words: string } {
  const said = sayDose(typed)
  const next = withSaid(before, said)
  if (typed.trim() === '') return { said, next: undefined, words: 'Say it as you would in class: 2 sets of 12 a side, slow, 20 rest.' }
  if (said.unknown.length > 0) return { said, next: undefined, words: `Not understood: ${said.unknown.join(', ')}` }
  return { said, next, words: next ? doseWords(next) : 'These do not go together, or are out of range.' }
}

interface Props {
  /** what is in the cell beside the number of the row */
  dose: PlanDose
  /** amount as the block does it, where a clock or rounds say so */
  amount: string | undefined
  /** rest, load and effort in a few words */
  detail: string
  label: string
  cell: string
  onSay: (said: SaidDose) => void
  onSelect: () => void
}

/** The dose of a row: read at a glance, changed by typing it as it is said. */
export function DoseCell({ dose, amount, detail, label, cell, onSay, onSelect }: Props) {
  const [typed, setTyped] = useState<string>()
  const field = useRef<HTMLInputElement>(null)
  const button = useRef<HTMLButtonElement>(null)
  const isOpen = typed !== undefined
  useEffect(() => {
    if (isOpen) field.current?.select()
  }, [isOpen])
  const { said, next, words } = heard(dose, typed ?? '')
  const close = (back: boolean) => {
    setTyped(undefined)
    if (back) setTimeout(() => button.current?.focus())
  }
  const take = (back: boolean) => {
    if (next && typed !== doseWords(dose)) onSay(said)
    close(back)
  }
  return (
    <div className="relative">
      <button
        ref={button}
        type="button"
        data-cell={cell}
        tabIndex={-1}
        aria-label={label}
        className="block w-full px-1 text-left leading-tight hover:bg-plum-wash"
        onClick={() => {
          onSelect()
          setTyped(doseWords(dose))
        }}
      >
        <span className="block truncate font-semibold">{amount ?? amountWords(dose)}</span>
        <span className="block truncate text-[0.8rem] text-soft">{detail}</span>
      </button>
      {isOpen && (
        <div className="absolute -left-1 -top-2 z-30 w-[21rem] border-2 border-plum bg-sheet p-2">
          <input
            ref={field}
            className="input"
            aria-label={`Dose of ${label}, as it is said`}
            aria-invalid={!next}
            value={typed}
            onChange={(event) => setTyped(event.target.value)}
            onKeyDown={(event) => {
              event.stopPropagation()
              if (event.key === 'Enter' && next) take(true)
              if (event.key === 'Escape') close(true)
            }}
            onBlur={() => (next ? take(false) : close(false))}
          />
          <p role="status" className={`mt-1 text-[0.9rem] ${next ? 'text-soft' : 'text-effort'}`}>
            {words}
          </p>
        </div>
      )}
    </div>
  )
}
