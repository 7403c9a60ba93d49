import type { RoomKit } from '@/core/vocabulary'

/** Words in which people say what they have at home, and the kit that it is; the more particular stands first. */
const WORDS: [RegExp, RoomKit][] = [
  [/ankle weight|wrist weight|cuff/i, 'cuff'],
  [/arm ?chair|chair with arms|wing chair/i, 'armchair'],
  [/door anchor|anchor/i, 'anchor'],
  [/band|tube/i, 'band'],
  [/dumb-?bell|hand weight|weights?\b|bottles?|tins?\b|cans?\b/i, 'dumbbell'],
  [/(large|big|gym|exercise|sitting) ball/i, 'big-ball'],
  [/ball/i, 'ball'],
  [/trampoline|rebounder/i, 'trampoline'],
  [/towel/i, 'towel'],
  [/mat\b|rug/i, 'mat'],
  [/\bbed\b|couch|sofa/i, 'bed'],
  [/wedge|pillow|cushion/i, 'wedge'],
  [/table|worktop|counter|desk/i, 'table'],
  [/rail|frame|walker|sink|heavy chair/i, 'support'],
  [/\bwall\b/i, 'wall'],
  [/\bstick\b|broom|wand|pole|noodle/i, 'stick'],
  [/pedals?\b/i, 'pedals'],
  [/\bstep\b|stool|stairs?/i, 'step'],
]

/** What of somebody's kit at home the movements know, and the words that they do not. */
export function kitOfWords(words: readonly string[]): { kit: RoomKit[]; unknown: string[] } {
  const found = words.map((one) => ({ one, kit: WORDS.find(([said]) => said.test(one))?.[1] }))
  return {
    kit: [...new Set(found.flatMap(({ kit }) => kit ?? []))],
    unknown: found.flatMap(({ one, kit }) => (kit === undefined ? [one] : [])),
  }
}
