import type { ModelItem } from '@/core/evaluate'
import { amountWords, type Block, formatLabel, formatWords, QUIET_KINDS } from '@/core/plan'
import { clock } from '@/core/timing'

/** The amount of an item where its block, not its dose, says it; undefined = the dose does. */
export function amountInBlock({ dose, planDose }: ModelItem, block: Block): string | undefined {
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

/** Rest, load and effort, as far as they are said. */
export function detailWords({ dose, planDose }: ModelItem, asRest = false): string {
  const { restSeconds, sets, sides } = planDose
  return [
    asRest ? 'moving rest' : '',
    sides === 'left' || sides === 'right' ? sides : '',
    dose.loadKg > 0 ? `${dose.loadKg} kg` : '',
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
