import Link from 'next/link'
import { DAY_QUESTIONS, DOOR_FINDINGS, FLARE_STAGES } from '@/content/screening/door'
import { aboutOn, type ClientRecord, readingsAsked } from '@/core/client'
import { assessRoster } from '@/core/evaluate'
import { type Assessment, CONDITION_FIELDS, fieldsRead } from '@/core/safety'
import { peopleOfSession } from '@/server/leading'
import { type LastTime, lastTimes } from '@/server/repositories/log'
import { getSession } from '@/server/repositories/sessions'
import { peopleOn } from '@/server/roster'
import { RULE_BASE } from '@/server/ruleBase'
import { DoorList } from '@/ui/door/DoorList'
import { GUEST_WORDS } from '@/ui/door/doorWords'
import type { DayAsk, DoorPerson } from '@/ui/door/useDoor'
import { named } from '../../../../named'

export const metadata = { title: 'At the door' }

/** Fields of a condition that are asked at every check-in (rule base 1.5): their default is the answer of a good day. */
const ASKED_TODAY = ['symptomatic', 'offNow', 'ulcer', 'severeHypo24h', 'onOxygen'] as const

function asksOf(record: ClientRecord): DayAsk[] {
  // of two knees one asks once
  const once = [...new Map(record.conditions.map((condition) => [condition.slug, condition])).values()]
  return once.flatMap((condition): DayAsk[] => {
    const { slug, variant } = condition
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
    const flare = known.variants.find((stage) => FLARE_STAGES.includes(stage))
    const worse = flare !== undefined && variant !== undefined && variant !== flare
    return fields.length > 0 || pain || worse ? [{ slug, name: known.name, fields, pain, ...(worse && { flare }) }] : []
  })
}

/** Pain of so much after a class is worth a word before the next, 0 to 10. */
const WORTH_A_WORD = 4

/** What is worth a word at the door, in plain sentences. */
function noticesOf({ pending, gates }: Assessment, record: ClientRecord, last: LastTime | undefined): string[] {
  const after = Math.max(last?.painNextDay ?? 0, last?.painDuring ?? 0)
  return [
    ...(after >= WORTH_A_WORD
      ? [`Pain of ${after} in 10 ${last?.painNextDay === after ? 'the day after' : 'in'} last time: ask how it was since.`]
      : []),
    ...(pending.length > 0 ? ['A clinician’s agreement is still to come: effort stays at 4, steps stay soft.'] : []),
    ...(record.screening?.completedOn === undefined && record.guestOn === undefined ? ['Has not answered the health questions yet.'] : []),
    ...(record.guestOn !== undefined ? [GUEST_WORDS] : []),
    ...gates.flatMap(({ outcome, text }) => (outcome === 'limits' && record.screening?.completedOn !== undefined ? [text] : [])),
  ]
}

export default async function DoorPage({ params }: { params: Promise<{ id: string }> }) {
  const { db, studio, id, found: session } = await named(params, getSession)
  const { everybody, attendance } = await peopleOfSession(db, studio.id, session)
  const [people, lasts] = await Promise.all([
    peopleOn(db, studio.id, everybody, session.day, session.classId),
    lastTimes(
      db,
      studio.id,
      everybody.map((client) => client.id),
      session.day,
    ),
  ])
  const { people: assessed } = assessRoster(RULE_BASE, people, session.plan)
  return (
    <div className="mx-auto max-w-[40rem]">
      <p className="text-soft">{session.plan.title}</p>
      <div className="mb-3 flex items-end justify-between gap-4">
        <h1 className="max-sm:text-[1.6rem]">At the door</h1>
        <Link href={`/sessions/${id}/today`} className="action shrink-0 whitespace-nowrap">
          What it changes
        </Link>
      </div>
      <details className="mb-2 text-[0.97rem] leading-snug" open>
        <summary className="min-h-11 cursor-pointer font-semibold">Ask everybody. “As usual” says: nothing new in any of these.</summary>
        <ol className="pl-1">
          {DAY_QUESTIONS.map((question) => (
            <li key={question.id}>{question.ask}</li>
          ))}
        </ol>
      </details>
      <DoorList
        session={id}
        day={session.day}
        people={everybody.map((client, index): DoorPerson => {
          const row = attendance.find(({ clientId }) => clientId === client.id)
          const assessment = assessed[index]!.assessment
          const findings = client.record.screening?.findings ?? []
          const { pregnant, afterBirth } = aboutOn(client.record, session.day)
          const asked = DOOR_FINDINGS.filter(({ perinatal }) => !perinatal || pregnant || afterBirth)
          return {
            id: client.id,
            name: people[index]?.name ?? client.record.given,
            guest: client.record.guestOn !== undefined,
            presence: row?.presence ?? null,
            checkIn: row?.checkIn ?? null,
            revision: row?.revision ?? 0,
            readings: readingsAsked(RULE_BASE, client.record, session.day),
            asks: asksOf(client.record),
            findings: asked.map(({ key, say }) => ({ key, say })),
            said: asked
              .filter(({ question, key }) =>
                findings.some((finding) => finding.question === question && finding.key === key && finding.on === session.day),
              )
              .map(({ key }) => key),
            notices: noticesOf(assessment, client.record, lasts.get(client.id)),
            ...(assessment.closed && { closed: assessment.closed.text }),
          }
        })}
      />
    </div>
  )
}
