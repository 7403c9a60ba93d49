/** The built application with the demo data of a fixed day, in a folder of its own. */
import path from 'node:path'
import { bindTo, fill, fixedDay, serve } from '../scripts/hall.mjs'

const env = fixedDay(path.join(process.env.VELVET_E2E_FOLDER, 'data'))
if (!fill('seed.ts', env)) process.exit(1)
bindTo(serve({ port: process.env.VELVET_E2E_PORT, env, stdio: 'inherit' }))
