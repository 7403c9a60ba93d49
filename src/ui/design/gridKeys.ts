import { bringNear } from '../shell/useNear'
import type { TableIntents } from './selection'

/** Columns left of the first person. */
export const NAME_COLUMN = -2
export const DOSE_COLUMN = -1
/** Rows and columns that a key moves by; far ones stop at the end of the row. */
const STEPS: Record<string, [number, number]> = {
  ArrowLeft: [0, -1],
  ArrowRight: [0, 1],
  ArrowUp: [-1, 0],
  ArrowDown: [1, 0],
  Home: [0, Number.NEGATIVE_INFINITY],
  End: [0, Number.POSITIVE_INFINITY],
}

const focusCell = (grid: HTMLElement, row: number, column: number): boolean => {
  const cell = (at: number) => grid.querySelector<HTMLElement>(`[data-cell="${row},${at}"]`)
  const dose = cell(column) ? null : cell(DOSE_COLUMN)?.closest('td')
  // who has scrolled away with the wheel goes on from the cell that has the focus, in rows that are not drawn there
  if (dose) bringNear(dose)
  const next = cell(column)
  next?.focus()
  return next !== null
}

/** The whole table is one stop of the Tab key: the cell that had the focus last is the one it comes back to. */
export function keepStop(event: React.FocusEvent<HTMLElement>) {
  if ((event.target as HTMLElement).dataset.cell === undefined) return
  for (const one of event.currentTarget.querySelectorAll<HTMLElement>('[data-cell][tabindex="0"]')) one.tabIndex = -1
  event.target.tabIndex = 0
}

/** The row and column of a cell, and the item that it is of. */
function cellAt(target: HTMLElement): { row: number; column: number; item: string } | undefined {
  const [row, column] = target.dataset.cell?.split(',').map(Number) ?? []
  const item = target.closest('tr')?.dataset.item
  return row === undefined || column === undefined || item === undefined ? undefined : { row, column, item }
}

/**
 * Keys in the plan: arrows and the ends of a row, a step along the ladder, the dose, another place, taken out.
 *
 * @param people how many columns of people there are
 */
export function gridKey(
  event: React.KeyboardEvent<HTMLElement>,
  people: number,
  intents: Pick<TableIntents, 'onSelect' | 'onStep' | 'onMove' | 'onRemove'>,
) {
  const at = cellAt(event.target as HTMLElement)
  if (!at) return
  const { row, column, item } = at
  const grid = event.currentTarget
  const did = (): boolean => {
    if (event.altKey && (event.key === 'ArrowUp' || event.key === 'ArrowDown')) {
      intents.onMove(item, event.key === 'ArrowUp' ? -1 : 1)
      // the row keeps the focus at its new place
      setTimeout(() => grid.querySelector<HTMLElement>(`tr[data-item="${item}"] [data-cell$=",${column}"]`)?.focus())
      return true
    }
    if (event.altKey || event.ctrlKey || event.metaKey) return false
    switch (event.key) {
      case '[':
        intents.onStep(item, 'gentler')
        return true
      case ']':
        intents.onStep(item, 'harder')
        return true
      case 'Delete':
        intents.onRemove(item)
        return true
      case 'd':
        grid.querySelector<HTMLElement>(`[data-cell="${row},${DOSE_COLUMN}"]`)?.click()
        return true
    }
    const step = STEPS[event.key]
    if (!step) return false
    const went = focusCell(grid, row + step[0], Math.max(NAME_COLUMN, Math.min(people - 1, column + step[1])))
    const next = (document.activeElement as HTMLElement | null)?.closest('tr')?.dataset.item
    if (went && event.shiftKey && step[0] !== 0 && next !== undefined) {
      // nothing was taken yet: the row that is left is the first
      if (grid.querySelector('tr[data-item][data-chosen]') === null) intents.onSelect({ kind: 'item', item })
      intents.onSelect({ kind: 'item', item: next }, 'up-to')
    }
    return went
  }
  if (did()) event.preventDefault()
}
