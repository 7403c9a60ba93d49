import { useEffect, useState } from 'react'
import type { Quality } from '@/core/coverage'
import type { ClassModel, FillOffer } from '@/core/evaluate'
import type { Edit } from '@/core/plan'
import { clock } from '@/core/timing'
import { list } from '../shell/list'
import type { useDesk } from './useDesk'

interface Props {
  quality: Quality
  model: ClassModel
  ask: ReturnType<typeof useDesk>
  onEdit: (edit: Edit) => void
}

/** Something for what the class has nothing of: what it would be is said before it is put in. */
export function QualityOffer({ quality, model, ask, onEdit }: Props) {
  const [offer, setOffer] = useState<FillOffer | null>()
  // biome-ignore lint/correctness/useExhaustiveDependencies: another plan or other people, and what was offered no longer holds
  useEffect(() => setOffer(undefined), [model])
  const link = 'font-semibold text-plum underline underline-offset-4'
  if (offer === undefined)
    return (
      <button type="button" className={link} onClick={() => void ask('quality', { quality }).then(setOffer)}>
        Find something
      </button>
    )
  if (offer === null) return <span className="text-soft">Nothing that suits everybody here with what the room has.</span>
  return (
    <button type="button" className={link} onClick={() => onEdit(offer.edit)}>
      Add {list(offer.names)}: then {clock(offer.seconds)}
    </button>
  )
}
