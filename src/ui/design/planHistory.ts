import type { Edit } from '@/core/plan'

/** What can be taken back, over a reload of this tab; it holds for the very plan that it was made on. */
const HISTORY_KEPT = 200
const KEY = 'plan-history '
const historyKey = (id: string) => `${KEY}${id}`
export function rememberedHistory(id: string, revision: number): { undo: Edit[]; redo: Edit[] } | undefined {
  try {
    const kept = JSON.parse(sessionStorage.getItem(historyKey(id)) ?? 'null') as { revision: number; undo: Edit[]; redo: Edit[] } | null
    return kept?.revision === revision ? kept : undefined
  } catch {
    // a browser that keeps nothing has nothing to take back
    return undefined
  }
}
export function keepHistory(id: string, revision: number, undo: readonly Edit[], redo: readonly Edit[]) {
  try {
    sessionStorage.setItem(historyKey(id), JSON.stringify({ revision, undo: undo.slice(-HISTORY_KEPT), redo: redo.slice(-HISTORY_KEPT) }))
  } catch {
    // as above
  }
}

/** A note that was taken out of a plan may name somebody who was erased. */
export function forgetHistories(): void {
  for (const key of Object.keys(sessionStorage)) if (key.startsWith(KEY)) sessionStorage.removeItem(key)
}
