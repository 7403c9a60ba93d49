import { ROOM_KIT, type RoomKit } from '@/core/vocabulary'
import { Check } from '../shell/Check'

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

/** What a room holds beside chairs, to tick. */
export function KitTicks({ kit, onChange }: { kit: readonly RoomKit[]; onChange: (kit: RoomKit[]) => void }) {
  return ROOM_KIT.map((one) => (
    <Check key={one} checked={kit.includes(one)} onChange={(ticked) => onChange(ticked ? [...kit, one] : kit.filter((other) => other !== one))}>
      {KIT_WORDS[one]}
    </Check>
  ))
}
