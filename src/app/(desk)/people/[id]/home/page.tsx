import Link from 'next/link'
import { kitOfWords } from '@/content/kit/homeWords'
import { HOME_STOP, HOME_STOP_PERINATAL } from '@/content/screening/homeStop'
import { factsOn, fullName } from '@/core/client'
import type { Dose, Variant } from '@/core/movement'
import { describePicture, pictureOf } from '@/core/movement/picture'
import { homeChoice, homeMovements } from '@/core/progress'
import { assess } from '@/core/safety'
import { numbersOf } from '@/core/vocabulary'
import { homeworkOf } from '@/server/homework'
import { studioLibrary } from '@/server/library'
import { attendedDays } from '@/server/repositories/checkIns'
import { getClient } from '@/server/repositories/clients'
import { lastVariants } from '@/server/repositories/log'
import { RULE_BASE } from '@/server/ruleBase'
import { today } from '@/server/studio'
import { FigureDrawing } from '@/ui/figure/FigureDrawing'
import { dateWords } from '@/ui/shell/days'
import { PrintButton } from '@/ui/shell/PrintButton'
import { named } from '../../../../named'

export const metadata = { title: 'Home sheet' }

interface Props {
  params: Promise<{ id: string }>
  searchParams: Promise<{ m?: string | string[]; ink?: string }>
}

/** So many movements are done at home; more are not. */
const MOST = 5
/** Alone: no leader for anybody. */
const NOBODY_LEADS = 99
/** So long after a birth its signs are named. */
const WEEKS_AFTER_BIRTH = 52
const WEEKS = 2
const DAYS = ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun']

/** A dose in words that nobody has to decode. */
function homeDose({ sets, reps, workSeconds, holdSeconds }: Dose, side: Variant['side']): string {
  const once =
    workSeconds !== undefined
      ? `For ${workSeconds} seconds${side === 'left' || side === 'right' ? ' on each side' : ''}`
      : `${reps ?? 1} times${side === 'both' ? '' : ' on each side'}`
  const held = holdSeconds > 0 ? `, each held for ${holdSeconds} seconds` : ''
  return `${once}${held}.${sets > 1 ? ' Rest, then once more.' : ''}`
}

