'use client'
import { useRouter } from 'next/navigation'
import Papa from 'papaparse'
import { useMemo, useState, useTransition } from 'react'
import type { ClientRecord } from '@/core/client'
import {
  type Columns,
  CSV_FIELDS,
  CSV_LABELS,
  type CsvField,
  type DateOrder,
  dateOrderOf,
  type KnownCondition,
  matchColumns,
  recordsOf,
  samePerson,
} from '@/core/formats/peopleCsv'
import { wordFinder } from '@/core/movement/words'
import { importPeople } from '@/server/actions/people'
import { readTable, type Table } from './readTable'

interface Registered extends Pick<ClientRecord, 'given' | 'family' | 'birthDate'> {
  id: string
  revision: number
}
/** What is done with a row that may be somebody who is there already. */
type Choice = 'update' | 'new' | 'skip'

const ORDERS: Record<DateOrder, string> = { ymd: 'year, month, day', dmy: 'day, month, year', mdy: 'month, day, year' }

/** Which columns were chosen for what before, on this device: names of columns only. */
const LEARNED = 'velvet-columns'
function learned(): Record<string, CsvField | ''> {
  try {
    return JSON.parse(localStorage.getItem(LEARNED) ?? '{}') as Record<string, CsvField | ''>
  } catch {
    return {}
  }
}
function learn(header: readonly string[], columns: Columns) {
  const chosen = header.map((name, index) => [name.trim().toLowerCase(), CSV_FIELDS.find((field) => columns[field] === index) ?? ''] as const)
  try {
    localStorage.setItem(LEARNED, JSON.stringify({ ...learned(), ...Object.fromEntries(chosen) }))
  } catch {
    // a device that keeps nothing is asked again
  }
}

