import Link from 'next/link'
import { cache } from 'react'
import { calendarChoices, conditionChoices, factsOn, perinatal } from '@/core/client'
import { assess } from '@/core/safety'
import { studioLibrary } from '@/server/library'
import { attendedDays } from '@/server/repositories/checkIns'
import { listClasses } from '@/server/repositories/classes'
import { getClient } from '@/server/repositories/clients'
import { lettersOf } from '@/server/repositories/letters'
import { lastVariants } from '@/server/repositories/log'
import { overrulesOf } from '@/server/repositories/overrules'
import { conditionName, RULE_BASE } from '@/server/ruleBase'
import { today } from '@/server/studio'
import { OverruleList } from '@/ui/fit/OverruleList'
import { PersonForm } from '@/ui/people/PersonForm'
import { PersonTools } from '@/ui/people/PersonTools'
import { Standing } from '@/ui/people/Standing'
import { dateWords } from '@/ui/shell/days'
import { named } from '../../../named'
import { overruledIn } from '../../../overruled'

/** Read once for title and page. */
const person = cache((id: string) => named(Promise.resolve({ id }), getClient))

interface Props {
  params: Promise<{ id: string }>
}

export async function generateMetadata({ params }: Props) {
  const { found } = await person((await params).id)
  return { title: [found.record.given, found.record.family].filter(Boolean).join(' ') }
}

export default async function PersonPage({ params }: Props) {
  const { db, studio, id, found: stored } = await person((await params).id)
  const now = today(studio)
  const [letters, last, { catalogue }, attended, words, classes] = await Promise.all([
    lettersOf(db, studio.id, id),
    lastVariants(db, studio.id, id),
    studioLibrary(db, studio.id),
    attendedDays(db, studio.id, [id], now),
    overrulesOf(db, studio.id, [id]),
    listClasses(db, studio.id),
  ])
  const usual = new Map<string, { movement: string; name: string; step: number; of: number; day: string }>()
  for (const { variant, day } of last) {
    const entry = catalogue.byId.get(variant)
    if (entry && !usual.has(entry.movement.id))
      usual.set(entry.movement.id, {
        movement: entry.movement.name,
        name: entry.variant.name,
        step: entry.step + 1,
        of: entry.movement.variants.length,
        day,
      })
  }
  const overruled = overruledIn(words, now, { catalogue, titles: new Map(classes.map((one) => [one.id, one.plan.title])) })
  const { week, weekDays } = perinatal(stored.record, now)
  const screened = stored.record.screening?.completedOn
  return (
    <>
      <div className="mb-6 flex flex-wrap items-end justify-between gap-4">
        <h1>
          {stored.record.given} {stored.record.family}
        </h1>
        <div className="flex flex-wrap gap-3">
          <Link href={`/people/${id}/history`} className="quiet">
            History
          </Link>
          <Link href={`/people/${id}/home`} className="quiet">
            Home sheet
          </Link>
          <Link href={`/people/${id}/letter`} className="quiet">
            Letter to a clinician
          </Link>
          <Link href={`/people/${id}/screening`} className="quiet">
            Health questions{screened ? `, answered on ${dateWords(screened)}` : ', never answered'}
          </Link>
        </div>
      </div>
      {stored.record.consentWithdrawnOn && (
        <p className="mb-6 border-l-4 border-effort pl-3">
          On {dateWords(stored.record.consentWithdrawnOn)} the agreement to keep health data was withdrawn, and they were erased. To come to a class
          again, enter the day of a new agreement below.
        </p>
      )}
      <div className="grid gap-12 lg:grid-cols-[1fr_20rem]">
        <PersonForm
          today={now}
          choices={conditionChoices(RULE_BASE)}
          calendar={calendarChoices(RULE_BASE)}
          movements={catalogue.movements.map(({ id: movement, name }) => [movement, name] as const)}
          stored={stored}
        />
        <div className="flex flex-col gap-8">
          <Standing
            assessment={assess(RULE_BASE, factsOn(RULE_BASE, stored.record, now, { attended: attended.get(id) ?? [] }), { supportInReach: true })}
            {...(week !== undefined && { week: { weeks: week, days: weekDays ?? 0 } })}
          />
          {overruled.length > 0 && (
            <section>
              <h2>On your own word</h2>
              <OverruleList overrules={overruled} />
            </section>
          )}
          {usual.size > 0 && (
            <section>
              <h2>Where on each ladder</h2>
              <ul>
                {[...usual.values()].map(({ movement, name, step, of, day }) => (
                  <li key={movement} className="border-t border-line py-1">
                    {movement}: {name}{' '}
                    <span className="text-soft">
                      step {step} of {of}, {dateWords(day)}
                    </span>
                  </li>
                ))}
              </ul>
            </section>
          )}
          <PersonTools
            id={id}
            given={stored.record.given}
            letters={letters}
            agreed={stored.record.consentWithdrawnOn === undefined}
            conditions={[...new Set(stored.record.conditions.map(({ slug }) => slug))].map((slug) => ({
              slug,
              name: conditionName(slug),
            }))}
          />
        </div>
      </div>
    </>
  )
}
