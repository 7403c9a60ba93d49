import type { Item, PlanDifference } from '@/core/plan'
import { sentence } from '../shell/list'

/** One way in which a plan has changed, as a line. @param nameOf what an item is called, with its version */
export function differenceWords(difference: PlanDifference, nameOf: (item: Item) => string): string {
  switch (difference.kind) {
    case 'plan':
      return `${sentence(difference.what)}: ${difference.from} → ${difference.to}`
    case 'phase-added':
      return `Part added: ${difference.phase}`
    case 'phase-removed':
      return `Part taken out: ${difference.phase}`
    case 'block-added':
      return `Block added: ${difference.block}`
    case 'block-removed':
      return `Block taken out: ${difference.block}`
    case 'block-changed':
      return difference.from === difference.to ? `${difference.block}: changed` : `Block: ${difference.from} → ${difference.to}`
    case 'item-added':
      return `Added: ${nameOf(difference.item)}`
    case 'item-removed':
      return `Taken out: ${nameOf(difference.item)}`
    case 'item-moved':
      return `Moved: ${nameOf(difference.item)}`
    case 'item-noted':
      return `${nameOf(difference.item)}: note, or whether it is done only if there is time`
    case 'item-version':
      return `Instead of ${nameOf(difference.from)}: ${nameOf(difference.item)}`
    case 'item-dose':
      return `${nameOf(difference.item)}: ${difference.from} → ${difference.to}`
  }
}
