'use client'
import { closestCenter, DndContext, type DragEndEvent, PointerSensor, TouchSensor, useDroppable, useSensor, useSensors } from '@dnd-kit/core'
import { SortableContext, useSortable, verticalListSortingStrategy } from '@dnd-kit/sortable'
import { CSS } from '@dnd-kit/utilities'
import { Plus } from 'lucide-react'
import { memo, useMemo, useRef, useState } from 'react'
import type { Drawing } from '@/core/body'
import type { Cell, ClassModel, ModelItem } from '@/core/evaluate'
import type { Block, Phase, PlanDose, PlanDraft, SaidDose } from '@/core/plan'
import { clock } from '@/core/timing'
import { FigureDrawing } from '../figure/FigureDrawing'
import { MARK_LETTERS, MARK_WORDS, MarkShapes, SharedMark } from '../fit/Mark'
import { useHydrated } from '../shell/useHydrated'
import { DoseCell } from './DoseCell'
import { phaseWords, TONES } from './fitWords'
import { amountInBlock, blockWords, detailWords } from './rowWords'
import type { Selected } from './selection'

export interface TableIntents {
  onSelect: (selected: Selected) => void
  onDose: (item: string, said: SaidDose, otherwise: PlanDose) => void
  /** one step along the ladder */
  onStep: (item: string, to: 'gentler' | 'harder') => void
  onMove: (item: string, by: -1 | 1) => void
  /** to where another item, or the head of a block, is */
  onDrop: (item: string, over: string) => void
  onRemove: (item: string) => void
}

interface Props extends TableIntents {
  plan: PlanDraft
  model: ClassModel
  drawings: Record<string, Drawing>
  selected: Selected | undefined
}

/** Widths of the columns, px. */
const NAME_WIDTH = 236
const DOSE_WIDTH = 124
const TIME_WIDTH = 50
const PERSON_WIDTH = 36

/** Columns left of the first person. */
const NAME_COLUMN = -2
const DOSE_COLUMN = -1
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
  const next = grid.querySelector<HTMLElement>(`[data-cell="${row},${column}"]`)
  next?.focus()
  return next !== null
}

/** The whole table is one stop of the Tab key: the cell that had the focus last is the one it comes back to. */
function keepStop(event: React.FocusEvent<HTMLElement>) {
  if ((event.target as HTMLElement).dataset.cell === undefined) return
  for (const one of event.currentTarget.querySelectorAll<HTMLElement>('[data-cell][tabindex="0"]')) one.tabIndex = -1
  event.target.tabIndex = 0
}

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
  /** id and name, a line a person */
  people: string
  drawing: Drawing | undefined
  /** what of the row is selected: the row, or the person's cell */
  chosen: string | undefined
  intents: Pick<TableIntents, 'onSelect' | 'onDose'>
}

