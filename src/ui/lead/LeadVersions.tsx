import { type FigureVariant, MovingFigure } from '../figure/MovingFigure'
import { grouped, list } from '../shell/list'
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

/** How much of the width a version has beside others: many names take fewer lines, a few still leave room for a figure. */
const shareOf = (people: number): number => Math.min(2.75, Math.max(1, people / 4))

/** The versions that people take, side by side: figure, name as one says it, and by first name who takes it. */
export function LeadVersions({ pack, tracks, figures, moving, drive, onOpen, tall = false }: Props) {
  return (
    <ul className="flex h-full flex-wrap gap-x-6 gap-y-2">
      {tracks.map(({ variant, people }) => {
        const about = pack.variants[variant]
        const figure = figures.get(variant)
        const plain = people.flatMap(({ name, words }) => (words === '' ? [name] : []))
        return (
          <li
            key={variant}
            className={`flex flex-col ${tall ? 'min-w-52' : 'min-w-40 max-sm:min-w-52'}`}
            style={{ flex: `${tall ? 1 : shareOf(people.length)} 1 0` }}
          >
            {figure && (
              <MovingFigure
                variant={figure}
                label={about?.picture ?? ''}
                moving={moving}
                drive={drive}
                className={tall ? 'h-[46vh] w-full' : 'min-h-24 w-full flex-1 basis-0 max-md:h-[22vh] max-md:flex-none'}
              />
            )}
            <h3 className={tall ? 'text-[2rem]' : 'mb-0.5 text-[clamp(1.3rem,1.8vw,2.6rem)] leading-tight'}>
              {onOpen ? (
                <button type="button" className="text-left underline decoration-line underline-offset-4" onClick={onOpen}>
                  {about?.name ?? variant}
                </button>
              ) : (
                (about?.name ?? variant)
              )}
            </h3>
            {people.length > 0 && (
              <p className="text-[clamp(1.25rem,1.7vw,2.4rem)] leading-snug">
                <b>{list(plain)}</b>
                {grouped(people.filter(({ words }) => words !== '')).map(({ words, names }, index) => (
                  <span key={words}>
                    {(index > 0 || plain.length > 0) && '; '}
                    <b>{list(names)}</b>: {words}
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
