import Link from 'next/link'
import { getSession } from '@/server/repositories/sessions'
import { AddToIncident } from '@/ui/log/AddToIncident'
import { FollowSession } from '@/ui/log/FollowSession'
import { dayWords, timeOf } from '@/ui/shell/days'
import { PrintButton } from '@/ui/shell/PrintButton'
import { named } from '../../../../named'
import { sessionLog } from '../logData'

export const metadata = { title: 'Incident' }

/** What is written on the printed page by hand. */
const BY_HAND = ['What happened before it', 'Who saw it', 'Who was told, and when', 'Name, date, signature']

/** What happened when somebody stopped, with its times: it is added to and never written over, and prints on a page. */
export default async function IncidentsPage({ params }: { params: Promise<{ id: string }> }) {
  const { db, studio, id, found: session } = await named(params, getSession)
  const { state, last, nameOf } = await sessionLog(db, studio, session)
  const incidents = state.notes.filter(({ kind }) => kind === 'incident')
  return (
    <div className="mx-auto flex max-w-[44rem] flex-col gap-6">
      <div className="flex flex-wrap items-end justify-between gap-4">
        <div>
          <p className="text-soft">
            {dayWords(session.day)}, {session.plan.title}, {studio.settings.house}
          </p>
          <h1>Record of an incident</h1>
          <p className="text-soft">Led by {studio.settings.instructor}</p>
        </div>
        <div className="flex gap-3 print:hidden">
          <Link href={`/sessions/${id}`} className="quiet">
            To the log
          </Link>
          <PrintButton />
        </div>
      </div>
      <FollowSession session={id} last={last} />
      {incidents.length === 0 && <p>Nothing of the kind was noted in this class.</p>}
      {incidents.map((incident) => {
        const added = state.notes.filter(({ kind, of }) => kind === 'incident-note' && of === incident.id)
        const people = [...new Set([incident, ...added].flatMap(({ person }) => (person ? [nameOf(person)] : [])))]
        return (
          <section key={incident.id} className="border-t-2 border-line pt-4">
            <h2>{incident.text}</h2>
            <p>{people.length > 0 ? `Who: ${people.join(', ')}` : 'Who it was is not noted yet.'}</p>
            <ol className="mt-2">
              {[incident, ...added].map(({ id: event, at, text, person }) => (
                <li key={event} className="grid grid-cols-[4.5rem_1fr] gap-x-3">
                  <time dateTime={new Date(at).toISOString()}>{timeOf(at, studio.settings.zone)}</time>
                  <span>{text || (person ? `It was ${nameOf(person)}.` : '')}</span>
                </li>
              ))}
            </ol>
            <AddToIncident session={id} incident={incident.id} />
            <dl className="mt-6 hidden gap-y-10 print:grid">
              {BY_HAND.map((words) => (
                <div key={words} className="border-b border-line pb-1 text-soft">
                  <dt>{words}</dt>
                </div>
              ))}
            </dl>
          </section>
        )
      })}
      <p className="text-[0.94rem] text-soft">
        Every line keeps the time at which it was noted; none is changed or taken away. What your house, your insurer or the law asks of such a record
        comes first.
      </p>
    </div>
  )
}
