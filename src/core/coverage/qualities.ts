import type { Purpose } from '../movement'

/** What an hour of movement should have something of, in the words of the screen. */
export const QUALITIES = ['strength', 'balance', 'power', 'heart', 'mobility', 'stretch', 'skill', 'calm'] as const
export type Quality = (typeof QUALITIES)[number]
export const qualityOf = (purpose: Purpose): Quality => {
  switch (purpose) {
    case 'strength-arms':
    case 'strength-legs':
    case 'strength-trunk':
    case 'pelvic-floor':
      return 'strength'
    case 'aerobic':
      return 'heart'
    case 'flexibility':
      return 'stretch'
    case 'coordination':
      return 'skill'
    case 'relaxation':
      return 'calm'
    default:
      return purpose
  }
}
