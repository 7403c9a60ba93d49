/** Kinds of kit a studio can own; loads and bands are chosen from what is there. Chairs are taken for granted. */
export const KIT = [
  'chair',
  'armchair',
  'support',
  'wall',
  'table',
  'mat',
  'bed',
  'wedge',
  'dumbbell',
  'band',
  'anchor',
  'ball',
  'cuff',
  'towel',
  'step',
  'stick',
  'pedals',
  'big-ball',
  'trampoline',
] as const
export type Kit = (typeof KIT)[number]
/** What a room may hold beside chairs. */
export type RoomKit = Exclude<Kit, 'chair'>
export const ROOM_KIT = KIT.filter((kit): kit is RoomKit => kit !== 'chair')
