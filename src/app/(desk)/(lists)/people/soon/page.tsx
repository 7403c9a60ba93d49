import Link from 'next/link'
import { fullName } from '@/core/client'
import { notSince } from '@/server/repositories/checkIns'
import { listClients } from '@/server/repositories/clients'
import { soonOut } from '@/server/roster'
import { here, keptSince, today } from '@/server/studio'
import { ErasePast } from '@/ui/people/ErasePast'
import { dateWords } from '@/ui/shell/days'
import { runsOutWords } from '../../../../runsOutWords'

export const metadata = { title: 'What runs out' }

/** Letters and forms that end within four weeks, and people whose data are kept longer than the house wants. */
export default async function SoonPage() {
  const { db, studio } = await here()
  const now = today(studio)
  const limit = keptSince(studio.settings, now)
  const [clients, past] = await Promise.all([listClients(db, studio.id), limit === undefined ? [] : notSince(db, studio.id, limit)])
  const names = new Map(clients.map(({ id, record }) => [id, fullName(record)]))
  const soon = clients
    .flatMap(({ id, record }) => soonOut(record, now).map((one) => ({ id, ...one, words: runsOutWords(one) })))
    .sort((a, b) => a.last.localeCompare(b.last))
  return (
    <>
      <h1 className="mb-5">What runs out</h1>
      <h2>In the next four weeks</h2>
      {soon.length === 0 && <p className="text-soft">No letter and no form ends in the next four weeks.</p>}
      <ul className="max-w-[760px]">
        {soon.map(({ id, last, words }) => (
          <li key={`${id} ${words}`} className="grid gap-x-4 border-t border-line py-2 sm:grid-cols-[12rem_1fr]">
            <span>{dateWords(last)}</span>
            <span>
              <Link href={`/people/${id}`} className="font-semibold no-underline hover:underline">
                {names.get(id)}
              </Link>
              , <span className="text-soft">{words}</span>
            </span>
          </li>
        ))}
      </ul>
      <h2 className="mt-8">Kept longer than you want</h2>
      {limit === undefined ? (
        <p className="text-soft">
          You have not said how long data are kept; that stands in <Link href="/settings">Settings</Link>.
        </p>
      ) : (
        <ErasePast
          since={dateWords(limit)}
          people={past.map(({ id, last }) => ({ id, name: names.get(id) ?? 'a record that cannot be read', last: dateWords(last) }))}
        />
      )}
    </>
  )
}
