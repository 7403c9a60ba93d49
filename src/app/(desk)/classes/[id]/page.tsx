import { notFound } from 'next/navigation'
import { z } from 'zod'
import { isDay } from '@/core/client'
import { studioLibrary } from '@/server/library'
import { getClass, placesOf, rosterOf } from '@/server/repositories/classes'
import { listClients } from '@/server/repositories/clients'
import { callNames, peopleOn } from '@/server/roster'
import { NotFoundError } from '@/server/stale'
import { here, today } from '@/server/studio'
import { Designer } from '@/ui/design/Designer'
import { dayWords, nextWeekday } from '@/ui/shell/days'
import { DesignerDesk } from '@/workers/designerDesk'

export const metadata = { title: 'Class' }

export default async function ClassPage({ params, searchParams }: { params: Promise<{ id: string }>; searchParams: Promise<{ day?: string }> }) {
  const { id } = await params
  if (!z.uuid().safeParse(id).success) notFound()
  const { db, studio } = await here()
  const stored = await getClass(db, studio.id, id).catch((error: unknown) => {
    if (error instanceof NotFoundError) notFound()
    throw error
  })
  const asked = (await searchParams).day
  const day = asked !== undefined && isDay(asked) ? asked : nextWeekday(stored.weekday, today())
  const [{ own }, places, roster, everybody] = await Promise.all([
    studioLibrary(db, studio.id),
    placesOf(db, studio.id, id),
    rosterOf(db, studio.id, id),
    listClients(db, studio.id),
  ])
  const people = await peopleOn(db, studio.id, roster, day, id)
  const names = callNames(everybody.map(({ record }) => record))
  return (
    <Designer
      key={id}
      id={id}
      day={day}
      dayWords={`${dayWords(day)}${stored.startTime ? `, ${stored.startTime}` : ''}`}
      plan={stored.plan}
      revision={stored.revision}
      people={people}
      everybody={everybody.map(({ id: person }, index) => ({ id: person, name: names[index]! }))}
      own={own}
      places={places}
      first={new DesignerDesk().model({ plan: stored.plan, people, own })}
    />
  )
}
