import Link from 'next/link'
import { checkPlan } from '@/core/plan'
import { clock, expand, treadLine } from '@/core/timing'
import { studioLibrary } from '@/server/library'
import { listSessions } from '@/server/repositories/sessions'
import { here } from '@/server/studio'
import { dayWords } from '@/ui/shell/days'
import { TreadSilhouette } from '@/ui/tread/TreadLine'

export const metadata = { title: 'Log' }

export default async function LogPage() {
  const { db, studio } = await here()
  const [sessions, { catalogue }] = await Promise.all([listSessions(db, studio.id), studioLibrary(db, studio.id)])
  return (
    <>
      <h1 className="mb-6">Log</h1>
      {sessions.length === 0 && <p>No class has been led yet. Open one under Today and press “Lead this class”.</p>}
      <ul>
        {sessions.map((session) => {
          const checked = checkPlan(session.plan, catalogue)
          const line = 'plan' in checked ? treadLine(expand(checked.plan, catalogue)) : undefined
          return (
            <li key={session.id} className="grid items-center gap-x-8 border-t border-line py-3 md:grid-cols-[12rem_1fr_16rem]">
              <p className="text-soft">{dayWords(session.day)}</p>
              <div>
                <Link href={`/sessions/${session.id}`} className="font-semibold no-underline hover:underline">
                  {session.plan.title}
                </Link>
                <p className="text-soft">
                  {session.came} came
                  {session.exertion !== null && `, effort ${session.exertion.toFixed(1)}`}
                  {line && `, planned ${clock(line.totalSeconds)}`}
                </p>
                {session.note && <p className="font-serif italic">{session.note}</p>}
              </div>
              {line && <TreadSilhouette line={line} className="h-10 w-full" />}
            </li>
          )
        })}
      </ul>
    </>
  )
}
