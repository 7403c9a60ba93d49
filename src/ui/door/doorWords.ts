import { type BodyRegion, type CheckIn, partOf } from '@/core/client/record'
import type { Presence } from '@/core/lead'
import { list } from '../shell/list'

/** A place of the body as one says it: "the left knee", "the neck". */
export function placeWords(region: BodyRegion): string {
  const { part, side } = partOf(region)
  const said = part.replace('-', ' ')
  return side ? `${side} ${said}` : said
}

/** What somebody said of today, in a few words; nothing where it is a day like any. */
export function todayWords(checkIn: CheckIn | null): string[] {
  if (!checkIn) return []
  const { dayFeel, sore = [], sleptBadly, dizzyNow, feverNow, chestPainNow, newBreathless, painNow, conditions = {} } = checkIn
  return [
    ...(dayFeel === 'unwell' ? ['unwell'] : dayFeel === 'a-bit-off' ? ['a bit off'] : []),
    ...(sore.length > 0 ? [`sore: ${list(sore.map(placeWords))}`] : []),
    ...(sleptBadly ? ['slept badly'] : []),
    ...(dizzyNow ? ['dizzy'] : []),
    ...(feverNow ? ['fever or stomach'] : []),
    ...(chestPainNow ? ['chest pain'] : []),
    ...(newBreathless ? ['newly breathless'] : []),
    ...(painNow !== undefined && painNow > 0 ? [`pain ${painNow} of 10`] : []),
    ...(Object.values(conditions).some(({ variant }) => variant !== undefined) ? ['a flare'] : []),
  ]
}

export const GUEST_WORDS = 'A guest: nothing is known but the age, so everything is taken on the cautious side.'

const PRESENCE_WORDS: Record<Presence, string> = { present: 'here', late: 'here, came late', absent: 'not here today' }

/** How somebody stands at the door, in one line. */
export function standWords(presence: Presence | null, checkIn: CheckIn | null): string {
  if (presence === null) return ''
  if (presence === 'absent') return PRESENCE_WORDS.absent
  const today = todayWords(checkIn)
  return `${PRESENCE_WORDS[presence]}${today.length > 0 ? `, ${today.join(', ')}` : checkIn?.asUsual ? ', as usual' : ''}`
}
