import { BANDS } from '@/content/kit/bands'
import { type Cut, type LedItem, plannedIn, type Take } from '@/core/lead'
import { clock, type Segment } from '@/core/timing'
import { type MassUnit, sayMass } from '@/core/vocabulary'
import { grouped, list, lower } from '../shell/list'
import { asListed, type LeadPack, nameIn } from './pack'

export const KIND_WORDS: Record<Segment['kind'], string> = {
  link: 'Next',
  'count-in': 'Get ready',
  change: 'Change place',
  kit: 'Kit',
  showing: 'Show it',
  talk: 'A word',
  pause: 'Stand a moment',
  work: 'Go',
  'side-change': 'Change sides',
  rest: 'Rest',
  water: 'Water',
}

/** What a stretch looks like from across the room: four grounds, told apart without reading. */
export const groundOf = ({ kind, moving }: Segment): 'work' | 'rest' | 'change' | 'talk' => {
  if (kind === 'work') return moving ? 'rest' : 'work'
  if (kind === 'rest' || kind === 'pause' || kind === 'water') return 'rest'
  return kind === 'talk' || kind === 'link' || kind === 'showing' ? 'talk' : 'change'
}

/** The count that is said aloud: the repetition in work that is counted, else the seconds that are left. */
export function countOf(segment: Segment, into: number, counting: 'up' | 'down'): { big: string; small: string } {
  const left = Math.max(0, Math.ceil(segment.seconds - into))
  if (segment.kind === 'work' && segment.reps && segment.reps > 2 && segment.repSeconds) {
    const rep = Math.min(segment.reps, Math.floor(into / segment.repSeconds) + 1)
    return counting === 'up' ? { big: String(rep), small: `of ${segment.reps}` } : { big: String(segment.reps - rep + 1), small: 'to go' }
  }
  return { big: left >= 60 ? clock(left) : String(left), small: left >= 60 ? 'left' : 's left' }
}

/** Nearer to the promise than this is on time, s. */
const ON_TIME_SECONDS = 20

/** How the class stands against its promise. @param overSeconds over it; less than 0 = to spare */
export function paceWords(overSeconds: number): string {
  if (Math.abs(overSeconds) < ON_TIME_SECONDS) return 'on time'
  return overSeconds > 0 ? `${clock(overSeconds)} over` : `${clock(-overSeconds)} to spare`
}

const movementIn = (items: readonly LedItem[], id: string): string => items.find((item) => item.id === id)?.movement.toLowerCase() ?? id

/** So many things are named on one button, which is read at a glance. */
const MOST_NAMED = 3
/** A cut in words that say what goes. */
export function cutWords({ kind, drops }: Cut, items: readonly LedItem[]): string {
  const named = (id: string) => movementIn(items, id)
  const [first] = drops
  if (!first) return ''
  if (new Set(drops.map(({ item }) => item)).size > 1 && kind !== 'round') {
    const parts = [...new Set(drops.map(({ item, set }) => (set === undefined ? named(item) : `a set of ${named(item)}`)))]
    return `leave out ${list(parts.length > MOST_NAMED ? [...parts.slice(0, MOST_NAMED - 1), `${parts.length - MOST_NAMED + 1} more`] : parts)}`
  }
  switch (kind) {
    case 'optional':
      return `leave out ${named(first.item)}`
    case 'set':
      return `one set less of ${named(first.item)}`
    case 'holds':
      return `hold ${named(first.item)} once only`
    case 'round':
      return `one round less: ${list([...new Set(drops.map(({ item }) => named(item)))])}`
    case 'movement':
      return `leave out ${named(first.item)}: its muscles are worked elsewhere`
  }
}

/**
 * What is said aloud where an item begins: its name, and with it the gentlest version that is shown beside the planned one. One
 * from another movement is said as another, for nobody has ranked the two; a harder one is not said at all.
 */
export function itemSaid(item: Pick<LedItem, 'movement' | 'shown' | 'planned'>, variants: LeadPack['variants'], short: boolean): string {
  const { movement, shown } = item
  if (short) return `Again: ${movement}`
  const own = plannedIn(item)
  const planned = own === undefined ? undefined : variants[own]
  const beside = shown.flatMap((id) => (id === own ? [] : (variants[id] ?? [])))
  if (!planned) return movement
  const gentler = beside.filter((one) => one.movement === planned.movement && one.step < planned.step).toSorted((a, b) => a.step - b.step)[0]
  if (gentler) return `${movement}. Gentler: ${gentler.name}`
  const other = beside.find((one) => one.movement !== planned.movement)
  return other ? `${movement}. Or: ${other.movement}` : movement
}

/** What somebody has in hand, in words: a band by its name, else how heavy it is; nothing where it is neither. */
export const loadWords = ({ kg, band }: Pick<Take, 'kg' | 'band'>, unit: MassUnit): string[] =>
  band !== undefined ? [BANDS.find(({ id }) => id === band)?.name ?? band] : kg !== undefined ? [sayMass(kg, unit)] : []

/** People by what they do, those shown first at the front. */
export interface Track {
  variant: string
  people: { id: string; name: string; words: string }[]
}

/** What is told of people from afar: what most of them do once, and of the others each thing with whom it is for. */
export interface FarWords {
  most?: string
  others: { names: string[]; words: string }[]
}

/** The same tracks in as few words as say all of it: whoever does what most do has no name. */
export function farWords(tracks: readonly Track[], nameOf: (variant: string) => string): FarWords {
  const groups = tracks
    .flatMap(({ variant, people }) => grouped(people).map((group) => ({ ...group, variant })))
    .toSorted((a, b) => b.names.length - a.names.length)
  const [most, ...rest] = groups
  // nobody on the roster: what is planned is shown all the same
  if (!most) return { ...(tracks[0] && { most: nameOf(tracks[0].variant) }), others: [] }
  const others = rest.map(({ variant, names, words }) => {
    const own = [...(variant === most.variant ? [] : [lower(nameOf(variant))]), ...(words === '' ? [] : [words])]
    return { names, words: own.join(', ') || 'as it is' }
  })
  return { most: [nameOf(most.variant), ...(most.words === '' ? [] : [most.words])].join(', '), others }
}

/** Who takes which version, with what it changes for them in words. */
export function tracksOf(item: LedItem, takes: readonly Take[], pack: LeadPack, swapped: string | undefined): { tracks: Track[]; resting: string[] } {
  const order = [...new Set([...(swapped ? [swapped] : []), ...item.shown, ...takes.flatMap(({ variant }) => variant ?? [])])]
  const listed = asListed(pack, takes)
  const tracks = order.map((variant) => ({
    variant,
    people: listed
      .filter((take) => take.variant === variant)
      .map(({ person, changes, ...held }) => ({
        id: person,
        name: nameIn(pack, person),
        words: [...changes, ...loadWords(held, pack.house.masses)].join(', '),
      })),
  }))
  // nobody on the roster: what is planned is shown all the same
  const used = tracks.filter(({ people: own }) => own.length > 0)
  const resting = listed.filter(({ variant }) => variant === undefined).map(({ person }) => nameIn(pack, person))
  return { tracks: used.length > 0 ? used : tracks.filter(({ variant }) => (swapped ? variant === swapped : item.shown.includes(variant))), resting }
}
