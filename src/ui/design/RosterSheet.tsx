'use client'
import Link from 'next/link'
import { useRouter } from 'next/navigation'
import { useState, useTransition } from 'react'
import { saveRoster } from '@/server/actions/classes'
import { Sheet } from '../shell/Sheet'

/** Who is on the roster of a class. */
export function RosterSheet({
  classId,
  everybody,
  roster,
  onClose,
}: {
  classId: string
  everybody: { id: string; name: string }[]
  roster: string[]
  onClose: () => void
}) {
  const router = useRouter()
  const [chosen, setChosen] = useState(() => new Set(roster))
  const [problem, setProblem] = useState<string>()
  const [saving, start] = useTransition()
  const toggle = (id: string) => setChosen((now) => (now.has(id) ? new Set([...now].filter((one) => one !== id)) : new Set([...now, id])))
  const save = () =>
    start(async () => {
      const outcome = await saveRoster({ id: classId, people: [...chosen] })
      if (!outcome.ok) {
        setProblem(outcome.kind === 'invalid' ? outcome.problems.map(({ message }) => message).join('; ') : 'This class is gone.')
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
      <ul className="columns-2 gap-6">
        {everybody.map(({ id, name }) => (
          <li key={id}>
            <label className="flex min-h-11 items-center gap-3">
              <input type="checkbox" className="size-5 accent-plum" checked={chosen.has(id)} onChange={() => toggle(id)} />
              {name}
            </label>
          </li>
        ))}
      </ul>
      {problem && <p className="wrong mt-3">{problem}</p>}
      <div className="sticky bottom-0 mt-4 flex gap-3 bg-sheet py-3">
        <button type="button" className="action" disabled={saving} onClick={save}>
          Keep these {chosen.size}
        </button>
        <button type="button" className="quiet" onClick={onClose}>
          Leave as it was
        </button>
      </div>
    </Sheet>
  )
}
