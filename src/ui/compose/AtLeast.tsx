import type { ClassBrief } from '@/core/compose'
import { QUALITIES } from '@/core/coverage'
import { QUALITY_WORDS } from '../design/coverageWords'
import { NumberField } from '../shell/NumberField'

interface Props {
  brief: ClassBrief
  onChange: (change: Partial<ClassBrief>) => void
}

/** Minutes of each quality that there must be. */
export function AtLeast({ brief, onChange }: Props) {
  return (
    <details>
      <summary className="min-h-11 cursor-pointer py-2">At least, in minutes of work</summary>
      <div className="grid grid-cols-2 gap-2">
        {QUALITIES.map((quality) => (
          <NumberField
            key={quality}
            label={QUALITY_WORDS[quality]}
            min={0}
            max={60}
            value={brief.atLeast[quality]}
            otherwise="as it comes"
            onChange={(minutes) => onChange({ atLeast: { ...brief.atLeast, [quality]: minutes } })}
            onClear={() => {
              const { [quality]: _said, ...atLeast } = brief.atLeast
              onChange({ atLeast })
            }}
          />
        ))}
      </div>
    </details>
  )
}
