import { useState } from 'react'
import type { ClassModel } from '@/core/evaluate'
import { type Edit, type PlanDraft, PROMISED_MINUTES } from '@/core/plan'
import { clock } from '@/core/timing'
import { NumberField } from '../shell/NumberField'
import { fittingWords, moreOrLess, priceWords } from './mendWords'
import { blockName, itemNames } from './planNames'
import { useAskedFor } from './useAskedFor'
import type { useDesk } from './useDesk'

interface Props {
  plan: PlanDraft
  model: ClassModel
  ask: ReturnType<typeof useDesk>
  onEdit: (edit: Edit) => void
}

/** The class in another length: what is dropped, shortened or added, what each step gives, and what it costs. */
export function FitLength({ plan, model, ask, onEdit }: Props) {
  const [minutes, setMinutes] = useState(plan.promisedMinutes)
  const { found, busy, askFor } = useAskedFor(model, () => ask('fit', { minutes }))
  if (model.items.length === 0) return null
  const nameOf = itemNames(model)
  return (
    <section aria-label="Another length">
      <h3>Another length</h3>
      <form
        className="flex items-end gap-3"
        onSubmit={(event) => {
          event.preventDefault()
          askFor()
        }}
      >
        <NumberField label="Minutes" min={PROMISED_MINUTES.least} max={PROMISED_MINUTES.most} value={minutes} onChange={setMinutes} />
        <button type="submit" className="quiet" disabled={busy}>
          {busy ? 'Looking…' : 'Trim or stretch'}
        </button>
      </form>
      {found && found.steps.length === 0 && (
        <p className="text-soft">
          {found.isReached
            ? `It fits as it is: ${clock(found.seconds)}.`
            : 'Nothing that could be dropped or added leaves everybody as well off and keeps what warms up and brings down.'}
        </p>
      )}
      {found && found.steps.length > 0 && (
        <div className="mt-2 flex flex-col gap-1 text-[0.94rem]">
          <ul aria-label="Steps to it" className="grid grid-cols-[1fr_auto] gap-x-3">
            {found.steps.map(({ does, seconds }, index) => (
              <li key={index} className="contents">
                <span>{fittingWords(does, nameOf, (block) => blockName(plan, block), found.names)}</span>
                <span className="text-right text-soft">{moreOrLess(seconds)}</span>
              </li>
            ))}
          </ul>
          {priceWords(found).map((words) => (
            <p key={words} className="text-soft">
              {words}
            </p>
          ))}
          {!found.isReached && <p>This is the nearest that can be reached so.</p>}
          <button type="button" className="self-start link" onClick={() => onEdit(found.edit)}>
            Do that, {clock(found.seconds)}
          </button>
        </div>
      )}
    </section>
  )
}
