import { z } from 'zod'
import { type FileProblem, parseKeepable, problemsText } from '@/core/formats'
import { AlreadyDoneError } from '../repositories/requests'
import { NotFoundError, StaleError } from '../stale'

/** What an action answers. A refusal has written nothing. */
export type Outcome<T, Newer = never> =
  | ({ ok: true } & T)
  | { ok: false; kind: 'invalid'; problems: FileProblem[] }
  | { ok: false; kind: 'gone'; message: string }
  | { ok: false; kind: 'stale'; newer: Newer; revision: number }

/** Parses, runs and turns the expected errors into data; anything else is a fault and is thrown. */
export async function answer<S extends z.ZodType, T extends object, Newer = never>(
  schema: S,
  input: unknown,
  run: (value: z.output<S>) => Promise<T>,
): Promise<Outcome<T, Newer>> {
  const parsed = parseKeepable(schema, input)
  if ('problems' in parsed) return { ok: false, kind: 'invalid', problems: parsed.problems }
  try {
    return { ok: true, ...(await run(parsed.value)) }
  } catch (error) {
    if (error instanceof StaleError) return { ok: false, kind: 'stale', newer: error.newer as Newer, revision: error.newerRevision }
    if (error instanceof NotFoundError) return { ok: false, kind: 'gone', message: error.message }
    if (error instanceof AlreadyDoneError) return { ok: false, kind: 'invalid', problems: [{ path: '$', message: error.message }] }
    if (error instanceof InvalidError) return { ok: false, kind: 'invalid', problems: error.problems }
    throw error
  }
}

/** Input that is well formed and still wrong. */
export class InvalidError extends Error {
  constructor(readonly problems: FileProblem[]) {
    super(problemsText(problems))
    this.name = 'InvalidError'
  }
}

export const idSchema = z.uuid()
export const revisionSchema = z.number().int().min(1)

/** The first of a list that is there a second time, by what tells them apart. */
export const repeated = <T>(list: readonly T[], key: (one: T) => string): T | undefined => {
  const seen = new Set<string>()
  return list.find((one) => seen.size === seen.add(key(one)).size)
}
