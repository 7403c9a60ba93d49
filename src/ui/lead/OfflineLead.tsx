'use client'
import { useEffect, useState } from 'react'
import { packOf } from './eventStore'
import { LeadScreen } from './LeadScreen'
import type { LeadPack } from './pack'

/** The lead screen with what this browser kept of the session: for a start without a server. */
export function OfflineLead() {
  const [pack, setPack] = useState<LeadPack | 'nothing'>()
  useEffect(() => {
    const session = window.location.pathname.split('/')[2] ?? ''
    packOf(session)
      .then((found) => setPack(found ?? 'nothing'))
      .catch(() => setPack('nothing'))
  }, [])
  if (pack === undefined) return <p className="p-8">Opening…</p>
  if (pack === 'nothing')
    return (
      <div className="max-w-prose p-8">
        <h1>The server does not answer</h1>
        <p className="mt-3">
          This class was not opened on this device while there was a network, or it has ended. Try again when the server is there.
        </p>
      </div>
    )
  return <LeadScreen pack={pack} />
}
