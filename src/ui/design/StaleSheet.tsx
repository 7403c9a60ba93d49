'use client'
import { itemsOf, type PlanDraft } from '@/core/plan'
import { Sheet } from '../shell/Sheet'

function Version({ title, plan, action, onTake }: { title: string; plan: PlanDraft; action: string; onTake: () => void }) {
  return (
    <section className="flex-1">
      <h3>{title}</h3>
      <p className="text-soft">
        {plan.title}, {plan.promisedMinutes} min
      </p>
      <ol className="my-3 list-decimal pl-6">
        {itemsOf(plan).map(({ item }) => (
          <li key={item.id}>
            {item.variant ?? item.described?.name}
            {item.dose && <span className="text-soft"> (own dose)</span>}
          </li>
        ))}
      </ol>
      <button type="button" className="action" onClick={onTake}>
        {action}
      </button>
    </section>
  )
}

/** Two versions of one plan side by side. Nothing is lost until one is chosen; the one that is not can be brought back with undo there. */
export function StaleSheet({ mine, theirs, onMine, onTheirs }: { mine: PlanDraft; theirs: PlanDraft; onMine: () => void; onTheirs: () => void }) {
  return (
    <Sheet open onClose={() => {}} title="This plan was changed in another window" wide>
      <p className="mb-4">Your last change was not saved over it. Look at both and choose which goes on.</p>
      <div className="flex flex-wrap gap-8">
        <Version title="Yours, here" plan={mine} action="Keep mine" onTake={onMine} />
        <Version title="The other window" plan={theirs} action="Take the other" onTake={onTheirs} />
      </div>
    </Sheet>
  )
}
