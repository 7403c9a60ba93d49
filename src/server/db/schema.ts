import { sql } from 'drizzle-orm'
import { bigint, customType, date, index, integer, jsonb, pgTable, primaryKey, real, text, timestamp, uniqueIndex, uuid } from 'drizzle-orm/pg-core'
import type { Answers, CheckIn, ClientRecord, OverruleRecord } from '@/core/client'
import type { Wishes } from '@/core/compose'
import type { JudgedClass } from '@/core/evaluate'
import type { ClassNotes, LeadEvent, LedView, LogMark, LogSide, LogValue, Presence, SAID_WITH, Said } from '@/core/lead'
import type { OwnMovement } from '@/core/movement'
import type { ClassCalendar, PlanDraft } from '@/core/plan'
import type { Series } from '@/core/progress'
import type { LedStretch } from '@/core/timing'
import type { Settings } from '@/core/vocabulary'

/** Documents are validated by their Zod schema at every write; `revision` grows by one a write and guards against stale ones. */
const stamps = {
  createdAt: timestamp({ withTimezone: true }).notNull().defaultNow(),
  updatedAt: timestamp({ withTimezone: true }).notNull().defaultNow(),
}

export const studios = pgTable('studio', {
  id: uuid().primaryKey(),
  name: text().notNull(),
  instructor: text().notNull(),
  /** numbers, time zone and week of the house; name and leader stand beside it */
  settings: jsonb().$type<Partial<Settings>>().notNull().default({}),
  ...stamps,
})

const studioId = () =>
  uuid()
    .notNull()
    .references(() => studios.id, { onDelete: 'cascade' })

export const clients = pgTable(
  'client',
  {
    id: uuid().primaryKey(),
    studioId: studioId(),
    record: jsonb().$type<ClientRecord>().notNull(),
    revision: integer().notNull().default(1),
    ...stamps,
  },
  (table) => [index('client_studio').on(table.studioId)],
)

export const classes = pgTable(
  'class',
  {
    id: uuid().primaryKey(),
    studioId: studioId(),
    plan: jsonb().$type<PlanDraft>().notNull(),
    revision: integer().notNull().default(1),
    /** when the plan was last changed: what is newer has changed since it was planned */
    plannedAt: timestamp({ withTimezone: true }).notNull().defaultNow(),
    /** what was last wished of it when it was composed; null = never composed */
    brief: jsonb().$type<Wishes>(),
    /** counts the changes of who belongs to it */
    rosterRevision: integer().notNull().default(1),
    /** what the rules of that time said when the class was last looked at, so that a change of the rules can be told once */
    judged: jsonb().$type<JudgedClass>(),
    /** 0 Sunday to 6 Saturday; null = no fixed day */
    weekday: integer(),
    /** HH:MM */
    startTime: text(),
    /** single days on which it meets, and days on which it does not */
    calendar: jsonb().$type<ClassCalendar>().notNull().default({ dates: [], off: [] }),
    /** its sessions over weeks; null = the same plan every time */
    series: jsonb().$type<Series>(),
    /** counts the changes of weekday, time, days and series */
    scheduleRevision: integer().notNull().default(1),
    /** taken off the desk; its log stays */
    removedAt: timestamp({ withTimezone: true }),
    ...stamps,
  },
  (table) => [index('class_studio').on(table.studioId)],
)

const classId = () =>
  uuid()
    .notNull()
    .references(() => classes.id, { onDelete: 'cascade' })
const clientId = () =>
  uuid()
    .notNull()
    .references(() => clients.id, { onDelete: 'cascade' })

/** On the roster, waiting for a place, or a guest for now. */
export const ROSTER_PLACES = ['enrolled', 'waiting', 'guest'] as const
export type RosterPlace = (typeof ROSTER_PLACES)[number]

export const rosterEntries = pgTable(
  'roster_entry',
  { studioId: studioId(), classId: classId(), clientId: clientId(), place: text().$type<RosterPlace>().notNull().default('enrolled'), ...stamps },
  (table) => [primaryKey({ columns: [table.classId, table.clientId] })],
)

export const sessions = pgTable(
  'session',
  {
    id: uuid().primaryKey(),
    studioId: studioId(),
    classId: classId(),
    day: date({ mode: 'string' }).notNull(),
    /** the plan as it was led */
    plan: jsonb().$type<PlanDraft>().notNull(),
    note: text(),
    /** what was noted of the class in taps */
    notes: jsonb().$type<ClassNotes>(),
    /** what its taps say of the instructor's pace, once it has ended */
    stretches: jsonb().$type<LedStretch[]>(),
    /** counts the changes of the log */
    revision: integer().notNull().default(1),
    ...stamps,
  },
  (table) => [uniqueIndex('session_class_day').on(table.classId, table.day), index('session_studio_day').on(table.studioId, table.day)],
)

/** A plan as it was at some time, kept under a name. */
export const planVersions = pgTable(
  'plan_version',
  {
    id: uuid().primaryKey(),
    studioId: studioId(),
    classId: classId(),
    name: text().notNull(),
    plan: jsonb().$type<PlanDraft>().notNull(),
    ...stamps,
  },
  (table) => [index('plan_version_class').on(table.classId)],
)

const sessionId = () =>
  uuid()
    .notNull()
    .references(() => sessions.id, { onDelete: 'cascade' })

