'use client'
import type { ModelItem } from '@/core/evaluate'
import { type Item, LEVEL_LETTERS } from '@/core/plan'
import type { LadderView } from '@/workers/designerContract'
import { list } from '../shell/list'

interface Props {
  item: Item
  steps: LadderView['steps']
  /** as judged; nothing while the judgement is under way */
  judged: ModelItem['levels']
  onLevels: (levels: string[] | undefined) => void
}

/** Two or three versions offered side by side as A, B and C, with who must not choose which. */
export function Levels({ item, steps, judged, onLevels }: Props) {
  const at = steps.findIndex(({ id }) => id === item.variant)
  const { levels } = item
  if (!levels) {
    const near = steps.slice(Math.max(0, at - 1), at + 2).map(({ id }) => id)
    return near.length < 2 || at < 0 ? null : (
      <button type="button" className="quiet self-start !px-0" onClick={() => onLevels(near)}>
        Offer levels {near.length === 2 ? 'A and B' : 'A, B and C'} side by side
      </button>
    )
  }
  const choose = (at: number, id: string) => {
    const next = new Set(levels.map((level, index) => (index === at ? id : level)))
    // gentlest first, as on the ladder
    onLevels(steps.flatMap((step) => (next.has(step.id) ? [step.id] : [])))
  }
  return (
    <fieldset className="flex flex-col gap-2">
      <legend className="font-serif text-[1.1rem]">Levels, gentlest first</legend>
      {levels.map((level, index) => {
        const notFor = judged?.find(({ id }) => id === level)?.notFor ?? []
        return (
          <div key={level} className="flex flex-col">
            <label className="flex items-center gap-2">
              <b className="w-4">{LEVEL_LETTERS[index]}</b>
              <select
                className="input min-w-0 grow"
                aria-label={`Level ${LEVEL_LETTERS[index]}`}
                value={level}
                disabled={level === item.variant}
                onChange={({ target: { value } }) => choose(index, value)}
              >
                {steps
                  .filter(({ id }) => id === level || !levels.includes(id))
                  .map(({ id, name }) => (
                    <option key={id} value={id}>
                      {name}
                    </option>
                  ))}
              </select>
            </label>
            {notFor.length > 0 && <p className="pl-6 text-[0.94rem] text-effort">Not for {list(notFor)}.</p>}
          </div>
        )
      })}
      <p className="text-[0.94rem] text-soft">
        The times are those of the version that is planned; everybody is given the level nearest to it that they may do, and may choose a gentler one.
      </p>
      <button type="button" className="quiet self-start !px-0" onClick={() => onLevels(undefined)}>
        One version only
      </button>
    </fieldset>
  )
}
