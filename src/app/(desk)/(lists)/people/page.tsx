import Link from 'next/link'
import { ageOn, fullName, perinatal } from '@/core/client'
import type { GateOutcome } from '@/core/safety'
import { askStanding } from '@/server/judging'
import { attendedDays } from '@/server/repositories/checkIns'
import { listClients } from '@/server/repositories/clients'
import { knownFacts, soonOut } from '@/server/roster'
import { conditionName } from '@/server/ruleBase'
import { here, today } from '@/server/studio'
import { PeopleTable } from '@/ui/people/PeopleTable'
import { dateWords } from '@/ui/shell/days'
import { runsOutWords } from '../../../runsOutWords'

export const metadata = { title: 'People' }

const CLOSED_WORDS: Record<GateOutcome, string> = {
  emergency: 'emergency',
  'not-today': 'not today',
  'clearance-first': 'a letter first',
  ask: 'a question first',
  hold: 'to correct first',
  limits: 'with limits',
}

export default async function PeoplePage() {
  const { db, studio } = await here()
  const now = today(studio)
  const clients = await listClients(db, studio.id)
  const attended = await attendedDays(
    db,
    studio.id,
    clients.map(({ id }) => id),
    now,
  )
  const known = clients.map(({ id, record }) => knownFacts(record, now, attended.get(id) ?? []))
  const standing = await askStanding(known)
  const fullNames = new Map<string, number>()
  for (const { record } of clients) {
    const name = fullName(record)
    fullNames.set(name, (fullNames.get(name) ?? 0) + 1)
  }
  const rows = clients.map(({ id, record }, index) => {
    const facts = known[index]!
    const { closed, pending } = standing[index]!
    const { week, weeksSinceBirth } = perinatal(record, now)
    const due = [
      ...(closed ? [CLOSED_WORDS[closed]] : []),
      ...(!closed && pending ? ['clearance advised'] : []),
      ...soonOut(record, now).map((one) => `${runsOutWords(one)}, until ${dateWords(one.last)}`),
      ...(facts.screenOutcome === 'never' ? [record.screening ? 'health questions to ask again' : 'health questions never answered'] : []),
      ...(facts.screenOutcome === 'limits' ? ['answers to go through'] : []),
      ...(record.consentOn === undefined ? ['no consent to keep health data'] : []),
      ...(record.consentWithdrawnOn === undefined ? [] : ['agreement withdrawn']),
    ]
    return {
      id,
      name: fullNames.get(fullName(record))! > 1 ? `${fullName(record)}, born ${dateWords(record.birthDate)}` : fullName(record),
      age: ageOn(record.birthDate, now),
      conditions: [
        ...(week === undefined ? [] : [`pregnant, week ${week}`]),
        ...(weeksSinceBirth === undefined || weeksSinceBirth > 52 ? [] : [`${weeksSinceBirth} weeks after a birth`]),
        ...record.conditions.map(({ slug, side }) => `${conditionName(slug)}${side ? `, ${side}` : ''}`),
        ...record.unlisted.map(({ words }) => words),
      ].join('; '),
      due,
      urgent: closed !== undefined,
    }
  })
  return (
    <>
      <div className="mb-5 flex flex-wrap items-end justify-between gap-4">
        <h1>People</h1>
        <div className="flex flex-wrap gap-3">
          <Link href="/people/soon" className="quiet">
            What runs out
          </Link>
          <a href="/api/people/csv" className="quiet" download>
            As a spreadsheet
          </a>
          <Link href="/people/import" className="quiet">
            Import
          </Link>
          <Link href="/people/new" className="action">
            Register a person
          </Link>
        </div>
      </div>
      {rows.length === 0 ? (
        <p>
          Nobody is registered yet. <Link href="/people/new">Register a first person</Link>, or <Link href="/people/import">bring a list</Link>.
        </p>
      ) : (
        <PeopleTable rows={rows} />
      )}
    </>
  )
}
