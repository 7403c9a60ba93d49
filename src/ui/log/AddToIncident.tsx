'use client'
import { useRouter } from 'next/navigation'
import { useState, useTransition } from 'react'
import { deviceName, keepEvent, sendEventsOf } from '../lead/eventStore'

/** One line more of a record, with the time at which it is added: how it went on, who was told. */
export function AddToIncident({ session, incident }: { session: string; incident: string }) {
  const router = useRouter()
  const [text, setText] = useState('')
  const [message, setMessage] = useState('')
  const [saving, start] = useTransition()
  return (
    <form
      className="mt-3 flex flex-wrap items-end gap-3 print:hidden"
      onSubmit={(event) => {
        event.preventDefault()
        if (text.trim() === '') return
        start(async () => {
          await keepEvent(session, {
            id: crypto.randomUUID(),
            at: Date.now(),
            kind: 'incident-note',
            device: await deviceName(),
            of: incident,
            text: text.trim(),
          })
          const { waiting, refused } = await sendEventsOf(session)
          setMessage(refused.length > 0 ? `Not taken: ${refused[0]}` : waiting > 0 ? 'Kept on this device, waiting for the server.' : 'Added.')
          setText('')
          router.refresh()
        })
      }}
    >
      <label className="field min-w-60 flex-1">
        <span>Add: how it went on, who was told</span>
        <textarea className="input min-h-20" maxLength={2000} value={text} onChange={({ target }) => setText(target.value)} />
      </label>
      <button type="submit" className="action" disabled={saving || text.trim() === ''}>
        Add it
      </button>
      <span role="status" className="text-soft">
        {message}
      </span>
    </form>
  )
}
