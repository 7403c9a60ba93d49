import type { Quality } from '@/core/coverage'
import type { ClassModel } from '@/core/evaluate'
import type { Edit } from '@/core/plan'
import { clock } from '@/core/timing'
import { list } from '../shell/list'
import { useAskedFor } from './useAskedFor'
import type { useDesk } from './useDesk'

interface Props {
  quality: Quality
  model: ClassModel
  ask: ReturnType<typeof useDesk>
  onEdit: (edit: Edit) => void
}

/** Something for what the class has nothing of: what it would be is said before it is put in. */
export function QualityOffer({ quality, model, ask, onEdit }: Props) {
  const { found: offer, askFor } = useAskedFor(model, () => ask('quality', { quality }))
  if (offer === undefined)
    return (
      <button type="button" className="link" onClick={askFor}>
        Find something
      </button>
    )
  if (offer === null) return <span className="text-soft">Nothing that suits everybody here with what the room has.</span>
  return (
    <button type="button" className="link" onClick={() => onEdit(offer.edit)}>
      Add {list(offer.names)}: then {clock(offer.seconds)}
    </button>
  )
}
