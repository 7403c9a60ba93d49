'use client'
import dynamic from 'next/dynamic'
import { useRef, useState } from 'react'
import { amountWords, type PlanDose, type SaidDose } from '@/core/plan'

const DoseEditor = dynamic(() => import('./DoseEditor').then((one) => one.DoseEditor))

interface Props {
  dose: PlanDose
  /** amount as the block does it, where a clock or rounds say so */
  amount: string | undefined
  /** rest, load and effort in a few words */
  detail: string
  label: string
  cell: string
  onSay: (said: SaidDose) => void
  onSelect: () => void
}

/** The dose of a row: read at a glance, changed by typing it as it is said. */
export function DoseCell({ dose, amount, detail, label, cell, onSay, onSelect }: Props) {
  const [isOpen, setOpen] = useState(false)
  const button = useRef<HTMLButtonElement>(null)
  const close = (back: boolean) => {
    setOpen(false)
    if (back) setTimeout(() => button.current?.focus())
  }
  return (
    <div className="relative">
      <button
        ref={button}
        type="button"
        data-cell={cell}
        tabIndex={-1}
        aria-label={label}
        className="block w-full px-1 text-left leading-tight hover:bg-plum-wash"
        onClick={() => {
          onSelect()
          setOpen(true)
        }}
      >
        <span className="block truncate font-semibold">{amount ?? amountWords(dose)}</span>
        <span className="block truncate text-[0.8rem] text-soft">{detail}</span>
      </button>
      {isOpen && <DoseEditor dose={dose} label={label} onSay={onSay} onClose={close} />}
    </div>
  )
}
