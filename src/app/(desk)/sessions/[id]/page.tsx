import Link from 'next/link'
import { type LogValue, ledLine } from '@/core/lead'
import { clock, treadLine } from '@/core/timing'
import { dayIn } from '@/core/vocabulary'
import { correctionsOf } from '@/server/repositories/log'
import { getSession } from '@/server/repositories/sessions'
import { FollowSession } from '@/ui/log/FollowSession'
import { LogForm } from '@/ui/log/LogForm'
import { fieldWords, valueWords } from '@/ui/log/logWords'
import { RemoveSession } from '@/ui/log/RemoveSession'
import { dateWords, dayWords, timeOf } from '@/ui/shell/days'
import { TreadSilhouette } from '@/ui/tread/Silhouette'
import { named } from '../../../named'
import { sessionLog } from './logData'

export const metadata = { title: 'Session' }

export default async function SessionPage({ params }: { params: Promise<{ id: string }> }) {
  const { db, studio, id, found: session } = await named(params, getSession)
  const [log, corrected] = await Promise.all([sessionLog(db, studio, session), correctionsOf(db, studio.id, id)])
  const { state, timeline, led, nameOf, movementOf, versionOf } = log
  const said = (field: string, value: LogValue) => valueWords(field, value, studio.settings.houseRules.masses, versionOf)
  const took = led.at(-1)?.until
  const longest = Math.max(timeline.totalSeconds, took ?? 0)
  const noted = state.notes.filter(({ kind }) => kind !== 'incident-note')
  const incidents = noted.filter(({ kind }) => kind === 'incident')
  return (
    <div className="flex flex-col gap-5">
      <div className="flex flex-wrap items-end justify-between gap-4">
        <div>
          <p className="text-soft">{dayWords(session.day)}</p>
          <h1>{session.plan.title}</h1>
          <p>
            Planned {clock(timeline.totalSeconds)}
            {took !== undefined && `, took ${clock(took)}`}
            {state.skipped.length > 0 && `, ${state.skipped.length} skipped`}
          </p>
        </div>
        <div className="flex flex-wrap gap-3">
          <Link href={`/sessions/${id}/door`} className="quiet">
            At the door
          </Link>
          <Link href={`/lead/${id}`} className="quiet">
            {state.status === 'ended' ? 'Not over yet' : 'To the leading screen'}
          </Link>
          {took !== undefined && (
            <a href={`/api/sessions/${id}/led`} className="quiet" download>
              As a file, without people
            </a>
          )}
          {log.start.fresh && <RemoveSession id={id} />}
        </div>
      </div>
      <div className="flex flex-col gap-1">
        {[['planned', treadLine(timeline)] as const, ...(took === undefined ? [] : [['as it went', ledLine(led)] as const])].map(([label, line]) => (
          <div key={label} className="grid grid-cols-[6rem_1fr] items-end gap-3">
            <span className="text-[0.94rem] text-soft">{label}</span>
            <div style={{ width: `${(line.totalSeconds / Math.max(1, longest)) * 100}%` }}>
              <TreadSilhouette line={line} className="h-12 w-full" />
            </div>
          </div>
        ))}
      </div>
      {noted.length > 0 && (
        <ul aria-label="Noted in class">
          {noted.map(({ id: event, at, kind, text, person }) => (
            <li key={event} className="border-l-4 border-effort pl-3">
              {timeOf(at, studio.settings.zone)} {kind === 'near-fall' ? 'Near-fall' : kind === 'incident' ? 'Somebody stopped' : ''}
              {person ? `, ${nameOf(person)}` : ''}
              {text ? `: ${text}` : ''}
            </li>
          ))}
          {incidents.length > 0 && (
            <li className="pl-3">
              <Link href={`/sessions/${id}/incidents`}>
                {incidents.length === 1 ? 'The record of it' : 'The records of these'}: complete it, or print it
              </Link>
            </li>
          )}
        </ul>
      )}
      <FollowSession session={id} last={log.last} asks />
      <LogForm items={log.items} {...log.start} />
      {corrected.length > 0 && (
        <details>
          <summary className="min-h-11 cursor-pointer text-soft">
            {corrected.length === 1 ? 'One correction' : `${corrected.length} corrections`}: both values are kept
          </summary>
          <ul>
            {corrected.map(({ clientId, field, was, becomes, on }) => (
              <li key={`${clientId} ${field} ${on.getTime()}`} className="text-[0.94rem]">
                {dateWords(dayIn(on, studio.settings.zone))}, {clientId ? nameOf(clientId) : 'the class'}, {fieldWords(field, movementOf)}:{' '}
                {said(field, was)}, now {said(field, becomes)}
              </li>
            ))}
          </ul>
        </details>
      )}
    </div>
  )
}
