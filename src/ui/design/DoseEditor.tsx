'use client'
import { useEffect, useRef, useState } from 'react'
import { doseWords, type PlanDose, type SaidDose, sayDose, withSaid } from '@/core/plan'
import { type MassUnit, sayMass } from '@/core/vocabulary'
import { useMassUnit } from '../shell/mass'

/** What was understood while it is typed; what was not is named. */
function heard(before: PlanDose, typed: string, unit: MassUnit): { said: SaidDose; next: PlanDose | undefined; words: string } {
  const said = sayDose(typed)
  // said in pounds a mass is rounded: what was not typed anew stays to the gram
  const [was, is] = [before.loadKg, said.part.loadKg]
  if (was !== undefined && is !== undefined && sayMass(is, unit) === sayMass(was, unit)) said.part.loadKg = was
  const next = withSaid(before, said)
  if (typed.trim() === '') return { said, next: undefined, words: 'Say it as you would in class: 2 sets of 12 a side, slow, 20 rest.' }
  if (said.unknown.length > 0) return { said, next: undefined, words: `Not understood: ${said.unknown.join(', ')}` }
  return { said, next, words: next ? doseWords(next, unit) : 'These do not go together, or are out of range.' }
}

interface Props {
  dose: PlanDose
  label: string
  onSay: (said: SaidDose) => void
  /** @param back whether the focus goes back to the cell */
  onClose: (back: boolean) => void
}

/** A dose being typed over its cell. Enter and leaving take it, Escape leaves it as it was. */
export function DoseEditor({ dose, label, onSay, onClose }: Props) {
  const unit = useMassUnit()
  const [typed, setTyped] = useState(() => doseWords(dose, unit))
  const field = useRef<HTMLInputElement>(null)
  useEffect(() => field.current?.select(), [])
  const { said, next, words } = heard(dose, typed, unit)
  const take = (back: boolean) => {
    if (next && typed !== doseWords(dose, unit)) onSay(said)
    onClose(back)
  }
  return (
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
          if (event.key === 'Escape') onClose(true)
        }}
        onBlur={() => (next ? take(false) : onClose(false))}
      />
      <p role="status" className={`mt-1 text-[0.9rem] ${next ? 'text-soft' : 'text-effort'}`}>
        {words}
      </p>
    </div>
  )
}
