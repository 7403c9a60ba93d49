import Link from 'next/link'
import { DOOR_FINDINGS } from '@/content/screening/door'
import { type ClientRecord, readingsAsked } from '@/core/client'
import { assessRoster } from '@/core/evaluate'
import { CONDITION_FIELDS, fieldsRead } from '@/core/safety'
import { rosterOf } from '@/server/repositories/classes'
import { attendanceOf, getSession } from '@/server/repositories/sessions'
import { peopleOn } from '@/server/roster'
import { RULE_BASE } from '@/server/ruleBase'
import { type DayAsk, DoorList, type DoorPerson } from '@/ui/door/DoorList'
import { named } from '../../../../named'

export const metadata = { title: 'At the door' }

/** Fields of a condition that are asked at every check-in (rule base 1.5): their default is the answer of a good day. */
const ASKED_TODAY = ['symptomatic', 'offNow', 'ulcer', 'severeHypo24h', 'onOxygen'] as const

function asksOf(record: ClientRecord): DayAsk[] {
  // of two knees one asks once
  const once = [...new Map(record.conditions.map((condition) => [condition.slug, condition])).values()]
  return once.flatMap((condition): DayAsk[] => {
    const { slug } = condition
    const known = RULE_BASE.conditions.get(slug)
    if (!known) return []
    const read = fieldsRead(RULE_BASE, slug)
    const fields = ASKED_TODAY.filter((field) => read.has(field)).map((field) => ({
      field,
      label:
        field === 'symptomatic'
          ? (known.symptomaticMeans ?? CONDITION_FIELDS.symptomatic.label.toLowerCase())
          : CONDITION_FIELDS[field].label.toLowerCase(),
      usual: condition[field] ?? false,
    }))
    const pain = read.has('painToday')
    return fields.length > 0 || pain ? [{ slug, name: known.name, fields, pain }] : []
  })
}

export default async function DoorPage({ params }: { params: Promise<{ id: string }> }) {
  const { db, studio, id, found: session } = await named(params, getSession)
  const [roster, attendance] = await Promise.all([rosterOf(db, studio.id, session.classId), attendanceOf(db, studio.id, id)])
  const people = await peopleOn(db, studio.id, roster, session.day, session.classId)
  const { people: assessed } = assessRoster(RULE_BASE, people, session.plan)
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
        people={roster.map((client, index): DoorPerson => {
          const row = attendance.find(({ clientId }) => clientId === client.id)
          const closed = assessed[index]?.assessment.closed
          const findings = client.record.screening?.findings ?? []
          return {
            id: client.id,
            name: people[index]?.name ?? client.record.given,
            came: row?.came ?? false,
            checkIn: row?.checkIn ?? null,
            revision: row?.revision ?? 0,
            readings: readingsAsked(RULE_BASE, client.record, session.day),
            asks: asksOf(client.record),
            said: DOOR_FINDINGS.filter(({ question, key }) =>
              findings.some((finding) => finding.question === question && finding.key === key && finding.on === session.day),
            ).map(({ key }) => key),
            ...(closed && { closed: closed.text }),
          }
        })}
      />
    </div>
  )
}