/** One item for everybody. All that it shows comes as plain values, so that an edit of another item leaves it alone. */
const PlanRow = memo(
  function PlanRow({ id, index, movement, name, amount, detail, dose, seconds, optional, marks, people, drawing, chosen, intents }: RowProps) {
    const drawn = useHydrated()
    const { setNodeRef, listeners, transform, transition, isDragging } = useSortable({ id })
    const everybody =
      people === '' ? [] : people.split('\n').map((line) => [line.slice(0, line.indexOf(' ')), line.slice(line.indexOf(' ') + 1)] as const)
    const each = marks.split(' ') as Cell['mark'][]
    return (
      <tr
        ref={setNodeRef}
        style={{ transform: CSS.Translate.toString(transform), transition }}
        className={`border-t border-line ${chosen === undefined ? '' : 'bg-sheet shadow-[inset_4px_0_0_var(--plum)]'} ${isDragging ? 'relative z-30 bg-sheet opacity-80' : ''}`}
        data-item={id}
      >
        <th
          scope="row"
          className={`sticky left-0 z-10 p-0 text-left font-normal ${chosen === undefined ? 'bg-paper' : 'bg-sheet shadow-[inset_4px_0_0_var(--plum)]'}`}
        >
          <button
            type="button"
            data-cell={`${index},${NAME_COLUMN}`}
            tabIndex={index === 0 ? 0 : -1}
            onClick={() => intents.onSelect({ kind: 'item', item: id })}
            {...listeners}
            className="group flex h-[47px] w-full items-center gap-2 pl-2 pr-1 text-left"
          >
            <span className="flex h-[44px] w-[46px] shrink-0 items-end justify-center [--fig-gap:var(--paper)]">
              {drawing && drawn && <FigureDrawing drawing={drawing} label="" className="h-[44px] max-w-[46px]" />}
            </span>
            <span className="min-w-0 leading-tight">
              <span className="block truncate font-semibold group-hover:underline">{movement}</span>
              <span className="block truncate text-[0.85rem] text-soft">
                {optional ? 'if there is time · ' : ''}
                {name}
              </span>
            </span>
          </button>
        </th>
        <td className="p-0">
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
        {everybody.map(([person, called], column) => {
          const mark = each[column] ?? 'planned'
          return (
            <td key={person}>
              <button
                type="button"
                data-cell={`${index},${column}`}
                tabIndex={-1}
                onClick={() => intents.onSelect({ kind: 'cell', item: id, person })}
                aria-label={`${called}, ${movement}: ${MARK_WORDS[mark]}`}
                aria-pressed={chosen === person}
                className={`cell ${TONES[mark]} ${chosen === person ? 'outline outline-2 outline-plum' : ''}`}
              >
                <SharedMark mark={mark} />
                {mark === 'planned' ? '' : MARK_LETTERS[mark]}
              </button>
            </td>
          )
        })}
      </tr>
    )
  },
  (before, after) =>
    (Object.keys(after) as (keyof RowProps)[]).every((key) =>
      key === 'dose' ? before.dose === after.dose || JSON.stringify(before.dose) === JSON.stringify(after.dose) : before[key] === after[key],
    ),
)

interface Head {
  words: string
  seconds: number
  chosen: boolean
  onSelect: () => void
  /** undefined = nothing can be added here */
  onAdd?: (() => void) | undefined
}

function HeadButton({ head: { words, seconds, chosen, onSelect, onAdd }, level }: { head: Head; level: 'phase' | 'block' }) {
  return (
    <>
      <button
        type="button"
        onClick={onSelect}
        aria-pressed={chosen}
        className={`min-w-0 truncate px-1 text-left hover:underline ${level === 'phase' ? 'shrink-0' : ''} ${chosen ? 'bg-plum-wash' : ''}`}
      >
        <span className={level === 'phase' ? 'font-serif text-[1.1rem]' : 'text-[0.94rem] text-soft'}>{words}</span>
        <span className="ml-2 text-[0.94rem] text-soft">{clock(seconds)}</span>
      </button>
      {onAdd && (
        <button
          type="button"
          onClick={onAdd}
          className="flex h-7 w-7 shrink-0 items-center justify-center hover:text-plum"
          aria-label={`Add a movement to ${words}`}
        >
          <Plus size={18} aria-hidden="true" />
        </button>
      )}
    </>
  )
}

/** A phase with its first block, or a further block: one line over the items. */
function Heading({ phase, block, into, columns }: { phase?: Head; block?: Head | undefined; into: string | undefined; columns: number }) {
  const { setNodeRef, isOver } = useDroppable({ id: into ?? '', disabled: into === undefined })
  return (
    <tr ref={setNodeRef} className={`${phase ? 'border-t-2' : 'border-t'} border-line ${isOver ? 'bg-plum-wash' : ''}`}>
      <td colSpan={columns} className="p-0 text-left">
        <span className={`flex items-center gap-2 ${phase ? 'h-[34px] pt-1' : 'h-[28px] pl-2'}`}>
          {phase && <HeadButton head={phase} level="phase" />}
          {block && <HeadButton head={block} level="block" />}
        </span>
      </td>
    </tr>
  )
}

