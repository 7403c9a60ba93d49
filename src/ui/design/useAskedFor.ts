import { useEffect, useRef, useState } from 'react'
import type { ClassModel } from '@/core/evaluate'

/** What is asked for by a press and holds for one class as it is judged: another plan or other people, and it is forgotten. */
export function useAskedFor<T>(model: ClassModel, ask: () => Promise<T>): { found: T | undefined; busy: boolean; askFor: () => void } {
  const [found, setFound] = useState<T>()
  const [busy, setBusy] = useState(false)
  const now = useRef(model)
  now.current = model
  // biome-ignore lint/correctness/useExhaustiveDependencies: the model says when
  useEffect(() => setFound(undefined), [model])
  const askFor = () => {
    setBusy(true)
    void ask()
      // an answer about a class that is another meanwhile is none
      .then((answer) => now.current === model && setFound(answer))
      .finally(() => setBusy(false))
  }
  return { found, busy, askFor }
}
