import Link from 'next/link'
import { fullName } from '@/core/client'
import { wasThere } from '@/core/lead'
import type { Catalogue } from '@/core/movement'
import { massIn, sayMass } from '@/core/vocabulary'
import { studioLibrary } from '@/server/library'
import { getClient } from '@/server/repositories/clients'
import { type PersonDay, personHistory } from '@/server/repositories/history'
import { today } from '@/server/studio'
import { Charted } from '@/ui/history/Charted'
import { MeasuredSection } from '@/ui/history/MeasuredSection'
import { MARK_WORDS, SIDE_WORDS } from '@/ui/log/logWords'
import { dateWords, dayAndMonth } from '@/ui/shell/days'
import { PrintButton } from '@/ui/shell/PrintButton'
import { named } from '../../../../named'

export const metadata = { title: 'History' }

const mean = (values: readonly number[]): string => (values.reduce((sum, value) => sum + value, 0) / values.length).toFixed(1)
const said = (days: readonly PersonDay[], key: 'exertion' | 'painDuring' | 'painNextDay'): number[] =>
  days.flatMap((day) => (day[key] === null ? [] : [day[key]]))

/** The versions that somebody took of each movement, by the day, with the step on its ladder and what they lifted. */
function ladders(entries: Awaited<ReturnType<typeof personHistory>>['entries'], catalogue: Catalogue) {
  const found = new Map<
    string,
    { movement: string; steps: { day: string; step: number; of: number; name: string; kg: number | null; side: string }[] }
  >()
  for (const { day, variant, kg, side } of entries) {
    const entry = catalogue.byId.get(variant)
    if (!entry) continue
    const { id, name, variants } = entry.movement
    const one = found.get(id) ?? { movement: name, steps: [] }
    const step = { day, step: entry.step + 1, of: variants.length, name: entry.variant.name, kg, side: side ? SIDE_WORDS[side] : '' }
    found.set(id, { ...one, steps: [...one.steps.filter((before) => before.day !== day), step] })
  }
  return [...found.values()].filter(({ steps }) => steps.length > 0).sort((a, b) => a.movement.localeCompare(b.movement))
}

