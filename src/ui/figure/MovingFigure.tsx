'use client'
import { useEffect, useRef, useState } from 'react'
import { type Body, type Drawing, draw, type Layer, layersOf, REFERENCE_BODY, type Tone } from '@/core/body'
import type { Variant } from '@/core/movement'
import { breathAt, motionOf } from '@/core/movement/picture'
import { LESS_MOTION } from '../shell/useMedia'
import { commonBox, FILL } from './FigureDrawing'
import { everyFrame } from './frames'

export type FigureVariant = Pick<Variant, 'poses' | 'tempo' | 'room' | 'props' | 'view' | 'side'>

const FRAMES_PER_SECOND = 30
const GAP = 0.018

interface Stroke {
  tone: Tone
  path: Path2D
  line?: number
}
/** Layers far to near, ready for the canvas. */
type Frame = Stroke[][]

const frameOf = (layers: readonly Layer[]): Frame =>
  layers.map(({ shapes }) => shapes.map(({ tone, path, line }) => ({ tone, path: new Path2D(path), ...(line && { line }) })))

/** A figure's colours as the page has them now, light or dark. */
function coloursOf(canvas: HTMLCanvasElement): Record<Tone | 'gap', string> {
  const style = getComputedStyle(canvas)
  const read = (value: string) => style.getPropertyValue(/--[\w-]+/.exec(value)?.[0] ?? '').trim()
  return Object.fromEntries([
    ...Object.entries(FILL).map(([tone, value]) => [tone, read(value)]),
    ['gap', style.getPropertyValue('--fig-gap').trim()],
  ]) as Record<Tone | 'gap', string>
}

function paint(canvas: HTMLCanvasElement, frame: Frame, box: Drawing['box'], colours: Record<Tone | 'gap', string>) {
  const context = canvas.getContext('2d')
  if (!context) return
  const [left, top, width, height] = box
  const scale = Math.min(canvas.width / width, canvas.height / height)
  context.setTransform(1, 0, 0, 1, 0, 0)
  context.clearRect(0, 0, canvas.width, canvas.height)
  // in the middle, standing on the lower edge, as the still drawing does
  context.setTransform(scale, 0, 0, scale, (canvas.width - width * scale) / 2 - left * scale, canvas.height - height * scale - top * scale)
  context.lineJoin = 'round'
  context.lineCap = 'round'
  for (const layer of frame) {
    context.strokeStyle = colours.gap
    context.lineWidth = GAP
    for (const { path, line } of layer) if (!line) context.stroke(path)
    for (const { tone, path, line } of layer) {
      if (line) {
        context.strokeStyle = colours[tone]
        context.lineWidth = line
        context.stroke(path)
      } else {
        context.fillStyle = colours[tone]
        context.fill(path)
      }
    }
  }
}

interface Props {
  variant: FigureVariant
  label: string
  className?: string
  moving: boolean
  /** somebody asked for it here, which counts more than what the system is set to */
  asked?: boolean
  body?: Body
  view?: number
  speed?: number
  /** how far into a repetition it is, 0 to 1 and on with the next: it moves by this, and not by its own tempo */
  drive?: (() => number) | undefined
  /** the breath cue of the variant; shown as in and out in time with the figure */
  breath?: string
}

/**
 * A figure that moves in the tempo of its variant; still where less motion is asked for or `moving` is off. It is painted on a canvas, and
 * each moment of a repetition is placed and drawn once: sixty of them as SVG held 9 frames a second.
 */
export function MovingFigure({
  variant,
  label,
  className,
  moving,
  asked = false,
  body = REFERENCE_BODY,
  view = variant.view,
  speed = 1,
  drive,
  breath,
}: Props) {
  const canvas = useRef<HTMLCanvasElement>(null)
  const [phase, setPhase] = useState<'in' | 'out'>()
  const driven = useRef(drive)
  driven.current = drive
  const key = JSON.stringify([variant.poses, variant.tempo, variant.props, variant.room, variant.side, body, view])

  // biome-ignore lint/correctness/useExhaustiveDependencies: the key stands for variant, body and view, which are new objects at every render
  useEffect(() => {
    const target = canvas.current
    if (!target) return
    const motion = motionOf(variant, body)
    const { out, stay, back, rest } = variant.tempo
    const repetition = out + stay + back + rest
    const count = Math.max(1, Math.round(motion.period * FRAMES_PER_SECOND))
    const box = commonBox(motion.ends.map((figure) => draw(figure, view, variant.props)))
    const frames = new Map<number, Frame>()
    const frameAt = (step: number): Frame => {
      const at = step % count
      let frame = frames.get(at)
      if (!frame) {
        frame = frameOf(layersOf(motion.at(at / FRAMES_PER_SECOND), view, variant.props))
        frames.set(at, frame)
      }
      return frame
    }
    const resize = () => {
      const { width, height } = target.getBoundingClientRect()
      target.width = Math.max(1, Math.round(width * devicePixelRatio))
      target.height = Math.max(1, Math.round(height * devicePixelRatio))
    }
    let colours = coloursOf(target)
    let shown = Math.round((out + stay / 2) * FRAMES_PER_SECOND)
    const show = () => paint(target, frameAt(shown), box, colours)
    resize()
    show()
    const resized = new ResizeObserver(() => {
      resize()
      show()
    })
    resized.observe(target)
    // light and dark are switched on the root element
    const themed = new MutationObserver(() => {
      colours = coloursOf(target)
      show()
    })
    themed.observe(document.documentElement, { attributes: true, attributeFilter: ['data-theme'] })
    const still = !moving || (!asked && window.matchMedia(LESS_MOTION).matches)
    // a figure out of sight costs nothing
    let inSight = true
    const seen = new IntersectionObserver(([entry]) => {
      inSight = entry?.isIntersecting ?? true
    })
    seen.observe(target)
    let begun: number | undefined
    const stop = still
      ? () => {}
      : everyFrame((now) => {
          begun ??= now
          // one repetition of the count is one of the figure, at whatever pace it is counted
          const second = driven.current ? driven.current() * repetition : ((now - begun) / 1000) * speed
          const step = Math.floor(second * FRAMES_PER_SECOND)
          if (!inSight || step === shown) return
          shown = step
          show()
          if (breath !== undefined)
            setPhase(breathAt({ tempo: variant.tempo, cues: { setup: '', do: '', watch: '', breath } }, step / FRAMES_PER_SECOND))
        })
    return () => {
      stop()
      seen.disconnect()
      resized.disconnect()
      themed.disconnect()
    }
  }, [key, moving, asked, speed, breath])

  const figure = <canvas ref={canvas} className={className} role="img" aria-label={label} />
  if (breath === undefined) return figure
  return (
    <div className="relative">
      {figure}
      {phase && (
        <p className="absolute top-0 left-0 flex items-center gap-2 text-soft" aria-hidden="true">
          <svg width="26" height="26" viewBox="-13 -13 26 26" aria-hidden="true">
            <circle r={phase === 'in' ? 11 : 6} fill="none" stroke="var(--plum)" strokeWidth="3" style={{ transition: 'r 0.6s' }} />
          </svg>
          breathe {phase}
        </p>
      )}
    </div>
  )
}
