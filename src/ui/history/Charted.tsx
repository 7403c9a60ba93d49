'use client'
import dynamic from 'next/dynamic'
import type { Point, Series } from './LineOverDays'

const LineOverDays = dynamic(() => import('./LineOverDays'), { ssr: false, loading: () => <div className="h-[210px]" /> })

const DASH_WORDS: Record<string, string> = { '6 4': 'dashed', '2 4': 'dotted' }

interface Props {
  title: string
  /** what the picture says, in words */
  words: string
  points: Point[]
  series: readonly Series[]
  max?: number
  unit?: string
}

/** A chart with its words beside it. Nothing is drawn of a single day. */
export function Charted({ title, words, points, series, max, unit }: Props) {
  return (
    <section aria-label={title} className="break-inside-avoid">
      <h2>{title}</h2>
      <p className="text-soft">{words}</p>
      {points.length > 1 && (
        <figure className="mt-1 print:[zoom:0.75]">
          <LineOverDays points={points} series={series} {...(max !== undefined && { max })} {...(unit && { unit })} />
          {series.length > 1 && (
            <figcaption className="text-[0.94rem] text-soft">
              {series.map(({ name, dash }) => `${name}: ${dash ? (DASH_WORDS[dash] ?? 'dashed') : 'unbroken'}`).join(' · ')}
            </figcaption>
          )}
        </figure>
      )}
    </section>
  )
}
