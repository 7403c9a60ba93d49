'use client'
import type { PlanDose } from '@/core/plan'
import type { LadderView } from '@/workers/designerContract'
import { NumberField } from '../shell/NumberField'

type OwnSet = NonNullable<PlanDose['eachSet']>[number]

interface Props {
  dose: PlanDose
  /** the version of the item */
  variant: string
  steps: LadderView['steps']
  /** with levels no set has a version of its own */
  hasLevels: boolean
  onDose: (part: Partial<PlanDose>, unset?: readonly (keyof PlanDose)[]) => void
}

/** Sets that differ: how many in each, and plain first, harder second. */
export function OwnSets({ dose, variant, steps, hasLevels, onDose }: Props) {
  const { eachSet, sets } = dose
  if (!eachSet)
    return sets < 2 ? null : (
      <button type="button" className="quiet self-start !px-0" onClick={() => onDose({ eachSet: Array.from({ length: sets }, () => ({})) })}>
        Let the sets differ
      </button>
    )
  const change = (at: number, next: OwnSet) => onDose({ eachSet: eachSet.map((one, index) => (index === at ? next : one)) })
  const isOwn = (one: OwnSet) => one.variant === undefined || one.variant === variant
  return (
    <fieldset className="flex flex-col gap-2">
      <legend className="font-serif text-[1.1rem]">Sets that differ</legend>
      {eachSet.map((one, at) => {
        // one set at least is done as the row says
        const isLast = isOwn(one) && eachSet.filter(isOwn).length === 1
        return (
          <div key={at} className="flex items-end gap-3">
            <NumberField
              label={`Set ${at + 1}`}
              min={1}
              max={200}
              value={one.reps}
              otherwise={dose.reps === undefined ? '' : String(dose.reps)}
              onChange={(reps) => change(at, { ...one, reps })}
              onClear={() => {
                const { reps: _reps, ...rest } = one
                change(at, rest)
              }}
            />
            {!hasLevels && (
              <label className="field min-w-0 grow">
                <span>Version</span>
                <select
                  className="input"
                  value={isOwn(one) ? variant : one.variant}
                  disabled={isLast}
                  onChange={({ target: { value } }) => {
                    const { variant: _variant, ...rest } = one
                    change(at, value === variant ? rest : { ...rest, variant: value })
                  }}
                >
                  {steps.map(({ id, name }) => (
                    <option key={id} value={id}>
                      {name}
                    </option>
                  ))}
                </select>
              </label>
            )}
          </div>
        )
      })}
      <button type="button" className="quiet self-start !px-0" onClick={() => onDose({}, ['eachSet'])}>
        All sets alike
      </button>
    </fieldset>
  )
}