/** What classes have noted of somebody, over time: on screen, and on a page for a clinician. */
export default async function HistoryPage({ params }: { params: Promise<{ id: string }> }) {
  const { db, studio, id, found: stored } = await named(params, getClient)
  const [{ days, entries, told }, { catalogue }] = await Promise.all([personHistory(db, studio.id, id), studioLibrary(db, studio.id)])
  const came = days.filter(({ presence }) => wasThere(presence))
  const [exertion, during, after] = [said(came, 'exertion'), said(came, 'painDuring'), said(came, 'painNextDay')]
  const moved = ladders(entries, catalogue)
  const lifted = moved.filter(({ steps }) => steps.some(({ kg }) => kg !== null))
  const unit = studio.settings.houseRules.masses
  const first = came[0]
  const last = came.at(-1)
  return (
    <div className="flex flex-col gap-7">
      <div className="flex flex-wrap items-end justify-between gap-4">
        <div>
          <p className="text-soft">{studio.settings.house}</p>
          <h1>{fullName(stored.record)}: what classes have noted</h1>
          <p>
            {came.length === 0 || !first || !last
              ? 'No class is noted yet.'
              : `Came ${came.length} of ${days.length} times, from ${dateWords(first.day)} to ${dateWords(last.day)}.`}
          </p>
        </div>
        <div className="flex gap-3 print:hidden">
          <Link href={`/people/${id}`} className="quiet">
            To the record
          </Link>
          <a href={`/api/people/${id}/history`} className="quiet" download>
            As a spreadsheet
          </a>
          <PrintButton />
        </div>
      </div>
      <MeasuredSection clientId={id} today={today(studio)} measured={stored.record.measured} />
      {came.length > 0 && (
        <div className="grid gap-7 lg:grid-cols-2 print:grid-cols-2 print:gap-3">
          <Charted
            title="How hard it was"
            words={
              exertion.length === 0
                ? 'Nothing was noted.'
                : `On the whole ${mean(exertion)} of 10; the least ${Math.min(...exertion)}, the most ${Math.max(...exertion)}.`
            }
            points={came.map((day) => ({ label: dayAndMonth(day.day), exertion: day.exertion }))}
            series={[{ key: 'exertion', name: 'Exertion', tone: 'effort' }]}
            max={10}
          />
          <Charted
            title="Pain"
            words={
              during.length + after.length === 0
                ? 'Nothing was noted.'
                : `In class ${during.length > 0 ? `${mean(during)} of 10, at most ${Math.max(...during)}` : 'not noted'}; the day after ${after.length > 0 ? `${mean(after)}, at most ${Math.max(...after)}` : 'not noted'}.`
            }
            points={came.map((day) => ({ label: dayAndMonth(day.day), during: day.painDuring, after: day.painNextDay }))}
            series={[
              { key: 'during', name: 'In class', tone: 'plum' },
              { key: 'after', name: 'The day after', tone: 'ink', dash: '6 4' },
            ]}
            max={10}
          />
          {moved
            .filter(({ steps }) => new Set(steps.map(({ step }) => step)).size > 1)
            .map(({ movement, steps }) => (
              <Charted
                key={`${movement} steps`}
                title={`${movement}: along the ladder`}
                words={`From “${steps[0]!.name}” to “${steps.at(-1)!.name}”, of ${steps[0]!.of} steps.`}
                points={steps.map(({ day, step }) => ({ label: dayAndMonth(day), step }))}
                series={[{ key: 'step', name: 'Step', tone: 'plum' }]}
                max={steps[0]!.of}
              />
            ))}
          {lifted.map(({ movement, steps }) => {
            const lifts = steps.flatMap(({ day, kg }) =>
              kg === null ? [] : [{ label: dayAndMonth(day), mass: massIn(kg, unit), said: sayMass(kg, unit) }],
            )
            return (
              <Charted
                key={movement}
                title={`${movement}: weight`}
                words={`First ${lifts[0]!.said}, last ${lifts.at(-1)!.said}.`}
                points={lifts.map(({ label, mass }) => ({ label, mass }))}
                series={[{ key: 'mass', name: 'Weight', tone: 'plum' }]}
                unit={` ${unit}`}
              />
            )
          })}
        </div>
      )}
      {told.length > 0 && (
        <section>
          <h2>Noted in class</h2>
          <ul>
            {told.map(({ day, at, kind, text }) => (
              <li key={at} className="border-l-4 border-effort pl-3">
                {dateWords(day)}: {kind === 'near-fall' ? 'near-fall' : kind === 'note' ? 'note' : 'had to stop'}
                {text && `, ${text}`}
              </li>
            ))}
          </ul>
        </section>
      )}
      {came.some(({ note, marks }) => note || (marks && marks.length > 0)) && (
        <section>
          <h2>In the log</h2>
          <ul>
            {came
              .filter(({ note, marks }) => note || (marks && marks.length > 0))
              .map(({ sessionId, day, note, marks }) => (
                <li key={sessionId}>
                  {dateWords(day)}: {[...(marks ?? []).map((mark) => MARK_WORDS[mark]), ...(note ? [note] : [])].join('; ')}
                </li>
              ))}
          </ul>
        </section>
      )}
      {moved.length > 0 && (
        <section>
          <h2>Along the ladders</h2>
          <ul className="grid gap-x-10 md:grid-cols-2 print:grid-cols-2 print:gap-x-4 print:text-[8pt]">
            {moved.map(({ movement, steps }) => {
              const [from, to] = [steps[0]!, steps.at(-1)!]
              return (
                <li key={movement} className="border-t border-line py-1">
                  <b>{movement}</b>: {to.name}{' '}
                  <span className="text-soft">
                    (step {to.step} of {to.of}
                  </span>
                  <span className="text-soft">
                    {steps.length > 1 &&
                      (to.step > from.step ? `, from ${from.step}` : to.step < from.step ? `, down from ${from.step}` : ', as at first')}
                    {to.side && `, ${to.side}`}, {steps.length === 1 ? 'once' : `${steps.length} times`})
                  </span>
                </li>
              )
            })}
          </ul>
        </section>
      )}
      <p className="text-[0.94rem] text-soft">
        Noted by an instructor in class, not measured by a clinician. Ratings are the person’s own words, 0 to 10. This page takes the place of no
        examination.
      </p>
    </div>
  )
}
