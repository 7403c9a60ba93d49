'use client'
import { useRouter } from 'next/navigation'
import { useEffect, useState } from 'react'

/**
 * A page that tells of a class learns of taps that came to the server after it was made: the last ones of a screen that was just closed, or those of
 * another device. It is asked for again by itself; where something is filled in, whoever does it says when.
 *
 * @param last number of the latest tap that the page knows
 */
export function FollowSession({ session, last, asks = false }: { session: string; last: number; asks?: boolean }) {
  const router = useRouter()
  const [hasNews, setHasNews] = useState(false)
  useEffect(() => {
    let stop = () => {}
    let isGone = false
    // the store with its validators is loaded after the page
    void import('../lead/eventStore').then(({ streamEvents }) => {
      if (!isGone) stop = streamEvents(session, last, () => (asks ? setHasNews(true) : router.refresh()))
    })
    return () => {
      isGone = true
      stop()
    }
  }, [session, last, asks, router])
  return hasNews ? (
    <p role="status" className="border-l-4 border-effort pl-3">
      More taps of this class have come since this page was opened. <a href={`/sessions/${session}`}>Open the log anew with them</a>; what you have
      typed and not saved goes with it.
    </p>
  ) : null
}
