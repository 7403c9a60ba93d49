'use client'
import { useRouter } from 'next/navigation'
import { useEffect, useRef, useState, useTransition } from 'react'
import { PROMISED_MINUTES } from '@/core/plan'
import type { RoomKit } from '@/core/vocabulary'
import { createClass, type ProposedClass, proposeClass } from '@/server/actions/classes'
import { Awake } from '../shell/Awake'
import { answered, refusalWords } from '../shell/answered'
import { Weekdays } from '../shell/WeekdayOptions'
import { type Beginning, BeginWith, type From } from './BeginWith'
import { KitTicks } from './KitTicks'
import { ProposedClassView } from './ProposedClassView'

export interface VisitPerson {
  id: string
  name: string
  /** what of it the movements know, and the words that they do not */
  kit: RoomKit[]
  unknown: string[]
}

interface Props {
  weekStart: number
  templates: Beginning[]
  classes: Beginning[]
  people: VisitPerson[]
}

/** So long after the last change the proposal is asked for, ms. */
const SETTLED_MS = 250

/** What the server makes of the brief so far; an overtaken answer is dropped. */
function useProposal(brief: object) {
  const [proposed, setProposed] = useState<ProposedClass>()
  const [wrong, setWrong] = useState('')
  const asked = JSON.stringify(brief)
  useEffect(() => {
    let live = true
    const timer = setTimeout(() => {
      void answered(proposeClass(JSON.parse(asked))).then((outcome) => {
        if (!live) return
        setProposed(outcome.ok ? outcome : undefined)
        setWrong(outcome.ok ? '' : outcome.kind === 'away' ? 'The server did not answer.' : refusalWords(outcome).replaceAll('$.from.text: ', ''))
      })
    }, SETTLED_MS)
    return () => {
      live = false
      clearTimeout(timer)
    }
  }, [asked])
  return { proposed, wrong }
}

