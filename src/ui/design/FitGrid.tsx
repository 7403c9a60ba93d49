'use client'
import { memo, useRef, useState } from 'react'
import type { Drawing } from '@/core/body'
import type { Cell } from '@/core/evaluate'
import { clock } from '@/core/timing'
import { FigureDrawing } from '../figure/FigureDrawing'
import { MARK_LETTERS, MARK_WORDS, MarkShapes, SharedMark } from '../fit/Mark'
import { useHydrated } from '../shell/useHydrated'
import { AddHere, doseWords, type FitProps, phaseWords, TONES } from './fitWords'

/** Column of the movement itself, left of the first person. */
const NAME_COLUMN = -1
/** Rows and columns that a key moves by; far ones stop at the end of the row. */
const STEPS: Record<string, [number, number]> = {
  ArrowLeft: [0, -1],
  ArrowRight: [0, 1],
  ArrowUp: [-1, 0],
  ArrowDown: [1, 0],
  Home: [0, Number.NEGATIVE_INFINITY],
  End: [0, Number.POSITIVE_INFINITY],
}

/** Arrow keys move between the cells of the grid, Home and End to the ends of a row. */
function moveFocus(event: React.KeyboardEvent<HTMLElement>, columns: number) {
  const step = STEPS[event.key]
  const cell = (event.target as HTMLElement).dataset.cell?.split(',').map(Number)
  if (!step || !cell) return
  const column = Math.max(NAME_COLUMN, Math.min(columns - 1, cell[1]! + step[1]))
  const next = event.currentTarget.querySelector<HTMLElement>(`[data-cell="${cell[0]! + step[0]},${column}"]`)
  if (!next) return
  event.preventDefault()
  next.focus()
}

/** The whole grid is one stop of the Tab key: the cell that had the focus last is the one it comes back to. */
function keepStop(event: React.FocusEvent<HTMLElement>) {
  if ((event.target as HTMLElement).dataset.cell === undefined) return
  for (const one of event.currentTarget.querySelectorAll<HTMLElement>('[data-cell][tabindex="0"]')) one.tabIndex = -1
  event.target.tabIndex = 0
}

/** One item for everybody. All that it shows comes as plain values, so that an edit of another item leaves it alone. */
const GridRow = memo(function GridRow({
  id,
  index,
  movement,
  name,
  amount,
  marks,
  people,
  drawing,
  onItem,
  onCell,
}: {
  id: string
  index: number
  movement: string
  name: string
  amount: string
  /** one a person, with spaces */
  marks: string
  /** id and name, a line a person */
  people: string
  drawing: Drawing | undefined
  onItem: (item: string) => void
  onCell: (item: string, person: string) => void
}) {
  const drawn = useHydrated()
  const everybody =
    people === '' ? [] : people.split('\n').map((line) => [line.slice(0, line.indexOf(' ')), line.slice(line.indexOf(' ') + 1)] as const)
  const each = marks.split(' ') as Cell['mark'][]
  return (
    <tr className="border-t border-line">
      <th scope="row" className="sticky left-0 z-10 max-w-[190px] bg-paper p-0 text-left font-normal sm:max-w-[420px]">
        <button
          type="button"
          data-cell={`${index},${NAME_COLUMN}`}
          tabIndex={index === 0 ? 0 : -1}
          onClick={() => onItem(id)}
          className="group flex w-full items-center gap-2 py-1.5 pr-2 text-left sm:gap-3 sm:pr-3"
        >
          <span className="flex h-14 w-[48px] shrink-0 items-end sm:w-[74px] justify-center [--fig-gap:var(--paper)]">
            {drawing && drawn && <FigureDrawing drawing={drawing} label="" className="h-14 max-w-[48px] sm:max-w-[74px]" />}
          </span>
          <span className="min-w-0">
            <span className="block font-semibold group-hover:underline">{movement}</span>
            <span className="block text-[0.94rem] text-soft sm:truncate">{name}</span>
            <span className="block text-[0.94rem] text-soft">{amount}</span>
          </span>
        </button>
      </th>
      {everybody.map(([person, called], column) => {
        const mark = each[column]!
        return (
          <td key={person}>
            <button
              type="button"
              data-cell={`${index},${column}`}
              tabIndex={-1}
              onClick={() => onCell(id, person)}
              aria-label={`${called}, ${movement}: ${MARK_WORDS[mark]}`}
              className={`cell ${TONES[mark]}`}
            >
              <SharedMark mark={mark} />
              {MARK_LETTERS[mark]}
            </button>
          </td>
        )
      })}
    </tr>
  )
})

