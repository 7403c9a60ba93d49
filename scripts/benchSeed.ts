/** One large class for the browser rows of the bench: 25 people, 40 items. */
import { randomUUID } from 'node:crypto'
import { connection } from '../src/server/db/connection'
import { addClass, setRoster } from '../src/server/repositories/classes'
import { listClients } from '../src/server/repositories/clients'
import { theStudio } from '../src/server/repositories/studios'
import { NEW_STUDIO } from '../src/server/studio'
import { BENCH_PLAN } from './benchPlan'

const { db, close } = await connection()
const studio = await theStudio(db, NEW_STUDIO)
const id = randomUUID()
await addClass(db, studio.id, { id, plan: BENCH_PLAN, weekday: 5, startTime: '15:00' })
const people = (await listClients(db, studio.id)).slice(0, 25).map((client) => client.id)
await setRoster(db, studio.id, id, people)
await close()
