'use client'
import { Plus } from 'lucide-react'
import type { Drawing } from '@/core/body'
import type { Cell, ClassModel } from '@/core/evaluate'
import type { PlanDraft } from '@/core/plan'

/** What the fit is shown from, as grid or as list. */
export interface FitProps {
  plan: PlanDraft
  model: ClassModel
  drawings: Record<string, Drawing>
  onCell: (item: string, person: string) => void
  onItem: (item: string) => void
  onAdd: (block: string) => void
}

export const TONES: Record<Cell['mark'], string> = {
  planned: 'text-soft',
  word: 'text-ink font-bold',
  adjust: 'bg-plum-wash text-ink',
  swap: 'bg-plum-wash text-plum font-bold',
  out: 'bg-ink text-paper',
  ask: 'text-effort font-bold',
}

type Phase = PlanDraft['phases'][number]
export const phaseWords = ({ title, kind }: Phase): string => title || kind

export function AddHere({ phase, onAdd }: { phase: Phase; onAdd: FitProps['onAdd'] }) {
  return (
    <button type="button" className="quiet mt-1" onClick={() => onAdd(phase.blocks.findLast(({ format }) => format !== 'quiet')?.id ?? '')}>
      <Plus size={18} aria-hidden="true" /> Add a movement<span className="sr-only"> to {phaseWords(phase)}</span>
    </button>
  )
}
