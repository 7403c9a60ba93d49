import { talkTest } from '@/core/effort'
import type { ClassModel } from '@/core/evaluate'
import { clock } from '@/core/timing'
import { list } from '../shell/list'

/** Nobody needs a word about a few seconds above: forecasts are no more exact than this, s. */
const WORTH_SAYING_SECONDS = 20

/** Whom the class is expected to ask for more than they may do, and how hard it is for the group. */
export function EffortForecastView({ model, nameOf }: { model: ClassModel; nameOf: (item: string) => string }) {
  const { band, people } = model.effort
  if (band.length === 0) return null
  const [low, high] = [Math.min(...people.flatMap((one) => one?.peak ?? [])), Math.max(...people.flatMap((one) => one?.peak ?? []))]
  const over = model.people.flatMap((person, index) => {
    const effort = people[index]
    return effort && effort.overSeconds >= WORTH_SAYING_SECONDS ? [{ person, effort }] : []
  })
  const fast = model.people.flatMap((person, index) => {
    const pulse = people[index]?.pulse
    return pulse && pulse.peak > pulse.ceiling ? [`${person.name} (about ${pulse.peak}, ceiling ${pulse.ceiling})`] : []
  })
  return (
    <section aria-label="Effort, a forecast">
      <h3>Effort, a forecast</h3>
      <p className="text-[0.94rem]">
        At its hardest {low === high ? `${high}` : `${low} to ${high}`} of 10: {talkTest(high)}.
        {over.length === 0 && ' Nobody is expected above what they may do.'}
      </p>
      {over.length > 0 && (
        <ul className="text-[0.94rem]">
          {over
            .toSorted((a, b) => b.effort.overSeconds - a.effort.overSeconds)
            .map(({ person, effort }) => (
              <li key={person.id} className="border-l-4 border-effort pl-2 leading-snug">
                <b>{person.name}</b> would come to about {effort.peak} and may do {person.rpeCap}, for {clock(effort.overSeconds)} min in all
                {effort.overItem ? `, most in ${nameOf(effort.overItem).toLowerCase()}` : ''}. Smaller and slower, or a pause in between.
              </li>
            ))}
        </ul>
      )}
      {fast.length > 0 && <p className="text-[0.94rem]">Pulse above the ceiling: {list(fast)}.</p>}
      <p className="text-[0.94rem] text-soft">
        Estimated from age, health and the energy of each movement. What somebody says and how they breathe comes first.
      </p>
    </section>
  )
}
