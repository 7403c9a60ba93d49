'use client'
import { usePathname, useRouter } from 'next/navigation'
import { useEffect } from 'react'

const EVERY_MS = 20_000

/**
 * Sends what a lead screen that was closed has left behind, wherever in the application somebody is. A page that was made before the server had it
 * is asked for again: a record of what happened must not look as if the last words were lost. The screens of a class follow by themselves.
 */
export function Outbox() {
  const router = useRouter()
  const leads = usePathname().startsWith('/lead')
  useEffect(() => {
    // the store with its validators is loaded after the page
    const send = () =>
      void import('./eventStore')
        .then(({ sendEvents }) => sendEvents())
        .then((sent) => {
          if (!leads && [...sent.values()].some(({ kept }) => kept > 0)) router.refresh()
        })
        .catch(() => undefined)
    send()
    const timer = setInterval(send, EVERY_MS)
    window.addEventListener('online', send)
    return () => {
      clearInterval(timer)
      window.removeEventListener('online', send)
    }
  }, [router, leads])
  return null
}
