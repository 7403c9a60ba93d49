import Link from 'next/link'
import { stageWords } from '@/content/conditions/stageWords'
import { factsOn, fullName, perinatal } from '@/core/client'
import { ASK_GROUPS, bodyAsks } from '@/core/formats'
import { versionName } from '@/core/movement'
import { checkPlan } from '@/core/plan'
import { assess } from '@/core/safety'
import { clock } from '@/core/timing'
import { groupOn } from '@/server/experience'
import { askClass } from '@/server/judging'
import { studioLibrary } from '@/server/library'
import { listClasses, rosterOf, rosters, type StoredClass } from '@/server/repositories/classes'
import { getClient } from '@/server/repositories/clients'
import { RULE_BASE } from '@/server/ruleBase'
import { shownDay, today } from '@/server/studio'
import { askWords, BASE_WORDS, GROUP_WORDS } from '@/ui/share/bodyAskWords'
import { dateWords } from '@/ui/shell/days'
import { list } from '@/ui/shell/list'
import { PrintButton } from '@/ui/shell/PrintButton'
import { named } from '../../../../named'

export const metadata = { title: 'Letter to a clinician' }

const ANSWERS = ['Yes, as it is described.', 'Yes, with these limits:', 'Not at present, because:']

/** Asks a clinician whether somebody may take part: who, which class, what it asks of the body at its most, what is done otherwise for them. */
export default async function LetterPage({ params, searchParams }: { params: Promise<{ id: string }>; searchParams: Promise<{ class?: string }> }) {
  const { db, studio, id, found: stored } = await named(params, getClient)
  const now = today(studio)
  const [classes, places, shelf] = await Promise.all([listClasses(db, studio.id), rosters(db, studio.id, [stored]), studioLibrary(db, studio.id)])
  const theirs = classes.filter((one) => (places.get(one.id) ?? []).length > 0)
  const asked = (await searchParams).class
  const chosen: StoredClass | undefined = theirs.find((one) => one.id === asked) ?? theirs[0]
  const { record } = stored
  const name = fullName(record)
  const facts = factsOn(RULE_BASE, record, now)
  const { conditions, pending, gates } = assess(RULE_BASE, facts, { supportInReach: true })
  const { week, weeksSinceBirth } = perinatal(record, now)
  // what holds for everybody of an age is no news to a clinician
  const known = conditions.filter(
    ({ presence, condition: { addedBy } }) => presence !== 'inherited' && presence !== 'today' && addedBy?.by !== 'always' && addedBy?.by !== 'age',
  )
  const wanted = [
    ...new Set([
      ...gates.filter(({ outcome }) => outcome === 'clearance-first').map(({ condition }) => condition),
      ...pending.map(({ condition }) => condition),
    ]),
  ].flatMap((slug) => RULE_BASE.conditions.get(slug)?.name ?? [])
  return (
    <article className="mx-auto flex max-w-[46rem] flex-col gap-4 print:max-w-none print:gap-2 print:text-[9.5pt] print:leading-snug">
      <div className="flex flex-wrap justify-end gap-3 print:hidden">
        {theirs.length > 1 &&
          theirs.map((one) => (
            <Link
              key={one.id}
              href={`/people/${id}/letter?class=${one.id}`}
              className="quiet"
              aria-current={one.id === chosen?.id ? 'page' : undefined}
            >
              {one.plan.title}
            </Link>
          ))}
        <Link href={`/people/${id}`} className="quiet">
          To the record
        </Link>
        <PrintButton />
      </div>
      <p className="text-soft">
        {studio.settings.house}
        {studio.settings.venue.address && `, ${studio.settings.venue.address}`}
        <br />
        {dateWords(now)}
      </p>
      <h1>May {name} take part?</h1>
      <p>
        {name}, born {dateWords(record.birthDate)}, would like to come to a movement class that I lead, and has agreed that I ask you about it.
        {week !== undefined && ` ${record.given} is ${week} weeks pregnant today.`}
        {week === undefined && weeksSinceBirth !== undefined && weeksSinceBirth <= 52 && ` ${record.given} gave birth ${weeksSinceBirth} weeks ago.`}
        {wanted.length > 0 && ` I ask because of ${list(wanted)}.`}
      </p>
      {known.length > 0 && (
        <p>
          As I have it from {record.given}:{' '}
          {known
            .map(({ condition, fields, record: own }) =>
              [
                condition.name,
                ...(own?.side ? [own.side] : []),
                ...(condition.variants.length > 1 ? [stageWords(fields.variant)] : []),
                ...(own?.weeks !== undefined ? [`since ${own.weeks} weeks`] : []),
              ].join(', '),
            )
            .join('; ')}
          . Please correct what is not so.
        </p>
      )}
      {chosen ? (
        <ClassAsks chosen={chosen} {...{ db, studio, shelf, id }} />
      ) : (
        <p>{record.given} is not on the list of a class yet, so nothing can be said of what is asked.</p>
      )}
      <section className="break-inside-avoid">
        <h2>Please tell me</h2>
        <ul>
          {ANSWERS.map((answer) => (
            <li key={answer} className="border-b border-line pt-3 pb-1">
              <span aria-hidden="true" className="mr-2 inline-block size-4 border-2 border-ink align-[-2px]" />
              {answer}
            </li>
          ))}
        </ul>
        <div className="mt-8 grid grid-cols-3 gap-x-6 gap-y-8 text-soft">
          {['Holds until', 'Name and profession', 'Date, signature', `${record.given} agrees to this question: signature`].map((words) => (
            <p key={words} className="border-t border-ink pt-1">
              {words}
            </p>
          ))}
        </div>
      </section>
      <p className="text-[0.94rem] text-soft print:text-[8pt]">
        {studio.settings.instructor}, who leads. Figures are worked out from drawings of the movements and are estimates; “at its most” is as planned,
        before anything is made easier for anybody. This letter replaces no examination, and your judgement comes before any rule of ours.
      </p>
    </article>
  )
}

