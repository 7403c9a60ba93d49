import Papa from 'papaparse'
import { z } from 'zod'
import { NotFoundError } from '@/server/stale'
import { here } from '@/server/studio'

/** An answer that names the one thing that was wrong. */
export const refuse = (path: string, message: string, status = 400) => Response.json({ problems: [{ path, message }] }, { status })

/** A body that is longer than what a route takes. */
export class TooLongError extends Error {}

/**
 * What was sent, read no further than it may be long, whatever its head says of its length.
 *
 * @param most bytes
 * @throws TooLongError
 */
export async function bodyOf(request: Request, most: number): Promise<Uint8Array<ArrayBuffer>> {
  const parts: Uint8Array[] = []
  let length = 0
  const reader = request.body?.getReader()
  for (let part = await reader?.read(); part && !part.done; part = await reader?.read()) {
    length += part.value.byteLength
    if (length > most) {
      await reader?.cancel()
      throw new TooLongError()
    }
    parts.push(part.value)
  }
  const whole = new Uint8Array(length)
  let at = 0
  for (const part of parts) {
    whole.set(part, at)
    at += part.byteLength
  }
  return whole
}

/**
 * Answers about the thing that the address names; what is no id is refused, and what is not kept is said to be missing.
 *
 * @param what the thing in words, for the refusal
 */
export async function withId(
  params: Promise<{ id: string }>,
  what: string,
  run: (place: Awaited<ReturnType<typeof here>> & { id: string }) => Promise<Response>,
): Promise<Response> {
  const { id } = await params
  if (!z.uuid().safeParse(id).success) return refuse('$.id', `expected the id of ${what}`)
  try {
    return await run({ ...(await here()), id })
  } catch (error) {
    if (error instanceof TooLongError) return refuse('$', 'this is longer than what is taken at once', 413)
    if (error instanceof NotFoundError) return refuse('$.id', error.message, 404)
    throw error
  }
}

/** A document to keep. */
export const jsonFile = (filename: string, document: unknown): Response =>
  new Response(`${JSON.stringify(document, null, 2)}\n`, {
    headers: { 'content-type': 'application/json', 'content-disposition': `attachment; filename="${filename}"`, 'cache-control': 'no-store' },
  })

/** Rows as a spreadsheet to keep. @param fields names of the columns */
export function sheet(filename: string, fields: string[], data: readonly (string | number | null | undefined)[][]): Response {
  // the mark tells spreadsheets that it is UTF-8
  const text = `\ufeff${Papa.unparse({ fields, data: [...data] }, { escapeFormulae: true })}`
  return new Response(text, {
    headers: { 'content-type': 'text/csv; charset=utf-8', 'content-disposition': `attachment; filename="${filename}"`, 'cache-control': 'no-store' },
  })
}
