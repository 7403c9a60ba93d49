import { stageWords } from '@/content/conditions/stageWords'
import { FORM } from '@/content/screening/form'
import { aboutOn, type ConditionRecord, factsOn, isCleared, letterNeeded, openOutcome, perinatal, type ScreenStand, screen } from '@/core/client'
import { CONDITION_FIELDS } from '@/core/safety'
import { getClient } from '@/server/repositories/clients'
import { screeningsOf } from '@/server/repositories/screenings'
import { conditionName, RULE_BASE } from '@/server/ruleBase'
import { today } from '@/server/studio'
import { ScreeningForm } from '@/ui/people/ScreeningForm'
import { type FindingView, ScreeningResult } from '@/ui/people/ScreeningResult'
import { dateWords } from '@/ui/shell/days'
import { named } from '../../../../named'

export const metadata = { title: 'Health questions' }

/** What a proposal carries, in words. */
function carries({ slug: _slug, variant, side, since, ...answers }: ConditionRecord): string[] {
  const labels = CONDITION_FIELDS as Record<string, { label: string }>
  return [
    ...(variant && variant !== 'default' ? [stageWords(variant)] : []),
    ...(side ? [side === 'both' ? 'both sides' : side] : []),
    ...(since ? [`since ${dateWords(since)}`] : []),
    ...Object.entries(answers).flatMap(([field, value]) => {
      const label = labels[field]?.label
      return label ? [value === true ? label : `${label}: ${value === false ? 'no' : value}`] : []
    }),
  ]
}

/** The questions for one person: filled in by themselves on a phone, or by the leader by asking. `?form` begins a new one. */
export default async function ScreeningPage({ params, searchParams }: { params: Promise<{ id: string }>; searchParams: Promise<{ form?: string }> }) {
  const { db, studio, id, found: stored } = await named(params, getClient)
  const [latest] = await screeningsOf(db, studio.id, id)
  const now = today(studio)
  const { record } = stored
  const { week } = perinatal(record, now)
  const about = aboutOn(record, now)
  const fresh = (await searchParams).form !== undefined || !latest
  if (fresh) {
    return (
      <div className="mx-auto max-w-[46rem]">
        <h1 className="mb-4">Health questions, {record.given}</h1>
        <ScreeningForm clientId={id} given={record.given} about={about} settings={studio.settings} />
      </div>
    )
  }
  const result = latest.answers && screen(FORM, RULE_BASE, latest.answers, about, latest.day, letterNeeded(RULE_BASE, record, latest.day))
  const on = { day: now, ...(week !== undefined && { week }), cleared: (slug: string) => isCleared(RULE_BASE, record, slug, now) }
  const findings = (record.screening?.findings ?? []).map((finding): FindingView => {
    const question = FORM.questions.find((one) => one.id === finding.question)
    const open = openOutcome(finding, on)
    const done = [
      ...(finding.confirmedOn ? [`In the record since ${dateWords(finding.confirmedOn)}.`] : []),
      ...(finding.settledOn ? [`${finding.settledBy ?? 'Gone through'}, ${dateWords(finding.settledOn)}.`] : []),
    ].join(' ')
    const waits = open !== undefined && open !== 'go' && open !== 'limits'
    return {
      question: finding.question,
      key: finding.key,
      ask: question?.ask ?? 'Said at the door',
      say: question?.options.find((one) => one.key === finding.key)?.say ?? finding.key,
      outcome: open ?? finding.outcome,
      open: open !== undefined && open !== 'go',
      proposes: finding.slugs.map(conditionName),
      done,
      // with a condition, the letter is kept with its clearance; without one, here
      needsWord: waits && (finding.slugs.length === 0 || finding.outcome === 'emergency'),
    }
  })
  const slugs = new Set(record.conditions.map(({ slug }) => slug))
  const unconfirmed = latest.confirmedOn === null
  return (
    <div className="mx-auto max-w-[46rem]">
      <h1 className="mb-2">Health questions, {record.given}</h1>
      <ScreeningResult
        key={latest.id}
        clientId={id}
        revision={stored.revision}
        screening={{ id: latest.id, confirmed: !unconfirmed, readable: result !== undefined }}
        dayWords={dateWords(latest.day)}
        stand={factsOn(RULE_BASE, record, now).screenOutcome as ScreenStand}
        findings={findings}
        proposals={
          unconfirmed
            ? (result?.proposals ?? []).map((proposal) => ({
                slug: proposal.record.slug,
                name: conditionName(proposal.record.slug),
                carries: carries(proposal.record),
                differing: proposal.differing.map(
                  ({ values }) => `The answers differ: ${values.map(stageWords).join(' and ')}. The stricter one is taken.`,
                ),
                inRecord: slugs.has(proposal.record.slug),
              }))
            : []
        }
        leftOut={result?.skipped ?? []}
        words={result?.words ?? []}
      />
    </div>
  )
}
