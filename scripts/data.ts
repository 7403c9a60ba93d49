/** `npm run backup`, `npm run restore` and `npm run check-data`: what the owner of the data does with all of it. */
import { createReadStream, createWriteStream, existsSync, readdirSync, renameSync, rmSync } from 'node:fs'
import { chmod, cp, mkdir, mkdtemp, rm } from 'node:fs/promises'
import { tmpdir } from 'node:os'
import path from 'node:path'
import { pipeline } from 'node:stream/promises'
import { createGunzip, createGzip } from 'node:zlib'
import { type Check, checkData } from '../src/server/backup/check'
import { askServer, askServerFor, linesIn } from '../src/server/backup/control'
import { BackupError, type Counts, type Erasure, erasuresIn, restoreBackup, writeBackup } from '../src/server/backup/document'
import { type Connection, connection, dataFolder, FolderDamagedError, openFolder, openMemory } from '../src/server/db/connection'
import { FolderLockedError } from '../src/server/db/lock'
import { withoutValues } from '../src/server/quiet'

const say = (line: string) => process.stdout.write(`${line}\n`)

/** The data: a connection of our own, or the folder of a running server that has to be asked. */
async function reached<T>(own: (held: Connection) => Promise<T>, asked: (folder: string) => Promise<T>): Promise<T> {
  let held: Connection
  try {
    held = await connection()
  } catch (error) {
    if (error instanceof FolderLockedError) return asked(dataFolder())
    throw error
  }
  try {
    return await own(held)
  } finally {
    await held.close()
  }
}

/** Lines of a backup as it stands on the disk. */
async function* linesOf(file: string): AsyncGenerator<string> {
  if (!existsSync(file)) throw new BackupError(`There is no file ${file}.`)
  const plain = createGunzip()
  const reading = pipeline(createReadStream(file), plain).catch(() => undefined)
  try {
    yield* linesIn(plain)
  } catch {
    throw new BackupError(`${file} is not a backup of Velvet Step, or it is damaged. Choose another.`)
  }
  await reading
  if (plain.errored) throw new BackupError(`${file} is not a backup of Velvet Step, or it is damaged. Choose another.`)
}

const summary = (counts: Counts) => `${counts.client?.rows ?? 0} people, ${counts.class?.rows ?? 0} classes, ${counts.session?.rows ?? 0} sessions`

/** Loads a backup into a database of its own in memory; what comes out must be what went in. */
async function proved(file: string): Promise<{ counts: Counts; erased: Erasure[] }> {
  const trial = await openMemory()
  try {
    const { counts } = await restoreBackup(trial.db, linesOf(file))
    return { counts, erased: await erasuresIn(trial.db) }
  } finally {
    await trial.close()
  }
}

/** Writes a backup beside its place, proves it, and only then gives it its name. */
async function backup(file: string): Promise<Counts> {
  const part = `${file}.part`
  const zip = createGzip()
  rmSync(part, { force: true })
  try {
    const written = pipeline(zip, createWriteStream(part, { mode: 0o600, flush: true }))
    await reached(
      async ({ db }) => void (await writeBackup(db, new Date(), (line) => zip.write(`${line}\n`))),
      async (folder) => {
        for await (const line of askServer(folder, 'GET', '/backup')) zip.write(`${line}\n`)
      },
    )
    zip.end()
    await written
    const { counts } = await proved(part)
    renameSync(part, file)
    return counts
  } catch (error) {
    rmSync(part, { force: true })
    throw error
  }
}

/** Opening a copy changes it, so a copy of the copy is opened, and every row read. */
async function backupFolder(to: string): Promise<Counts> {
  await reached(
    async ({ copyFolder }) => {
      if (!copyFolder) throw new BackupError('A PostgreSQL server has no folder to copy. Leave --folder out.')
      await copyFolder(to)
    },
    async (folder) => {
      for await (const _ of askServer(folder, 'POST', `/copy?to=${encodeURIComponent(to)}`)) {
        // nothing is said when it is done
      }
    },
  )
  const place = await mkdtemp(path.join(tmpdir(), 'velvet-copy-'))
  try {
    await cp(to, path.join(place, 'copy'), { recursive: true })
    const opened = await openFolder(path.join(place, 'copy'))
    const counts = await writeBackup(opened.db, new Date(), () => {})
    await opened.close()
    return counts
  } finally {
    await rm(place, { recursive: true, force: true })
  }
}

