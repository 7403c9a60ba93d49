import { type Block, type BlockFormat, blockSchema, type Frame } from '@/core/plan'

/** What a format begins with where nothing is said yet. */
const BEGINNINGS: Record<BlockFormat, object> = {
  straight: {},
  alternated: {},
  circuit: { rounds: 2 },
  intervals: { rounds: 3, workSeconds: 40, restSeconds: 20 },
  counts: { bpm: 110 },
  phrase: { bpm: 110 },
  song: { seconds: 180 },
  stations: {},
  laps: { laps: 4 },
  open: {},
  quiet: { what: 'water', seconds: 60 },
}

/** A block of a format without items. */
export const newBlock = (id: string, format: BlockFormat): Block => blockSchema.parse({ id, format, ...BEGINNINGS[format] })

/** The frame of another format, with what both have. */
export function newFrame({ items: _items, ...block }: Block, format: BlockFormat): Frame {
  const { items: _none, ...frame } = newBlock(block.id, format)
  const always = ['optional', 'bpm', 'track', 'pace']
  const shared = [
    'title',
    'pauseAfter',
    'optional',
    'bpm',
    'track',
    'pace',
    'rounds',
    'restBetweenSeconds',
    'restAfterRoundSeconds',
    'workSeconds',
  ] as const
  const kept = shared.filter((key) => (key in frame || always.includes(key)) && key in block)
  return { ...frame, ...Object.fromEntries(kept.map((key) => [key, (block as Record<string, unknown>)[key]])) } as Frame
}
