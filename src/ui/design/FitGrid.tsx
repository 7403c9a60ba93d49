'use client'
import { Plus } from 'lucide-react'
import { memo, useRef, useState } from 'react'
import type { Drawing } from '@/core/body'
import type { Cell, ClassModel, ModelItem } from '@/core/evaluate'
import type { PlanDraft } from '@/core/plan'
import { clock } from '@/core/timing'
import { FigureDrawing } from '../figure/FigureDrawing'
import { MARK_LETTERS, MARK_WORDS, Mark } from '../fit/Mark'

const TONES: Record<Cell['mark'], string> = {
  planned: 'text-soft',
  word: 'text-ink font-bold',
  adjust: 'bg-plum-wash text-ink',
  swap: 'bg-plum-wash text-plum font-bold',
  out: 'bg-ink text-paper',
  ask: 'text-effort font-bold',
}

export const doseWords = ({ dose }: Pick<ModelItem, 'dose'>): string => {
  const amount = dose.workSeconds
    ? `${dose.workSeconds} s`
    : dose.holdSeconds > 0 && (dose.reps ?? 1) <= 2
      ? `hold ${dose.holdSeconds} s`
      : `${dose.reps ?? 1}×`
  return `${dose.sets > 1 ? `${dose.sets} sets of ` : ''}${amount}${dose.loadKg > 0 ? `, ${dose.loadKg} kg` : ''}`
}

/** Arrow keys move between the cells of the grid. */
function moveFocus(event: React.KeyboardEvent<HTMLElement>) {
  const steps: Record<string, [number, number]> = { ArrowLeft: [0, -1], ArrowRight: [0, 1], ArrowUp: [-1, 0], ArrowDown: [1, 0] }
  const step = steps[event.key]
  const cell = (event.target as HTMLElement).dataset.cell?.split(',').map(Number)
  if (!step || !cell) return
  const next = event.currentTarget.querySelector<HTMLElement>(`[data-cell="${cell[0]! + step[0]},${cell[1]! + step[1]}"]`)
  if (!next) return
  event.preventDefault()
  next.focus()
}

interface Props {
  plan: PlanDraft
  model: ClassModel
  drawings: Record<string, Drawing>
  onCell: (item: string, person: string) => void
  onItem: (item: string) => void
  onAdd: (phase: string, block: string) => void
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
  const everybody =
    people === '' ? [] : people.split('\n').map((line) => [line.slice(0, line.indexOf(' ')), line.slice(line.indexOf(' ') + 1)] as const)
  const each = marks.split(' ') as Cell['mark'][]
  return (
    <tr className="border-t border-line">
      <th scope="row" className="sticky left-0 z-10 max-w-[190px] bg-paper p-0 text-left font-normal sm:max-w-[420px]">
        <button type="button" onClick={() => onItem(id)} className="group flex w-full items-center gap-2 py-1.5 pr-2 text-left sm:gap-3 sm:pr-3">
          <span className="flex h-14 w-[48px] shrink-0 items-end sm:w-[74px] justify-center [--fig-gap:var(--paper)]">
            {drawing && <FigureDrawing drawing={drawing} label="" className="h-14 max-w-[48px] sm:max-w-[74px]" />}
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
          <td key={person} className="p-[2px]">
            <button
              type="button"
              data-cell={`${index},${column}`}
              onClick={() => onCell(id, person)}
              aria-label={`${called}, ${movement}: ${MARK_WORDS[mark]}`}
              className={`flex h-[62px] w-full flex-col items-center justify-center ${TONES[mark]}`}
            >
              <Mark mark={mark} />
              <span className="text-[0.94rem] leading-none">{MARK_LETTERS[mark]}</span>
            </button>
          </td>
        )
      })}
    </tr>
  )
})

/** Items down, people across. Every cell opens its reasons. */
export function FitGrid({ plan, model, drawings, onCell, onItem, onAdd }: Props) {
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
      <table className="border-collapse" onKeyDown={moveFocus}>
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
                <span className="font-serif text-[1.15rem]">{phase.title || phase.kind}</span>
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
                <button type="button" className="quiet mt-1" onClick={() => onAdd(phase.id, phase.blocks.at(-1)!.id)}>
                  <Plus size={18} aria-hidden="true" /> Add a movement<span className="sr-only"> to {phase.title || phase.kind}</span>
                </button>
              </td>
            </tr>
          </tbody>
        ))}
      </table>
    </div>
  )
}
