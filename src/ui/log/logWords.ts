import type { ClassNotes, LogMark, LogSide } from '@/core/lead'

export const MARK_WORDS: Record<LogMark, string> = { 'form-lost': 'lost form', 'two-more': 'could have done two more', 'needed-help': 'needed help' }
export const CHIP_WORDS: Record<ClassNotes['chips'][number], string> = {
  'too-long': 'too long',
  'too-short': 'too short',
  'too-loud': 'too loud',
  'too-warm': 'too warm',
  'kit-short': 'kit was short',
  'liked-it': 'they liked it',
  'music-fast': 'music too fast',
  'music-slow': 'music too slow',
  'music-right': 'music right',
}
export const PACE_WORDS: Record<NonNullable<ClassNotes['pace']>, string> = {
  quicker: 'quicker than usual',
  usual: 'as usual',
  slower: 'slower than usual',
}
export const SIDE_WORDS: Record<LogSide, string> = { left: 'left weaker', right: 'right weaker' }

/** A field of the log in words, for what was corrected. @param movementOf name of an item's movement */
export function fieldWords(field: string, movementOf: (item: string) => string): string {
  const known: Record<string, string> = {
    presence: 'was there',
    exertion: 'exertion',
    painDuring: 'pain in class',
    painNextDay: 'pain the day after',
    note: 'note',
    marks: 'marks',
  }
  if (known[field]) return known[field]
  const [item = '', what = ''] = field.split(' ')
  return `${movementOf(item)}: ${what === 'kg' ? 'weight' : what === 'side' ? 'weaker side' : 'version'}`
}
