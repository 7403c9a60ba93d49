import Link from 'next/link'
import { STOP_SEEN } from '@/content/screening/stopSeen'
import { handOver } from '@/core/lead'
import { versionName } from '@/core/movement'
import { clock } from '@/core/timing'
import { numbersOf } from '@/core/vocabulary'
import { cueSheetOf } from '@/server/cueSheet'
import { askClass } from '@/server/judging'
import { getClass } from '@/server/repositories/classes'
import { calledOf } from '@/server/roster'
import { kitListWords } from '@/ui/design/kitListWords'
import { ownRestWords } from '@/ui/fit/ownRestWords'
import { seriesWords } from '@/ui/series/seriesWords'
import { ClassHead } from '@/ui/shell/ClassHead'
import { dayWords } from '@/ui/shell/days'
import { grouped, list, sentence } from '@/ui/shell/list'
import { named } from '../../../../named'

export const metadata = { title: 'For a stand-in' }

interface Props {
  params: Promise<{ id: string }>
  searchParams: Promise<{ day?: string; names?: string }>
}

/** All that somebody who leads in your place needs: the plan with who takes what, kit, house, what to do when somebody stops. No condition stands in it. */
export default async function PackPage({ params, searchParams }: Props) {
  const { db, studio, id, found: stored } = await named(params, getClass)
  const asked = await searchParams
  const withNames = asked.names !== 'no'
  const { day, plan, at, model, lines, shelf, roster, group } = await cueSheetOf(db, studio, stored, asked.day)
  const unit = studio.settings.houseRules.masses
  const view = await askClass(shelf, 'led', id, { plan, ...group, masses: unit })
  if ('problem' in view) return <p className="border-l-4 border-effort pl-3">This plan cannot be judged: {view.problem}</p>
  const closed = Object.keys(view.closed)
  const { house, venue, instructor } = studio.settings
  const { emergency } = numbersOf(studio.settings)
  const calledIn = calledOf(roster)
  /** People as they may be named here: without names only how many. */
  const said = (people: readonly string[]): string =>
    people.length > 1 && people.length === roster.length - closed.length
      ? 'everybody'
      : withNames
        ? list(people.map(calledIn))
        : people.length === 1
          ? 'one person'
          : `${people.length} people`
  const nameOf = (item: string) => model.items.find((one) => one.id === item)?.movement ?? item
  const versionOf = (variant: string, movement: string) => versionName(shelf.catalogue, variant, movement)
  const rests = grouped(Object.entries(view.ownRests).map(([name, own]) => ({ name, words: own.map((rest) => ownRestWords(rest, plan)).join('; ') })))
  const place = [
    ['Where', [house, venue.address].filter(Boolean).join(', ')],
    ['Way in', venue.access],
    ['Defibrillator', venue.defibrillator],
    ['Of the house', venue.contact],
    ['Plan of the house', venue.plan],
    ['In an emergency', emergency],
  ].filter(([, words]) => words !== '')
  return (
    <article className="flex flex-col gap-5 print:gap-2 print:text-[9pt] print:leading-snug">
      <ClassHead
        classId={id}
        title={`${plan.title}, for whoever stands in`}
        prints
        actions={
          <Link href={`/classes/${id}/pack?day=${day}${withNames ? '&names=no' : ''}`} className="quiet">
            {withNames ? 'Without names' : 'With names'}
          </Link>
        }
      >
        <p className="text-soft">
          {dayWords(day)}
          {stored.startTime ? `, ${stored.startTime}` : ''} · {clock(model.timeline.totalSeconds)} of {plan.promisedMinutes}:00 ·{' '}
          {at && `${seriesWords(at)} · `}
          {roster.length} {roster.length === 1 ? 'person' : 'people'} · in place of {instructor}
        </p>
      </ClassHead>
      <dl className="grid gap-x-6 gap-y-1 sm:grid-cols-2 print:grid-cols-2">
        {place.map(([term, words]) => (
          <div key={term}>
            <dt className="inline font-semibold">{term}: </dt>
            <dd className="inline">{words}</dd>
          </div>
        ))}
      </dl>
      {model.kit.length > 0 && (
        <p>
          <b>To set out:</b> {model.kit.map((need) => kitListWords(need, nameOf, unit)).join('. ')}.
        </p>
      )}
      {closed.length > 0 && (
        <p className="border-l-4 border-effort pl-3">
          <b>Only watching today, whatever they say:</b> {said(closed)}.
        </p>
      )}
      {rests.length > 0 && (
        <div>
          <b>Who rests more than the group:</b>
          {rests.map(({ words, names: people }) => (
            <p key={words}>
              {sentence(said(people))}: {words}.
            </p>
          ))}
        </div>
      )}
      <section>
        <h2>What comes, and who takes what</h2>
        <ol>
          {handOver(view).map((item) => {
            const cue = lines.find((line) => line.item === item.id)
            return (
              <li
                key={item.id}
                className="grid break-inside-avoid gap-x-4 border-t border-line py-1.5 sm:grid-cols-[4rem_14rem_1fr] print:grid-cols-[2.6rem_9rem_1fr] print:py-0.5"
              >
                <span>{clock(item.startSeconds)}</span>
                <span>
                  <b>{item.movement}</b>
                  {cue && <span className="block text-soft">{cue.dose}</span>}
                </span>
                <div>
                  {item.ways.map(({ variant, plain, otherwise }) => (
                    <p key={variant}>
                      <i>{versionOf(variant, item.movement)}</i>
                      {(plain.length > 0 || otherwise.length > 0) && ': '}
                      {[...(plain.length > 0 ? [said(plain)] : []), ...otherwise.map(({ words, people }) => `${said(people)} (${words})`)].join('; ')}
                    </p>
                  ))}
                  {item.resting.length > 0 && <p>Resting and breathing: {said(item.resting)}.</p>}
                  {item.notFor.map(({ variant, people }) => (
                    <p key={variant} className="text-effort">
                      {versionOf(variant, item.movement)} is not for {said(people)}.
                    </p>
                  ))}
                </div>
              </li>
            )
          })}
        </ol>
      </section>
      <section>
        <h2>When somebody stops</h2>
        <dl className="grid gap-x-6 gap-y-1 md:grid-cols-2 print:grid-cols-2 print:text-[8pt]">
          {STOP_SEEN.map(({ key, seen, steps }) => (
            <div key={key} className="break-inside-avoid border-t border-line pt-1">
              <dt className="font-semibold">{seen}</dt>
              <dd>{steps.join(' ')}</dd>
            </div>
          ))}
        </dl>
      </section>
      <p className="text-[0.94rem] text-soft print:text-[8pt]">
        Nobody does more than stands here. When in doubt: the gentler version, sitting, or watching. What somebody says today, and what you see, comes
        before this sheet. It replaces no first-aid training; hand it back or destroy it afterwards.
      </p>
    </article>
  )
}
