import type { BandRun } from '@/core/body'
import type { CueWords } from '@/core/formats'
import type { BasePosition } from '@/core/movement'
import type { HouseRules, Kit } from '@/core/vocabulary'
import { houseWords } from './houseRules'
import { MUSCLE_WORDS } from './muscleWords'

/** How people are held, as it is said before a movement. */
const STANCE_WORDS: Record<BasePosition, string> = {
  'seated-back-supported': 'sitting back, both feet down',
  'seated-unsupported': 'sitting tall, away from the back',
  'bed-edge-sitting': 'on the edge of the bed, both feet down',
  'standing-two-hand': 'standing behind the chair',
  'standing-one-hand': 'standing beside the chair',
  'standing-free': 'standing free, the chair in reach',
  'floor-supine': 'on the back, knees bent',
  'bed-supine': 'on the back, knees bent',
  'incline-supine': 'on the back, chest on the wedge',
  'bed-incline': 'on the back, chest raised',
  'side-lying': 'on the side, head on the arm',
  'bed-side-lying': 'on the side, head on the pillow',
  'floor-prone': 'on the front, forehead on the hands',
  'bed-prone': 'on the front, forehead on the hands',
  'hands-and-knees': 'on hands and knees',
  kneeling: 'kneeling',
  'long-sitting': 'sitting on the mat, legs long',
  'bed-long-sitting': 'sitting on the bed, legs long',
}

/** Hands on something that holds: how many. */
const HOLD_WORDS = ['', 'one hand on the chair', 'both hands on the chair'] as const

/** What is in the hands, and how. */
const GRIP_WORDS: Partial<Record<Kit, string>> = {
  dumbbell: 'weights held lightly, wrists straight',
  ball: 'the ball between both palms',
  cuff: 'the cuff snug, two fingers fit under it',
  towel: 'the towel in both hands, thumbs round it',
}
const BAND_GRIP_WORDS: Record<BandRun, string> = {
  feet: 'band under both feet, an end in each hand',
  hands: 'band round both palms, a little tension from the start',
  thighs: 'loop round both thighs, above the knees',
  back: 'band round the back, an end in each hand',
  side: 'band tied at the side, the end in the hand',
  ankle: 'band tied low, round the ankle',
}

/** The words of a cue sheet in a house with these rules. */
export const cueWordsFor = (rules: HouseRules): CueWords => ({
  muscles: MUSCLE_WORDS,
  stances: STANCE_WORDS,
  holds: HOLD_WORDS,
  grips: GRIP_WORDS,
  bands: BAND_GRIP_WORDS,
  house: (rule) => houseWords(rule, rules).say ?? '',
})
