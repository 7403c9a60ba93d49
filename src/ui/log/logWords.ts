import { BANDS } from '@/content/kit/bands'
import type { ClassNotes, LogMark, LogSide, LogValue, Presence } from '@/core/lead'
import { type MassUnit, sayMass } from '@/core/vocabulary'
import { list } from '../shell/list'

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
  return `${movementOf(item)}: ${what === 'kg' ? 'weight' : what === 'band' ? 'band' : what === 'side' ? 'weaker side' : 'version'}`
}

const PRESENCE_SAID: Record<Presence, string> = { present: 'there', late: 'came late', absent: 'not there' }
const isKey = <K extends string>(words: Readonly<Record<K, string>>, value: LogValue): value is K => typeof value === 'string' && value in words

/** A value of the log in words, for what was corrected. @param versionOf name of a version of the library */
export function valueWords(field: string, value: LogValue, unit: MassUnit, versionOf: (variant: string) => string): string {
  if (value === null || (Array.isArray(value) && value.length === 0)) return 'nothing'
  if (Array.isArray(value)) return list(value.map((mark) => (isKey(MARK_WORDS, mark) ? MARK_WORDS[mark] : mark)))
  switch (field.split(' ').at(-1)) {
    case 'presence':
      return isKey(PRESENCE_SAID, value) ? PRESENCE_SAID[value] : String(value)
    case 'kg':
      return typeof value === 'number' ? sayMass(value, unit) : String(value)
    case 'side':
      return isKey(SIDE_WORDS, value) ? SIDE_WORDS[value] : String(value)
    case 'band':
      return BANDS.find(({ id }) => id === value)?.name ?? String(value)
    case 'variant':
      return value === 'rest' ? 'sat it out' : versionOf(String(value))
    default:
      return String(value)
  }
}
