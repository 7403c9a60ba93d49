'use client'
import { type Drawing, draw, type Figure, pose, REFERENCE_BODY, solve } from '@/core/body'
import type { Vec } from '@/core/body/vector'
import type { BodyRegion, Site } from '@/core/client/record'
import { FigureDrawing } from '../figure/FigureDrawing'

const FIGURE = solve(pose('stand'), REFERENCE_BODY)
const mid = (a: Vec, b: Vec): Vec => [(a[0] + b[0]) / 2, (a[1] + b[1]) / 2, (a[2] + b[2]) / 2]

/** Where each region lies on the standing figure. */
function placeOf({ arms, legs, head, neckBase, waist, lumbar }: Figure, region: BodyRegion): Vec {
  const side = region.startsWith('left-') ? 'left' : 'right'
  const arm = arms[side]
  const leg = legs[side]
  switch (region.replace(/^(left|right)-/, '')) {
    case 'head':
      return head
    case 'neck':
      return mid(head, neckBase)
    case 'shoulder':
      return arm.shoulder
    case 'chest':
    case 'upper-back':
      return mid(neckBase, waist)
    case 'elbow':
      return arm.elbow
    case 'hand':
      return arm.hand
    case 'belly':
    case 'low-back':
      return lumbar
    case 'hip':
      return leg.hip
    case 'thigh':
      return mid(leg.hip, leg.knee)
    case 'knee':
      return leg.knee
    case 'shin':
      return mid(leg.knee, leg.ankle)
    default:
      return leg.ball
  }
}

const FRONT: BodyRegion[] = [
  'head',
  'right-shoulder',
  'left-shoulder',
  'chest',
  'right-elbow',
  'left-elbow',
  'belly',
  'right-hand',
  'left-hand',
  'right-hip',
  'left-hip',
  'right-thigh',
  'left-thigh',
  'right-knee',
  'left-knee',
  'right-shin',
  'left-shin',
  'right-foot',
  'left-foot',
]
/** Where the Tab key comes in first. */
const FIRST: BodyRegion = 'left-shoulder'
const BACK: BodyRegion[] = ['neck', 'upper-back', 'low-back']
const NEXT = { none: 'pain', pain: 'care', care: 'none' } as const
const WORDS = { none: 'nothing marked', pain: 'pain', care: 'care', sore: 'sore today' } as const
const MARKS: Record<keyof typeof WORDS, string> = { none: '·', pain: 'P', care: 'C', sore: 'S' }

/** The place that lies next in the direction of an arrow, as it is seen; the nearest whose way there is mostly that direction. */
function nextPlace(from: HTMLElement, all: readonly HTMLElement[], key: string): HTMLElement | undefined {
  const ways: Record<string, readonly [number, number]> = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }
  const way = ways[key]
  if (!way) return undefined
  const middle = (one: HTMLElement) => {
    const { left, top, width, height } = one.getBoundingClientRect()
    return [left + width / 2, top + height / 2] as const
  }
  const [x, y] = middle(from)
  const reached = all.flatMap((one) => {
    const [ahead, aside] = [
      (middle(one)[0] - x) * way[0] + (middle(one)[1] - y) * way[1],
      Math.abs((middle(one)[0] - x) * way[1]) + Math.abs((middle(one)[1] - y) * way[0]),
    ]
    return ahead > 2 ? [{ one, far: ahead + 2 * aside }] : []
  })
  return reached.sort((a, b) => a.far - b.far)[0]?.one
}

/** Arrows go from place to place; the chart is one stop of the Tab key, at the place that had the focus last. */
function moveOnChart(event: React.KeyboardEvent<HTMLElement>) {
  const places = [...event.currentTarget.querySelectorAll<HTMLElement>('[data-region]')]
  const next = nextPlace(event.target as HTMLElement, places, event.key)
  if (!next) return
  event.preventDefault()
  for (const one of places) one.tabIndex = -1
  next.tabIndex = 0
  next.focus()
}

