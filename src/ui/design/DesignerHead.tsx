'use client'
import { Redo2, Undo2 } from 'lucide-react'
import { clock } from '@/core/timing'

interface Props {
  title: string
  /** day and time of the class that is shown */
  dayWords: string
  seconds: number
  promisedMinutes: number
  /** how saving and judging go */
  status: string
  people: number
  items: number
  /** a session is being opened */
  busy: boolean
  onTime: () => void
  /** undefined = nothing to take back, or to bring again */
  onUndo: (() => void) | undefined
  onRedo: (() => void) | undefined
  onRoom: () => void
  onRoster: () => void
  onBegin: (where: 'door' | 'lead') => void
}

/** What class this is, how long it takes against what was promised, and what can be done with all of it. */
export function DesignerHead({
  title,
  dayWords,
  seconds,
  promisedMinutes,
  status,
  people,
  items,
  busy,
  onTime,
  onUndo,
  onRedo,
  onRoom,
  onRoster,
  onBegin,
}: Props) {
  const over = seconds - promisedMinutes * 60
  return (
    <div className="flex flex-wrap items-end gap-x-8 gap-y-3">
      <div>
        <button type="button" className="quiet -ml-3 text-soft" onClick={onTime}>
          {dayWords}
        </button>
        <h1>{title}</h1>
      </div>
      <p className="text-[2.1rem] leading-none font-serif" aria-live="polite">
        {clock(seconds)}
        <span className="ml-3 font-sans text-[1rem] text-soft">
          of {promisedMinutes}:00 promised{over > 0 ? `, ${clock(over)} over` : over < 0 ? `, ${clock(-over)} free` : ''}
        </span>
      </p>
      <div className="ml-auto flex flex-wrap items-center gap-3">
        <span className="text-soft" role="status">
          {status}
        </span>
        <button type="button" className="icon" aria-label="Undo" disabled={!onUndo} onClick={onUndo}>
          <Undo2 size={20} aria-hidden="true" />
        </button>
        <button type="button" className="icon" aria-label="Redo" disabled={!onRedo} onClick={onRedo}>
          <Redo2 size={20} aria-hidden="true" />
        </button>
        <button type="button" className="quiet" onClick={onRoom}>
          Class and room
        </button>
        <button type="button" className="quiet" onClick={onRoster}>
          Roster, {people}
        </button>
        <button type="button" className="quiet" disabled={busy || people === 0} onClick={() => onBegin('door')}>
          At the door
        </button>
        <button type="button" className="action" disabled={busy || items === 0} onClick={() => onBegin('lead')}>
          Lead this class
        </button>
      </div>
    </div>
  )
}
