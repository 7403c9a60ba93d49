'use client'
import { CartesianGrid, Legend, Line, LineChart, ResponsiveContainer, Tooltip, XAxis, YAxis } from 'recharts'
import type { MomentName } from '@/core/movement/loads'

/** Each joint has its own dash and dot as well as its colour. */
const LINES: Record<MomentName, { name: string; stroke: string; dash?: string }> = {
  shoulder: { name: 'shoulder', stroke: 'var(--plum)' },
  elbow: { name: 'elbow', stroke: 'var(--plum)', dash: '2 4' },
  hip: { name: 'hip', stroke: 'var(--ink)' },
  knee: { name: 'knee', stroke: 'var(--ink)', dash: '7 4' },
  lumbar: { name: 'low back', stroke: 'var(--effort)', dash: '10 3 2 3' },
}

const rowWords = (row: { name: string } & Partial<Record<MomentName, number>>): string =>
  `${row.name}: ${(Object.keys(LINES) as MomentName[]).map((joint) => `${LINES[joint].name} ${row[joint] === undefined ? 'not estimated' : `${row[joint].toFixed(0)} N·m`}`).join(', ')}`

/** Joint moments along the ladder, gentlest step on the left. */
export function MomentChart({ rows }: { rows: ({ name: string } & Partial<Record<MomentName, number>>)[] }) {
  return (
    <div className="mt-3 h-56" role="img" aria-label={`Joint moments along the ladder: ${rows.map(rowWords).join('; ')}`}>
      <ResponsiveContainer>
        <LineChart data={rows.map((row, index) => ({ ...row, at: index + 1 }))} margin={{ top: 5, right: 10, left: 0, bottom: 0 }}>
          <CartesianGrid stroke="var(--line)" vertical={false} />
          <XAxis dataKey="at" stroke="var(--soft)" tickFormatter={(step) => `step ${step}`} fontSize={14} />
          <YAxis stroke="var(--soft)" width={44} fontSize={14} unit="" />
          <Tooltip
            contentStyle={{ background: 'var(--sheet)', border: '1px solid var(--line)', color: 'var(--ink)' }}
            formatter={(value) => `${Number(value).toFixed(1)} N·m`}
            labelFormatter={(step) => rows[Number(step) - 1]?.name ?? ''}
          />
          <Legend />
          {(Object.keys(LINES) as MomentName[]).map((joint) => (
            <Line
              key={joint}
              type="linear"
              dataKey={joint}
              name={LINES[joint].name}
              stroke={LINES[joint].stroke}
              strokeWidth={2}
              {...(LINES[joint].dash && { strokeDasharray: LINES[joint].dash })}
              isAnimationActive={false}
              dot={{ r: 3 }}
            />
          ))}
        </LineChart>
      </ResponsiveContainer>
    </div>
  )
}
