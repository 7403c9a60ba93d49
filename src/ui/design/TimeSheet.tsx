'use client'
import { useRouter } from 'next/navigation'
import { useState, useTransition } from 'react'
import { moveClass } from '@/server/actions/classes'
import { answered, refusalWords } from '../shell/answered'
import { Sheet } from '../shell/Sheet'
import { Weekdays } from '../shell/WeekdayOptions'
import { DayList } from './DayList'

/** When a class meets, as the page was given it. */
export interface ClassTime {
  weekday: number | null
  startTime: string | null
  calendar: { dates: string[]; off: string[] }
  revision: number
  /** day with which the weeks of the house begin, 0 Sunday */
  weekStart: number
}

/** Moves a class to another day and time, sets single days, and shows it as it is on another day. */
export function TimeSheet({ id, day, time, onClose }: { id: string; day: string; time: ClassTime; onClose: () => void }) {
  const router = useRouter()
  const [weekday, setWeekday] = useState(time.weekday)
  const [startTime, setStartTime] = useState(time.startTime ?? '')
  const [calendar, setCalendar] = useState(time.calendar)
  const [revision, setRevision] = useState(time.revision)
  const [message, setMessage] = useState('')
  const [saving, start] = useTransition()
  const save = () =>
    start(async () => {
      const outcome = await answered(moveClass({ id, revision, weekday, startTime: startTime || null, calendar }))
      if (outcome.ok) {
        setRevision(outcome.revision)
        router.replace(`/classes/${id}`)
        router.refresh()
        onClose()
      } else if (outcome.kind === 'stale') {
        setRevision(outcome.revision)
        setMessage(
          `Moved in another window meanwhile, to ${outcome.newer.startTime ?? 'no time'}. Nothing of yours was saved; press again to keep yours.`,
        )
      } else setMessage(refusalWords(outcome))
    })
  return (
    <Sheet open onClose={onClose} title="When it meets">
      <div className="flex flex-col gap-6">
        <label className="field w-56">
          <span>Show this class as it is on</span>
          <input
            className="input"
            type="date"
            value={day}
            onChange={(event) => {
              if (event.target.value !== '') router.push(`/classes/${id}?day=${event.target.value}`)
            }}
          />
          <span className="text-[0.94rem] text-soft">
            Weeks of a pregnancy, letters that end and what was said at the door are those of that day.
          </span>
        </label>
        <div className="grid grid-cols-2 gap-4 border-t-2 border-line pt-4">
          <label className="field">
            <span>Weekday</span>
            <select
              className="input"
              value={weekday ?? ''}
              onChange={(event) => setWeekday(event.target.value === '' ? null : Number(event.target.value))}
            >
              <option value="">no fixed day</option>
              <Weekdays from={time.weekStart} />
            </select>
          </label>
          <label className="field">
            <span>Begins at</span>
            <input className="input" type="time" value={startTime} onChange={(event) => setStartTime(event.target.value)} />
          </label>
        </div>
        <DayList
          label="Single days"
          hint="It meets on these too, though the house be closed."
          days={calendar.dates}
          onChange={(dates) => setCalendar({ ...calendar, dates })}
        />
        <DayList
          label="Days off"
          hint="It does not meet on these. Days on which the whole house is closed stand in Settings."
          days={calendar.off}
          onChange={(off) => setCalendar({ ...calendar, off })}
        />
        <div className="flex flex-wrap items-center gap-4">
          <button type="button" className="action" disabled={saving} onClick={save}>
            Save
          </button>
          {(time.weekday !== null || time.calendar.dates.length > 0) && (
            <a href={`/api/classes/${id}/calendar`} className="quiet" download>
              For a calendar, as it is saved
            </a>
          )}
          <span role="status" className="wrong">
            {message}
          </span>
        </div>
      </div>
    </Sheet>
  )
}
