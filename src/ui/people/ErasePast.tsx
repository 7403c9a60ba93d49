'use client'
import Link from 'next/link'
import { useRouter } from 'next/navigation'
import { useState, useTransition } from 'react'
import { erasePast } from '@/server/actions/people'
import { answered, refusalWords } from '../shell/answered'

/** People who came last before the day from which data are kept, to be erased at once when that was asked twice. */
export function ErasePast({ since, people }: { since: string; people: { id: string; name: string; last: string }[] }) {
  const router = useRouter()
  const [asked, setAsked] = useState(false)
  const [message, setMessage] = useState('')
  const [busy, start] = useTransition()
  const erase = () =>
    start(async () => {
      const outcome = await answered(erasePast({ ids: people.map(({ id }) => id) }))
      setAsked(false)
      setMessage(outcome.ok ? `${outcome.erased} erased, with everything that was kept on them.` : `Nothing was erased. ${refusalWords(outcome)}`)
      router.refresh()
    })
  return (
    <>
      {people.length === 0 && <p className="text-soft">Everybody came, or was registered, since {since}.</p>}
      <ul className="max-w-[760px]">
        {people.map(({ id, name, last }) => (
          <li key={id} className="grid gap-x-4 border-t border-line py-2 sm:grid-cols-[12rem_1fr]">
            <span>{last}</span>
            <Link href={`/people/${id}`} className="font-semibold no-underline hover:underline">
              {name}
            </Link>
          </li>
        ))}
      </ul>
      {people.length > 0 && (
        <div className="mt-3 flex flex-wrap gap-3">
          {asked ? (
            <>
              <button type="button" className="quiet text-effort" disabled={busy} onClick={erase}>
                Yes, erase {people.length === 1 ? people[0]!.name : `these ${people.length} people`} for good
              </button>
              <button type="button" className="quiet" onClick={() => setAsked(false)}>
                Keep
              </button>
            </>
          ) : (
            <button type="button" className="quiet" onClick={() => setAsked(true)}>
              Erase all who are listed here
            </button>
          )}
        </div>
      )}
      <p role="status" className="text-soft">
        {message}
      </p>
    </>
  )
}
