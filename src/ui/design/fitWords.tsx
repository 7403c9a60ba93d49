'use client'
import { Plus } from 'lucide-react'
import type { Drawing } from '@/core/body'
import type { Cell, ClassModel, ModelItem } from '@/core/evaluate'
import type { PlanDraft } from '@/core/plan'

/** What the fit is shown from, as grid or as list. */
export interface FitProps {
  plan: PlanDraft
  model: ClassModel
  drawings: Record<string, Drawing>
  onCell: (item: string, person: string) => void
  onItem: (item: string) => void
  onAdd: (phase: string, block: string) => void
}

export const TONES: Record<Cell['mark'], string> = {
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

type Phase = PlanDraft['phases'][number]
export const phaseWords = ({ title, kind }: Phase): string => title || kind

export function AddHere({ phase, onAdd }: { phase: Phase; onAdd: FitProps['onAdd'] }) {
  return (
    <button type="button" className="quiet mt-1" onClick={() => onAdd(phase.id, phase.blocks.at(-1)!.id)}>
      <Plus size={18} aria-hidden="true" /> Add a movement<span className="sr-only"> to {phaseWords(phase)}</span>
    </button>
  )
}
