/** What somebody who moves alone stops for, in plain words: from list A of rule base 4.5. */
export const HOME_STOP = [
  'pain or pressure in the chest, or pain in the arm or jaw',
  'breathlessness that does not go, or so much that you cannot speak',
  'dizziness, faintness, or a heart that races and does not settle',
  'a face that droops, an arm that is weak, words that come out wrong, sight that goes',
  'a sudden, very bad headache',
  'a fall, or a joint that gives way',
  'pain that is sharp or new',
] as const

/** The same list, for who is pregnant or has given birth. */
export const HOME_STOP_PERINATAL = [
  'bleeding, fluid, or tightenings that come again and again',
  'a baby that moves less than usual',
  'a bad headache, changed sight, or pain high in the belly',
] as const
