import { type FigureVariant, MovingFigure } from '../figure/MovingFigure'
import type { Track } from './leadWords'
import type { LeadPack } from './pack'

interface Props {
  pack: LeadPack
  tracks: readonly Track[]
  figures: ReadonlyMap<string, FigureVariant>
  moving: boolean
  drive: () => number
  /** who does what is changed by a press on the version */
  onOpen?: () => void
  /** for a room: as large as there is space */
  tall?: boolean
}

/** The versions that people take, side by side: figure, name as one says it, and by first name who takes it. */
export function LeadVersions({ pack, tracks, figures, moving, drive, onOpen, tall = false }: Props) {
  return (
    <ul className="flex h-full min-h-0 flex-wrap gap-x-6 gap-y-2">
      {tracks.map(({ variant, people }) => {
        const about = pack.variants[variant]
        const figure = figures.get(variant)
        return (
          <li key={variant} className="flex min-h-0 min-w-52 flex-1 flex-col">
            {figure && (
              <MovingFigure
                variant={figure}
                label={about?.picture ?? ''}
                moving={moving}
                drive={drive}
                className={tall ? 'h-[46vh] w-full' : 'h-[22vh] w-full'}
              />
            )}
            <h3 className={tall ? 'text-[2rem]' : 'text-[1.4rem]'}>
              {onOpen ? (
                <button type="button" className="text-left underline decoration-line underline-offset-8" onClick={onOpen}>
                  {about?.name ?? variant}
                </button>
              ) : (
                (about?.name ?? variant)
              )}
            </h3>
            {people.length > 0 && (
              <p className="text-[1.15rem]">
                {people.map(({ id, name, words }, index) => (
                  <span key={id}>
                    {index > 0 && ', '}
                    <b>{name}</b>
                    {words !== '' && ` (${words})`}
                  </span>
                ))}
              </p>
            )}
          </li>
        )
      })}
    </ul>
  )
}
