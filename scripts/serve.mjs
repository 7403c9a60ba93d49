/** `npm start`: the built application on loopback, with whatever data folder the environment names. */
import { bindTo, serve } from './hall.mjs'
import { portIsFree, stop } from './setup.mjs'

const port = Number(process.env.PORT ?? 4600)
const host = process.env.HOST ?? '127.0.0.1'
if (!(await portIsFree(port))) stop(`Port ${port} is taken. Stop what listens there, or set PORT to another.`)
bindTo(serve({ port, host, stdio: 'inherit' }))
