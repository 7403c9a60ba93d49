import 'server-only'
import { randomUUID } from 'node:crypto'
import { firstView, fold, knowing, type LeadEvent, type LedView, ledStretches, setClock, timeOfTap } from '@/core/lead'
import { checkPlan, movementsOf } from '@/core/plan'
import type { Settings } from '@/core/vocabulary'
import type { Database } from './db/connection'
import { experienceOf, type Taught } from './experience'
import { askClass } from './judging'
import { studioLibrary } from './library'
import { announce } from './live'
import { rosterOf } from './repositories/classes'
import { getClients, type StoredClient } from './repositories/clients'
import { addEvents, eventsOf, eventsSince } from './repositories/leadEvents'
import { keepView, viewsOf } from './repositories/leadViews'
import { keepStretches } from './repositories/led'
import { type Attendance, attendanceOf } from './repositories/log'
import type { StoredSession } from './repositories/sessions'
import { peopleOfAll } from './roster'
import { InvalidPlanError } from './stale'

/** Who belongs to a session: the roster of its class, and behind it who is noted there beside it, as guests are. */
export interface SessionPeople {
  everybody: StoredClient[]
  /** how many of them are on the roster */
  rostered: number
  attendance: Attendance[]
}

export async function peopleOfSession(db: Database, studioId: string, session: Pick<StoredSession, 'id' | 'classId'>): Promise<SessionPeople> {
  const [roster, attendance] = await Promise.all([rosterOf(db, studioId, session.classId), attendanceOf(db, studioId, session.id)])
  const others = await getClients(
    db,
    studioId,
    attendance.map(({ clientId }) => clientId).filter((clientId) => !roster.some(({ id }) => id === clientId)),
  )
  return { everybody: [...roster, ...others], rostered: roster.length, attendance }
}

/** Who takes part: everybody before the door, and after it everybody who was not said to be away (rule base 5.7). */
const partOfIt = ({ everybody, attendance }: SessionPeople): StoredClient[] =>
  everybody.filter(({ id }) => attendance.find(({ clientId }) => clientId === id)?.presence !== 'absent')

/**
 * The judgement of a session with those who take part.
 *
 * @param beforeTheDoor with everybody, as if nothing had been said today
 * @throws InvalidPlanError when the plan cannot be judged
 */
export async function judgedSession(
  db: Database,
  studio: Leading,
  session: StoredSession,
  there: SessionPeople,
  beforeTheDoor = false,
): Promise<LedView> {
  const { id, classId, day, plan } = session
  const roster = beforeTheDoor ? there.everybody : partOfIt(there)
  const [shelf, [people], experience] = await Promise.all([
    studioLibrary(db, studio.id),
    peopleOfAll(db, studio.id, [{ roster, day, classId, ...(beforeTheDoor && { beforeTheDoor: true as const }) }]),
    experienceOf(db, studio, { classId, size: there.rostered, day }),
  ])
  const view = await askClass(shelf, 'led', `${id}${beforeTheDoor ? ' before' : ''}`, {
    plan,
    people: people ?? [],
    experience,
    masses: studio.settings.houseRules.masses,
  })
  if ('problem' in view) throw new InvalidPlanError(view.problem)
  return view
}

/** The studio in which a class is led: how it says masses. */
export type Leading = Taught & { settings: Pick<Settings, 'houseRules'> }

/** A session as it is led: its taps, and the judgements that they speak of. */
export interface LedSession {
  events: LeadEvent[]
  /** number of the latest of them that the server has; what has a higher one came after this was read */
  last: number
  /** the one that holds now, and its name */
  view: LedView
  viewId: string
  /** all that hold for some item of it */
  views: Map<string, LedView>
}

/** What a session is led by: the judgement that it was begun with, or that holds since the door; before it begins, that of now, which is kept. */
export async function ledSession(db: Database, studio: Leading, session: StoredSession, there: SessionPeople): Promise<LedSession> {
  const { events, last } = await eventsSince(db, studio.id, session.id, -1)
  const named = events.flatMap(({ view }) => view ?? [])
  const kept = await viewsOf(db, studio.id, session.id, named)
  const first = firstView(events)
  const timeline = first === undefined ? undefined : kept.get(first)?.timeline
  if (timeline) {
    const { view: viewId = '' } = fold(events, timeline, kept.get(first ?? '')?.iCount)
    const view = kept.get(viewId)
    if (view) return { events, last, view, viewId, views: kept }
  }
  // not begun; or begun before judgements were kept
  const view = await judgedSession(db, studio, session, there)
  const viewId = await keepView(db, studio.id, session.id, view)
  return { events, last, view, viewId, views: new Map([...kept, [viewId, view]]) }
}

/** The judgement with which a session began: in its timeline the taps count. */
export const beganWith = ({ events, view, views }: LedSession): Pick<LedView, 'timeline' | 'iCount'> => views.get(firstView(events) ?? '') ?? view

/** After something was said at the door of a session that is being led: who leads hears of it as of a tap. */
export async function tellOfDoor(db: Database, studio: Leading, session: StoredSession): Promise<void> {
  const events = await eventsOf(db, studio.id, session.id)
  if (!events.some(({ kind }) => kind === 'start') || events.at(-1)?.kind === 'end') return
  const there = await peopleOfSession(db, studio.id, session)
  const view = await judgedSession(db, studio, session, there)
  const id = await keepView(db, studio.id, session.id, view)
  if (events.findLast(({ view: named }) => named !== undefined)?.view === id) return
  const at = timeOfTap(knowing(setClock(Date.now(), 0), events), 0)
  await addEvents(db, studio.id, session.id, [{ id: randomUUID(), at, kind: 'people', view: id }])
  announce(session.id)
}

/** Keeps what the taps of a session that has ended say of the pace. */
export async function notePace(db: Database, studio: Leading, session: StoredSession): Promise<void> {
  const { id, plan, day } = session
  const [shelf, there] = await Promise.all([studioLibrary(db, studio.id), peopleOfSession(db, studio.id, session)])
  const led = await ledSession(db, studio, session, there)
  if (!led.events.some(({ kind }) => kind === 'end')) return
  const checked = checkPlan(plan, shelf.catalogue)
  if ('problems' in checked) return
  const { timeline, iCount } = beganWith(led)
  await keepStretches(db, studio.id, id, ledStretches(led.events, timeline, day, movementsOf(checked.plan, shelf.catalogue), iCount))
}
