'use client'
import { ArrowDown, ArrowUp, Trash2 } from 'lucide-react'
import { type BlockFormat, PHASE_KINDS, type Phase, type PhaseKind } from '@/core/plan'
import { NewBlock } from './BlockPanel'
import { blockWords } from './rowWords'

export interface PhaseIntents {
  onSet: (change: { kind?: PhaseKind; title?: string }) => void
  onMove: (by: -1 | 1) => void
  onRemove: () => void
  onBlock: (block: string) => void
  onAddBlock: (format: BlockFormat) => void
  onAddPhase: (kind: PhaseKind) => void
}

/** One part of the class: what it is, its place, and what is put into it. */
export function PhasePanel({ phase, onSet, onMove, onRemove, onBlock, onAddBlock, onAddPhase }: { phase: Phase } & PhaseIntents) {
  return (
    <div className="flex flex-col gap-4">
      <div className="flex items-start pr-9">
        <h2 className="grow">Part of the class</h2>
        <button type="button" className="icon" aria-label="Part earlier" onClick={() => onMove(-1)}>
          <ArrowUp size={18} aria-hidden="true" />
        </button>
        <button type="button" className="icon" aria-label="Part later" onClick={() => onMove(1)}>
          <ArrowDown size={18} aria-hidden="true" />
        </button>
        <button type="button" className="icon" aria-label="Take the part out" onClick={onRemove}>
          <Trash2 size={18} aria-hidden="true" />
        </button>
      </div>
      <label className="field">
        <span>Title</span>
        <input className="input" maxLength={80} value={phase.title} onChange={({ target }) => onSet({ title: target.value })} />
      </label>
      <label className="field">
        <span>Counts as</span>
        <select className="input" value={phase.kind} onChange={({ target }) => onSet({ kind: target.value as PhaseKind })}>
          {PHASE_KINDS.map((kind) => (
            <option key={kind} value={kind}>
              {kind}
            </option>
          ))}
        </select>
      </label>
      {phase.blocks.length > 0 && (
        <section aria-label="Its blocks">
          <h3>Its blocks</h3>
          <ul>
            {phase.blocks.map((block) => (
              <li key={block.id}>
                <button type="button" className="min-h-11 text-left underline-offset-4 hover:underline" onClick={() => onBlock(block.id)}>
                  {blockWords(block)}
                </button>
              </li>
            ))}
          </ul>
        </section>
      )}
      <NewBlock label="A new block in it" onAdd={onAddBlock} />
      <section aria-label="A new part after it">
        <h3>A new part after it</h3>
        <ul className="flex flex-wrap gap-x-3">
          {PHASE_KINDS.map((kind) => (
            <li key={kind}>
              <button type="button" className="min-h-11 underline-offset-4 hover:underline" onClick={() => onAddPhase(kind)}>
                {kind}
              </button>
            </li>
          ))}
        </ul>
      </section>
    </div>
  )
}
