import { bigint, date, index, integer, jsonb, pgTable, primaryKey, real, text, timestamp, uniqueIndex, uuid } from 'drizzle-orm/pg-core'
import type { CheckIn, ClientRecord } from '@/core/client'
import type { LeadEvent } from '@/core/lead'
import type { PlanDraft } from '@/core/plan'

/** Documents are validated by their Zod schema at every write; `revision` grows by one a write and guards against stale ones. */
const stamps = {
  createdAt: timestamp({ withTimezone: true }).notNull().defaultNow(),
  updatedAt: timestamp({ withTimezone: true }).notNull().defaultNow(),
}

export const studios = pgTable('studio', { id: uuid().primaryKey(), name: text().notNull(), instructor: text().notNull(), ...stamps })

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
    /** 0 Sunday to 6 Saturday; null = no fixed day */
    weekday: integer(),
    /** HH:MM */
    startTime: text(),
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

export const rosterEntries = pgTable('roster_entry', { studioId: studioId(), classId: classId(), clientId: clientId(), ...stamps }, (table) => [
  primaryKey({ columns: [table.classId, table.clientId] }),
])

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
    ...stamps,
  },
  (table) => [uniqueIndex('session_class_day').on(table.classId, table.day), index('session_studio_day').on(table.studioId, table.day)],
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
    checkIn: jsonb().$type<CheckIn>(),
    /** 0 to 10 */
    exertion: real(),
    painDuring: real(),
    painNextDay: real(),
    note: text(),
    ...stamps,
  },
  (table) => [primaryKey({ columns: [table.sessionId, table.clientId] }), index('attendance_client').on(table.clientId)],
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
  },
  (table) => [index('lead_event_session').on(table.sessionId, table.at)],
)
