'use client'
import dynamic from 'next/dynamic'
import { useCallback, useEffect, useState } from 'react'
import type { ClassModel } from '@/core/evaluate'
import { canApply, type Edit, movementIdOf, type PlanDraft, wholeItem } from '@/core/plan'
import type { Addable, Beside, Explanation, LadderView } from '@/workers/designerContract'
import { Reasons } from '../fit/Reasons'
import { AddPanel } from './AddPanel'
import { BlockPanel } from './BlockPanel'
import { FillOffers } from './FillOffers'
import { FitLength } from './FitLength'
import { ItemPanel } from './ItemPanel'
import { ManyPanel } from './ManyPanel'
import { movedBlock, movedItem, movedPhase } from './moves'
import { newFrame } from './newBlock'
import { OrderOffers } from './OrderOffers'
import { OverviewPanel } from './OverviewPanel'
import { PhasePanel } from './PhasePanel'
import { addedBlock, addedPhase, copiedBlock, copiedItem, copiedItems, knownSet, movementsIn, offeredLevels, plannedInstead } from './planEdits'
import { blockPlace, freshId, itemPlace, type Selected } from './selection'
import type { useDesk } from './useDesk'

const OwnLoad = dynamic(() => import('./OwnLoad').then((one) => one.OwnLoad))
const OverruleForm = dynamic(() => import('./OverruleForm').then((one) => one.OverruleForm))

interface Props {
  id: string
  day: string
  plan: PlanDraft
  model: ClassModel
  beside: Record<string, Beside>
  selected: Selected | undefined
  ask: ReturnType<typeof useDesk>
  edit: (edit: Edit) => void
  onSelect: (selected: Selected | undefined) => void
  /** of all that are selected with it */
  onStep: (row: string, to: 'gentler' | 'harder') => void
  onMove: (row: string, by: -1 | 1) => void
  /** what the class as a whole needs to be told */
  children: React.ReactNode
}

/** Asks the worker what the selection needs, again with every new judgement; an overtaken answer is dropped. */
function useAnswers({ ask, selected, plan, model }: Pick<Props, 'ask' | 'selected' | 'plan' | 'model'>) {
  const [ladder, setLadder] = useState<{ item: string; view: LadderView }>()
  const [why, setWhy] = useState<{ item: string; person: string; explanation: Explanation }>()
  const [choices, setChoices] = useState<Addable[]>()
  const item = selected?.kind === 'item' || selected?.kind === 'cell' ? selected.item : undefined
  const person = selected?.kind === 'cell' ? selected.person : undefined
  const phase = selected?.kind === 'add' ? blockPlace(plan, selected.block)?.phase.id : undefined
  // biome-ignore lint/correctness/useExhaustiveDependencies: it is asked again when the model is another
  useEffect(() => {
    let live = true
    const quietly = () => {}
    if (item !== undefined && person !== undefined)
      ask('explain', { item, person }).then((explanation) => live && setWhy({ item, person, explanation }), quietly)
    else if (item !== undefined) ask('ladder', { item: wholeItem(item) }).then((view) => live && setLadder({ item, view }), quietly)
    if (phase !== undefined) ask('choices', { phase }).then((found) => live && setChoices(found), quietly)
    return () => {
      live = false
    }
  }, [ask, item, person, phase, model])
  return {
    ladder: ladder && ladder.item === item ? ladder.view : undefined,
    why: why && why.item === item && why.person === person ? why.explanation : undefined,
    choices,
  }
}

