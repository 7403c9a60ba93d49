'use client'
import { useRouter } from 'next/navigation'
import { useState, useTransition } from 'react'
import { kgOf, massIn, sayMass } from '@/core/vocabulary'
import { keepOwnLoad } from '@/server/actions/people'
import type { Explanation } from '@/workers/designerContract'
import { answered, refusalWords } from '../shell/answered'
import { useMassUnit } from '../shell/mass'

/** What somebody lifts in this movement beside what the plan says, in every class from now on; and the band that gives it at their height. */
export function OwnLoad({ person, personId, load }: { person: string; personId: string; load: NonNullable<Explanation['load']> }) {
  const router = useRouter()
  const { movement, planKg, ownKg, band } = load
  const unit = useMassUnit()
  const most = Math.floor(massIn(60, unit))
  const [typed, setTyped] = useState(ownKg === undefined ? '' : String(massIn(ownKg, unit)))
  const [problem, setProblem] = useState('')
  const [saving, start] = useTransition()
  const kg = kgOf(Number(typed), unit)
  const wrong = typed.trim() !== '' && !(kg >= 0 && kg <= 60)
  const keep = (next: number | null) =>
    start(async () => {
      const outcome = await answered(keepOwnLoad({ clientId: personId, movement, kg: next }))
      if (outcome.ok) {
        setProblem('')
        if (next === null) setTyped('')
        router.refresh()
      } else setProblem(refusalWords(outcome))
    })
  return (
    <section aria-label="Load" className="flex flex-col gap-2 border-t-2 border-line pt-3">
      <h3>Load</h3>
      <p>
        The plan says {planKg > 0 ? sayMass(planKg, unit) : 'none'}
        {ownKg === undefined ? '.' : `; ${person} lifts ${sayMass(ownKg, unit)} in this movement, in every class.`}
        {band &&
          ` Band: ${band.name}, ${band.gripCm} cm between the grips${band.doubled ? ', doubled' : ''}${band.heightKnown ? '' : ', for somebody of 165 cm: their height is not on file'}.`}
      </p>
      <div className="flex items-end gap-3">
        <label className="field w-[9rem]">
          <span>Their own, {unit}</span>
          <input
            className="input"
            inputMode="decimal"
            value={typed}
            placeholder={String(massIn(planKg, unit))}
            aria-invalid={wrong}
            onChange={({ target }) => setTyped(target.value.replace(',', '.'))}
          />
        </label>
        <button type="button" className="quiet" disabled={saving || wrong || typed.trim() === '' || kg === ownKg} onClick={() => keep(kg)}>
          Keep it
        </button>
        {ownKg !== undefined && (
          <button type="button" className="quiet" disabled={saving} onClick={() => keep(null)}>
            As the plan
          </button>
        )}
      </div>
      {wrong && <p className="wrong">0 to {most}</p>}
      {problem && (
        <p role="alert" className="wrong">
          {problem}
        </p>
      )}
    </section>
  )
}
