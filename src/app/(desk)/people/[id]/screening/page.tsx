import { QUESTIONS } from '@/content/screening/questions'
import { perinatal, screen } from '@/core/client'
import { getClient } from '@/server/repositories/clients'
import { screeningsOf } from '@/server/repositories/screenings'
import { RULE_BASE } from '@/server/ruleBase'
import { today } from '@/server/studio'
import { ScreeningForm } from '@/ui/people/ScreeningForm'
import { ScreeningResult } from '@/ui/people/ScreeningResult'
import { dayWords } from '@/ui/shell/days'
import { named } from '../../../../named'

export const metadata = { title: 'Screening' }

/** The questions for one person: filled in by themselves on a phone, or by the instructor by asking. `?form` begins a new one. */
export default async function ScreeningPage({ params, searchParams }: { params: Promise<{ id: string }>; searchParams: Promise<{ form?: string }> }) {
  const { db, studio, id, found: stored } = await named(params, getClient)
  const [latest] = await screeningsOf(db, studio.id, id)
  const now = today()
  const { week, weeksSinceBirth } = perinatal(stored.record, now)
  const sections = [
    'general' as const,
    ...(week !== undefined ? (['pregnancy'] as const) : []),
    ...(weeksSinceBirth !== undefined && weeksSinceBirth <= 52 ? (['after-birth'] as const) : []),
  ]
  const fresh = (await searchParams).form !== undefined || !latest
  return (
    <div className="mx-auto max-w-[46rem]">
      <h1 className="mb-2">Screening, {stored.record.given}</h1>
      {fresh ? (
        <ScreeningForm clientId={id} questions={QUESTIONS.filter(({ section }) => sections.includes(section))} />
      ) : (
        <ScreeningResult
          clientId={id}
          revision={stored.revision}
          screening={{ id: latest.id, confirmed: latest.confirmedOn !== null }}
          dayWords={dayWords(latest.day)}
          result={screen(QUESTIONS, latest.answers, sections)}
          known={stored.record.conditions.map(({ slug }) => slug)}
          names={Object.fromEntries([...RULE_BASE.conditions.values()].map(({ slug, name }) => [slug, name]))}
        />
      )}
    </div>
  )
}
