'use client'
import { useCallback, useEffect, useRef } from 'react'
import type { Reply } from '@/workers/answering'

interface Waiting {
  resolve: (answer: unknown) => void
  reject: (error: Error) => void
}
interface Dialogue {
  [kind: string]: { ask: unknown; answer: unknown }
}

/**
 * Questions to a worker, each with its answer. The worker, with rules and library, is loaded after the first paint.
 *
 * @param make makes the worker; the address must stand in the caller, where the bundler finds it
 * @param first asked right after the start, so that the worker knows what the page knows; left out = it starts with the first question
 */
export function useAsk<Q extends object>(make: () => Worker, first: { kind: keyof Q & string; ask: unknown } | undefined) {
  const worker = useRef<Worker | null>(null)
  const waiting = useRef(new Map<number, Waiting>())
  const next = useRef(1)
  const start = useRef({ make, first })

  const begin = useCallback(() => {
    if (worker.current) return worker.current
    const made = start.current.make()
    made.onmessage = ({ data }: MessageEvent<Reply>) => {
      const asked = waiting.current.get(data.id)
      waiting.current.delete(data.id)
      if ('fault' in data) asked?.reject(new Error(data.fault))
      else asked?.resolve(data.answer)
    }
    made.onerror = (event) => {
      for (const asked of waiting.current.values()) asked.reject(new Error(event.message || 'the worker stopped'))
      waiting.current.clear()
    }
    if (start.current.first) made.postMessage({ id: 0, ...start.current.first })
    worker.current = made
    return made
  }, [])

  useEffect(() => {
    const timer = start.current.first && setTimeout(begin, 300)
    return () => {
      clearTimeout(timer)
      worker.current?.terminate()
      worker.current = null
    }
  }, [begin])

  return useCallback(
    <K extends keyof Q & string>(kind: K, ask: Q[K] extends Dialogue[string] ? Q[K]['ask'] : never) =>
      new Promise<Q[K] extends Dialogue[string] ? Q[K]['answer'] : never>((resolve, reject) => {
        const id = next.current++
        waiting.current.set(id, { resolve: resolve as (answer: unknown) => void, reject })
        begin().postMessage({ id, kind, ask })
      }),
    [begin],
  )
}
