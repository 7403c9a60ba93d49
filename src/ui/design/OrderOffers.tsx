import type { ClassModel } from '@/core/evaluate'
import type { Edit } from '@/core/plan'
import { clock } from '@/core/timing'
import { useAskedFor } from './useAskedFor'
import type { useDesk } from './useDesk'

/** More changes of kit or position than the same movements need: orders with fewer, asked for by a press, each one step that can be taken back. */
export function OrderOffers({ model, ask, onEdit }: { model: ClassModel; ask: ReturnType<typeof useDesk>; onEdit: (edit: Edit) => void }) {
  const { found: offers, askFor } = useAskedFor(model, () => ask('order', null))
  const { kitMoves, fewestKitMoves, positionChanges, fewestPositionChanges } = model.coverage
  if (kitMoves <= fewestKitMoves && positionChanges <= fewestPositionChanges) return null
  return (
    <section aria-label="Order" className="text-[0.94rem]">
      {!offers && (
        <button type="button" className="link" onClick={askFor}>
          An order with fewer changes
        </button>
      )}
      {offers?.length === 0 && <p className="text-soft">None that suits everybody as well as this one and keeps the blocks as they are.</p>}
      <ul className="flex flex-col gap-1">
        {offers?.map(({ kind, edit, from, to, seconds }) => (
          <li key={kind}>
            {kind === 'kit' ? 'The same kit together' : 'The same position together'}: {to} changes of {kind === 'kit' ? 'kit' : 'position'} for{' '}
            {from}.{' '}
            <button type="button" className="link" onClick={() => onEdit(edit)}>
              Do that, {clock(seconds)}
            </button>
          </li>
        ))}
      </ul>
    </section>
  )
}
