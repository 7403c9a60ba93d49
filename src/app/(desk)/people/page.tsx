import Link from 'next/link'
import { ageOn, factsOn, perinatal } from '@/core/client'
import { assess } from '@/core/safety'
import { listClients } from '@/server/repositories/clients'
import { RULE_BASE } from '@/server/ruleBase'
import { here, today } from '@/server/studio'

export const metadata = { title: 'People' }

export default async function PeoplePage() {
  const { db, studio } = await here()
  const now = today()
  const people = (await listClients(db, studio.id)).map(({ id, record }) => {
    const assessment = assess(RULE_BASE, factsOn(RULE_BASE, record, now), { supportInReach: true })
    return { id, record, assessment, week: perinatal(record, now).week }
  })
  return (
    <>
      <div className="mb-6 flex items-end justify-between gap-4">
        <h1>People</h1>
        <Link href="/people/new" className="action">
          Register a person
        </Link>
      </div>
      {people.length === 0 ? (
        <p>Nobody is registered yet.</p>
      ) : (
        <div className="overflow-x-auto">
          <table className="w-full border-collapse">
            <thead>
              <tr className="text-left text-soft">
                <th className="pb-2 font-normal">Name</th>
                <th className="pb-2 font-normal">Age</th>
                <th className="pb-2 font-normal">Conditions</th>
                <th className="pb-2 font-normal">To settle</th>
              </tr>
            </thead>
            <tbody>
              {people.map(({ id, record, assessment, week }) => (
                <tr key={id} className="border-t border-line align-top">
                  <td className="py-2 pr-4">
                    <Link href={`/people/${id}`} className="font-semibold no-underline hover:underline">
                      {record.given} {record.family}
                    </Link>
                  </td>
                  <td className="py-2 pr-4">{ageOn(record.birthDate, now)}</td>
                  <td className="py-2 pr-4">
                    {[
                      ...(week === undefined ? [] : [`pregnant, week ${week}`]),
                      ...record.conditions.map(({ slug, side }) => `${RULE_BASE.conditions.get(slug)?.name ?? slug}${side ? `, ${side}` : ''}`),
                    ].join('; ')}
                  </td>
                  <td className="py-2">
                    {assessment.closed ? (
                      <b className="text-effort">{assessment.closed.outcome === 'clearance-first' ? 'clearance first' : assessment.closed.outcome}</b>
                    ) : assessment.pending.length > 0 ? (
                      'clearance advised'
                    ) : (
                      ''
                    )}
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        </div>
      )}
    </>
  )
}
