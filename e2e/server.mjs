/** The built application with the demo data of a fixed day, in a folder of its own. `node e2e/server.mjs <number>` */
import path from 'node:path'
import { bindTo, fill, fixedDay, serve } from '../scripts/hall.mjs'

const number = process.argv[2]
const env = fixedDay(path.join(process.env.VELVET_E2E_FOLDER, number, 'data'))
if (!fill('seed.ts', env)) process.exit(1)
bindTo(serve({ port: Number(process.env.VELVET_E2E_PORT) + Number(number), env, stdio: 'inherit' }))
