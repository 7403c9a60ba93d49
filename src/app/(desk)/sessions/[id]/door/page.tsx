import Link from 'next/link'
import { rosterOf } from '@/server/repositories/classes'
import { attendanceOf, getSession } from '@/server/repositories/sessions'
import { callNames } from '@/server/roster'
import { DoorList } from '@/ui/door/DoorList'
import { named } from '../../../../named'

export const metadata = { title: 'At the door' }

export default async function DoorPage({ params }: { params: Promise<{ id: string }> }) {
  const { db, studio, id, found: session } = await named(params, getSession)
  const [roster, attendance] = await Promise.all([rosterOf(db, studio.id, session.classId), attendanceOf(db, studio.id, id)])
  const names = callNames(roster.map(({ record }) => record))
  return (
    <div className="mx-auto max-w-[40rem]">
      <p className="text-soft">{session.plan.title}</p>
      <div className="mb-4 flex items-end justify-between gap-4">
        <h1>At the door</h1>
        <Link href={`/lead/${id}`} className="action">
          To the class
        </Link>
      </div>
      <DoorList
        session={id}
        day={session.day}
        people={roster.map((client, index) => {
          const row = attendance.find(({ clientId }) => clientId === client.id)
          return {
            id: client.id,
            name: names[index]!,
            came: row?.came ?? false,
            checkIn: row?.checkIn ?? null,
            // readings are asked of those whose rules read them
            conditions: client.record.conditions.map(({ slug }) => slug),
          }
        })}
      />
    </div>
  )
}