/** What is selected in the plan, beside it: it never covers the row it speaks of. */
export function Inspector({ id, day, plan, model, beside, selected, ask, edit, onSelect, onStep, onMove, children }: Props) {
  const { ladder, why, choices } = useAnswers({ ask, selected, plan, model })
  const draw = useCallback((ids: string[]) => ask('draw', { ids }), [ask])
  const also = (made: { edit: Edit; id: string } | undefined, select: (id: string) => Selected) => {
    if (!made) return
    edit(made.edit)
    onSelect(select(made.id))
  }
  const maybe = (one: Edit | undefined) => one && edit(one)
  const taking = model.people.filter(({ closed }) => !closed).length
  if (selected === undefined)
    return (
      <OverviewPanel plan={plan} model={model} ask={ask} onEdit={edit}>
        {children}
        <FitLength plan={plan} model={model} ask={ask} onEdit={edit} />
        <FillOffers model={model} ask={ask} onEdit={edit} />
        <OrderOffers model={model} ask={ask} onEdit={edit} />
      </OverviewPanel>
    )
  switch (selected.kind) {
    case 'cell':
      return why ? (
        <div className="flex flex-col gap-4">
          <h2>
            {why.person}: {why.item}
          </h2>
          <Reasons
            explanation={why}
            onTake={(option, as) =>
              maybe(as === 'level' ? offeredLevels(plan, selected.item, option.asLevel) : plannedInstead(plan, selected.item, option.id))
            }
          />
          {why.load && <OwnLoad key={why.personId} person={why.person} personId={why.personId} load={why.load} />}
          <OverruleForm explanation={why} classId={id} item={selected.item} day={day} onDone={() => onSelect(undefined)} />
        </div>
      ) : (
        <p className="text-soft">Looking…</p>
      )
    case 'item': {
      const place = itemPlace(plan, selected.item)
      if (!place) return null
      const { item } = place
      const judged = model.items.find(({ id }) => id === item.id)
      return (
        <ItemPanel
          key={selected.item}
          item={item}
          ladder={ladder}
          beside={beside[item.id]}
          people={taking}
          known={judged?.known ?? false}
          levels={judged?.levels}
          onKnown={(known) => {
            const movement = movementIdOf(item)
            if (movement !== undefined) edit({ kind: 'set-plan', change: knownSet(plan, movement, known) })
          }}
          onChoose={(variant) => edit({ kind: 'set-variant', item: item.id, variant, ...(item.dose && { dose: item.dose }) })}
          onDose={(part, unset) => ladder && edit({ kind: 'change-dose', item: item.id, part, ...(unset && { unset }), otherwise: ladder.dose })}
          onOptional={(optional) =>
            edit({ kind: 'set-item', item: item.id, change: optional ? { optional } : {}, unset: optional ? [] : ['optional'] })
          }
          onRest={
            place.block.format === 'alternated' || place.block.format === 'circuit'
              ? (asRest) => edit({ kind: 'set-item', item: item.id, change: asRest ? { asRest } : {}, unset: asRest ? [] : ['asRest'] })
              : undefined
          }
          onLevels={(levels) => edit({ kind: 'set-item', item: item.id, change: levels ? { levels } : {}, unset: levels ? [] : ['levels'] })}
          onMove={(by) => maybe(movedItem(plan, item.id, by))}
          onCopy={() => also(copiedItem(plan, item.id), (copy) => ({ kind: 'item', item: copy }))}
          onRemove={() => edit({ kind: 'remove-item', item: item.id })}
          onAddAfter={(variant) => edit({ kind: 'add-item', block: place.block.id, at: place.at + 1, item: { id: freshId('i'), variant } })}
        />
      )
    }
    case 'many': {
      const { items } = selected
      const [first] = items
      const judged = items.flatMap((id) => model.items.find((one) => one.id === id) ?? [])
      const each = (one: (id: string) => Edit) => edit({ kind: 'together', edits: items.map(one) })
      return (
        <ManyPanel
          names={judged.map(({ movement, name }) => `${movement}, ${name.toLowerCase()}`)}
          onStep={(to) => onStep(first!, to)}
          onMove={(by) => onMove(first!, by)}
          onSay={({ part, unset }) => {
            // a dose that it does not go together with stays as it is
            const edits = judged
              .map(({ id, planDose }): Edit => ({ kind: 'change-dose', item: id, part, unset, otherwise: planDose }))
              .filter((one) => canApply(plan, one))
            if (edits.length > 0) edit({ kind: 'together', edits })
          }}
          onOptional={(optional) =>
            each((item) => ({ kind: 'set-item', item, change: optional ? { optional } : {}, unset: optional ? [] : ['optional'] }))
          }
          onCopy={() => maybe(copiedItems(plan, items))}
          onRemove={() => each((item) => ({ kind: 'remove-item', item }))}
        />
      )
    }
    case 'block': {
      const place = blockPlace(plan, selected.block)
      if (!place) return null
      const { block } = place
      return (
        <BlockPanel
          key={`${block.id} ${block.format}`}
          block={block}
          forecast={model.blocks[block.id]}
          pace={model.pace}
          tracks={plan.playlist?.tracks ?? []}
          movements={movementsIn(block)}
          onSet={(change, unset) => edit({ kind: 'set-block', block: block.id, change, ...(unset && { unset }) })}
          onFormat={(format) => edit({ kind: 'set-format', block: block.id, frame: newFrame(block, format) })}
          onMove={(by) => maybe(movedBlock(plan, block.id, by))}
          onCopy={() => also(copiedBlock(plan, block.id), (copy) => ({ kind: 'block', block: copy }))}
          onRemove={() => edit({ kind: 'remove-block', block: block.id })}
          onAddAfter={(format) => also(addedBlock(plan, { after: block.id }, format), (made) => ({ kind: 'block', block: made }))}
        />
      )
    }
    case 'phase': {
      const phase = plan.phases.find((one) => one.id === selected.phase)
      if (!phase) return null
      return (
        <PhasePanel
          key={phase.id}
          phase={phase}
          onSet={(change) => edit({ kind: 'set-phase', phase: phase.id, change })}
          onMove={(by) => maybe(movedPhase(plan, phase.id, by))}
          onRemove={() => edit({ kind: 'remove-phase', phase: phase.id })}
          onBlock={(block) => onSelect({ kind: 'block', block })}
          onAddBlock={(format) => also(addedBlock(plan, { phase: phase.id }, format), (made) => ({ kind: 'block', block: made }))}
          onAddPhase={(kind) => also(addedPhase(plan, phase.id, kind), (made) => ({ kind: 'phase', phase: made }))}
        />
      )
    }
    case 'add': {
      const place = blockPlace(plan, selected.block)
      if (!place) return null
      return (
        <AddPanel
          key={selected.block}
          choices={choices}
          people={taking}
          coverage={model.coverage}
          where={place.block.title || place.phase.title || place.phase.kind}
          draw={draw}
          onAdd={({ id: variant, dose }) => {
            edit({ kind: 'add-item', block: selected.block, at: selected.at, item: { id: freshId('i'), variant, ...(dose && { dose }) } })
            onSelect({ ...selected, at: selected.at + 1 })
          }}
          onClose={() => onSelect(undefined)}
        />
      )
    }
  }
}