export const attendances = pgTable(
  'attendance',
  {
    studioId: studioId(),
    sessionId: sessionId(),
    clientId: clientId(),
    came: integer().notNull().default(0),
    /** as it was said at the door or in the log; null = nobody said */
    presence: text().$type<Presence>(),
    checkIn: jsonb().$type<CheckIn>(),
    /** 0 to 10 */
    exertion: real(),
    painDuring: real(),
    painNextDay: real(),
    note: text(),
    /** what was noted of the person in a word: form lost, could have done more */
    marks: jsonb().$type<LogMark[]>(),
    /** counts what was said at the door */
    revision: integer().notNull().default(1),
    ...stamps,
  },
  (table) => [
    primaryKey({ columns: [table.sessionId, table.clientId] }),
    index('attendance_client').on(table.clientId),
    // few of the rows of years hold something said at the door
    index('attendance_said').on(table.studioId).where(sql`check_in is not null`),
  ],
)

/** What one person did in one item. */
export const logEntries = pgTable(
  'log_entry',
  {
    studioId: studioId(),
    sessionId: sessionId(),
    clientId: clientId(),
    item: text().notNull(),
    variant: text().notNull(),
    /** lifted, a hand or limb */
    kg: real(),
    /** one that was done alone, or was the weaker */
    side: text().$type<LogSide>(),
    /** which of the house's bands, where it was one */
    band: text(),
    ...stamps,
  },
  (table) => [primaryKey({ columns: [table.sessionId, table.clientId, table.item] }), index('log_client').on(table.clientId)],
)

export const leadEvents = pgTable(
  'lead_event',
  {
    id: uuid().primaryKey(),
    studioId: studioId(),
    sessionId: sessionId(),
    at: bigint({ mode: 'number' }).notNull(),
    kind: text().$type<LeadEvent['kind']>().notNull(),
    text: text(),
    person: text(),
    /** which device it was tapped on, and as which of its taps */
    device: text(),
    sequence: integer(),
    /** what only some kinds say */
    said: jsonb().$type<Pick<Said, (typeof SAID_WITH)[number]>>(),
    /** as which of the session's taps it came to the server: what somebody who follows has not seen yet lies above what they know */
    ordinal: integer().notNull().default(0),
  },
  (table) => [index('lead_event_session').on(table.sessionId, table.at)],
)

/** Judgements by which a session was shown or led; a tap says by which. The id is a hash of the document. */
export const leadViews = pgTable(
  'lead_view',
  { id: text().notNull(), studioId: studioId(), sessionId: sessionId(), document: jsonb().$type<LedView>().notNull(), ...stamps },
  (table) => [primaryKey({ columns: [table.sessionId, table.id] })],
)

/** What was corrected in a log: both values are kept. */
export const logChanges = pgTable(
  'log_change',
  {
    id: uuid().primaryKey(),
    studioId: studioId(),
    sessionId: sessionId(),
    /** null = of the whole class */
    clientId: uuid().references(() => clients.id, { onDelete: 'cascade' }),
    field: text().notNull(),
    was: jsonb().$type<LogValue>(),
    becomes: jsonb().$type<LogValue>(),
    ...stamps,
  },
  (table) => [index('log_change_session').on(table.sessionId)],
)

/** Movements of the instructor's own, made from library variants. */
export const ownMovements = pgTable(
  'own_movement',
  {
    id: uuid().primaryKey(),
    studioId: studioId(),
    document: jsonb().$type<OwnMovement>().notNull(),
    revision: integer().notNull().default(1),
    /** no longer offered; plans and logs that use it keep it */
    removedAt: timestamp({ withTimezone: true }),
    ...stamps,
  },
  (table) => [index('own_movement_studio').on(table.studioId)],
)

/** The instructor's own word against a verdict, with reason, scope and trace. */
export const overrules = pgTable(
  'overrule',
  { id: uuid().primaryKey(), studioId: studioId(), clientId: clientId(), document: jsonb().$type<OverruleRecord>().notNull(), ...stamps },
  (table) => [index('overrule_client').on(table.clientId)],
)

/** Answers of a screening; they become conditions only when the instructor confirms. */
export const screenings = pgTable(
  'screening',
  {
    id: uuid().primaryKey(),
    studioId: studioId(),
    clientId: clientId(),
    day: date({ mode: 'string' }).notNull(),
    answers: jsonb().$type<Answers>().notNull(),
    confirmedOn: date({ mode: 'string' }),
    ...stamps,
  },
  (table) => [index('screening_client').on(table.clientId, table.day)],
)

/** What of a person was erased. */
export const ERASED = ['whole', 'health'] as const

/** Who was erased and when, by number only: a backup from before is cleared of them again when it is restored. */
export const erasures = pgTable(
  'erasure',
  {
    studioId: studioId(),
    clientId: uuid().notNull(),
    erasedAt: timestamp({ withTimezone: true }).notNull().defaultNow(),
    what: text().$type<(typeof ERASED)[number]>().notNull().default('whole'),
  },
  (table) => [primaryKey({ columns: [table.studioId, table.clientId] })],
)

/** What was made for a request, so that one that is sent again after a lost answer makes nothing twice. Kept a day. */
export const requests = pgTable(
  'request',
  {
    studioId: studioId(),
    key: uuid().notNull(),
    /** hash of what was asked */ of: text().notNull(),
    answer: jsonb().$type<object>(),
    createdAt: stamps.createdAt,
  },
  (table) => [primaryKey({ columns: [table.studioId, table.key] })],
)

const bytea = customType<{ data: Uint8Array; driverData: Uint8Array }>({ dataType: () => 'bytea' })

/** Scanned letters of clearance. */
export const letters = pgTable(
  'letter',
  {
    id: uuid().primaryKey(),
    studioId: studioId(),
    clientId: clientId(),
    condition: text().notNull(),
    name: text().notNull(),
    mime: text().notNull(),
    content: bytea().notNull(),
    ...stamps,
  },
  (table) => [index('letter_client').on(table.clientId)],
)
