/** One large class for the browser rows of the bench: 25 people, 40 items. */
import { randomUUID } from 'node:crypto'
import { LIBRARY } from '../src/content/movements'
import { planSchema } from '../src/core/plan'
import { connection } from '../src/server/db/connection'
import { addClass, setRoster } from '../src/server/repositories/classes'
import { listClients } from '../src/server/repositories/clients'
import { theStudio } from '../src/server/repositories/studios'
import { NEW_STUDIO } from '../src/server/studio'

const { db, close } = await connection()
const studio = await theStudio(db, NEW_STUDIO)
const id = randomUUID()
const plan = planSchema.parse({
  title: 'Bench class',
  promisedMinutes: 60,
  phases: [
    {
      id: 'm',
      kind: 'main',
      blocks: Array.from({ length: 8 }, (_, block) => ({
        id: `b${block}`,
        items: Array.from({ length: 5 }, (_, item) => ({
          id: `i${block}-${item}`,
          variant: LIBRARY.entries[(block * 29 + item * 11) % LIBRARY.entries.length]!.variant.id,
        })),
      })),
    },
  ],
})
await addClass(db, studio.id, { id, plan, weekday: 5, startTime: '15:00' })
const people = (await listClients(db, studio.id)).slice(0, 25).map((client) => client.id)
await setRoster(db, studio.id, id, people)
await close()
