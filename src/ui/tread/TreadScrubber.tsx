'use client'
import { ChevronLeft, ChevronRight, ZoomIn, ZoomOut } from 'lucide-react'
import { Slider } from 'radix-ui'
import { useEffect, useRef, useState } from 'react'
import { LEFT, RIGHT, scaleOf, spanOf, TreadLine, type TreadProps, type View, WIDTH } from './TreadLine'

/** The end of an item, which can be drawn. */
export interface Edge {
  /** what it is the end of, and where it is, s */
  label: string
  atSeconds: number
  /** what drawing it so far would make, in words; undefined = nothing */
  saysAt: (bySeconds: number) => string | undefined
  /** it was let go there */
  onDraw: (bySeconds: number) => void
}

interface Props extends Omit<TreadProps, 'atSeconds' | 'view'> {
  atSeconds: number | undefined
  onMove: (second: number) => void
  /** what stands at a second, for the eyes and for a screen reader */
  says: string
  /** of what is selected */
  edge?: Edge | undefined
}

const MOST_ZOOM = 8
/** An arrow key draws the end so far, s; with Shift more. */
const KEY_SECONDS = 5
const FAR_SECONDS = 20

/** The window that shows a moment at some zoom, s. */
export function viewAround(second: number, zoom: number, span: number): View {
  const width = span / zoom
  const from = Math.min(span - width, Math.max(0, second - width / 2))
  return { from, until: from + width }
}

/** A line at the end of what is selected: drawn to a side it makes more or less of it. */
function EdgeHandle({ edge, view, perSecond }: { edge: Edge; view: View; perSecond: () => number }) {
  const [by, setBy] = useState(0)
  const began = useRef<number>(undefined)
  // another dose has come of it, or something else is selected
  // biome-ignore lint/correctness/useExhaustiveDependencies: they say when
  useEffect(() => setBy(0), [edge.atSeconds, edge.label])
  const { atSeconds } = edge
  if (atSeconds < view.from || atSeconds > view.until) return null
  const at = (second: number) => `${(scaleOf(view)(second) / WIDTH) * 100}%`
  const words = edge.saysAt(by)
  const letGo = () => {
    if (began.current === undefined) return
    began.current = undefined
    if (by !== 0 && words !== undefined) edge.onDraw(by)
    else setBy(0)
  }
  return (
    <>
      <div
        role="slider"
        tabIndex={0}
        aria-label={`End of ${edge.label}: arrows make it longer or shorter`}
        aria-valuenow={Math.round(atSeconds)}
        aria-valuetext={words ?? ''}
        className="absolute top-0 z-20 flex h-[88%] w-5 -translate-x-1/2 cursor-ew-resize touch-none justify-center"
        style={{ left: at(Math.min(view.until, Math.max(view.from, atSeconds + by))) }}
        onPointerDown={(event) => {
          event.currentTarget.setPointerCapture(event.pointerId)
          began.current = event.clientX
        }}
        onPointerMove={({ clientX }) => began.current !== undefined && setBy((clientX - began.current) / perSecond())}
        onPointerUp={letGo}
        onPointerCancel={() => {
          began.current = undefined
          setBy(0)
        }}
        onKeyDown={(event) => {
          const way = event.key === 'ArrowRight' ? 1 : event.key === 'ArrowLeft' ? -1 : 0
          if (way === 0) return
          event.preventDefault()
          const step = way * (event.shiftKey ? FAR_SECONDS : KEY_SECONDS)
          // as far as it takes until it is another dose
          for (let so = 1; so <= FAR_SECONDS; so++) if (edge.saysAt(step * so) !== edge.saysAt(0)) return edge.onDraw(step * so)
        }}
      >
        <span className="h-full w-1 bg-plum" />
      </div>
      {by !== 0 && words !== undefined && (
        <p
          role="status"
          className="absolute top-0 z-20 bg-plum px-2 text-[0.94rem] text-paper"
          style={{ left: `calc(${at(Math.min(view.until, atSeconds + by))} + 12px)` }}
        >
          {words}
        </p>
      )}
    </>
  )
}

/**
 * A hand along the stair: drag, tap or use the arrow keys to look at any moment of the class; nearer and further; the end of what is selected can be
 * drawn.
 */
export function TreadScrubber({ atSeconds, onMove, says, edge, ...drawn }: Props) {
  const { line, promisedSeconds } = drawn
  const span = spanOf(line, promisedSeconds)
  const [zoom, setZoom] = useState(1)
  const [from, setFrom] = useState(0)
  const box = useRef<HTMLDivElement>(null)
  const width = span / zoom
  const start = Math.min(Math.max(0, from), span - width)
  const view: View = { from: start, until: start + width }
  const centre = () => edge?.atSeconds ?? atSeconds ?? start + width / 2
  const zoomTo = (next: number) => {
    setZoom(next)
    setFrom(viewAround(centre(), next, span).from)
  }
  const pan = (by: number) => setFrom(Math.min(span - width, Math.max(0, start + by * width * 0.75)))
  const button = 'flex h-8 w-8 items-center justify-center bg-paper/80 hover:text-plum disabled:opacity-40'
  return (
    <div ref={box} className="group/stair relative">
      <TreadLine {...drawn} view={view} {...(atSeconds !== undefined && { atSeconds })} />
      <Slider.Root
        className="absolute inset-y-0 flex touch-pan-y items-center"
        style={{ left: `${(LEFT / WIDTH) * 100}%`, right: `${(RIGHT / WIDTH) * 100}%` }}
        min={Math.round(view.from)}
        max={Math.round(view.until)}
        step={zoom > 1 ? 1 : 5}
        value={[Math.min(view.until, Math.max(view.from, atSeconds ?? 0))]}
        onValueChange={([second]) => onMove(second ?? 0)}
      >
        <Slider.Track className="h-full grow cursor-col-resize" />
        <Slider.Thumb aria-label="Moment of the class" aria-valuetext={says} className="block h-24 w-3 cursor-col-resize rounded-none" />
      </Slider.Root>
      {edge && (
        <EdgeHandle edge={edge} view={view} perSecond={() => ((box.current?.clientWidth ?? WIDTH) * (WIDTH - LEFT - RIGHT)) / WIDTH / width} />
      )}
      <div className="absolute right-8 -top-1 z-10 flex max-sm:hidden">
        {zoom > 1 && (
          <>
            <button type="button" className={button} aria-label="Earlier part" disabled={start <= 0} onClick={() => pan(-1)}>
              <ChevronLeft size={18} aria-hidden="true" />
            </button>
            <button type="button" className={button} aria-label="Later part" disabled={start + width >= span} onClick={() => pan(1)}>
              <ChevronRight size={18} aria-hidden="true" />
            </button>
            <button type="button" className={button} aria-label="Further away" onClick={() => zoomTo(zoom / 2)}>
              <ZoomOut size={18} aria-hidden="true" />
            </button>
          </>
        )}
        <button type="button" className={button} aria-label="Nearer" disabled={zoom >= MOST_ZOOM} onClick={() => zoomTo(zoom * 2)}>
          <ZoomIn size={18} aria-hidden="true" />
        </button>
      </div>
    </div>
  )
}
