import { DEMO_CLASSES, DEMO_FORMS, DEMO_LATELY, DEMO_VENUE, type DemoClass, type DemoForm, demoPeople } from '@/content/demo'
import { BANDS } from '@/content/kit/bands'
import { LIBRARY } from '@/content/movements'
import { FORM } from '@/content/screening/form'
import {
  type Answers,
  addDays,
  ageOn,
  type ClientRecord,
  clientSchema,
  type Day,
  dayNumber,
  dueQuestions,
  factsOn,
  letterNeeded,
  perinatal,
  type ScreeningQuestion,
  screen,
  weekdayOf,
} from '@/core/client'
import { assessRoster, evaluate, ownBand } from '@/core/evaluate'
import { type Instructor, ledBy, ledStretches } from '@/core/lead'
import { SLOT } from '@/core/movement'
import { itemsOf, movementIdOf, movementsOf, planSchema, soundPlan, withKnown } from '@/core/plan'
import { seriesSchema } from '@/core/progress'
import { generator } from '@/core/vocabulary'
import { noteRules } from './changedRules'
import type { Database } from './db/connection'
import { addClass, listClasses, rosterOf, setRoster } from './repositories/classes'
import { addClient, listClients } from './repositories/clients'
import { addEvents } from './repositories/leadEvents'
import { keepStretches } from './repositories/led'
import { saveLog } from './repositories/log'
import { openSession, saveSeries } from './repositories/planning'
import { keepForm } from './repositories/screenings'
import { saveSettings, theStudio } from './repositories/studios'
import { RULE_BASE } from './ruleBase'

const WEEKS = 6
/** She counts a little quicker than the house, holds as long, and talks more in between. */
const INSTRUCTOR: Instructor = {
  rates: { counted: 0.88, held: 1.05, between: 1.2, movements: { 'sit-to-stand': 1.15, 'heel-raise': 0.85 } },
  noise: 0.12,
}

const uuidFrom = (random: () => number): string => {
  const hex = Array.from({ length: 32 }, () => Math.floor(random() * 16).toString(16))
  hex[12] = '4'
  hex[16] = '8'
  const text = hex.join('')
  return `${text.slice(0, 8)}-${text.slice(8, 12)}-${text.slice(12, 16)}-${text.slice(16, 20)}-${text.slice(20)}`
}

/** The plain answer to a question: none of these, no, or whatever leads nowhere. */
function plainKey({ options }: ScreeningQuestion): string | undefined {
  const plain = options.find(({ only }) => only) ?? options.find(({ outcome, record }) => outcome === 'go' && !record)
  return plain?.key
}

/** A whole form: what was ticked, and the plain answer to everything else that was due. */
function demoAnswers({ ticked, follow }: DemoForm, record: ClientRecord, day: Day): Answers {
  const { week, weeksSinceBirth } = perinatal(record, day)
  const about = {
    age: ageOn(record.birthDate, day),
    pregnant: week !== undefined,
    afterBirth: weeksSinceBirth !== undefined && weeksSinceBirth <= 52,
  }
  const answers: Answers = {}
  // answers open further questions, so until nothing new is due
  for (let open = true; open; ) {
    open = false
    for (const question of dueQuestions(FORM, answers, about)) {
      if (answers[question.id] || question.section === 'private') continue
      const keys = ticked[question.id] ?? [plainKey(question)].flatMap((key) => key ?? [])
      const behind = follow?.[question.id]
      answers[question.id] = { keys: [...keys], ...(behind && { follow: behind }) }
      open = true
    }
  }
  return answers
}

/** A form that was filled in and gone through with the person, with the letters that it asked for. */
function screened(record: ClientRecord, answers: Answers, day: Day): ClientRecord {
  const { week, weeksSinceBirth } = perinatal(record, day)
  const about = {
    age: ageOn(record.birthDate, day),
    pregnant: week !== undefined,
    afterBirth: weeksSinceBirth !== undefined && weeksSinceBirth <= 52,
  }
  const { findings, skipped } = screen(FORM, RULE_BASE, answers, about, day, letterNeeded(RULE_BASE, record, day))
  return {
    ...record,
    screening: {
      completedOn: day,
      skipped,
      findings: findings.map((finding) => (finding.slugs.length > 0 ? { ...finding, confirmedOn: day } : { ...finding, settledOn: day })),
    },
  }
}

/** The record as it stood on an earlier day: the form of that time, not the one of today. */
const asOf = (record: ClientRecord, day: Day): ClientRecord =>
  record.screening?.completedOn === undefined || record.screening.completedOn <= day
    ? record
    : { ...record, screening: { ...record.screening, completedOn: day } }

/**
 * Loads the people and classes of Tarnbeck with six weeks of led sessions, all or nothing. Does nothing when there are people or classes already.
 *
 * @returns whether anything was loaded
 */
export const loadDemo = (db: Database, studioId: string, today: Day): Promise<boolean> => db.transaction((tx) => load(tx, studioId, today))

