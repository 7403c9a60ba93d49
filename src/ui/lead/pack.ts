import type { LedView } from '@/core/lead'
import type { TreadLine } from '@/core/timing'
import type { HouseRules, Sounds, Venue } from '@/core/vocabulary'
import type { FigureVariant } from '../figure/MovingFigure'
import type { LeadMusicPlan } from './LeadMusic'

/** A version as it is said and shown while leading. */
export interface LeadVariant {
  movement: string
  name: string
  /** its place on the ladder of its movement, 0 = gentlest */
  step: number
  /** what to do, and what to watch */
  cues: string[]
  breath: string
  /** the picture in words */
  picture: string
  /** nothing = drawn when it is needed, from the library */
  figure?: FigureVariant
}

export interface LeadPerson {
  id: string
  name: string
  /** whom to ring for them; never shown until it is asked for */
  contact?: string
}

/** All that a class is led by: what the page brings, and what the browser keeps so that it can be led without a network. */
export interface LeadPack {
  session: string
  title: string
  day: string
  promisedSeconds: number
  /** judgements by name: the one that holds, and those that taps speak of */
  views: Record<string, LedView>
  viewId: string
  line: TreadLine
  variants: Record<string, LeadVariant>
  people: LeadPerson[]
  /** people who look after the group */
  leaders: number
  /** who leads, by the house's settings */
  instructor: string
  music: LeadMusicPlan
  house: {
    name: string
    masses: HouseRules['masses']
    counting: HouseRules['counting']
    inRest: string
    onSides: string
    venue: Venue
    numbers: { emergency: string; maternity: string; crisis: string }
    sounds: Sounds
  }
}

/** What somebody is called in the class; nothing for a person whom it does not know. */
export const nameIn = ({ people }: Pick<LeadPack, 'people'>, person: string): string => people.find(({ id }) => id === person)?.name ?? ''

/** Those of a class in the order of its list, whatever order a device keeps them in. */
export function asListed<T extends { person: string }>({ people }: Pick<LeadPack, 'people'>, all: readonly T[]): T[] {
  const places = new Map(people.map(({ id }, place) => [id, place]))
  return all.toSorted((a, b) => (places.get(a.person) ?? places.size) - (places.get(b.person) ?? places.size))
}

/** What a projector needs: nothing about any person. */
export const packForRoom = (pack: LeadPack): LeadPack => ({
  ...pack,
  people: [],
  views: Object.fromEntries(
    Object.entries(pack.views).map(([id, view]) => [
      id,
      { ...view, closed: {}, ceilings: {}, ownRests: {}, items: view.items.map((item) => ({ ...item, uses: {}, notFor: {} })) },
    ]),
  ),
})
