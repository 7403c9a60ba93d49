import type { ClassModel, PlanWarning } from '@/core/evaluate'
import type { Edit, PlanDraft } from '@/core/plan'
import { ownRestWords } from '../fit/ownRestWords'
import { warningWords } from '../fit/warningWords'
import { grouped } from '../shell/list'
import { useMassUnit } from '../shell/mass'
import { itemNames } from './planNames'

interface Props {
  plan: PlanDraft
  model: ClassModel
  failed: boolean
  refusal: string | undefined
  /** a session of this class has begun and a change was made since */
  begun: boolean
  /** another window changed the plan as well */
  joined: boolean
  onAgain: () => void
  onEdit: (edit: Edit) => void
}

/** The edit that takes out the sets which a class that runs over would lose. */
export function takeSets(warning: Extract<PlanWarning, { code: 'overruns' }>, model: ClassModel): Edit {
  const sets = new Map(warning.takes.map(({ item, sets }) => [item, sets]))
  return {
    kind: 'together',
    edits: model.items.flatMap(({ id, planDose }): Edit[] => {
      const less = sets.get(id)
      if (less === undefined) return []
      const left = planDose.sets - less
      return [
        { kind: 'set-dose', item: id, dose: { ...planDose, sets: left, ...(planDose.eachSet && { eachSet: planDose.eachSet.slice(0, left) }) } },
      ]
    }),
  }
}

/** What the class as a whole needs to be told: whose day it is not, whose questions are open, who rests more, what the plan lacks. */
export function ClassNotices({ plan, model, failed, refusal, begun, joined, onAgain, onEdit }: Props) {
  const unit = useMassUnit()
  const closed = model.people.filter((person) => person.closed)
  const limited = model.people.filter((person) => !person.closed && person.limited.length + person.unlisted.length > 0)
  const resting = model.people.filter((person) => !person.closed && person.ownRests.length > 0)
  const nameOf = itemNames(model)
  return (
    <>
      {failed && (
        <p role="alert" className="border-l-4 border-effort pl-3">
          These verdicts and times are of the plan before your last change: it could not be judged.{' '}
          <button type="button" className="quiet" onClick={onAgain}>
            Judge it again
          </button>
        </p>
      )}
      {begun && (
        <p role="status" className="border-l-4 border-soft pl-3">
          A session of this class has begun. It goes on with the plan it began with; what you change now is for the next one.
        </p>
      )}
      {joined && (
        <p role="status" className="border-l-4 border-soft pl-3">
          Another window changed this plan as well. You touched different things, so both are kept.
        </p>
      )}
      {closed.length > 0 && (
        <ul className="flex flex-col gap-1" aria-label="Not today">
          {closed.map((person) => (
            <li key={person.id} className="border-l-4 border-effort pl-3">
              <b>{person.name}</b>, not today: {person.closed?.text}
            </li>
          ))}
        </ul>
      )}
      {limited.length > 0 && (
        <ul className="flex flex-col gap-1 text-soft" aria-label="Health questions open">
          {limited.map((person) => (
            <li key={person.id}>
              <b className="text-ink">{person.name}</b>:{' '}
              {[
                ...person.limited.map(({ text }) => text),
                ...person.unlisted.map((words) => `${words}: not in the rule base, so effort 4 at most and soft steps.`),
              ].join(' ')}
            </li>
          ))}
        </ul>
      )}
      {resting.length > 0 && (
        <ul className="flex flex-col gap-1 text-soft" aria-label="Rests of their own">
          {grouped(
            resting.map((person) => ({ name: person.name, words: `${person.ownRests.map((rest) => ownRestWords(rest, plan)).join('; ')}.` })),
          ).map(({ words, names }) => (
            <li key={words}>
              <b className="text-ink">{names.join(', ')}</b>: {words}
            </li>
          ))}
        </ul>
      )}
      {(model.warnings.length > 0 || refusal) && (
        <ul className="flex flex-col gap-1">
          {refusal && <li className="wrong">Not saved: {refusal}</li>}
          {model.warnings.map((warning, index) => (
            <li key={index} className="flex items-baseline gap-2 leading-snug">
              <span aria-hidden="true" className="text-effort">
                ◣
              </span>
              <span>
                {warningWords(warning, nameOf, unit)}{' '}
                {warning.code === 'overruns' && warning.takes.length > 0 && (
                  <button type="button" className="link" onClick={() => onEdit(takeSets(warning, model))}>
                    Take them out
                  </button>
                )}
              </span>
            </li>
          ))}
        </ul>
      )}
    </>
  )
}
