import type { z } from 'zod'

type Issue = z.ZodError['issues'][number]

const TYPES: Record<string, string> = {
  string: 'text',
  number: 'a number',
  int: 'a whole number',
  boolean: 'yes or no',
  array: 'a list',
  object: 'an object',
  record: 'an object',
  undefined: 'nothing',
}
const several = (count: number | bigint, one: string, many = `${one}s`) => `${count} ${Number(count) === 1 ? one : many}`
const counted = (origin: string, count: number | bigint) =>
  origin === 'string' ? several(count, 'letter') : origin === 'array' || origin === 'set' ? several(count, 'entry', 'entries') : String(count)

/** What the library itself says of an issue; a message that a schema gave stands as it is. */
const FROM_THE_LIBRARY = /^(Too small|Too big|Invalid input|Invalid option|Unrecognized key)/

/** An issue as a sentence for somebody who fills in a form or a file: what was expected. */
export function issueWords(issue: Issue): string {
  if (!FROM_THE_LIBRARY.test(issue.message)) return issue.message
  switch (issue.code) {
    case 'too_small':
      return issue.origin === 'string' && Number(issue.minimum) <= 1 ? 'this is needed' : `expected at least ${counted(issue.origin, issue.minimum)}`
    case 'too_big':
      return `expected at most ${counted(issue.origin, issue.maximum)}`
    case 'invalid_type':
      return `expected ${TYPES[issue.expected] ?? issue.expected}`
    case 'invalid_value':
      return `expected ${issue.values.length > 1 ? 'one of ' : ''}${issue.values.map(String).join(', ')}`
    case 'unrecognized_keys':
      return `there is no field ${issue.keys.map((key) => `"${key}"`).join(', ')} here`
    default:
      return issue.message
  }
}

/** One thing wrong with a file, with its place. */
export interface FileProblem {
  path: string
  message: string
}

export const problemsOf = (error: z.ZodError): FileProblem[] =>
  error.issues.map((issue) => ({
    path: issue.path.reduce<string>((path, key) => (typeof key === 'number' ? `${path}[${key}]` : `${path}.${String(key)}`), '$'),
    message: issueWords(issue),
  }))

/** Problems in one line, each with its place. */
export const problemsText = (problems: readonly FileProblem[]): string => problems.map(({ path, message }) => `${path}: ${message}`).join('; ')
