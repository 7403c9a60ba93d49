'use client'
import { useRouter } from 'next/navigation'
import { useState, useTransition } from 'react'
import type { ScreeningQuestion } from '@/core/client/screening'
import { keepScreening } from '@/server/actions/screening'
import { SaveBar } from '../shell/SaveBar'

/** One question after the other, large enough for a thumb. A question may be skipped; it then counts as its cautious answer. */
export function ScreeningForm({ clientId, questions }: { clientId: string; questions: readonly ScreeningQuestion[] }) {
  const router = useRouter()
  const [answers, setAnswers] = useState<Record<string, string>>({})
  const [message, setMessage] = useState('')
  const [saving, start] = useTransition()
  const left = questions.filter(({ id }) => answers[id] === undefined).length
  const save = () =>
    start(async () => {
      try {
        const outcome = await keepScreening({ clientId, answers })
        if (outcome.ok) router.push(`/people/${clientId}/screening`)
        else setMessage(outcome.kind === 'invalid' ? outcome.problems.map((problem) => problem.message).join('; ') : 'This person is gone.')
      } catch {
        setMessage('Not kept: the server did not answer. Your answers are still here; try again.')
      }
    })
  return (
    <form onSubmit={(event) => event.preventDefault()} className="flex flex-col gap-6">
      <p className="text-soft">In private, in your own time. Leave out what you would rather not say; we are then careful for you.</p>
      {questions.map(({ id, text, options }) => (
        <fieldset key={id} className="border-t-2 border-line pt-3">
          <legend className="float-left mb-2 w-full font-serif text-[1.15rem]">{text}</legend>
          <div className="clear-both flex flex-col">
            {options.map((option) => (
              <label key={option.value} className="flex min-h-12 items-center gap-3 text-[1.05rem]">
                <input
                  type="radio"
                  name={id}
                  className="size-6 accent-plum"
                  checked={answers[id] === option.value}
                  onChange={() => setAnswers((now) => ({ ...now, [id]: option.value }))}
                />
                {option.text}
              </label>
            ))}
          </div>
        </fieldset>
      ))}
      <SaveBar label="Keep the answers" saving={saving} onSave={save} message={message || (left > 0 ? `${left} not answered` : 'all answered')} />
    </form>
  )
}
