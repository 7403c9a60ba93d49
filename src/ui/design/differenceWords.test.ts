import { expect, test } from 'vitest'
import type { Item, PlanDifference } from '@/core/plan'
import { differenceWords } from './differenceWords'

const item: Item = { id: 'i', variant: 'row/band-light' }
const nameOf = ({ variant }: Item) => (variant === 'row/squeeze' ? 'Row, hard squeeze' : 'Row, band')

test.each<[PlanDifference, string]>([
  [{ kind: 'plan', what: 'minutes promised', from: '20', to: '30' }, 'Minutes promised: 20 → 30'],
  [{ kind: 'item-version', item, from: { id: 'i', variant: 'row/squeeze' } }, 'Instead of Row, hard squeeze: Row, band'],
  [{ kind: 'item-dose', item, from: '2 × 10', to: '2 × 12' }, 'Row, band: 2 × 10 → 2 × 12'],
  [{ kind: 'item-moved', item }, 'Moved: Row, band'],
  [{ kind: 'block-changed', block: 'Round', from: 'Round, 2 rounds', to: 'Round, 3 rounds' }, 'Block: Round, 2 rounds → Round, 3 rounds'],
  [{ kind: 'block-changed', block: 'Round', from: 'same', to: 'same' }, 'Round: changed'],
  [{ kind: 'phase-removed', phase: 'Balance' }, 'Part taken out: Balance'],
])('%j', (difference, words) => expect(differenceWords(difference, nameOf)).toBe(words))
