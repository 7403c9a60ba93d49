'use client'
import { useWindowVirtualizer } from '@tanstack/react-virtual'
import Link from 'next/link'
import { useEffect, useRef, useState } from 'react'
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

/** A row with two lines, pixels; each is measured when it is drawn. */
const ROW_PX = 66

/**
 * So many are drawn as they are, and found by the browser's own search too: a list that measures itself after it
 * has woken up draws its rows once more, and a press in that moment goes nowhere.
 */
const ALL_DRAWN = 150

/** How far down the page the list begins, pixels. */
function useTop(list: React.RefObject<HTMLElement | null>): number {
  const [top, setTop] = useState(0)
  useEffect(() => setTop((list.current?.getBoundingClientRect().top ?? 0) + window.scrollY), [list])
  return top
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
        <table className="w-full border-collapse" aria-rowcount={shown.length + 1}>
          <thead>
            <tr>
              {head('name', 'Name')}
              {head('age', 'Age')}
              <th className="pb-1 text-left font-normal text-soft">Conditions</th>
              {head('due', 'To settle')}
            </tr>
          </thead>
          {shown.length > ALL_DRAWN ? (
            <LongBody shown={shown} />
          ) : (
            <tbody>
              {shown.map((row, index) => (
                <PersonRow key={row.id} row={row} index={index} />
              ))}
            </tbody>
          )}
        </table>
      </div>
    </>
  )
}

/** Only the rows that are in view, and some around them. */
function LongBody({ shown }: { shown: PeopleRow[] }) {
  const list = useRef<HTMLTableSectionElement>(null)
  const rowsFrom = useTop(list)
  const virtual = useWindowVirtualizer({
    count: shown.length,
    estimateSize: () => ROW_PX,
    overscan: 12,
    scrollMargin: rowsFrom,
    getItemKey: (index) => shown[index]!.id,
    // what the server draws, before there is a window
    initialRect: { width: 1280, height: 900 },
  })
  const items = virtual.getVirtualItems()
  return (
    <tbody ref={list}>
      <Gap height={(items[0]?.start ?? rowsFrom) - rowsFrom} />
      {items.map(({ index, key }) => (
        <PersonRow key={key} row={shown[index]!} index={index} measure={virtual.measureElement} />
      ))}
      <Gap height={virtual.getTotalSize() + rowsFrom - (items.at(-1)?.end ?? rowsFrom)} />
    </tbody>
  )
}

/** The room of the rows that are not drawn. */
function Gap({ height }: { height: number }) {
  return height > 0 ? (
    <tr>
      <td colSpan={4} style={{ height }} />
    </tr>
  ) : null
}

function PersonRow({ row, index, measure }: { row: PeopleRow; index: number; measure?: (row: HTMLTableRowElement | null) => void }) {
  return (
    <tr ref={measure} data-index={index} aria-rowindex={index + 2} className="border-t border-line align-top">
      <td className="py-2 pr-4">
        <Link href={`/people/${row.id}`} prefetch={false} className="font-semibold no-underline hover:underline">
          {row.name}
        </Link>
      </td>
      <td className="py-2 pr-4">{row.age}</td>
      <td className="py-2 pr-4">{row.conditions}</td>
      <td className="py-2">
        {row.due.map((one, place) => (
          <span key={one} className={`block ${row.urgent && place === 0 ? 'font-bold text-effort' : ''}`}>
            {one}
          </span>
        ))}
      </td>
    </tr>
  )
}