/** Items down, people across. Every cell opens its reasons. */
export function FitGrid({ plan, model, drawings, onCell, onItem, onAdd }: FitProps) {
  const people = model.people.map(({ id, name }) => `${id} ${name}`).join('\n')
  // rows are redrawn only when what they show has changed, so their handlers must not change
  const latest = useRef({ onItem, onCell })
  latest.current = { onItem, onCell }
  const [stable] = useState(() => ({
    onItem: (item: string) => latest.current.onItem(item),
    onCell: (item: string, person: string) => latest.current.onCell(item, person),
  }))
  const byId = new Map(model.items.map((item, index) => [item.id, { item, index }]))
  return (
    <div className="overflow-x-auto">
      <MarkShapes />
      {/* biome-ignore lint/a11y/noNoninteractiveElementToInteractiveRole: a table whose cells are gone through with arrows is a grid */}
      <table role="grid" className="fit border-collapse" onKeyDown={(event) => moveFocus(event, model.people.length)} onFocus={keepStop}>
        <caption className="sr-only">Who can do what in this class</caption>
        <thead>
          <tr>
            <th
              scope="col"
              className="sticky left-0 z-10 w-[190px] min-w-[190px] bg-paper sm:w-[330px] sm:min-w-[250px] pb-1 text-left align-bottom font-normal text-soft"
            >
              Movement
            </th>
            {model.people.map((person) => (
              <th key={person.id} scope="col" className="h-24 w-[50px] min-w-[50px] align-bottom font-normal">
                <span className="mx-auto block w-6 whitespace-nowrap pb-1 text-left [writing-mode:vertical-rl] rotate-180">{person.name}</span>
              </th>
            ))}
            {model.people.length === 0 && (
              <th scope="col" className="pl-4 text-left align-bottom font-normal text-soft">
                Nobody is on the roster yet.
              </th>
            )}
          </tr>
        </thead>
        {plan.phases.map((phase) => (
          <tbody key={phase.id}>
            <tr>
              <th scope="rowgroup" colSpan={model.people.length + 1} className="pt-5 text-left">
                <span className="font-serif text-[1.15rem]">{phaseWords(phase)}</span>
                <span className="ml-3 font-normal text-soft">{clock(model.timeline.phases.find(({ id }) => id === phase.id)?.seconds ?? 0)}</span>
              </th>
            </tr>
            {phase.blocks.flatMap((block) =>
              block.items.map(({ id }) => {
                const found = byId.get(id)
                if (!found) return null
                const { item, index } = found
                const drawing = item.variant ? drawings[item.variant] : undefined
                return (
                  <GridRow
                    key={id}
                    id={id}
                    index={index}
                    movement={item.movement}
                    name={item.name}
                    amount={`${doseWords(item)} · ${clock(item.seconds)}`}
                    marks={item.cells.map(({ mark }) => mark).join(' ')}
                    people={people}
                    drawing={drawing}
                    onItem={stable.onItem}
                    onCell={stable.onCell}
                  />
                )
              }),
            )}
            <tr>
              <td colSpan={model.people.length + 1}>
                <AddHere phase={phase} onAdd={onAdd} />
              </td>
            </tr>
          </tbody>
        ))}
      </table>
    </div>
  )
}
