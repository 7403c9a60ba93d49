import type { PlanDraft } from '@/core/plan'
import { ROOM_KIT, type RoomKit } from '@/core/vocabulary'
import { Check } from '../shell/Check'
import { NumberField } from '../shell/NumberField'

const KIT_WORDS: Record<RoomKit, string> = {
  armchair: 'chairs with arms',
  support: 'chair backs or a rail to hold',
  wall: 'a free wall',
  table: 'a table',
  dumbbell: 'weights',
  band: 'bands',
  anchor: 'something fixed to tie a band to',
  ball: 'light balls',
  cuff: 'ankle or wrist weights',
  towel: 'towels',
  mat: 'mats',
  bed: 'a bed or bench',
  wedge: 'wedges or firm pillows',
  step: 'a low step',
  stick: 'light sticks',
  pedals: 'pedals before the chair',
  'big-ball': 'large balls to sit on',
  trampoline: 'mini-trampolines with a frame',
}

type EnoughFor = PlanDraft['room']['enoughFor']
interface Props {
  kit: readonly RoomKit[]
  onChange: (kit: RoomKit[]) => void
  enoughFor?: EnoughFor
  /** given where it can be said for how many each kind is enough */
  onEnough?: (enoughFor: EnoughFor) => void
}

/** What a room holds beside chairs, to tick; and for how many at a time, where that is not for everybody. */
export function KitTicks({ kit, onChange, enoughFor, onEnough }: Props) {
  return ROOM_KIT.map((one) => {
    const isThere = kit.includes(one)
    return (
      <div key={one} className="flex items-center justify-between gap-2">
        <Check checked={isThere} onChange={(ticked) => onChange(ticked ? [...kit, one] : kit.filter((other) => other !== one))}>
          {KIT_WORDS[one]}
        </Check>
        {isThere && onEnough && (
          <NumberField
            label={`${KIT_WORDS[one]}: for how many at a time`}
            inline
            min={1}
            max={99}
            value={enoughFor?.[one]}
            otherwise="for all"
            onChange={(people) => onEnough({ ...enoughFor, [one]: people })}
            onClear={() => {
              const { [one]: _said, ...others } = enoughFor ?? {}
              onEnough(others)
            }}
          />
        )}
      </div>
    )
  })
}
