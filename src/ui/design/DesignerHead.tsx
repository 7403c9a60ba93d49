'use client'
import { Redo2, Undo2 } from 'lucide-react'
import { clock, type Forecast } from '@/core/timing'
import { minutesWords, rangeWords, restsOn } from './paceWords'

interface Props {
  title: string
  /** day and time of the class that is shown */
  dayWords: string
  forecast: Forecast
  /** classes from which the pace was learned */
  classes: number
  /** without what is left out when time is short */
  leastSeconds: number
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
  onAdd: () => void
  onBegin: (where: 'door' | 'lead') => void
}

/** What class this is, how long it takes against what was promised, and what can be done with all of it. */
export function DesignerHead({
  title,
  dayWords,
  forecast,
  classes,
  leastSeconds,
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
  onAdd,
  onBegin,
}: Props) {
  const { seconds } = forecast
  const over = seconds - promisedMinutes * 60
  return (
    <div className="flex flex-wrap items-center gap-x-5 gap-y-1 xl:flex-nowrap">
      <div className="min-w-0 max-w-[21rem]">
        <h1 className="truncate !text-[1.45rem]" title={title}>
          {title}
        </h1>
        <button type="button" className="block max-w-full truncate text-[0.94rem] text-soft underline-offset-4 hover:underline" onClick={onTime}>
          {dayWords}
        </button>
      </div>
      <p className="flex shrink-0 items-center gap-x-2" aria-live="polite">
        <span className="font-serif text-[1.7rem] leading-none">{clock(seconds)}</span>
        <span className="text-[0.94rem] leading-tight text-soft">
          of {promisedMinutes}:00{over > 0 ? `, ${clock(over)} over` : over < 0 ? `, ${clock(-over)} free` : ''}
          <span
            className="block"
            title={`Eight of ten times: ${rangeWords(forecast)}; ${restsOn(classes)}${leastSeconds < seconds ? `. Without what is left out when time is short: ${clock(leastSeconds)}` : ''}`}
          >
            {minutesWords({ ...forecast, lowSeconds: Math.min(leastSeconds, forecast.lowSeconds) })}, {classes === 0 ? 'house estimate' : 'your pace'}
          </span>
        </span>
      </p>
      <div className="ml-auto flex flex-wrap xl:shrink-0 items-center gap-x-1">
        <span className="mr-1 text-[0.94rem] text-soft" role="status">
          {status}
        </span>
        <button type="button" className="icon" aria-label="Undo" disabled={!onUndo} onClick={onUndo}>
          <Undo2 size={20} aria-hidden="true" />
        </button>
        <button type="button" className="icon" aria-label="Redo" disabled={!onRedo} onClick={onRedo}>
          <Redo2 size={20} aria-hidden="true" />
        </button>
        <button type="button" className="quiet" onClick={onAdd}>
          Add
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
        <button type="button" aria-label="Lead this class" className="action ml-2" disabled={busy || items === 0} onClick={() => onBegin('lead')}>
          Lead
        </button>
      </div>
    </div>
  )
}
