'use client'
import { useSyncExternalStore } from 'react'

const never = () => () => {}

/** False in what the server sends and until the page has woken up: for what is heavy and not needed to read the page. */
export const useHydrated = (): boolean =>
  useSyncExternalStore(
    never,
    () => true,
    () => false,
  )
