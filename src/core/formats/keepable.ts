import type { z } from 'zod'
import { type FileProblem, problemsOf } from './problems'

const said = (text: string): string | undefined => {
  if (text.includes('\0')) return 'holds a character that cannot be kept (NUL)'
  if (/\p{Cs}/u.test(text)) return 'holds half a character (a lone surrogate)'
  return undefined
}

/**
 * What no database keeps as it was given: the character NUL, and halves of characters, in any text of a document, its keys too.
 *
 * @returns each with its place; empty when all of it can be kept
 */
export function unkeepable(document: unknown, path = '$'): FileProblem[] {
  if (typeof document === 'string') {
    const message = said(document)
    return message ? [{ path, message }] : []
  }
  if (Array.isArray(document)) return document.flatMap((part, index) => unkeepable(part, `${path}[${index}]`))
  if (document === null || typeof document !== 'object') return []
  return Object.entries(document).flatMap(([key, part]) => {
    const message = said(key)
    return message ? [{ path, message: `has a name that ${message}` }] : unkeepable(part, `${path}.${key}`)
  })
}

/** Input that fits a schema and can be kept as it was given, or all that is wrong with it. */
export function parseKeepable<S extends z.ZodType>(schema: S, input: unknown): { value: z.output<S> } | { problems: FileProblem[] } {
  const parsed = schema.safeParse(input)
  const problems = parsed.success ? unkeepable(parsed.data) : problemsOf(parsed.error)
  return parsed.success && problems.length === 0 ? { value: parsed.data } : { problems }
}
