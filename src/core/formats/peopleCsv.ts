import { type ClientRecord, clientSchema, type Day, isDay } from '../client'
import { issueWords } from './problems'

/** What one import takes. */
export const MOST_ROWS = 300

/** Columns that an import can fill; everything else of a record is entered on its page. */
export const CSV_FIELDS = ['given', 'family', 'birthDate', 'dueDate', 'statureCm', 'massKg', 'conditions', 'emergencyContact', 'note'] as const
export type CsvField = (typeof CSV_FIELDS)[number]

export const CSV_LABELS: Record<CsvField, string> = {
  given: 'First name',
  family: 'Family name',
  birthDate: 'Born on',
  dueDate: 'Due date',
  statureCm: 'Stature, cm',
  massKg: 'Mass, kg',
  conditions: 'Conditions',
  emergencyContact: 'Emergency contact',
  note: 'Note',
}

/** What columns are called elsewhere, in English, German, French and Spanish. */
const HINTS: Record<CsvField, RegExp> = {
  given: /^(given|first|fore|vorname|prénom|prenom|nombre)/,
  family: /^(family|last|sur|nachname|familienname|nom\b|apellido)/,
  birthDate: /(birth|^born|^dob\b|geburt|geboren|naissance|nacimiento)/,
  dueDate: /(^due|^edd\b|entbindung|errechneter termin|accouchement|^et\b)/,
  statureCm: /(^stature|height|größe|groesse|^taille|^altura)/,
  massKg: /(^mass|weight|gewicht|poids|^peso)/,
  conditions: /(condition|diagnos|illness|erkrankung|beschwerden|maladie|pathologie)/,
  emergencyContact: /(emergency|notfall|urgence|emergencia|next of kin)/,
  note: /^(note|remark|comment|bemerkung|notiz|remarque|nota)/,
}

export type Columns = Partial<Record<CsvField, number>>

/**
 * A first guess which column fills which field, by the words of the header; each column once.
 *
 * @param learned what columns of these names were chosen for before; '' = for nothing
 */
export function matchColumns(header: readonly string[], learned: Readonly<Record<string, CsvField | ''>> = {}): Columns {
  const taken = new Set<number>()
  const find = (fits: (name: string) => boolean) => header.findIndex((column, index) => !taken.has(index) && fits(column.trim().toLowerCase()))
  return Object.fromEntries(
    CSV_FIELDS.flatMap((field) => {
      const known = find((name) => learned[name] === field || name === field.toLowerCase())
      const at = known >= 0 ? known : find((name) => learned[name] === undefined && HINTS[field].test(name))
      if (at < 0) return []
      taken.add(at)
      return [[field, at]]
    }),
  )
}

/** In which order a table writes day, month and year; `ask` when its days fit more than one. */
export type DateOrder = 'ymd' | 'dmy' | 'mdy'
const NUMBERS = /^(\d{1,4})\s*[-./]\s*(\d{1,2})\s*[-./]\s*(\d{1,4})$/

/** @returns the order that the days themselves show; `ask` when both day first and month first would do */
export function dateOrderOf(days: readonly string[]): DateOrder | 'ask' {
  const parts = days.flatMap((day) => {
    const found = NUMBERS.exec(day.trim())
    return found && found[1]!.length <= 2 ? [{ one: Number(found[1]), two: Number(found[2]), dots: day.includes('.') }] : []
  })
  if (parts.length === 0) return 'ymd'
  // with dots nobody writes the month first
  if (parts.some(({ one, dots }) => one > 12 || dots)) return 'dmy'
  return parts.some(({ two }) => two > 12) ? 'mdy' : 'ask'
}

/** @returns the day as it is stored, or undefined when it is none in that order */
export function readDay(text: string, order: DateOrder): Day | undefined {
  const found = NUMBERS.exec(text.trim())
  if (!found) return undefined
  const [, one = '', two = '', three = ''] = found
  const [year, month, day] = one.length === 4 ? [one, two, three] : order === 'mdy' ? [three, one, two] : [three, two, one]
  const written = `${year}-${month.padStart(2, '0')}-${day.padStart(2, '0')}`
  return year.length === 4 && isDay(written) ? written : undefined
}

export interface KnownCondition {
  slug: string
  name: string
}

/** A row of a file; `line` is where it begins, the header being line 1 unless blank lines stand before it. */
export interface CsvLine {
  line: number
  cells: readonly string[]
}
export type CsvRow = { line: number; record: ClientRecord } | { line: number; problems: { field: CsvField | ''; message: string }[] }

