import { DEMO_CLASSES, type DemoClass, demoPeople } from '@/content/demo'
import { LIBRARY } from '@/content/movements'
import { addDays, clientSchema, type Day, dayNumber, factsOn, weekdayOf } from '@/core/client'
import { classModel, rosterOf as rosterAssessed } from '@/core/fit'
import { sessionOf } from '@/core/formats'
import type { LeadEvent } from '@/core/lead'
import { checkPlan, type Plan, planSchema } from '@/core/plan'
import { assess } from '@/core/safety'
import { expand } from '@/core/timing'
import type { Database } from './db/connection'
import { addClass, rosterOf, setRoster } from './repositories/classes'
import { addClient, listClients } from './repositories/clients'
import { addEvents, openSession, saveAttendance } from './repositories/sessions'
import { RULE_BASE } from './ruleBase'

const WEEKS = 6

/** Small deterministic generator (mulberry32), so that the demo data is the same for the same day. */
function generator(seed: number): () => number {
  let state = seed
  return () => {
    state = (state + 0x6d2b79f5) | 0
    let t = Math.imul(state ^ (state >>> 15), 1 | state)
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t
    return ((t ^ (t >>> 14)) >>> 0) / 4_294_967_296
  }
}

function soundPlan(input: (typeof DEMO_CLASSES)[number]['plan']): Plan {
  const checked = checkPlan(planSchema.parse(input), LIBRARY)
  if ('problems' in checked) throw new Error(`demo plan "${input.title}": ${JSON.stringify(checked.problems)}`)
  return checked.plan
}

const uuidFrom = (random: () => number): string => {
  const hex = Array.from({ length: 32 }, () => Math.floor(random() * 16).toString(16))
  hex[12] = '4'
  hex[16] = '8'
  const text = hex.join('')
  return `${text.slice(0, 8)}-${text.slice(8, 12)}-${text.slice(12, 16)}-${text.slice(16, 20)}-${text.slice(20)}`
}

/**
 * Loads the people and classes of Tarnbeck with six weeks of led sessions. Does nothing when there are people already.
 *
 * @returns whether anything was loaded
 */
export async function loadDemo(db: Database, studioId: string, today: Day): Promise<boolean> {
  if ((await listClients(db, studioId)).length > 0) return false
  const random = generator(dayNumber(today))
  const members = new Map<DemoClass, string[]>()
  for (const { classes, record } of demoPeople(today)) {
    const id = uuidFrom(random)
    await addClient(db, studioId, id, clientSchema.parse(record))
    for (const key of classes) members.set(key, [...(members.get(key) ?? []), id])
  }
  for (const { key, weekday, startTime, plan: input } of DEMO_CLASSES) {
    const plan = soundPlan(input)
    const classId = uuidFrom(random)
    await addClass(db, studioId, { id: classId, plan, weekday, startTime })
    await setRoster(db, studioId, classId, members.get(key) ?? [])
    const roster = await rosterOf(db, studioId, classId)
    const timeline = expand(plan, LIBRARY)
    for (let week = WEEKS; week >= 1; week--) {
      const back = (weekdayOf(today) - weekday + 7) % 7 || 7
      const day = addDays(today, -back - 7 * (week - 1))
      const session = await openSession(db, studioId, uuidFrom(random), classId, day)
      const began = Date.parse(`${day}T${startTime}:00Z`)
      const event = (kind: LeadEvent['kind'], seconds: number): LeadEvent => ({ id: uuidFrom(random), at: began + Math.round(seconds * 1000), kind })
      const stretch = 1.02 + random() * 0.12
      await addEvents(db, studioId, session.id, [
        event('start', 0),
        event('pause', timeline.totalSeconds * 0.4),
        event('resume', timeline.totalSeconds * 0.4 + timeline.totalSeconds * (stretch - 1)),
        event('end', timeline.totalSeconds * stretch),
      ])
      const people = roster.map(({ id, record }) => ({
        id,
        name: record.given,
        came: random() > 0.18,
        assessment: assess(RULE_BASE, factsOn(RULE_BASE, record, day), sessionOf(plan)),
      }))
      const { items } = classModel(plan, rosterAssessed(people), LIBRARY)
      const used = items.flatMap(({ id: item, cells }) =>
        people.flatMap(({ id, came }, index) => (came ? [{ clientId: id, item, variant: cells[index]?.use ?? 'rest' }] : [])),
      )
      const attendance = people.map(({ id, came }) => {
        const pain = random() > 0.75 ? 1 + Math.floor(random() * 3) : 0
        return {
          clientId: id,
          came,
          checkIn: null,
          exertion: came ? 2 + Math.floor(random() * 3) : null,
          painDuring: came ? pain : null,
          painNextDay: came && random() > 0.4 ? Math.max(0, pain - 1) : null,
          note: null,
        }
      })
      await saveAttendance(
        db,
        studioId,
        session.id,
        attendance,
        used,
        week === 1 ? 'Ran a little over at the chairs; start with the band on the seat next time.' : null,
      )
    }
  }
  return true
}
