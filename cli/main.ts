import { BadInput, run } from './commands'

try {
  process.exitCode = await run(process.argv.slice(2), (line) => process.stdout.write(`${line}\n`))
} catch (error) {
  if (!(error instanceof BadInput)) throw error
  process.stderr.write(`${error.message}\n`)
  process.exitCode = 2
}
