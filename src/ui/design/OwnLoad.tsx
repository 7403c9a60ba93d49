'use client'
import { useRouter } from 'next/navigation'
import { useState, useTransition } from 'react'
import { keepOwnLoad } from '@/server/actions/people'
import type { Explanation } from '@/workers/designerContract'
import { answered, refusalWords } from '../shell/answered'

/** What somebody lifts in this movement beside what the plan says, in every class from now on; and the band that gives it at their height. */
export function OwnLoad({ person, personId, load }: { person: string; personId: string; load: NonNullable<Explanation['load']> }) {
  const router = useRouter()
  const { movement, planKg, ownKg, band } = load
  const [typed, setTyped] = useState(ownKg === undefined ? '' : String(ownKg))
  const [problem, setProblem] = useState('')
  const [saving, start] = useTransition()
  const kg = Number(typed)
  const wrong = typed.trim() !== '' && (Number.isNaN(kg) || kg < 0 || kg > 60)
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
        The plan says {planKg > 0 ? `${planKg} kg` : 'none'}
        {ownKg === undefined ? '.' : `; ${person} lifts ${ownKg} kg in this movement, in every class.`}
        {band &&
          ` Band: ${band.name}, ${band.gripCm} cm between the grips${band.doubled ? ', doubled' : ''}${band.heightKnown ? '' : ', for somebody of 165 cm: their height is not on file'}.`}
      </p>
      <div className="flex items-end gap-3">
        <label className="field w-[9rem]">
          <span>Their own, kg</span>
          <input
            className="input"
            inputMode="decimal"
            value={typed}
            placeholder={String(planKg)}
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
      {wrong && <p className="wrong">0 to 60</p>}
      {problem && (
        <p role="alert" className="wrong">
          {problem}
        </p>
      )}
    </section>
  )
}
