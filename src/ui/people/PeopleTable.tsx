'use client'
import Link from 'next/link'
import { useState } from 'react'
import { Check } from '../shell/Check'

export interface PeopleRow {
  id: string
  name: string
  age: number
  conditions: string
  due: string[]
  urgent: boolean
}

type Column = 'name' | 'age' | 'due'
const COMPARE: Record<Column, (a: PeopleRow, b: PeopleRow) => number> = {
  name: (a, b) => a.name.localeCompare(b.name),
  age: (a, b) => a.age - b.age,
  due: (a, b) => Number(b.urgent) - Number(a.urgent) || b.due.length - a.due.length || a.name.localeCompare(b.name),
}

/** Everybody, sorted by a column, filtered by words and by what is due. */
export function PeopleTable({ rows }: { rows: PeopleRow[] }) {
  const [words, setWords] = useState('')
  const [onlyDue, setOnlyDue] = useState(false)
  const [sort, setSort] = useState<{ by: Column; down: boolean }>({ by: 'name', down: false })
  const wanted = words.toLowerCase().split(/\s+/).filter(Boolean)
  const shown = rows
    .filter(
      (row) =>
        (!onlyDue || row.due.length > 0) && wanted.every((word) => `${row.name} ${row.conditions} ${row.due.join(' ')}`.toLowerCase().includes(word)),
    )
    .sort((a, b) => COMPARE[sort.by](a, b) * (sort.down ? -1 : 1))
  const head = (by: Column, label: string) => (
    <th className="pb-1 pr-4 text-left font-normal" aria-sort={sort.by === by ? (sort.down ? 'descending' : 'ascending') : 'none'}>
      <button type="button" className="min-h-11 text-soft hover:underline" onClick={() => setSort({ by, down: sort.by === by && !sort.down })}>
        {label} {sort.by === by && <span aria-hidden="true">{sort.down ? '↓' : '↑'}</span>}
      </button>
    </th>
  )
  return (
    <>
      <div className="mb-3 flex flex-wrap items-end gap-5">
        <label className="field w-72">
          <span>Find by name, condition or what is due</span>
          <input className="input" value={words} onChange={(event) => setWords(event.target.value)} />
        </label>
        <Check checked={onlyDue} onChange={setOnlyDue}>
          only who has something due
        </Check>
        <p role="status" className="ml-auto text-soft">
          {shown.length} of {rows.length}
        </p>
      </div>
      <div className="overflow-x-auto">
        <table className="w-full border-collapse">
          <thead>
            <tr>
              {head('name', 'Name')}
              {head('age', 'Age')}
              <th className="pb-1 text-left font-normal text-soft">Conditions</th>
              {head('due', 'To settle')}
            </tr>
          </thead>
          <tbody>
            {shown.map((row) => (
              <tr key={row.id} className="border-t border-line align-top">
                <td className="py-2 pr-4">
                  <Link href={`/people/${row.id}`} className="font-semibold no-underline hover:underline">
                    {row.name}
                  </Link>
                </td>
                <td className="py-2 pr-4">{row.age}</td>
                <td className="py-2 pr-4">{row.conditions}</td>
                <td className="py-2">
                  {row.due.map((one, index) => (
                    <span key={one} className={`block ${row.urgent && index === 0 ? 'font-bold text-effort' : ''}`}>
                      {one}
                    </span>
                  ))}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </>
  )
}
