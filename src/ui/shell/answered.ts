import type { FileProblem } from '@/core/formats'
import { problemsText } from '@/core/formats/problems'

/** The server did not answer: it is away, or its database is. */
export interface Away {
  ok: false
  kind: 'away'
}
/** Why an action did nothing. */
export type Refusal =
  | Away
  | { ok: false; kind: 'invalid'; problems: FileProblem[] }
  | { ok: false; kind: 'gone'; message: string }
  | { ok: false; kind: 'stale' }

/** What an action answers, or that nothing came back. */
export const answered = <O>(outcome: Promise<O>): Promise<O | Away> => outcome.catch((): Away => ({ ok: false, kind: 'away' }))

/** Why nothing was saved, in words. @param stale said when somebody else saved meanwhile */
export function refusalWords(
  refusal: Refusal,
  stale = 'Not saved: this was changed in another window meanwhile. What you typed is still here.',
): string {
  switch (refusal.kind) {
    case 'away':
      return 'Not saved: the server did not answer. What you typed is still here; try again.'
    case 'invalid':
      return problemsText(refusal.problems)
    case 'gone':
      return `Not saved: ${refusal.message}.`
    case 'stale':
      return stale
  }
}