/** For one person to take home, in large print: what they can do alone, how often, and when to stop. */
export default async function HomeSheetPage({ params, searchParams }: Props) {
  const { db, studio, id, found: stored } = await named(params, getClient)
  const asked = await searchParams
  const now = today(studio)
  const { record } = stored
  const [last, { catalogue }, attended, homework] = await Promise.all([
    lastVariants(db, studio.id, id),
    studioLibrary(db, studio.id),
    attendedDays(db, studio.id, [id], now),
    homeworkOf(db, studio.id, stored, now),
  ])
  const facts = factsOn(RULE_BASE, record, now, { attended: attended.get(id) ?? [] })
  const assessment = assess(RULE_BASE, facts, { supportInReach: true, instructorRatio: NOBODY_LEADS })
  const taken = last.flatMap(({ variant }) => catalogue.byId.get(variant) ?? [])
  const { kit } = kitOfWords(record.kitAtHome)
  const all = homeMovements(assessment, taken, catalogue, kit)
  const wanted = asked.m === undefined ? undefined : [asked.m].flat()
  // what the class is to do at home stands first, as far as this person may do it alone
  const set = all.filter(({ entry }) => homework.some(({ at }) => at.homework.includes(entry.movement.id)))
  const chosen =
    wanted !== undefined ? all.filter(({ entry }) => wanted.includes(entry.movement.id)) : set.length > 0 ? set.slice(0, MOST) : homeChoice(all, MOST)
  const { emergency, maternity } = numbersOf(studio.settings)
  const perinatalNow = facts.gestationalWeek !== undefined || (facts.weeksPostpartum ?? WEEKS_AFTER_BIRTH) < WEEKS_AFTER_BIRTH
  const black = asked.ink === 'black'
  return (
    <article
      className="mx-auto flex max-w-[50rem] flex-col gap-5 text-[1.35rem] leading-snug print:max-w-none print:gap-4 print:text-[16pt]"
      data-figures={black ? 'black' : undefined}
    >
      <form method="get" className="flex flex-col gap-3 text-[1rem] print:hidden">
        <fieldset className="grid gap-x-6 sm:grid-cols-2">
          <legend className="label">What {record.given} does in class and may do alone: choose up to five</legend>
          {all.map(({ entry, gentler }) => (
            <label key={entry.movement.id} className="flex min-h-11 items-center gap-2">
              <input
                type="checkbox"
                name="m"
                value={entry.movement.id}
                defaultChecked={chosen.some((one) => one.entry === entry)}
                className="size-5"
              />
              <span>
                {entry.movement.name}: {entry.variant.name} {gentler && <span className="text-soft">(gentler than in class)</span>}
              </span>
            </label>
          ))}
        </fieldset>
        <div className="flex flex-wrap items-center gap-3">
          <label className="flex min-h-11 items-center gap-2">
            <input type="checkbox" name="ink" value="black" defaultChecked={black} className="size-5" />
            Black and white
          </label>
          <button type="submit" className="quiet min-h-11">
            Show it so
          </button>
          <Link href={`/people/${id}`} className="quiet min-h-11">
            To the record
          </Link>
          <PrintButton />
        </div>
      </form>
      <div>
        <p className="text-soft">
          {studio.settings.house}, {dateWords(now)}
          {homework.map(({ title, at }) => ` · ${title}, week ${at.week} of ${at.of}`).join('')}
        </p>
        <h1 className="print:!text-[24pt]">For {fullName(record)}, at home</h1>
      </div>
      {assessment.closed && <p className="border-l-4 border-effort pl-3">Not alone at home as it is: {assessment.closed.text}</p>}
      {!assessment.closed && chosen.length === 0 && (
        <p className="border-l-4 border-effort pl-3">
          {taken.length === 0 ? 'Nothing was logged yet that could go home.' : 'Nothing of what is done in class may be done alone as it is written.'}
        </p>
      )}
      {chosen.length > 0 && (
        <>
          <ul className="list-disc pl-8">
            <li>A chair that stands firm against the wall, shoes on, the phone in reach. Tell somebody that you begin.</li>
            <li>Easy: you can speak in whole sentences. Breathe all the time.</li>
            <li>A mild pull is fine. Pain is not: make it smaller, or leave it out.</li>
          </ul>
          <ol className="flex flex-col gap-5">
            {chosen.map(({ entry: { movement, variant } }, at) => (
              <li
                key={movement.id}
                className="grid break-inside-avoid gap-x-6 gap-y-2 border-t-2 border-ink pt-3 sm:grid-cols-[11rem_1fr] print:grid-cols-[48mm_1fr]"
              >
                <FigureDrawing drawing={pictureOf(variant)} label={describePicture(movement, variant)} className="h-44 w-full print:h-[44mm]" />
                <div className="flex flex-col gap-2">
                  <h2 className="print:!text-[18pt]">
                    {at + 1}. {movement.name}
                  </h2>
                  <p>
                    {variant.cues.setup} {variant.cues.do}
                  </p>
                  {variant.cues.watch && <p>{variant.cues.watch}</p>}
                  <p className="font-semibold">{homeDose(variant.dose, variant.side)}</p>
                </div>
              </li>
            ))}
          </ol>
          <section className="break-inside-avoid">
            <h2 className="print:!text-[18pt]">Tick the days; two or three a week are enough</h2>
            <table className="mt-2 w-full border-collapse text-center">
              <thead>
                <tr>
                  <th className="w-28 text-left font-normal">Week</th>
                  {DAYS.map((day) => (
                    <th key={day} className="font-normal">
                      {day}
                    </th>
                  ))}
                </tr>
              </thead>
              <tbody>
                {Array.from({ length: WEEKS }, (_, week) => (
                  <tr key={week}>
                    <th className="text-left font-normal">{week + 1}</th>
                    {DAYS.map((day) => (
                      <td key={day} className="h-12 border-2 border-ink print:h-[11mm]" />
                    ))}
                  </tr>
                ))}
              </tbody>
            </table>
          </section>
          <section className="break-inside-avoid border-4 border-ink p-4">
            <h2 className="print:!text-[18pt]">Stop, sit down, and get help if</h2>
            <ul className="list-disc pl-8">
              {[...HOME_STOP, ...(perinatalNow ? HOME_STOP_PERINATAL : []), ...assessment.stopSigns].map((sign) => (
                <li key={sign}>{sign}</li>
              ))}
            </ul>
            <p className="mt-2 font-semibold">
              In an emergency: {emergency}.{perinatalNow && ` About you or the baby: ${maternity}.`}
            </p>
          </section>
          <p className="text-[1.1rem] text-soft print:text-[12pt]">
            From {studio.settings.instructor}, who leads your class. It replaces no advice of your doctor, nurse, midwife or therapist; what they say
            comes first. Unwell, or something new? Not today, and ask before the next class.
          </p>
        </>
      )}
    </article>
  )
}
