/** `npm start`: the application on loopback with one's own data, built when it is not yet. */
import { bindTo, keepCopies, serve } from './hall.mjs'
import { build, checkNode, install, portIsFree, stop } from './setup.mjs'

checkNode()
const port = Number(process.env.PORT ?? 4600)
const host = process.env.HOST ?? '127.0.0.1'
if (!(await portIsFree(port))) stop(`Port ${port} is taken. Stop what listens there, or set PORT to another.`)
install()
build()
process.stdout.write(`Velvet Step will be at http://${host}:${port}\n`)
const server = serve({ port, host, stdio: 'inherit' })
bindTo(server)
keepCopies(server)
