'use client'
import { useCallback, useEffect, useRef } from 'react'
import type { QuestionKind, Questions, Request, Response } from '@/workers/designerContract'

interface Waiting {
  resolve: (answer: unknown) => void
  reject: (error: Error) => void
}

/** Questions to the designer's worker. The worker, with rules and library, is loaded after the first paint. */
export function useDesk(first: Questions['model']['ask']) {
  const worker = useRef<Worker | null>(null)
  const waiting = useRef(new Map<number, Waiting>())
  const next = useRef(1)
  const firstAsk = useRef(first)

  const start = useCallback(() => {
    if (worker.current) return worker.current
    const made = new Worker(new URL('../../workers/designer.worker.ts', import.meta.url), { type: 'module' })
    made.onmessage = ({ data }: MessageEvent<Response>) => {
      const asked = waiting.current.get(data.id)
      waiting.current.delete(data.id)
      if ('fault' in data) asked?.reject(new Error(data.fault))
      else asked?.resolve(data.answer)
    }
    made.onerror = (event) => {
      for (const asked of waiting.current.values()) asked.reject(new Error(event.message || 'the worker stopped'))
      waiting.current.clear()
    }
    made.postMessage({ id: 0, kind: 'model', ask: firstAsk.current } satisfies Request)
    worker.current = made
    return made
  }, [])

  useEffect(() => {
    const timer = setTimeout(start, 300)
    return () => {
      clearTimeout(timer)
      worker.current?.terminate()
      worker.current = null
    }
  }, [start])

  return useCallback(
    <K extends QuestionKind>(kind: K, ask: Questions[K]['ask']): Promise<Questions[K]['answer']> =>
      new Promise((resolve, reject) => {
        const id = next.current++
        waiting.current.set(id, { resolve: resolve as (answer: unknown) => void, reject })
        start().postMessage({ id, kind, ask } as Request)
      }),
    [start],
  )
}
