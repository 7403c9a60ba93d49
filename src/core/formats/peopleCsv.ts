import { type ClientRecord, clientSchema } from '../client'

/** Columns that an import can fill; everything else of a record is entered on its page. */
export const CSV_FIELDS = ['given', 'family', 'birthDate', 'dueDate', 'statureCm', 'massKg', 'conditions', 'emergencyContact', 'note'] as const
export type CsvField = (typeof CSV_FIELDS)[number]

export const CSV_LABELS: Record<CsvField, string> = {
  given: 'First name',
  family: 'Family name',
  birthDate: 'Born on, YYYY-MM-DD',
  dueDate: 'Due date, YYYY-MM-DD',
  statureCm: 'Stature, cm',
  massKg: 'Mass, kg',
  conditions: 'Conditions, slugs with semicolons',
  emergencyContact: 'Emergency contact',
  note: 'Note',
}

const HINTS: Record<CsvField, RegExp> = {
  given: /^(given|first)/i,
  family: /^(family|last|sur)/i,
  birthDate: /^(born|birth|dob)/i,
  dueDate: /^due/i,
  statureCm: /^(stature|height)/i,
  massKg: /^(mass|weight)/i,
  conditions: /^condition/i,
  emergencyContact: /^emergency/i,
  note: /^note/i,
}

/** A first guess which column fills which field, by the words of the header; each column once. */
export function matchColumns(header: readonly string[]): Partial<Record<CsvField, number>> {
  const taken = new Set<number>()
  return Object.fromEntries(
    CSV_FIELDS.flatMap((field) => {
      const at = header.findIndex((column, index) => !taken.has(index) && (column.trim() === field || HINTS[field].test(column.trim())))
      if (at < 0) return []
      taken.add(at)
      return [[field, at]]
    }),
  )
}

export type CsvRow = { line: number; record: ClientRecord } | { line: number; problems: { field: string; message: string }[] }

/**
 * Rows of a table as records, or what is wrong with each. Nothing is written here.
 *
 * @param known slugs of the rule base
 */
export function recordsOf(rows: readonly (readonly string[])[], columns: Partial<Record<CsvField, number>>, known: ReadonlySet<string>): CsvRow[] {
  return rows.map((row, index): CsvRow => {
    const text = (field: CsvField) => (columns[field] === undefined ? '' : (row[columns[field]] ?? '').trim())
    const number = (field: CsvField) => (text(field) === '' ? undefined : Number(text(field).replace(',', '.')))
    const slugs = text('conditions')
      .split(';')
      .map((slug) => slug.trim())
      .filter(Boolean)
    const unknown = slugs.filter((slug) => !known.has(slug))
    const parsed = clientSchema.safeParse(
      Object.fromEntries(
        Object.entries({
          given: text('given'),
          family: text('family'),
          birthDate: text('birthDate'),
          dueDate: text('dueDate') || undefined,
          statureCm: number('statureCm'),
          massKg: number('massKg'),
          conditions: slugs.map((slug) => ({ slug })),
          emergencyContact: text('emergencyContact') || undefined,
          note: text('note') || undefined,
        }).filter(([, value]) => value !== undefined),
      ),
    )
    const problems = [
      ...unknown.map((slug) => ({ field: 'conditions', message: `there is no condition "${slug}"` })),
      ...(parsed.success ? [] : parsed.error.issues.map((issue) => ({ field: String(issue.path[0] ?? ''), message: issue.message }))),
    ]
    // the header is line 1
    const line = index + 2
    return parsed.success && problems.length === 0 ? { line, record: parsed.data } : { line, problems }
  })
}

/** A record as a row of the same columns, for the export. */
export const rowOf = (record: ClientRecord): string[] =>
  CSV_FIELDS.map((field) => (field === 'conditions' ? record.conditions.map(({ slug }) => slug).join('; ') : String(record[field] ?? '')))
