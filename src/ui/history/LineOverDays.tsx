'use client'
import { CartesianGrid, Line, LineChart, ResponsiveContainer, Tooltip, XAxis, YAxis } from 'recharts'

export interface Series {
  key: string
  name: string
  /** plum, effort, or ink: told by the dash as well */
  tone: 'plum' | 'effort' | 'ink'
  dash?: string
}
export interface Point {
  /** "23 Nov" */
  label: string
  [key: string]: string | number | null
}

/** Values over days, each with its own dash; the words beside it say the same. */
export default function LineOverDays({
  points,
  series,
  max,
  unit = '',
}: {
  points: Point[]
  series: readonly Series[]
  max?: number
  unit?: string
}) {
  return (
    <ResponsiveContainer width="100%" height={210}>
      <LineChart data={points} margin={{ top: 8, right: 16, bottom: 4, left: -16 }} accessibilityLayer>
        <CartesianGrid stroke="var(--line)" vertical={false} />
        <XAxis dataKey="label" stroke="var(--soft)" tick={{ fontSize: 13 }} />
        <YAxis stroke="var(--soft)" tick={{ fontSize: 13 }} domain={[0, max ?? 'auto']} allowDecimals={max === undefined} />
        <Tooltip
          contentStyle={{ background: 'var(--sheet)', border: '1px solid var(--line)', color: 'var(--ink)' }}
          formatter={(value) => `${value}${unit}`}
        />
        {series.map(({ key, name, tone, dash }) => (
          <Line
            key={key}
            type="linear"
            dataKey={key}
            name={name}
            stroke={`var(--${tone})`}
            strokeWidth={2.5}
            {...(dash && { strokeDasharray: dash })}
            dot={{ r: 3 }}
            connectNulls
            isAnimationActive={false}
          />
        ))}
      </LineChart>
    </ResponsiveContainer>
  )
}
