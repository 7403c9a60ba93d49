'use client'
import { useState, useTransition } from 'react'
import { problemsText } from '@/core/formats/files'
import { saveLog } from '@/server/actions/sessions'
import { SaveBar } from '../shell/SaveBar'
import { useLeaveGuard } from '../shell/useLeaveGuard'

export interface LogRow {
  clientId: string
  name: string
  came: boolean
  exertion: number | null
  painDuring: number | null
  painNextDay: number | null
  note: string | null
}
export interface LogItem {
  item: string
  movement: string
  /** variant per person, by client id; `rest` where none */
  used: Record<string, string>
  /** variants that can be chosen */
  choices: { id: string; name: string }[]
}

type Rating = 'exertion' | 'painDuring' | 'painNextDay'
const RATINGS: { key: Rating; label: string }[] = [
  { key: 'exertion', label: 'Effort' },
  { key: 'painDuring', label: 'Pain during' },
  { key: 'painNextDay', label: 'Pain next day' },
]

/** Who came, how hard it was, what hurt, and which version each took. Mostly taps. */
export function LogForm({
  id,
  revision: startRevision,
  rows: startRows,
  items,
  note: startNote,
  fresh,
}: {
  id: string
  /** of the log as it is shown */
  revision: number
  rows: LogRow[]
  items: LogItem[]
  note: string
  fresh: boolean
}) {
  const [rows, setRows] = useState(startRows)
  const [used, setUsed] = useState(() => Object.fromEntries(items.map(({ item, used: start }) => [item, start])))
  const [note, setNote] = useState(startNote)
  const [message, setMessage] = useState(fresh ? 'Not saved yet' : '')
  const [revision, setRevision] = useState(startRevision)
  /** the revision that somebody else saved meanwhile */
  const [newer, setNewer] = useState<number>()
  const [saving, start] = useTransition()
  const [unsaved, setUnsaved] = useState(false)
  useLeaveGuard(unsaved)
  const touch = () => {
    setMessage('Not saved yet')
    setUnsaved(true)
  }
  const change = (clientId: string, next: Partial<LogRow>) => {
    setRows((now) => now.map((row) => (row.clientId === clientId ? { ...row, ...next } : row)))
    touch()
  }
  const save = (over = revision) =>
    start(async () => {
      try {
        const outcome = await saveLog({
          id,
          revision: over,
          note: note.trim() === '' ? null : note,
          rows: rows.map(({ name: _name, ...row }) => row),
          entries: rows
            .filter(({ came }) => came)
            .flatMap(({ clientId }) => items.map(({ item }) => ({ clientId, item, variant: used[item]?.[clientId] ?? 'rest' }))),
        })
        if (outcome.ok) {
          setRevision(outcome.revision)
          setUnsaved(false)
        }
        setNewer(!outcome.ok && outcome.kind === 'stale' ? outcome.revision : undefined)
        setMessage(
          outcome.ok
            ? 'Saved'
            : outcome.kind === 'invalid'
              ? problemsText(outcome.problems)
              : outcome.kind === 'stale'
                ? 'Not saved: this log was saved in another window meanwhile.'
                : 'This session is gone.',
        )
      } catch {
        setMessage('Not saved: the server did not answer. What you entered is still here; try again.')
      }
    })
  return (
    <div className="flex flex-col gap-6">
      <div className="overflow-x-auto">
        <table className="w-full border-collapse">
          <thead>
            <tr className="text-left text-soft">
              <th className="pb-2 font-normal">Came</th>
              {RATINGS.map(({ key, label }) => (
                <th key={key} className="pb-2 pr-3 font-normal">
                  {label}, 0–10
                </th>
              ))}
              <th className="pb-2 font-normal">Note</th>
            </tr>
          </thead>
          <tbody>
            {rows.map((row) => (
              <tr key={row.clientId} className="border-t border-line">
                <td className="py-1 pr-4">
                  <label className="flex min-h-11 items-center gap-3 font-semibold">
                    <input
                      type="checkbox"
                      className="size-6 accent-plum"
                      checked={row.came}
                      onChange={(event) => change(row.clientId, { came: event.target.checked })}
                    />
                    {row.name}
                  </label>
                </td>
                {RATINGS.map(({ key, label }) => (
                  <td key={key} className="pr-3">
                    <select
                      className="input min-h-11 w-24"
                      aria-label={`${row.name}, ${label}`}
                      disabled={!row.came}
                      value={row[key] ?? ''}
                      onChange={(event) => change(row.clientId, { [key]: event.target.value === '' ? null : Number(event.target.value) })}
                    >
                      <option value="">–</option>
                      {Array.from({ length: 11 }, (_, value) => (
                        <option key={value} value={value}>
                          {value}
                        </option>
                      ))}
                    </select>
                  </td>
                ))}
                <td className="py-1">
                  <input
                    className="input min-h-11"
                    aria-label={`${row.name}, note`}
                    maxLength={500}
                    disabled={!row.came}
                    value={row.note ?? ''}
                    onChange={(event) => change(row.clientId, { note: event.target.value === '' ? null : event.target.value })}
                  />
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      <details>
        <summary className="min-h-11 cursor-pointer font-serif text-[1.2rem]">Who took which version</summary>
        <div className="mt-3 grid gap-5 md:grid-cols-2">
          {items.map(({ item, movement, choices }) => (
            <section key={item}>
              <h3>{movement}</h3>
              {rows
                .filter(({ came }) => came)
                .map(({ clientId, name }) => (
                  <label key={clientId} className="mt-1 grid grid-cols-[8rem_1fr] items-center gap-2">
                    {name}
                    <select
                      className="input"
                      value={used[item]?.[clientId] ?? 'rest'}
                      onChange={(event) => {
                        setUsed((now) => ({ ...now, [item]: { ...now[item], [clientId]: event.target.value } }))
                        touch()
                      }}
                    >
                      {choices.map((choice) => (
                        <option key={choice.id} value={choice.id}>
                          {choice.name}
                        </option>
                      ))}
                      <option value="rest">rested</option>
                    </select>
                  </label>
                ))}
            </section>
          ))}
        </div>
      </details>
      <label className="field">
        <span>What to change next time</span>
        <textarea
          className="input min-h-24"
          maxLength={2000}
          value={note}
          onChange={(event) => {
            setNote(event.target.value)
            touch()
          }}
        />
      </label>
      {newer !== undefined && (
        <div role="alert" className="flex flex-wrap items-center gap-3 border-l-4 border-effort pl-3">
          <p>Another window saved this log. What you entered is still here.</p>
          <button type="button" className="action" disabled={saving} onClick={() => save(newer)}>
            Save mine over it
          </button>
          <button type="button" className="quiet" onClick={() => window.location.reload()}>
            Show the other
          </button>
        </div>
      )}
      <SaveBar label="Save the log" saving={saving} onSave={() => save()} message={message} />
    </div>
  )
}
