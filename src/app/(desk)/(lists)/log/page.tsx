import Link from 'next/link'
import { z } from 'zod'
import { clock } from '@/core/timing'
import { askStair } from '@/server/judging'
import { studioLibrary } from '@/server/library'
import { listClasses } from '@/server/repositories/classes'
import { listSessions } from '@/server/repositories/sessions'
import { here } from '@/server/studio'
import { LogFilter } from '@/ui/log/LogFilter'
import { shortDay } from '@/ui/shell/days'
import { Pages } from '@/ui/shell/Pages'
import { TreadSilhouette } from '@/ui/tread/Silhouette'

export const metadata = { title: 'Log' }

/** Sessions on a page: as many as are scrolled through before one rather narrows the list. */
const PAGE = 30
const askedSchema = z.object({
  class: z.uuid().optional().catch(undefined),
  page: z.coerce.number().int().min(1).max(100_000).catch(1),
})

export default async function LogPage({ searchParams }: { searchParams: Promise<Record<string, string | string[] | undefined>> }) {
  const { db, studio } = await here()
  const { class: classId, page } = askedSchema.parse(await searchParams)
  const [{ total, sessions }, shelf, classes] = await Promise.all([
    listSessions(db, studio.id, { limit: PAGE, skip: (page - 1) * PAGE, ...(classId && { classId }) }),
    studioLibrary(db, studio.id),
    listClasses(db, studio.id),
  ])
  const stairs = await Promise.all(sessions.map(({ id, plan }) => askStair(shelf, id, plan)))
  return (
    <>
      <div className="mb-5 flex flex-wrap items-end justify-between gap-4">
        <h1>Log</h1>
        {classId && (
          <Link href={`/classes/${classId}/history`} className="quiet">
            The weeks behind
          </Link>
        )}
        {classes.length > 1 && <LogFilter classes={classes.map(({ id, plan }) => ({ id, title: plan.title }))} classId={classId ?? ''} />}
      </div>
      {total === 0 && (
        <p>{classId ? 'This class was not led yet.' : 'No class has been led yet. Open one under Today and press “Lead this class”.'}</p>
      )}
      <ul>
        {sessions.map((session, index) => {
          const line = stairs[index]
          return (
            <li key={session.id} className="grid items-center gap-x-8 border-t border-line py-3 md:grid-cols-[10rem_1fr_16rem]">
              <p className="text-soft">{shortDay(session.day)}</p>
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
      <Pages
        total={total}
        page={page}
        size={PAGE}
        address={(to) => `/log?${new URLSearchParams({ ...(classId && { class: classId }), page: String(to) })}`}
      />
    </>
  )
}
