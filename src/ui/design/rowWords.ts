import type { ModelItem } from '@/core/evaluate'
import { amountWords, type Block, formatLabel, formatWords, type Item, LEVEL_LETTERS, QUIET_KINDS, wholeItem } from '@/core/plan'
import { clock } from '@/core/timing'
import { groupedBy, type MassUnit, sayMass } from '@/core/vocabulary'

/** A row with the dose that its item has in the plan now: what was typed is seen before it is judged. */
export const asTyped = (row: ModelItem, item: Item | undefined): ModelItem =>
  item?.dose && row.id === item.id && !row.sets ? { ...row, planDose: item.dose } : row

/** The amount of an item where its block, or the set it stands for, says it; undefined = the dose does. */
export function amountInBlock(item: ModelItem, block: Block): string | undefined {
  const { sets } = item
  const inBlock = byBlock(item, block)
  return sets ? `set ${sets.numbers.join(', ')}: ${inBlock ?? amountWords(sets.amount)}` : inBlock
}

function byBlock({ dose, planDose }: ModelItem, block: Block): string | undefined {
  switch (block.format) {
    case 'intervals':
      return block.stretches ? 'stretches' : `${block.workSeconds} s`
    case 'circuit':
    case 'alternated': {
      if (block.format === 'circuit' && block.workSeconds !== undefined) return `${block.workSeconds} s`
      return amountWords({ ...planDose, sets: dose.sets })
    }
    case 'song':
      return dose.workSeconds === undefined ? undefined : clock(dose.workSeconds)
    case 'laps':
      return `${dose.sets} ${dose.sets === 1 ? 'lap' : 'laps'}`
    case 'open':
      return `about ${planDose.workSeconds ?? block.expectedSeconds} s`
    default:
      return undefined
  }
}

/** Rows of the plan's items, by their id: the item, then the versions in which some of its sets are done. */
export const rowsByItem = (items: readonly ModelItem[]): Map<string, { item: ModelItem; index: number }[]> =>
  groupedBy(
    items.map((item, index) => ({ item, index })),
    ({ item }) => wholeItem(item.id),
  )

/** Of an item with levels, the letter of everybody's level, with spaces; empty where there are no levels. */
export const lettersOf = ({ levels, cells }: ModelItem): string =>
  levels
    ? cells.map(({ use }) => (use.kind === 'does' ? (LEVEL_LETTERS[levels.findIndex(({ id }) => id === use.variant)] ?? '-') : '-')).join(' ')
    : ''

/** Rest, load and effort, as far as they are said. */
export function detailWords({ dose, planDose }: ModelItem, unit: MassUnit, asRest = false): string {
  const { restSeconds, sets, sides } = planDose
  return [
    asRest ? 'moving rest' : '',
    sides === 'left' || sides === 'right' ? sides : '',
    dose.loadKg > 0 ? sayMass(dose.loadKg, unit) : '',
    restSeconds !== undefined && sets > 1 ? `${restSeconds} s rest` : '',
    `effort ${dose.rpe}`,
  ]
    .filter(Boolean)
    .join(' · ')
}

/** What stands over a block: its title, how it runs, and what it is for. */
export function blockWords(block: Block): string {
  if (block.format === 'quiet') return block.title || QUIET_KINDS[block.what]
  return [
    block.title,
    (block.format === 'straight' && block.title) || block.title === formatLabel(block.format) ? '' : formatLabel(block.format),
    formatWords(block),
  ]
    .filter(Boolean)
    .join(' · ')
}