/** A block that says no more than its phase does has no heading of its own. */
const isPlain = (phase: Phase, block: Block) => phase.blocks.length === 1 && block.format === 'straight' && block.title === ''

/** The plan: its items down, what each is and takes, and the people across. */
export function PlanTable({ plan, model, drawings, selected, onSelect, onDose, onStep, onMove, onDrop, onRemove }: Props) {
  const people = model.people.map(({ id, name }) => `${id} ${name}`).join('\n')
  // rows are redrawn only when what they show has changed, so their handlers must not change
  const latest = useRef({ onSelect, onDose })
  latest.current = { onSelect, onDose }
  const [intents] = useState(() => ({
    onSelect: (chosen: Selected) => latest.current.onSelect(chosen),
    onDose: (item: string, said: SaidDose, otherwise: PlanDose) => latest.current.onDose(item, said, otherwise),
  }))
  // the same list while the order is the same, or every row would be drawn again
  const joined = model.items.map(({ id }) => id).join(' ')
  const order = useMemo(() => joined.split(' '), [joined])
  const byId = new Map(model.items.map((item, index) => [item.id, { item, index }]))
  const columns = model.people.length + 3
  const secondsOf = (block: string) => model.timeline.segments.reduce((sum, segment) => sum + (segment.block === block ? segment.seconds : 0), 0)

  // a press that goes nowhere stays a click; a finger scrolls unless it rests first
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 6 } }),
    useSensor(TouchSensor, { activationConstraint: { delay: 250, tolerance: 6 } }),
  )
  const dropped = ({ active, over }: DragEndEvent) => {
    if (over && over.id !== active.id) onDrop(String(active.id), String(over.id))
  }

  const onKeyDown = (event: React.KeyboardEvent<HTMLElement>) => {
    const cell = (event.target as HTMLElement).dataset.cell?.split(',').map(Number)
    const item = (event.target as HTMLElement).closest('tr')?.dataset.item
    if (!cell || item === undefined) return
    const [row, column] = [cell[0] ?? 0, cell[1] ?? 0]
    const did = (): boolean => {
      if (event.altKey && (event.key === 'ArrowUp' || event.key === 'ArrowDown')) {
        onMove(item, event.key === 'ArrowUp' ? -1 : 1)
        const grid = event.currentTarget
        setTimeout(() => grid.querySelector<HTMLElement>(`tr[data-item="${item}"] [data-cell$=",${column}"]`)?.focus())
        return true
      }
      if (event.altKey || event.ctrlKey || event.metaKey) return false
      switch (event.key) {
        case '[':
          onStep(item, 'gentler')
          return true
        case ']':
          onStep(item, 'harder')
          return true
        case 'Delete':
          onRemove(item)
          return true
        case 'd':
          event.currentTarget.querySelector<HTMLElement>(`[data-cell="${row},${DOSE_COLUMN}"]`)?.click()
          return true
      }
      const step = STEPS[event.key]
      if (!step) return false
      return focusCell(event.currentTarget, row + step[0], Math.max(NAME_COLUMN, Math.min(model.people.length - 1, column + step[1])))
    }
    if (did()) event.preventDefault()
  }

  const addTo = (block: Block) => (block.format === 'quiet' ? undefined : () => onSelect({ kind: 'add', block: block.id, at: block.items.length }))
  const headOf = (block: Block): Head => ({
    words: blockWords(block),
    seconds: secondsOf(block.id),
    chosen: (selected?.kind === 'block' || selected?.kind === 'add') && selected.block === block.id,
    onSelect: () => onSelect({ kind: 'block', block: block.id }),
    onAdd: addTo(block),
  })
  const chosenIn = (id: string): string | undefined => {
    if (selected?.kind === 'item' && selected.item === id) return ''
    return selected?.kind === 'cell' && selected.item === id ? selected.person : undefined
  }
  const row = (block: Block, id: string) => {
    const found = byId.get(id)
    if (!found) return null
    const { item, index }: { item: ModelItem; index: number } = found
    return (
      <PlanRow
        key={id}
        id={id}
        index={index}
        movement={item.movement}
        name={item.name}
        amount={amountInBlock(item, block)}
        detail={detailWords(item)}
        dose={item.planDose}
        seconds={item.seconds}
        optional={block.items.find((one) => one.id === id)?.optional ?? false}
        marks={item.cells.map(({ mark }) => mark).join(' ')}
        people={people}
        drawing={item.variant ? drawings[item.variant] : undefined}
        chosen={chosenIn(id)}
        intents={intents}
      />
    )
  }
  return (
    <DndContext sensors={sensors} collisionDetection={closestCenter} onDragEnd={dropped}>
      <SortableContext items={order} strategy={verticalListSortingStrategy}>
        <MarkShapes />
        <table
          // biome-ignore lint/a11y/noNoninteractiveElementToInteractiveRole: a table whose cells are gone through with arrows is a grid
          role="grid"
          className="fit w-full table-fixed border-collapse"
          style={{ minWidth: NAME_WIDTH + DOSE_WIDTH + TIME_WIDTH + PERSON_WIDTH * model.people.length }}
          onKeyDown={onKeyDown}
          onFocus={keepStop}
        >
          <caption className="sr-only">The plan, and who can do what of it</caption>
          {/* the name takes what the others leave */}
          <colgroup>
            <col />
            <col style={{ width: DOSE_WIDTH }} />
            <col style={{ width: TIME_WIDTH }} />
            {model.people.map(({ id }) => (
              <col key={id} style={{ width: PERSON_WIDTH }} />
            ))}
          </colgroup>
          <thead className="sticky top-0 z-20 bg-paper">
            <tr>
              <th scope="col" className="sticky left-0 z-10 bg-paper pb-1 pl-2 text-left align-bottom text-[0.94rem] font-normal text-soft">
                Movement
              </th>
              <th scope="col" className="pb-1 pl-1 text-left align-bottom text-[0.94rem] font-normal text-soft">
                Dose
              </th>
              <th scope="col" className="pb-1 pr-2 text-right align-bottom text-[0.94rem] font-normal text-soft">
                Time
              </th>
              {model.people.map((person) => (
                <th key={person.id} scope="col" className="h-[66px] align-bottom text-[0.94rem] font-normal">
                  <span className="mx-auto block w-5 max-h-[66px] overflow-hidden whitespace-nowrap pb-1 text-left [writing-mode:vertical-rl] rotate-180">
                    {person.name}
                  </span>
                </th>
              ))}
            </tr>
          </thead>
          {plan.phases.map((phase) => {
            const [first] = phase.blocks
            const plain = first !== undefined && isPlain(phase, first)
            return (
              <tbody key={phase.id}>
                <Heading
                  columns={columns}
                  into={first && first.format !== 'quiet' ? first.id : undefined}
                  phase={{
                    words: phaseWords(phase),
                    seconds: model.timeline.phases.find(({ id }) => id === phase.id)?.seconds ?? 0,
                    chosen: selected?.kind === 'phase' && selected.phase === phase.id,
                    onSelect: () => onSelect({ kind: 'phase', phase: phase.id }),
                    onAdd: plain ? addTo(first) : undefined,
                  }}
                  block={first && !plain ? headOf(first) : undefined}
                />
                {phase.blocks.flatMap((block) => [
                  ...(block === first
                    ? []
                    : [<Heading key={block.id} columns={columns} into={block.format === 'quiet' ? undefined : block.id} block={headOf(block)} />]),
                  ...block.items.map(({ id }) => row(block, id)),
                ])}
              </tbody>
            )
          })}
        </table>
      </SortableContext>
    </DndContext>
  )
}
