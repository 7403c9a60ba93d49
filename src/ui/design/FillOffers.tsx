import type { ClassModel } from '@/core/evaluate'
import type { Edit } from '@/core/plan'
import { clock } from '@/core/timing'
import { list } from '../shell/list'
import { useAskedFor } from './useAskedFor'
import type { useDesk } from './useDesk'

/** A class that is shorter than it promises: ways to fill it, asked for by a press, each one step that can be taken back. */
export function FillOffers({ model, ask, onEdit }: { model: ClassModel; ask: ReturnType<typeof useDesk>; onEdit: (edit: Edit) => void }) {
  const { found: offers, askFor } = useAskedFor(model, () => ask('fill', null))
  const { toFillSeconds } = model
  if (toFillSeconds === 0 || model.items.length === 0) return null
  return (
    <section aria-label="Time to fill" className="border-l-4 border-plum pl-2">
      <p>
        <b>{clock(toFillSeconds)}</b> of the promise are free.{' '}
        {!offers && (
          <button type="button" className="link" onClick={askFor}>
            Ways to fill it
          </button>
        )}
      </p>
      {offers?.length === 0 && <p className="text-soft">Nothing that suits everybody here and is short enough. Add by hand, or promise less.</p>}
      <ul className="flex flex-col gap-2">
        {offers?.map(({ kind, edit, names, seconds }) => (
          <li key={kind} className="leading-snug">
            {kind === 'movements' ? `At the end of the main part: ${list(names)}.` : `One set more of ${list(names)}.`}{' '}
            <button type="button" className="link" onClick={() => onEdit(edit)}>
              {kind === 'movements' ? 'Add them' : 'Do that'}, {clock(seconds)}
            </button>
          </li>
        ))}
      </ul>
    </section>
  )
}