async function load(db: Database, studioId: string, today: Day): Promise<boolean> {
  if ((await listClients(db, studioId)).length > 0 || (await listClasses(db, studioId)).length > 0) return false
  const random = generator(dayNumber(today))
  const { settings } = await theStudio(db, { id: studioId, name: 'The old boathouse, Tarnbeck', instructor: 'Odile Marrow' })
  await saveSettings(db, studioId, { ...settings, venue: DEMO_VENUE })
  const members = new Map<DemoClass, string[]>()
  for (const { classes, record } of demoPeople(today)) {
    const id = uuidFrom(random)
    const plain = clientSchema.parse(record)
    await addClient(db, studioId, id, plain)
    const form = DEMO_FORMS[plain.given]
    if (form) {
      const day = addDays(today, -7 * form.weeksAgo)
      const answers = demoAnswers(form, plain, day)
      await keepForm(db, studioId, { id: uuidFrom(random), clientId: id, day, answers, confirmedOn: day }, (kept) => screened(kept, answers, day))
    }
    for (const key of classes) members.set(key, [...(members.get(key) ?? []), id])
  }
  for (const [number, { key, weekday, startTime, plan: input, series }] of DEMO_CLASSES.entries()) {
    const plan = soundPlan(planSchema.parse(input), LIBRARY)
    const classId = uuidFrom(random)
    await addClass(db, studioId, { id: classId, plan, weekday, startTime })
    await setRoster(db, studioId, classId, members.get(key) ?? [])
    const roster = await rosterOf(db, studioId, classId)
    const movementOf = movementsOf(plan, LIBRARY)
    const known = withKnown(
      plan,
      itemsOf(plan).flatMap(({ item }) => movementIdOf(item) ?? []),
    )
    const attended = new Map<string, Day[]>()
    for (let week = WEEKS; week >= 1; week--) {
      const back = (weekdayOf(today) - weekday + 7) % 7 || 7
      const day = addDays(today, -back - 7 * (week - 1))
      const session = await openSession(db, studioId, uuidFrom(random), classId, day)
      const began = Date.parse(`${day}T${startTime}:00Z`)
      // who came and how it was hangs on the day alone: another movement in some class changes nobody's weeks
      const noted = generator(dayNumber(day) * DEMO_CLASSES.length + number)
      const people = roster.map(({ id, record }) => ({
        id,
        name: record.given,
        came: noted() > 0.18,
        facts: factsOn(RULE_BASE, asOf(record, day), day, { attended: attended.get(id) ?? [] }),
      }))
      for (const { id, came } of people) if (came) attended.set(id, [...(attended.get(id) ?? []), day])
      // the first time everything is new to the group
      const led = week === WEEKS ? plan : known
      const { items, timeline } = evaluate(led, assessRoster(RULE_BASE, people, plan), LIBRARY)
      const events = ledBy(INSTRUCTOR, timeline, movementOf, began, { random, id: () => uuidFrom(random) })
      await addEvents(db, studioId, session.id, events)
      await keepStretches(db, studioId, session.id, ledStretches(events, timeline, day, movementOf))
      const used = items.flatMap(({ prescription, uses }) =>
        people.flatMap(({ id, came }, index) => {
          const use = uses[index]
          const kg = use?.kind === 'does' ? (use.option.judgement.settled.demands[SLOT.externalLoadKg] ?? 0) : 0
          const variant = use?.kind === 'does' ? use.option.id : 'rest'
          const band = use?.kind === 'does' && use.option.entry ? ownBand(use.option.entry, roster[index]!.record, kg, BANDS)?.band.id : undefined
          return came ? [{ clientId: id, item: prescription.item.id, variant, kg: kg > 0 ? kg : null, side: null, band: band ?? null }] : []
        }),
      )
      const rows = people.map(({ id, name, came }) => {
        const pain = noted() > 0.75 ? 1 + Math.floor(noted() * 3) : 0
        const lately = came ? DEMO_LATELY[name]?.[week] : undefined
        return {
          clientId: id,
          presence: came ? ('present' as const) : ('absent' as const),
          exertion: came ? 2 + Math.floor(noted() * 3) : null,
          painDuring: came ? pain : null,
          painNextDay: came && noted() > 0.4 ? Math.max(0, pain - 1) : null,
          note: null,
          marks: [],
          ...lately,
        }
      })
      await saveLog(db, studioId, session.id, session.revision, {
        rows,
        entries: used,
        notes: null,
        note: week === 1 ? 'Ran a little over at the chairs; start with the band on the seat next time.' : null,
      })
    }
    if (series) {
      const { weeksAgo, ...rest } = series
      await saveSeries(db, studioId, classId, 1, seriesSchema.parse({ ...rest, version: 1, from: addDays(today, -7 * weeksAgo) }), today)
    }
  }
  await noteRules(db, { id: studioId, settings: {} }, today)
  return true
}