const copiesFolder = () => `${dataFolder()}-copies`
const DAILY = /^(\d{4}-\d{2}-\d{2})\.velvet\.gz$/

const copies = (): string[] =>
  existsSync(copiesFolder())
    ? readdirSync(copiesFolder())
        .filter((name) => DAILY.test(name))
        .sort()
    : []

/** One copy a day, kept for so many days; those that are older go. */
async function daily(days: number) {
  if (days === 0) return
  await mkdir(copiesFolder(), { recursive: true, mode: 0o700 })
  await chmod(copiesFolder(), 0o700)
  const today = new Date().toISOString().slice(0, 10)
  const name = `${today}.velvet.gz`
  if (!copies().includes(name)) await backup(path.join(copiesFolder(), name))
  const oldest = new Date(Date.parse(today) - (days - 1) * 86_400_000).toISOString().slice(0, 10)
  for (const copy of copies()) if (copy.slice(0, 10) < oldest) await rm(path.join(copiesFolder(), copy))
}

/** Who was erased, by the daily copies, for when the database itself cannot tell any more. */
async function erasedByCopies(): Promise<Erasure[]> {
  const newest = copies().at(-1)
  return newest ? (await proved(path.join(copiesFolder(), newest)).catch(() => ({ erased: [] }))).erased : []
}

async function restore(file: string) {
  const { counts } = await proved(file)
  const done = await reached(
    ({ db }) => restoreBackup(db, linesOf(file)),
    (folder) => askServerFor<{ erasedAgain: number }>(folder, 'POST', '/restore', linesOf(file)),
  ).catch(async (error: unknown) => {
    if (!(error instanceof FolderDamagedError)) throw error
    // what is left of it is kept: somebody may still be able to read it
    const aside = `${error.folder}.damaged-${new Date().toISOString().replace(/[:.]/g, '-')}`
    renameSync(error.folder, aside)
    say(`The damaged folder was moved to ${aside}.`)
    const erased = await erasedByCopies()
    return reached(
      ({ db }) => restoreBackup(db, linesOf(file), erased),
      (folder) => Promise.reject(new FolderLockedError(folder)),
    )
  })
  say(`Restored: ${summary(counts)}.`)
  if (done.erasedAgain > 0)
    say(`${done.erasedAgain === 1 ? 'One person was' : `${done.erasedAgain} people were`} erased after this backup and erased again.`)
}

async function check() {
  const { rows, problems } = await reached(
    ({ db }) => checkData(db),
    (folder) => askServerFor<Check>(folder, 'GET', '/check'),
  )
  for (const problem of problems) say(problem)
  say(
    `${rows} rows read. ${problems.length === 0 ? 'Everything is sound.' : `${problems.length} ${problems.length === 1 ? 'thing is' : 'things are'} unsound.`}`,
  )
  if (problems.length > 0) process.exitCode = 1
}

const USAGE = `npm run backup -- FILE             everything into one file, proved before it gets its name
npm run backup -- --folder FOLDER  a copy of the folder of the embedded database
npm run restore -- FILE            a backup in the place of everything that is there
npm run check-data                 reads everything once and says what is unsound`

const [command, first, second] = process.argv.slice(2)
try {
  if (command === 'backup' && first === '--folder' && second) say(`Copied: ${summary(await backupFolder(path.resolve(second)))}.`)
  else if (command === 'backup' && first && !first.startsWith('--')) say(`Kept in ${first}: ${summary(await backup(path.resolve(first)))}.`)
  else if (command === 'restore' && first) await restore(path.resolve(first))
  else if (command === 'daily' && /^\d{1,4}$/.test(first ?? '')) await daily(Number(first))
  else if (command === 'check-data') await check()
  else {
    process.stderr.write(`${USAGE}\n`)
    process.exitCode = 2
  }
} catch (error) {
  const told = withoutValues(error)
  process.stderr.write(`${told instanceof Error ? told.message : String(told)}\n`)
  process.exitCode = 1
}
