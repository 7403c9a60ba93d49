import type { Successor } from '@/core/movement'

const LOADED_BEND = 'a weight with the back bent or turned far is too much strain for the spines in these classes'
const ITS_OWN = 'it is a movement of its own, with gentler steps'
const HALF_WAY = 'half way down is a split squat, and stands there with its own steps'
const SAME_BREATH = 'it was the same as Breath with a reach'
const HAND_WEIGHTS = 'hand weights in fast punches pull at elbows and shoulders'

/** Variants that are gone, with what stands in their place, so that stored plans, logs and files still read. Overrules do not carry over. */
export const SUCCESSORS: Readonly<Record<string, Successor>> = {
  'roll-down/weight': { to: 'roll-down/free', because: LOADED_BEND },
  'weight-turn/wide': { to: 'weight-turn/free', because: LOADED_BEND },
  'weight-turn/end': { to: 'weight-turn/free', because: LOADED_BEND },
  'side-bend/deep': { to: 'side-bend/free', because: LOADED_BEND },
  'toe-reach/free': { to: 'toe-reach/hold1', because: 'a quick bend and turn to the opposite toe without a hand upsets balance and drops the head' },
  'head-turn/circle': { to: 'head-turn/standing', because: 'a full head circle bends the neck back under load' },
  'wide-squat/deep': { to: 'wide-squat/weight', because: 'a deep loaded bend strains knees and hips for little gain' },
  'back-leg-lift/turned': { to: 'back-leg-lift/hold1', because: 'a high lift with the leg turned out is made by the low back' },
  'high-low-punch/weights': { to: 'high-low-punch/free', because: HAND_WEIGHTS },
  'punch/weights': { to: 'punch/free', because: HAND_WEIGHTS },
  'side-stretch/pulse': { to: 'side-stretch/hold1', because: 'bouncing in a stretch strains what it should ease' },
  'shoulder-roll/standing': { to: 'arm-circles/free', because: ITS_OWN },
  'back-lift/press-up': { to: 'lying-press-up/prone', because: ITS_OWN },
  'wave-breath/seatBack': { to: 'breath-reach/half', because: SAME_BREATH },
  'wave-breath/seat': { to: 'breath-reach/half', because: SAME_BREATH },
  'wave-breath/free': { to: 'breath-reach/standing', because: SAME_BREATH },
  'down-and-up/hold2': { to: 'split-squat/hold2', because: HALF_WAY },
  'down-and-up/low': { to: 'split-squat/deeper', because: HALF_WAY },
  'chair-push/dip': { to: 'chair-push/seat', because: 'the back of a chair carries nobody’s weight' },
}
