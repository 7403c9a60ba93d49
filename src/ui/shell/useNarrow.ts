'use client'
import { useSyncExternalStore } from 'react'

const PHONE = '(max-width: 40rem)'

function watch(told: () => void) {
  const query = window.matchMedia(PHONE)
  query.addEventListener('change', told)
  return () => query.removeEventListener('change', told)
}

/** Whether the window is as narrow as a phone. What the server sends is for a wide one. */
export const useNarrow = (): boolean =>
  useSyncExternalStore(
    watch,
    () => window.matchMedia(PHONE).matches,
    () => false,
  )
