'use client'
import { useRouter } from 'next/navigation'
import Papa from 'papaparse'
import { useMemo, useRef, useState, useTransition } from 'react'
import type { ClientRecord } from '@/core/client'
import { fromAnotherHouse, parseFile, peopleFileSchema } from '@/core/formats/files'
import {
  type Columns,
  CSV_FIELDS,
  type CsvField,
  type DateOrder,
  dateOrderOf,
  guarded,
  type KnownCondition,
  matchColumns,
  personKey,
  recordsOf,
} from '@/core/formats/peopleCsv'
import { problemsText } from '@/core/formats/problems'
import { wordFinder } from '@/core/movement/words'
import { importPeople } from '@/server/actions/people'
import { answered, refusalWords } from '../shell/answered'
import { readTable, type Table } from './readTable'

export interface Registered extends Pick<ClientRecord, 'given' | 'family' | 'birthDate'> {
  id: string
  revision: number
}
/** What is done with a row that may be somebody who is there already. */
export type Choice = 'update' | 'new' | 'skip'

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

/** The state of an import: a file read and matched, what becomes of each row, and what is done with it. Nothing is written before `save`. */
export function useImport(known: readonly KnownCondition[], registered: readonly Registered[]) {
  const router = useRouter()
  const [table, setTable] = useState<Table>()
  /** whole records of a people file */
  const [records, setRecords] = useState<ClientRecord[]>()
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
    const bytes = await file.arrayBuffer()
    setDone('')
    setChoices({})
    setRecords(undefined)
    if (file.name.toLowerCase().endsWith('.json')) {
      setTable(undefined)
      const parsed = parseFile(peopleFileSchema, new TextDecoder().decode(bytes))
      const whole = 'file' in parsed ? parsed.file.people.flatMap(({ record }) => (record ? [fromAnotherHouse(record)] : [])) : []
      if ('problems' in parsed) setMessage(`No people file. ${problemsText(parsed.problems.slice(0, 3))}`)
      else if (whole.length < parsed.file.people.length)
        setMessage('Somebody in it has no record with dates, only what the rules read: it is for the command line.')
      else {
        setMessage('')
        setRecords(whole)
      }
      return
    }
    const next = readTable(bytes)
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
  const byKey = useMemo(() => new Map(registered.map((one) => [personKey(one), one])), [registered])
  const { found, bad } = useMemo(() => {
    const checked = records
      ? records.map((record, index) => ({ line: index + 1, record }))
      : table && order
        ? recordsOf(table.rows, columns, order, known, nearest)
        : []
    const seen = new Map<string, number>()
    const found = checked.flatMap((row) => {
      if (!('record' in row)) return []
      const key = personKey(row.record)
      const asInLine = seen.get(key)
      if (asInLine === undefined) seen.set(key, row.line)
      return [{ ...row, there: byKey.get(key), asInLine }]
    })
    return { found, bad: checked.flatMap((row) => ('problems' in row ? [row] : [])) }
  }, [table, records, order, columns, known, nearest, byKey])
  const rows = found.map((row) => {
    // a whole record says nothing of what is newer: whoever is here already stays as they are
    const usual: Choice = row.asInLine !== undefined || (records && row.there) ? 'skip' : row.there ? 'update' : 'new'
    const choice = choices[row.line] ?? usual
    return { ...row, choice }
  })
  const taken = rows.filter(({ choice }) => choice !== 'skip')
  const change = (field: CsvField, at: number | undefined) => {
    const next = { ...columns, [field]: at }
    setColumns(next)
    if (table) learn(table.header, next)
  }
  // what is sent again after a lost answer is taken once
  const key = useRef(crypto.randomUUID())
  const save = () =>
    start(async () => {
      const outcome = await answered(
        importPeople({
          key: key.current,
          people: taken.map(({ record, there, choice }) => ({
            record,
            ...(choice === 'update' && there && { update: { id: there.id, revision: there.revision } }),
          })),
        }),
      )
      if (outcome.ok) {
        key.current = crypto.randomUUID()
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
          ? `Nothing was written. ${outcome.problems.map(({ path, message: why }) => (lineOf(path) ? `Line ${lineOf(path)}: ${why}` : why)).join('; ')}`
          : refusalWords(outcome, 'Nothing was written: somebody changed one of these people meanwhile. Load this page again.'),
      )
    })
  const rest = () => {
    const lines = new Map(bad.map((row) => [row.line, row.problems.map(({ message: why }) => why).join('; ')]))
    const text = Papa.unparse({
      fields: [...table!.header, 'to mend'],
      data: table!.rows.flatMap(({ line, cells }) => (lines.has(line) ? [[...cells, lines.get(line)!].map(guarded)] : [])),
    })
    const link = Object.assign(document.createElement('a'), {
      href: URL.createObjectURL(new Blob([`\ufeff${text}`], { type: 'text/csv' })),
      download: 'to-mend.csv',
    })
    link.click()
    URL.revokeObjectURL(link.href)
  }
  return {
    table,
    columns,
    /** days that can be read in two ways are asked about, with one of them as an example */
    ...(shownOrder === 'ask' && { askOrder: { said, say: setSaid, example: cellsOf('birthDate').find(Boolean) } }),
    isWhole: records !== undefined,
    ordered: order !== undefined,
    rows,
    taken,
    bad,
    message,
    done,
    saving,
    read,
    change,
    choose: (line: number, choice: Choice) => setChoices((now) => ({ ...now, [line]: choice })),
    save,
    rest,
  }
}
