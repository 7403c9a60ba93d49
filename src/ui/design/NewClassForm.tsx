'use client'
import { useRouter } from 'next/navigation'
import { useRef, useState, useTransition } from 'react'
import { createClass } from '@/server/actions/classes'
import { answered, refusalWords } from '../shell/answered'
import { Weekdays } from '../shell/WeekdayOptions'

export function NewClassForm({ weekStart }: { weekStart: number }) {
  const router = useRouter()
  const [problems, setProblems] = useState<Record<string, string>>({})
  const [message, setMessage] = useState('')
  const [saving, start] = useTransition()
  // one class however often a lost answer is asked for again
  const key = useRef(crypto.randomUUID())
  const submit = (event: React.FormEvent<HTMLFormElement>) => {
    event.preventDefault()
    const data = new FormData(event.currentTarget)
    const text = (name: string) => String(data.get(name) ?? '')
    start(async () => {
      const outcome = await answered(
        createClass({
          key: key.current,
          title: text('title'),
          promisedMinutes: Number(text('minutes')),
          weekday: text('weekday') === '' ? null : Number(text('weekday')),
          startTime: text('startTime') === '' ? null : text('startTime'),
        }),
      )
      if (outcome.ok) return router.push(`/classes/${outcome.id}`)
      const ofFields = outcome.kind === 'invalid' && outcome.problems.every(({ path }) => path !== '$')
      setMessage(ofFields ? '' : refusalWords(outcome))
      if (outcome.kind === 'invalid') setProblems(Object.fromEntries(outcome.problems.map(({ path, message }) => [path, message])))
    })
  }
  const wrong = (path: string) => problems[path] && <span className="wrong">{problems[path]}</span>
  return (
    <form onSubmit={submit} noValidate className="flex max-w-[520px] flex-col gap-4">
      <label className="field">
        <span>Title</span>
        <input className="input" name="title" aria-invalid={'$.title' in problems} />
        {wrong('$.title')}
      </label>
      <label className="field">
        <span>Minutes promised</span>
        <input className="input" name="minutes" type="number" defaultValue={20} aria-invalid={'$.promisedMinutes' in problems} />
        {wrong('$.promisedMinutes')}
      </label>
      <div className="grid grid-cols-2 gap-4">
        <label className="field">
          <span>Day</span>
          <select className="input" name="weekday" defaultValue="1">
            <option value="">no fixed day</option>
            <Weekdays from={weekStart} />
          </select>
        </label>
        <label className="field">
          <span>Begins at</span>
          <input className="input" name="startTime" type="time" defaultValue="10:00" aria-invalid={'$.startTime' in problems} />
          {wrong('$.startTime')}
        </label>
      </div>
      <div>
        <button type="submit" className="action" disabled={saving}>
          Make this class
        </button>
        <p role="status" className="wrong">
          {message}
        </p>
      </div>
    </form>
  )
}
