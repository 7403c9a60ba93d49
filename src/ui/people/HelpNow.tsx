import { HARM_STEPS } from '@/content/screening/stopSigns'
import { numbersOf, type Settings } from '@/core/vocabulary'

/** A number to press and ring where it is one; else the words for it. */
function Ring({ number }: { number: string }) {
  return /^[+\d][\d ()-]*$/.test(number) ? (
    <a href={`tel:${number.replace(/[^+\d]/g, '')}`} className="action min-h-14 px-6 text-[1.4rem]">
      Ring {number}
    </a>
  ) : (
    <b className="text-[1.3rem]">{number}</b>
  )
}

interface Props {
  settings: Settings
  /** filled in at the class, where the leader can be called */
  atClass: boolean
  kind: 'body' | 'maternity' | 'harm'
}

/** What to do now, in place of the next question (rule base 4.0, 4.5, 4.6). */
export function HelpNow({ settings, atClass, kind }: Props) {
  const { emergency, maternity, crisis } = numbersOf(settings)
  const harm = kind === 'harm'
  return (
    <section role="alert" className="flex flex-col gap-5 border-l-8 border-effort pl-5">
      <h2 className="text-[1.8rem]">{harm ? 'You are not alone with this' : 'This needs help now'}</h2>
      {atClass ? (
        <p className="text-[1.2rem]">
          {harm
            ? 'Please stay with the person who gave you this form. You do not have to find the right words.'
            : 'Sit down here and call the leader. The rest of the questions can wait.'}
        </p>
      ) : (
        <p className="text-[1.2rem]">
          <b>Nobody is reading this now.</b>{' '}
          {harm ? 'Who can be with you now? Please ask them to come, and ring.' : 'Please ring now, and tell somebody who is near you.'}
        </p>
      )}
      <div className="flex flex-wrap items-center gap-4">
        <Ring number={emergency} />
        {kind === 'maternity' && <Ring number={maternity} />}
        {harm && <Ring number={crisis} />}
      </div>
      {harm && atClass && <p className="text-soft">{HARM_STEPS[0]}</p>}
      <p className="text-soft">The other questions are asked another day. Your place in the class stays.</p>
    </section>
  )
}
