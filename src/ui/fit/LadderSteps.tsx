import type { LadderStep } from '@/workers/designerContract'
import { commonBox, FigureDrawing } from '../figure/FigureDrawing'

const RISE_REM = 1.5

/** The variants of a movement on rising steps, gentlest first, with who stands where today. */
export function LadderSteps({ steps, onChoose }: { steps: readonly LadderStep[]; onChoose?: (id: string) => void }) {
  const box = commonBox(steps.map(({ drawing }) => drawing))
  return (
    // biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls must be reachable by keyboard
    <ol className="flex items-end overflow-x-auto pb-2" tabIndex={0} aria-label="Ladder, gentlest first">
      {steps.map((step, index) => (
        <li key={step.id} className="flex min-w-[8.5rem] flex-1 flex-col justify-end" style={{ paddingBottom: 0 }}>
          <FigureDrawing drawing={step.drawing} label={step.words} className="mx-auto h-36 w-full max-w-44" box={box} />
          <div
            className={`border-t-4 px-2 pt-1 ${step.planned ? 'border-plum bg-plum-wash' : 'border-soft bg-water'}`}
            style={{ minHeight: `${8 + index * RISE_REM}rem` }}
          >
            {onChoose ? (
              <button
                type="button"
                className="min-h-11 w-full text-left font-semibold hover:underline"
                aria-pressed={step.planned}
                onClick={() => onChoose(step.id)}
              >
                {step.name}
              </button>
            ) : (
              <p className="font-semibold">{step.name}</p>
            )}
            {step.step && <p className="text-[0.94rem] text-soft">{step.step}</p>}
            {step.note && <p className="mt-1 text-[0.94rem]">{step.note}</p>}
            {step.standing.length > 0 && <p className="mt-1 text-[0.94rem]">{step.standing.join(', ')}</p>}
          </div>
        </li>
      ))}
    </ol>
  )
}
