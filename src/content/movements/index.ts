import { buildCatalogue } from '@/core/movement'
import { SUCCESSORS } from './aliases'
import { ARMS_WITH_LEGS } from './armsWithLegs'
import { BOUNCE } from './bounce'
import { CARDIO } from './cardio'
import { CHAINED } from './chained'
import { CORE_TWELVE } from './core12'
import { DAILY_CARE } from './dailyCare'
import { EASE } from './ease'
import { FROM_THE_FLOOR } from './fromTheFloor'
import { HANDS_DOWN } from './handsDown'
import { HINGED } from './hinged'
import { LARGE_BALL } from './largeBall'
import { LIFTS_TURNS_JUMPS } from './liftsTurnsJumps'
import { LOOP_AND_BAND } from './loopAndBand'
import { LOWER } from './lower'
import { LYING_AND_RISING } from './lyingAndRising'
import { LYING_MIX } from './lyingMix'
import { LYING_TRUNK } from './lyingTrunk'
import { ONE_SIDED } from './oneSided'
import { OPENINGS } from './openings'
import { PHRASES } from './phrases'
import { QUICK_AND_STEADY } from './quickAndSteady'
import { SEATED_MIX } from './seatedMix'
import { SPLIT_STANCE } from './splitStance'
import { STEADY_MOVEMENTS } from './steady'
import { STEPPING } from './stepping'
import { SWING_AND_REACH } from './swingAndReach'
import { TRUNK_MOVEMENTS } from './trunk'
import { TWO_AT_ONCE } from './twoAtOnce'
import { UP_AND_ABOUT } from './upAndAbout'
import { UPPER } from './upper'
import { VARIATIONS } from './variations'
import { WARM_UP } from './warmUp'
import { WITH_KIT } from './withKit'

/** Every movement of the library. */
export const MOVEMENTS = [
  ...WARM_UP,
  ...CORE_TWELVE,
  ...CARDIO,
  ...LOWER,
  ...UPPER,
  ...TRUNK_MOVEMENTS,
  ...STEADY_MOVEMENTS,
  ...EASE,
  ...TWO_AT_ONCE,
  ...HINGED,
  ...PHRASES,
  ...ONE_SIDED,
  ...SEATED_MIX,
  ...QUICK_AND_STEADY,
  ...LYING_MIX,
  ...LYING_TRUNK,
  ...SWING_AND_REACH,
  ...DAILY_CARE,
  ...UP_AND_ABOUT,
  ...STEPPING,
  ...LARGE_BALL,
  ...BOUNCE,
  ...FROM_THE_FLOOR,
  ...LOOP_AND_BAND,
  ...OPENINGS,
  ...HANDS_DOWN,
  ...LIFTS_TURNS_JUMPS,
  ...LYING_AND_RISING,
  ...ARMS_WITH_LEGS,
  ...VARIATIONS,
  ...SPLIT_STANCE,
  ...WITH_KIT,
  ...CHAINED,
]
export const LIBRARY = buildCatalogue(MOVEMENTS, SUCCESSORS)
