/** Opens the database when the server starts, so that a locked or damaged folder is said at once and not at the first page. */
export async function register() {
  if (process.env.NEXT_RUNTIME !== 'nodejs') return
  const { quietLog } = await import('./server/quiet')
  quietLog()
  const { openOrExit } = await import('./server/db/start')
  await openOrExit()
  // the first page need not wait for the rules and the library to be read
  const { warmJudge } = await import('./server/judging')
  warmJudge()
}
