'use client'
import { useSortable } from '@dnd-kit/sortable'
import { CSS } from '@dnd-kit/utilities'
import { memo } from 'react'
import type { Drawing } from '@/core/body'
import type { Cell } from '@/core/evaluate'
import type { PlanDose } from '@/core/plan'
import { clock } from '@/core/timing'
import { FigureDrawing } from '../figure/FigureDrawing'
import { GridMark, MARK_LETTERS, MARK_WORDS } from '../fit/Mark'
import { useHydrated } from '../shell/useHydrated'
import { useNear } from '../shell/useNear'
import { DoseCell } from './DoseCell'
import { TONES } from './fitWords'
import { DOSE_COLUMN, NAME_COLUMN } from './gridKeys'
import type { TableIntents } from './selection'

interface RowProps {
  id: string
  index: number
  movement: string
  name: string
  amount: string | undefined
  detail: string
  dose: PlanDose
  seconds: number
  optional: boolean
  /** one a person, with spaces */
  marks: string
  /** one a person, with spaces: the level that is theirs, or a dash; empty where there are no levels */
  letters: string
  /** id and name, a line a person */
  people: string
  drawing: Drawing | undefined
  /** what of the row is selected: the row, or the person's cell */
  chosen: string | undefined
  intents: Pick<TableIntents, 'onSelect' | 'onDose'>
}

type RestProps = Omit<RowProps, 'name' | 'optional' | 'drawing'>

/** Equal in all that is shown; a dose is another object with every judgement. */
const alike = <P extends { dose: PlanDose }>(before: P, after: P): boolean =>
  (Object.keys(after) as (keyof P)[]).every((key) =>
    key === 'dose' ? before.dose === after.dose || JSON.stringify(before.dose) === JSON.stringify(after.dose) : before[key] === after[key],
  )

/** Rows whose people are drawn from the start. */
const FIRST_ROWS = 24

/** What stands right of the name: dragging knows nothing of it, so that it is left alone when something else is. */
const RowRest = memo(function RowRest({ id, index, movement, amount, detail, dose, seconds, marks, letters, people, chosen, intents }: RestProps) {
  const everybody =
    people === '' ? [] : people.split('\n').map((line) => [line.slice(0, line.indexOf(' ')), line.slice(line.indexOf(' ') + 1)] as const)
  const each = marks.split(' ') as Cell['mark'][]
  const levels = letters.split(' ')
  const [near, here] = useNear<HTMLTableCellElement>(index < FIRST_ROWS)
  return (
    <>
      <td ref={here} className="p-0">
        <DoseCell
          dose={dose}
          amount={amount}
          detail={detail}
          label={`${movement}: ${amount ?? ''} ${detail}`}
          cell={`${index},${DOSE_COLUMN}`}
          onSay={(said) => intents.onDose(id, said, dose)}
          onSelect={() => intents.onSelect({ kind: 'item', item: id })}
        />
      </td>
      <td className="pr-2 text-right text-[0.94rem] text-soft">{clock(seconds)}</td>
      {/* a thousand cells that nobody sees would be thought about at every painting */}
      {near
        ? everybody.map(([person, called], column) => {
            const mark = each[column] ?? 'planned'
            const level = /[A-C]/.test(levels[column] ?? '') ? levels[column] : undefined
            return (
              <td key={person}>
                <button
                  type="button"
                  data-cell={`${index},${column}`}
                  tabIndex={-1}
                  onClick={() => intents.onSelect({ kind: 'cell', item: id, person })}
                  aria-label={`${called}, ${movement}: ${level ? `level ${level}, ` : ''}${MARK_WORDS[mark]}`}
                  aria-pressed={chosen === person}
                  className={`cell ${TONES[mark]} ${chosen === person ? 'outline outline-2 outline-plum' : ''}`}
                >
                  <GridMark mark={mark} />
                  {level ?? (mark === 'planned' ? '' : MARK_LETTERS[mark])}
                </button>
              </td>
            )
          })
        : everybody.length > 0 && <td colSpan={everybody.length} />}
    </>
  )
}, alike)

/** One item for everybody. All that it shows comes as plain values, so that an edit of another item leaves it alone. */
export const PlanRow = memo(function PlanRow({ name, optional, drawing, ...rest }: RowProps) {
  const { id, index, movement, chosen, intents } = rest
  const drawn = useHydrated()
  const { setNodeRef, listeners, transform, transition, isDragging } = useSortable({ id })
  return (
    <tr
      ref={setNodeRef}
      style={{ transform: CSS.Translate.toString(transform), transition }}
      className={`border-t border-line ${chosen === undefined ? '' : 'bg-sheet shadow-[inset_4px_0_0_var(--plum)]'} ${isDragging ? 'relative z-30 bg-sheet opacity-80' : ''}`}
      data-item={id}
      data-chosen={chosen === undefined ? undefined : ''}
    >
      <th
        scope="row"
        className={`sticky left-0 z-10 p-0 text-left font-normal ${chosen === undefined ? 'bg-paper' : 'bg-sheet shadow-[inset_4px_0_0_var(--plum)]'}`}
      >
        <button
          type="button"
          data-cell={`${index},${NAME_COLUMN}`}
          tabIndex={index === 0 ? 0 : -1}
          onClick={({ shiftKey, ctrlKey, metaKey }) =>
            intents.onSelect({ kind: 'item', item: id }, shiftKey ? 'up-to' : ctrlKey || metaKey ? 'beside' : undefined)
          }
          {...listeners}
          className="group flex h-[47px] w-full items-center gap-2 pl-2 pr-1 text-left"
        >
          <RowFigure drawing={drawn ? drawing : undefined} />
          <span className="min-w-0 leading-tight">
            <span className="block truncate font-semibold group-hover:underline">{movement}</span>
            <span className="block truncate text-[0.85rem] text-soft">
              {optional ? 'if there is time · ' : ''}
              {name}
            </span>
          </span>
        </button>
      </th>
      <RowRest {...rest} />
    </tr>
  )
}, alike)

/** Drawn again only when it is another figure. */
const RowFigure = memo(function RowFigure({ drawing }: { drawing: Drawing | undefined }) {
  return (
    <span className="flex h-[44px] w-[46px] shrink-0 items-end justify-center [content-visibility:auto] [--fig-gap:var(--paper)]">
      {drawing && <FigureDrawing drawing={drawing} label="" className="h-[44px] max-w-[46px]" />}
    </span>
  )
})
