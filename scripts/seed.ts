import { connection } from '../src/server/db/connection'
import { loadDemo } from '../src/server/demo'
import { theStudio } from '../src/server/repositories/studios'
import { NEW_STUDIO } from '../src/server/studio'

const { db, close } = await connection()
const studio = await theStudio(db, NEW_STUDIO)
const loaded = await loadDemo(db, studio.id, process.env.VELVET_TODAY ?? new Date().toISOString().slice(0, 10))
await close()
process.stdout.write(loaded ? 'Demo data loaded.\n' : 'There is data already; nothing was loaded.\n')