/** A class from a brief: for whom, how long, with what kit, begun from what; beside it stands what that comes to. */
export function NewClassForm({ weekStart, templates, classes, people }: Props) {
  const router = useRouter()
  const [from, setFrom] = useState<From>(templates[0] ? { kind: 'template', key: templates[0].id } : { kind: 'empty' })
  const [title, setTitle] = useState<string>()
  const [minutes, setMinutes] = useState(String(templates[0]?.minutes ?? 30))
  const [kit, setKit] = useState<RoomKit[]>(templates[0]?.kit ?? ['support', 'wall'])
  const [person, setPerson] = useState('')
  const [weekday, setWeekday] = useState('1')
  const [startTime, setStartTime] = useState('10:00')
  const [problems, setProblems] = useState<Record<string, string>>({})
  const [message, setMessage] = useState('')
  const [saving, start] = useTransition()
  // one class however often a lost answer is asked for again
  const key = useRef(crypto.randomUUID())
  const begun =
    from.kind === 'template' ? templates.find(({ id }) => id === from.key) : classes.find(({ id }) => from.kind === 'class' && id === from.id)
  const visited = begun?.visit ? people.find(({ id }) => id === person) : undefined
  const sent = from.kind === 'file' ? { kind: from.kind, text: from.text } : from
  const brief = { promisedMinutes: minutes.trim() === '' ? Number.NaN : Number(minutes), kit, from: sent }
  const { proposed, wrong } = useProposal(brief)
  // nobody's name goes into a title by itself: titles are not covered, and stay when somebody is erased
  const shownTitle = title ?? (from.kind === 'file' ? (proposed?.title ?? '') : (begun?.title ?? ''))

  const begin = (next: From, { minutes: long, kit: has }: Partial<Pick<Beginning, 'minutes' | 'kit'>> = {}) => {
    setFrom(next)
    if (long !== undefined) setMinutes(String(long))
    if (has !== undefined) setKit(has)
    setProblems({})
    setMessage('')
  }
  const visit = (id: string) => {
    setPerson(id)
    const somebody = people.find((one) => one.id === id)
    if (somebody) setKit(somebody.kit)
  }
  const submit = (event: React.FormEvent) => {
    event.preventDefault()
    start(async () => {
      const outcome = await answered(
        createClass({
          ...brief,
          key: key.current,
          title: shownTitle,
          weekday: weekday === '' ? null : Number(weekday),
          startTime: startTime === '' ? null : startTime,
          ...(visited && { clientId: visited.id }),
        }),
      )
      if (outcome.ok) return router.push(`/classes/${outcome.id}`)
      const ofFields = outcome.kind === 'invalid' && outcome.problems.every(({ path }) => FIELDS.has(path))
      setMessage(ofFields ? '' : refusalWords(outcome))
      setProblems(outcome.kind === 'invalid' ? Object.fromEntries(outcome.problems.map(({ path, message: said }) => [path, said])) : {})
    })
  }
  const wrongAt = (path: string) => problems[path] && <span className="wrong">{problems[path]}</span>
  return (
    <form onSubmit={submit} noValidate className="grid gap-x-10 gap-y-6 lg:grid-cols-[minmax(22rem,27rem)_1fr]">
      <Awake>
        <BeginWith from={from} templates={templates} classes={classes} onBegin={begin} />
        <div className="flex flex-col gap-5">
          <div className="grid gap-4 sm:grid-cols-[1fr_8rem_9rem_8rem]">
            <label className="field">
              <span>Title</span>
              <input
                className="input"
                maxLength={120}
                value={shownTitle}
                aria-invalid={'$.title' in problems}
                onChange={({ target }) => setTitle(target.value)}
              />
              {wrongAt('$.title')}
            </label>
            <label className="field">
              <span>Minutes</span>
              <input
                className="input"
                type="number"
                min={PROMISED_MINUTES.least}
                max={PROMISED_MINUTES.most}
                value={from.kind === 'file' && proposed ? String(proposed.minutes) : minutes}
                disabled={from.kind === 'file'}
                aria-invalid={'$.promisedMinutes' in problems}
                onChange={({ target }) => setMinutes(target.value)}
              />
              {wrongAt('$.promisedMinutes')}
            </label>
            <label className="field">
              <span>Day</span>
              <select className="input" value={weekday} onChange={({ target }) => setWeekday(target.value)}>
                <option value="">no fixed day</option>
                <Weekdays from={weekStart} />
              </select>
            </label>
            <label className="field">
              <span>Begins at</span>
              <input
                className="input"
                type="time"
                value={startTime}
                aria-invalid={'$.startTime' in problems}
                onChange={({ target }) => setStartTime(target.value)}
              />
              {wrongAt('$.startTime')}
            </label>
          </div>
          {begun?.visit && (
            <label className="field">
              <span>Whom you visit</span>
              <select className="input" value={person} onChange={({ target }) => visit(target.value)}>
                <option value="">said later</option>
                {people.map(({ id, name }) => (
                  <option key={id} value={id}>
                    {name}
                  </option>
                ))}
              </select>
              {visited && (
                <span className="text-[0.94rem] text-soft">
                  The kit below is that of the record.
                  {visited.unknown.length > 0 ? ` Not known to the movements: ${visited.unknown.join(', ')}.` : ''} Look at the chair when you come:
                  firm, without wheels, against a wall.
                </span>
              )}
            </label>
          )}
          {from.kind !== 'file' && (
            <details>
              <summary className="min-h-11 cursor-pointer py-2">What is there beside chairs</summary>
              <div className="grid gap-x-6 sm:grid-cols-2 xl:grid-cols-3">
                <KitTicks kit={kit} onChange={setKit} />
              </div>
            </details>
          )}
          <div className="flex flex-wrap items-center gap-4">
            <button type="submit" className="action" disabled={saving}>
              Make this class
            </button>
            <p role="status" className="wrong">
              {message}
            </p>
          </div>
          <section aria-label="What it comes to" className="border-t-2 border-line pt-4">
            {proposed ? <ProposedClassView proposed={proposed} /> : <p className={wrong ? 'wrong' : 'text-soft'}>{wrong || 'A moment…'}</p>}
          </section>
        </div>
      </Awake>
    </form>
  )
}

/** Where a problem stands beside its field. */
const FIELDS = new Set(['$.title', '$.promisedMinutes', '$.startTime'])
