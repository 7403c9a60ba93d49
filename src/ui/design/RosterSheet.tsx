'use client'
import Link from 'next/link'
import { useRouter } from 'next/navigation'
import { useState, useTransition } from 'react'
import { saveRoster } from '@/server/actions/classes'
import { answered, refusalWords } from '../shell/answered'
import { Check } from '../shell/Check'
import { Sheet } from '../shell/Sheet'

type RosterPlace = 'enrolled' | 'waiting' | 'guest'

/** Who is on the roster of a class. */
export function RosterSheet({
  classId,
  revision,
  everybody,
  roster,
  onClose,
}: {
  classId: string
  /** of the roster as it is shown */
  revision: number
  everybody: { id: string; name: string }[]
  roster: { clientId: string; place: RosterPlace }[]
  onClose: () => void
}) {
  const router = useRouter()
  const [chosen, setChosen] = useState(() => new Map(roster.map(({ clientId, place }) => [clientId, place])))
  const [problem, setProblem] = useState<string>()
  const [saving, start] = useTransition()
  const put = (id: string, place: RosterPlace | undefined) =>
    setChosen((now) => {
      const next = new Map(now)
      if (place) next.set(id, place)
      else next.delete(id)
      return next
    })
  const [newer, setNewer] = useState<number>()
  const save = (over: number) =>
    start(async () => {
      const outcome = await answered(
        saveRoster({ id: classId, revision: over, people: [...chosen].map(([clientId, place]) => ({ clientId, place })) }),
      )
      setNewer(!outcome.ok && outcome.kind === 'stale' ? outcome.revision : undefined)
      if (!outcome.ok) {
        setProblem(refusalWords(outcome, 'Not kept: the roster was changed in another window. Your choice is still here.'))
        return
      }
      router.refresh()
      onClose()
    })
  return (
    <Sheet open onClose={onClose} title="Roster">
      {everybody.length === 0 && (
        <p>
          Nobody is registered yet. <Link href="/people/new">Add a first person.</Link>
        </p>
      )}
      <p className="mb-3 text-soft">Who waits for a place is not judged with the class; a guest is.</p>
      <ul>
        {everybody.map(({ id, name }) => (
          <li key={id}>
            <div className="flex items-center justify-between gap-3">
              <Check checked={chosen.has(id)} onChange={(ticked) => put(id, ticked ? 'enrolled' : undefined)}>
                {name}
              </Check>
              {chosen.has(id) && (
                <select
                  className="input min-h-9 w-36"
                  aria-label={`${name}, place`}
                  value={chosen.get(id)}
                  onChange={(event) => put(id, event.target.value as RosterPlace)}
                >
                  <option value="enrolled">enrolled</option>
                  <option value="guest">guest</option>
                  <option value="waiting">waiting</option>
                </select>
              )}
            </div>
          </li>
        ))}
      </ul>
      {problem && <p className="wrong mt-3">{problem}</p>}
      <div className="sticky bottom-0 mt-4 flex gap-3 bg-sheet py-3">
        <button type="button" className="action" disabled={saving} onClick={() => save(newer ?? revision)}>
          {newer === undefined ? `Keep these ${chosen.size}` : `Keep these ${chosen.size} all the same`}
        </button>
        <button type="button" className="quiet" onClick={onClose}>
          Leave as it was
        </button>
      </div>
    </Sheet>
  )
}