/** A spreadsheet of people: columns are matched, every row is checked and shown, and nothing is written until it is confirmed. */
export function ImportPeople({ known, registered }: { known: KnownCondition[]; registered: Registered[] }) {
  const router = useRouter()
  const [table, setTable] = useState<Table>()
  const [columns, setColumns] = useState<Columns>({})
  const [said, setSaid] = useState<DateOrder>()
  const [choices, setChoices] = useState<Record<number, Choice>>({})
  const [message, setMessage] = useState('')
  const [done, setDone] = useState('')
  const [saving, start] = useTransition()
  const nearest = useMemo(() => {
    const find = wordFinder(known.map(({ slug, name }) => ({ id: name, name, text: slug.replaceAll('-', ' ') })))
    return (words: string) =>
      // the whole, then its words one by one, the longest first
      [words, ...words.split(/\s+/).toSorted((a, b) => b.length - a.length)].flatMap((part) => (part.length > 3 ? find(part).slice(0, 1) : []))[0]
  }, [known])
  const read = async (file: File | undefined) => {
    if (!file) return
    const next = readTable(await file.arrayBuffer())
    setDone('')
    setChoices({})
    if ('refused' in next) {
      setTable(undefined)
      setMessage(next.refused)
      return
    }
    setMessage('')
    // a mended file keeps what was chosen for the first
    if (next.header.join() !== table?.header.join()) setColumns(matchColumns(next.header, learned()))
    setTable(next)
  }
  const cellsOf = (field: CsvField) => (columns[field] === undefined ? [] : (table?.rows ?? []).map(({ cells }) => cells[columns[field]!] ?? ''))
  const shownOrder = dateOrderOf([...cellsOf('birthDate'), ...cellsOf('dueDate')])
  const order = shownOrder === 'ask' ? said : shownOrder
  const checked = table && order ? recordsOf(table.rows, columns, order, known, nearest) : []
  const good = checked.flatMap((row) => ('record' in row ? [row] : []))
  const bad = checked.flatMap((row) => ('problems' in row ? [row] : []))
  const rows = good.map((row, index) => {
    const there = registered.find((one) => samePerson(one, row.record))
    const before = good.slice(0, index).find((one) => samePerson(one.record, row.record))
    const choice: Choice = choices[row.line] ?? (before ? 'skip' : there ? 'update' : 'new')
    return { ...row, there, before, choice }
  })
  const taken = rows.filter(({ choice }) => choice !== 'skip')
  const change = (field: CsvField, at: number | undefined) => {
    const next = { ...columns, [field]: at }
    setColumns(next)
    if (table) learn(table.header, next)
  }
  const save = () =>
    start(async () => {
      const outcome = await importPeople({
        people: taken.map(({ record, there, choice }) => ({
          record,
          ...(choice === 'update' && there && { update: { id: there.id, revision: there.revision } }),
        })),
      })
      if (outcome.ok) {
        if (bad.length === 0) return router.push('/people')
        const kept = new Set(bad.map(({ line }) => line))
        setTable(table && { ...table, rows: table.rows.filter(({ line }) => kept.has(line)) })
        setMessage('')
        setDone(`${outcome.added} added, ${outcome.updated} updated. What is left below is to be mended.`)
        return router.refresh()
      }
      const lineOf = (path: string) => taken[Number(/people\[(\d+)\]/.exec(path)?.[1])]?.line
      setMessage(
        outcome.kind === 'invalid'
          ? `Nothing was written. ${outcome.problems.map(({ path, message: why }) => `Line ${lineOf(path)}: ${why}`).join('; ')}`
          : 'Nothing was written: somebody changed one of these people meanwhile. Load this page again.',
      )
    })
  const rest = () => {
    const lines = new Map(bad.map((row) => [row.line, row.problems.map(({ message: why }) => why).join('; ')]))
    const text = Papa.unparse(
      {
        fields: [...table!.header, 'to mend'],
        data: table!.rows.flatMap(({ line, cells }) => (lines.has(line) ? [[...cells, lines.get(line)!]] : [])),
      },
      { escapeFormulae: true },
    )
    const link = Object.assign(document.createElement('a'), {
      href: URL.createObjectURL(new Blob([`\ufeff${text}`], { type: 'text/csv' })),
      download: 'to-mend.csv',
    })
    link.click()
    URL.revokeObjectURL(link.href)
  }
  const nameOf = new Map(known.map(({ slug, name }) => [slug, name]))
  return (
    <div className="flex flex-col gap-5">
      <label className="field max-w-md">
        <span>A CSV file with one header line, 300 rows at most</span>
        <input className="input" type="file" accept=".csv,text/csv" onChange={(event) => void read(event.target.files?.[0])} />
      </label>
      {done && <p role="status">{done}</p>}
      {table && (
        <>
          {table.encoding === 'Windows-1252' && <p className="text-soft">Read as Windows-1252: look at the accents below.</p>}
          <fieldset className="grid gap-3 sm:grid-cols-3">
            <legend className="mb-2 font-serif text-[1.15rem]">Which column is what</legend>
            {CSV_FIELDS.map((field) => (
              <label key={field} className="field">
                <span>
                  {CSV_LABELS[field]}
                  {field === 'conditions' && ', with semicolons between'}
                </span>
                <select
                  className="input"
                  value={columns[field] ?? ''}
                  onChange={(event) => change(field, event.target.value === '' ? undefined : Number(event.target.value))}
                >
                  <option value="">none</option>
                  {table.header.map((name, index) => (
                    <option key={index} value={index}>
                      {name}
                    </option>
                  ))}
                </select>
              </label>
            ))}
          </fieldset>
          {shownOrder === 'ask' && (
            <label className="field max-w-md">
              <span>How this file writes a day, for example {cellsOf('birthDate').find(Boolean)}</span>
              <select className="input" value={said ?? ''} onChange={(event) => setSaid((event.target.value || undefined) as DateOrder | undefined)}>
                <option value="">choose first</option>
                {(['dmy', 'mdy'] as const).map((one) => (
                  <option key={one} value={one}>
                    {ORDERS[one]}
                  </option>
                ))}
              </select>
            </label>
          )}
          {order && (
            <p role="status">
              {good.length} can be imported, {bad.length} cannot.
            </p>
          )}
          {bad.length > 0 && (
            <ul aria-label="Rows with a problem">
              {bad.map((row) => (
                <li key={row.line} className="border-l-4 border-effort pl-3">
                  Line {row.line}: {row.problems.map(({ field, message: why }) => `${field ? `${CSV_LABELS[field]}: ` : ''}${why}`).join('; ')}
                </li>
              ))}
            </ul>
          )}
          {rows.length > 0 && (
            <table className="border-collapse">
              <thead>
                <tr className="text-left text-soft">
                  <th className="pr-5 font-normal">Name</th>
                  <th className="pr-5 font-normal">Born on</th>
                  <th className="pr-5 font-normal">Conditions</th>
                  <th className="font-normal">What is done</th>
                </tr>
              </thead>
              <tbody>
                {rows.map(({ line, record, there, before, choice }) => (
                  <tr key={line} className="border-t border-line">
                    <td className="py-1 pr-5">
                      {record.given} {record.family}
                    </td>
                    <td className="pr-5">{record.birthDate}</td>
                    <td className="pr-5">{record.conditions.map(({ slug }) => nameOf.get(slug)).join('; ')}</td>
                    <td>
                      {there || before ? (
                        <label className="flex flex-wrap items-center gap-2">
                          <span className="text-soft">{before ? `as in line ${before.line}` : 'registered already'}</span>
                          <select
                            className="input w-44"
                            value={choice}
                            onChange={(event) => setChoices((now) => ({ ...now, [line]: event.target.value as Choice }))}
                          >
                            {there && <option value="update">update</option>}
                            <option value="skip">skip</option>
                            <option value="new">somebody else, new</option>
                          </select>
                        </label>
                      ) : (
                        'new'
                      )}
                    </td>
                  </tr>
                ))}
              </tbody>
            </table>
          )}
          <div className="flex flex-wrap gap-4">
            <button type="button" className="action" disabled={saving || taken.length === 0} onClick={save}>
              Import these {taken.length}
            </button>
            {bad.length > 0 && (
              <button type="button" className="quiet" onClick={rest}>
                Save the {bad.length} to mend as a file
              </button>
            )}
          </div>
          {bad.length > 0 && (
            <p className="text-soft">
              The rows with a problem are left out. Mend them in the file and choose it again; what you matched above stays.
            </p>
          )}
        </>
      )}
      {message && <p className="wrong">{message}</p>}
    </div>
  )
}
