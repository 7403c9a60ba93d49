'use client'
import { useRouter } from 'next/navigation'
import { useEffect, useRef, useState, useTransition } from 'react'
import { FORM } from '@/content/screening/form'
import type { About, Answer, ScreeningQuestion } from '@/core/client/form'
import { numbersOf, type Settings } from '@/core/vocabulary'
import { keepScreening } from '@/server/actions/screening'
import { useLeaveGuard } from '../shell/useLeaveGuard'
import { FollowUps } from './FollowUps'
import { HelpNow } from './HelpNow'
import { interrupting, useHealthForm } from './useHealthForm'

interface Props {
  clientId: string
  given: string
  about: About
  settings: Settings
}

/** The way through the form as a stair: every question a tread. */
function Progress({ at, of }: { at: number; of: number }) {
  const height = 26
  const tread = (index: number) => height - 3 - ((height - 8) * index) / Math.max(1, of - 1)
  const points = Array.from({ length: of }, (_, index) => `${index} ${tread(index)} ${index + 1} ${tread(index)}`).join(' ')
  const done = Array.from({ length: at }, (_, index) => `${index} ${tread(index)} ${index + 1} ${tread(index)}`).join(' ')
  return (
    <svg viewBox={`0 0 ${of} ${height}`} preserveAspectRatio="none" className="h-7 w-full" aria-hidden="true">
      <polyline points={points} fill="none" stroke="var(--line)" strokeWidth="3" vectorEffect="non-scaling-stroke" />
      {at > 0 && <polyline points={done} fill="none" stroke="var(--plum)" strokeWidth="4" vectorEffect="non-scaling-stroke" />}
    </svg>
  )
}

/** One question on a page, large enough for a thumb. What is left out opens nothing and sets nothing; an emergency answer interrupts at once. */
export function ScreeningForm({ clientId, given, about, settings }: Props) {
  const router = useRouter()
  const form = useHealthForm(about)
  const [place, setPlace] = useState<'class' | 'elsewhere'>()
  const [message, setMessage] = useState('')
  const [asksHelp, setAsksHelp] = useState(false)
  const [saving, start] = useTransition()
  const heading = useRef<HTMLHeadingElement>(null)
  const { question, answer, due, at, answers } = form
  // answers that are not kept are asked about before one leaves; private ones are kept nowhere and leave with the page
  useLeaveGuard(Object.keys(answers).length > 0 && message !== 'kept')
  const interrupted = interrupting(question, answer)
  const finished = place !== undefined && question === undefined
  // biome-ignore lint/correctness/useExhaustiveDependencies: every question is read from its top
  useEffect(() => heading.current?.focus(), [question?.id])

  const save = () =>
    start(async () => {
      try {
        const outcome = await keepScreening({ clientId, answers })
        if (outcome.ok) setMessage('kept')
        else setMessage(outcome.kind === 'invalid' ? outcome.problems.map((problem) => problem.message).join('; ') : 'This person is gone.')
      } catch {
        setMessage('Not kept: the server did not answer. Your answers are still here; try again.')
      }
    })
  const isPrivate = FORM.sections.some(({ id, private: hidden }) => hidden && id === question?.section)
  // an urgent answer is kept at once; a private one nowhere
  // biome-ignore lint/correctness/useExhaustiveDependencies: once for the answer that interrupts
  useEffect(() => {
    if (interrupted && !isPrivate) save()
  }, [interrupted?.key])

  if (!place) {
    return (
      <section className="flex flex-col gap-5">
        <p className="text-[1.15rem]">
          In private and in your own time: one question a page. Leave out what you would rather not say; we are then careful for you. It takes four to
          eight minutes.
        </p>
        <p>Where are you filling this in?</p>
        <div className="flex flex-wrap gap-3">
          <button type="button" className="action min-h-14 px-6" onClick={() => setPlace('class')}>
            Here, at the class
          </button>
          <button type="button" className="quiet min-h-14" onClick={() => setPlace('elsewhere')}>
            At home or on the way
          </button>
        </div>
      </section>
    )
  }
  if (interrupted && question) {
    const kind = isPrivate ? 'harm' : FORM.sections.find(({ id }) => id === question.section)?.opensIn ? 'maternity' : 'body'
    return (
      <div className="flex flex-col gap-6">
        <HelpNow settings={settings} atClass={place === 'class'} kind={kind} />
        <p role="status" className="text-soft">
          {!isPrivate &&
            (saving ? 'Keeping your answer…' : message === 'kept' ? 'Your answer is kept; the leader sees it before the next class.' : message)}
        </p>
        <div className="flex flex-wrap gap-3">
          <button type="button" className="quiet" onClick={() => form.press(interrupted)}>
            I pressed that by mistake
          </button>
          <button type="button" className="quiet" onClick={() => router.push(`/people/${clientId}/screening`)}>
            Leave the form
          </button>
        </div>
      </div>
    )
  }
  if (finished) {
    const left = due.filter(
      ({ id, section }) => !FORM.sections.some((one) => one.private && one.id === section) && (answers[id]?.keys.length ?? 0) === 0,
    ).length
    return (
      <section className="flex flex-col gap-5">
        <h2 ref={heading} tabIndex={-1}>
          Thank you, {given}
        </h2>
        <p>
          {left === 0 ? 'Every question has its answer.' : `${left} left out: until they are answered you take part with care.`} The leader goes
          through it with you.
        </p>
        <div className="flex flex-wrap gap-3">
          {message === 'kept' ? (
            <button type="button" className="action min-h-12" onClick={() => router.push(`/people/${clientId}/screening`)}>
              To what it comes to
            </button>
          ) : (
            <button type="button" className="action min-h-12" disabled={saving} onClick={save}>
              Hand it in
            </button>
          )}
          <button type="button" className="quiet" onClick={form.back}>
            Back
          </button>
        </div>
        <p role="status" className={message === 'kept' ? 'text-soft' : 'wrong'}>
          {message === 'kept' ? 'Handed in.' : message}
        </p>
      </section>
    )
  }
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault()
        if (answer && answer.keys.length > 0) form.next()
      }}
      className="flex min-h-[28rem] flex-col gap-4"
    >
      <div>
        <Progress at={at} of={due.length} />
        <p className="text-soft">
          {question?.topic ? `${question.topic} · ` : ''}
          {at + 1} of about {due.length}
        </p>
      </div>
      {question && <Question question={question} answer={answer} form={form} heading={heading} />}
      <div className="sticky bottom-0 mt-auto flex flex-wrap items-center gap-3 bg-paper py-3">
        <button type="submit" className="action min-h-12 px-8" disabled={!answer || answer.keys.length === 0}>
          Next
        </button>
        <button type="button" className="quiet min-h-12" onClick={form.leaveOut}>
          Leave this out
        </button>
        {at > 0 && (
          <button type="button" className="quiet min-h-12" onClick={form.back}>
            Back
          </button>
        )}
        <button type="button" className="quiet ml-auto min-h-12" aria-expanded={asksHelp} onClick={() => setAsksHelp(!asksHelp)}>
          Help now
        </button>
      </div>
      {asksHelp && (
        <p>
          Emergency: <b>{numbersOf(settings).emergency}</b>. To talk to somebody, day or night: <b>{numbersOf(settings).crisis}</b>.
        </p>
      )}
    </form>
  )
}

