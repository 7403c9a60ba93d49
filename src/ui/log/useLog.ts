'use client'
import { useState, useTransition } from 'react'
import { problemsText } from '@/core/formats/problems'
import { type ClassNotes, type LogEntry, type LogMark, type LogRow, type Presence, wasThere } from '@/core/lead'
import { saveLog } from '@/server/actions/sessions'
import { useLeaveGuard } from '../shell/useLeaveGuard'

export interface LogPerson {
  id: string
  name: string
}
export type Rating = 'exertion' | 'painDuring' | 'painNextDay'

export interface LogStart {
  id: string
  /** of the log as it is shown */
  revision: number
  people: LogPerson[]
  rows: LogRow[]
  entries: LogEntry[]
  note: string
  notes: ClassNotes
  /** nothing of it was kept yet: what stands there is what the taps of the class say */
  fresh: boolean
}

const isHere = ({ presence }: LogRow): boolean => wasThere(presence)

/** The log of a session: what is tapped, for those who are chosen or for everybody who was there, and how it is kept. */
export function useLog({ id, revision: startRevision, rows: startRows, entries: startEntries, note: startNote, notes: startNotes, fresh }: LogStart) {
  const [rows, setRows] = useState(startRows)
  const [entries, setEntries] = useState(startEntries)
  const [note, setNote] = useState(startNote)
  const [notes, setNotes] = useState(startNotes)
  const [chosen, setChosen] = useState<readonly string[]>([])
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
  const forChosen = (change: (row: LogRow) => LogRow) => {
    setRows((now) => now.map((row) => ((chosen.length > 0 ? chosen.includes(row.clientId) : isHere(row)) ? change(row) : row)))
    setChosen([])
    touch()
  }
  const save = (over = revision) =>
    start(async () => {
      const here = new Set(rows.filter(isHere).map(({ clientId }) => clientId))
      try {
        const outcome = await saveLog({
          id,
          revision: over,
          note: note.trim() === '' ? null : note,
          notes,
          // nobody said anything of somebody: nothing is kept of them
          rows: rows.filter(({ presence }) => presence !== null),
          entries: entries.filter(({ clientId }) => here.has(clientId)),
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
  return {
    rows,
    entries,
    note,
    notes,
    chosen,
    message,
    newer,
    saving,
    save,
    here: rows.filter(isHere),
    choose: (person: string) => setChosen(chosen.includes(person) ? chosen.filter((one) => one !== person) : [...chosen, person]),
    setPresence: (person: string, presence: Presence) => {
      setRows((now) => now.map((row) => (row.clientId === person ? { ...row, presence } : row)))
      touch()
    },
    allHere: () => {
      setRows((now) => now.map((row) => (row.presence === null ? { ...row, presence: 'present' as const } : row)))
      touch()
    },
    rate: (rating: Rating, value: number) => forChosen((row) => ({ ...row, [rating]: value })),
    mark: (mark: LogMark) =>
      forChosen((row) => ({ ...row, marks: row.marks.includes(mark) ? row.marks.filter((one) => one !== mark) : [...row.marks, mark] })),
    setWords: (person: string, words: string) => {
      setRows((now) => now.map((row) => (row.clientId === person ? { ...row, note: words === '' ? null : words } : row)))
      touch()
    },
    setEntry: (person: string, item: string, next: Partial<LogEntry>) => {
      setEntries((now) => now.map((one) => (one.clientId === person && one.item === item ? { ...one, ...next } : one)))
      touch()
    },
    setNote: (words: string) => {
      setNote(words)
      touch()
    },
    setNotes: (next: Partial<ClassNotes>) => {
      setNotes((now) => ({ ...now, ...next }))
      touch()
    },
  }
}
export type Log = ReturnType<typeof useLog>
