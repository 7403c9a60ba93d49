'use client'
import { useRouter } from 'next/navigation'
import Papa from 'papaparse'
import { useState, useTransition } from 'react'
import { CSV_FIELDS, CSV_LABELS, type CsvField, matchColumns, recordsOf } from '@/core/formats/peopleCsv'
import { importPeople } from '@/server/actions/people'

/** A spreadsheet of people: columns are matched, every row is checked and shown, and nothing is written until it is confirmed. */
export function ImportPeople({ known }: { known: string[] }) {
  const router = useRouter()
  const [table, setTable] = useState<{ header: string[]; rows: string[][] }>()
  const [columns, setColumns] = useState<Partial<Record<CsvField, number>>>({})
  const [message, setMessage] = useState('')
  const [saving, start] = useTransition()
  const read = async (file: File | undefined) => {
    if (!file) return
    const { data } = Papa.parse<string[]>(await file.text(), { skipEmptyLines: true })
    const [header, ...rows] = data
    if (!header || rows.length === 0) {
      setMessage('This file has no rows under a header.')
      return
    }
    setMessage('')
    setTable({ header, rows: rows.slice(0, 300) })
    setColumns(matchColumns(header))
  }
  const checked = table ? recordsOf(table.rows, columns, new Set(known)) : []
  const good = checked.flatMap((row) => ('record' in row ? [row.record] : []))
  const bad = checked.filter((row) => 'problems' in row)
  const save = () =>
    start(async () => {
      const outcome = await importPeople({ people: good })
      if (outcome.ok) router.push('/people')
      else
        setMessage(
          outcome.kind === 'invalid'
            ? `Nothing was written. ${outcome.problems.map(({ path, message: said }) => `${path}: ${said}`).join('; ')}`
            : 'Nothing was written.',
        )
    })
  return (
    <div className="flex flex-col gap-5">
      <label className="field max-w-md">
        <span>A CSV file with one header line</span>
        <input className="input" type="file" accept=".csv,text/csv" onChange={(event) => void read(event.target.files?.[0])} />
      </label>
      {table && (
        <>
          <fieldset className="grid gap-3 sm:grid-cols-3">
            <legend className="mb-2 font-serif text-[1.15rem]">Which column is what</legend>
            {CSV_FIELDS.map((field) => (
              <label key={field} className="field">
                <span>{CSV_LABELS[field]}</span>
                <select
                  className="input"
                  value={columns[field] ?? ''}
                  onChange={(event) => setColumns((now) => ({ ...now, [field]: event.target.value === '' ? undefined : Number(event.target.value) }))}
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
          <p role="status">
            {good.length} can be imported, {bad.length} cannot.
          </p>
          {bad.length > 0 && (
            <ul aria-label="Rows with a problem">
              {bad.map((row) => (
                <li key={row.line} className="border-l-4 border-effort pl-3">
                  Line {row.line}: {'problems' in row && row.problems.map(({ field, message: said }) => `${field}: ${said}`).join('; ')}
                </li>
              ))}
            </ul>
          )}
          <table className="border-collapse">
            <thead>
              <tr className="text-left text-soft">
                <th className="pr-5 font-normal">Name</th>
                <th className="pr-5 font-normal">Born on</th>
                <th className="font-normal">Conditions</th>
              </tr>
            </thead>
            <tbody>
              {good.slice(0, 12).map((record, index) => (
                <tr key={index} className="border-t border-line">
                  <td className="py-1 pr-5">
                    {record.given} {record.family}
                  </td>
                  <td className="pr-5">{record.birthDate}</td>
                  <td>{record.conditions.map(({ slug }) => slug).join(', ')}</td>
                </tr>
              ))}
            </tbody>
          </table>
          <button type="button" className="action self-start" disabled={saving || good.length === 0 || bad.length > 0} onClick={save}>
            Import these {good.length}
          </button>
          {bad.length > 0 && <p className="text-soft">Mend the rows above in the file and choose it again; a file is taken whole.</p>}
        </>
      )}
      {message && <p className="wrong">{message}</p>}
    </div>
  )
}
