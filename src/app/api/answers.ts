import { z } from 'zod'
import { NotFoundError } from '@/server/stale'
import { here } from '@/server/studio'

/** An answer that names the one thing that was wrong. */
export const refuse = (path: string, message: string, status = 400) => Response.json({ problems: [{ path, message }] }, { status })

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
    if (error instanceof NotFoundError) return refuse('$.id', error.message, 404)
    throw error
  }
}
