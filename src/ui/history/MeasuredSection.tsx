import type { Measured } from '@/core/client'
import { trendsOf, weakerSide } from '@/core/progress'
import { dayAndMonth } from '../shell/days'
import { Charted } from './Charted'
import { MeasureForm } from './MeasureForm'
import { MEASURE_WORDS, trendWords, weakerWords } from './measuredWords'

/** What somebody can do as it was measured: over time, against their own values, with the side that is weaker. */
export function MeasuredSection({ clientId, today, measured }: { clientId: string; today: string; measured: readonly Measured[] }) {
  const trends = trendsOf(measured)
  const weaker = weakerSide(measured)
  const legs = trends.filter(({ kind }) => kind === 'one-leg')
  const days = [...new Set(legs.flatMap(({ values }) => values.map(({ on }) => on)))].sort()
  const on = (side: 'left' | 'right', day: string) => legs.find((one) => one.side === side)?.values.find((value) => value.on === day)?.value ?? null
  return (
    <section className={`flex flex-col gap-3 print:gap-1 ${trends.length === 0 ? 'print:hidden' : ''}`}>
      <h2>What they can do</h2>
      <MeasureForm clientId={clientId} today={today} />
      {weaker && <p className="border-l-4 border-effort pl-3">{weakerWords(weaker)}</p>}
      <ul className="hidden print:block print:text-[9pt]">
        {trends.map((trend) => (
          <li key={`${trend.kind} ${trend.side ?? ''}`}>
            {MEASURE_WORDS[trend.kind].name}
            {trend.side && `, ${trend.side}`}: {trendWords(trend)}
          </li>
        ))}
      </ul>
      <div className="grid gap-x-7 gap-y-4 lg:grid-cols-3 print:hidden">
        {trends
          .filter(({ kind }) => kind !== 'one-leg')
          .map((trend) => (
            <Charted
              key={trend.kind}
              title={MEASURE_WORDS[trend.kind].name}
              words={trendWords(trend)}
              points={trend.values.map(({ on: day, value }) => ({ label: dayAndMonth(day), value }))}
              series={[{ key: 'value', name: 'Measured', tone: 'plum' }]}
              unit={MEASURE_WORDS[trend.kind].unit}
            />
          ))}
        {legs.length > 0 && (
          <Charted
            title={MEASURE_WORDS['one-leg'].name}
            words={legs.map((trend) => `${trend.side === 'left' ? 'Left' : 'Right'}: ${trendWords(trend)}`).join(' ')}
            points={days.map((day) => ({ label: dayAndMonth(day), left: on('left', day), right: on('right', day) }))}
            series={[
              { key: 'left', name: 'Left', tone: 'plum' },
              { key: 'right', name: 'Right', tone: 'ink', dash: '6 4' },
            ]}
            max={30}
            unit=" s"
          />
        )}
      </div>
      {trends.length > 0 && (
        <p className="text-[0.94rem] text-soft">
          How much repeating a measurement gives by itself is an estimate, on the large side. Of a stance the rules read the weaker leg, and ask for
          5, 10 and 15 seconds.
        </p>
      )}
    </section>
  )
}
