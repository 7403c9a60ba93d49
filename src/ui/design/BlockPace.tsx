import type { ClassModel } from '@/core/evaluate'
import type { Block, BlockField } from '@/core/plan'
import { type BlockForecast, clock } from '@/core/timing'
import { rangeWords, restsOn } from './paceWords'

interface Props {
  block: Block
  forecast: BlockForecast
  pace: ClassModel['pace']
  /** those of its items, by id */
  movements: readonly string[]
  onSet: (change: Partial<Record<BlockField, unknown>>, unset?: BlockField[]) => void
}

/** How long the block will take, what that rests on, and whether it is to stay so. */
export function BlockPace({ block, forecast, pace: { classes, rates }, movements, onSet }: Props) {
  const { pace } = block
  const says = pace === undefined ? restsOn(classes) : pace === 'house' ? 'house estimate, as you asked' : 'kept at a pace of its own'
  const keep = () => {
    const own = Object.entries(rates.movements).filter(([movement]) => movements.includes(movement))
    onSet({ pace: { ...rates, movements: Object.fromEntries(own) } })
  }
  return (
    <section aria-label="How long it takes">
      <p>
        <b>{clock(forecast.seconds)}</b>, likely {rangeWords(forecast)}: {says}.
      </p>
      <p className="flex flex-wrap gap-x-3">
        {pace !== undefined && (
          <button type="button" className="quiet" onClick={() => onSet({}, ['pace'])}>
            Learn from classes
          </button>
        )}
        {pace !== 'house' && classes > 0 && (
          <button type="button" className="quiet" onClick={() => onSet({ pace: 'house' })}>
            Back to the house estimate
          </button>
        )}
        {pace === undefined && classes > 0 && (
          <button type="button" className="quiet" onClick={keep}>
            Keep this pace
          </button>
        )}
      </p>
    </section>
  )
}
