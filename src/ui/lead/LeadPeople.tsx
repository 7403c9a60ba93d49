import { useState } from 'react'
import { owedSides } from '@/core/lead'
import { grouped, list } from '../shell/list'
import { nameIn } from './pack'
import type { Lead } from './useLead'
import type { OnNow } from './useOnNow'

/** Who rests, who leaves something out, who watches and why, which side is still owed, and who of two counts. */
export function LeadPeople({ lead, on, far = false }: { lead: Lead; on: OnNow; far?: boolean }) {
  const { state, now, pack, view, tap } = lead
  const { segment, item, tracks, resting } = on
  const [asked, setAsked] = useState<string>()
  const nameOf = (person: string) => nameIn(pack, person)
  const closed = Object.keys(view.closed)
  const rests = Object.entries(view.ownRests)
  const everySecond = rests.flatMap(([person, own]) => (own.some(({ code }) => code === 'every-second-set') ? [nameOf(person)] : []))
  const sitsOut = rests.flatMap(([person, own]) =>
    own.flatMap((rest) => {
      if (rest.code === 'every-second-set' || rest.block !== segment?.block) return []
      const words = rest.code === 'stretches' ? `leave out ${rest.leaves} of ${rest.of}` : 'a pause in between, with a chair near'
      return [{ name: nameOf(person), words }]
    }),
  )
  const owed = owedSides(state, now)
  const notFor = tracks.flatMap(({ variant }) => {
    const names = (item?.notFor[variant] ?? []).map(nameOf)
    return names.length > 0 ? [`${pack.variants[variant]?.name ?? ''} is not for ${list(names)}`] : []
  })
  return (
    <div className={far ? '' : 'text-[clamp(1.1rem,1.5vw,2rem)]'}>
      {notFor.length > 0 && <p className="text-effort">{notFor.join('. ')}</p>}
      {resting.length > 0 && <p>Resting and breathing: {list(resting)}</p>}
      {segment?.set !== undefined && segment.set % 2 === 0 && everySecond.length > 0 && <p>Resting in this set: {list(everySecond)}</p>}
      {grouped(sitsOut).map(({ words, names }) => (
        <p key={words}>
          {list(names)}: {words}.
        </p>
      ))}
      {owed.length > 0 && (
        <p className="text-effort">
          Still owed:{' '}
          {list(owed.map(({ item: one, side }) => `the ${side} side of ${view.items.find(({ id }) => id === one)?.movement.toLowerCase() ?? one}`))}
        </p>
      )}
      {closed.length > 0 && (
        <p className="flex flex-wrap items-baseline gap-x-3">
          Watching today:
          {closed.map((person) => (
            <button
              key={person}
              type="button"
              className={far ? 'font-semibold underline decoration-line underline-offset-4' : 'quiet min-h-11'}
              aria-expanded={asked === person}
              onClick={() => setAsked(asked === person ? undefined : person)}
            >
              {nameOf(person)}
            </button>
          ))}
        </p>
      )}
      {asked && <p className="border-l-4 border-effort pl-3">{view.closed[asked]}</p>}
      {pack.leaders > 1 && (
        <p className="flex flex-wrap items-baseline gap-x-3">
          {state.rolesChanged ? `The other counts, ${pack.instructor} shows.` : `${pack.instructor} counts, the other shows.`}
          <button type="button" className="quiet min-h-11" onClick={() => tap('roles')}>
            Change over
          </button>
        </p>
      )}
    </div>
  )
}
