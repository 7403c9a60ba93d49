import Link from 'next/link'
import type { MassUnit } from '@/core/vocabulary'
import { studioLibrary } from '@/server/library'
import { type Proposal, type Proposed, proposalsFor } from '@/server/progress'
import { getClass, rosterOf } from '@/server/repositories/classes'
import { calledOf } from '@/server/roster'
import { shownDay } from '@/server/studio'
import { LetGo } from '@/ui/progress/LetGo'
import { type OfferedStep, ProgressAnswer } from '@/ui/progress/ProgressAnswer'
import { becauseWords, stepWords } from '@/ui/progress/progressWords'
import { ClassHead } from '@/ui/shell/ClassHead'
import { dateWords, dayWords } from '@/ui/shell/days'
import { list, sentence } from '@/ui/shell/list'
import { named } from '../../../../named'

export const metadata = { title: 'Who is ready' }

const HEADS = { down: 'Less', ask: 'Ask first', up: 'Ready for more' } as const

/** What the log says of everybody in the movements of a class: who goes up, who down, whom to ask. Nothing moves by itself. */
export default async function ProgressPage({ params }: { params: Promise<{ id: string }> }) {
  const { db, studio, id, found: stored } = await named(params, getClass)
  const [roster, shelf] = await Promise.all([rosterOf(db, studio.id, id), studioLibrary(db, studio.id)])
  const day = shownDay(studio, stored, undefined)
  const proposed = await proposalsFor(db, studio, shelf, { stored, roster, day })
  const of = (verdict: Proposed['progression']['verdict']) => proposed.filter(({ progression }) => progression.verdict === verdict)
  const staying = of('stay')
  const unit = studio.settings.houseRules.masses
  const called = calledOf(roster)
  const lower = roster.flatMap(({ id: person, record }) => record.notAbove.map((one) => ({ ...one, person, name: called(person) })))
  const movementOf = (movement: string) => shelf.catalogue.movements.find((one) => one.id === movement)?.name.toLowerCase() ?? movement
  const nameOf = (variant: string) => shelf.catalogue.byId.get(variant)?.variant.name ?? variant
  return (
    <div className="flex flex-col gap-7">
      <ClassHead classId={id} title={`${stored.plan.title}: who is ready`}>
        <p className="mt-1 max-w-prose text-soft">
          From what was logged in the last twelve weeks, for {dayWords(day)}. Each step is judged by the rules for that day; nothing moves until you
          say so.
        </p>
      </ClassHead>
      {proposed.length === 0 && <p>Nobody on the list has done a movement of this plan lately.</p>}
      {(['down', 'ask', 'up'] as const).map((verdict) => {
        const all = of(verdict)
        return all.length === 0 ? null : (
          <section key={verdict} aria-label={HEADS[verdict]}>
            <h2 className="mb-1">{HEADS[verdict]}</h2>
            <ul>
              {all.map((one) => (
                <li key={`${one.person} ${one.last}`} className="grid gap-x-8 gap-y-1 border-t border-line py-3 lg:grid-cols-[20rem_1fr]">
                  <div>
                    <Link href={`/people/${one.person}`} className="font-semibold no-underline hover:underline">
                      {one.name}
                    </Link>
                    <p>
                      {becauseWords(one.progression.because)}
                      {one.progression.review && ' Have somebody look at it before it goes on.'}
                    </p>
                  </div>
                  {verdict === 'ask' ? <p className="text-soft">{namesOf(one.proposals)}</p> : <Steps {...{ one, verdict, unit, nameOf }} />}
                </li>
              ))}
            </ul>
          </section>
        )
      })}
      {lower.length > 0 && (
        <section aria-label="Stay a step lower">
          <h2 className="mb-1">Stay a step lower</h2>
          <ul>
            {lower.map(({ person, name, movement, variant, on }) => (
              <li key={`${person} ${movement}`} className="flex flex-wrap items-center justify-between gap-x-4 border-t border-line py-0.5">
                <span>
                  <b>{name}</b>, {movementOf(movement)}: no higher than “{nameOf(variant)}” since {dateWords(on)}, in every class
                </span>
                <LetGo clientId={person} movement={movement} name={`${name}, ${movementOf(movement)}`} />
              </li>
            ))}
          </ul>
        </section>
      )}
      {staying.length > 0 && (
        <section aria-label="As it is">
          <h2 className="mb-1">As it is</h2>
          <ul>
            {staying.map((one) => (
              <li key={`${one.person} ${JSON.stringify(one.progression.because)} ${one.last}`} className="border-t border-line py-1">
                <b>{one.name}</b>: {becauseWords(one.progression.because)}
                {proposed.filter(({ person }) => person === one.person).length > 1 && (
                  <span className="text-soft"> {sentence(namesOf(one.proposals))}.</span>
                )}
              </li>
            ))}
          </ul>
        </section>
      )}
      <p className="text-[0.94rem] text-soft">
        What somebody says and what you see come first. Marks of a class hold for all that was trained in it. A step down that you take holds in every
        class till you take them up or let it go; a version further up is chosen in the plan, or in class under the versions; a weight that you take
        is theirs from now on, wherever the rules let it.
      </p>
    </div>
  )
}

const namesOf = (proposals: readonly Proposal[]): string => list(proposals.map(({ entry }) => entry.movement.name.toLowerCase()))

interface StepsProps {
  one: Proposed
  verdict: 'up' | 'down'
  unit: MassUnit
  nameOf: (variant: string) => string
}

/** What can be taken, what was answered, and what the rules do not let. */
function Steps({ one: { person, last, progression, proposals }, verdict, unit, nameOf }: StepsProps) {
  const taken = proposals.filter(({ answered }) => answered?.answer === 'taken')
  const later = proposals.filter(({ answered }) => answered?.answer === 'not-yet')
  const offered = proposals.flatMap(({ entry, step, blocked, answered }): OfferedStep[] =>
    !step || answered || blocked !== undefined || step.kind === 'top'
      ? []
      : [
          {
            movement: entry.movement.id,
            name: entry.movement.name,
            words: stepWords(step, progression.share, unit, nameOf),
            ...(step.kind === 'load' && { kg: step.toKg }),
            ...(step.kind === 'variant' && { variant: step.variant }),
          },
        ],
  )
  const blocked = proposals.filter((one) => one.blocked !== undefined)
  const top = proposals.filter(({ step }) => step?.kind === 'top')
  // going up, one thing at a time: what was taken has to be done first
  const waits = verdict === 'up' && taken.length > 0
  return (
    <div>
      {taken.length > 0 && (
        <p>
          {verdict === 'up' ? 'Goes up' : 'Goes down'} next: {namesOf(taken)} ({dateWords(taken[0]!.answered!.on)}).
          {waits && ' The rest waits until it was done.'}
        </p>
      )}
      {later.length > 0 && <p className="text-soft">Not yet: {namesOf(later)}.</p>}
      {!waits && offered.length > 0 && <ProgressAnswer clientId={person} {...{ last, verdict, steps: offered }} />}
      {blocked.map(({ entry, blocked: why }) => (
        <p key={entry.movement.id} className="mt-1 border-l-4 border-effort pl-3">
          {entry.movement.name} stays as it is. {why}
        </p>
      ))}
      {top.length > 0 && <p className="mt-1 text-soft">At the top of its ladder: {namesOf(top)}.</p>}
    </div>
  )
}
