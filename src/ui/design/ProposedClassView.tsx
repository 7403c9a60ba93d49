import { clock } from '@/core/timing'
import type { ProposedClass } from '@/server/actions/classes'
import { list } from '../shell/list'
import { TreadLine } from '../tread/TreadLine'

/** What a brief comes to: its stair, its movements, and what had to give way. */
export function ProposedClassView({ proposed: { line, seconds, minutes, parts, swapped, lacking, cut } }: { proposed: ProposedClass }) {
  const free = minutes * 60 - seconds
  return (
    <div className="flex flex-col gap-3">
      <p>
        <b className="font-serif text-[1.35rem]">{clock(seconds)}</b>{' '}
        <span className="text-soft">
          of {minutes}:00{free >= 60 ? `, ${clock(free)} to fill` : free < 0 ? `, ${clock(-free)} over` : ''}
        </span>
      </p>
      <TreadLine line={line} promisedSeconds={minutes * 60} />
      <dl className="grid grid-cols-[auto_1fr] gap-x-4 gap-y-1">
        {parts.map(({ title, movements }, index) => (
          <div key={index} className="contents">
            <dt className="font-serif">{title}</dt>
            <dd className={movements.length === 0 ? 'text-soft' : ''}>{movements.length === 0 ? 'yours to fill' : movements.join(', ')}</dd>
          </div>
        ))}
      </dl>
      {swapped.length > 0 && (
        <p className="text-soft">
          Without that kit: {list(swapped.map(({ movement, to }) => `${movement.toLowerCase()} as “${to.toLowerCase()}”`))}.
        </p>
      )}
      {lacking.length > 0 && <p className="text-soft">Left out, as nothing of theirs does without the kit: {list(lacking)}.</p>}
      {cut.length > 0 && <p className="text-soft">Left out to keep the time: {list(cut)}.</p>}
    </div>
  )
}
