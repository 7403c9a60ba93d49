'use client'
import { useDraggable, useDroppable } from '@dnd-kit/core'
import { Plus } from 'lucide-react'
import { clock } from '@/core/timing'

export interface Head {
  words: string
  seconds: number
  chosen: boolean
  onSelect: () => void
  /** undefined = nothing can be added here */
  onAdd?: (() => void) | undefined
}

/** What is dragged is a block with its items, not an item. */
const DRAGGED = 'block:'
/** The block that a drag is of; undefined = it is of an item. */
export const blockOfDrag = (id: string): string | undefined => (id.startsWith(DRAGGED) ? id.slice(DRAGGED.length) : undefined)

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
export function PlanHeading({ phase, block, into, columns }: { phase?: Head; block?: Head | undefined; into: string | undefined; columns: number }) {
  const { setNodeRef, isOver } = useDroppable({ id: into ?? '', disabled: into === undefined })
  const drag = useDraggable({ id: `${DRAGGED}${into}`, disabled: into === undefined || !block })
  const moved = drag.transform && { transform: `translate(${drag.transform.x}px, ${drag.transform.y}px)` }
  return (
    <tr ref={setNodeRef} className={`${phase ? 'border-t-2' : 'border-t'} border-line ${isOver ? 'bg-plum-wash' : ''}`}>
      <td colSpan={columns} className="p-0 text-left">
        <span className={`flex items-center gap-2 ${phase ? 'h-[34px] pt-1' : 'h-[28px] pl-2'}`}>
          {phase && <HeadButton head={phase} level="phase" />}
          {block && (
            <span
              ref={drag.setNodeRef}
              {...drag.listeners}
              style={moved ?? undefined}
              className={`flex min-w-0 items-center gap-2 ${drag.isDragging ? 'relative z-30 bg-sheet opacity-80' : ''}`}
            >
              <HeadButton head={block} level="block" />
            </span>
          )}
        </span>
      </td>
    </tr>
  )
}
