import { z } from 'zod'
import { alternated, alternatedSchema } from './alternated'
import { circuit, circuitSchema } from './circuit'
import type { BlockRun, Placed, Step } from './common'
import { counts, countsSchema } from './counts'
import { intervals, intervalsSchema } from './intervals'
import { laps, lapsSchema } from './laps'
import { open, openSchema } from './open'
import { phrase, phraseSchema } from './phrase'
import { quiet, quietSchema } from './quiet'
import { song, songSchema } from './song'
import { stations, stationsSchema } from './stations'
import { straight, straightSchema } from './straight'
import { inVersions, isSetVersion } from './versions'

/** A block of a plan, by its format. */
export const blockSchema = z.discriminatedUnion('format', [
  straightSchema,
  alternatedSchema,
  circuitSchema,
  intervalsSchema,
  countsSchema,
  phraseSchema,
  songSchema,
  stationsSchema,
  lapsSchema,
  openSchema,
  quietSchema,
])
export type Block = z.output<typeof blockSchema>
export type BlockFormat = Block['format']
type RunOf<F extends BlockFormat> = BlockRun<Extract<Block, { format: F }>>

const RUNS: { [F in BlockFormat]: RunOf<F> } = { straight, alternated, circuit, intervals, counts, phrase, song, stations, laps, open, quiet }
export const BLOCK_FORMATS = Object.keys(RUNS) as BlockFormat[]

const runOf = (format: BlockFormat) => RUNS[format] as BlockRun<Block>
/** The name of a format, as it is chosen. */
export const formatLabel = (format: BlockFormat): string => runOf(format).label
/** How a block runs, in a few words; empty where there is nothing to add. */
export const formatWords = (block: Block): string => runOf(block.format).words(block)
/** What happens in a block, in order. @param items those of the block, with or without the versions of single sets */
export const stepsOf = (block: Block, items: readonly Placed[]): Step[] => {
  const whole = items.filter(({ id }) => !isSetVersion(id))
  return inVersions(runOf(block.format).steps(block, whole), whole)
}

export { type Placed, ratesSchema, type Step } from './common'
export { QUIET_KINDS, type QuietKind } from './quiet'
export { isSetVersion, setVersionId, setVersions, wholeItem } from './versions'
