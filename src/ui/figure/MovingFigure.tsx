'use client'
import { useEffect, useState } from 'react'
import { type Body, draw, REFERENCE_BODY, solve } from '@/core/body'
import type { Variant } from '@/core/movement'
import { poseAt } from '@/core/movement/picture'
import { commonBox, FigureDrawing } from './FigureDrawing'

export type FigureVariant = Pick<Variant, 'poses' | 'tempo' | 'room' | 'props' | 'view'>

const frame = (variant: FigureVariant, body: Body, second: number, view: number) =>
  draw(solve(poseAt(variant, second), body, variant.room), view, variant.props)

/** A figure that moves in the tempo of its variant; still where less motion is asked for or `moving` is off. */
export function MovingFigure({
  variant,
  label,
  className,
  moving,
  body = REFERENCE_BODY,
  view = variant.view,
  speed = 1,
}: {
  variant: FigureVariant
  label: string
  className?: string
  moving: boolean
  body?: Body
  view?: number
  speed?: number
}) {
  const still = variant.tempo.out + variant.tempo.stay / 2
  const [second, setSecond] = useState(still)
  useEffect(() => {
    if (!moving || window.matchMedia('(prefers-reduced-motion: reduce)').matches) {
      setSecond(still)
      return
    }
    let request = 0
    const begun = performance.now()
    const tick = (now: number) => {
      setSecond(((now - begun) / 1000) * speed)
      request = requestAnimationFrame(tick)
    }
    request = requestAnimationFrame(tick)
    return () => cancelAnimationFrame(request)
  }, [moving, still, speed])
  const box = commonBox(variant.poses.map((pose) => draw(solve(pose, body, variant.room), view, variant.props)))
  return <FigureDrawing drawing={frame(variant, body, second, view)} label={label} className={className} box={box} />
}
