'use client'
import { useRouter } from 'next/navigation'
import { useRef, useState, useTransition } from 'react'
import { duplicateClass, removeClass } from '@/server/actions/classes'
import { answered, refusalWords } from '../shell/answered'
import { Check } from '../shell/Check'

/** A copy of the class, and taking it off the desk. */
export function ClassTools({ id, title, people }: { id: string; title: string; people: number }) {
  const router = useRouter()
  const [copyTitle, setCopyTitle] = useState(`${title}, copy`)
  const [withPeople, setWithPeople] = useState(true)
  const [handsOn, setHandsOn] = useState(false)
  const [message, setMessage] = useState('')
  const [busy, start] = useTransition()
  // one copy however often a lost answer is asked for again
  const key = useRef(crypto.randomUUID())
  const copy = () =>
    start(async () => {
      const outcome = await answered(duplicateClass({ key: key.current, id, title: copyTitle, withPeople }))
      if (outcome.ok) router.push(`/classes/${outcome.id}`)
      else setMessage(refusalWords(outcome))
    })
  const remove = () =>
    start(async () => {
      const outcome = await answered(removeClass({ id }))
      if (outcome.ok) router.push('/')
      else setMessage(refusalWords(outcome))
    })
  return (
    <>
      <fieldset className="border-t-2 border-line pt-3">
        <legend className="float-left w-full font-serif text-[1.1rem]">A copy of this class</legend>
        <label className="field clear-both">
          <span>Title of the copy</span>
          <input className="input" value={copyTitle} maxLength={120} onChange={(event) => setCopyTitle(event.target.value)} />
        </label>
        <Check checked={withPeople} onChange={setWithPeople}>
          with its {people} {people === 1 ? 'person' : 'people'}
        </Check>
        <button type="button" className="quiet" disabled={busy || copyTitle.trim() === ''} onClick={copy}>
          Make the copy
        </button>
      </fieldset>
      <fieldset className="border-t-2 border-line pt-3">
        <legend className="float-left w-full font-serif text-[1.1rem]">As a file</legend>
        <p className="clear-both text-soft">The plan with all its doses, without people. New class opens it again, on this device or another.</p>
        <a className="quiet" href={`/api/classes/${id}/file`} download>
          Save a class file
        </a>
        {people > 0 && (
          <>
            <Check checked={handsOn} onChange={setHandsOn}>
              a colleague takes it over, and its people agreed that what is known of their health goes along
            </Check>
            {handsOn && (
              <>
                <p className="text-soft">Health data: from hand to hand or encrypted, never as a plain letter or mail.</p>
                <a className="quiet" href={`/api/classes/${id}/people`} download>
                  Save its people as a file
                </a>
              </>
            )}
          </>
        )}
      </fieldset>
      <fieldset className="border-t-2 border-line pt-3">
        <legend className="float-left w-full font-serif text-[1.1rem]">Take it off the desk</legend>
        <p className="clear-both text-soft">What was led stays in the log. You can put the class back from the foot of Today.</p>
        <button type="button" className="quiet" disabled={busy} onClick={remove}>
          Remove this class
        </button>
      </fieldset>
      <p role="status" className="wrong">
        {message}
      </p>
    </>
  )
}
