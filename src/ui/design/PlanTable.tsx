'use client'
import { closestCenter, DndContext, type DragEndEvent, PointerSensor, TouchSensor, useSensor, useSensors } from '@dnd-kit/core'
import { SortableContext, verticalListSortingStrategy } from '@dnd-kit/sortable'
import { useMemo, useRef, useState } from 'react'
import type { Drawing } from '@/core/body'
import type { ClassModel, ModelItem } from '@/core/evaluate'
import { type Block, isRestIn, type Phase, type PlanDose, type PlanDraft, type SaidDose, wholeItem } from '@/core/plan'
import { useMassUnit } from '../shell/mass'
import { phaseWords } from './fitWords'
import { gridKey, keepStop } from './gridKeys'
import { blockOfDrag, type Head, PlanHeading } from './PlanHeading'
import { PlanRow } from './PlanRow'
import { amountInBlock, asTyped, blockWords, detailWords, lettersOf, rowsByItem } from './rowWords'
import type { More, Selected, TableIntents } from './selection'

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

/**
 * A press that goes nowhere stays a click; a finger scrolls unless it rests first. The very same objects at every drawing: all rows know the
 * sensors, and would be drawn again with other ones.
 */
const BY_POINTER = { activationConstraint: { distance: 6 } }
const BY_TOUCH = { activationConstraint: { delay: 250, tolerance: 6 } }

/** A block that says no more than its phase does has no heading of its own. */
const isPlain = (phase: Phase, block: Block) => phase.blocks.length === 1 && block.format === 'straight' && block.title === ''

/** The plan: its items down, what each is and takes, and the people across. */
export function PlanTable({ plan, model, drawings, selected, onSelect, onDose, onStep, onMove, onDrop, onDropBlock, onRemove }: Props) {
  const unit = useMassUnit()
  const people = model.people.map(({ id, name }) => `${id} ${name}`).join('\n')
  // rows are redrawn only when what they show has changed, so their handlers must not change
  const latest = useRef({ onSelect, onDose })
  latest.current = { onSelect, onDose }
  const [intents] = useState(() => ({
    onSelect: (chosen: Selected, more?: More) => latest.current.onSelect(chosen, more),
    onDose: (item: string, said: SaidDose, otherwise: PlanDose) => latest.current.onDose(item, said, otherwise),
  }))
  // the same list while the order is the same, or every row would be drawn again
  const joined = model.items.map(({ id }) => id).join(' ')
  const order = useMemo(() => joined.split(' '), [joined])
  const rows = rowsByItem(model.items)
  const columns = model.people.length + 3
  const secondsOf = (block: string) => model.timeline.segments.reduce((sum, segment) => sum + (segment.block === block ? segment.seconds : 0), 0)

  const sensors = useSensors(useSensor(PointerSensor, BY_POINTER), useSensor(TouchSensor, BY_TOUCH))
  const dropped = ({ active, over }: DragEndEvent) => {
    if (!over || over.id === active.id) return
    const block = blockOfDrag(String(active.id))
    if (block === undefined) onDrop(String(active.id), String(over.id))
    else onDropBlock(block, String(over.id))
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
    if (selected?.kind === 'many' && selected.items.includes(id)) return ''
    return selected?.kind === 'cell' && selected.item === id ? selected.person : undefined
  }
  const row = (block: Block, { item: judged, index }: { item: ModelItem; index: number }) => {
    const whole = block.items.find(({ id }) => id === wholeItem(judged.id))
    const item = asTyped(judged, whole)
    return (
      <PlanRow
        key={item.id}
        id={item.id}
        index={index}
        movement={item.movement}
        name={item.name}
        amount={amountInBlock(item, block)}
        detail={detailWords(item, unit, whole !== undefined && isRestIn(block, whole))}
        dose={item.planDose}
        seconds={item.seconds}
        optional={whole?.optional ?? false}
        marks={item.cells.map(({ mark }) => mark).join(' ')}
        letters={lettersOf(item)}
        people={people}
        drawing={item.variant ? drawings[item.variant] : undefined}
        chosen={chosenIn(item.id)}
        intents={intents}
      />
    )
  }
  return (
    <DndContext sensors={sensors} collisionDetection={closestCenter} onDragEnd={dropped}>
      <SortableContext items={order} strategy={verticalListSortingStrategy}>
        <table
          // biome-ignore lint/a11y/noNoninteractiveElementToInteractiveRole: a table whose cells are gone through with arrows is a grid
          role="grid"
          className="fit w-full table-fixed border-collapse"
          style={{ minWidth: NAME_WIDTH + DOSE_WIDTH + TIME_WIDTH + PERSON_WIDTH * model.people.length }}
          onKeyDown={(event) => gridKey(event, model.people.length, { onSelect, onStep, onMove, onRemove })}
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
                <PlanHeading
                  columns={columns}
                  into={first?.id}
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
                  ...(block === first ? [] : [<PlanHeading key={block.id} columns={columns} into={block.id} block={headOf(block)} />]),
                  ...block.items.flatMap(({ id }) => (rows.get(id) ?? []).map((one) => row(block, one))),
                ])}
              </tbody>
            )
          })}
        </table>
      </SortableContext>
    </DndContext>
  )
}
