import type { Drawing, Tone } from '@/core/body'

export const FILL: Record<Tone, string> = {
  skin: 'var(--fig-skin)',
  hair: 'var(--fig-hair)',
  top: 'var(--fig-top)',
  topFar: 'var(--fig-top-far)',
  legs: 'var(--fig-legs)',
  legsFar: 'var(--fig-legs-far)',
  shoe: 'var(--fig-shoe)',
  prop: 'var(--fig-prop)',
  propFar: 'var(--fig-prop-far)',
  load: 'var(--fig-load)',
  band: 'var(--fig-load)',
  ground: 'var(--line)',
}

/** A drawing as SVG. Each layer is painted as one silhouette with a thin gap round it, so that near limbs stand out from far ones. */
export function FigureDrawing({
  drawing,
  label,
  className,
  box = drawing.box,
}: {
  drawing: Drawing
  /** what it shows, in words; empty where the words stand beside it */
  label: string
  className?: string
  box?: Drawing['box']
}) {
  return (
    <svg
      viewBox={box.join(' ')}
      className={className}
      role={label === '' ? undefined : 'img'}
      aria-hidden={label === '' ? true : undefined}
      aria-label={label === '' ? undefined : label}
      preserveAspectRatio="xMidYMax meet"
    >
      {drawing.layers.map((layer, index) => (
        <g key={index}>
          {layer.shapes.map((shape, part) =>
            shape.line ? null : <path key={part} d={shape.path} fill="none" stroke="var(--fig-gap)" strokeWidth={0.018} strokeLinejoin="round" />,
          )}
          {layer.shapes.map((shape, part) =>
            shape.line ? (
              <path
                key={part}
                d={shape.path}
                fill="none"
                stroke={FILL[shape.tone]}
                strokeWidth={shape.line}
                strokeLinejoin="round"
                strokeLinecap="round"
              />
            ) : (
              <path key={part} d={shape.path} fill={FILL[shape.tone]} />
            ),
          )}
        </g>
      ))}
    </svg>
  )
}

/** The smallest box that holds all drawings, so that poses side by side keep one scale. */
export function commonBox(drawings: readonly Drawing[]): Drawing['box'] {
  const left = Math.min(...drawings.map(({ box }) => box[0]))
  const top = Math.min(...drawings.map(({ box }) => box[1]))
  const right = Math.max(...drawings.map(({ box }) => box[0] + box[2]))
  const bottom = Math.max(...drawings.map(({ box }) => box[1] + box[3]))
  return [left, top, right - left, bottom - top]
}