function Question({
  question,
  answer,
  form,
  heading,
}: {
  question: ScreeningQuestion
  answer: Answer | undefined
  form: ReturnType<typeof useHealthForm>
  heading: React.RefObject<HTMLHeadingElement | null>
}) {
  const one = question.kind === 'one'
  return (
    <fieldset>
      <legend className="mb-3">
        <h2 ref={heading} tabIndex={-1} className="text-[1.55rem] outline-none">
          {question.ask}
        </h2>
        {question.kind === 'many' && !question.ask.startsWith('Tick') && <span className="text-soft">Tick every line that is true.</span>}
      </legend>
      {question.kind === 'text' ? (
        <>
          <textarea
            className="input min-h-28"
            maxLength={1000}
            aria-label={question.ask}
            value={answer?.text ?? ''}
            onChange={(event) => form.write(event.target.value)}
          />
          <button
            type="button"
            className="quiet mt-2"
            aria-pressed={answer !== undefined && answer.text === undefined}
            onClick={() => form.write('')}
          >
            {question.options.at(-1)?.say}
          </button>
        </>
      ) : (
        question.options.map((option) => {
          const on = answer?.keys.includes(option.key) ?? false
          return (
            <div key={option.key} className="border-t border-line">
              <label className={`flex min-h-12 cursor-pointer items-center gap-3 py-1 text-[1.05rem] ${on ? 'font-semibold' : ''}`}>
                <input
                  type={one ? 'radio' : 'checkbox'}
                  name={question.id}
                  className="size-6 shrink-0 accent-plum"
                  checked={on}
                  onChange={() => form.press(option)}
                />
                {option.say}
              </label>
              {on && option.next && (
                <FollowUps asks={option.next} value={answer?.follow?.[option.key] ?? {}} onChange={(change) => form.follow(option.key, change)} />
              )}
            </div>
          )
        })
      )}
    </fieldset>
  )
}
