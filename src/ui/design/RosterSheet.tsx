'use client'
import Link from 'next/link'
import { useRouter } from 'next/navigation'
import { useEffect, useState, useTransition } from 'react'
import { saveRoster } from '@/server/actions/classes'
import { whoCanJoin } from '@/server/actions/people'
import { answered, refusalWords } from '../shell/answered'
import { Check } from '../shell/Check'
import { Sheet } from '../shell/Sheet'

type RosterPlace = 'enrolled' | 'waiting' | 'guest'
/** More names than these are searched rather than read. */
const MANY = 20

/** Who is on the roster of a class. */
export function RosterSheet({
  classId,
  revision,
  roster,
  onClose,
}: {
  classId: string
  /** of the roster as it is shown */
  revision: number
  roster: { clientId: string; place: RosterPlace }[]
  onClose: () => void
}) {
  const router = useRouter()
  const [chosen, setChosen] = useState(() => new Map(roster.map(({ clientId, place }) => [clientId, place])))
  const [everybody, setEverybody] = useState<{ id: string; name: string }[]>()
  const [sought, setSought] = useState('')
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
  useEffect(() => {
    let live = true
    void answered(whoCanJoin()).then((outcome) => {
      if (!live) return
      if (outcome.ok) setEverybody(outcome.people)
      else setProblem(outcome.kind === 'away' ? 'The server did not answer. Close this and open it again.' : refusalWords(outcome))
    })
    return () => {
      live = false
    }
  }, [])
  const words = sought.trim().toLowerCase()
  const shown = everybody?.filter(({ id, name }) => words === '' || chosen.has(id) || name.toLowerCase().includes(words))
  return (
    <Sheet open onClose={onClose} title="Roster">
      {!everybody && !problem && <p className="text-soft">Looking…</p>}
      {everybody && everybody.length > MANY && (
        <label className="field mb-3">
          <span>Find a name</span>
          <input className="input" value={sought} onChange={({ target }) => setSought(target.value)} />
        </label>
      )}
      {everybody?.length === 0 && (
        <p>
          Nobody is registered yet. <Link href="/people/new">Add a first person.</Link>
        </p>
      )}
      <p className="mb-3 text-soft">Who waits for a place is not judged with the class; a guest is.</p>
      <ul>
        {shown?.map(({ id, name }) => (
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
        <button type="button" className="action" disabled={saving || !everybody} onClick={() => save(newer ?? revision)}>
          {newer === undefined ? `Keep these ${chosen.size}` : `Keep these ${chosen.size} all the same`}
        </button>
        <button type="button" className="quiet" onClick={onClose}>
          Leave as it was
        </button>
      </div>
    </Sheet>
  )
}
