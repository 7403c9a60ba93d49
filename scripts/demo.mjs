import { bindTo, keepCopies, ours, serve } from './hall.mjs'
import { build, checkNode, install, portIsFree, run, stop } from './setup.mjs'

// its own folder, so that the demo never mixes with people who are real
process.env.VELVET_DATA ??= '.data/demo'
const port = Number(process.env.PORT ?? 4600)

checkNode()
if (!Number.isInteger(port) || port < 1 || port > 65535) stop(`PORT is "${process.env.PORT}"; expected a number from 1 to 65535.`)
if (!(await portIsFree(port))) stop(`Port ${port} is taken. Stop what listens there, or choose another: PORT=${port + 1} npm run demo`)
install()
build()
run(process.execPath, ours('seed.ts'), {
  problem: 'The demo data was not loaded; the line above says why.',
})

const server = serve({ port, stdio: ['ignore', 'pipe', 'inherit'], env: { ...process.env, NEXT_TELEMETRY_DISABLED: '1' } })
server.stdout.on('data', (text) => {
  if (String(text).includes('Ready')) process.stdout.write(`Velvet Step is at http://127.0.0.1:${port}\n`)
})
bindTo(server)
keepCopies(server)
