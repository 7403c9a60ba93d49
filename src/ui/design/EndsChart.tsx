'use client'
import { Bar, BarChart, ReferenceLine, ResponsiveContainer, Tooltip, XAxis, YAxis } from 'recharts'
import type { Rehearsal } from '@/core/evaluate'
import { clock } from '@/core/timing'
import { percent } from '../shell/percent'

/** When a class ends, run by run, about its promise; the words beside it say the same. */
export default function EndsChart({ ends, promisedSeconds }: Pick<Rehearsal, 'ends' | 'promisedSeconds'>) {
  const bins = ends.map(({ fromSeconds, share }) => ({ from: fromSeconds, share }))
  return (
    <ResponsiveContainer width="100%" height={120}>
      <BarChart data={bins} margin={{ top: 14, right: 8, bottom: 0, left: 8 }} barCategoryGap={1} accessibilityLayer>
        <XAxis
          dataKey="from"
          type="number"
          domain={[(least: number) => Math.min(least, promisedSeconds) - 30, (most: number) => Math.max(most, promisedSeconds) + 30]}
          stroke="var(--soft)"
          tick={{ fontSize: 13 }}
          tickFormatter={clock}
        />
        <YAxis hide />
        <Tooltip
          contentStyle={{ background: 'var(--sheet)', border: '1px solid var(--line)', color: 'var(--ink)' }}
          labelFormatter={(from) => `ends from ${clock(Number(from))} on, within half a minute`}
          formatter={(share) => [percent(Number(share)), 'of the runs']}
        />
        <Bar dataKey="share" fill="var(--plum)" isAnimationActive={false} />
        <ReferenceLine
          x={promisedSeconds}
          stroke="var(--effort)"
          strokeWidth={2.5}
          label={{ value: 'promised', position: 'top', fontSize: 13, fill: 'var(--effort)' }}
        />
      </BarChart>
    </ResponsiveContainer>
  )
}
