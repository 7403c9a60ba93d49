'use client'
import { useState, useTransition } from 'react'
import { answered, type Refusal, refusalWords } from './answered'

/** Taps that the server answers: whether one is under way, and why the last one was refused, in words. */
export function useTap() {
  const [message, setMessage] = useState('')
  const [busy, start] = useTransition()
  const tap = (ask: () => Promise<{ ok: true } | Refusal>, done?: () => void) =>
    start(async () => {
      const outcome = await answered(ask())
      setMessage(outcome.ok ? '' : refusalWords(outcome))
      if (outcome.ok) done?.()
    })
  return { busy, message, tap }
}
