'use client'
import { type RefObject, useCallback, useRef } from 'react'
import type { ModelAsk, QuestionKind, Questions } from '@/workers/designerContract'
import { useAsk } from '../shell/useAsk'

const make = () => new Worker(new URL('../../workers/designer.worker.ts', import.meta.url), { type: 'module' })

/** What takes seconds has a worker of its own: an edit that is made meanwhile is judged at once. */
const LONG: readonly QuestionKind[] = ['rehearse', 'mend', 'fit']

/** What of the class is other than what was told before. */
function newsOf(now: ModelAsk, before: ModelAsk | undefined): ModelAsk {
  const { plan, people, own, experience, house } = now
  return {
    plan,
    ...(people !== before?.people && { people }),
    ...(own !== before?.own && { own }),
    ...(experience !== before?.experience && { experience }),
    ...(house !== before?.house && { house }),
  }
}

/**
 * Questions to the designer's workers.
 *
 * @param now the class as it stands, which long questions are about
 */
export function useDesk(first: ModelAsk, now: RefObject<ModelAsk>) {
  const ask = useAsk<Questions>(make, { kind: 'model', ask: first })
  const askAside = useAsk<Questions>(make, undefined)
  const told = useRef<ModelAsk>(undefined)
  return useCallback(
    ((kind, question) => {
      if (!LONG.includes(kind)) return ask(kind, question)
      // a class that is not sound is not taken, as by the worker that judges: what is asked then is about the last one that was
      askAside('class', newsOf(now.current, told.current)).catch(() => {
        told.current = undefined
      })
      told.current = now.current
      return askAside(kind, question)
    }) as typeof ask,
    [ask, askAside, now],
  )
}
