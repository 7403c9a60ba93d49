'use client'
import { useEffect, useRef, useState } from 'react'
import { type Body, type Drawing, draw, REFERENCE_BODY, solve } from '@/core/body'
import type { Variant } from '@/core/movement'
import { breathAt, poseAt } from '@/core/movement/picture'
import { commonBox, FigureDrawing } from './FigureDrawing'

export type FigureVariant = Pick<Variant, 'poses' | 'tempo' | 'room' | 'props' | 'view'>

const FRAMES_PER_SECOND = 30
const frame = (variant: FigureVariant, body: Body, second: number, view: number) =>
  draw(solve(poseAt(variant, second), body, variant.room), view, variant.props)

/** The drawings of one repetition, each made once when it is first shown. */
function useFrames(variant: FigureVariant, body: Body, view: number) {
  const key = JSON.stringify([variant.poses, variant.tempo, variant.props, body, view])
  const known = useRef<{ key: string; frames: Map<number, Drawing>; box: Drawing['box'] }>({ key: '', frames: new Map(), box: [0, 0, 1, 1] })
  if (known.current.key !== key) {
    const box = commonBox(variant.poses.map((pose) => draw(solve(pose, body, variant.room), view, variant.props)))
    known.current = { key, frames: new Map(), box }
  }
  const { out, stay, back, rest } = variant.tempo
  const count = Math.max(1, Math.round((out + stay + back + rest) * FRAMES_PER_SECOND))
  const drawingAt = (step: number): Drawing => {
    const at = step % count
    let drawing = known.current.frames.get(at)
    if (!drawing) {
      drawing = frame(variant, body, at / FRAMES_PER_SECOND, view)
      known.current.frames.set(at, drawing)
    }
    return drawing
  }
  return { drawingAt, box: known.current.box }
}

/** A figure that moves in the tempo of its variant; still where less motion is asked for or `moving` is off. */
export function MovingFigure({
  variant,
  label,
  className,
  moving,
  body = REFERENCE_BODY,
  view = variant.view,
  speed = 1,
  breath,
}: {
  variant: FigureVariant
  label: string
  className?: string
  moving: boolean
  body?: Body
  view?: number
  speed?: number
  /** the breath cue of the variant; shown as in and out in time with the figure */
  breath?: string
}) {
  const still = Math.round((variant.tempo.out + variant.tempo.stay / 2) * FRAMES_PER_SECOND)
  const [step, setStep] = useState(still)
  const { drawingAt, box } = useFrames(variant, body, view)
  useEffect(() => {
    if (!moving || window.matchMedia('(prefers-reduced-motion: reduce)').matches) {
      setStep(still)
      return
    }
    let request = 0
    const begun = performance.now()
    const tick = (now: number) => {
      setStep(Math.floor(((now - begun) / 1000) * speed * FRAMES_PER_SECOND))
      request = requestAnimationFrame(tick)
    }
    request = requestAnimationFrame(tick)
    return () => cancelAnimationFrame(request)
  }, [moving, still, speed])
  const figure = <FigureDrawing drawing={drawingAt(step)} label={label} className={className} box={box} />
  if (breath === undefined) return figure
  const phase = breathAt({ tempo: variant.tempo, cues: { setup: '', do: '', watch: '', breath } }, step / FRAMES_PER_SECOND)
  return (
    <div className="relative">
      {figure}
      <p className="absolute top-0 left-0 flex items-center gap-2 text-soft" aria-hidden="true">
        <svg width="26" height="26" viewBox="-13 -13 26 26" aria-hidden="true">
          <circle r={phase === 'in' ? 11 : 6} fill="none" stroke="var(--plum)" strokeWidth="3" style={{ transition: 'r 0.6s' }} />
        </svg>
        breathe {phase}
      </p>
    </div>
  )
}
