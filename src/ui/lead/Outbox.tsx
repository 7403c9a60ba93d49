'use client'
import { useEffect } from 'react'

const EVERY_MS = 20_000

/** Sends what a lead screen that was closed has left behind, wherever in the application somebody is. */
export function Outbox() {
  useEffect(() => {
    // the store with its validators is loaded after the page
    const send = () => void import('./eventStore').then(({ sendEvents }) => sendEvents()).catch(() => undefined)
    send()
    const timer = setInterval(send, EVERY_MS)
    window.addEventListener('online', send)
    return () => {
      clearInterval(timer)
      window.removeEventListener('online', send)
    }
  }, [])
  return null
}
