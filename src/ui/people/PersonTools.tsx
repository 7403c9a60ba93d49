'use client'
import { useRouter } from 'next/navigation'
import { Dialog } from 'radix-ui'
import { useState, useTransition } from 'react'
import { erasePerson, withdrawConsent } from '@/server/actions/people'
import { forgetHistories } from '../design/planHistory'
import { answered, refusalWords } from '../shell/answered'

interface Letter {
  id: string
  condition: string
  name: string
  bytes: number
}

/** What goes with a record: screening, scanned letters, all that is held, and erasing for good. */
export function PersonTools({
  id,
  given,
  letters,
  conditions,
  agreed,
}: {
  id: string
  given: string
  letters: Letter[]
  conditions: { slug: string; name: string }[]
  /** data on health may be kept, or nobody has asked yet */
  agreed: boolean
}) {
  const router = useRouter()
  const [condition, setCondition] = useState(conditions[0]?.slug ?? 'general')
  const [message, setMessage] = useState('')
  const [typed, setTyped] = useState('')
  const [busy, start] = useTransition()
  const send = async (file: File | undefined) => {
    if (!file) return
    const body = new FormData()
    body.set('file', file)
    body.set('condition', condition)
    const response = await fetch(`/api/people/${id}/letters`, { method: 'POST', body }).catch(() => undefined)
    if (response?.ok) {
      setMessage('Kept')
      router.refresh()
    } else {
      const answer = (await response?.json().catch(() => undefined)) as { problems?: { message: string }[] } | undefined
      setMessage(answer?.problems?.map((problem) => problem.message).join('; ') ?? 'Not kept: the server did not answer.')
    }
  }
  const erase = () =>
    start(async () => {
      const outcome = await answered(erasePerson({ id }))
      if (outcome.ok) {
        forgetHistories()
        router.push('/people')
      } else setMessage(`Not erased. ${refusalWords(outcome)}`)
    })
  const withdraw = () =>
    start(async () => {
      const outcome = await answered(withdrawConsent({ id }))
      // what the form holds is of before
      if (outcome.ok) window.location.reload()
      else setMessage(`Nothing was erased. ${refusalWords(outcome)}`)
    })
  return (
    <aside className="flex flex-col gap-4">
      <h2>With this record</h2>
      <div>
        <p className="label">Letters of clearance</p>
        <ul>
          {letters.map((letter) => (
            <li key={letter.id}>
              <a href={`/api/letters/${letter.id}`} target="_blank" rel="noreferrer">
                {letter.name}
              </a>{' '}
              <span className="text-soft">
                {conditions.find(({ slug }) => slug === letter.condition)?.name ?? letter.condition}, {Math.max(1, Math.round(letter.bytes / 1024))}{' '}
                kB
              </span>
            </li>
          ))}
        </ul>
        <label className="field mt-2">
          <span>For</span>
          <select className="input" value={condition} onChange={(event) => setCondition(event.target.value)}>
            {[...conditions, { slug: 'general', name: 'taking part at all' }].map(({ slug, name }) => (
              <option key={slug} value={slug}>
                {name}
              </option>
            ))}
          </select>
        </label>
        <label className="field mt-2">
          <span>Add a scan: PDF, PNG or JPEG, 5 MB at most</span>
          <input
            className="input"
            type="file"
            accept="application/pdf,image/png,image/jpeg"
            onChange={(event) => void send(event.target.files?.[0])}
          />
        </label>
        <p role="status" className="text-soft">
          {message}
        </p>
      </div>
      <a href={`/api/people/${id}/export`} className="quiet" download>
        All that is held on {given}
      </a>
      {agreed && (
        <Dialog.Root>
          <Dialog.Trigger className="quiet">{given} no longer agrees to this</Dialog.Trigger>
          <Dialog.Portal>
            <Dialog.Overlay className="fixed inset-0 z-30 bg-ink/25" />
            <Dialog.Content className="fixed top-1/4 left-1/2 z-40 w-[min(32rem,92vw)] -translate-x-1/2 border-l-4 border-effort bg-sheet p-6">
              <Dialog.Title className="text-[1.4rem]">Erase what is kept on {given}’s health?</Dialog.Title>
              <Dialog.Description className="mt-2">
                Conditions, medicines, forms, letters, readings, pain and effort, what was done, and your own word go at once and cannot be brought
                back. {given} leaves every class and can come again once there is a new agreement. Name, contact and the days on which {given} came
                stay.
              </Dialog.Description>
              <div className="mt-4 flex gap-3">
                <Dialog.Close className="action" disabled={busy} onClick={withdraw}>
                  Erase the health data
                </Dialog.Close>
                <Dialog.Close className="quiet">Keep</Dialog.Close>
              </div>
            </Dialog.Content>
          </Dialog.Portal>
        </Dialog.Root>
      )}
      <Dialog.Root>
        <Dialog.Trigger className="quiet">Erase {given} completely</Dialog.Trigger>
        <Dialog.Portal>
          <Dialog.Overlay className="fixed inset-0 z-30 bg-ink/25" />
          <Dialog.Content className="fixed top-1/4 left-1/2 z-40 w-[min(32rem,92vw)] -translate-x-1/2 border-l-4 border-effort bg-sheet p-6">
            <Dialog.Title className="text-[1.4rem]">Erase {given}?</Dialog.Title>
            <Dialog.Description className="mt-2">
              The record, screenings, letters, roster places, attendance and log go for good and cannot be brought back. Of past sessions nothing
              remains of this person: numbers who came are lower by one from then on.
            </Dialog.Description>
            <label className="field mt-3">
              <span>Type the first name to go on</span>
              <input className="input" value={typed} onChange={(event) => setTyped(event.target.value)} />
            </label>
            <div className="mt-4 flex gap-3">
              <button type="button" className="action" disabled={busy || typed.trim() !== given} onClick={erase}>
                Erase for good
              </button>
              <Dialog.Close className="quiet">Keep</Dialog.Close>
            </div>
          </Dialog.Content>
        </Dialog.Portal>
      </Dialog.Root>
    </aside>
  )
}
