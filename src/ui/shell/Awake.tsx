'use client'
import type { ReactNode } from 'react'
import { useHydrated } from './useHydrated'

/** Fields that take nothing until the page has woken up: what is typed or chosen before that would be lost without a word. */
export const Awake = ({ children }: { children: ReactNode }) => (
  <fieldset disabled={!useHydrated()} className="contents">
    {children}
  </fieldset>
)
