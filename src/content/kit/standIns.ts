import { type Kit, type MassUnit, sayMass } from '@/core/vocabulary'

/** Household stand-ins by mass: what it weighs is known, not guessed. Water weighs 1 kg a litre. */
const MASSES: readonly { upToKg: number; name: string }[] = [
  { upToKg: 0.5, name: 'a full half-litre bottle or a tin of soup' },
  { upToKg: 1, name: 'a full one-litre bottle or a bag of sugar' },
  { upToKg: 1.5, name: 'a full one-and-a-half-litre bottle' },
  { upToKg: 2, name: 'a full two-litre bottle' },
  { upToKg: 3, name: 'a bag with three full one-litre bottles' },
  { upToKg: 5, name: 'a full five-litre canister' },
]

/** What a household has of this mass; nothing of what is heavier than all of them. @param kg in each hand */
export const standInFor = (kg: number): string | undefined => MASSES.find(({ upToKg }) => kg <= upToKg)?.name

const NAMES: Record<Kit, { name: string; standIn: string }> = {
  chair: { name: 'sturdy chair', standIn: 'another heavy chair with a back and four legs' },
  armchair: { name: 'chair with arms', standIn: 'a heavy kitchen chair with arms' },
  support: { name: 'something to hold', standIn: 'a kitchen counter, a rail or a heavy chair against the wall' },
  wall: { name: 'free wall', standIn: 'a locked door that opens towards you' },
  table: { name: 'table', standIn: 'a kitchen counter, sitting on a high stool with a back' },
  mat: { name: 'mat', standIn: 'a folded blanket on a carpet' },
  bed: { name: 'bed', standIn: 'a firm couch' },
  wedge: { name: 'wedge', standIn: 'two firm pillows' },
  dumbbell: { name: 'weights', standIn: '' },
  band: { name: 'band', standIn: 'none: a towel does not stretch; do it empty-handed with a hard squeeze' },
  anchor: { name: 'something fixed to tie a band to', standIn: 'the leg of a heavy table that cannot slide' },
  ball: { name: 'light ball', standIn: 'a rolled jumper or a cushion' },
  cuff: { name: 'ankle weight', standIn: 'none: leave the weight out' },
  towel: { name: 'towel or strap', standIn: 'a dressing-gown belt' },
  stick: { name: 'light stick', standIn: 'a broom handle, a foam noodle or a rolled newspaper' },
  pedals: { name: 'pedals to stand before a chair', standIn: 'none: draw the circles with the feet' },
  'big-ball': { name: 'large ball, blown up so that the knees are a little lower than the hips', standIn: 'none: stay on the chair' },
  trampoline: { name: 'mini-trampoline with a frame to hold', standIn: 'none: keep to the step on the floor' },
  step: { name: 'low step', standIn: 'the bottom stair with its rail' },
}

/** Kit of a variant in words, each with what a household has instead. @param loadKg per hand or limb */
export const kitWords = (kit: readonly Kit[], loadKg: number, unit: MassUnit): string =>
  kit.length === 0
    ? 'nothing'
    : kit
        .map((one) => {
          const { name, standIn } = NAMES[one]
          const mass = one === 'dumbbell' ? standInFor(loadKg) : undefined
          const instead = mass ? `or ${mass}` : standIn && (standIn.startsWith('none') ? standIn : `or ${standIn}`)
          return `${name}${one === 'dumbbell' && loadKg > 0 ? `, ${sayMass(loadKg, unit)} in each hand` : ''}${instead ? ` (${instead})` : ''}`
        })
        .join('; ')
