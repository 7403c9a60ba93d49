'use client'
import { useCallback, useEffect, useRef, useState } from 'react'
import type { ComposeAsk, ComposerAsk, ComposerNews, ProposalView } from '@/workers/composerContract'

const PROPOSALS = 3

export type Composing =
  | { state: 'idle' }
  /** looking for the proposal of this number; how far the best so far may be from the best there is */
  | { state: 'looking'; number: number; within?: number }
  | { state: 'done' }
  | { state: 'stopped' }
  | { state: 'impossible'; news: Extract<ComposerNews, { kind: 'impossible' }> }
  | { state: 'failed'; message: string }

/** The solver's worker: warmed while the brief is written, thrown away when it is stopped, begun anew when it is asked again. */
export function useComposer(warm: ComposeAsk) {
  const worker = useRef<Worker | undefined>(undefined)
  const [composing, setComposing] = useState<Composing>({ state: 'idle' })
  const [proposals, setProposals] = useState<ProposalView[]>([])
  const [first, setFirst] = useState<ProposalView>()
  /** what was asked last, or will be first */
  const last = useRef(warm)

  const begin = useCallback(() => {
    if (worker.current) return worker.current
    const made = new Worker(new URL('../../workers/composer.worker.ts', import.meta.url), { type: 'module' })
    made.onmessage = ({ data }: MessageEvent<ComposerNews>) => {
      switch (data.kind) {
        case 'first':
          return setFirst(data.proposal)
        case 'progress':
          return setComposing({
            state: 'looking',
            number: data.proposal,
            ...(data.value !== undefined && { within: Math.max(0, (data.bound - data.value) / Math.abs(data.value)) }),
          })
        case 'proposal':
          setFirst(undefined)
          return setProposals((before) => [...before.slice(0, data.number), data.proposal])
        case 'done':
          return setComposing({ state: 'done' })
        case 'impossible':
          return setComposing({ state: 'impossible', news: data })
        case 'unknown':
          return setComposing({ state: 'failed', message: 'The search ended without an answer. Ask for less at once, and try again.' })
        case 'fault':
          return setComposing({ state: 'failed', message: data.message })
      }
    }
    made.onerror = (event) => setComposing({ state: 'failed', message: event.message || 'The solver stopped.' })
    worker.current = made
    return made
  }, [])

  useEffect(() => {
    const timer = setTimeout(() => begin().postMessage({ kind: 'warm', ask: last.current } satisfies ComposerAsk), 300)
    return () => {
      clearTimeout(timer)
      worker.current?.terminate()
      worker.current = undefined
    }
  }, [begin])

  const forget = () => {
    setProposals([])
    setFirst(undefined)
    setComposing({ state: 'idle' })
  }
  const compose = (ask: ComposeAsk) => {
    last.current = ask
    forget()
    setComposing({ state: 'looking', number: 0 })
    begin().postMessage({ kind: 'compose', ask, proposals: PROPOSALS } satisfies ComposerAsk)
  }
  /** What was found so far stays. */
  const stop = () => {
    worker.current?.terminate()
    worker.current = undefined
    setComposing({ state: 'stopped' })
    // the next one is warmed at once
    begin().postMessage({ kind: 'warm', ask: last.current } satisfies ComposerAsk)
  }
  return { composing, proposals, first, compose, stop, forget }
}