function View({
  title,
  drawing,
  yaw,
  regions,
  stateOf,
  onPress,
  forThumbs = false,
}: {
  title: string
  drawing: Drawing
  yaw: 0 | 180
  regions: readonly BodyRegion[]
  stateOf: (region: BodyRegion) => keyof typeof WORDS
  onPress: (region: BodyRegion) => void
  /** places as large as a thumb */
  forThumbs?: boolean
}) {
  const [left, top, width, height] = drawing.box
  return (
    <div className={forThumbs ? 'min-w-0 flex-1' : 'w-52'}>
      <p className="text-center text-soft">{title}</p>
      <div
        className="relative mx-auto"
        style={{
          aspectRatio: `${width} / ${height}`,
          ...(forThumbs ? { width: '100%', maxWidth: '13rem' } : { width: `${Math.min(100, (width / height) * 260)}%`, minWidth: '11rem' }),
        }}
      >
        <FigureDrawing drawing={drawing} label="" className="absolute inset-0 size-full opacity-70" />
        {regions.map((region) => {
          const at = placeOf(FIGURE, region)
          const x = yaw === 0 ? -at[0] : at[0]
          const state = stateOf(region)
          return (
            <button
              key={region}
              type="button"
              data-region={region}
              tabIndex={region === FIRST && yaw === 0 ? 0 : -1}
              aria-label={`${region.replace('-', ' ')}: ${WORDS[state]}`}
              onClick={() => onPress(region)}
              className={`absolute flex ${forThumbs ? 'size-11' : 'size-7'} -translate-x-1/2 -translate-y-1/2 items-center justify-center border-2 font-bold ${state === 'none' ? `border-dashed border-soft ${forThumbs ? 'rounded-full opacity-60' : 'bg-sheet/70'} text-transparent` : state === 'pain' || state === 'sore' ? 'border-plum bg-plum text-on-plum' : 'rounded-full border-ink bg-sheet text-ink'}`}
              style={{ left: `${((x - left) / width) * 100}%`, top: `${((-at[2] - top) / height) * 100}%` }}
            >
              {MARKS[state]}
            </button>
          )
        })}
      </div>
    </div>
  )
}

const FRONT_DRAWING = draw(FIGURE, 0)
const BACK_DRAWING = draw(FIGURE, 180)

/** Front and back of a body; each place is pressed through pain, care and nothing. */
export function BodyChart({ sites, onChange }: { sites: Site[]; onChange: (sites: Site[]) => void }) {
  const stateOf = (region: BodyRegion) => sites.find((site) => site.region === region)?.kind ?? 'none'
  const press = (region: BodyRegion) => {
    const next = NEXT[stateOf(region)]
    const others = sites.filter((site) => site.region !== region)
    onChange(next === 'none' ? others : [...others, { region, kind: next }])
  }
  return (
    <div>
      {/* biome-ignore lint/a11y/noStaticElementInteractions: the keys are those of the buttons inside */}
      <div className="flex flex-wrap gap-8" onKeyDown={moveOnChart}>
        <View title="Front" drawing={FRONT_DRAWING} yaw={0} regions={FRONT} stateOf={stateOf} onPress={press} />
        <View title="Back" drawing={BACK_DRAWING} yaw={180} regions={BACK} stateOf={stateOf} onPress={press} />
        <div className="max-w-64">
          <p className="text-soft">
            Press a place once for pain (P), twice for care (C), a third time to clear it. Arrow keys go from place to place.
          </p>
          <ul aria-label="Marked places" className="mt-2">
            {sites.map(({ region, kind }) => (
              <li key={region}>
                {region.replace('-', ' ')}: {kind}
              </li>
            ))}
          </ul>
          <p className="mt-2 text-[0.94rem] text-soft">A mark reminds; it sets no limits. Limits come from conditions.</p>
        </div>
      </div>
    </div>
  )
}

/** The same body for today: each place is sore or not. */
export function SorePlaces({ sore, onToggle }: { sore: readonly BodyRegion[]; onToggle: (region: BodyRegion) => void }) {
  const stateOf = (region: BodyRegion) => (sore.includes(region) ? 'sore' : 'none')
  return (
    // biome-ignore lint/a11y/noStaticElementInteractions: the keys are those of the buttons inside
    <div className="flex justify-center gap-4 px-3" onKeyDown={moveOnChart}>
      <View title="Front" drawing={FRONT_DRAWING} yaw={0} regions={FRONT} stateOf={stateOf} onPress={onToggle} forThumbs />
      <View title="Back" drawing={BACK_DRAWING} yaw={180} regions={BACK} stateOf={stateOf} onPress={onToggle} forThumbs />
    </div>
  )
}
