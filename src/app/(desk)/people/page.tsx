import Link from 'next/link'
import { addMonths, ageOn, clearanceEnds, factsOn, perinatal, SCREENING_MONTHS } from '@/core/client'
import { assess } from '@/core/safety'
import { listClients } from '@/server/repositories/clients'
import { RULE_BASE } from '@/server/ruleBase'
import { here, today } from '@/server/studio'
import { PeopleTable } from '@/ui/people/PeopleTable'

export const metadata = { title: 'People' }

/** A clearance that ends within this many days is worth asking for now. */
const SOON_DAYS = 28

export default async function PeoplePage() {
  const { db, studio } = await here()
  const now = today()
  const rows = (await listClients(db, studio.id)).map(({ id, record }) => {
    const { closed, pending } = assess(RULE_BASE, factsOn(RULE_BASE, record, now), { supportInReach: true })
    const { week, weeksSinceBirth } = perinatal(record, now)
    const ending = record.clearances
      .map((clearance) => ({ clearance, ends: clearanceEnds(RULE_BASE, clearance) }))
      .filter(
        ({ ends }) => ends !== undefined && ends >= now && ends <= addMonths(now, 1) && Date.parse(ends) - Date.parse(now) <= SOON_DAYS * 86_400_000,
      )
    const due = [
      ...(closed ? [closed.outcome === 'clearance-first' ? 'clearance first' : closed.outcome.replaceAll('-', ' ')] : []),
      ...(!closed && pending.length > 0 ? ['clearance advised'] : []),
      ...ending.map(
        ({ clearance, ends }) =>
          `clearance for ${(RULE_BASE.conditions.get(clearance.condition)?.name ?? clearance.condition).toLowerCase()} ends ${ends}`,
      ),
      ...(record.screenedOn === undefined
        ? ['never screened']
        : addMonths(record.screenedOn, SCREENING_MONTHS) < now
          ? ['screening is over a year old']
          : []),
      ...(record.consentOn === undefined ? ['no consent to keep health data'] : []),
    ]
    return {
      id,
      name: `${record.given} ${record.family}`.trim(),
      age: ageOn(record.birthDate, now),
      conditions: [
        ...(week === undefined ? [] : [`pregnant, week ${week}`]),
        ...(weeksSinceBirth === undefined || weeksSinceBirth > 52 ? [] : [`${weeksSinceBirth} weeks after a birth`]),
        ...record.conditions.map(({ slug, side }) => `${RULE_BASE.conditions.get(slug)?.name ?? slug}${side ? `, ${side}` : ''}`),
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
