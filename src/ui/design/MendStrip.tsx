import type { ClassModel, Since } from '@/core/evaluate'
import type { Edit } from '@/core/plan'
import { clock } from '@/core/timing'
import { warningWords } from '../fit/warningWords'
import { useMassUnit } from '../shell/mass'
import { mendingWords, troublesTitle, troubleWords } from './mendWords'
import { itemNames } from './planNames'
import { useAskedFor } from './useAskedFor'
import type { useDesk } from './useDesk'

interface Props {
  model: ClassModel
  /** what of people is newer than the plan */
  since: Readonly<Record<string, Since>>
  ask: ReturnType<typeof useDesk>
  onEdit: (edit: Edit) => void
}

/** What of the class does not go with its people, its room or its leader, and the least change that mends it: one step that can be taken back. */
export function MendStrip({ model, since, ask, onEdit }: Props) {
  const unit = useMassUnit()
  const { found, busy, askFor } = useAskedFor(model, () => ask('mend', null))
  const { troubles } = model
  const nameOf = itemNames(model)
  return (
    <section aria-label="What does not fit" className="max-h-44 shrink-0 overflow-y-auto border-l-4 border-effort bg-sheet px-3 py-1.5 leading-snug">
      <p>
        <b>{troublesTitle(troubles, since)}:</b> {troubles.map((trouble) => troubleWords(trouble, nameOf, since)).join(' ')}{' '}
        {!found && (
          <button type="button" className="link" disabled={busy} onClick={askFor}>
            {busy ? 'Looking…' : 'The least change that mends it'}
          </button>
        )}
      </p>
      {found && (
        <div className="mt-1 flex flex-wrap items-baseline gap-x-5 gap-y-1">
          {found.mended.length === 0 ? (
            <p className="text-soft">
              No small change of the plan does. Whoever has nothing there rests and breathes; other versions stand under each cell.
            </p>
          ) : (
            <>
              <ul aria-label="What would be other">
                {found.mended.map(({ item, does }) => (
                  <li key={item}>{mendingWords(does, nameOf(item), found.names)}.</li>
                ))}
              </ul>
              <p className="text-soft">
                {found.kept} of {found.of} stay as they are; {clock(found.seconds)} in all.
              </p>
              <button type="button" className="link" onClick={() => onEdit(found.edit)}>
                Change the plan so
              </button>
            </>
          )}
          {found.mended.length > 0 && found.left.length > 0 && (
            <p className="basis-full">Still: {found.left.map((trouble) => troubleWords(trouble, nameOf, {})).join(' ')}</p>
          )}
          {found.warnings.length > 0 && (
            <p className="basis-full">Then: {found.warnings.map((warning) => warningWords(warning, nameOf, unit)).join(' ')}</p>
          )}
        </div>
      )}
    </section>
  )
}