type Place = Awaited<ReturnType<typeof named<unknown>>>
interface AsksProps extends Pick<Place, 'db' | 'studio' | 'id'> {
  chosen: StoredClass
  shelf: Awaited<ReturnType<typeof studioLibrary>>
}

/** What the class asks at its most, and what of it somebody does otherwise. */
async function ClassAsks({ chosen, db, studio, shelf, id }: AsksProps) {
  const checked = checkPlan(chosen.plan, shelf.catalogue)
  if ('problems' in checked)
    return <p className="border-l-4 border-effort pl-3">The plan of {chosen.plan.title} cannot be read. Open the class first.</p>
  const { plan } = checked
  const unit = studio.settings.houseRules.masses
  const day = shownDay(studio, chosen, undefined)
  const roster = await rosterOf(db, studio.id, chosen.id)
  const group = await groupOn(db, studio, { roster, day, classId: chosen.id })
  const view = await askClass(shelf, 'led', chosen.id, { plan: chosen.plan, ...group, masses: unit })
  if ('problem' in view)
    return (
      <p className="border-l-4 border-effort pl-3">
        The plan of {chosen.plan.title} cannot be judged: {view.problem}
      </p>
    )
  const { asks, positions, hardSeconds, totalSeconds } = bodyAsks(plan, shelf.catalogue, view.timeline)
  const otherwise = view.items.flatMap(({ movement, shown, uses }) => {
    const use = uses[id]
    if (!use) return []
    if (!use.takes) return [`${movement}: left out`]
    const { variant, changes } = use.takes
    const another = variant !== shown[0] ? [versionName(shelf.catalogue, variant, movement)] : []
    const words = [...another, ...changes]
    return words.length > 0 ? [`${movement}: ${words.join(', ')}`] : []
  })
  return (
    <>
      <section>
        <h2>What the class asks at its most</h2>
        <p>
          “{plan.title}”: {plan.promisedMinutes} minutes, {roster.length} people,{' '}
          {plan.room.leaders === 1 ? 'one leads' : `${plan.room.leaders} lead`}. Of {clock(totalSeconds)} planned,{' '}
          {list(
            positions.map(
              ({ base, seconds, longestSeconds }) =>
                `${clock(seconds)} ${BASE_WORDS[base]}${longestSeconds < seconds ? ` (at one go ${clock(longestSeconds)} at most)` : ''}`,
            ),
          )}
          ; {hardSeconds === 0 ? 'no work' : `${clock(hardSeconds)} of work`} at an exertion of 4 of 10 or more.
        </p>
        <dl className="mt-2 grid gap-x-8 gap-y-2 sm:grid-cols-2 print:grid-cols-2 print:gap-y-1">
          {ASK_GROUPS.map((of) => {
            const these = asks.filter(({ group: one }) => one === of)
            return these.length === 0 ? null : (
              <div key={of} className="break-inside-avoid">
                <dt className="font-semibold">{GROUP_WORDS[of]}</dt>
                {these.map((ask) => {
                  const { term, amount } = askWords(ask, unit)
                  return (
                    <dd key={ask.attribute} className="border-t border-line leading-snug">
                      {term}: {amount} <span className="text-soft">({list(ask.movements.slice(0, 2).map((one) => one.toLowerCase()))})</span>
                    </dd>
                  )
                })}
              </div>
            )
          })}
        </dl>
      </section>
      {otherwise.length > 0 && (
        <section>
          <h2>What is done otherwise already, by the rules we follow</h2>
          <p>{otherwise.join('; ')}.</p>
        </section>
      )}
    </>
  )
}
