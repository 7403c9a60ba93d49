'use client'
import { useCallback, useSyncExternalStore } from 'react'

/** Whether a media query holds. What the server sends is as if it did not. */
export function useMedia(query: string): boolean {
  const watch = useCallback(
    (told: () => void) => {
      const list = window.matchMedia(query)
      list.addEventListener('change', told)
      return () => list.removeEventListener('change', told)
    },
    [query],
  )
  return useSyncExternalStore(
    watch,
    () => window.matchMedia(query).matches,
    () => false,
  )
}

export const NARROW = '(max-width: 40rem)'
export const LESS_MOTION = '(prefers-reduced-motion: reduce)'
