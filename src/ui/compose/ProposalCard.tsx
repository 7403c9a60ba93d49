import { PART_TITLES } from '@/core/compose'
import { clock } from '@/core/timing'
import type { ProposalView, ProposedItem } from '@/workers/composerContract'
import { blockWords } from '../design/rowWords'
import { FigureDrawing } from '../figure/FigureDrawing'
import { list } from '../shell/list'
import { TreadSilhouette } from '../tread/Silhouette'
import { givenUpWords, whyWords } from './composeWords'

interface Props {
  title: string
  proposal: ProposalView
  minutes: number
  kept: ReadonlySet<string>
  nameOf: (movement: string) => string
  onTake: () => void
  onKeep: (movement: string, on: boolean) => void
  onOther: (item: ProposedItem) => void
  busy: boolean
}

/** How much better any class could be. */
const gapWords = (gap: number | undefined): string =>
  gap === undefined ? 'Found by trying; better ones are looked for.' : `No class is worth more than ${(gap * 100).toFixed(1)} % more to this brief.`

const blocksIn = ({ plan }: ProposalView, part: string) => plan.phases.find(({ id }) => id === part)?.blocks ?? []

/** A composed class: its stair, its movements with why each is there, and what was given up. */
export function ProposalCard({ title, proposal, minutes, kept, nameOf, onTake, onKeep, onOther, busy }: Props) {
  const { line, seconds, parts, givenUp, tooLong, gap } = proposal
  return (
    <section aria-label={title} className="flex min-w-0 flex-col gap-2 border-t-2 border-plum pt-2">
      <div className="flex flex-wrap items-baseline justify-between gap-x-3">
        <h2>{title}</h2>
        <p>
          <b>{clock(seconds)}</b> <span className="text-soft">of {minutes}:00</span>
        </p>
      </div>
      <TreadSilhouette line={line} className="h-12 w-full" />
      <button type="button" className="quiet self-start" onClick={onTake}>
        Take this class
      </button>
      <p className="text-[0.94rem] text-soft">{gapWords(gap)}</p>
      {(givenUp.length > 0 || tooLong.length > 0) && (
        <ul className="text-[0.94rem]" aria-label="Given up">
          {givenUp.map((given) => (
            <li key={JSON.stringify(given)}>{givenUpWords(given, nameOf)}</li>
          ))}
          {tooLong.length > 0 && (
            <li>
              Active for less than this lasts: {list(tooLong.map(({ name, minutes: most }) => `${name} ${most} min`))}. They rest or go earlier.
            </li>
          )}
        </ul>
      )}
      {parts.map(({ part, seconds: long, items }) => (
        <div key={part}>
          <h3 className="flex justify-between border-b border-line">
            <span>{PART_TITLES[part]}</span>
            <span className="text-soft">{clock(long)}</span>
          </h3>
          {blocksIn(proposal, part).map((block, _, all) => (
            <div key={block.id}>
              {/* where all stands in straight sets nothing need be said */}
              {all.some(({ format }) => format !== 'straight') && (
                <p className="border-b border-line py-1 text-[0.94rem] text-soft">{blockWords(block)}</p>
              )}
              <ul>
                {items
                  .filter(({ id }) => block.items.some((one) => one.id === id))
                  .map((item) => (
                    <ProposedRow
                      key={item.id}
                      item={item}
                      isKept={kept.has(item.movementId)}
                      busy={busy}
                      onKeep={(on) => onKeep(item.movementId, on)}
                      onOther={() => onOther(item)}
                    />
                  ))}
              </ul>
            </div>
          ))}
        </div>
      ))}
    </section>
  )
}

interface RowProps {
  item: ProposedItem
  isKept: boolean
  busy: boolean
  onKeep: (on: boolean) => void
  onOther: () => void
}

/** A movement of a composed class, with why it is there. */
function ProposedRow({ item, isKept, busy, onKeep, onOther }: RowProps) {
  return (
    <li className="grid grid-cols-[2.5rem_1fr_auto] gap-x-2 border-b border-line py-1">
      {item.drawing ? <FigureDrawing drawing={item.drawing} label="" className="h-11 w-10" /> : <span />}
      <div className="min-w-0 leading-snug">
        <b>{item.movement}</b> <span className="text-soft">{item.name.toLowerCase()}</span>
        {item.beside.length > 0 && (
          <span className="block text-[0.94rem] text-soft">beside it: {list(item.beside.map((one) => one.toLowerCase()))}</span>
        )}
        <span className="block text-[0.94rem]">{whyWords(item.why)}</span>
      </div>
      <div className="flex flex-col items-end text-[0.94rem]">
        <span className="text-soft">{clock(item.seconds)}</span>
        <label className="flex min-h-6 items-center gap-1">
          <input
            type="checkbox"
            className="size-4 accent-plum"
            aria-label={`Keep ${item.movement}`}
            checked={isKept}
            onChange={({ target }) => onKeep(target.checked)}
          />
          keep
        </label>
        <button type="button" className="link" disabled={busy} aria-label={`Another instead of ${item.movement}`} onClick={onOther}>
          another
        </button>
      </div>
    </li>
  )
}
