import Link from 'next/link'
import type { UseView } from '@/core/evaluate'
import { fold } from '@/core/lead'
import { ladderOf } from '@/core/movement'
import { movementIdOf } from '@/core/plan'
import { clock } from '@/core/timing'
import { groupOn } from '@/server/experience'
import { askClass } from '@/server/judging'
import { studioLibrary } from '@/server/library'
import { rosterOf } from '@/server/repositories/classes'
import { getClients } from '@/server/repositories/clients'
import { attendanceOf, eventsOf, getSession, logOf } from '@/server/repositories/sessions'
import { callNames } from '@/server/roster'
import { LogForm, type LogItem, type LogRow } from '@/ui/log/LogForm'
import { dayWords, timeOf } from '@/ui/shell/days'
import { TreadLine } from '@/ui/tread/TreadLine'
import { named } from '../../../named'

export const metadata = { title: 'Session' }

const variantOf = (use: UseView | undefined): string => (use?.kind === 'does' ? use.variant : 'rest')

export default async function SessionPage({ params }: { params: Promise<{ id: string }> }) {
  const { db, studio, id, found: session } = await named(params, getSession)
  const [shelf, rostered, attendance, events, entries] = await Promise.all([
    studioLibrary(db, studio.id),
    rosterOf(db, studio.id, session.classId),
    attendanceOf(db, studio.id, id),
    eventsOf(db, studio.id, id),
    logOf(db, studio.id, id),
  ])
  // who was there then may have left the roster since
  const former = await getClients(
    db,
    studio.id,
    attendance.map(({ clientId }) => clientId).filter((clientId) => !rostered.some((client) => client.id === clientId)),
  )
  const roster = [...rostered, ...former]
  const { catalogue } = shelf
  const group = await groupOn(db, studio, { roster, day: session.day, classId: session.classId }, rostered.length)
  const {
    shown: { model },
  } = await askClass(shelf, 'first', id, { plan: session.plan, ...group })
  const names = callNames(roster.map(({ record }) => record))
  const rows = roster.map(({ id: clientId }, index): LogRow => {
    const known = attendance.find((row) => row.clientId === clientId)
    return {
      clientId,
      name: names[index]!,
      came: known?.came ?? attendance.length === 0,
      exertion: known?.exertion ?? null,
      painDuring: known?.painDuring ?? null,
      painNextDay: known?.painNextDay ?? null,
      note: known?.note ?? null,
    }
  })
  const items = model.items.map((item): LogItem => {
    const movementId = movementIdOf(item)
    const logged = entries.filter((entry) => entry.item === item.id)
    const used = Object.fromEntries(
      roster.map(({ id: clientId }, index) => [
        clientId,
        logged.find((entry) => entry.clientId === clientId)?.variant ?? variantOf(item.cells[index]?.use),
      ]),
    )
    const ids = new Set([
      ...(movementId ? ladderOf(catalogue, movementId).map(({ variant }) => variant.id) : []),
      ...item.shown,
      ...Object.values(used).filter((variant) => variant !== 'rest'),
    ])
    return {
      item: item.id,
      movement: item.movement,
      used,
      choices: [...ids].map((variant) => {
        const entry = catalogue.byId.get(variant)
        return {
          id: variant,
          name: entry ? (entry.movement.id === movementId ? entry.variant.name : `${entry.movement.name}: ${entry.variant.name}`) : variant,
        }
      }),
    }
  })
  const state = fold(events, model.timeline)
  const real = state.startedAt !== undefined && state.endedAt !== undefined ? (state.endedAt - state.startedAt) / 1000 : undefined
  const stops = state.notes.filter((event) => event.kind === 'stop-sign')
  return (
    <div className="flex flex-col gap-5">
      <div className="flex flex-wrap items-end justify-between gap-4">
        <div>
          <p className="text-soft">{dayWords(session.day)}</p>
          <h1>{session.plan.title}</h1>
          <p>
            Planned {clock(model.timeline.totalSeconds)}
            {real !== undefined && `, took ${clock(real)}`}
            {state.skipped.length > 0 && `, ${state.skipped.length} skipped`}
          </p>
        </div>
        <Link href={`/lead/${id}`} className="quiet">
          To the leading screen
        </Link>
      </div>
      <TreadLine line={model.tread} band={model.effort.band} promisedSeconds={session.plan.promisedMinutes * 60} />
      {stops.length > 0 && (
        <ul>
          {stops.map((event) => (
            <li key={event.id} className="border-l-4 border-effort pl-3">
              {timeOf(event.at, studio.settings.zone)} {event.person && `${names[roster.findIndex((client) => client.id === event.person)] ?? ''}: `}
              {event.text}
            </li>
          ))}
        </ul>
      )}
      <LogForm id={id} revision={session.revision} rows={rows} items={items} note={session.note ?? ''} fresh={attendance.length === 0} />
    </div>
  )
}
