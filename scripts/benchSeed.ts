/**
 * Data at full size for the rows of the bench: one large class (25 people, 40 items), and beside it two years of twenty classes a week with
 * 600 people, 2,000 sessions, half a million log rows and 60 movements of the instructor's own.
 */
import { randomUUID } from 'node:crypto'
import { sql } from 'drizzle-orm'
import { DEMO_CLASSES, demoPeople } from '../src/content/demo'
import { LIBRARY } from '../src/content/movements'
import { addDays, clientSchema } from '../src/core/client'
import { ownFrom, ownMovementSchema } from '../src/core/movement'
import { itemsOf, planSchema } from '../src/core/plan'
import { connection, type Database } from '../src/server/db/connection'
import { studios } from '../src/server/db/schema'
import { addClass, setRoster } from '../src/server/repositories/classes'
import { addClients, listClients } from '../src/server/repositories/clients'
import { addOwn } from '../src/server/repositories/ownMovements'
import { theStudio } from '../src/server/repositories/studios'
import { NEW_STUDIO } from '../src/server/studio'
import { BENCH_PLAN } from './benchPlan'

const PEOPLE = 600
const CLASSES = 20
const WEEKS = 100
const ROSTER = 20
const LOG_ROWS = 500_000
const OWN = 60
const today = process.env.VELVET_TODAY ?? '2026-11-24'

async function people(db: Database, studio: string): Promise<string[]> {
  const known = demoPeople(today).map(({ record }) => clientSchema.parse(record))
  const there = (await listClients(db, studio)).map(({ id }) => id)
  const rows = Array.from({ length: PEOPLE - there.length }, (_, index) => {
    const record = known[index % known.length]!
    return { id: randomUUID(), record: { ...record, family: `${record.family} ${index}` } }
  })
  await addClients(db, studio, rows)
  return [...there, ...rows.map(({ id }) => id)]
}

/** Sessions, attendance, taps and log rows of a class, each with one statement. */
async function past(db: Database, studio: string, classId: string, items: readonly { item: string; variant: string }[], rows: number) {
  const days = Array.from({ length: WEEKS }, (_, week) => addDays(today, -7 * (week + 1)))
  await db.execute(sql`insert into session (id, studio_id, class_id, day, plan, note)
    select gen_random_uuid(), ${studio}::uuid, id, day::date, plan, 'As planned.' from class, unnest(${sql.raw(`array['${days.join("','")}']`)}) day
    where id = ${classId}::uuid on conflict do nothing`)
  await db.execute(sql`insert into attendance (studio_id, session_id, client_id, came, exertion, pain_during)
    select s.studio_id, s.id, r.client_id, 1, 3, 1 from session s join roster_entry r on r.class_id = s.class_id where s.class_id = ${classId}::uuid
    on conflict do nothing`)
  await db.execute(sql`insert into lead_event (id, studio_id, session_id, at, kind)
    select gen_random_uuid(), s.studio_id, s.id, (extract(epoch from s.day) * 1000)::bigint + n, 'next' from session s, generate_series(1, 20) n
    where s.class_id = ${classId}::uuid`)
  const made = sql.raw(items.map(({ item, variant }) => `('${item}','${variant}')`).join(','))
  await db.execute(sql`insert into log_entry (studio_id, session_id, client_id, item, variant)
    select s.studio_id, s.id, r.client_id, i.item, i.variant
    from session s join roster_entry r on r.class_id = s.class_id, (values ${made}) i(item, variant)
    where s.class_id = ${classId}::uuid order by s.day desc, i.item, r.client_id limit ${rows} on conflict do nothing`)
}

const { db, close } = await connection()
const studio = (await theStudio(db, NEW_STUDIO)).id
const everybody = await people(db, studio)
for (let n = 0; n < OWN; n++) {
  const entry = LIBRARY.entries[(n * 31) % LIBRARY.entries.length]!
  await addOwn(db, studio, randomUUID(), ownMovementSchema.parse({ ...ownFrom(entry), name: `Own ${n}` }))
}
for (let n = 0; n < CLASSES; n++) {
  const plan = planSchema.parse({ ...planSchema.parse(DEMO_CLASSES[n % DEMO_CLASSES.length]!.plan), title: `Week ${n}` })
  const id = randomUUID()
  await addClass(db, studio, { id, plan, weekday: n % 7, startTime: `${String(8 + (n % 9)).padStart(2, '0')}:00` })
  const roster = Array.from({ length: ROSTER }, (_, place) => everybody[(n * 29 + place) % everybody.length]!)
  await setRoster(db, studio, id, roster)
  const items = itemsOf(plan).flatMap(({ item }) => (item.variant ? [{ item: item.id, variant: item.variant }] : []))
  const filled = Array.from({ length: Math.ceil(LOG_ROWS / CLASSES / WEEKS / ROSTER) }, (_, place) => ({
    item: place < items.length ? items[place]!.item : `extra${place}`,
    variant: items[place % items.length]!.variant,
  }))
  await past(db, studio, id, filled, LOG_ROWS / CLASSES)
}
// today, so that it stands on the first page
const bench = randomUUID()
await addClass(db, studio, { id: bench, plan: BENCH_PLAN, weekday: 5, startTime: '15:00' })
await setRoster(db, studio, bench, everybody.slice(0, 25))
const count = (table: string) => sql<number>`(select count(*)::int from ${sql.identifier(table)})`
const [counted] = await db
  .select({ people: count('client'), sessions: count('session'), log: count('log_entry'), own: count('own_movement') })
  .from(studios)
process.stdout.write(`${JSON.stringify(counted)}\n`)
await close()
