import Link from 'next/link'
import { MUSCLE_WORDS } from '@/content/muscleWords'
import { RING_AFTER } from '@/core/progress'
import { clock } from '@/core/timing'
import { type GroupLately, groupLately } from '@/server/groupLately'
import { studioLibrary } from '@/server/library'
import { getClass, rosterOf } from '@/server/repositories/classes'
import { classHistory } from '@/server/repositories/history'
import { today } from '@/server/studio'
import { QUALITY_WORDS } from '@/ui/design/coverageWords'
import { Charted } from '@/ui/history/Charted'
import { CHIP_WORDS, PACE_WORDS } from '@/ui/log/logWords'
import { ClassHead } from '@/ui/shell/ClassHead'
import { dayAndMonth, shortDay } from '@/ui/shell/days'
import { list } from '@/ui/shell/list'
import { named } from '../../../../named'

export const metadata = { title: 'History' }

const tenth = (value: number | null): number | null => (value === null ? null : Math.round(value * 10) / 10)

/** What a class has come to over the weeks: who came, how hard it was, how long it really took, what was to be changed. */
export default async function ClassHistoryPage({ params }: { params: Promise<{ id: string }> }) {
  const { db, studio, id, found: stored } = await named(params, getClass)
  const [days, roster, shelf] = await Promise.all([classHistory(db, studio.id, id), rosterOf(db, studio.id, id), studioLibrary(db, studio.id)])
  const lately = await groupLately(db, studio.id, shelf, { classId: id, roster, day: today(studio) })
  const led = days.filter(({ came, tookSeconds }) => came > 0 || tookSeconds !== null)
  const took = led.flatMap(({ tookSeconds }) => (tookSeconds === null ? [] : [tookSeconds]))
  const promised = stored.plan.promisedMinutes * 60
  const late = took.filter((seconds) => seconds > promised + 60).length
  return (
    <div className="flex flex-col gap-7">
      <ClassHead
        classId={id}
        title={`${stored.plan.title}: the weeks behind`}
        actions={
          <a href={`/api/classes/${id}/history`} className="quiet" download>
            As a spreadsheet
          </a>
        }
      >
        <p>{led.length === 0 ? 'Not led yet.' : `Led ${led.length === 1 ? 'once' : `${led.length} times`}.`}</p>
      </ClassHead>
      {led.length > 0 && <Lately {...lately} />}
      {led.length > 0 && (
        <>
          <Charted
            title="Who came"
            words={`Between ${Math.min(...led.map(({ came }) => came))} and ${Math.max(...led.map(({ came }) => came))} people.`}
            points={led.map(({ day, came }) => ({ label: dayAndMonth(day), came }))}
            series={[{ key: 'came', name: 'Came', tone: 'plum' }]}
          />
          <Charted
            title="How hard it was, and pain the day after"
            words="Means of those who said something, 0 to 10."
            points={led.map(({ day, exertion, painNextDay }) => ({ label: dayAndMonth(day), exertion: tenth(exertion), pain: tenth(painNextDay) }))}
            series={[
              { key: 'exertion', name: 'Exertion', tone: 'effort' },
              { key: 'pain', name: 'Pain the day after', tone: 'ink', dash: '6 4' },
            ]}
            max={10}
          />
          {took.length > 0 && (
            <Charted
              title="How long it took"
              words={`Promised ${stored.plan.promisedMinutes} minutes; ${late === 0 ? 'never more than a minute over' : `more than a minute over ${late === 1 ? 'once' : `${late} times`}`}.`}
              points={led.flatMap(({ day, tookSeconds }) =>
                tookSeconds === null
                  ? []
                  : [{ label: dayAndMonth(day), took: Math.round(tookSeconds / 6) / 10, promised: stored.plan.promisedMinutes }],
              )}
              series={[
                { key: 'took', name: 'Took', tone: 'plum' },
                { key: 'promised', name: 'Promised', tone: 'ink', dash: '2 4' },
              ]}
              unit=" min"
            />
          )}
          <section>
            <h2>Week by week</h2>
            <ul>
              {led.toReversed().map(({ id: session, day, came, tookSeconds, nearFalls, note, notes }) => (
                <li key={session} className="border-t border-line py-1.5">
                  <Link href={`/sessions/${session}`}>{shortDay(day)}</Link>: {came} came
                  {tookSeconds !== null && `, ${clock(tookSeconds)}`}
                  {nearFalls > 0 && `, ${nearFalls === 1 ? 'a near-fall' : `${nearFalls} near-falls`}`}
                  {notes?.pace && `, ${PACE_WORDS[notes.pace]}`}
                  {notes && notes.chips.length > 0 && `, ${notes.chips.map((chip) => CHIP_WORDS[chip]).join(', ')}`}
                  {note && <span className="font-serif italic"> {note}</span>}
                </li>
              ))}
            </ul>
          </section>
        </>
      )}
    </div>
  )
}

/** What four weeks trained and forgot, and whom to ring. */
function Lately({ classes, trained: { qualities, muscles, forgotten }, attendance }: GroupLately) {
  const ring = attendance.filter(({ missed }) => missed >= RING_AFTER)
  const least = muscles.slice(-3).toReversed()
  return (
    <div className="grid gap-7 lg:grid-cols-2">
      <section aria-label="The last four weeks">
        <h2>The last four weeks</h2>
        {classes === 0 ? (
          <p className="text-soft">No class was led in them.</p>
        ) : (
          <>
            <p>
              {classes === 1 ? 'One class' : `${classes} classes`}:{' '}
              {list(qualities.map(({ quality, seconds }) => `${QUALITY_WORDS[quality]} ${clock(seconds)}`))}.
            </p>
            {forgotten.qualities.length > 0 && <p>Not at all: {list(forgotten.qualities.map((quality) => QUALITY_WORDS[quality]))}.</p>}
            {least.length > 0 && (
              <p className="text-soft">
                Muscles that had least: {list(least.map(({ muscle, sets }) => `${MUSCLE_WORDS[muscle]} (${Math.round(sets)} sets)`))}
                {forgotten.muscles.length > 0 && `; none: ${list(forgotten.muscles.map((muscle) => MUSCLE_WORDS[muscle]))}`}.
              </p>
            )}
          </>
        )}
      </section>
      <section aria-label="Whom to ring">
        <h2>Whom to ring</h2>
        {ring.length === 0 ? (
          <p className="text-soft">Nobody on the list has missed the last two.</p>
        ) : (
          <ul>
            {ring.map(({ person, name, came, of, missed }) => (
              <li key={person} className="border-t border-line py-1">
                <Link href={`/people/${person}`} className="font-semibold no-underline hover:underline">
                  {name}
                </Link>
                , {came === 0 ? `never came in ${of}` : `missed the last ${missed}; came ${came} of ${of} times`}
              </li>
            ))}
          </ul>
        )}
        {attendance.length > ring.length && (
          <p className="mt-1 text-soft">
            {list(attendance.filter(({ missed }) => missed < RING_AFTER).map(({ name, came, of }) => `${name} ${came} of ${of}`))}.
          </p>
        )}
      </section>
    </div>
  )
}
