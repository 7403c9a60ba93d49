'use client'
import { CSV_FIELDS, CSV_LABELS, type CsvField, type DateOrder, type KnownCondition, MOST_ROWS } from '@/core/formats/peopleCsv'
import { type Choice, type Registered, useImport } from './useImport'

type Import = ReturnType<typeof useImport>

const ORDERS = { dmy: 'day, month, year', mdy: 'month, day, year' } as const satisfies Partial<Record<DateOrder, string>>

function ColumnChoice({ header, columns, change }: { header: readonly string[] } & Pick<Import, 'columns' | 'change'>) {
  return (
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
            {header.map((name, index) => (
              <option key={index} value={index}>
                {name}
              </option>
            ))}
          </select>
        </label>
      ))}
    </fieldset>
  )
}

/** Days that fit two orders are not guessed. */
function OrderChoice({ said, say, example }: NonNullable<Import['askOrder']>) {
  return (
    <label className="field max-w-md">
      <span>How this file writes a day, for example {example}</span>
      <select className="input" value={said ?? ''} onChange={(event) => say((event.target.value || undefined) as DateOrder | undefined)}>
        <option value="">choose first</option>
        {Object.entries(ORDERS).map(([order, words]) => (
          <option key={order} value={order}>
            {words}
          </option>
        ))}
      </select>
    </label>
  )
}

const wrong = ({ field, message }: { field: CsvField | ''; message: string }) => `${field ? `${CSV_LABELS[field]}: ` : ''}${message}`

/** What becomes of each row; whoever may be there already is asked about. */
function Rows({ rows, choose, known, isWhole }: Pick<Import, 'rows' | 'choose' | 'isWhole'> & { known: readonly KnownCondition[] }) {
  const nameOf = new Map(known.map(({ slug, name }) => [slug, name]))
  return (
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
        {rows.map(({ line, record, there, asInLine, choice }) => (
          <tr key={line} className="border-t border-line">
            <td className="py-1 pr-5">
              {record.given} {record.family}
            </td>
            <td className="whitespace-nowrap pr-5">{record.birthDate}</td>
            <td className="pr-5">{record.conditions.map(({ slug }) => nameOf.get(slug)).join('; ')}</td>
            <td>
              {there || asInLine !== undefined ? (
                <label className="flex flex-wrap items-center gap-2">
                  <span className="text-soft">{asInLine !== undefined ? `as in line ${asInLine}` : 'registered already'}</span>
                  <select className="input w-44" value={choice} onChange={(event) => choose(line, event.target.value as Choice)}>
                    {there && !isWhole && <option value="update">update</option>}
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
  )
}

/**
 * A spreadsheet of people, whose columns are matched, or a people file with whole records: every row is checked and shown, and nothing is written
 * until it is confirmed.
 */
export function ImportPeople({ known, registered }: { known: KnownCondition[]; registered: Registered[] }) {
  const { table, isWhole, columns, askOrder, ordered, rows, taken, bad, message, done, saving, read, change, choose, save, rest } = useImport(
    known,
    registered,
  )
  const confirm = (
    <button type="button" className="action" disabled={saving || taken.length === 0} onClick={save}>
      Import these {taken.length}
    </button>
  )
  return (
    <div className="flex flex-col gap-5">
      <label className="field max-w-md">
        <span>A CSV file with one header line, {MOST_ROWS} rows at most, or a people file of another house</span>
        <input className="input" type="file" accept=".csv,text/csv,.json,application/json" onChange={(event) => void read(event.target.files?.[0])} />
      </label>
      {done && <p role="status">{done}</p>}
      {isWhole && (
        <>
          <p className="max-w-prose">
            Whole records, with letters and answers as the other house had them. Read each of them before the first class, and ask each person whether
            you may keep it: that they agreed there does not count here.
          </p>
          <Rows rows={rows} choose={choose} known={known} isWhole />
          <div>{confirm}</div>
        </>
      )}
      {table && (
        <>
          {table.encoding === 'Windows-1252' && <p className="text-soft">Read as Windows-1252: look at the accents below.</p>}
          <ColumnChoice header={table.header} columns={columns} change={change} />
          {askOrder && <OrderChoice {...askOrder} />}
          {ordered && (
            <p role="status">
              {rows.length} can be imported, {bad.length} cannot.
            </p>
          )}
          {bad.length > 0 && (
            <ul aria-label="Rows with a problem">
              {bad.map(({ line, problems }) => (
                <li key={line} className="border-l-4 border-effort pl-3">
                  Line {line}: {problems.map(wrong).join('; ')}
                </li>
              ))}
            </ul>
          )}
          {rows.length > 0 && <Rows rows={rows} choose={choose} known={known} isWhole={false} />}
          <div className="flex flex-wrap gap-4">
            {confirm}
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
