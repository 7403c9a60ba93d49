'use client'
import { answerProgress } from '@/server/actions/people'
import { useTap } from '../shell/useTap'

/** A step that can be taken, with what it is in words. */
export interface OfferedStep {
  movement: string
  kg?: number
  variant?: string
  /** "Sit to stand" */
  name: string
  words: string
}
interface Props {
  clientId: string
  last: string
  verdict: 'up' | 'down'
  /** going up one of them is chosen, going down all are meant */
  steps: readonly OfferedStep[]
}

/** Nothing moves without this tap: a step is taken, or not yet; the answer is kept until the movements are done again. */
export function ProgressAnswer({ clientId, last, verdict, steps }: Props) {
  const { busy: saving, message, tap } = useTap()
  const say = (answer: 'taken' | 'not-yet', some: readonly OfferedStep[]) =>
    tap(() => answerProgress({ clientId, last, verdict, answer, steps: some.map(({ name: _name, words: _words, ...step }) => step) }))
  const button = 'quiet min-h-11 shrink-0'
  const lines = (
    <ul>
      {steps.map((step) => (
        <li key={step.movement} className="flex flex-wrap items-center justify-between gap-x-4 border-t border-line py-0.5 lg:flex-nowrap">
          <span>
            <b>{step.name}</b>: {step.words}
          </span>
          {verdict === 'up' && (
            <button type="button" className={button} disabled={saving} aria-label={`${step.name}: this one`} onClick={() => say('taken', [step])}>
              This one
            </button>
          )}
        </li>
      ))}
    </ul>
  )
  return (
    <>
      {verdict === 'up' ? (
        <>
          <p className="text-soft">One thing at a time. Which?</p>
          {lines}
        </>
      ) : (
        <details>
          <summary className="min-h-11 cursor-pointer py-2">A step less of each: {steps.length}</summary>
          {lines}
        </details>
      )}
      <div className="mt-1 flex flex-wrap items-center gap-2">
        {verdict === 'down' && (
          <button type="button" className={`${button} border-plum`} disabled={saving} onClick={() => say('taken', steps)}>
            I will do so
          </button>
        )}
        <button type="button" className={button} disabled={saving} onClick={() => say('not-yet', steps)}>
          Not yet
        </button>
        <span role="status" className="wrong">
          {message}
        </span>
      </div>
    </>
  )
}
