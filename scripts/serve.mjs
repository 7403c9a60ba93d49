/** `npm start`: the built application on loopback, with whatever data folder the environment names. */
import { spawn } from 'node:child_process'
import { portIsFree, ROOT, stop } from './setup.mjs'

const port = Number(process.env.PORT ?? 4600)
const host = process.env.HOST ?? '127.0.0.1'
if (!(await portIsFree(port))) stop(`Port ${port} is taken. Stop what listens there, or set PORT to another.`)
const server = spawn(process.execPath, ['node_modules/next/dist/bin/next', 'start', '--hostname', host, '--port', String(port)], {
  cwd: ROOT,
  stdio: 'inherit',
})
server.on('exit', (code) => process.exit(code ?? 1))
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => server.kill(signal))
