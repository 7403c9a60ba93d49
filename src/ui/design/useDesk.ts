'use client'
import type { Questions } from '@/workers/designerContract'
import { useAsk } from '../shell/useAsk'

/** Questions to the designer's worker. */
export const useDesk = (first: Questions['model']['ask']) =>
  useAsk<Questions>(() => new Worker(new URL('../../workers/designer.worker.ts', import.meta.url), { type: 'module' }), { kind: 'model', ask: first })
