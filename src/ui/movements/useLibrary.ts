'use client'
import type { LibraryQuestions } from '@/workers/libraryContract'
import { useAsk } from '../shell/useAsk'

/** Questions to the library. @param open what it is about; left out = the worker is not started before it is asked */
export const useLibrary = (open: LibraryQuestions['open']['ask'] | undefined) =>
  useAsk<LibraryQuestions>(
    () => new Worker(new URL('../../workers/library.worker.ts', import.meta.url), { type: 'module' }),
    open && { kind: 'open', ask: open },
  )
