/** The built application with the demo data of a fixed day, in a folder of its own. */
import { spawn, spawnSync } from 'node:child_process'
import path from 'node:path'

const env = {
  ...process.env,
  VELVET_TODAY: '2026-11-24',
  VELVET_DATA: path.join(process.env.VELVET_E2E_FOLDER, 'data'),
  NEXT_TELEMETRY_DISABLED: '1',
}
const seeded = spawnSync(process.execPath, ['--conditions=react-server', '--import', 'tsx', 'scripts/seed.ts'], { stdio: 'inherit', env })
if (seeded.status !== 0) process.exit(1)
const server = spawn(
  process.execPath,
  ['node_modules/next/dist/bin/next', 'start', '--hostname', '127.0.0.1', '--port', process.env.VELVET_E2E_PORT],
  { stdio: 'inherit', env },
)
server.on('exit', (code) => process.exit(code ?? 1))
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => server.kill(signal))