const plain = (text: string) =>
  text
    .toLowerCase()
    .normalize('NFD')
    .replace(/\p{M}/gu, '')
    .replace(/[^\p{L}\p{N}]+/gu, ' ')
    .trim()

/**
 * Rows of a table as records, or what is wrong with each. Nothing is written here.
 *
 * @param known conditions of the rule base; a cell names them by name or short name
 * @param nearest the name nearest to words that are none
 */
export function recordsOf(
  rows: readonly CsvLine[],
  columns: Columns,
  order: DateOrder,
  known: readonly KnownCondition[],
  nearest: (words: string) => string | undefined = () => undefined,
): CsvRow[] {
  const slugOf = new Map(known.flatMap(({ slug, name }) => [[plain(slug), slug] as const, [plain(name), slug] as const]))
  return rows.map(({ line, cells }): CsvRow => {
    const text = (field: CsvField) => (columns[field] === undefined ? '' : unguarded((cells[columns[field]] ?? '').trim()))
    const number = (field: CsvField) => (text(field) === '' ? undefined : Number(text(field).replace(',', '.')))
    const problems: { field: CsvField | ''; message: string }[] = []
    const day = (field: CsvField) => {
      if (text(field) === '') return undefined
      const read = readDay(text(field), order)
      if (!read) problems.push({ field, message: `"${text(field)}" is no day; write it as 1950-02-28, with the year in four figures` })
      return read
    }
    const named = text('conditions')
      .split(';')
      .map((name) => name.trim())
      .filter(Boolean)
    const unknown = named.filter((name) => !slugOf.has(plain(name)))
    for (const name of unknown) {
      const near = nearest(name)
      problems.push({ field: 'conditions', message: `"${name}" is not in the list${near ? `; nearest: ${near}` : ''}` })
    }
    const birthDate = day('birthDate')
    if (text('birthDate') === '') problems.push({ field: 'birthDate', message: 'a date of birth is needed' })
    const dueDate = day('dueDate')
    const slugs = [...new Set(named.flatMap((name) => slugOf.get(plain(name)) ?? []))]
    const parsed = clientSchema.safeParse(
      Object.fromEntries(
        Object.entries({
          given: text('given'),
          family: text('family'),
          // said above, if it is none
          birthDate: birthDate ?? '1950-01-01',
          dueDate,
          statureCm: number('statureCm'),
          massKg: number('massKg'),
          conditions: slugs.map((slug) => ({ slug })),
          emergencyContact: text('emergencyContact') || undefined,
          note: text('note') || undefined,
        }).filter(([, value]) => value !== undefined),
      ),
    )
    if (!parsed.success)
      problems.push(...parsed.error.issues.map((issue) => ({ field: (issue.path[0] ?? '') as CsvField | '', message: issueWords(issue) })))
    return parsed.success && problems.length === 0 ? { line, record: parsed.data } : { line, problems }
  })
}

/** The same for two records that may be of one person: name and day of birth, however they are written. */
export const personKey = ({ given, family, birthDate }: Pick<ClientRecord, 'given' | 'family' | 'birthDate'>): string =>
  [birthDate, plain(given), plain(family)].join('|')

/** A record with what a row of a file brings: filled cells take the place of old ones, conditions are added and never taken away. */
export function withRow(record: ClientRecord, row: ClientRecord): ClientRecord {
  const there = new Set(record.conditions.map(({ slug }) => slug))
  const brought = Object.fromEntries(
    (['dueDate', 'statureCm', 'massKg', 'emergencyContact', 'note'] as const).flatMap((field) =>
      row[field] === undefined ? [] : [[field, row[field]]],
    ),
  )
  return { ...record, ...brought, conditions: [...record.conditions, ...row.conditions.filter(({ slug }) => !there.has(slug))] }
}

/** A plain telephone number is no formula; whatever else could begin one elsewhere is led by an apostrophe. */
export const guarded = (text: string) => (/^[=+\-@\t\r]/.test(text) && !/^\+[\d\s()]+$/.test(text) ? `'${text}` : text)
const unguarded = (text: string) => (/^'[=+\-@\t\r]/.test(text) ? text.slice(1) : text)

/** A record as a row of the same columns, for the export. */
export const rowOf = (record: ClientRecord): string[] =>
  CSV_FIELDS.map((field) => guarded(field === 'conditions' ? record.conditions.map(({ slug }) => slug).join('; ') : String(record[field] ?? '')))
