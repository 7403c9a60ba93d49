/** What somebody can do about a failure, by its SQLSTATE. */
const TO_DO: Record<string, string> = {
  '53100': 'The disk is full: nothing was saved. Free some space; the server goes on by itself.',
  '53200': 'The memory is used up: nothing was saved. Close other programs, or start the server again.',
}

/** An error as the server's log may have it: what failed and where, never the values of a query, which are people's health. */
export function withoutValues(error: unknown): unknown {
  if (!(error instanceof Error)) return error
  const chain: (Error & { query?: unknown; code?: unknown })[] = []
  for (let one: unknown = error; one instanceof Error && chain.length < 5; one = one.cause) chain.push(one)
  const failed = chain.find(({ query }) => typeof query === 'string')
  if (!failed) return error
  const code = chain.map(({ code: state }) => state).find((state) => typeof state === 'string')
  const said = typeof code === 'string' && TO_DO[code] ? `${TO_DO[code]} ` : ''
  const quiet = new Error(`${said}A query of the database failed${code ? ` (${code})` : ''}: ${failed.query}`)
  quiet.name = error.name
  // the frames without the message, which holds the values
  quiet.stack = `${quiet.name}: ${quiet.message}\n${(error.stack ?? '')
    .split('\n')
    .filter((line) => /^\s+at /.test(line))
    .join('\n')}`
  return quiet
}

const hooked = globalThis as unknown as { velvetQuiet?: boolean }
/** Everything that the server says on its error output goes through `withoutValues`. */
export function quietLog(): void {
  if (hooked.velvetQuiet) return
  hooked.velvetQuiet = true
  for (const level of ['error', 'warn', 'log'] as const) {
    const say = console[level].bind(console)
    console[level] = (...words: unknown[]) => say(...words.map(withoutValues))
  }
}
