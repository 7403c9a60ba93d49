'use client'
import { standInFor } from '@/content/kit/standIns'
import { MUSCLE_WORDS } from '@/content/muscleWords'
import type { ClassModel } from '@/core/evaluate'
import type { Edit, PlanDraft } from '@/core/plan'
import { clock } from '@/core/timing'
import { sayMass } from '@/core/vocabulary'
import { MarkLegend } from '../fit/Mark'
import { useMassUnit } from '../shell/mass'
import { EVERYDAY_WORDS, hintMend, hintWords, QUALITY_WORDS } from './coverageWords'
import { EffortForecastView } from './EffortForecastView'
import { kitListWords } from './kitListWords'
import { itemNames } from './planNames'
import { QualityOffer } from './QualityOffer'
import { RehearsalView } from './RehearsalView'
import type { useDesk } from './useDesk'

/** Lengths beside each other, the longest as wide as there is room. */
function Bars({ label, rows }: { label: string; rows: { name: string; size: number; says: string }[] }) {
  const most = Math.max(1, ...rows.map(({ size }) => size))
  return (
    <section aria-label={label}>
      <h3 className="mb-1">{label}</h3>
      <dl className="grid grid-cols-[9.4rem_1fr_auto] items-center gap-x-2 text-[0.94rem]">
        {rows.map(({ name, size, says }) => (
          <div key={name} className="contents">
            <dt className={`truncate ${size === 0 ? 'text-soft' : ''}`}>{name}</dt>
            <dd aria-hidden="true" className="h-3">
              <span className="block h-full bg-plum" style={{ width: `${(size / most) * 100}%` }} />
            </dd>
            <dd className="text-right text-soft">{says}</dd>
          </div>
        ))}
      </dl>
    </section>
  )
}

const moves = (have: number, fewest: number, what: string, unit: string): string =>
  `${have} ${have === 1 ? unit : `${unit}s`} of ${what}${have > fewest ? `, ${fewest} at the fewest` : ''}`

/** The class as a whole: what is worth a look, what it trains, how people and kit move. */
export function OverviewPanel({
  plan,
  model,
  ask,
  onEdit,
  children,
}: {
  plan: PlanDraft
  model: ClassModel
  ask: ReturnType<typeof useDesk>
  onEdit: (edit: Edit) => void
  children: React.ReactNode
}) {
  const { coverage } = model
  const unit = useMassUnit()
  const nameOf = itemNames(model)
  const weights = model.kit.find(({ kit }) => kit === 'dumbbell')?.loads ?? []
  const standIns = weights.flatMap(({ kg }) => (standInFor(kg) ? [`${sayMass(kg, unit)} is ${standInFor(kg)}`] : []))
  const worked = coverage.muscles.filter(({ sets }) => sets > 0).toSorted((a, b) => b.sets - a.sets)
  const resting = coverage.muscles.filter(({ sets }) => sets === 0)
  return (
    <div className="flex flex-col gap-4">
      {children}
      {coverage.hints.length > 0 && (
        <ul className="flex flex-col gap-2" aria-label="Worth a look">
          {coverage.hints.map((hint, index) => {
            const mend = hintMend(hint, model, nameOf)
            return (
              <li key={index} className="border-l-4 border-line pl-2 leading-snug">
                {hintWords(hint, nameOf)}{' '}
                {hint.code === 'nothing-for' && <QualityOffer quality={hint.quality} model={model} ask={ask} onEdit={onEdit} />}
                {mend && (
                  <button type="button" className="link" onClick={() => onEdit(mend.edit)}>
                    {mend.words}
                  </button>
                )}
              </li>
            )
          })}
        </ul>
      )}
      <EffortForecastView model={model} nameOf={nameOf} />
      <RehearsalView plan={plan} model={model} ask={ask} nameOf={nameOf} />
      {model.items.length > 0 && (
        <>
          <Bars
            label="What it is for"
            rows={coverage.qualities.map(({ quality, seconds }) => ({ name: QUALITY_WORDS[quality], size: seconds, says: clock(seconds) }))}
          />
          <Bars
            label="What it works, in sets"
            rows={worked.map(({ muscle, sets }) => ({ name: MUSCLE_WORDS[muscle], size: sets, says: String(Math.round(sets * 2) / 2) }))}
          />
          {resting.length > 0 && (
            <p className="text-[0.94rem] text-soft">Not at all: {resting.map(({ muscle }) => MUSCLE_WORDS[muscle]).join(', ')}.</p>
          )}
          <p className="text-[0.94rem] text-soft">
            In everyday life: {coverage.everyday.map(({ serves }) => EVERYDAY_WORDS[serves]).join(', ')}. {coverage.repetitions} repetitions,{' '}
            {moves(coverage.positionChanges, coverage.fewestPositionChanges, 'position', 'change')},{' '}
            {moves(coverage.kitMoves, coverage.fewestKitMoves, 'kit', 'change')}.
          </p>
        </>
      )}
      {model.kit.length > 0 && (
        <section aria-label="Kit to set out">
          <h3>Kit to set out</h3>
          <ul className="text-[0.94rem]">
            {model.kit.map((need) => (
              <li key={need.kit}>{kitListWords(need, nameOf, unit)}</li>
            ))}
          </ul>
          {standIns.length > 0 && <p className="text-[0.94rem] text-soft">Without weights: {standIns.join('; ')}.</p>}
        </section>
      )}
      <MarkLegend />
      <p className="text-[0.94rem] text-soft">
        Keys in the plan: arrows, Enter for why, <kbd>[</kbd> gentler, <kbd>]</kbd> harder, <kbd>d</kbd> dose, <kbd>/</kbd> add, Alt with an arrow
        moves, Delete takes out.
      </p>
    </div>
  )
}
