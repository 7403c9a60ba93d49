import dynamic from 'next/dynamic'
import type { ReactNode } from 'react'
import type { ClassModel, PassedIn } from '@/core/evaluate'
import type { PlanDraft } from '@/core/plan'
import { clock } from '@/core/timing'
import { list } from '../shell/list'
import { percent } from '../shell/percent'
import { StairBand } from '../tread/StairBand'
import { blockName } from './planNames'
import { useAskedFor } from './useAskedFor'
import type { useDesk } from './useDesk'

// a chart is large: fetched when there is something to draw
const EndsChart = dynamic(() => import('./EndsChart'))

/** Passing a cap in fewer runs than these is not worth a word. */
const WORTH_SAYING = 0.1
const MOST_TIGHT = 4
/** Times that somebody is above a limit: so many are said, the longest; all are drawn. */
const MOST_TIMES = 3

/** Who passes a limit, in how many runs, where first, for how long and when; the times as a strip as long as the class, too. */
function Passing({
  passed: { chance, seconds, item, when },
  total,
  nameOf,
  children,
}: {
  passed: PassedIn
  total: number
  nameOf: (item: string) => string
  children: ReactNode
}) {
  const longest = new Set(when.toSorted((a, b) => b.untilSeconds - b.fromSeconds - (a.untilSeconds - a.fromSeconds)).slice(0, MOST_TIMES))
  const said = [
    ...when.filter((one) => longest.has(one)).map(({ fromSeconds, untilSeconds }) => `${clock(fromSeconds)} to ${clock(untilSeconds)}`),
    ...(when.length > MOST_TIMES ? [`${when.length - MOST_TIMES} shorter ${when.length === MOST_TIMES + 1 ? 'time' : 'times'}`] : []),
  ]
  const share = (part: number) => `${(part / total) * 100}%`
  return (
    <div className="border-l-4 border-effort pl-2">
      <p>
        {children} in {percent(chance)} of the runs{item ? `, first in ${nameOf(item).toLowerCase()}` : ''}, for about {clock(seconds)}
        {when.length > 0 && `; from ${list(said)}`}.
      </p>
      <div className="relative mt-1 h-1.5 bg-water" aria-hidden="true">
        {when.map(({ fromSeconds, untilSeconds }) => (
          <span
            key={fromSeconds}
            className="absolute inset-y-0 min-w-0.5 bg-effort"
            style={{ left: share(fromSeconds), width: share(untilSeconds - fromSeconds) }}
          />
        ))}
      </div>
    </div>
  )
}

/** The class led ten thousand times on paper: when it ends, what makes that uncertain, and who is likely to be asked for too much. */
export function RehearsalView({
  plan,
  model,
  ask,
  nameOf,
}: {
  plan: PlanDraft
  model: ClassModel
  ask: ReturnType<typeof useDesk>
  nameOf: (item: string) => string
}) {
  const { found, busy, askFor } = useAskedFor(model, () => ask('rehearse', null))
  if (model.items.length === 0) return null
  const fast = found?.people.flatMap(({ id, name, pulse }) => (pulse && pulse.chance >= WORTH_SAYING ? [{ id, name, ...pulse }] : [])) ?? []
  const over = found?.people.filter(({ chance }) => chance >= WORTH_SAYING).toSorted((a, b) => b.chance - a.chance) ?? []
  return (
    <section aria-label="Led on paper">
      <h3>Led on paper</h3>
      {!found && (
        <button type="button" className="link" disabled={busy} onClick={askFor}>
          {busy ? 'Leading it…' : 'Lead it ten thousand times'}
        </button>
      )}
      {found === null && <p className="text-soft">Mend what the plan lacks first.</p>}
      {found && (
        <div className="flex flex-col gap-1 text-[0.94rem]">
          <p>
            Half of the runs end before <b>{clock(found.end.middle)}</b>, one in ten before {clock(found.end.low)}, nine in ten before{' '}
            {clock(found.end.high)}. {percent(found.onTime)} end within a minute of the promise; in {percent(found.whole)} the cool-down is over by
            then.
          </p>
          <StairBand line={model.tread} rehearsal={found} />
          <div role="img" aria-label="How many runs end when, by half minutes, beside the promise">
            <EndsChart ends={found.ends} promisedSeconds={found.promisedSeconds} />
          </div>
          {found.spreadBy.length > 0 && (
            <p>What makes the end uncertain: {list(found.spreadBy.map(({ block, share }) => `${blockName(plan, block)} (${percent(share)})`))}.</p>
          )}
          {over.map(({ id, name, ...passed }) => (
            <Passing key={id} passed={passed} total={found.end.high} nameOf={nameOf}>
              <b>{name}</b> is above what they may do
            </Passing>
          ))}
          {fast.map(({ id, name, bpm, ...passed }) => (
            <Passing key={id} passed={passed} total={found.end.high} nameOf={nameOf}>
              The pulse of <b>{name}</b> passes {bpm}
            </Passing>
          ))}
          {found.tight.length > 0 && (
            <p>
              Too little time to speak before{' '}
              {list(
                found.tight
                  .slice(0, MOST_TIGHT)
                  .map(({ item, needSeconds, haveSeconds }) => `${nameOf(item).toLowerCase()} (${needSeconds} s of words in ${haveSeconds} s)`),
              )}
              {found.tight.length > MOST_TIGHT ? ` and ${found.tight.length - MOST_TIGHT} more` : ''}: say it while what comes before is still on.
            </p>
          )}
          <p className="text-soft">
            Estimates: lengths from {model.pace.classes > 0 ? 'your pace' : 'the house’s estimates'} and how far classes stray from it, effort from
            age, health and energy.
          </p>
        </div>
      )}
    </section>
  )
}
